/** What fits an answer: the key, or a slip's number, rounded as the answer is written; and how likely that is by chance. */

import { roundTo } from '../money/roundMoney.ts';
import type { AnswerFormat } from '../exercise/exercise.ts';
import { isToOneSide, roundAs } from '../exercise/format.ts';
import type { Candidate } from './candidates.ts';
import type { ReadAnswer } from './readAnswer.ts';

/**
 * Whether an answer is the key.
 *
 * @param expected the key rounded as its format says; `exact` is the key unrounded
 * @param within how far off it may be, in the answer's unit
 */
export function rightness(
  answer: ReadAnswer,
  expected: number,
  exact: number,
  format: AnswerFormat,
  within: number,
): 'right' | 'right-rounded' | undefined {
  const { value, decimals, typed } = answer;
  if (format.kind === 'years-months') return rightTime(answer, expected, exact, format);
  // What is to be rounded up or down is so rounded, or written finer than was asked.
  if (isToOneSide(format)) {
    if (roundTo(value - expected, 9) === 0) return 'right';
    const finer = typed ? Math.abs(value - exact) <= 1e-6 * Math.max(1, Math.abs(exact)) : decimals > format.decimals;
    return (finer && roundTo(exact, typed ? 6 : decimals) === roundTo(value, typed ? 6 : decimals)) ||
      (within > 0 && Math.abs(value - expected) <= within * (1 + 1e-9))
      ? 'right-rounded'
      : undefined;
  }
  // Written to the asked places or finer, and the same number there.
  if ((typed || decimals >= format.decimals) && roundAs(value, format) === expected) return 'right';
  if (
    agreesAsWritten(exact, value, decimals, format) ||
    agreesAsWritten(expected, value, decimals, format) ||
    Math.abs(value - expected) <= within * (1 + 1e-9)
  )
    return value === expected ? 'right' : 'right-rounded';
  return undefined;
}

/** Years and months are compared in months; decimal years as they are written. */
function rightTime(
  { value, decimals }: ReadAnswer,
  expected: number,
  exact: number,
  format: AnswerFormat,
): 'right' | 'right-rounded' | undefined {
  if (roundTo(value * 12, 6) === roundTo(expected * 12, 0)) return 'right';
  const written = decimals > 0 && (roundTo(exact, decimals) === value || roundTo(expected, decimals) === value);
  return written || (!isToOneSide(format) && Math.abs(value - exact) < 0.5 / 12 + 1e-9) ? 'right-rounded' : undefined;
}

/** Whether a number, written as the answer is, is the answer. */
export function isWritten(result: number, { value, decimals, typed }: ReadAnswer, format: AnswerFormat): boolean {
  if (format.kind === 'years-months') {
    const months = roundTo(value * 12, 6);
    return (
      months === roundTo(result * 12, 0) ||
      months === roundTo(roundAs(result, format) * 12, 0) ||
      (decimals > 0 && roundTo(result, decimals) === roundTo(value, decimals))
    );
  }
  if (isToOneSide(format) && decimals <= format.decimals && roundAs(result, format) === value) return true;
  return agreesAsWritten(result, value, typed ? format.decimals : decimals, format);
}

function fits({ slips: [slip], result }: Candidate, answer: ReadAnswer, format: AnswerFormat): boolean {
  return slip?.id === 'rounded-to-unit'
    ? answer.decimals >= format.decimals && Math.abs(result - answer.value) < 10 ** -format.decimals / 2
    : isWritten(result, answer, format);
}

/** The candidates whose number is the answer, likeliest first. */
export function fittingTo(candidates: readonly Candidate[], answer: ReadAnswer, format: AnswerFormat): Candidate[] {
  const { value, decimals } = answer;
  // What is further off than the last place written, or than a table's cents come to, need not be rounded to be told apart.
  const near = format.kind === 'years-months' || isToOneSide(format) ? 1 : 10 ** -Math.min(decimals, format.decimals);
  const fitting: Candidate[] = [];
  for (const candidate of candidates) {
    const off = Math.abs(candidate.result - value);
    if (off <= near && fits(candidate, answer, format)) fitting.push(candidate);
    else if (candidate.table && off <= candidate.table.room) {
      const result = candidate.table.run().find((each) => isWritten(each, answer, format));
      if (result !== undefined) fitting.push({ ...candidate, result });
    }
  }
  // One explanation a slip: its likeliest variant.
  const seen = new Set<string>();
  return fitting
    .sort((a, b) => b.weight - a.weight)
    .filter(({ slips }) => {
      const id = slips.map((slip) => slip.id).join('+');
      return !seen.has(id) && seen.add(id);
    });
}

/** How likely a random number with as many digits would meet one of so many candidates; of a time, as many months. */
export function chanceOf({ value, decimals }: ReadAnswer, candidates: number, { kind }: AnswerFormat): number {
  const places = kind === 'years-months' && decimals === 0 ? 12 : 10 ** Math.max(0, decimals);
  const steps = Math.max(1, roundTo(Math.abs(value) * places, 0));
  const digits = Math.floor(Math.log10(steps)) + 1;
  return 1 - (1 - 1 / (9 * 10 ** (digits - 1))) ** candidates;
}

/** True when a number, rounded as the entry was written, is the entry. A finer entry is held to the places that were asked for. */
export function agreesAsWritten(result: number, read: number, decimals: number, format: AnswerFormat): boolean {
  const places = Math.min(decimals, format.kind === 'years-months' ? 2 : format.decimals);
  // Rounding away every digit would let anything fit.
  if (Math.abs(roundTo(read, places)) === 0 && Math.abs(result) > 0.5 * 10 ** -format.decimals) return false;
  return roundTo(result, places) === roundTo(read, places);
}
