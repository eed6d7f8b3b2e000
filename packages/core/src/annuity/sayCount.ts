/** Saying a fractional number of payments in the ways people say it. */

import { fail, ok, type Result } from '../result.ts';
import { roundCent, roundTo } from '../money/roundMoney.ts';
import { solveFor } from './solveFor.ts';
import { unknowns, valueProblem, type FiveValues } from './fiveValues.ts';

export type CountStyle = 'exact' | 'rounded-up' | 'whole-and-last';

export interface SaidCount {
  /** As `solveFor('n')` gave it. */
  readonly exact: number;
  /** True within 0.005 of a whole number: the payment was rounded, and only the last one differs. */
  readonly isWhole: boolean;
  /** The number to say: exact, whole, or rounded up. For `whole-and-last` the full payments before the last smaller one. */
  readonly count: number;
  /** Only for `whole-and-last`: the payment that settles the rest, one period after the last full one; same sign as the payments, to the cent. */
  readonly lastPayment?: number;
}

/** How near to a whole number a count must be to be that number. */
export const NEAR_WHOLE = 0.005;

/**
 * Says a number of payments.
 *
 * @param values the five values with `n` as solved, exact
 */
export function sayCount(values: FiveValues, style: CountStyle): Result<SaidCount> {
  const exact = values.n;
  for (const field of unknowns) {
    const problem = valueProblem(field, values[field]);
    if (problem) return { ok: false, problem };
  }
  const nearest = roundTo(exact, 0);
  const isWhole = nearest >= 1 && Math.abs(exact - nearest) < NEAR_WHOLE;
  if (isWhole) {
    if (style !== 'whole-and-last') return ok({ exact, isWhole, count: nearest });
    return lastOf(values, nearest - 1, exact, true);
  }
  if (style === 'exact') return ok({ exact, isWhole, count: exact });
  if (style === 'rounded-up') return ok({ exact, isWhole, count: Math.ceil(exact) });
  return lastOf(values, Math.floor(exact), exact, false);
}

/** What is still to be settled after `full` whole payments, paid one period later (or at its beginning). */
function lastOf(values: FiveValues, full: number, exact: number, isWhole: boolean): Result<SaidCount> {
  const { i, pv, pmt, fv, timing } = values;
  let owed = -pv;
  if (full > 0) {
    const after = solveFor('fv', { n: full, i, pv, pmt, timing });
    if (!after.ok) return after;
    owed = after.value;
  }
  // owed is minus the balance in the pocket's signs; one more period later the balance must be fv.
  const last = timing === 'end' ? owed * (1 + i) - fv : owed - fv / (1 + i);
  if (!Number.isFinite(last)) return fail('out-of-range', 'The last payment is too large to compute.', { field: 'n' });
  return ok({ exact, isWhole, count: full, lastPayment: roundCent(last) });
}
