/** Solving the equation of the five values for any one of them. Rearrangements in docs/mathematics.md, section 1. */

import { nth } from '../nth.ts';
import { fail, ok, type Problem, type Result } from '../result.ts';
import {
  accumulation,
  discounting,
  growthLessOne,
  HIGHEST_RATE,
  LARGEST_AMOUNT,
  MOST_PAYMENTS,
  unknowns,
  valueProblem,
  type FiveValues,
  type Unknown,
} from './fiveValues.ts';
import { findRates } from './findRate.ts';

/** The known values; the unknown's own entry is ignored. */
export type KnownValues = Partial<Record<Unknown, number>> & Pick<FiveValues, 'timing'>;

/**
 * Solves for one of the five values.
 *
 * @param unknown which one
 * @param values the other four and the timing; received is plus, paid is minus; `i` a fraction per payment
 * @returns the value in full double accuracy; n may be fractional. Problems: `never-repaid`, `no-payments`,
 *   `same-signs`, `no-rate`, `several-rates` (with `rates`), `not-a-number`, `out-of-range`
 */
export function solveFor(unknown: Unknown, values: KnownValues): Result<number> {
  if (values === null || typeof values !== 'object') return fail('not-a-number', 'Four of the five values are needed.');
  const known = values as FiveValues;
  if (!allSound(unknown, known)) {
    const problem = problemIn(unknown, values);
    if (problem) return { ok: false, problem };
  }
  if (unknown === 'n') return solveCount(known);
  if (unknown === 'i') return solveRate(known);
  const value =
    unknown === 'pmt' ? levelPaymentOf(known) : unknown === 'pv' ? presentValueOf(known) : futureValueOf(known);
  if (!Number.isFinite(value))
    return fail(
      'out-of-range',
      'The answer is too large to compute: the rate and the number of payments are too large together.',
      { field: unknown },
    );
  return ok(value === 0 ? 0 : value);
}

function problemIn(unknown: Unknown, values: KnownValues): Problem | undefined {
  if (!unknowns.includes(unknown))
    return { code: 'not-a-number', message: 'Choose which of the five values to solve for.', field: 'unknown' };
  if (values.timing !== 'end' && values.timing !== 'begin')
    return {
      code: 'not-a-number',
      message: 'Payments fall at the end or at the beginning of each period.',
      field: 'timing',
    };
  for (const field of unknowns) {
    const problem = field === unknown ? undefined : valueProblem(field, values[field]);
    if (problem) return problem;
  }
  return undefined;
}

/** The quick look that nearly always passes; what fails it is named by `valueProblem`. */
function allSound(unknown: Unknown, { n, i, pv, pmt, fv, timing }: FiveValues): boolean {
  return (
    (timing === 'end' || timing === 'begin') &&
    (unknown === 'n' || (n > 0 && n <= MOST_PAYMENTS)) &&
    (unknown === 'i' || (i > -1 && i < HIGHEST_RATE)) &&
    (unknown === 'pv' || (pv > -LARGEST_AMOUNT && pv < LARGEST_AMOUNT)) &&
    (unknown === 'pmt' || (pmt > -LARGEST_AMOUNT && pmt < LARGEST_AMOUNT)) &&
    (unknown === 'fv' || (fv > -LARGEST_AMOUNT && fv < LARGEST_AMOUNT)) &&
    // Comparisons would let the text "12" pass as a number; sums of text do not come out as one.
    typeof (
      (unknown === 'n' ? 0 : n) +
      (unknown === 'i' ? 0 : i) +
      (unknown === 'pv' ? 0 : pv) +
      (unknown === 'pmt' ? 0 : pmt) +
      (unknown === 'fv' ? 0 : fv)
    ) === 'number' &&
    (unknown === 'n' || unknown === 'i' || unknown === 'pv' || unknown === 'pmt' || unknown === 'fv')
  );
}

