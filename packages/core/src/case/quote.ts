/** From how a rate is quoted in a statement to a quoted rate with a number in it. */

import type { QuotedRate } from '../rates/quotedRate.ts';
import type { RateQuote } from './draft.ts';

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
