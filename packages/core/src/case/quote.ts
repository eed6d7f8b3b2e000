/** How a statement quotes its rate, and the quoted rate with a number in it. */

import type { Compounding, QuotedRate } from '../rates/quotedRate.ts';
import { frequencyOf } from './frequency.ts';

/** How the rate in a slot is quoted. */
export interface RateQuote {
  readonly kind: 'nominal' | 'effective' | 'periodic' | 'daily';
  /** For nominal rates. */
  readonly compounding: Compounding;
  /** For rates by the day. */
  readonly daysPerYear: 365 | 360;
  readonly daysPerPeriod: number;
}

/** @param number a fraction: 6.6 % is 0.066 */
export function quotedRate(quote: RateQuote, number: number): QuotedRate {
  switch (quote.kind) {
    case 'nominal':
      return { kind: 'nominal', annual: number, compoundingsPerYear: quote.compounding };
    case 'effective':
      return { kind: 'effective', annual: number };
    case 'periodic':
      return { kind: 'periodic', perPayment: number };
    case 'daily':
      return { kind: 'daily', annual: number, daysPerYear: quote.daysPerYear, daysPerPeriod: quote.daysPerPeriod };
  }
}

/** How a rate is quoted, behind its number: "a year, compounded monthly". */
export function quoteInWords(quote: RateQuote, paymentsPerYear: number): string {
  switch (quote.kind) {
    case 'nominal':
      return `a year, compounded ${quote.compounding === 'continuous' ? 'continuously' : frequencyOf(quote.compounding).adverb}`;
    case 'effective':
      return 'a year, effective';
    case 'periodic':
      return `each ${frequencyOf(paymentsPerYear).period}`;
    case 'daily':
      return `a year, added daily (${quote.daysPerYear})`;
  }
}
