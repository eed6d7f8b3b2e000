/** What a slip is: a named mistake and the numbers it leads to. Each is one record in one of the files of `slips/`. */

import { writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import type { KindOfCase } from '../case/kind.ts';
import { kindOf } from '../case/kinds.ts';
import { compute } from '../case/compute.ts';
import { inputsOf } from '../case/inputs.ts';
import { quantities } from '../case/quantities.ts';
import type { QuantityUnit, Inputs } from '../case/quantity.ts';
import type { Question } from '../case/question.ts';
import type { AnswerFormat } from '../exercise/exercise.ts';

export type SlipFamily =
  'rate' | 'count' | 'amount' | 'timing' | 'sign' | 'idea' | 'formula' | 'device' | 'rounding' | 'copying' | 'table';

/** Everything a slip may look at: the question, its right inputs, and the key. */
export interface Asked {
  readonly question: Question;
  /** What the question's case can do. */
  readonly kind: KindOfCase;
  readonly inputs: Inputs;
  /** The key, unrounded and as it is to be written, in the answer's unit. */
  readonly exact: number;
  readonly expected: number;
  readonly format: AnswerFormat;
  readonly unit: QuantityUnit;
  readonly style: NumberStyle;
  /** Questions of the same exercise that came before: what a tool may still hold. */
  readonly before: readonly Question[];
}

/** Changed inputs, with what was done in a few words: "the rate for a year, 6.60 %, was used for each month". */
export interface WrongInputs {
  readonly inputs: Inputs;
  readonly did: string;
}

/** A number with how it came about in a few words. */
export interface WrongResult {
  readonly result: number;
  readonly did: string;
}

/** What every slip is called, whatever it is a slip of. */
export interface SlipNames {
  readonly id: string;
  readonly family: SlipFamily;
  /** What it is, without numbers, for chips and lists. */
  readonly title: string;
  /** In words a student understands, without numbers: what to look at. */
  readonly advice: string;
}

interface SlipOfAnswer extends SlipNames {
  /** How likely it is beside others that fit as well; higher comes first. */
  readonly weight: number;
  readonly applies: (asked: Asked) => boolean;
}

export type Slip = SlipOfAnswer &
  (
    | {
        /** The inputs it leads to; the method stays right. */ readonly wrongInputs: (
          inputs: Inputs,
          asked: Asked,
        ) => readonly WrongInputs[];
      }
    | {
        /** A wrong method: the numbers it leads to from these inputs. */ readonly wrongMethod: (
          inputs: Inputs,
          asked: Asked,
        ) => readonly WrongResult[];
      }
    | {
        /** What is done to a number at the end, such as losing its sign. */ readonly wrongAnswer: (
          result: number,
          asked: Asked,
        ) => readonly WrongResult[];
      }
  );

export function defineSlip(slip: Slip): Slip {
  return slip;
}

/** A question made ready for slips. */
export function askedOf(
  question: Question,
  exact: number,
  expected: number,
  format: AnswerFormat,
  style: NumberStyle,
  before: readonly Question[],
): Asked {
  return {
    question,
    kind: kindOf(question.draft),
    inputs: inputsOf(question),
    exact,
    expected,
    format,
    unit: quantities[question.ask.quantity].unit,
    style,
    before,
  };
}

/** The numbers a slip leads to by itself. */
export function resultsOf(slip: Slip, asked: Asked): WrongResult[] {
  if ('wrongInputs' in slip)
    return slip
      .wrongInputs(asked.inputs, asked)
      .flatMap(({ inputs, did }) => compute(asked.question, inputs).map((result) => ({ result, did })));
  if ('wrongMethod' in slip) return [...slip.wrongMethod(asked.inputs, asked)];
  return [...slip.wrongAnswer(asked.expected, asked)];
}

/** How numbers are said in a slip's words. */
export const money = ({ style }: Asked, value: number): string => writeMoney(value, style);
export const percent = ({ style }: Asked, value: number): string => writePercent(value, style, 2, 4);
export const brief = ({ style }: Asked, value: number, most = 4): string => writeBrief(value, 0, most, style);
