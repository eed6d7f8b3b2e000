/** A problem with one plan. */

import { asksOfPlan, placeQuestions, type PlacedQuestion } from './asksOfPlan.ts';
import { changesInNumbers, changesOfText, type ChangeRead } from './changesOfText.ts';
import type { DraftAsk, DraftReading } from './draftReading.ts';
import { doubt, doubtsOfPlan, missingNames } from './doubts.ts';
import type { Asked } from './lexicon/questions.ts';
import { everywhere, type Page, type Scope } from './page.ts';
import { planOfTerms, type PlanRead } from './planOfTerms.ts';
import { momentOf } from './asksOfPlan.ts';
import type { Assumed, ReadDoubt, ReadKind, ReadPlan, ReadQuantity, Role, Unknown } from './reading.ts';
import { readTerms, yearsOf, type Terms } from './terms.ts';

export interface SolePlan {
  readonly terms: Terms;
  readonly read: PlanRead;
  readonly plan: ReadPlan;
  readonly questions: readonly PlacedQuestion[];
  readonly changes: readonly ChangeRead[];
  readonly roles: ReadonlyMap<number, Role>;
}

export interface PlanPart {
  readonly scope?: Scope;
  readonly as?: ReadKind;
  /** Where its kind is told, if not everywhere in its scope. */
  readonly kindScope?: Scope;
  /** What is asked of it; everything where it is the only one. */
  readonly questions?: readonly PlacedQuestion[];
  /** The plan that says what this one leaves out. */
  readonly like?: Terms;
}

/** Reads the plan that a part of the text tells. */
export function readPlan(page: Page, part: PlanPart = {}): SolePlan {
  const { scope = everywhere, kindScope = scope, as, questions = placeQuestions(page), like } = part;
  const asked = new Set(questions.map((each) => each.asked));
  if (isOnePaymentNow(page, asked)) asked.delete('payment');
  const changes = changesOfText(page).filter(({ token }) => scope(page.places[token]!));
  const roles = new Map<number, Role>();
  for (const { taken } of changes) for (const { token, role } of taken) roles.set(token, role);
  // "a smaller last payment a month later" is no term.
  for (const { asked: each, unit } of questions)
    if (each === 'lastPayment') page.places.forEach((place, at) => place.start >= unit.start && place.start < unit.end && page.tokens[at]?.form === 'time' && yearsOf(page, at) <= 1 && roles.set(at, 'after'));
  const always = questions.filter((each) => each.asked !== 'finalAmount' && (each.asked !== 'newPayment' || each.place?.after !== undefined));
  take(roles, always);
  const first = readTerms(page, scope, { asked, taken: new Set(roles.keys()) }, as, kindScope);
  // "after eight years" is the term where the text has no other, a moment where it has.
  const moments = questions.filter((each) => each.asked === 'finalAmount');
  const times = first.times.filter((at) => !moments.some(({ place }) => place?.taken.some(({ token }) => token === at)));
  const hasTerm = times.length > 0 || first.counts.some((at) => !moments.some(({ place }) => place?.taken.some(({ token }) => token === at)));
  if (hasTerm) take(roles, moments);
  const own = hasTerm ? readTerms(page, scope, { asked, taken: new Set(roles.keys()) }, as, kindScope) : first;
  const terms = like ? completed(own, like, asked) : own;
  const counted = hasTerm ? undefined : countFromQuestion(questions, terms);
  const read = planOfTerms(page, terms, asked, counted);
  const keep = asked.has('newPayment') ? 'payments' : changes.some(({ kind }) => kind === 'rate') && !asked.has('difference') ? 'payments' : 'payment';
  const plan = { ...read.plan, changes: changesInNumbers(page, changes, read.plan, keep) };
  for (const [token, role] of read.roles) if (!roles.has(token)) roles.set(token, role);
  for (const { token, kind } of changes) roles.set(token, roleOfChange[kind]);
  return { terms, read, plan, questions, changes, roles };
}

/** "…are to be replaced by one payment today. How large is it?" asks for the amount. */
function isOnePaymentNow(page: Page, asked: Set<Asked>): boolean {
  const isOne = /(?:replaced? by|replaces?|in place of|instead of|swap|exchange|commute|equivalent to)[^.?!]{0,60}(?:one|single|a lump|lump|cash|immediate)/.test(page.flat) || /(?:one|single|lump[ -]sum) (?:payment|sum|amount) (?:today|now|at once)/.test(page.flat);
  const isKnown = page.signs.some((each, at) => page.tokens[at]?.form === 'money' && each.some(({ role, weight }) => role === 'payment' && weight >= 9));
  if (!isOne || !isKnown || !asked.has('payment')) return false;
  asked.add('amount');
  return true;
}

const roleOfChange: Readonly<Record<ChangeRead['kind'], Role>> = {
  rate: 'newRate',
  extra: 'extra',
  rise: 'paymentRise',
  'new payment': 'paymentRise',
  skip: 'skip',
};

function take(roles: Map<number, Role>, questions: readonly PlacedQuestion[]): void {
  for (const { place } of questions) for (const { token, role } of place?.taken ?? []) roles.set(token, role);
}

