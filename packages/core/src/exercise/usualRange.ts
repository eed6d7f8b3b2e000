/** A sensible range for a given to vary in: round steps on either side of what it is now, so that its own number is one of them. */

import { writeBrief, type NumberStyle } from '../money/numberStyle.ts';
import { readSlotText } from '../money/expression.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Given, Vary } from './exercise.ts';

/** How far on either side, as a share of the number. */
const ROOM = 0.25;
/** Percentage points on either side of a rate. */
const RATE_ROOM = 1.2;
const RATE_STEP = 0.1;
const YEARS_ROOM = 2;
/** A step is about this share of the number, rounded down to 1, 2 or 5 and noughts. */
const STEP_SHARE = 0.02;

/**
 * @param style how the given's texts are written
 * @returns nothing for words, and where no number can be read
 */
export function usualRange(
  { kind, now }: Pick<Given, 'kind' | 'now'>,
  style: NumberStyle,
): Extract<Vary, { by: 'range' }> | undefined {
  const entry = kind === 'words' ? undefined : readSlotText(now, {}, style);
  if (!entry?.ok || !(entry.value.value > 0)) return undefined;
  const { value } = entry.value;
  const step = stepOf(kind, value);
  const room = kind === 'rate' ? RATE_ROOM : kind === 'years' ? YEARS_ROOM : value * ROOM;
  const most = Math.max(1, Math.floor(room / step + 1e-9));
  // Nothing falls to nothing, a count not below one, and two years, as they stand in a story, not to one.
  const floor = kind === 'years' && value >= 2 ? 2 : 1;
  const least = Math.max(0, Math.min(most, Math.ceil(value / step - 1e-9) - floor));
  const write = (number: number): string => writeBrief(roundTo(number, 6), 0, 6, style);
  return { by: 'range', from: write(value - least * step), to: write(value + most * step), step: write(step) };
}

function stepOf(kind: Given['kind'], value: number): number {
  if (kind === 'rate') return RATE_STEP;
  if (kind === 'years') return 1;
  // Whole years of monthly payments stay whole years, and quarters quarters.
  if (kind === 'count') return [12, 6, 4, 2].find((each) => value % each === 0 && value >= 2 * each) ?? 1;
  const size = 10 ** Math.floor(Math.log10(value * STEP_SHARE) + 1e-9);
  const share = (value * STEP_SHARE) / size;
  return roundTo((share >= 5 ? 5 : share >= 2 ? 2 : 1) * size, 6);
}
