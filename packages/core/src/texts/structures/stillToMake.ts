/** "How many payments are still to be made after it?": what is owed at a change is paid off by a plan of its own. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { changesOfText } from '../changesOfText.ts';
import { paymentAfter } from '../paymentCounts.ts';
import { tokenAt, type Page } from '../page.ts';
import { groupFound } from '../pattern.ts';
import { placeAsked } from '../askArgs.ts';
import type { AskedPlace } from '../lexicon/placeRecord.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import type { ReadChange, ReadLink, ReadPlan, Role } from '../reading.ts';
import { readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

export const stillToMake =
  /number of (?:further|remaining) (?:⟨e\d+⟩ )?(?:payments|instal?ments)(?! (?:stays|is|remains|being))|number of (?:⟨e\d+⟩ )?(?:payments|instal?ments) (?:still|then) (?:needed|to be made|to make|to come|left)|(?:in|after|for) how many (?:more )?(?:payments|instal?lments|months|quarters) (?:after (?:that|this|then)|from then)|how many (?:more|further) (?:⟨e\d+⟩ )?(?:payments|instal?lments|months|withdrawals|quarters)(?! (?:than|in all))|how many (?:⟨e\d+⟩ |[a-z]+ )?(?:payments|instal?lments)(?: of ⟨m\d+⟩)? (?:then )?remain|how many (?:⟨e\d+⟩ |[a-z]+ )?(?:payments|instal?lments)(?: of ⟨m\d+⟩)? (?:are|will be) (?:there )?(?:then |still )*(?:left|needed|to be made|to make|to come|to pay)(?! (?:in all|altogether|in total))|how many (?:⟨e\d+⟩ |[a-z]+ )?(?:payments|instal?lments|withdrawals) (?:still |yet )?(?:to come|to be made|to make|remaining|remain|left|outstanding)|how many (?:⟨e\d+⟩ |[a-z]+ )?(?:payments|instal?lments) (?:are there|(?:does|do|must|will) (?:he|she|they) (?:have to )?make) (?:after|from) (?:the|that|this) (?:change|cut|rise|fall|reduction|increase|lump sum|extra payment)(?: on)?|how many (?:⟨e\d+⟩ |[a-z]+ )?(?:payments|instal?lments) (?:will|must|does|do) (?:he|she|they|it) still|how many of (?:these|those|the) (?:(?:larger|bigger|higher|smaller|lower|new|raised|increased|reduced)(?: ⟨e\d+⟩)? (?:payments|instal?lments|deposits|withdrawals)|(?:payments|instal?lments|deposits|withdrawals) of ⟨m\d+⟩)|how many (?:payments|withdrawals|deposits|instal?ments) of ⟨m\d+⟩ (?:then )?follow/;

/** Not how many there are in all. */
const yetToCome = /more|further|remain|still|left|to come|after (?:that|this)|from then|of (?:these|those|the) /;

/** The plan from a change on; nothing where what it leaves is not paid off with payments that are known. */
function afterChange(
  plan: ReadPlan,
  change: ReadChange,
): { then: Partial<ReadPlan>; plus: number; more?: number } | undefined {
  const isKept = change.kind === 'payment' || change.keep === 'payment';
  const ends =
    plan.kind === 'saving'
      ? (plan.finalAmount ?? 0) > 0
      : (plan.kind === 'borrowing' || plan.kind === 'drawing-down') && plan.finalAmount === 0;
  if (!isKept || !ends) return undefined;
  switch (change.kind) {
    case 'extra':
      return { then: {}, plus: plan.kind === 'saving' ? change.value : -change.value };
    case 'skip':
      return { then: {}, plus: 0 };
    case 'rate':
      return { then: { rate: change.rate }, plus: 0 };
    case 'payment':
      return plan.payment === null
        ? { then: {}, plus: 0, more: change.by }
        : { then: { payment: plan.payment + change.by }, plus: 0 };
  }
}

/** What is owed after a payment, paid off by itself; the payment is the plan's, or told anew. */
function afterwards(
  { kind, rate, paymentsPerYear, payment, timing, finalAmount }: ReadPlan,
  { k, then, plus, more }: { k: number; then: Partial<ReadPlan>; plus: number; more?: number },
  isToldAnew: boolean,
): ReadPlan {
  const linked = (link: Omit<ReadLink, 'fromPlan'>): ReadLink => ({ ...link, fromPlan: 0 });
  const isLinked = payment === null && !isToldAnew;
  return {
    ...{ kind, rate, paymentsPerYear, payment, timing, ...then },
    name: 'afterwards',
    amount: null,
    payments: null,
    finalAmount: kind === 'saving' ? finalAmount : 0,
    changes: [],
    unknown: 'payments',
    links: [
      linked({ field: 'amount', quantity: 'balanceAfter', args: { k }, ...(plus === 0 ? {} : { plus }) }),
      ...(isLinked
        ? [linked({ field: 'payment', quantity: 'payment', ...(more === undefined ? {} : { plus: more }) })]
        : []),
    ],
  };
}

/** How many payments are over when what a change leaves begins: those that are left out are over, too. */
const overAt = (change: ReadChange): number => change.after + (change.kind === 'skip' ? change.payments : 0);

/** "How many more payments does the pause cost?": no payments behind it. */
const ofItsCost =
  /because|owing to|due to|(?<![a-z])(?:does|do|will|would) the (?!(?:borrower|owner|debtor|family|couple)(?![a-z]))|(?<![a-z])costs?(?![a-z])/;

/** The payments behind a change that leaves the payment as it is; nothing where it does not. */
export function paymentsAfterChange(plan: ReadPlan, change: ReadChange): ReadPlan | undefined {
  const found = afterChange(plan, change);
  return found && afterwards(plan, { ...found, k: overAt(change) }, false);
}

