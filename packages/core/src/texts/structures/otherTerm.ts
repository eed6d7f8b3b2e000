/** "60 payments of 412.50 repay it: how large is it? What would they be over 48 months?": the loan that is found, over another time. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { paymentsTold } from '../paymentCounts.ts';
import type { ReadLink } from '../reading.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, type Owned } from './severalPlans.ts';

const overAnother =
  /(?<![a-z])(?:if|were|had|would)(?![a-z])[^?⟨]{0,70}(?:over|in|within|for|with|by|to) (?:only )?⟨([tn])(\d+)⟩(?:[^?⟨]|⟨e\d+⟩){0,30}\?/;

/** @returns nothing where no loan is sought, or its payments are not asked over another time */
export function readOtherTerm(page: Page): DraftReading | undefined {
  const asking = page.sentences.find(({ asks, text }) => asks && overAnother.test(text) && !/⟨[mp]/.test(text));
  const token = Number(overAnother.exec(asking?.text ?? '')?.[2] ?? NaN);
  const own = page.questions.filter((each) => asking && isIn([asking], each));
  if (!asking || own.length === 0 || !own.every(({ asked }) => asked === 'payment' || asked === 'newPayment'))
    return undefined;
  const first = readPlan(page, {
    scope: without(asking),
    questions: ownedQuestions(page, () => 0).filter((each) => !isIn([asking], each)),
  });
  const { plan, read } = first;
  const isFound = plan.kind === 'borrowing' && plan.unknown === 'amount' && (plan.payment ?? 0) > 0;
  if (!isFound || plan.payments === null || plan.changes.length > 0 || read.missing.length > 0) return undefined;
  const payments = paymentsTold(page, token, plan.paymentsPerYear);
  const links: ReadLink[] = [{ field: 'amount', fromPlan: 0, quantity: 'amount' }];
  const questions = ownedQuestions(page, (each) => (isIn([asking], each) ? 1 : 0)).map((each): Owned =>
    each.owner === 1 ? { ...each, asked: 'payment', place: undefined } : each,
  );
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'over another time', amount: null, payment: null, payments, unknown: 'payment' },
    links,
    [[token, tokenAt(page, token).form === 'time' ? 'duration' : 'payments']],
    () => undefined,
  );
}
