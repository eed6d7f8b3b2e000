/** Rates as they are quoted, and the rate per payment each means. Formulas in docs/mathematics.md, section 2. */

import { fail, ok, type Problem, type Result } from '../result.ts';

/** Compoundings a year: a whole number, or interest added at every instant. */
export type Compounding = number | 'continuous';

/** Rates are fractions: 6.6 % is 0.066. */
export type QuotedRate =
  | { readonly kind: 'nominal'; readonly annual: number; readonly compoundingsPerYear: Compounding }
  | { readonly kind: 'effective'; readonly annual: number }
  | { readonly kind: 'periodic'; readonly perPayment: number }
  | {
      readonly kind: 'daily';
      readonly annual: number;
      readonly daysPerYear: 365 | 360;
      readonly daysPerPeriod: number;
    };

/**
 * The rate for one payment period.
 *
 * @param rate as quoted, fractions
 * @param paymentsPerYear a whole number from 1 to 366
 * @returns a fraction per payment, above −1; `not-a-number` or `out-of-range` naming the field
 */
export function ratePerPayment(rate: QuotedRate, paymentsPerYear: number): Result<number> {
  const problem = frequencyProblem(paymentsPerYear) ?? quotedRateProblem(rate);
  if (problem) return { ok: false, problem };
  const value = perPaymentOf(rate, paymentsPerYear);
  if (!(value > -1)) return fail('out-of-range', 'A rate per payment must be above −100 %.', { field: 'rate' });
  if (!Number.isFinite(value))
    return fail('out-of-range', 'This rate is too large to compute with.', { field: 'rate' });
  return ok(value);
}

function perPaymentOf(rate: QuotedRate, p: number): number {
  switch (rate.kind) {
    case 'nominal': {
      const m = rate.compoundingsPerYear;
      if (m === 'continuous') return Math.expm1(rate.annual / p);
      if (m === p) return rate.annual / p;
      return Math.expm1((m / p) * Math.log1p(rate.annual / m));
    }
    case 'effective':
      return p === 1 ? rate.annual : Math.expm1(Math.log1p(rate.annual) / p);
    case 'periodic':
      return rate.perPayment;
    case 'daily':
      return Math.expm1(rate.daysPerPeriod * Math.log1p(rate.annual / rate.daysPerYear));
  }
}

/** The number that is quoted: a fraction a year, or per payment for a periodic rate. */
export function quotedNumber(rate: QuotedRate): number {
  return rate.kind === 'periodic' ? rate.perPayment : rate.annual;
}

/** The same way of quoting with another number in it. */
export function withQuotedNumber(rate: QuotedRate, number: number): QuotedRate {
  return rate.kind === 'periodic' ? { ...rate, perPayment: number } : { ...rate, annual: number };
}

/**
 * Quotes a rate per payment in the way another rate is quoted: the inverse of `ratePerPayment`.
 *
 * @param perPayment a fraction above −1
 */
export function quoteRate(perPayment: number, like: QuotedRate, paymentsPerYear: number): Result<QuotedRate> {
  const problem = frequencyProblem(paymentsPerYear) ?? quotedRateProblem(withQuotedNumber(like, 0));
  if (problem) return { ok: false, problem };
  if (!Number.isFinite(perPayment))
    return fail('not-a-number', 'The rate per payment must be a number.', { field: 'perPayment' });
  if (perPayment <= -1)
    return fail('out-of-range', 'A rate per payment must be above −100 %.', { field: 'perPayment' });
  const p = paymentsPerYear;
  const log = Math.log1p(perPayment);
  let number: number;
  switch (like.kind) {
    case 'nominal': {
      const m = like.compoundingsPerYear;
      number = m === 'continuous' ? p * log : m === p ? perPayment * p : m * Math.expm1((p / m) * log);
      break;
    }
    case 'effective':
      number = p === 1 ? perPayment : Math.expm1(p * log);
      break;
    case 'periodic':
      number = perPayment;
      break;
    case 'daily':
      number = like.daysPerYear * Math.expm1(log / like.daysPerPeriod);
      break;
  }
  if (!Number.isFinite(number))
    return fail('out-of-range', 'This rate is too large to quote by the year.', { field: 'perPayment' });
  return ok(withQuotedNumber(like, number));
}

/** What is wrong with a number of payments a year, if anything. */
export function frequencyProblem(paymentsPerYear: number, field = 'paymentsPerYear'): Problem | undefined {
  if (typeof paymentsPerYear !== 'number' || !Number.isFinite(paymentsPerYear))
    return { code: 'not-a-number', message: 'The number of payments a year must be a number.', field };
  if (!Number.isInteger(paymentsPerYear) || paymentsPerYear < 1 || paymentsPerYear > 366)
    return { code: 'out-of-range', message: 'Payments a year must be a whole number from 1 to 366.', field };
  return undefined;
}

/** What is wrong with a quoted rate by itself, if anything. */
export function quotedRateProblem(rate: QuotedRate): Problem | undefined {
  const field = 'rate';
  if (rate === null || typeof rate !== 'object' || !['nominal', 'effective', 'periodic', 'daily'].includes(rate.kind))
    return { code: 'not-a-number', message: 'The rate must say how it is quoted.', field };
  const number = quotedNumber(rate);
  if (typeof number !== 'number' || !Number.isFinite(number))
    return { code: 'not-a-number', message: 'The rate must be a number.', field };
  if (rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous') {
    const m = rate.compoundingsPerYear;
    if (!Number.isInteger(m) || m < 1 || m > 366)
      return {
        code: 'out-of-range',
        message: 'Compoundings a year must be a whole number from 1 to 366, or continuous.',
        field: 'compoundingsPerYear',
      };
    if (!(number > -m))
      return {
        code: 'out-of-range',
        message: 'A rate that takes away all of the money in one compounding is not a rate.',
        field,
      };
  }
  if (rate.kind === 'effective' && !(number > -1))
    return { code: 'out-of-range', message: 'An effective rate must be above −100 %.', field };
  if (rate.kind === 'periodic' && !(number > -1))
    return { code: 'out-of-range', message: 'A rate per payment must be above −100 %.', field };
  if (rate.kind === 'daily') {
    if (rate.daysPerYear !== 365 && rate.daysPerYear !== 360)
      return { code: 'out-of-range', message: 'Days a year must be 365 or 360.', field: 'daysPerYear' };
    if (!Number.isFinite(rate.daysPerPeriod) || rate.daysPerPeriod <= 0 || rate.daysPerPeriod > 3660)
      return {
        code: 'out-of-range',
        message: 'Days in a billing period must be above 0 and at most 3,660.',
        field: 'daysPerPeriod',
      };
    if (!(number > -rate.daysPerYear))
      return {
        code: 'out-of-range',
        message: 'A rate that takes away all of the money in a day is not a rate.',
        field,
      };
  }
  return undefined;
}