/** "After 24 payments she raises the payment to 500", of a payment that the text does not state. */
function otherFrom(page: Page, { kind, payment, paymentsPerYear, finalAmount }: ReadPlan) {
  const [told, ...more] = changesOfText(page);
  if (kind !== 'borrowing' || payment !== null || finalAmount !== 0 || told?.kind !== 'new payment' || more.length > 0)
    return undefined;
  const k = paymentAfter(told, paymentsPerYear);
  const roles: readonly (readonly [number, Role])[] = [
    [told.token, 'payment'],
    ...told.taken.map(({ token, role }) => [token, role] as const),
  ];
  return k === undefined ? undefined : { k, then: { payment: tokenAt(page, told.token).value }, plus: 0, roles };
}

/** "… and then 320 a month. How many payments of 320 does she make?": those behind the change. */
function paymentNamed(page: Page, words: string): number | undefined {
  const token = Number(
    groupFound(
      /how many (?:⟨e\d+⟩ |[a-z]+ )?(?:(?:payments|instal?lments|deposits|withdrawals) of ⟨m(\d+)⟩|⟨m(\d+)⟩ (?:⟨e\d+⟩ )?(?:payments|instal?lments|deposits|withdrawals))/.exec(
        words,
      ),
    ) ?? NaN,
  );
  const [change] = token >= 0 ? changesOfText(page).filter(({ kind }) => kind === 'new payment') : [];
  const isIt = change && change.token !== token && tokenAt(page, change.token).value === tokenAt(page, token).value;
  return isIt ? token : undefined;
}

/** "What is owed after the tenth payment, and how many payments remain?": where nothing changes, they are counted from there. */
function momentAsked(
  own: AskedPlace | undefined,
  placed: readonly PlacedQuestion[],
  { kind, paymentsPerYear, finalAmount, unknown }: ReadPlan,
) {
  if ((kind !== 'borrowing' && kind !== 'drawing-down') || (finalAmount !== 0 && unknown !== 'finalAmount'))
    return undefined;
  const place =
    own ??
    placed.find(
      ({ asked, place: at }) => at && (asked === 'balance' || (kind === 'drawing-down' && asked === 'finalAmount')),
    )?.place;
  const k = place && paymentAfter(place, paymentsPerYear);
  return k;
}

/** @returns nothing where no change or moment is told behind which payments are counted */
export function readStillToMake(page: Page): DraftReading | undefined {
  if (!stillToMake.test(page.flat) && paymentNamed(page, page.flat) === undefined) return undefined;
  const placed = placeQuestions(page);
  const isLeft = (each: PlacedQuestion): boolean =>
    (each.asked === 'payments' || each.asked === 'howLong') &&
    (stillToMake.test(wordsOf(page, each)) || paymentNamed(page, wordsOf(page, each)) !== undefined);
  if (placed.filter(isLeft).length !== 1) return undefined;
  // "How many payments are needed? What is owed after the 18th?": all of them, unless they are those that remain.
  const isYet = placed.some((each) => isLeft(each) && yetToCome.test(wordsOf(page, each)));
  // "How many payments are still to come after the tenth year?"
  const own = isYet ? placeAsked(page, placed.find(isLeft)!.unit, 'moment') : undefined;
  const isOwn = ({ start }: Span): boolean =>
    own?.taken.some(({ token }) => page.places[token]?.start === start) ?? false;
  const first = readPlan(page, {
    questions: placed.filter((each) => !isLeft(each)),
    ...(changesOfText(page).length === 0 ? { scope: (place: Span) => !isOwn(place) } : {}),
  });
  const { plan, read } = first;
  const [change, second] = plan.changes;
  const isKnown = read.missing.length === 0 && (plan.payments !== null || plan.payment !== null) && plan.rate !== null;
  if (!isKnown || second) return undefined;
  if (change?.kind === 'skip' && (!isYet || placed.some((each) => isLeft(each) && ofItsCost.test(wordsOf(page, each)))))
    return undefined;
  const other = otherFrom(page, plan);
  const moment = change || !isYet ? undefined : momentAsked(own, placed, plan);
  const found = other ?? (change ? afterChange(plan, change) : { then: {}, plus: 0 });
  const k = other?.k ?? (change && overAt(change)) ?? moment;
  if (!found || k === undefined) return undefined;
  const raised = 'more' in found ? found.more : undefined;
  if (raised !== undefined && !isYet) return undefined;
  // "160 a month for the first year, then 220. How many payments are needed?": in all.
  if (change?.kind === 'payment' && !isYet && paymentNamed(page, page.flat) === undefined) return undefined;
  const questions = placed.map((each): Owned =>
    isLeft(each)
      ? { ...each, asked: 'payments', place: undefined, owner: 1 }
      : // The last of those that are counted; where the payment is told, the plan itself says as much.
        { ...each, owner: each.asked === 'lastPayment' && change !== undefined && plan.payment === null ? 1 : 0 },
  );
  const then = afterwards(plan, { ...found, k }, other !== undefined);
  const again = paymentNamed(page, page.flat);
  const namedAgain: (readonly [number, Role])[] = [
    ...(again === undefined ? [] : ([[again, 'payment']] as const)),
    ...(own?.taken ?? []).map(({ token, role }) => [token, role] as const),
  ];
  return readingOfPlans(
    page,
    [
      // "How large was the loan? If she then pays more, …": what is sought is that of the plan as it was.
      { ...first, plan: { ...plan, name: 'first', ...(plan.unknown === 'amount' || other ? { changes: [] } : {}) } },
      { ...first, plan: then, roles: new Map([...first.roles, ...(other?.roles ?? []), ...namedAgain]) },
    ],
    questions,
    () => undefined,
  );
}
