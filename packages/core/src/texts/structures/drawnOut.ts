/** "How much is left after 15 years? What could she draw each month if nothing were to be left after 25?": another sum, over a time of its own. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, type Page } from '../page.ts';
import { groupFound } from '../pattern.ts';
import { paymentsTold } from '../paymentCounts.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, questionsOf, type Owned } from './severalPlans.ts';

const wholly =
  /(?<![a-z])(?:nothing|no money) (?:is|was|were|should be|shall be|may be)(?: to be)? left (?:after|at the end of|in) ⟨t(\d+)⟩|(?<![a-z])(?:money|fund|capital|it|that|savings) (?:(?:is|was|were|has|had|needs|needed) to|should|must) last (?:her |him |them )?(?:for )?⟨t(\d+)⟩|(?:used up|exhausted|spent|empty|gone) (?:after|in) ⟨t(\d+)⟩/;

/** @returns nothing where not what is drawn is told, or no question asks what could be drawn over another time */
export function readDrawnOut(page: Page): DraftReading | undefined {
  const asking = page.sentences.find(({ asks, text }) => asks && wholly.test(text));
  const token = Number(groupFound(wholly.exec(asking?.text ?? '')) ?? NaN);
  if (!asking || !(token >= 0)) return undefined;
  const own = page.questions.filter((each) => isIn([asking], each));
  const isBeside = page.questions.length > own.length && own.length === 1 && own[0]?.asked === 'payment';
  if (!isBeside) return undefined;
  const questions = ownedQuestions(page, (each) => (isIn([asking], each) ? 1 : 0)).map((each): Owned =>
    each.owner === 1 ? { ...each, place: undefined } : each,
  );
  const first = readPlan(askingNothing(page, asking), { scope: without(asking), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isKnown = plan.kind === 'drawing-down' && plan.payment !== null && plan.amount !== null && plan.rate !== null;
  if (!isKnown || plan.changes.length > 0 || read.missing.length > 0) return undefined;
  const payments = paymentsTold(page, token, plan.paymentsPerYear);
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'drawn out', payments, payment: null, finalAmount: 0, unknown: 'payment' },
    [],
    [[token, 'duration']],
    () => undefined,
  );
}
