/** A problem with one plan. */

import { asAsked } from './placesInPlan.ts';
import { agesOf } from './ages.ts';
import { withTheMissing } from './askedMissing.ts';
import { asksOfPlan } from './asksOfPlan.ts';
import { placeQuestions, type PlacedQuestion } from './placedQuestions.ts';
import { changesInNumbers } from './changesInNumbers.ts';
import { completed } from './completedTerms.ts';
import type { ChangeRead } from './changeRead.ts';
import { changesOfText } from './changesOfText.ts';
import { countedOn } from './countedOn.ts';
import type { DraftReading } from './draftReading.ts';
import { paymentUnchanged, solvePlans } from './answers.ts';
import { choice, doubt, doubtsOfPlan, kindNames, notUnderstood } from './doubts.ts';
import type { Span } from './flatText.ts';
import { paysInterestAlone } from './interestAlone.ts';
import type { Asked } from './lexicon/questions/index.ts';
import { everywhere, sentenceAt, tokenAt, withoutSupposed, type Page, type Scope } from './page.ts';
import { planOfTerms, type PlanRead } from './planOfTerms.ts';
import type { SolePlan } from './solePlan.ts';
import { soughtBy } from './soughtBy.ts';
import type { Assumed, ReadDoubt, ReadKind, ReadPlan, Role } from './reading.ts';
import { allButLatest, countedElsewhere, isMoved, isOnTheWay, tellsTerm } from './termOfPlan.ts';
import { readTerms, type Terms } from './terms.ts';
import { yearsOf } from './tokens.ts';

export interface PlanPart {
  readonly scope?: Scope;
  readonly as?: ReadKind;
  /** Where its kind is told, if not everywhere in its scope. */
  readonly kindScope?: Scope;
  /** What is asked of it; everything where it is the only one. */
  readonly questions?: readonly PlacedQuestion[];
  /** Ages tell the time of another plan. */
  readonly isAgeless?: boolean;
  /** The plan that says what this one leaves out. */
  readonly like?: Terms;
}

/** Reads the plan that a part of the text tells. */
export function readPlan(page: Page, part: PlanPart = {}): SolePlan {
  const {
    scope = everywhere,
    kindScope = scope,
    as = page.settled.kind,
    questions = placeQuestions(page),
    like,
  } = part;
  const asked = soughtBy(page, scope, questions);
  const changes = changesOfText(page).filter(({ token, instead = token }) =>
    [token, instead].every((at) => scope(page.places[at]!)),
  );
  const roles = new Map<number, Role>();
  for (const { taken } of changes) for (const { token, role } of taken) roles.set(token, role);
  takeLastPayment(page, roles, questions);
  const always = questions.filter(
    (each) => each.asked !== 'finalAmount' && (each.asked !== 'newPayment' || each.place?.after !== undefined),
  );
  take(roles, always);
  takeChanged(page, roles, changes);
  const first = readTerms(page, scope, { asked, taken: new Set(roles.keys()) }, as, kindScope);
  // "after eight years" is the term where the text has no other, a moment where it has.
  const moments = questions.filter((each) => each.asked === 'finalAmount');
  const hasTerm = tellsTerm(page, withoutChanges(page, first, changes, moments), moments, asked);
  const noTerm = hasTerm ? moments : [...allButLatest(page, moments), ...moments.filter((each) => isMoved(page, each))];
  take(roles, noTerm);
  // What is there on the way leaves the end as it is told.
  if (
    hasTerm &&
    (asked.has('payment') || leadsTo(page, scope)) &&
    moments.every((each) => isOnTheWay(page, each, first))
  )
    asked.delete('finalAmount');
  const isAgain = hasTerm || noTerm.length > 0;
  const own = isAgain ? readTerms(page, scope, { asked, taken: new Set(roles.keys()) }, as, kindScope) : first;
  const terms = withoutParts(page, like ? completed(own, like, asked) : own, changes);
  const ages = part.isAgeless ? undefined : agesOf(page);
  const counted = hasTerm ? undefined : countedElsewhere(ages, questions, terms, roles);
  const read = planOfTerms(page, terms, asked, counted);
  const keep = keptOtherwise(
    read,
    asksNewPayment(page, questions) ? new Set([...asked, 'newPayment' as const]) : asked,
    changes,
  );
  const payments = countedOn(page, changes, read);
  const told = changesInNumbers(page, changes, read.plan, keep, () =>
    paymentFound({ ...read.plan, payments }, read.wanted),
  );
  const plan = closedBy(page, { ...read.plan, payments, changes: told });
  for (const [token, role] of read.roles) if (!roles.has(token)) roles.set(token, role);
  for (const { token, kind, times } of changes) if (times === undefined) roles.set(token, roleOfChange[kind]);
  return { terms, read, plan, questions, changes, roles };
}

