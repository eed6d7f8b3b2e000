/** The terms of one plan, as a part of the text tells them: which number is what, how often, when. */

import type { Asked } from './lexicon/questions.ts';
import type { WordRole } from './lexicon/roles.ts';
import { kindOfText } from './kindOfText.ts';
import { inScope, tokenAt, type Page, type Scope } from './page.ts';
import { impliedFrequency } from './periodUses.ts';
import { readRate, type RateRead } from './rateOfText.ts';
import type { ReadKind } from './reading.ts';
import { yearsIn } from './tokens.ts';

export interface Terms {
  readonly kind: ReadKind;
  readonly otherKind?: ReadKind;
  /** By role, the tokens that are it. */
  readonly money: Readonly<Partial<Record<WordRole, readonly number[]>>>;
  readonly rate: RateRead;
  readonly shares: Readonly<Partial<Record<WordRole, number>>>;
  readonly newRates: readonly number[];
  readonly paymentsPerYear: number;
  readonly saysFrequency: boolean;
  readonly timing: 'end' | 'beginning' | undefined;
  readonly timingClash: boolean;
  /** Tokens of lengths of time that may be the term. */
  readonly times: readonly number[];
  readonly counts: readonly number[];
  readonly skips: readonly number[];
  /** Numbers that no words explain. */
  readonly unexplained: readonly number[];
}

const moneyRoles: Readonly<Record<ReadKind, readonly WordRole[]>> = {
  borrowing: ['price', 'downPayment', 'tradeIn', 'rebate', 'fee', 'amount', 'payment', 'finalAmount', 'extra', 'paymentRise', 'newPayment'],
  flat: ['price', 'downPayment', 'tradeIn', 'rebate', 'fee', 'charge', 'amount', 'payment'],
  leasing: ['price', 'downPayment', 'tradeIn', 'rebate', 'fee', 'amount', 'payment', 'finalAmount'],
  saving: ['amount', 'payment', 'finalAmount', 'paymentRise', 'newPayment', 'extra'],
  'drawing-down': ['amount', 'payment', 'finalAmount', 'paymentRise', 'newPayment'],
  'lump-sum': ['amount', 'finalAmount'],
  convert: [],
};

/** What a role of the words is in a kind of case that does not have it. */
const meant: Readonly<Partial<Record<ReadKind, Readonly<Partial<Record<WordRole, WordRole>>>>>> = {
  saving: { price: 'finalAmount', downPayment: 'amount' },
  'lump-sum': { payment: 'amount', price: 'finalAmount', downPayment: 'amount', extra: 'amount' },
  'drawing-down': { price: 'amount', extra: 'amount', downPayment: 'amount' },
};

const mayRepeat: ReadonlySet<WordRole> = new Set<WordRole>(['fee', 'extra', 'downPayment']);

/** The role that a question leaves open. */
const openRole: Readonly<Partial<Record<Asked, WordRole>>> = {
  payment: 'payment',
  amount: 'amount',
  finalAmount: 'finalAmount',
};

export interface TermsAsked {
  readonly asked: ReadonlySet<Asked>;
  /** Tokens that belong to questions. */
  readonly taken: ReadonlySet<number>;
}

export function readTerms(page: Page, scope: Scope, { asked, taken }: TermsAsked, as?: ReadKind, kindScope = scope): Terms {
  const within = page.tokens.map((_, at) => at).filter((at) => inScope(page, scope, at) && !taken.has(at));
  const paid = hasPayments(page, scope, within, asked);
  const read = as ? { kind: as } : kindOfText(page, kindScope, paid, asked);
  const { kind } = read;
  const shares = sharesOf(page, within);
  const rates = within.filter((at) => tokenAt(page, at).form === 'percent' && !Object.values(shares).includes(at));
  const newRates = rates.filter((at) => page.signs[at]?.[0]?.role === 'newRate');
  const rate = readRate(page, scope, rates.filter((at) => !newRates.includes(at)), asked);
  const frequency = frequencyOfText(page, scope, kind, rate);
  const money = moneyOf(page, within, kind, openRoles(asked, kind));
  const timing = timingOf(page, scope);
  const times = within.filter((at) => tokenAt(page, at).form === 'time' && isTerm(page, at));
  return {
    kind,
    ...('other' in read && read.other ? { otherKind: read.other } : {}),
    ...money,
    rate,
    shares,
    newRates,
    ...frequency,
    ...timing,
    times,
    counts: within.filter((at) => isCount(page, at)),
    skips: within.filter((at) => page.signs[at]?.[0]?.role === 'skip'),
  };
}

