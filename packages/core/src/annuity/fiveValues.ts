/**
 * The five values of a level annuity and the equation they satisfy. Signs are those of one pocket: received is plus,
 * paid is minus.
 *
 *     PV·(1+i)^n + PMT·(1+i·b)·((1+i)^n − 1)/i + FV = 0        b = 0 end, 1 beginning
 */

import type { Problem } from '../result.ts';

/** When payments fall: at the end or the beginning of each period. */
export type Timing = 'end' | 'begin';

export interface FiveValues {
  /** Number of payments. */
  readonly n: number;
  /** Rate per payment, a fraction in (−1, 10). */
  readonly i: number;
  readonly pv: number;
  readonly pmt: number;
  readonly fv: number;
  readonly timing: Timing;
}

export type Unknown = 'n' | 'i' | 'pv' | 'pmt' | 'fv';

export const unknowns: readonly Unknown[] = ['n', 'i', 'pv', 'pmt', 'fv'];

/** Amounts at or past this size are refused: cents are no longer exact in a double. */
export const LARGEST_AMOUNT = 1e12;
/** More payments than this are refused. */
export const MOST_PAYMENTS = 100_000;
/** Rates per payment at or past this (1,000 %) are refused. */
export const HIGHEST_RATE = 10;

const names: Readonly<Record<Unknown, string>> = {
  n: 'number of payments',
  i: 'rate per payment',
  pv: 'present value',
  pmt: 'payment',
  fv: 'future value',
};

/** `e^y − 1 − y` with full relative accuracy, also near zero. */
export function expm2(y: number): number {
  if (y > 0.7 || y < -0.7) return Math.expm1(y) - y;
  const yy = y * y;
  // Taylor to y^18: the remainder is below 1e-17 of the first term for |y| ≤ 0.7.
  return (
    yy *
    (1 / 2 +
      y *
        (1 / 6 +
          y *
            (1 / 24 +
              y *
                (1 / 120 +
                  y *
                    (1 / 720 +
                      y *
                        (1 / 5040 +
                          y *
                            (1 / 40320 +
                              y *
                                (1 / 362880 +
                                  y *
                                    (1 / 3628800 +
                                      y *
                                        (1 / 39916800 +
                                          y * (1 / 479001600 + y * (1 / 6227020800 + y / 87178291200))))))))))))
  );
}

/** `(1+i)^n − 1`, accurate for tiny and zero rates. */
export function growthLessOne(i: number, n: number): number {
  return Math.expm1(n * Math.log1p(i));
}

/** What payments of 1 have grown to after the last period: `(1 + i·b)·((1+i)^n − 1)/i`, n where i is 0. */
export function accumulation(i: number, n: number, timing: Timing): number {
  if (i === 0) return n;
  const sum = growthLessOne(i, n) / i;
  return timing === 'begin' ? sum * (1 + i) : sum;
}

/** What payments of 1 are worth at the start: `(1 + i·b)·(1 − (1+i)^−n)/i`, n where i is 0. */
export function discounting(i: number, n: number, timing: Timing): number {
  if (i === 0) return n;
  const sum = -growthLessOne(i, -n) / i;
  return timing === 'begin' ? sum * (1 + i) : sum;
}

/** What is wrong with one known value, if anything. */
export function valueProblem(field: Unknown, value: unknown): Problem | undefined {
  const name = names[field];
  if (typeof value !== 'number' || !Number.isFinite(value))
    return { code: 'not-a-number', message: `The ${name} must be a number.`, field };
  if (field === 'n') {
    if (value <= 0) return { code: 'no-payments', message: 'There must be at least one payment.', field };
    if (value > MOST_PAYMENTS)
      return { code: 'out-of-range', message: 'More than 100,000 payments cannot be computed.', field };
  } else if (field === 'i') {
    if (value <= -1 || value >= HIGHEST_RATE)
      return { code: 'out-of-range', message: 'The rate per payment must lie between −100 % and 1,000 %.', field };
  } else if (Math.abs(value) >= LARGEST_AMOUNT) {
    return { code: 'out-of-range', message: `The ${name} is too large to keep exact to the cent.`, field };
  }
  return undefined;
}