/** Where only a balance is asked, its payment is the last of the plan. */
function countFromQuestion(questions: readonly PlacedQuestion[], { paymentsPerYear }: Terms): number | undefined {
  if (questions.some(({ asked }) => asked === 'payments' || asked === 'years' || asked === 'howLong')) return undefined;
  for (const { asked, place } of questions) {
    if (asked !== 'balance' && asked !== 'finalAmount') continue;
    const k = momentOf(place, { plan: { paymentsPerYear } as ReadPlan, index: 0, wanted: undefined });
    if (k !== undefined) return k;
  }
  return undefined;
}

/** Terms with what another plan of the text says where these say nothing. */
function completed(terms: Terms, like: Terms, asked: ReadonlySet<Asked>): Terms {
  const money = { ...terms.money };
  const hasAmount = money.amount !== undefined || money.price !== undefined;
  const isBuilt = money.rebate !== undefined || money.downPayment !== undefined || money.tradeIn !== undefined;
  const amount = like.money.price ?? like.money.amount;
  if (!hasAmount && amount && !asked.has('amount')) money[isBuilt || like.money.price ? 'price' : 'amount'] = amount;
  if (!money.payment && !asked.has('payment') && like.money.payment && asked.size > 0 && !asked.has('difference')) money.payment = like.money.payment;
  const hasCount = terms.counts.length > 0 || terms.times.length > 0;
  return {
    ...terms,
    money,
    ...(hasCount ? {} : { counts: like.counts, times: like.times }),
    ...(terms.saysFrequency || !like.saysFrequency ? {} : { paymentsPerYear: like.paymentsPerYear, saysFrequency: true }),
    ...(terms.timing === undefined ? { timing: like.timing } : {}),
    rate: terms.rate.token === undefined && !asked.has('nominalRate') ? like.rate : terms.rate,
  };
}

export function readOnePlan(page: Page): DraftReading {
  const sole = readPlan(page);
  const { plan, read, questions, changes, roles } = sole;
  const [change] = plan.changes;
  const found = asksOfPlan(page, questions.map((each) => (each.asked === 'payment' && plan.unknown === 'amount' && plan.payment !== null ? { ...each, asked: 'amount' as const } : each)), {
    plan,
    index: 0,
    wanted: read.wanted,
    ...(change ? { changesAfter: change.after } : {}),
    ...(change?.kind === 'skip' ? { skipped: change.payments } : {}),
  });
  const { asks, doubts } = withTheMissing(page, sole, found);
  return {
    plans: [plan],
    wanted: [read.wanted],
    asks,
    roles: new Map([...roles].map(([token, role]) => [token, { role }])),
    assumes: assumedOf(sole),
    doubts: [...doubts, ...doubtsOfPlan(page, sole, changes, asks).filter(({ about }) => about !== 'asks' || doubts.length === 0)],
  };
}

const askedFor: Readonly<Record<Unknown, ReadQuantity>> = {
  amount: 'amount',
  rate: 'nominalRate',
  payments: 'payments',
  payment: 'payment',
  finalAmount: 'finalAmount',
};

/** A question that is not understood asks for the one thing that is missing; it is said so. */
function withTheMissing(page: Page, { plan, read }: SolePlan, found: DraftAsk[]): { asks: DraftAsk[]; doubts: ReadDoubt[] } {
  const [unread] = page.unread;
  const isOpen = read.missing.length === 0 && (plan.kind === 'convert' ? found.length === 0 : plan[plan.unknown] === null);
  const sought: ReadQuantity = plan.kind === 'convert' ? (plan.rate?.quoted === 'effective' ? 'nominalRate' : 'effectiveRate') : askedFor[plan.unknown];
  const isAsked = found.some(({ quantity }) => quantity === sought || (sought === 'nominalRate' && /rate/i.test(quantity)) || (sought === 'payments' && quantity === 'years') || (sought === 'finalAmount' && quantity === 'balanceAfter'));
  if (!isOpen || isAsked || (found.length > 0 && !unread)) return { asks: found, doubts: [] };
  const last = page.sentences.at(-1);
  const place = unread ?? { start: last?.start ?? 0, end: last?.end ?? page.flat.length };
  const ask: DraftAsk = { quantity: sought, plan: 0, place, ...(sought === 'nominalRate' ? { args: { compoundingsPerYear: read.wanted ?? plan.paymentsPerYear } } : {}) };
  const says = `The question is not understood: it is taken to ask for what is missing, ${missingNames[plan.unknown]}.`;
  return { asks: [...found, ask].sort((one, other) => one.place.start - other.place.start), doubts: [doubt('asks', says)] };
}

export function assumedOf({ terms, read, plan }: SolePlan): Assumed[] {
  const pays = plan.kind !== 'lump-sum' && plan.kind !== 'convert' && plan.kind !== 'flat';
  return [
    ...(pays && terms.timing === undefined ? (['timing=end'] as const) : []),
    ...(pays && read.assumesCompounding ? (['compounding=payments'] as const) : []),
  ];
}

export type { Asked };
