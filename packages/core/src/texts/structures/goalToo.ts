/** "How much is there after 20 years? After how many years are there 50,000?": the same savings, to a time and to a goal. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, type Page } from '../page.ts';
import type { Question } from '../question.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions } from './severalPlans.ts';

const asksTime = ({ asked }: Question): boolean => asked === 'payments' || asked === 'years' || asked === 'howLong';
const asksEnd = ({ asked }: Question): boolean => asked === 'finalAmount' || asked === 'balance';

/** @returns nothing where no other question asks for a time that leads to a sum of its own */
export function readGoalToo(page: Page): DraftReading | undefined {
  const [time, another] = page.questions.filter(asksTime);
  if (!time) return readOtherGoal(page);
  const sentence = sentenceAt(page, time);
  const saves = page.kinds.some(({ says, weight }) => says === 'saving' && weight >= 5);
  const grows = page.kinds.some(({ says, weight }) => says === 'lump-sum' && weight >= 5);
  if (
    !sentence ||
    another ||
    !(saves || grows) ||
    !page.questions.some((each) => asksEnd(each) && !isIn([sentence], each))
  )
    return undefined;
  const [token, more] = page.tokens.flatMap(({ form }, at) =>
    form === 'money' && isIn([sentence], page.places[at]!) ? [at] : [],
  );
  if (token === undefined || more !== undefined) return undefined;
  const goal = tokenAt(page, token).value;
  const once = askingNothing(page, sentence);
  const first = readPlan(once, {
    scope: without(sentence),
    as: saves ? 'saving' : 'lump-sum',
    questions: ownedQuestions(once, () => 0),
  });
  const { plan, read } = first;
  const isPut = saves ? (plan.payment ?? 0) > 0 : (plan.amount ?? 0) > 0;
  const isKnown = isPut && plan.payments !== null && plan.rate !== null && read.missing.length === 0;
  if (!isKnown || plan.unknown !== 'finalAmount' || (plan.amount ?? 0) >= goal || (plan.payment ?? 0) >= goal)
    return undefined;
  const questions = ownedQuestions(page, (each) => (isIn([sentence], each) ? 1 : 0));
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'then', payments: null, finalAmount: goal, unknown: 'payments' },
    [],
    [[token, 'finalAmount']],
    () => undefined,
  );
}

/** "How much do they have? The trip costs 4,000; what would they have to save each month?": the payment that leads to it. */
function readOtherGoal(page: Page): DraftReading | undefined {
  const [asking, another] = page.questions.filter(({ asked }) => asked === 'payment');
  const sentence = asking && sentenceAt(page, asking);
  if (!sentence || another || !page.questions.some((each) => asksEnd(each) && each.start < sentence.start))
    return undefined;
  // "…; what would they have to save" is a sentence of its own.
  const before = page.sentences[page.sentences.indexOf(sentence) - 1];
  const told = before && !before.asks ? [before, sentence] : [sentence];
  const [token, more] = page.tokens.flatMap(({ form }, at) =>
    form === 'money' && isIn(told, page.places[at]!) ? [at] : [],
  );
  if (token === undefined || more !== undefined) return undefined;
  const goal = tokenAt(page, token).value;
  const once = askingNothing(page, sentence);
  const first = readPlan(once, { scope: without(...told), as: 'saving', questions: ownedQuestions(once, () => 0) });
  const { plan, read } = first;
  const isKnown = (plan.payment ?? 0) > 0 && plan.payments !== null && plan.rate !== null && read.missing.length === 0;
  const saves = page.kinds.some(({ says, weight }) => says === 'saving' && weight >= 5);
  if (!saves || !isKnown || plan.unknown !== 'finalAmount' || (plan.payment ?? 0) >= goal) return undefined;
  const questions = ownedQuestions(page, (each) => (isIn([sentence], each) ? 1 : 0));
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'then', payment: null, finalAmount: goal, unknown: 'payment' },
    [],
    [[token, 'finalAmount']],
    () => undefined,
  );
}
