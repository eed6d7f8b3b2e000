/** A plan put together from its terms: the amount from the price, the count from the years, and what is sought. */

import { roundTo } from '../money/roundMoney.ts';
import { wholeNumber } from './paymentCounts.ts';
import { behindRates } from './periodUses.ts';
import type { Asked } from './lexicon/questions/index.ts';
import type { WordRole } from './lexicon/wordRole.ts';
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
  const told = countOf(page, terms, roles, counted);
  // Half a day is no period: what divides the time evenly counts instead.
  const p = kind === 'lump-sum' && often === 365 && told.payments !== undefined ? evenly(told.payments, often) : often;
  const count = told.payments === undefined ? told : { ...told, payments: wholeNumber((told.payments / often) * p) };
  const rate = rateOf(page, terms, roles, p);
  const one = (role: Role): number | null => numberOf(page, terms, roles, role);
  const charge = kind === 'flat' ? one('charge') : null;
  const earned = kind === 'lump-sum' && built.amount !== null ? one('charge') : null;
  const payment = kind === 'lump-sum' || kind === 'convert' ? null : one('payment');
  const share = terms.shares.finalAmountRate;
  if (share !== undefined) roles.set(share, 'finalAmountRate');
  const stated =
    share === undefined ? one('finalAmount') : shareOf(built.price ?? built.amount, tokenAt(page, share).value);
  const times = kind === 'lump-sum' ? growthIn(page) : undefined;
  // How long a sum takes to double is the same for every sum: it is read as 1.
  const grows = times !== undefined && built.amount === null && stated === null && !asked.has('amount');
  const grown = stated ?? grownTo(built.amount, times, earned);
  const startsAt = grows ? 1 : kind === 'saving' && built.amount === null && !asked.has('amount') ? 0 : built.amount;
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

