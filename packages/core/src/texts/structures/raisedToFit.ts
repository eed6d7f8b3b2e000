/** "By how much must the payment of 1,200 rise for the loan to be repaid in 12 years?": the told payment against the one that fits. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { groupFound } from '../pattern.ts';
import type { Role } from '../reading.ts';
import { follower, without } from './followers.ts';
import { ownedQuestions, readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

const payment = '(?:⟨e\\d+⟩ )?(?:payments?|instal?ments?|deposits?|rent(?:al)?s?)';
const rises =
  '(?:rise|increase|go up|grow|be (?:raised|increased|higher|larger|put up)|fall|decrease|go down|be (?:lowered|lower|reduced|smaller|less))';
const byHowMuch = new RegExp(
  `how much (?:would|must|should|will|does|do|has to|have to|needs? to) (?:the|an?|his|her|their|its|each) ${payment}(?: of (?:only )?⟨m\\d+⟩)?[^?]{0,40}? ${rises}(?![a-z])|how much (?:more|less) than ⟨m\\d+⟩ (?:⟨[ea]|each|every|per )`,
);
const told =
  /(?<![a-z])(?:pays?|paid|payments? (?:of|is|are)|instal?ments? of|repaid by|deposits?|saves?|than) (?:only )?⟨m(\d+)⟩/;

/** @returns nothing where not the payment, the amount or the goal, and a time are told, or nothing asks what the payment lacks */
export function readRaisedToFit(page: Page): DraftReading | undefined {
  const asking = page.sentences.find(({ asks, text }) => asks && byHowMuch.test(text));
  const paid = Number(groupFound(told.exec(asking?.text ?? '')) ?? groupFound(told.exec(page.flat)) ?? NaN);
  const place = page.places[paid];
  const isPayment = page.tokens[paid]?.form === 'money' && page.signs[paid]?.[0]?.role === 'payment';
  if (!asking || !place || !isPayment) return undefined;
  const questions = ownedQuestions(page, (): Owned['owner'] => 'across');
  const [question, more] = questions;
  if (!question || more || !byHowMuch.test(wordsOf(page, question))) return undefined;
  const fitting = readPlan(page, {
    scope: without(place),
    questions: [{ ...question, asked: 'payment', place: undefined }],
  });
  const { plan, read } = fitting;
  const isOpen = plan.unknown === 'payment' && plan.payment === null && plan.payments !== null && plan.rate !== null;
  const isGoal =
    plan.kind === 'saving' ? (plan.finalAmount ?? 0) > 0 : plan.kind === 'borrowing' && plan.amount !== null;
  if (!isOpen || !isGoal || read.missing.length > 0 || plan.changes.length > 0) return undefined;
  const fits = { ...fitting, plan: { ...plan, name: 'that fits' } };
  const roles: readonly (readonly [number, Role])[] = [[paid, 'payment']];
  const value = tokenAt(page, paid).value;
  // Too little leaves something at the end; too much is done sooner.
  const isTooLittle =
    plan.kind === 'borrowing' && !/(?<![a-z])(?:fall|decrease|down|low|reduced|smaller|less)/.test(asking.text);
  const asItIs = isTooLittle
    ? { name: 'as it is', payment: value, finalAmount: null, unknown: 'finalAmount' as const }
    : { name: 'as it is', payment: value, payments: null, unknown: 'payments' as const };
  return readingOfPlans(
    { ...page, unread: page.unread.filter((each) => each.start < asking.start || each.start >= asking.end) },
    [follower(fits, asItIs, [], roles), fits],
    [{ ...question, asked: 'difference' }],
    () => ({ quantity: 'difference', args: { of: 'payment', between: [0, 1] } }),
  );
}