/** The payment of a loan that a later one takes the place of. */
function paymentFound(plan: ReadPlan, wanted: number | undefined): number | undefined {
  const isOpen = plan.kind === 'borrowing' && plan.unknown === 'payment' && plan.payments !== null;
  const isKnown = plan.amount !== null && plan.rate !== null && plan.finalAmount === 0;
  return isOpen && isKnown ? paymentUnchanged(plan, wanted) : undefined;
}

/** "60 payments …, for the remaining three years": what passes until a change, and what is left then, is no other term. */
function withoutParts(page: Page, terms: Terms, changes: readonly ChangeRead[]): Terms {
  const { counts, times, paymentsPerYear: p } = terms;
  const [count] = counts;
  const all = count === undefined ? Math.max(...times.map((at) => yearsOf(page, at))) : tokenAt(page, count).value / p;
  const parts = changes.flatMap(({ after, afterYears = after === undefined ? undefined : after / p }) =>
    afterYears === undefined || afterYears <= 0 || afterYears >= all ? [] : [afterYears, all - afterYears],
  );
  const isPart = (at: number): boolean => parts.some((each) => Math.abs(yearsOf(page, at) - each) < 1e-9);
  const whole = times.filter((at) => !isPart(at));
  return count === undefined && whole.length === 0 ? terms : { ...terms, times: whole };
}

/** "… for six years; from the seventh on more. What is there after ten?": a time that a change ends is no term. */
function withoutChanges(
  page: Page,
  terms: Terms,
  changes: readonly ChangeRead[],
  moments: readonly PlacedQuestion[],
): Terms {
  const latest = Math.max(...moments.map(({ place }) => place?.afterYears ?? 0));
  const ends = (at: number): boolean =>
    changes.some(
      ({ after, afterYears = after === undefined ? NaN : after / terms.paymentsPerYear }) =>
        afterYears < latest && Math.abs(afterYears - yearsOf(page, at)) < 1e-9,
    );
  return { ...terms, times: terms.times.filter((at) => !ends(at)) };
}

/** "a smaller last payment a month later" is no term. */
function takeLastPayment(page: Page, roles: Map<number, Role>, questions: readonly PlacedQuestion[]): void {
  for (const { asked, unit } of questions)
    if (asked === 'lastPayment')
      page.places.forEach(
        (place, at) =>
          place.start >= unit.start &&
          place.start < unit.end &&
          page.tokens[at]?.form === 'time' &&
          yearsOf(page, at) <= 1 &&
          roles.set(at, 'after'),
      );
}

/** What is paid besides with the last payment of what is owed falls due then: a balloon. */
function closedBy(page: Page, plan: ReadPlan): ReadPlan {
  const isBullet =
    plan.kind === 'borrowing' &&
    plan.finalAmount === 0 &&
    plan.unknown === 'payment' &&
    plan.amount !== null &&
    paysInterestAlone(page);
  if (isBullet) return { ...plan, finalAmount: plan.amount };
  const [last] = plan.changes;
  const isEnd = last?.kind === 'extra' && plan.changes.length === 1 && last.after === plan.payments;
  const owes = plan.kind === 'borrowing' && plan.finalAmount === 0;
  return isEnd && owes ? { ...plan, finalAmount: last.value, changes: [] } : plan;
}

