/** How a rate may be quoted, as the choices of one list. */

import { frequencies, frequencyOf, type RateQuote } from '@hardy-sextant/core';

export interface QuoteChoice {
  readonly id: string;
  readonly words: string;
  readonly quote: RateQuote;
}

const base: RateQuote = { kind: 'nominal', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 };

/** The choices for a frequency of payment; the rate per payment is named after its period. */
export function quoteChoices(paymentsPerYear: number, current: RateQuote): readonly QuoteChoice[] {
  const days = current.daysPerPeriod;
  return [
    ...frequencies.map(({ perYear, adverb }) => ({
      id: `nominal-${perYear}`,
      words: `a year, compounded ${adverb}`,
      quote: { ...base, compounding: perYear },
    })),
    {
      id: 'nominal-continuous',
      words: 'a year, compounded continuously',
      quote: { ...base, compounding: 'continuous' as const },
    },
    { id: 'effective', words: 'a year, effective', quote: { ...base, kind: 'effective' as const } },
    {
      id: 'periodic',
      words: `each ${frequencyOf(paymentsPerYear).period}`,
      quote: { ...base, kind: 'periodic' as const },
    },
    {
      id: 'daily-365',
      words: 'a year, added daily (365)',
      quote: { ...base, kind: 'daily' as const, daysPerPeriod: days },
    },
    {
      id: 'daily-360',
      words: 'a year, added daily (360)',
      quote: { ...base, kind: 'daily' as const, daysPerYear: 360 as const, daysPerPeriod: days },
    },
  ];
}

export function quoteId(quote: RateQuote): string {
  if (quote.kind === 'nominal') return `nominal-${quote.compounding}`;
  return quote.kind === 'daily' ? `daily-${quote.daysPerYear}` : quote.kind;
}
