/** The recurrence of a plan as an answer: where it starts, what each term is multiplied by, what is then taken or added. */

import { fail, ok, type Result } from '../result.ts';
import { recurrenceBehind } from '../case/quantities/figures.ts';
import { numberStyleById, writeBrief, writeMoney } from '../money/numberStyle.ts';
import type { Question } from '../statement/question.ts';
import type { AnswerFormat } from './exercise.ts';
import type { HouseRules } from './houseRules.ts';

/** Each term is `multiplier · term + step`; in advance the step is multiplied too, and then stands inside the bracket. */
export interface KeyRelation {
  readonly start: number;
  readonly multiplier: number;
  /** What each payment does to the value: minus is taken, plus is added. */
  readonly step: number;
  readonly inAdvance: boolean;
  /** The rate for one payment, and the rate as it is quoted: what a wrong multiplier is often made of. */
  readonly i: number;
  readonly quoted: number;
}

export function keyRelation(question: Question): Result<KeyRelation> {
  if (question.solved.plan.changes.length > 0)
    return fail(
      'out-of-range',
      'What changes on the way changes the relation too: ask for terms, or leave the change out.',
      {
        field: 'plan',
      },
    );
  const stated = recurrenceBehind(question);
  if (!stated.ok) return stated;
  const { start, multiplier, difference, timing } = stated.value;
  const { solved } = question;
  return ok({
    start,
    multiplier,
    step: difference,
    inAdvance: timing === 'begin',
    i: solved.values.i,
    quoted: solved.numbers.rate,
  });
}

/** "V₀ = 48,000.00, Vₙ₊₁ = 1.0055·Vₙ − 941.43", as the class writes it. */
export function writeRelation(
  { start, multiplier, step, inAdvance }: KeyRelation,
  { decimals }: AnswerFormat,
  { numberStyle, writing }: HouseRules,
): string {
  const style = numberStyleById(numberStyle);
  const [letter, after, before] = writing.relation === 'next' ? ['V', 'Vₙ₊₁', 'Vₙ'] : ['u', 'uₙ', 'uₙ₋₁'];
  const amount = `${step < 0 ? '−' : '+'} ${writeMoney(Math.abs(step), style)}`;
  const factor = writeBrief(multiplier, Math.min(2, decimals), decimals, style);
  const right =
    step === 0
      ? `${factor}·${before}`
      : inAdvance
        ? `${factor}·(${before} ${amount})`
        : `${factor}·${before} ${amount}`;
  return `${letter}₀ = ${writeMoney(start, style)}, ${after} = ${right}`;
}
