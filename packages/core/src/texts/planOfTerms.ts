/** A plan put together from its terms: the amount from the price, the count from the years, and what is sought. */

import { growthIn } from './growth.ts';
import { roundTo } from '../money/roundMoney.ts';
import { amountOf, numberOf, type BuiltAmount } from './amountOfTerms.ts';
import { beyond, paidInAll, sharedOut, timesPaid } from './paidInAll.ts';
import { wholeNumber } from './paymentCounts.ts';
import { behindRates } from './periodUses.ts';
import type { Asked } from './lexicon/questions/index.ts';
import { tokenAt, type Page } from './page.ts';
import type { ReadPlan, ReadRate, Role, Unknown } from './reading.ts';
import type { Terms } from './terms.ts';
import { yearsOf } from './tokens.ts';

export interface PlanRead {
  readonly plan: ReadPlan;
  readonly wanted: number | undefined;
  readonly roles: ReadonlyMap<number, Role>;
  /** What is missing besides what is asked. */
  readonly missing: readonly Unknown[];
  /** Two numbers that cannot both be: of payments, and of years. */
  readonly clash?: { readonly payments: number; readonly term: number; readonly perYear: number };
  /** A term that is no whole number of payments. */
  readonly unfit?: number;
  readonly assumesCompounding: boolean;
}

/** So much of a price, to the cent; nothing where the price is sought. */
const shareOf = (whole: number | null | undefined, share: number): number | null =>
  typeof whole === 'number' ? roundTo(whole * share, 2) : null;

/** Only the last, smaller payment is asked for. */
const onlyLast = (asked: ReadonlySet<Asked>): boolean => asked.size === 1 && asked.has('lastPayment');

/** @param counted a number of payments that is told elsewhere, where the text has none */
export function planOfTerms(page: Page, terms: Terms, asked: ReadonlySet<Asked>, counted?: number): PlanRead {
  const roles = new Map<number, Role>();
  const { kind, paymentsPerYear: often } = terms;
  const built = amountOf(page, terms, roles, asked);
  const paid = paidInAll(page, terms, roles, built.parts.downPayment);
  const each = kind === 'lump-sum' || kind === 'convert' ? null : numberOf(page, terms, roles, 'payment');
  const told = countOf(page, terms, roles, counted ?? timesPaid(paid, each));
  // Half a day is no period: what divides the time evenly counts instead.
  const p = kind === 'lump-sum' && often === 365 && told.payments !== undefined ? evenly(told.payments, often) : often;
  const count = told.payments === undefined ? told : { ...told, payments: wholeNumber((told.payments / often) * p) };
  const rate = rateOf(page, terms, roles, p);
  const interest = kind === 'flat' ? numberOf(page, terms, roles, 'charge') : null;
  const lent = built.amount ?? beyond(paid, interest);
  const charge = kind === 'flat' ? (interest ?? beyond(paid, lent)) : null;
  // With everything else told it only says the outcome.
  const isNeeded = lent === null || rate === null;
  const payment = each ?? (isNeeded ? sharedOut(paid, count.payments) : null);
  const { grown, grows } = endOf(page, terms, roles, asked, built);
  const startsAt = grows ? 1 : kind === 'saving' && lent === null && !asked.has('amount') ? 0 : lent;
  // "47 payments of 450 and a last one. How large is that?": how many there are follows from the rest.
  const isClosed = onlyLast(asked) && payment !== null && startsAt !== null && rate !== null && kind !== 'saving';
  const values: Readonly<Record<Unknown, number | null>> = {
    amount: kind === 'convert' ? null : startsAt,
    rate: rate?.value ?? charge,
    payments: isClosed ? null : (count.payments ?? null),
    payment: kind === 'lump-sum' ? 0 : payment,
    finalAmount: grown ?? (finalIsOpen(terms, asked, count.payments ?? null, payment, rate && startsAt) ? null : 0),
  };
  const missing =
    kind === 'convert' ? (rate ? [] : (['rate'] as const)) : slots[kind].filter((slot) => values[slot] === null);
  const unknown: Unknown = kind === 'convert' ? 'rate' : soughtOf(missing, asked);
  const { wanted } = terms.rate;
  const plan: ReadPlan = {
    kind,
    ...built.parts,
    ...(charge === null ? {} : { charge }),
    ...(paid === null || !isNeeded ? {} : { paidInAll: paid }),
    amount: values.amount,
    rate,
    paymentsPerYear: kind === 'convert' ? (periodAsked(page) ?? wanted ?? rate?.compoundingsPerYear ?? p) : p,
    payments: kind === 'convert' ? null : values.payments,
    payment: kind === 'convert' ? null : values.payment,
    timing: terms.timing ?? 'end',
    finalAmount: kind === 'convert' ? null : values.finalAmount,
    changes: [],
    unknown,
  };
  return {
    plan: kind === 'lump-sum' || kind === 'convert' ? { ...plan, timing: 'end' } : plan,
    wanted: wanted ?? (rate ? undefined : terms.rate.compounding),
    roles,
    missing: missing.filter((slot) => slot !== unknown),
    ...(count.clash ? { clash: count.clash } : {}),
    ...(count.unfit === undefined ? {} : { unfit: count.unfit }),
    assumesCompounding: rate?.quoted === 'nominal' && terms.rate.compounding === undefined && kind !== 'flat',
  };
}

