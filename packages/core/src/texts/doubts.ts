/** What a text leaves open, each in a sentence with its choices. */

import { roundTo } from '../money/roundMoney.ts';
import { agesOf } from './ages.ts';
import type { DraftAsk } from './draftReading.ts';
import { isRepaidAtOnce } from './repaidAtOnce.ts';
import { originOf, type Span } from './flatText.ts';
import { tokenAt, type Page } from './page.ts';
import { rolesByForm, type SettledRole } from './settled.ts';
import type { SolePlan } from './solePlan.ts';
import type { DoubtChoice, ReadDoubt, ReadKind, ReadPlan, Role, Unknown } from './reading.ts';
import { yearsOf } from './tokens.ts';

export const kindNames: Readonly<Record<ReadKind, string>> = {
  borrowing: 'borrowing',
  saving: 'saving',
  'drawing-down': 'drawing down',
  'lump-sum': 'a single sum',
  leasing: 'leasing',
  flat: 'a flat charge',
  convert: 'converting a rate',
};

export const missingNames: Readonly<Record<Unknown, string>> = {
  amount: 'the amount at the start',
  rate: 'the interest rate',
  payments: 'the number of payments or the time',
  payment: 'the payment',
  finalAmount: 'the amount at the end',
};

/** What each role is called. */
export const roleNames: Readonly<Record<SettledRole, string>> = {
  amount: 'amount',
  price: 'price',
  downPayment: 'deposit',
  downPaymentRate: 'share of price',
  tradeIn: 'trade-in',
  received: 'received',
  spent: 'spent of it',
  rebate: 'rebate',
  fee: 'fee',
  charge: 'charge',
  repaid: 'paid in all',
  creditPrice: 'price on credit',
  rate: 'rate',
  newRate: 'new rate',
  payment: 'payment',
  paymentRise: 'payment rise',
  payments: 'payments',
  duration: 'term',
  finalAmount: 'final amount',
  finalAmountRate: 'residual',
  extra: 'extra payment',
  withdrawn: 'withdrawal',
  skip: 'pause',
  after: 'after payment',
  from: 'from',
  to: 'to',
  yearIndex: 'year',
  daysPerYear: 'days a year',
  ignored: 'not used',
};

export const doubt = (about: string, says: string, choices: readonly DoubtChoice[] = []): ReadDoubt => ({
  about,
  says,
  choices,
});

export const choice = (says: string, sets: DoubtChoice['sets'] = {}): DoubtChoice => ({ says, sets });

/** The words of the text that a token stands for. */
export const quoteOfToken = (page: Page, at: number): string =>
  page.text.slice(tokenAt(page, at).start, tokenAt(page, at).end);

export function doubtsOfPlan(
  page: Page,
  sole: SolePlan,
  asks: readonly Pick<DraftAsk, 'quantity' | 'args'>[] = [],
): ReadDoubt[] {
  return [
    ...termDoubts(page, sole),
    ...meaningDoubts(page, sole),
    ...numberDoubts(page, sole, asks),
    ...askDoubts(page, asks),
  ];
}

/** What is missing, and what does not go together. */
function termDoubts(page: Page, sole: SolePlan): ReadDoubt[] {
  const { read, terms, plan } = sole;
  const doubts: ReadDoubt[] = [];
  const counts = (...all: readonly number[]): DoubtChoice[] =>
    all.map((each) => choice(`${each} payments`, { payments: String(each) }));
  if (read.clash) {
    const { payments, term } = read.clash;
    const says = `The text says ${payments} payments, but its time makes ${term}. Which holds?`;
    doubts.push(doubt('payments', says, counts(payments, term)));
  }
  if (read.unfit !== undefined) {
    const says = `The time makes ${Number(read.unfit.toFixed(2))} payments, which is no whole number.`;
    doubts.push(doubt('payments', says, counts(Math.floor(read.unfit), Math.ceil(read.unfit))));
  }
  const ages = plan.payments === null || page.settled.payments !== undefined ? undefined : agesOf(page);
  if (ages?.onLast === 'unsaid' && terms.paymentsPerYear === 1 && plan.payments === ages.years + 1)
    doubts.push(
      doubt('payments', 'Is the last payment made on the last birthday, or a year before?', [
        choice('on the last birthday', { payments: String(ages.years + 1), timing: 'end' }),
        choice('a year before', { payments: String(ages.years), timing: 'beginning' }),
      ]),
    );
  for (const slot of read.missing)
    if (slot !== 'payments' || !read.clash) doubts.push(doubt(slot, `The text does not say ${missingNames[slot]}.`));
  if (isOftenUnsaid(page, sole))
    doubts.push(
      doubt(
        'frequency',
        'The text does not say how often payments are made.',
        often.map(([perYear, says]) => choice(says, { paymentsPerYear: String(perYear) })),
      ),
    );
  return doubts;
}

