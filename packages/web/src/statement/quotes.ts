/** How a rate may be quoted, as the choices of one list. */

import { frequencies, quoteInWords, type RateQuote } from '@hardy-sextant/core';

export interface QuoteChoice {
  readonly id: string;
  readonly words: string;
  readonly quote: RateQuote;
}

const base: RateQuote = { kind: 'nominal', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 };

/** The choices for a frequency of payment; the rate per payment is named after its period. */
export function quoteChoices(paymentsPerYear: number, current: RateQuote): readonly QuoteChoice[] {
  const { daysPerPeriod } = current;
  const quotes: readonly RateQuote[] = [
    ...frequencies.map(({ perYear }) => ({ ...base, compounding: perYear })),
    { ...base, compounding: 'continuous' },
    { ...base, kind: 'effective' },
    { ...base, kind: 'periodic' },
    { ...base, kind: 'daily', daysPerPeriod },
    { ...base, kind: 'daily', daysPerYear: 360, daysPerPeriod },
  ];
  return quotes.map((quote) => ({ id: quoteId(quote), words: quoteInWords(quote, paymentsPerYear), quote }));
}

export function quoteId(quote: RateQuote): string {
  if (quote.kind === 'nominal') return `nominal-${quote.compounding}`;
  return quote.kind === 'daily' ? `daily-${quote.daysPerYear}` : quote.kind;
}
