/** Reads a number as a person wrote it: signs, brackets, grouping, currency, percent, thousands, words. */

import { nth } from '../nth.ts';
import { fail, ok, type Result } from '../result.ts';
import { defaultNumberStyle, type NumberStyle } from './numberStyle.ts';

export interface Entry {
  /** The number as written; `6.6 %` is 6.6 with `percent` true. */
  readonly value: number;
  readonly percent: boolean;
  /** Places written after the decimal mark; negative when the entry is a round number of thousands written with `k`. */
  readonly decimals: number;
  /** A unit in words, where one was written. */
  readonly unit?: 'years' | 'quarters' | 'months' | 'weeks' | 'payments';
}

/** Nothing sensible is longer; what is longer is kept by the caller and called unreadable. */
const LONGEST = 200;

const UNITS: Readonly<Record<string, Entry['unit']>> = {
  y: 'years',
  yr: 'years',
  yrs: 'years',
  year: 'years',
  years: 'years',
  'a year': undefined,
  pa: undefined,
  quarter: 'quarters',
  quarters: 'quarters',
  m: 'months',
  mo: 'months',
  month: 'months',
  months: 'months',
  w: 'weeks',
  wk: 'weeks',
  week: 'weeks',
  weeks: 'weeks',
  payment: 'payments',
  payments: 'payments',
  pmt: 'payments',
  pmts: 'payments',
  times: 'payments',
  periods: 'payments',
};

const CURRENCY =
  /\b(?:US|CA|A|AU|NZ|HK|S)\$|[$€£¥₹₩₽₺₦₫₱฿]|\b(?:USD|EUR|GBP|CAD|AUD|NZD|CHF|SEK|NOK|DKK|JPY|INR|ZAR|CNY|PLN|CZK|HUF|RON|TRY|BRL|MXN|ARS|CLP|COP|SGD|HKD|KRW|TWD|THB|IDR|MYR|PHP|VND|ILS|AED|SAR|EGP|NGN|KES|GHS|UAH|ISK|dollars?|euros?|pounds?|francs?)\b/gi;

/**
 * Reads one entry.
 *
 * @param text as typed; white space at the ends does not count
 * @param style the class's own grouping and decimal mark; a plain number with the other mark is understood where it can mean only one thing
 * @returns the number, or `blank`, or `unreadable` with a sentence
 */
