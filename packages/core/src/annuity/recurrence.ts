/** The recurrence behind a plan: V₀ = start, V_{k+1} = multiplier · (V_k) + difference. */

import { fail, ok, type Result } from '../result.ts';
import { growthLessOne, HIGHEST_RATE, MOST_PAYMENTS, type Timing } from './fiveValues.ts';

/** Timing end: V_{k+1} = multiplier·V_k + difference. Beginning: V_{k+1} = multiplier·(V_k + difference). */
export interface Recurrence {
  readonly start: number;
  /** 1 + rate per payment. */
  readonly multiplier: number;
  /** What each payment adds to the value: minus the payment for a loan, plus the deposit for savings. */
  readonly difference: number;
  readonly timing: Timing;
}

/**
 * States the recurrence of a loan, a fund drawn down, or savings.
 *
 * @param i rate per payment, a fraction
 * @param payment positive; taken from the value unless `adds`
 */
export function recurrenceOf(
  start: number,
  i: number,
  payment: number,
  timing: Timing,
  adds = false,
): Result<Recurrence> {
  if (![start, i, payment].every(Number.isFinite))
    return fail('not-a-number', 'Start, rate and payment must be numbers.');
  if (i <= -1 || i >= HIGHEST_RATE)
    return fail('out-of-range', 'The rate per payment must lie between −100 % and 1,000 %.', { field: 'i' });
  return ok({ start, multiplier: 1 + i, difference: adds ? payment : 0 - payment, timing });
}

/** The terms V₀ to V_count, each from the one before. */
export function terms({ start, multiplier, difference, timing }: Recurrence, count: number): Result<number[]> {
  if (!Number.isInteger(count) || count < 0 || count > MOST_PAYMENTS)
    return fail('out-of-range', 'The number of terms must be a whole number from 0 to 100,000.', { field: 'count' });
  const found: number[] = [start];
  let value = start;
  for (let k = 0; k < count; k += 1) {
    value = timing === 'end' ? multiplier * value + difference : multiplier * (value + difference);
    if (!Number.isFinite(value))
      return fail('out-of-range', `The terms grow past all bounds after term ${k}.`, { field: 'count' });
    found.push(value);
  }
  return ok(found);
}

/** Term V_k in one step: `start·R^k + difference·(R^k − 1)/(R − 1)`, times R once more for payments at the beginning. */
export function term({ start, multiplier, difference, timing }: Recurrence, k: number): Result<number> {
  const i = multiplier - 1;
  const grown = growthLessOne(i, k);
  const sum = i === 0 ? k : grown / i;
  const value = start + start * grown + difference * sum * (timing === 'begin' ? multiplier : 1);
  return Number.isFinite(value)
    ? ok(value)
    : fail('out-of-range', 'This term is too large to compute.', { field: 'k' });
}
