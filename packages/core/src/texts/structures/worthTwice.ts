/** What payments are worth at their start and at their end: "find the present value and the accumulated value". */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import { placeQuestions } from '../placedQuestions.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans } from './severalPlans.ts';

/** @returns nothing where only one of the two is asked, or anything but the payments is told */
export function readWorthTwice(page: Page): DraftReading | undefined {
  const placed = placeQuestions(page);
  const asked = placed.map((each) => each.asked);
  const isTwice = asked.includes('amount') && asked.includes('finalAmount');
  if (!isTwice || asked.some((each) => each !== 'amount' && each !== 'finalAmount')) return undefined;
  // "… for ten years pays for 750 a month in the ten years after that"
  if (/(?<![a-z])(?:after (?:that|this|which)|afterwards)(?![a-z])/.test(page.flat)) return undefined;
  if (page.tokens.filter(({ form }) => form === 'money').length !== 1) return undefined;
  const questions = ownedQuestions(page, (question) => (question.asked === 'amount' ? 0 : 1));
  const now = readPlan(page, { as: 'borrowing', questions: questionsOf(questions, 0) });
  const then = readPlan(page, {
    as: 'saving',
    questions: questionsOf(questions, 1).map((each) => ({ ...each, place: undefined })),
  });
  const { payments, paymentsPerYear } = now.plan;
  // "At the end of the ten years" is the end of all.
  const isOnTheWay = placed.some(
    ({ place }) => place !== undefined && (place.after ?? (place.afterYears ?? NaN) * paymentsPerYear) !== payments,
  );
  if (isOnTheWay) return undefined;
  const isKnown = now.plan.payment !== null && now.plan.payments !== null && now.plan.rate !== null;
  if (!isKnown || now.plan.unknown !== 'amount' || then.plan.unknown !== 'finalAmount') return undefined;
  return readingOfPlans(
    page,
    [
      { ...now, plan: { ...now.plan, name: 'at the start' } },
      { ...then, plan: { ...then.plan, name: 'at the end' } },
    ],
    questions.map((each) => ({ ...each, place: undefined })),
    (question, plans) => comparedBy(page, question, plans),
  );
}
