/** "60 payments of 412.50 repay it: how large is it? What would they be over 48 months?": the loan that is told or found, over another time. */

import type { DraftReading } from '../draftReading.ts';
import { comparedOf } from '../comparedOf.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { paymentsTold } from '../paymentCounts.ts';
import type { ReadLink } from '../reading.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const overAnother =
  /(?<![a-z])(?:if|were|had|would)(?![a-z])[^?⟨]{0,70}(?:over|in|within|for|with|by|to|ran|lasted|took|had) (?:only )?⟨([tn])(\d+)⟩(?:[^?⟨]|⟨e\d+⟩){0,30}\?/;

const mayAsk: ReadonlySet<string> = new Set(['payment', 'newPayment', 'interest', 'totalPaid', 'difference']);

/** @returns nothing where the loan is not there to be told or found, or nothing is asked over another time */
export const readOtherTerm = (page: Page): DraftReading | undefined => readOver(page, 'amount');

/** The same of a loan that is told: "How much interest would he save by clearing it in 18 months?" */
export const readToldOverAnother = (page: Page): DraftReading | undefined => readOver(page, 'payment');

function readOver(page: Page, sought: 'amount' | 'payment'): DraftReading | undefined {
  const asking = page.sentences.find(({ asks, text }) => asks && overAnother.test(text) && !/⟨[mp]/.test(text));
  const token = Number(overAnother.exec(asking?.text ?? '')?.[2] ?? NaN);
  const own = page.questions.filter((each) => asking && isIn([asking], each));
  if (!asking || own.length === 0 || !own.every(({ asked }) => mayAsk.has(asked))) return undefined;
  if (sought === 'payment' && !page.questions.some((each) => !own.includes(each) && each.start < asking.start))
    return undefined;
  const first = readPlan(page, {
    scope: without(asking),
    questions: ownedQuestions(page, () => 0).filter((each) => !isIn([asking], each)),
  });
  const { plan, read } = first;
  const isFound = plan.unknown === 'amount' && (plan.payment ?? 0) > 0;
  const isTold = plan.unknown === 'payment' && plan.amount !== null && plan.payment === null;
  if (
    plan.kind !== 'borrowing' ||
    !(sought === 'amount' ? isFound : isTold) ||
    plan.payments === null ||
    plan.changes.length > 0 ||
    read.missing.length > 0
  )
    return undefined;
  const payments = paymentsTold(page, token, plan.paymentsPerYear);
  if (payments === plan.payments) return undefined;
  const links: ReadLink[] = isFound ? [{ field: 'amount', fromPlan: 0, quantity: 'amount' }] : [];
  const questions = ownedQuestions(page, (each): Owner => {
    if (!isIn([asking], each)) return 0;
    return each.asked === 'difference' ? 'across' : 1;
  }).map((each): Owned => {
    if (each.owner !== 1) return each;
    return { ...each, asked: each.asked === 'newPayment' ? 'payment' : each.asked, place: undefined };
  });
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'over another time', amount: isFound ? null : plan.amount, payment: null, payments, unknown: 'payment' },
    links,
    [[token, tokenAt(page, token).form === 'time' ? 'duration' : 'payments']],
    (question) => ({
      quantity: 'difference',
      args: { of: comparedOf(wordsOf(page, question), page.flat), between: [0, 1] },
    }),
  );
}