const often = [
  [12, 'monthly'],
  [4, 'quarterly'],
  [2, 'half-yearly'],
  [1, 'yearly'],
  [26, 'every two weeks'],
  [52, 'weekly'],
] as const;

/** A mortgage with interest by the half-year or the year is mostly paid by the month. */
const isLongCompounded = ({ flat }: Page, { rate }: SolePlan['terms']): boolean =>
  (rate.compounding === 2 || rate.compounding === 1) && flat.includes('mortgage');

/** Payments of which nothing tells how often, nor how many. */
function isOftenUnsaid(page: Page, { terms, plan }: SolePlan): boolean {
  const isFlatRateAsked = page.questions.every(({ asked }) => asked === 'flatRate' || asked === 'financeCharge');
  const pays = plan.kind !== 'lump-sum' && plan.kind !== 'convert' && !isFlatRateAsked && !isRepaidAtOnce(page, plan);
  return (
    pays &&
    !terms.saysFrequency &&
    // What is owed with interest by the month is repaid by the month.
    !(plan.kind === 'borrowing' && terms.rate.compounding === 12) &&
    terms.counts.length === 0 &&
    !page.periods.some(({ use }) => use === 'frequency') &&
    (isLongCompounded(page, terms) ||
      !/pmt|payments?|instal?lments?|deposits?|rentals?|(?<![a-z])leas(?:e|ed|es|ing)(?![a-z])/.test(page.flat))
  );
}

/** What can be read two ways. */
function meaningDoubts(page: Page, { terms, plan }: SolePlan): ReadDoubt[] {
  const doubts: ReadDoubt[] = [];
  const { kind, otherKind, rate } = terms;
  // Nobody saves towards a beginning.
  const isAnswered = plan.unknown === 'amount' && (kind === 'saving') !== (otherKind === 'saving');
  if (otherKind && !isAnswered)
    doubts.push(
      doubt('kind', `Is this ${kindNames[kind]} or ${kindNames[otherKind]}?`, [
        choice(kindNames[kind], { kind }),
        choice(kindNames[otherKind], { kind: otherKind }),
      ]),
    );
  if (rate.unsure && rate.token !== undefined) {
    const both = [choice('a year', { quoted: 'nominal' }), choice('for each period', { quoted: 'per-period' })];
    const says = `Is ${quoteOfToken(page, rate.token)} a year, compounded so often, or for each period?`;
    // What is taken for now stands first.
    doubts.push(doubt('rate', says, rate.quoted === 'nominal' ? both : both.reverse()));
  }
  if (terms.timingClash)
    doubts.push(
      doubt('timing', 'Do payments fall at the beginning or at the end of each period?', timingChoices(plan.timing)),
    );
  if (rate.continuous) doubts.push(doubt('compounding', 'Continuous compounding is not read from a text.'));
  return doubts;
}

/** What a number could be, to choose from. */
function roleChoices(page: Page, at: number): DoubtChoice[] {
  const { form, start } = tokenAt(page, at);
  return (rolesByForm[form] ?? []).map((role) => choice(roleNames[role], { [`role@${start}`]: role }));
}

/** Numbers that nothing took. */
function numberDoubts(
  page: Page,
  { terms, roles, changes, plan }: SolePlan,
  asks: readonly Pick<DraftAsk, 'args'>[],
): ReadDoubt[] {
  const about = (at: number, says: (quote: string) => string): ReadDoubt =>
    doubt(quoteOfToken(page, at), says(quoteOfToken(page, at)), roleChoices(page, at));
  const rates = terms.rate.others.filter((at) => !roles.has(at));
  const moved = changes.filter(({ after, afterYears }) => after === undefined && afterYears === undefined);
  return [
    // "… and the remaining 15,000": what is left of the price.
    ...terms.unexplained
      .filter((at) => tokenAt(page, at).value !== plan.amount && !changes.some(({ token }) => token === at))
      .map((at) => about(at, (quote) => `What is ${quote}?`)),
    ...rates.map((at) => about(at, (quote) => `What is ${quote}, besides the rate?`)),
    ...unreadTimes(page, terms.times, roles)
      .filter((at) => !isLeftOf(page, at, plan) && !isAskedAt(page, at, plan, asks))
      .map((at) => about(at, (quote) => `What is ${quote}?`)),
    ...moved.map(({ token }) => about(token, (quote) => `After which payment does ${quote} come?`)),
  ];
}

/** A problem told, asked, and another told and asked behind it. */
function isTwoProblems({ sentences }: Page): boolean {
  const first = sentences.findIndex(({ asks }) => asks);
  const told = sentences.findIndex(({ asks, text }, at) => at > first && !asks && /⟨m/.test(text) && /⟨p/.test(text));
  const before = sentences.slice(0, first + 1).some(({ text }) => /⟨p/.test(text));
  return first >= 0 && told > first && before && sentences.some(({ asks }, at) => at > told && asks);
}