/** A sum that is to be reached is told, and no payment: it is the payment that is missing. */
function leadsTo(page: Page, scope: Scope): boolean {
  const isTold = (role: Role, weight: number): boolean =>
    page.signs.some(([sign], at) => sign?.role === role && sign.weight >= weight && scope(page.places[at]!));
  return isTold('finalAmount', 9) && !isTold('payment', 6);
}

/** A later payment is no other sum; an extra one may be spoken of again. */
function takeChanged(page: Page, roles: Map<number, Role>, changes: readonly ChangeRead[]): void {
  for (const { token, kind } of changes) {
    // "After two years she adds 5,000": no interest that is added.
    const isAdded = kind === 'extra' && page.signs[token]?.some(({ role }) => role === 'charge');
    if (kind === 'new payment' || isAdded) roles.set(token, roleOfChange[kind]);
    if (kind === 'extra') for (const at of spokenOfAgain(page, token)) roles.set(at, roleOfChange[kind]);
  }
}

/** The same sum later in the text, in a question. */
function spokenOfAgain(page: Page, token: number): number[] {
  const { value, form } = tokenAt(page, token);
  return page.tokens.flatMap((each, at) =>
    at > token && each.form === form && each.value === value && sentenceAt(page, page.places[at]!)?.asks ? [at] : [],
  );
}

/** "… and how does the payment change?" */
const asksNewPayment = ({ flat }: Page, questions: readonly PlacedQuestion[]): boolean =>
  questions.some(
    ({ asked, unit }) =>
      asked === 'difference' &&
      /payments?(?: [a-z]+){0,2} (?:change|rise|fall|increase|decrease|drop|go (?:up|down))/.test(
        flat.slice(unit.start, unit.end),
      ),
  );

/** What stays when something changes, where the text does not say: who saves goes on with the same deposit. */
function keptOtherwise(
  { plan }: PlanRead,
  asked: ReadonlySet<Asked>,
  changes: readonly ChangeRead[],
): 'payments' | 'payment' {
  if ((plan.kind === 'saving' && plan.payment !== null) || plan.kind === 'lump-sum') return 'payment';
  if (asked.has('newPayment')) return 'payments';
  if (
    plan.payment !== null &&
    (plan.unknown === 'finalAmount' ||
      plan.unknown === 'payments' ||
      (plan.unknown === 'amount' && asksLoanAlone([...asked])))
  )
    return 'payment';
  return changes.some(({ kind }) => kind === 'rate') && !asked.has('difference') ? 'payments' : 'payment';
}

const ofLoanAlone: ReadonlySet<Asked> = new Set<Asked>(['amount', 'interest', 'totalPaid']);

/** Which loan do told payments repay, and nothing else but what it costs? Then they stay as they are told. */
export const asksLoanAlone = (asked: readonly Asked[]): boolean => asked.every((each) => ofLoanAlone.has(each));

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

const kindDoubts = ({ wasKind, plan }: SolePlan & { readonly wasKind?: ReadKind }): ReadDoubt[] =>
  wasKind
    ? [
        doubt('kind', `This sounds like ${kindNames[wasKind]}, but works out only as ${kindNames[plan.kind]}.`, [
          choice(kindNames[plan.kind], { kind: plan.kind }),
          choice(kindNames[wasKind], { kind: wasKind }),
        ]),
      ]
    : [];