/** "double", "treble": so many times the amount. */
export function growthIn({ flat, tokens }: Pick<Page, 'flat' | 'tokens'>): number | undefined {
  // "one and a half times its value"
  const times = /⟨n(\d+)⟩ times (?:its|the|that|as much|what)/.exec(flat)?.[1];
  if (times !== undefined) return tokens[Number(times)]?.value;
  if (/(?:^|[^a-z])(?:doubl(?:e|es|ed|ing)|twice (?:its|the|that|as (?:much|large|big|great)|his|her|what))/.test(flat))
    return 2;
  if (/(?:^|[^a-z])(?:tripl(?:e|es|ed|ing)|trebl(?:e|es|ed|ing)|three times (?:its|the|that|as much|what))/.test(flat))
    return 3;
  if (/(?:increase|grow|rise|gain|go up)s? by (?:a )?half|half as much again|one and a half times/.test(flat))
    return 1.5;
  if (/(?:^|[^a-z])(?:quadrupl(?:e|es|ed|ing)|four times (?:its|the|that|as much|what))/.test(flat)) return 4;
  return undefined;
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

function numberOf(page: Page, { money }: Terms, roles: Map<number, Role>, role: Role): number | null {
  const tokens = money[role as WordRole] ?? [];
  for (const at of tokens) roles.set(at, role);
  const [first] = tokens;
  return first === undefined ? null : tokenAt(page, first).value;
}

interface BuiltAmount {
  readonly amount: number | null;
  readonly price?: number;
  readonly parts: Partial<ReadPlan>;
}

const paidAtOnce =
  /(?:fee|charge)(?![a-z])[^.;?!]{0,30}(?:payable|paid|due|falls due) (?:together )?(?:with the first|(?:on|at) (?:signing|delivery)|up ?front|at once|at the (?:start|outset)|today)/;

/** amount = price − down payment − trade-in − rebate + fees. */
function amountOf(page: Page, terms: Terms, roles: Map<number, Role>, asked: ReadonlySet<Asked>): BuiltAmount {
  const sum = (role: Role): number | undefined => {
    const tokens = terms.money[role as WordRole];
    if (!tokens) return undefined;
    for (const at of tokens) roles.set(at, role);
    return tokens.reduce((total, at) => total + tokenAt(page, at).value, 0);
  };
  const share = (role: 'downPaymentRate' | 'financedRate'): number | undefined => {
    const at = terms.shares[role];
    if (at === undefined) return undefined;
    roles.set(at, 'downPaymentRate');
    return role === 'financedRate' ? 1 - tokenAt(page, at).value : tokenAt(page, at).value;
  };
  const said = numberOf(page, terms, roles, 'amount');
  const priced = terms.money.price
    ? terms.money.price[0] === undefined
      ? undefined
      : numberOf(page, terms, roles, 'price')
    : undefined;
  const downShare = share('downPaymentRate') ?? share('financedRate');
  const isBuilt =
    downShare !== undefined ||
    terms.shares.rebateRate !== undefined ||
    ['downPayment', 'tradeIn', 'rebate'].some((role) => terms.money[role as WordRole]);
  // What is paid down is paid of a price, whatever it is called.
  // With its payments known the amount is sought, and what is paid down beside it.
  const isSought =
    (asked.has('amount') || asked.has('downPayment')) &&
    ((asked.has('downPayment') && terms.money.payment !== undefined) ||
      (!isBuilt && said === null && terms.money.payment !== undefined && terms.rate.token !== undefined));
  const price = priced ?? (isBuilt && said !== null ? wholeOf(page, terms, downShare, said) : undefined);
  if (price === undefined || price === null) {
    const fees = sum('fee') ?? feeShare(page, terms, roles, said);
    // What is paid down on a price that is sought.
    const down = said === null ? { downPayment: sum('downPayment'), downShare, tradeIn: sum('tradeIn') } : {};
    return { amount: said === null ? null : said + (fees ?? 0), parts: defined({ fees, ...down }) };
  }
  if (priced === undefined) for (const at of terms.money.amount ?? []) roles.set(at, 'price');
  const [tradeIn, rebate] = [sum('tradeIn'), sum('rebate') ?? rebateShare(page, terms, roles, price)];
  const isOfRest =
    /⟨p\d+⟩ (?:down )?(?:of|on) (?:the|what is) (?:remaining|rest|remainder|balance|left|difference|net|discounted|reduced|lower|lowered|new price)/.test(
      page.flat,
    );
  const shared = price - (isOfRest ? (tradeIn ?? 0) + (rebate ?? 0) : 0);
  const paidDown = downShare === undefined ? sum('downPayment') : roundTo(shared * downShare, 2);
  // A lease's fee that is paid with the first rental is paid down as well.
  const entry = terms.kind === 'leasing' && paidAtOnce.test(page.flat) ? sum('fee') : undefined;
  const downPayment = entry === undefined ? paidDown : (paidDown ?? 0) + entry;
  const borrowed = price - (downPayment ?? 0) - (tradeIn ?? 0) - (rebate ?? 0);
  const fees = entry === undefined ? (sum('fee') ?? feeShare(page, terms, roles, borrowed)) : undefined;
  const parts = { price, ...defined({ downPayment, tradeIn, rebate, fees }) };
  const amount = borrowed + (fees ?? 0);
  return { amount: isSought ? null : priced !== undefined && said !== null ? said : roundTo(amount, 2), price, parts };
}

/** "25 % deposit, the balance of 16,200 …": the price of which that is left; otherwise the sum itself is the price. */
function wholeOf({ flat }: Page, { money }: Terms, share: number | undefined, said: number): number {
  const [at] = money.amount ?? [];
  const isRest = at !== undefined && new RegExp(`(?:balance|rest|remainder|remaining)(?: of)? ⟨m${at}⟩`).test(flat);
  return isRest && share !== undefined && share < 1 ? roundTo(said / (1 - share), 2) : said;
}

/** "10 % off": of the price, to the cent. */
function rebateShare(page: Page, { shares }: Terms, roles: Map<number, Role>, price: number): number | undefined {
  if (shares.rebateRate === undefined) return undefined;
  roles.set(shares.rebateRate, 'rebate');
  return roundTo(price * tokenAt(page, shares.rebateRate).value, 2);
}

/** "a fee of 2 % is added": of what is borrowed, to the cent. */
function feeShare(
  page: Page,
  { shares }: Terms,
  roles: Map<number, Role>,
  borrowed: number | null,
): number | undefined {
  if (shares.feeRate === undefined || borrowed === null) return undefined;
  roles.set(shares.feeRate, 'fee');
  return roundTo(borrowed * tokenAt(page, shares.feeRate).value, 2);
}

function defined<T extends object>(values: T): Partial<T> {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Partial<T>;
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
    // Beside it the compounding of what is converted is named, too.
    const use = page.periods.find(({ token, use: is }) => {
      const place = page.places[token]!;
      return is !== 'compounding' && place.start >= start && place.start <= end;
    });
    if (use) return use.perYear;
  }
  return undefined;
}
