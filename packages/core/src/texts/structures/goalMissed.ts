/** "A company puts in 2,800 a quarter to have 90,000 in six years. What is the surplus or the shortfall?": what is saved, held against the goal. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import type { Span } from '../flatText.ts';
import { follower, without } from './followers.ts';
import { readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

const amount = '(?:the |her |his |their |its |any )?(?:surplus|shortfall|deficit|excess|shortage)';
/** It is asked how far the goal is passed or missed. */
const missed = new RegExp(
  `(?<![a-z])(?:(?:what|how (?:large|big|much|great)) (?:is|will be|would be|are)? ?${amount}|(?:find|calculate|determine|state) ${amount}|(?:by how much|how far(?: short)?|how much) (?:will|does|do|would|is|are) [^?⟨,]{0,50}(?:short|fall|miss|exceed|surpass|too (?:little|much)|lacking|above|below)[^?⟨]{0,30}|how much (?:more|less) than (?:the|her|his|their|its) (?:goal|target|aim)(?![a-z])|how much (?:is|will be|would be) (?:then )?(?:still )?(?:lacking|missing|left over|short|too (?:little|much)))`,
);

/** @returns nothing where not a goal, regular deposits and their number are told, or nothing asks how far it is missed */
export function readGoalMissed(page: Page): DraftReading | undefined {
  const asking = page.sentences.find(({ text }) => missed.test(text));
  const found = missed.exec(asking?.text ?? '');
  // What falls short of a debt, or of what is drawn, is no goal of savings.
  const isOwed = page.kinds.some(({ says, weight }) => says !== 'saving' && says !== 'lump-sum' && weight >= 6);
  if (!asking || !found || isOwed) return undefined;
  const place = { start: asking.start + found.index, end: asking.start + found.index + found[0].length };
  const goals = goalsOf(page);
  const [goal, more] = goals;
  if (goal === undefined || more !== undefined) return undefined;
  const isMissed = ({ start, end }: Span): boolean => start < place.end && end > place.start;
  const questions = placeQuestions(page).filter((each) => !isMissed(each));
  const first = readPlan(page, { scope: without(page.places[goal]!), as: 'saving', questions });
  const { plan } = first;
  const isKnown = plan.payment !== null && plan.payments !== null && plan.rate !== null && plan.changes.length === 0;
  if (!isKnown || plan.kind !== 'saving') return undefined;
  const saved = { ...first, plan: { ...plan, name: 'as saved', finalAmount: null, unknown: 'finalAmount' as const } };
  const needed = follower(
    saved,
    { name: 'the goal', payment: null, finalAmount: tokenAt(page, goal).value, unknown: 'payment' },
    [],
    [[goal, 'finalAmount']],
  );
  const difference: Owned = { asked: 'difference', ...place, unit: asking, place: undefined, owner: 'across' };
  const owned = [...questions.map((each) => ownedBy(page, each)), difference].sort(
    (one, other) => one.start - other.start,
  );
  const isHeard = ({ start, end }: Span): boolean =>
    owned.some(({ unit, owner }) => owner === 1 && unit.start < end && unit.end > start);
  const heard: Page = {
    ...page,
    questions: [...page.questions.filter((each) => !isMissed(each)), difference],
    unread: page.unread.filter((each) => !isMissed(each) && !isHeard(each)),
  };
  return readingOfPlans(heard, [{ ...saved, read: { ...first.read, missing: [] } }, needed], owned, () => ({
    quantity: 'difference',
    args: { of: 'finalAmount', between: [0, 1] },
  }));
}

/** The sums that are to be there, or to be paid, at the end: all but what is paid in, or is there. */
const goalsOf = ({ signs, tokens }: Page): number[] =>
  tokens.flatMap(({ form }, at) => {
    const [best] = signs[at] ?? [];
    const isOther =
      best && (best.role === 'payment' || best.role === 'extra' || (best.role === 'amount' && best.weight >= 9));
    return form === 'money' && !isOther ? [at] : [];
  });

/** "What should he have saved each month?" */
const toReachIt =
  /(?<![a-z])(?:should|must|needs? to|has to|have to|had to|ought to|be enough|be needed|necessary)(?![a-z])/;

/** The deposit that reaches the goal is the second plan's; all else is asked of what is saved. */
function ownedBy(page: Page, each: PlacedQuestion): Owned {
  const isInstead = (each.asked === 'payment' || each.asked === 'difference') && toReachIt.test(wordsOf(page, each));
  return isInstead ? { ...each, asked: 'payment', place: undefined, owner: 1 } : { ...each, owner: 0 };
}
