/** "What will it owe in ten years? What payment would have cleared the debt in those ten years?": the payment that leaves nothing. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, type Page } from '../page.ts';
import { follow } from './followers.ts';
import { ownedQuestions, questionsOf, type Owned } from './severalPlans.ts';

const clears =
  /^\W*(?:⟨l\d+⟩\W*)?(?:and )?(?:what|how (?:large|big|high|much))[^?]{0,30} (?:would|must|should|has to|ought to)(?: [a-z]+){0,4} (?:clear|repay|repaid|pay (?:it |the [a-z]+ )?off|paid off|settle|amorti[sz]e)[a-z]*(?![a-z])[^?]*(?:in|within|over|by) (?:those|these|that|the same|this|then)(?![a-z])/;

/** @returns nothing where no payment is told whose balance at a time is asked, with the one that leaves none */
export function readClearedInstead(page: Page): DraftReading | undefined {
  const other = page.questions.find(
    ({ asked, unit }) => asked === 'payment' && clears.test(page.flat.slice(unit.start, unit.end)),
  );
  const sentence = other && sentenceAt(page, other);
  if (!other || !sentence) return undefined;
  const questions = ownedQuestions(page, ({ start }) => (start === other.start ? 1 : 0)).map((each): Owned =>
    each.owner === 1 ? { ...each, place: undefined } : each,
  );
  const first = readPlan(askingNothing(page, sentence), { questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isKnown = plan.kind === 'borrowing' && plan.payment !== null && plan.amount !== null && plan.rate !== null;
  const isOpen = plan.unknown === 'finalAmount' && plan.payments !== null && plan.changes.length === 0;
  if (!isKnown || !isOpen || read.missing.length > 0 || /⟨[mp]/.test(page.flat.slice(other.unit.start, other.unit.end)))
    return undefined;
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'cleared', payment: null, finalAmount: 0, unknown: 'payment' },
    [],
    [],
    () => undefined,
  );
}
