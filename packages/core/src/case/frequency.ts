/** How often payments fall, in words. One record a frequency. */

export interface Frequency {
  readonly perYear: number;
  /** "monthly payments" */
  readonly adverb: string;
  /** "of each month" */
  readonly period: string;
}

export const frequencies: readonly Frequency[] = [
  { perYear: 1, adverb: 'yearly', period: 'year' },
  { perYear: 2, adverb: 'half-yearly', period: 'half-year' },
  { perYear: 4, adverb: 'quarterly', period: 'quarter' },
  { perYear: 12, adverb: 'monthly', period: 'month' },
  { perYear: 24, adverb: 'twice-monthly', period: 'half-month' },
  { perYear: 26, adverb: 'two-weekly', period: 'two weeks' },
  { perYear: 52, adverb: 'weekly', period: 'week' },
  { perYear: 365, adverb: 'daily', period: 'day' },
];

/** A frequency in words; one that has no word of its own is counted. */
export function frequencyOf(perYear: number): Frequency {
  return (
    frequencies.find((each) => each.perYear === perYear) ?? { perYear, adverb: `${perYear}-a-year`, period: 'period' }
  );
}
