/** The terms of one plan, as a part of the text tells them: which number is what, how often, when. */

import { agesOf } from './ages.ts';
import type { Asked } from './lexicon/questions/index.ts';
import type { WordRole } from './lexicon/wordRole.ts';
import { isCount, moneyOf } from './moneyOfText.ts';
import { kindOfText } from './kindOfText.ts';
import type { Span } from './flatText.ts';
import { inScope, sentenceAt, tokenAt, type Page, type Scope } from './page.ts';
import { impliedFrequency, periodOfTerm } from './periodUses.ts';
import { readRate, type RateRead } from './rateOfText.ts';
import type { ReadKind } from './reading.ts';
import { withoutGone } from './restOfSum.ts';
import { yearsOf } from './tokens.ts';

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

/** The role that a question leaves open. */
const openRole: Readonly<Partial<Record<Asked, WordRole>>> = {
  payment: 'payment',
  amount: 'amount',
  finalAmount: 'finalAmount',
  downPayment: 'downPayment',
};

export interface TermsAsked {
  readonly asked: ReadonlySet<Asked>;
  /** Tokens that belong to questions. */
  readonly taken: ReadonlySet<number>;
}

export function readTerms(
  page: Page,
  scope: Scope,
  { asked, taken }: TermsAsked,
  as?: ReadKind,
  kindScope = scope,
): Terms {
  const within = page.tokens.map((_, at) => at).filter((at) => inScope(page, scope, at) && !taken.has(at));
  const paid = hasPayments(page, scope, within, asked);
  const read = as ? { kind: as } : kindOfText(page, kindScope, scope, paid, asked);
  const { kind } = read;
  const shares = sharesOf(page, within, kind);
  const rates = within.filter((at) => tokenAt(page, at).form === 'percent' && !Object.values(shares).includes(at));
  const newRates = rates.filter((at) => page.signs[at]?.[0]?.role === 'newRate');
  const ownRates = rates.filter((at) => !['newRate', 'paymentRise'].includes(page.signs[at]?.[0]?.role ?? ''));
  const rate = readRate(page, scope, ownRates, asked);
  const frequency = frequencyOfText(page, scope, kind, rate);
  const money = moneyOf(page, within, kind, openRoles(asked, kind, hasGoal(page, within)));
  const timing = timingOf(page, scope, frequency.paymentsPerYear);
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

/** A sum that is surely what comes at the end. */
const hasGoal = ({ signs, tokens }: Page, within: readonly number[]): boolean =>
  within.some(
    (at) => tokens[at]?.form === 'money' && signs[at]?.[0]?.role === 'finalAmount' && signs[at][0].weight >= 10,
  );

const openRoles = (asked: ReadonlySet<Asked>, kind: ReadKind, goal: boolean): Set<WordRole> => {
  const open = new Set<WordRole>();
  for (const each of asked) {
    const role = openRole[each];
    if (role) open.add(role);
  }
  if (kind === 'saving' && asked.has('balance') && !asked.has('payment')) open.add('finalAmount');
  // What is left at the end of a plan that pays may be asked beside the payment; a loan's amount beside its price.
  if (open.has('payment') && open.has('finalAmount'))
    open.delete((kind === 'saving' || kind === 'lump-sum') && !goal ? 'payment' : 'finalAmount');
  if (open.has('payment') && open.has('amount')) open.delete('amount');
  return open;
};

function hasPayments(told: Page, scope: Scope, within: readonly number[], asked: ReadonlySet<Asked>): boolean {
  const page: Page = { ...told, flat: withoutGone(told) };
  // "How many months must 4,000 lie?" counts months.
  const isOfMonths = page.questions.every(
    ({ asked: each, unit }) =>
      each !== 'payments' ||
      /how many (?:[a-z]+ )?(?:months|quarters|weeks|half-years|periods)/.test(page.flat.slice(unit.start, unit.end)),
  );
  // The interest of one year of a loan is that of its payments.
  const isOfYears =
    /loan|mortgage|borrow|(?<![a-z])len(?:d|t)|interest is paid in the first year[^?]* over ⟨t/.test(page.flat) &&
    page.questions.some(
      ({ asked: each, unit }) =>
        each === 'interest' && /(?:first|⟨o\d+⟩) year/.test(page.flat.slice(unit.start, unit.end)),
    );
  // "She raises her payment by 150": there are payments.
  const isRaised = within.some((at) => page.signs[at]?.[0]?.role === 'paymentRise');
  // "… pays an extra 4,000 and keeps the payment"
  const isKept =
    /loan|mortgage|borrow|debt|(?<![a-z])len[dt]/.test(page.flat) &&
    /(?:keep(?:s|ing)?|kept|unchanged|same|usual|regular|old) (?:the |his |her |their )?(?:old |same |regular |usual )?payment(?![a-z])/.test(
      page.flat,
    );
  // What all payments come to is told.
  const isPaid = within.some((at) => ['repaid', 'creditPrice'].includes(page.signs[at]?.[0]?.role ?? ''));
  // "Which of the two lenders costs less in all?"
  const isCostlier =
    page.questions.some(({ asked: each }) => each === 'choice') &&
    /lender|loan|borrow|financ|mortgage/.test(page.flat) &&
    /(?<![a-z])costs? (?:the )?(?:less|more|least|most)|cheap|dear/.test(page.flat) &&
    !/one sum|single|lump|maturity|one payment/.test(page.flat);
  if (isOfYears || isRaised || isKept || isPaid || isCostlier) return true;
  const asks: readonly Asked[] = [
    ...(['payment', 'newPayment', 'lastPayment', 'leftToPay', 'totalPaid', 'principal'] as const),
    ...(isOfMonths ? [] : (['payments'] as const)),
  ];
  if (
    asks.some((each) => asked.has(each)) ||
    /payment ⟨n\d+⟩|⟨o\d+⟩ payment|(?:rest|remainder|balance)(?: is)?(?: [a-z]+)? over ⟨[tn]|(?:(?:month|quarter|week)'?s?|⟨e\d+⟩)-ends?(?![a-z])|pays? (?:it|them|this) back over|(?:the|his|her|its|their) payments? (?:is|was|are|were|will be|gets?|got)(?: then| also| newly| therefore)? (?:re-?)?(?:calculated|computed|worked out|set|fixed|adjusted)|(?:repaying|repays|paying (?:it )?off|clearing)(?: it| this| the [a-z]+)? over ⟨t|mortgage|amorti[sz]|in arrears|loan(?: of ⟨m\d+⟩)? over ⟨t|⟨t\d+⟩ (?:[a-z]+ )?loan|loan (?:of ⟨m\d+⟩ )?runs (?:for )?⟨t|financing (?:for|over) ⟨t|(?:borrow|loan|mortgage|debt|(?<![a-z])len[dt])[^.?!]{0,90} over (?:⟨t\d+⟩ (?:or|than|rather than) over )?⟨t|loan [^.?!⟨]{0,12}: ⟨m\d+⟩(?:,| over| for) ⟨t|costs? (?:the )?(?:less|more|least|most|lowest|highest) (?:[a-z]+ )?interest(?! rate)/.test(
      page.flat,
    )
  )
    return true;
  if (
    /(?<!no )(?<!without )(?:payments|(?:first|monthly|each|same|last|usual|regular|lower|higher|smaller|larger) payment|repaid (?:at|on) |pays? at the (?:end|beginning|start) of the (?:week|month|quarter|half-year|year)|instal?lments|withdrawals|rentals|repayments|pay ⟨m\d+⟩, the first|equal (?:<e> )?(?:sums|amounts)|equal [a-z-]+ amounts|payment (?:is |be |will be )?(?:lower|higher|smaller|larger|less)|paying it (?:off|back) (?:in|over) (?=⟨)|(?:monthly|quarterly|weekly|yearly|regular|equal|level) deposits)(?![a-z])/.test(
      page.flat,
    )
  )
    return true;
  if (page.periods.some(({ use, weight, token }) => use === 'frequency' && weight >= 2 && inScope(page, scope, token)))
    return true;
  return within.some((at) => {
    const [sign] = page.signs[at] ?? [];
    // "A deposit of 4,000" without a word of how often is no payment.
    const often =
      page.periods.some(({ use, token }) => use === 'frequency' && inScope(page, scope, token)) ||
      impliedFrequency(page.flat, quotes(page)) !== undefined;
    return (sign?.role === 'payment' && sign.weight >= 9 && often) || (sign?.role === 'payments' && sign.weight >= 9);
  });
}

function sharesOf(page: Page, within: readonly number[], kind: ReadKind): Partial<Record<WordRole, number>> {
  const shares: Partial<Record<WordRole, number>> = {};
  for (const at of within) {
    if (tokenAt(page, at).form !== 'percent') continue;
    const sign = page.signs[at]?.find(
      ({ role }) =>
        role === 'downPaymentRate' ||
        role === 'finalAmountRate' ||
        role === 'financedRate' ||
        role === 'feeRate' ||
        role === 'rebateRate' ||
        role === 'newRate',
    );
    const isRate = page.periods.some(
      ({ use, token }) =>
        use !== 'frequency' && token > at && token <= at + 2 && page.places[token]!.start - page.places[at]!.end < 25,
    );
    // "0 % financing" is a rate.
    if (sign?.role === 'financedRate' && tokenAt(page, at).value === 0) continue;
    if (!sign || sign.role === 'newRate' || (isRate && sign.weight < 9)) continue;
    // What is told of a lease's value, without a word of paying it down, is what is left of it.
    const isLeft = kind === 'leasing' && sign.role === 'downPaymentRate' && sign.weight < 9;
    shares[isLeft ? 'finalAmountRate' : sign.role] ??= at;
  }
  return shares;
}

function isTerm(page: Page, at: number): boolean {
  const role = page.signs[at]?.[0]?.role;
  return (
    role === undefined || role === 'duration' || role === 'payments' || (role === 'interval' && yearsOf(page, at) > 1)
  );
}

/** How often, in the questions that ask for a rate by the period. */
const periodsAsked = ({ questions, periods, places }: Page): number[] =>
  questions
    .filter(({ asked }) => asked === 'ratePerPayment' || asked === 'payment')
    .flatMap(({ unit }) =>
      periods.flatMap(({ token, perYear }) =>
        perYear > 1 && places[token]!.start >= unit.start && places[token]!.start < unit.end ? [perYear] : [],
      ),
    );

/** The words of each number, as they are written. */
const quotes = ({ text, tokens }: Page): string[] => tokens.map(({ start, end }) => text.slice(start, end));

function frequencyOfText(
  page: Page,
  scope: Scope,
  kind: ReadKind,
  rate: RateRead,
): Pick<Terms, 'paymentsPerYear' | 'saysFrequency'> {
  // "… and which rate per month?"
  const [wanted] = kind === 'convert' ? periodsAsked(page) : [];
  if (wanted !== undefined) return { paymentsPerYear: wanted, saysFrequency: true };
  if (kind === 'lump-sum')
    return { paymentsPerYear: rate.quoted === 'effective' ? 1 : (rate.compounding ?? 1), saysFrequency: true };
  const { paymentsPerYear } = page.settled;
  if (paymentsPerYear !== undefined) return { paymentsPerYear, saysFrequency: true };
  const votes = new Map<number, number>();
  for (const { use, perYear, weight, token } of page.periods)
    if (use === 'frequency' && inScope(page, scope, token)) votes.set(perYear, (votes.get(perYear) ?? 0) + weight);
  const [best] = [...votes].sort(([, one], [, other]) => other - one);
  if (best) return { paymentsPerYear: best[0], saysFrequency: true };
  const implied = impliedFrequency(page.flat, quotes(page)) ?? (kind === 'convert' ? rate.wanted : undefined);
  if (implied !== undefined) return { paymentsPerYear: implied, saysFrequency: true };
  const [perAsked] = page.questions.flatMap(({ unit }) => periodPaid(page, page.flat.slice(unit.start, unit.end)));
  if (perAsked !== undefined) return { paymentsPerYear: perAsked, saysFrequency: true };
  // "for 40 quarters": so often it is paid.
  const term = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && page.signs[at]?.[0]?.role === 'duration' && inScope(page, scope, at)
      ? (periodOfTerm(quotes(page)[at]) ?? [])
      : [],
  );
  // Who pays each quarter tells quarters or years; who counts months pays by the month.
  const [often] = term.filter((perYear) => perYear > 1 && (perYear !== 12 || rate.compounding !== 4));
  if (often !== undefined) return { paymentsPerYear: often, saysFrequency: true };
  return { paymentsPerYear: rate.compounding ?? 12, saysFrequency: false };
}

