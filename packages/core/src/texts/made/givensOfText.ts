/** The numbers of a text that became givens: the wording stays, the number gives way to its place. */

import { numberStyleById, writeBrief, type NumberStyle } from '../../money/numberStyle.ts';
import { roundTo } from '../../money/roundMoney.ts';
import type { Given, GivenKind } from '../../exercise/exercise.ts';
import { decimalMarkOf } from '../decimalMark.ts';
import { isInPoints } from '../ratesInPoints.ts';
import type { ProblemReading, ReadUse, Role } from '../reading.ts';

export interface TextGiven {
  readonly given: Given;
  readonly use: ReadUse;
  /** Where the number stands in the text, without its currency or unit. */
  readonly start: number;
  readonly end: number;
}

/** What a number is called, by its role; what is not here stays in the text as it is. */
const names: Readonly<Partial<Record<Role, readonly [GivenKind, string]>>> = {
  amount: ['money', 'amount'],
  price: ['money', 'price'],
  downPayment: ['money', 'deposit'],
  downPaymentRate: ['rate', 'deposit'],
  tradeIn: ['money', 'trade in'],
  received: ['money', 'received'],
  spent: ['money', 'spent'],
  rebate: ['money', 'rebate'],
  fee: ['money', 'fee'],
  charge: ['money', 'charge'],
  repaid: ['money', 'paid in all'],
  creditPrice: ['money', 'price on credit'],
  rate: ['rate', 'rate'],
  newRate: ['rate', 'new rate'],
  payment: ['money', 'payment'],
  paymentRise: ['money', 'rise'],
  payments: ['count', 'payments'],
  duration: ['years', 'years'],
  finalAmount: ['money', 'final amount'],
  finalAmountRate: ['rate', 'residual'],
  extra: ['money', 'extra'],
  withdrawn: ['money', 'withdrawal'],
};

const currencyBefore = /^(?:US\$|A\$|C\$|NZ\$|[$£€¥₹]|[A-Z]{3}(?=[\s\d]))\s?/;
const unitAfter =
  /[\s-]*(?:[$£€¥₹]|dollars?|pounds?(?: sterling)?|euros?|(?<![a-z])(?!thousand|m(?:n|io|illion)\b|la(?:kh|c)|crore)[a-z]{2,8}|[A-Z]{3})$/;
const timeAfter =
  /^(.*?)[\s-]*(?:(?:working|full|whole|long|more|further|calendar|following|next|subsequent|additional) )?(years?|yrs?\.?|y|months?|mths?\.?|mos?\.?|weeks?|wks?\.?)['’]?$/i;

/** How the text writes its numbers. */
export function styleOfText(text: string): NumberStyle {
  const isComma = decimalMarkOf(text) === ',';
  const bySpace = /\d[\s\u00a0\u202f]\d{3}(?!\d)/.test(text);
  return numberStyleById(isComma ? (bySpace ? 'space-comma' : 'point-comma') : 'comma-point');
}

/** A price that is lent in full. */
const alike: Readonly<Partial<Record<Role, Role>>> = { amount: 'price', price: 'amount' };

/**
 * Each used number once a place. A number that is used in two places with one value and role is one given, and where it is
 * only told again, it is the same.
 */
export function givensOfText(text: string, { uses, ignores }: Pick<ProblemReading, 'uses' | 'ignores'>): TextGiven[] {
  const style = styleOfText(text);
  const found: TextGiven[] = [];
  const taken = new Set<string>();
  for (const use of uses) {
    const named = names[use.role];
    const place = named && placeOf(use);
    if (!named || !place || use.value === 0 || isOnlyInWords(use)) continue;
    const known = found.find(
      (each) =>
        (each.use.role === use.role || each.use.role === alike[use.role]) &&
        each.use.value === use.value &&
        each.use.unit === use.unit,
    );
    if (known) {
      found.push({ ...known, use, ...place });
      continue;
    }
    const [kind, name] = kindOfUse(use, named);
    const now = kind === 'rate' || isInPoints(use.quote) ? roundTo(use.value * 100, 10) : use.value;
    const own = freeName(name, taken);
    taken.add(own);
    found.push({ given: { name: own, kind, now: writeBrief(now, 0, 8, style), vary: { by: 'fixed' } }, use, ...place });
  }
  return [...found, ...ignores.flatMap(({ quote, start }) => toldAgain(found, quote, start))];
}

/** A third has no percentage that is written out, and three of "a year" are no "3 year". */
const isOnlyInWords = (use: ReadUse): boolean =>
  /^(?:an?|one|1)[\s-](?:year|month)$/i.test(use.quote) ||
  (isShare(use) && Math.abs(use.value - roundTo(use.value, 4)) > 1e-12);

/** "… with the £415 that he pays": a number that is not used there, in the words of one that is. */
function toldAgain(found: readonly TextGiven[], quote: string, start: number): TextGiven[] {
  const first = found.find(({ use }) => use.quote === quote);
  const use = first && { ...first.use, start };
  const place = use && placeOf(use);
  return first && place ? [{ ...first, use, ...place }] : [];
}

/** A time in months or weeks is a count of them, and so are points, whose words stay; a share is a percentage. */
const kindOfUse = (use: ReadUse, named: readonly [GivenKind, string]): readonly [GivenKind, string] =>
  use.role === 'duration' && use.unit !== 'years'
    ? ['count', use.unit]
    : isInPoints(use.quote)
      ? ['count', 'points']
      : isShare(use)
        ? ['rate', named[1]]
        : named;

/** A deposit, a rebate or a fee as a percentage. */
export const isShare = ({ unit }: ReadUse): boolean => unit === 'of-price';

function freeName(wanted: string, taken: ReadonlySet<string>): string {
  let name = wanted;
  for (let k = 2; taken.has(name); k += 1) name = `${wanted} ${k}`;
  return name;
}

/** Where the number itself stands in its quote; nothing for a time of two parts. */
function placeOf(use: ReadUse): { start: number; end: number } | undefined {
  const { quote, start, role } = use;
  if (isInPoints(use.quote)) {
    const digits = /^[\d.,]*\d/.exec(quote)?.[0];
    return digits === undefined ? undefined : { start, end: start + digits.length };
  }
  if (/rate$/i.test(role) || isShare(use)) return { start, end: start + quote.length };
  if (role === 'duration') {
    const read = timeAfter.exec(quote);
    return read?.[1] && !/(?:year|month|week)/i.test(read[1]) ? { start, end: start + read[1].length } : undefined;
  }
  const before = currencyBefore.exec(quote)?.[0].length ?? 0;
  const hasDigits = /\d/.test(quote);
  const after =
    role === 'payments'
      ? ''
      : hasDigits
        ? (unitAfter.exec(quote.replace(/(\d)[km]$/i, '$1'))?.[0] ?? '')
        : wordUnit(quote);
  return { start: start + before, end: start + quote.length - after.length };
}

const wordUnit = (quote: string): string =>
  /\s(?:dollars?|pounds?(?: sterling)?|euros?|francs?|crowns?|kroner|kronor)$/i.exec(quote)?.[0] ?? '';
