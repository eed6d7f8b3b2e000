/** "How many deposits are needed to reach 50,000, and what is in the account right after the last?": so many whole ones, and what they come to. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import { placeQuestions } from '../placedQuestions.ts';
import { follow } from './followers.ts';
import { wordsOf, type Owned } from './severalPlans.ts';

const counts: ReadonlySet<string> = new Set(['payments', 'howLong', 'years']);
const asksSum: ReadonlySet<string> = new Set(['finalAmount', 'balance']);
/** It supposes another case, or names a number of its own. */
const ofOther = /(?<![a-z])(?:if|instead|suppose|without|already)(?![a-z])|⟨[pmtno]/;
const paidIn = /(?<![a-z])(?:paid|put|deposit(?:s|ed)?|contribut(?:ed|ions)) in(?![a-z])|deposited|contributed/;

/** @returns nothing where no goal is saved for, or what is there when it is reached is not asked besides how long that takes */
export function readGoalPassed(page: Page): DraftReading | undefined {
  const placed = placeQuestions(page);
  const time = placed.findIndex(({ asked }) => counts.has(asked));
  const isThen = placed.map(
    (each, at) =>
      time >= 0 &&
      at > time &&
      asksSum.has(each.asked) &&
      !paidIn.test(wordsOf(page, each)) &&
      !ofOther.test(wordsOf(page, each)),
  );
  if (!isThen.includes(true)) return undefined;
  const sole = readPlan(page, { questions: placed.filter((_, at) => !isThen[at]) });
  const { plan, read } = sole;
  const isGoal =
    (plan.kind === 'saving' || plan.kind === 'lump-sum') &&
    plan.unknown === 'payments' &&
    (plan.finalAmount ?? 0) > 0 &&
    plan.changes.length === 0;
  const isNamed = placed.some(({ place }, at) => isThen[at] && place && !place.same && !place.atChange);
  if (!isGoal || read.missing.length > 0 || isNamed) return undefined;
  const questions = placed.map((each, at): Owned => {
    if (isThen[at]) return { ...each, asked: 'finalAmount', place: undefined, owner: 1 };
    // Whole years, where interest is added once a year.
    const isYears = counts.has(each.asked) && plan.paymentsPerYear === 1;
    return isYears ? { ...each, asked: 'payments', owner: 0 } : { ...each, owner: 0 };
  });
  return follow(
    page,
    { ...sole, plan: { ...plan, name: 'to the goal' } },
    questions,
    { name: 'when it is reached', payments: null, finalAmount: null, unknown: 'finalAmount' },
    [{ field: 'payments', fromPlan: 0, quantity: 'payments' }],
    [],
    () => undefined,
  );
}
