/** "What payment would end it five years sooner?", "How much more each month to be done in 20 years?": the same, done earlier. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import type { SolePlan } from '../solePlan.ts';
import { paymentsTold, wholeNumber } from '../paymentCounts.ts';
import type { ReadQuantity } from '../reading.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const sooner =
  /⟨([tna])(\d+)⟩(?: (?:⟨e\d+⟩ )?(?:payments|months))? (?:sooner|earlier|early|faster|ahead of (?:time|schedule))(?![a-z])/;
const within =
  /to be (?:done|free|clear|finished|through|debt-free|rid of (?:it|the (?:loan|debt|mortgage)))(?: of (?:it|debt|the (?:loan|debt|mortgage)))?(?: with it)? (?:in|within|after) (?:only )?⟨([tn])(\d+)⟩/;

/** @returns nothing where no earlier end is wanted, or more is asked of it than payments and what they come to */
export function readEndSooner(page: Page): DraftReading | undefined {
  const found = sooner.exec(page.flat) ?? within.exec(page.flat);
  if (!found) return undefined;
  const [words, form, index] = found;
  const token = Number(index);
  const { start, end } = tokenAt(page, token);
  // "After five years she wants to be free in 12 more."
  if (!sooner.test(words) && / (?:more|further) /.test(page.text.slice(start, end))) return undefined;
  const place = page.places[token]!;
  const told = sentenceAt(page, place);
  const isLater = (each: Span): boolean => each.start > found.index || (told !== undefined && isIn([told], each));
  const questions = ownedQuestions(page, (each): Owner => {
    if (!isLater(each)) return 0;
    return each.asked === 'difference' ? 'across' : 1;
  }).map((each): Owned => {
    if (each.owner === 0) return each;
    return { ...each, asked: each.asked === 'newPayment' ? 'payment' : each.asked, place: undefined };
  });
  const mayAsk = questions.every(({ owner, asked }) => owner === 0 || asked === 'payment' || asked === 'difference');
  if (!mayAsk || questions.every(({ owner }) => owner === 0)) return undefined;
  const first = readPlan(page, { scope: without(place), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isKnown = plan.payment === null && plan.unknown === 'payment' && read.missing.length === 0;
  if (!isKnown || plan.payments === null || plan.changes.length > 0 || plan.kind === 'lump-sum') return undefined;
  // "… to be free of it in one year … How much if he took two?" wants no earlier end.
  if (first.terms.times.some((at) => page.places[at]!.start > place.start)) return undefined;
  const time =
    form === 'a'
      ? wholeNumber(plan.paymentsPerYear / tokenAt(page, token).value)
      : paymentsTold(page, token, plan.paymentsPerYear);
  const payments = sooner.test(words) ? plan.payments - time : time;
  if (payments <= 0 || payments >= plan.payments) return undefined;
  const roles = [[token, form === 'n' ? 'payments' : 'duration']] as const;
  if (questions.every(({ owner }) => owner === 1)) {
    const only: SolePlan = { ...first, plan: { ...plan, payments }, roles: new Map([...first.roles, ...roles]) };
    return readingOfPlans(
      page,
      [only],
      questions.map((each): Owned => ({ ...each, owner: 0 })),
      () => undefined,
    );
  }
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'as agreed' } },
    questions,
    { name: 'sooner', payments },
    [],
    roles,
    (question) => ({
      quantity: 'difference',
      args: { of: measureOf(wordsOf(page, question)), between: [0, 1] },
    }),
  );
}

function measureOf(words: string): ReadQuantity {
  if (/interest/.test(words)) return 'totalInterest';
  return /in all|altogether|in total/.test(words) ? 'totalPaid' : 'payment';
}