export function readEntry(text: string, style: NumberStyle = defaultNumberStyle): Result<Entry> {
  const typed = text.trim();
  if (typed === '') return fail('blank', 'Nothing was written.');
  if (typed.length > LONGEST)
    return fail('unreadable', `This is ${typed.length} characters long; a number is expected.`);

  let rest = typed.replace(CURRENCY, '').replace(/[−–—]/g, '-').trim();
  let negative = false;
  const bracketed = /^\((.*)\)$/.exec(rest);
  if (bracketed) {
    negative = true;
    rest = nth(bracketed, 1).trim();
  }
  const signed = /^([+-])\s*(.*)$/.exec(rest) ?? /^()(.*)$/.exec(rest)!;
  if (signed[1] === '-') negative = !negative;
  rest = nth(signed, 2).trim();
  if (/^\d.*-$/.test(rest) && !negative) {
    negative = true;
    rest = rest.slice(0, -1).trim();
  }

  const shape =
    /^([\d.,'’\s\u00a0\u202f]*\d[.,]?)\s*(%|percent|per cent|pct)?\s*(k|thousand|m(?=illion|n)illion|mn)?\s*([a-z ]+)?\.?$/i.exec(
      rest,
    );
  if (!shape && !/^[.,]\d/.test(rest)) return unreadable(typed);
  const match = shape ?? /^([.,]\d+)\s*(%)?()()$/.exec(rest);
  if (!match) return unreadable(typed);

  const word = (match[4] ?? '').trim().toLowerCase();
  if (word !== '' && !Object.hasOwn(UNITS, word)) return unreadable(typed);
  const digits = readDigits(nth(match, 1).trim(), style);
  if (!digits) return unreadable(typed);

  const scale = match[3] ? (/^k|^t/i.test(match[3]) ? 3 : 6) : 0;
  const value = digits.value * 10 ** scale * (negative ? -1 : 1);
  if (!Number.isFinite(value) || Math.abs(value) > 1e15)
    return fail('out-of-range', 'This number is too large to be an amount.');
  const unit = word === '' ? undefined : UNITS[word];
  return ok({
    value: value === 0 ? 0 : value,
    percent: match[2] !== undefined && match[2] !== '',
    decimals: digits.decimals - scale,
    ...(unit ? { unit } : {}),
  });
}

function unreadable(typed: string): Result<Entry> {
  const shown = typed.length > 40 ? `${typed.slice(0, 40)}…` : typed;
  return fail('unreadable', `“${shown}” cannot be read as a number.`);
}

/** Takes grouping away and finds the decimal mark; undefined when the digits can't be one number. */
function readDigits(text: string, style: NumberStyle): { value: number; decimals: number } | undefined {
  const compact = text.replace(/[\s\u00a0\u202f'’]/g, ' ').replace(/ +/g, ' ');
  if (/ /.test(compact) && !/^\d{1,3}( \d{3})+([.,]\d*)?$/.test(compact)) return undefined;
  const body = compact.replace(/ /g, '');
  const marks = body.replace(/\d/g, '');
  let decimalMark: string | undefined;
  if (marks !== '') {
    const last = nth(marks, marks.length - 1);
    const several = [...marks].filter((mark) => mark === last).length > 1;
    if (new Set(marks).size > 2) return undefined;
    if (new Set(marks).size === 2) decimalMark = several ? undefined : last;
    else if (several) decimalMark = undefined;
    else decimalMark = last === style.decimal || !looksGrouped(body, last) ? last : undefined;
    if (new Set(marks).size === 2 && several) return undefined;
  }
  const [whole = '', fraction = '', ...more] = decimalMark ? body.split(decimalMark) : [body];
  if (more.length > 0) return undefined;
  const group = /[.,]/.exec(whole)?.[0];
  if (group && !looksGrouped(whole, group)) return undefined;
  if (/[.,]/.test(fraction)) return undefined;
  const clean = `${whole.replace(/[.,]/g, '')}.${fraction}`;
  const value = Number(clean);
  return Number.isFinite(value) ? { value, decimals: fraction.length } : undefined;
}

function looksGrouped(text: string, mark: string): boolean {
  const groups = text.split(mark);
  return (
    groups.length > 1 && /^\d{1,3}$/.test(nth(groups, 0)) && groups.slice(1).every((group) => /^\d{3}$/.test(group))
  );
}

/**
 * What is wrong with the grouping of a number that cannot be read, with the number as it would be grouped: a sentence for
 * who is still typing. Nothing where the digits are no trouble.
 */
export function groupingProblem(text: string, style: NumberStyle = defaultNumberStyle): string | undefined {
  const digits = /^[^\d]{0,3}(\d[\d.,]*)[^\d.,]{0,3}$/.exec(text.trim())?.[1];
  if (digits === undefined || readEntry(digits, style).ok) return undefined;
  const mark = style.decimal === ',' ? '.' : ',';
  const [whole = '', ...fractions] = digits.split(style.decimal);
  if (fractions.length > 1) return `“${style.decimal}” stands in it ${fractions.length} times.`;
  const after = whole
    .split(mark)
    .slice(1)
    .find((group) => group.length !== 3);
  if (after === undefined) return undefined;
  const plain = whole.replaceAll(mark, '').replace(/\B(?=(\d{3})+(?!\d))/g, mark);
  const guess = [plain, ...fractions].join(style.decimal);
  const count = ['no', 'one', 'two', 'three', 'four', 'five', 'six'][after.length] ?? String(after.length);
  return `${count} ${after.length === 1 ? 'digit follows' : 'digits follow'} the ${mark === ',' ? 'comma' : 'point'}. Did you mean ${guess}?`;
}