/** The sum at the end, told in money, as a share, or by what the sum at the start becomes. */
function endOf(
  page: Page,
  terms: Terms,
  roles: Map<number, Role>,
  asked: ReadonlySet<Asked>,
  { amount, price }: BuiltAmount,
): { grown: number | null; grows: boolean } {
  const isSingle = terms.kind === 'lump-sum';
  const earned = isSingle && amount !== null ? numberOf(page, terms, roles, 'charge') : null;
  const share = terms.shares.finalAmountRate;
  if (share !== undefined) roles.set(share, 'finalAmountRate');
  const stated =
    share === undefined
      ? numberOf(page, terms, roles, 'finalAmount')
      : shareOf(price ?? amount, tokenAt(page, share).value);
  const times = isSingle ? growthIn(page) : undefined;
  // How long a sum takes to double is the same for every sum: it is read as 1.
  const grows = times !== undefined && amount === null && stated === null && !asked.has('amount');
  return { grown: stated ?? grownTo(amount, times, earned), grows };
}

/** What a sum has become that doubles, or earns so much: "until 5,000 earn 1,000 of interest". */
function grownTo(amount: number | null, times: number | undefined, earned: number | null): number | null {
  if (times !== undefined) return times * (amount ?? 1);
  return earned === null ? null : (amount ?? 0) + earned;
}

/** How often a year to count a time of so many periods, so that it is a whole number of them. */
function evenly(periods: number, perYear: number): number {
  const isWhole = (each: number): boolean => Number.isInteger(wholeNumber((periods / perYear) * each));
  return [perYear, 1, 2, 4, 12, 52, 365].find(isWhole) ?? perYear;
}

const slots: Readonly<Record<ReadPlan['kind'], readonly Unknown[]>> = {
  borrowing: ['payment', 'amount', 'payments', 'rate', 'finalAmount'],
  leasing: ['payment', 'amount', 'payments', 'rate', 'finalAmount'],
  flat: ['payment', 'amount', 'payments', 'rate'],
  saving: ['finalAmount', 'payment', 'payments', 'rate', 'amount'],
  'drawing-down': ['payment', 'amount', 'payments', 'rate', 'finalAmount'],
  'lump-sum': ['finalAmount', 'amount', 'rate', 'payments'],
  convert: ['rate'],
};

const seeks: Readonly<Partial<Record<Asked, Unknown>>> = {
  payment: 'payment',
  newPayment: 'payment',
  amount: 'amount',
  finalAmount: 'finalAmount',
  balance: 'finalAmount',
  payments: 'payments',
  years: 'payments',
  howLong: 'payments',
  lastPayment: 'payments',
  nominalRate: 'rate',
  effectiveRate: 'rate',
  ratePerPayment: 'rate',
  downPayment: 'amount',
};

