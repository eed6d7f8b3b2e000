/** The key of an exercise: what each part's answer is, and how it is written. */

import { fail, ok, type Result } from '../result.ts';
import { numberStyleById, writeNumber } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { NEAR_WHOLE } from '../annuity/sayCount.ts';
import { quantities, type Quantity } from '../case/quantities.ts';
import { askCase, type Question } from '../case/question.ts';
import type { AnswerFormat, Exercise, Numbers, Part } from './exercise.ts';
import type { HouseRules } from './houseRules.ts';

export interface KeyedPart {
  readonly part: Part;
  /** In the answer's own unit, unrounded: money, percent (6.6, not 0.066), payments. */
  readonly exact: number;
  /** Rounded as the part's format says. */
  readonly expected: number;
  /** `expected` in writing. */
  readonly written: string;
  readonly question: Question;
}

/** The format answers to a quantity usually have. */
export function usualFormat(quantity: Quantity): AnswerFormat {
  const { unit } = quantities[quantity];
  return unit === 'percent' ? { kind: 'percent', decimals: 2 } : unit === 'money' ? { kind: 'money', decimals: 2 } : { kind: 'count', decimals: unit === 'years' ? 2 : 0 };
}

/**
 * Works out every part.
 *
 * @param numbers a student's own numbers, by given
 * @returns one result a part, in order; a part that cannot be worked says why and the others go on
 */
export function answerKey(exercise: Exercise, _numbers: Numbers, rules: HouseRules): Result<KeyedPart>[] {
  return exercise.parts.map((part) => {
    const plan = exercise.plans.find(({ id }) => id === part.ask.plan);
    if (!plan) return fail('out-of-range', 'This part asks about a plan that is not in the exercise.', { field: 'plan' });
    const question = askCase(plan.draft, { quantity: part.ask.quantity }, rules.rounding);
    return question.ok ? ok(keyPart(part, question.value, rules)) : question;
  });
}

/** The key of a part whose question is answered. */
export function keyPart(part: Part, question: Question, rules: HouseRules): KeyedPart {
  const { exact } = question;
  // A part of a payment is not made.
  const expected = part.ask.quantity === 'payments' && part.format.decimals === 0 ? Math.ceil(exact - NEAR_WHOLE) : roundTo(exact, part.format.decimals);
  return { part, exact, expected, written: writeAnswer(expected, part.format, rules), question };
}

/** An answer in the class's own writing. */
export function writeAnswer(value: number, format: AnswerFormat, rules: HouseRules): string {
  const text = writeNumber(value, format.decimals, numberStyleById(rules.numberStyle));
  return format.kind === 'percent' ? `${text}\u00a0%` : text;
}
