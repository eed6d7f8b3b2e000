/** "She needs 12,000 a year for four years, the first in ten years; what must she save each year until then?" */

import { groupFound } from '../pattern.ts';
import { firstOrPeriod } from '../doubts.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { ReadPlan } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { yearsOf } from '../tokens.ts';
import { isIn } from './clauses.ts';
import { without } from './followers.ts';
import { rateSpans } from './phaseSpans.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf } from './severalPlans.ts';

const begins =
  /(?:the )?first (?:one |of (?:them|these|which) |(?:withdrawal|payment|grant|payout) )?(?:(?:is|being|falls?|due|paid|needed|made|to be paid) )*(?:exactly |only )?(?:(?:in|after) ⟨t(\d+)⟩(?=[.,;?]|$)|⟨t(\d+)⟩ (?:from (?:now|today)|hence|later))|(?:starting|beginning|commencing)(?: only| exactly)? (?:in ⟨t(\d+)⟩|⟨t(\d+)⟩ (?:from (?:now|today)|hence))/;
const saves =
  /(?<![a-z])(?:sav(?:e|es|ed)|put (?:away|aside|by|in)|set (?:aside|by)|lay (?:by|aside)|deposit(?:s|ed)?|pa(?:y|id|ys) (?:in|into)|contribut\w*|invest(?:s|ed)?)(?![a-z])/;
const needs =
  /(?<![a-z])(?:needs?|needed|wants?|would like|wishes|draws?|withdraw\w*|provide|grants?|scholarships?|pensions?|fees|is to pay|to pay|receives?|study)(?![a-z])/;

/** @returns nothing where no deposits are asked for payments that begin at a told time */
export function readSavedForLater(page: Page): DraftReading | undefined {
  const found = begins.exec(page.flat);
  const wait = Number(groupFound(found) ?? NaN);
  const questions = ownedQuestions(page, () => 1);
  const [only, more] = questions;
  const isSaved = only?.asked === 'payment' && more === undefined && saves.test(wordsOf(page, only));
  if (
    !found ||
    !isSaved ||
    /after the last (?:deposit|payment)/.test(page.flat) ||
    !needs.test(page.flat) ||
    page.tokens.some(isHeld(page))
  )
    return undefined;
  const asking = sentenceAt(page, only)!;
  // What is needed and what is saved may stand in one sentence: then the question parts them.
  const ofSaving: Span = { start: Math.max(asking.start, only.start), end: asking.end };
  const years = yearsOf(page, wait);
  const again = page.places.filter(
    (_, at) =>
      at !== wait && tokenAt(page, at).form === 'time' && yearsOf(page, at) === years && isAfter(page, at, wait),
  );
  const drawn = readPlan(page, {
    scope: (place) => without(page.places[wait]!, ofSaving, ...again)(place) || isIn(rateSpans(page), place),
    as: 'drawing-down',
    questions: [],
  });
  const isNeeded = (drawn.plan.payment ?? 0) > 0 && drawn.plan.payments !== null && drawn.plan.rate !== null;
  if (!isNeeded || (drawn.plan.amount ?? 0) > 0 || drawn.plan.changes.length > 0) return undefined;
  const put = readPlan(page, {
    scope: (place) => isIn([ofSaving], place) || isIn(rateSpans(page), place),
    as: 'saving',
    questions: questionsOf(questions, 1),
  });
  const payments = wholeNumber(years * put.plan.paymentsPerYear);
  const isClash = put.plan.payments !== null && put.plan.payments !== payments;
  if (!(payments > 0) || isClash || put.plan.payment !== null || (put.plan.amount ?? 0) > 0) return undefined;
  const reading = readingOfPlans(page, bothOf(drawn, put, payments, wait), questions, () => undefined);
  // "At the end of each year, beginning ten years from now": then the first falls, or its year begins.
  const isUnclear =
    drawn.plan.timing === 'end' &&
    page.timings.some(({ says, start, end }) => says === 'end' && !isIn([ofSaving], { start, end })) &&
    !/first/.test(found[0]);
  return isUnclear ? { ...reading, doubts: [...reading.doubts, firstOrPeriod] } : reading;
}

const isAfter = (page: Page, at: number, other: number): boolean => page.places[at]!.start > page.places[other]!.start;

/** Something is there already. */
const isHeld =
  (page: Page) =>
  (_: unknown, at: number): boolean =>
    page.signs[at]?.[0]?.role === 'amount' && page.signs[at][0].weight >= 9;

/** What is needed by then, and the deposits that come to it. */
function bothOf(drawn: SolePlan, put: SolePlan, payments: number, wait: number): SolePlan[] {
  const needed: ReadPlan = {
    ...drawn.plan,
    name: 'drawing',
    amount: null,
    finalAmount: 0,
    timing: 'beginning',
    unknown: 'amount',
  };
  const saved: ReadPlan = {
    ...put.plan,
    name: 'saving',
    amount: 0,
    payments,
    finalAmount: null,
    unknown: 'payment',
    links: [{ field: 'finalAmount', fromPlan: 0, quantity: 'amount' }],
  };
  return [
    { ...drawn, plan: needed, read: { ...drawn.read, missing: [] } },
    { ...put, plan: saved, read: { ...put.read, missing: [] }, roles: new Map([...put.roles, [wait, 'duration']]) },
  ];
}