const openRoles = (asked: ReadonlySet<Asked>, kind: ReadKind): Set<WordRole> => {
  const open = new Set<WordRole>();
  for (const each of asked) {
    const role = openRole[each];
    if (role) open.add(role);
  }
  // What is left at the end of a plan that pays may be asked beside the payment; a loan's amount beside its price.
  if (open.has('payment') && open.has('finalAmount')) open.delete(kind === 'saving' || kind === 'lump-sum' ? 'payment' : 'finalAmount');
  if (open.has('payment') && open.has('amount')) open.delete('amount');
  return open;
};

function hasPayments(page: Page, scope: Scope, within: readonly number[], asked: ReadonlySet<Asked>): boolean {
  const asks: readonly Asked[] = ['payment', 'newPayment', 'lastPayment', 'leftToPay', 'totalPaid', 'payments'];
  if (asks.some((each) => asked.has(each))) return true;
  if (/(?<!no )(?<!without )(?:payments|instal?lments|withdrawals|rentals|repayments|(?:monthly|quarterly|weekly|yearly|regular|equal|level) deposits)(?![a-z])/.test(page.flat)) return true;
  if (page.periods.some(({ use, weight, token }) => use === 'frequency' && weight >= 2 && inScope(page, scope, token))) return true;
  return within.some((at) => {
    const [sign] = page.signs[at] ?? [];
    return (sign?.role === 'payment' || sign?.role === 'payments') && sign.weight >= 9;
  });
}

function sharesOf(page: Page, within: readonly number[]): Partial<Record<WordRole, number>> {
  const shares: Partial<Record<WordRole, number>> = {};
  for (const at of within) {
    if (tokenAt(page, at).form !== 'percent') continue;
    const sign = page.signs[at]?.find(({ role }) => role === 'downPaymentRate' || role === 'finalAmountRate' || role === 'financedRate' || role === 'feeRate' || role === 'newRate');
    const isRate = page.periods.some(({ use, token }) => use !== 'frequency' && token > at && token <= at + 2 && page.places[token]!.start - page.places[at]!.end < 25);
    if (!sign || sign.role === 'newRate' || (isRate && sign.weight < 9)) continue;
    shares[sign.role] ??= at;
  }
  return shares;
}

interface MoneyRead {
  readonly money: Partial<Record<WordRole, number[]>>;
  readonly unexplained: number[];
}

/** The strongest signs first; who comes too late for a role takes its next one. */
function moneyOf(page: Page, within: readonly number[], kind: ReadKind, open: ReadonlySet<WordRole>): MoneyRead {
  const roles = moneyRoles[kind];
  // Where sums carry a sign, a number without one is none.
  const isPriced = within.some((at) => page.signs[at]?.some(({ role, weight }) => role === 'price' && weight >= 9));
  const plainSums = !page.tokens.some(({ form }) => form === 'money');
  const money: Partial<Record<WordRole, number[]>> = {};
  const placed = new Set<number>();
  const wishes = within
    .filter((at) => (tokenAt(page, at).form === 'money' || (plainSums && tokenAt(page, at).form === 'count')) && !isIgnored(page, at))
    .flatMap((at) =>
      (page.signs[at] ?? []).flatMap(({ role, weight }) => {
        if (role === 'finalAmount' && weight < 9 && (kind === 'borrowing' || kind === 'leasing')) return [];
        const as = roles.includes(role) ? role : meant[kind]?.[role];
        return as && !open.has(as) && !(tokenAt(page, at).form === 'count' && isCount(page, at)) ? [{ at, role: as, weight: (as === role ? weight : weight - 1) + (as === 'downPayment' && isPriced && weight < 9 ? 4 : 0) }] : [];
      }),
    )
    .sort((one, other) => other.weight - one.weight || one.at - other.at);
  for (const { at, role } of wishes) {
    const held = money[role];
    const same = held?.some((each) => tokenAt(page, each).value === tokenAt(page, at).value);
    if (placed.has(at) || (held && !same && !mayRepeat.has(role))) continue;
    (money[role] ??= []).push(at);
    placed.add(at);
  }
  // A weak sign of an end does not leave a loan, or a fund that pays, without its beginning.
  const [end] = money.finalAmount ?? [];
  const isWeak = end !== undefined && !page.signs[end]?.some((sign) => sign.role === 'finalAmount' && sign.weight >= 9);
  if (isWeak && !money.amount && !money.price && !open.has('amount') && kind !== 'saving' && kind !== 'lump-sum') {
    money.amount = money.finalAmount ?? [];
    delete money.finalAmount;
  }
  const unexplained = within.filter((at) => tokenAt(page, at).form === 'money' && !placed.has(at) && !isIgnored(page, at));
  return { money, unexplained: unexplained.filter((at) => !fillOpen(money, at, roles, open)) };
}

