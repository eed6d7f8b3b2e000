/** "… deposits to have 60,000 in 12 years. After 7 years the rate falls. What will he have if he keeps the same deposits?": the end is another one. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import { placeQuestions } from '../placedQuestions.ts';
import { follow } from './followers.ts';
import type { Owned } from './severalPlans.ts';

const asksEnd: ReadonlySet<string> = new Set(['finalAmount', 'balance']);

/** @returns nothing where the deposits are told, no rate changes, or what is there at the end is not asked behind the change */
export function readKeptDeposits(page: Page): DraftReading | undefined {
  const placed = placeQuestions(page);
  const sole = readPlan(page, { questions: placed.filter(({ asked }) => !asksEnd.has(asked)) });
  const { plan, read, changes } = sole;
  const [change, more] = plan.changes;
  const told = changes[0] && sentenceAt(page, page.places[changes[0].token]!);
  const isGoal = plan.kind === 'saving' && plan.unknown === 'payment' && (plan.finalAmount ?? 0) > 0;
  if (!isGoal || !told || change?.kind !== 'rate' || more || read.missing.length > 0) return undefined;
  const questions = placed.map((each): Owned => {
    const isBehind = asksEnd.has(each.asked) && each.start >= told.start;
    const isAtEnd = isBehind && (!each.place || each.place.same === true || each.place.atChange === true);
    return isAtEnd ? { ...each, asked: 'finalAmount', place: undefined, owner: 1 } : { ...each, owner: 0 };
  });
  const isOther = questions.some(({ owner, start }) => owner === 0 && start >= told.start);
  if (isOther || !questions.some(({ owner }) => owner === 1)) return undefined;
  return follow(
    page,
    { ...sole, plan: { ...plan, changes: [], name: 'as planned' } },
    questions,
    {
      name: 'with the change',
      payment: null,
      finalAmount: null,
      unknown: 'finalAmount',
      changes: [{ ...change, keep: 'payment' }],
    },
    [{ field: 'payment', fromPlan: 0, quantity: 'payment' }],
    [],
    () => undefined,
  );
}
