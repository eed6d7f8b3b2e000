/** What a question of one plan is looked at with, and what is found of it. */

import { sentenceAt, type Page } from './page.ts';
import type { PlacedQuestion } from './placedQuestions.ts';
import type { AskedPlan, Last } from './placesInPlan.ts';
import type { ReadArgs, ReadQuantity } from './reading.ts';

export type Found = { quantity: ReadQuantity; plan: number | null; args?: ReadArgs } | undefined;

export type Is = (quantity: ReadQuantity, args?: ReadArgs) => Found;

/** What a question is looked at with. */
export interface Asking {
  readonly page: Page;
  readonly question: PlacedQuestion;
  readonly of: AskedPlan;
  readonly last: Last;
  readonly is: Is;
  /** The question's words. */
  readonly unit: string;
}

/** "Right after the 120th payment, what is there?" */
export const toldInFront = (page: Page, { unit }: PlacedQuestion): string => {
  const from = sentenceAt(page, unit)?.start ?? unit.start;
  const isAsked = page.questions.some(({ start }) => start >= from && start < unit.start);
  return isAsked ? '' : page.flat.slice(from, unit.start);
};
