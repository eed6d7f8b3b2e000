/** "What would the total interest have been without the rise?": the plan as it was agreed, beside the plan as it went. */

import { changesOfText } from '../changesOfText.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import { ownedQuestions, readingOfPlans, wordsOf, type Owner } from './severalPlans.ts';

const asAgreed =
  /(?<![a-z])without (?:the|this|that|any|such an?) (?:[a-z]+ ){0,2}(?:change|rise|increase|cut|fall|drop|reduction|extra payment|lump sum|additional payment|break|pause|holiday)(?![a-z])|(?:had|if) (?:the (?:interest )?rate|the payment|it|nothing) (?:had )?(?:stayed|remained|not (?:changed|risen|fallen|gone|been (?:raised|cut|lowered|changed))|never (?:changed|risen|fallen)|changed)|as (?:it was )?(?:first|originally) (?:planned|agreed)/;

/** What both have alike is told by either. */
const ofEither: ReadonlySet<string> = new Set(['payment', 'newPayment', 'choice', 'difference']);

/** @returns nothing where nothing is asked of the plan without its change, or where it is only held against the other */
export function readWithoutChange(page: Page): DraftReading | undefined {
  if (changesOfText(page).length !== 1 || !asAgreed.test(page.flat)) return undefined;
  const isOfAgreed = (question: PlacedQuestion): boolean => {
    const own = sentenceAt(page, question);
    const isOnly = page.questions.filter((each) => sentenceAt(page, each) === own).length === 1;
    return !ofEither.has(question.asked) && asAgreed.test(isOnly ? (own?.text ?? '') : wordsOf(page, question));
  };
  const questions = ownedQuestions(page, (question): Owner => (isOfAgreed(question) ? 0 : 1));
  if (!questions.some(({ owner }) => owner === 0) || questions.some(({ asked }) => asked === 'difference'))
    return undefined;
  const sole = readPlan(page, { questions: questions.filter(({ owner }) => owner === 1) });
  const { plan, read } = sole;
  const isKnown = read.missing.length === 0 && plan.changes.length === 1;
  if (!isKnown || plan.kind === 'lump-sum' || plan.kind === 'convert') return undefined;
  return readingOfPlans(
    page,
    [
      { ...sole, plan: { ...plan, changes: [], name: 'as agreed' } },
      { ...sole, plan: { ...plan, name: 'with the change' } },
    ],
    questions,
    () => undefined,
  );
}
