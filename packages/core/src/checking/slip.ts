/** What a slip is: a named mistake and the number it leads to. Each is one record in `slips.ts`. */

import type { NumberStyle } from '../money/numberStyle.ts';
import type { Question } from '../case/question.ts';

export type SlipFamily = 'rate' | 'count' | 'timing' | 'sign' | 'idea' | 'copying';

/** Everything a slip may look at: the question, its right solution, and the key. */
export interface KeyedQuestion extends Question {
  /** The key as it is to be written, in the answer's unit. */
  readonly expected: number;
  readonly decimals: number;
  readonly style: NumberStyle;
}

export interface WrongAnswer {
  /** In the answer's unit, unrounded. */
  readonly result: number;
  /** One sentence with the numbers of this case. */
  readonly says: string;
}

export interface Slip {
  readonly id: string;
  readonly family: SlipFamily;
  /** What it is, without numbers, for chips and lists. */
  readonly title: string;
  /** How likely it is beside others that fit as well; higher comes first. */
  readonly weight: number;
  readonly applies: (question: KeyedQuestion) => boolean;
  /** The numbers it leads to; usually one. */
  readonly wrongAnswers: (question: KeyedQuestion) => readonly WrongAnswer[];
}

export function defineSlip(slip: Slip): Slip {
  return slip;
}