/** What is missing and asked; what is missing; the payment. */
function soughtOf(missing: readonly Unknown[], asked: ReadonlySet<Asked>): Unknown {
  for (const each of asked) {
    const slot = seeks[each];
    if (slot && missing.includes(slot)) return slot;
  }
  return missing[0] ?? 'payment';
}

/** The amount at the end is open in savings and single sums, and where it is asked with everything else known. */
function finalIsOpen(
  { kind }: Terms,
  asked: ReadonlySet<Asked>,
  payments: number | null,
  payment: number | null,
  amount: number | null,
): boolean {
  if (kind === 'saving' || kind === 'lump-sum') return true;
  const all = payments !== null && payment !== null && amount !== null;
  return (
    all && (['finalAmount', 'balance', 'leftToPay', 'principal', 'interest'] as const).some((each) => asked.has(each))
  );
}

interface CountRead {
  readonly payments?: number;
  readonly clash?: PlanRead['clash'];
  readonly unfit?: number;
}

function countOf(
  page: Page,
  { counts, times, paymentsPerYear: p, kind }: Terms,
  roles: Map<number, Role>,
  counted?: number,
): CountRead {
  const [count] = counts;
  const { payments: said } = page.settled;
  const [time] = [...times].sort((one, other) => strength(page, other) - strength(page, one));
  for (const each of counts) roles.set(each, 'payments');
  for (const each of times)
    if (time !== undefined && yearsOf(page, each) === yearsOf(page, time)) roles.set(each, 'duration');
  const term = time === undefined ? undefined : wholeNumber(yearsOf(page, time) * p);
  if (said !== undefined) return { payments: said };
  if (count !== undefined) {
    const payments = tokenAt(page, count).value;
    if (term !== undefined && term !== payments && term >= 2 && Math.abs(term - payments) > 1)
      return { clash: { payments, term, perYear: p } };
    return { payments };
  }
  if (term === undefined) return counted === undefined ? {} : { payments: counted };
  return Number.isInteger(term) || kind === 'lump-sum' ? { payments: term } : { payments: term, unfit: term };
}

/** How surely a length of time is the term. */
function strength(page: Page, at: number): number {
  const sign = page.signs[at]?.find(({ role }) => role === 'duration');
  return (sign?.weight ?? 0) - (page.places[at]?.start ?? 0) / 10_000;
}

function rateOf(page: Page, { rate, kind }: Terms, roles: Map<number, Role>, p: number): ReadRate | null {
  const { token, quoted, compounding } = rate;
  if (token === undefined) return null;
  roles.set(token, 'rate');
  const { value } = tokenAt(page, token);
  if (kind === 'flat') {
    const perYear = quoted === 'per-period' ? (compounding ?? 1) : 1;
    return { value: roundTo(value * perYear, 12), quoted: 'flat', compoundingsPerYear: null };
  }
  return { value, quoted, compoundingsPerYear: compounding ?? p };
}

/** "the rate per month": how often in a year the rate that is asked for falls due. */
function periodAsked(page: Page): number | undefined {
  // "How much is that per month?" of a rate.
  const asked = page.questions.filter((each) => each.asked === 'ratePerPayment' || each.asked === 'payment');
  for (const { start, end } of asked.map((each) => behindRates(page, each))) {
    // "What is the nominal rate per year?" is compounded as what is converted.
    const isYearly = /(?<![a-z])nominal(?![a-z])/.test(page.flat.slice(start, end));
    // Beside it the compounding of what is converted is named, too.
    const use = page.periods.find(({ token, use: is }) => {
      const place = page.places[token]!;
      return is !== 'compounding' && place.start >= start && place.start <= end;
    });
    if (isYearly && use?.perYear === 1) continue;
    if (use) return use.perYear;
  }
  return undefined;
}