function askDoubts(page: Page, asks: readonly Pick<DraftAsk, 'quantity' | 'args'>[]): ReadDoubt[] {
  const isLoose = asks.some(
    ({ quantity, args }) => (quantity === 'balanceAfter' || quantity === 'leftToPay') && args?.k === undefined,
  );
  return [
    ...(isLoose ? [doubt('after', 'After which payment is that asked?')] : []),
    ...(page.questions.length === 0 ? [doubt('asks', 'The text does not say what to find.')] : []),
    ...(isTwoProblems(page) ? [doubt('text', 'Two problems seem to stand here: part them by a blank line.')] : []),
    ...page.unread.map((span) => notUnderstood(page, span)),
  ];
}

/** Part of the text in its own words. */
export function quoteOf(page: Page, { start, end }: Span): string {
  const said = page.flat.slice(start, end);
  const from = start + (/^[\s,;:]*/.exec(said)?.[0].length ?? 0);
  const place = originOf(page, { start: from, end: Math.max(from + 1, start + said.trimEnd().length) });
  return page.text.slice(place.start, place.end).replace(/\s+/g, ' ').trim();
}

/** A question that is not understood. */
export const notUnderstood = (page: Page, place: Span): ReadDoubt =>
  doubt('asks', `What does this ask: “${quoteOf(page, place)}”?`);

/** A number that should say where something is looked at, and does not. @param quote its words */
export const lookedAtByNothing = (quote: string, about = quote): ReadDoubt =>
  doubt(about, `What is ${quote}? Nothing that is read looks at it.`);

/** "At the end of each month, starting in three years": the first payment, or its month. */
export const firstOrPeriod = doubt(
  'timing',
  'The first payment is taken to fall then. Does its period only begin then?',
);

export const timingChoices = (taken: 'end' | 'beginning'): DoubtChoice[] => {
  const end = choice('at the end', { timing: 'end' });
  const beginning = choice('at the beginning', { timing: 'beginning' });
  return taken === 'end' ? [end, beginning] : [beginning, end];
};

/** Lengths of time that nothing took. */
const unreadTimes = (page: Page, times: readonly number[], roles: ReadonlyMap<number, Role>): number[] =>
  times.filter(
    (at) =>
      !roles.has(at) &&
      !isToldTwice(page, at) &&
      page.signs[at]?.[0]?.role !== 'ignored' &&
      !isTheRest(page, at, roles),
  );

/** "for 18 years, … from her 18th birthday". */
const isToldTwice = (page: Page, at: number): boolean =>
  /birthday/i.test(quoteOfToken(page, at)) &&
  page.tokens.some(({ form }, other) => other !== at && form === 'time' && yearsOf(page, other) === yearsOf(page, at));

/** "After sixty of 360 payments …, for the remaining 25 years": what is left of the plan after a change. */
const isLeftOf = (page: Page, at: number, { payments, paymentsPerYear, changes }: ReadPlan): boolean =>
  payments !== null && changes.some(({ after }) => (payments - after) / paymentsPerYear === yearsOf(page, at));

/** "After 4 years of monthly payments …, with the 48th payment": a moment that is asked of, told twice. */
const isAskedAt = (
  page: Page,
  at: number,
  { paymentsPerYear }: ReadPlan,
  asks: readonly Pick<DraftAsk, 'args'>[],
): boolean =>
  /(?:after|following|at the end of)(?: the first| another)? $/.test(page.flat.slice(0, page.places[at]!.start)) &&
  asks.some(({ args }) => args?.k !== undefined && args.k === roundTo(yearsOf(page, at) * paymentsPerYear, 6));

/** "for the remaining two years", where the term and what has passed say the same. */
function isTheRest(page: Page, at: number, roles: ReadonlyMap<number, Role>): boolean {
  const until = [...roles].some(
    ([each, role]) =>
      role === 'after' && tokenAt(page, each).form === 'time' && yearsOf(page, each) === yearsOf(page, at),
  );
  if (until && /(?:first|opening) $/.test(page.flat.slice(0, page.places[at]!.start))) return true;
  if (!/(?:remaining|last|other|following|next) $/.test(page.flat.slice(0, page.places[at]!.start))) return false;
  const years = (role: Role): number[] =>
    [...roles].flatMap(([each, has]) =>
      has === role && tokenAt(page, each).form === 'time' ? [yearsOf(page, each)] : [],
    );
  return years('duration').some((term) =>
    years('after').some((passed) => Math.abs(term - passed - yearsOf(page, at)) < 1e-6),
  );
}