function levelPaymentOf({ n, i, pv, fv, timing }: FiveValues): number {
  // Discounted for growth, accumulated for decay, so that nothing overflows.
  if (i > 0) {
    const back = -Math.expm1(-n * Math.log1p(i));
    const level = (-(pv + fv - fv * back) * i) / back;
    return timing === 'begin' ? level / (1 + i) : level;
  }
  return -(pv + fv + pv * growthLessOne(i, n)) / accumulation(i, n, timing);
}

function presentValueOf({ n, i, pmt, fv, timing }: FiveValues): number {
  const discounted = fv === 0 ? 0 : fv * Math.exp(-n * Math.log1p(i));
  return -(pmt === 0 ? 0 : pmt * discounting(i, n, timing)) - discounted;
}

function futureValueOf({ n, i, pv, pmt, timing }: FiveValues): number {
  return -(pv === 0 ? 0 : pv + pv * growthLessOne(i, n)) - (pmt === 0 ? 0 : pmt * accumulation(i, n, timing));
}

/**
 * (1+i)^n = (PMT' − FV·i)/(PMT' + PV·i) with PMT' = PMT·(1+i·b). The quotient less one is −(PV+FV)·i/(PMT'+PV·i),
 * which keeps small rates accurate through log1p.
 */
function solveCount({ i, pv, pmt, fv, timing }: FiveValues): Result<number> {
  if (pv === 0 && fv === 0)
    return fail('no-payments', 'There is nothing to repay or to save up: no payment is needed.', { field: 'n' });
  if (i === 0) {
    if (pmt === 0)
      return fail(
        'no-payments',
        'Without payments and without interest the amount never changes, so no number of periods follows from it.',
        { field: 'pmt' },
      );
    return positiveCount(-(pv + fv) / pmt, pv, pmt, fv);
  }
  const level = timing === 'begin' ? pmt * (1 + i) : pmt;
  const denominator = level + pv * i;
  const quotient = (level - fv * i) / denominator;
  if (denominator === 0 || !(quotient > 0)) return neverReaches(pv, pmt, fv);
  const lessOne = (-(pv + fv) * i) / denominator;
  const log = Math.abs(lessOne) < 0.5 ? Math.log1p(lessOne) : Math.log(quotient);
  return positiveCount(log / Math.log1p(i), pv, pmt, fv);
}

function positiveCount(n: number, pv: number, pmt: number, fv: number): Result<number> {
  if (Number.isNaN(n) || n <= 0 || n === Infinity) return neverReaches(pv, pmt, fv);
  if (n > MOST_PAYMENTS) return fail('never-repaid', 'More than 100,000 payments would be needed.', { field: 'pmt' });
  return ok(n);
}

function neverReaches(pv: number, pmt: number, fv: number): Result<number> {
  const signs = [pv, pmt, fv].filter((value) => value !== 0).map(Math.sign);
  if (!signs.includes(1) || !signs.includes(-1)) return sameSigns();
  return fail(
    'never-repaid',
    'The payment does not cover the interest, so the balance never comes down to the final amount.',
    { field: 'pmt' },
  );
}

function sameSigns(): Result<number> {
  return fail('same-signs', 'Money must come in and go out: one of the amounts needs the other sign.', {
    field: 'pmt',
  });
}

function solveRate(known: FiveValues): Result<number> {
  const { pv, pmt, fv } = known;
  const signs = [pv, pmt, fv].filter((value) => value !== 0).map(Math.sign);
  if (!signs.includes(1) || !signs.includes(-1)) return sameSigns();
  const rates = findRates(known);
  if (rates.length === 1) return ok(nth(rates, 0));
  if (rates.length === 0)
    return fail('no-rate', 'No rate between −100 % and 1,000 % a payment makes these amounts balance.', { field: 'i' });
  return fail('several-rates', `${rates.length} different rates make these amounts balance.`, { field: 'i', rates });
}