/** The plan as it is told; where it does not work out as its kind, as the kind in which it does. */
function readSole(page: Page): SolePlan & { readonly wasKind?: ReadKind } {
  const told = readPlan(page);
  if (isMorePaid(told.plan)) {
    const owed = readPlan(page, { as: 'borrowing' });
    if (worksOut(owed)) return owed;
  }
  if (isMoreThanEnough(told)) {
    const saved = readPlan(page, { as: 'saving' });
    if (worksOut(saved)) return { ...saved, wasKind: told.plan.kind };
  }
  if (told.read.missing.length === 0 || worksOut(told)) return told;
  const others = (['borrowing', 'saving', 'drawing-down', 'lump-sum'] as const).filter(
    (kind) => kind !== told.plan.kind,
  );
  const kinds: readonly ReadKind[] =
    told.plan.kind === 'flat' ||
    told.plan.kind === 'leasing' ||
    told.plan.kind === 'convert' ||
    told.plan.kind === 'lump-sum'
      ? []
      : others;
  for (const kind of kinds) {
    const other = readPlan(page, { as: kind });
    if (worksOut(other) && other.terms.unexplained.length <= told.terms.unexplained.length)
      return { ...other, wasKind: told.plan.kind };
  }
  return told;
}

/** Nobody saves more than the goal at a rate above nothing: such payments repay what was lent. */
const isMorePaid = ({ kind, unknown, amount, payment, payments, finalAmount }: ReadPlan): boolean =>
  kind === 'saving' &&
  unknown === 'rate' &&
  (amount ?? 0) === 0 &&
  (payment ?? 0) * (payments ?? 0) > (finalAmount ?? Infinity);

/** What is asked at an end that the payments reach long before is asked of savings. */
const isMoreThanEnough = (told: SolePlan): boolean =>
  (told.plan.kind === 'borrowing' || told.plan.kind === 'drawing-down') &&
  told.plan.unknown === 'finalAmount' &&
  told.plan.finalAmount === null &&
  told.read.missing.length === 0 &&
  !worksOut(told);

/** Nothing is missing, nothing clashes, and it has an answer. */
function worksOut({ plan, read }: SolePlan): boolean {
  if (read.missing.length > 0 || read.clash || plan[plan.unknown] !== null) return false;
  return solvePlans([plan], [read.wanted])[0] !== undefined;
}

/** Its questions as far as they are understood; if that leaves one out, also what the others may ask. */
export function readOnePlan(page: Page): DraftReading {
  const isPlain = page.questions.every(({ isSupposed }) => !isSupposed);
  const plain = readAsAsked(withoutSupposed(page));
  return isPlain || plain.isClosed ? plain.draft : readAsAsked(page).draft;
}

/** @returns `isClosed` where a question that is not understood asks for the one thing that is missing */
function readAsAsked(page: Page): { draft: DraftReading; isClosed: boolean } {
  const sole = readSole(page);
  const dropped: Span[] = [];
  const { plan, read, questions, roles } = sole;
  const found = asksOfPlan(page, questions, asAsked(plan, 0, read.wanted), dropped);
  const { asks, doubts, agreed = false } = withTheMissing(page, sole, found);
  const draft: DraftReading = {
    plans: [plan],
    wanted: [read.wanted],
    asks,
    roles: new Map([...roles].map(([token, role]) => [token, { role }])),
    assumes: assumedOf(sole),
    doubts: [
      ...kindDoubts(sole),
      ...doubts,
      ...dropped.map((each) => notUnderstood(page, each)),
      ...doubtsOfPlan(page, sole, asks).filter(({ about }) => about !== 'asks' || (doubts.length === 0 && !agreed)),
    ],
  };
  return { draft, isClosed: agreed || doubts.length > 0 };
}

export function assumedOf({ terms, read, plan }: SolePlan): Assumed[] {
  const pays = plan.kind !== 'lump-sum' && plan.kind !== 'convert' && plan.kind !== 'flat';
  return [
    ...(pays && terms.timing === undefined ? (['timing=end'] as const) : []),
    ...(pays && read.assumesCompounding ? (['compounding=payments'] as const) : []),
  ];
}
