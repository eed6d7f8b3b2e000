/** Nominal, effective and per-payment rates, each from each. Identities in docs/mathematics.md, section 2. */

import { ok, type Result } from '../result.ts';
import { quoteRate, ratePerPayment, quotedNumber, type Compounding, type QuotedRate } from './quotedRate.ts';

/**
 * The effective rate a year of a nominal one: `(1 + j/m)^m − 1`, or `e^j − 1` when continuous.
 *
 * @param nominal a fraction a year
 * @returns a fraction a year
 */
export function nominalToEffective(nominal: number, compoundingsPerYear: Compounding): Result<number> {
  return convertRate({ kind: 'nominal', annual: nominal, compoundingsPerYear }, { kind: 'effective', annual: 0 });
}

/**
 * The nominal rate a year of an effective one: `m·((1 + e)^(1/m) − 1)`, or `ln(1 + e)` when continuous.
 *
 * @param effective a fraction a year, above −1
 * @returns a fraction a year
 */
export function effectiveToNominal(effective: number, compoundingsPerYear: Compounding): Result<number> {
  return convertRate({ kind: 'effective', annual: effective }, { kind: 'nominal', annual: 0, compoundingsPerYear });
}

/**
 * The number that quotes the same growth in another way.
 *
 * @param paymentsPerYear counts only where one of the two is quoted per payment or by the billing period
 * @returns a fraction a year, or per payment when `into` is periodic
 */
export function convertRate(from: QuotedRate, into: QuotedRate, paymentsPerYear = 1): Result<number> {
  const rate = ratePerPayment(from, paymentsPerYear);
  if (!rate.ok) return rate;
  const quoted = quoteRate(rate.value, into, paymentsPerYear);
  return quoted.ok ? ok(quotedNumber(quoted.value)) : quoted;
}