/** "What does each lender charge a month?": so often it is paid. */
function periodPaid(page: Page, question: string): number[] {
  const found =
    /^[^?⟨]*(?:pay|charge|cost|rent|instal|deposit|save|draw|put|set)[^?⟨]*⟨a(\d+)⟩(?! (?:sooner|earlier|later|longer|early))(?!.*⟨a)/.exec(
      question,
    );
  return found && !/rate|per ?cent|interest/.test(found[0]) ? [tokenAt(page, Number(found[1])).value] : [];
}

function timingOf(page: Page, scope: Scope, perYear: number): Pick<Terms, 'timing' | 'timingClash'> {
  // Of marks that overlap the longer counts.
  const signs = page.timings
    .filter(scope)
    .filter(
      ({ start, end }, _, all) =>
        !all.some((other) => other.start <= start && other.end >= end && other.end - other.start > end - start),
    );
  // "What would he have if he paid at the end of the month instead?"
  const instead = signs.filter((each) => isInstead(page, each));
  const counted = instead.length > 0 ? instead : signs;
  const begins = counted.filter(({ says }) => says === 'beginning').length;
  const ends = counted.filter(({ says }) => says === 'end').length;
  if (begins === 0 && ends === 0) {
    const isYearLater = perYear === 1 && agesOf(page)?.isAskedLater === true;
    return { timing: isYearLater ? 'beginning' : undefined, timingClash: false };
  }
  // "One month after the last deposit" is a beginning told from the end.
  return {
    timing: begins >= ends && begins > 0 ? 'beginning' : 'end',
    timingClash: begins > 0 && ends > 0 && Math.abs(begins - ends) < 1,
  };
}

/** It is asked of, in place of what is told. */
const isInstead = (page: Page, { start, end }: Span): boolean =>
  sentenceAt(page, { start, end })?.asks === true &&
  /^[^,;?]{0,24} instead(?! of)(?![a-z])/.test(page.flat.slice(end)) &&
  page.questions.filter(({ unit }) => unit.start <= start).length <= 1;
