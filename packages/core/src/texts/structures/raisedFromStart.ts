/** "What is owed after ten years? How long would it take if 200 more were paid each month from the start?": the plan, and the same with more. */

import { changesOfText } from '../changesOfText.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { follow, without } from './followers.ts';
import { acrossBoth, ownedQuestions, questionsOf, type Owner } from './severalPlans.ts';

/** What a payment that is higher from the start does not change: the one plan tells both. */
const ofBoth: ReadonlySet<string> = new Set(['payment', 'payments', 'howLong', 'years']);

/** @returns nothing where no higher payment is supposed, or nothing is asked before that it would change */
export function readRaisedFromStart(page: Page): DraftReading | undefined {
  const [rise, more] = changesOfText(page);
  const token = rise?.token ?? -1;
  const said = rise?.kind === 'rise' && rise.after === 0 ? sentenceAt(page, page.places[token]!) : undefined;
  if (!rise || more || !said?.asks || rise.times !== undefined) return undefined;
  const questions = ownedQuestions(page, ({ asked, start }): Owner => {
    if (start < said.start) return 0;
    return asked === 'difference' ? 'across' : 1;
  });
  const before = questionsOf(questions, 0);
  if (before.every(({ asked }) => ofBoth.has(asked)) || before.length === questions.length) return undefined;
  const first = readPlan(page, { scope: without(said), questions: before });
  const { plan, read } = first;
  const isOpen = plan.payment === null && plan.unknown === 'payment' && plan.payments !== null;
  if (!isOpen || plan.changes.length > 0 || read.missing.length > 0) return undefined;
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'with more', payment: null, payments: null, unknown: 'payments' },
    [{ field: 'payment', fromPlan: 0, quantity: 'payment', plus: tokenAt(page, token).value }],
    [[token, 'paymentRise']],
    acrossBoth(page),
  );
}