/** A number without a sign of its own is what is still missing, where only one thing is. */
function fillOpen(money: Partial<Record<WordRole, number[]>>, at: number, roles: readonly WordRole[], open: ReadonlySet<WordRole>): boolean {
  const isSet = (role: WordRole): boolean => money[role] !== undefined;
  const owes = !roles.includes('finalAmount') || roles.includes('price');
  const missing = (['amount', 'payment', 'finalAmount'] as const).filter((role) => !(role === 'finalAmount' && owes) && roles.includes(role) && !open.has(role) && !isSet(role) && !(role === 'amount' && isSet('price')));
  const [role] = missing;
  if (!role || (missing.length > 1 && role !== 'amount')) return false;
  money[role] = [at];
  return true;
}

const isIgnored = ({ signs }: Page, at: number): boolean => signs[at]?.[0]?.role === 'ignored';

function isCount(page: Page, at: number): boolean {
  const [sign] = page.signs[at] ?? [];
  // "the two payments" are those of two plans.
  const isPair = tokenAt(page, at).value <= 3 && page.questions.some(({ unit }) => page.places[at]!.start >= unit.start && page.places[at]!.start < unit.end);
  return tokenAt(page, at).form === 'count' && sign?.role === 'payments' && !isPair;
}

function isTerm(page: Page, at: number): boolean {
  const role = page.signs[at]?.[0]?.role;
  return role === undefined || role === 'duration' || role === 'payments' || (role === 'interval' && yearsOf(page, at) > 1);
}

function frequencyOfText(page: Page, scope: Scope, kind: ReadKind, rate: RateRead): Pick<Terms, 'paymentsPerYear' | 'saysFrequency'> {
  if (kind === 'lump-sum') return { paymentsPerYear: rate.quoted === 'effective' ? 1 : (rate.compounding ?? 1), saysFrequency: true };
  const votes = new Map<number, number>();
  for (const { use, perYear, weight, token } of page.periods)
    if (use === 'frequency' && inScope(page, scope, token)) votes.set(perYear, (votes.get(perYear) ?? 0) + weight);
  const [best] = [...votes].sort(([, one], [, other]) => other - one);
  if (best) return { paymentsPerYear: best[0], saysFrequency: true };
  const implied = impliedFrequency(page.flat) ?? (kind === 'convert' ? rate.wanted : undefined);
  if (implied !== undefined) return { paymentsPerYear: implied, saysFrequency: true };
  return { paymentsPerYear: rate.compounding ?? 12, saysFrequency: false };
}

function timingOf(page: Page, scope: Scope): Pick<Terms, 'timing' | 'timingClash'> {
  const signs = page.timings.filter(scope);
  const begins = signs.filter(({ says }) => says === 'beginning').length;
  const ends = signs.filter(({ says }) => says === 'end').length;
  if (begins === 0 && ends === 0) return { timing: undefined, timingClash: false };
  // "One month after the last deposit" is a beginning told from the end.
  return { timing: begins >= ends && begins > 0 ? 'beginning' : 'end', timingClash: begins > 0 && ends > 0 && Math.abs(begins - ends) < 1 };
}

/** A length of time in years. */
export function yearsOf(page: Page, at: number): number {
  const { value, unit } = tokenAt(page, at);
  return value * (yearsIn[unit] ?? NaN);
}
