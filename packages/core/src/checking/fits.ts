/** What fits an answer: the key, or a slip's number, rounded as the answer is written; and how likely that is by chance. */

import { roundTo } from '../money/roundMoney.ts';
import type { AnswerFormat } from '../exercise/exercise.ts';
import { roundAs } from '../exercise/format.ts';
import type { Candidate } from './candidates.ts';
import type { ReadAnswer } from './readAnswer.ts';

/**
 * Whether an answer is the key.
 *
 * @param expected the key rounded as its format says; `exact` is the key unrounded
 * @param within how far off it may be, in the answer's unit
 */
export function rightness(
  { value, decimals, typed }: ReadAnswer,
  expected: number,
  exact: number,
  format: AnswerFormat,
  within: number,
): 'right' | 'right-rounded' | undefined {
  if (format.kind === 'years-months')
    return roundTo(value * 12, 6) === roundTo(expected * 12, 0)
      ? 'right'
      : Math.abs(value - exact) < 0.5 / 12 + 1e-9
        ? 'right-rounded'
        : undefined;
  // Written to the asked places or finer, and the same number there.
  if ((typed || decimals >= format.decimals) && roundAs(value, { ...format, up: false }) === expected) return 'right';
  if (format.up && value === exact) return 'right-rounded';
  if (
    agreesAsWritten(exact, value, decimals, format) ||
    (format.up !== true && agreesAsWritten(expected, value, decimals, format)) ||
    Math.abs(value - expected) <= within * (1 + 1e-9)
  )
    return value === expected ? 'right' : 'right-rounded';
  return undefined;
}

/** The candidates whose number is the answer, likeliest first. */
export function fittingTo(
  candidates: readonly Candidate[],
  { value, decimals, typed }: ReadAnswer,
  format: AnswerFormat,
): Candidate[] {
  const fitting = candidates.filter((candidate) =>
    candidate.slips[0]!.id === 'rounded-to-unit'
      ? decimals >= format.decimals && roundTo(candidate.result, format.decimals) === roundTo(value, format.decimals)
      : agreesAsWritten(candidate.result, value, typed ? format.decimals : decimals, format),
  );
  // One explanation a slip: its likeliest variant.
  const seen = new Set<string>();
  return fitting
    .sort((a, b) => b.weight - a.weight)
    .filter(({ slips }) => {
      const id = slips.map((slip) => slip.id).join('+');
      return !seen.has(id) && seen.add(id);
    });
}

/** How likely a random number with as many digits would meet one of so many candidates. */
export function chanceOf({ value, decimals }: ReadAnswer, candidates: number): number {
  const steps = Math.max(1, roundTo(Math.abs(value) * 10 ** Math.max(0, decimals), 0));
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
