/** What a text is read into: numbers with their form, and how often something happens. */

/**
 * - `money`, `percent`, `time` (a length of time), `nth` (the 30th), `count` (a number without a unit: also money without
 *   a sign), `calendar` (a year or a date), `label` (of a list, marks)
 * - `every`: how often ("monthly", "each quarter"); `per`: for how long a rate or amount is ("a month", "per annum")
 */
export type TokenForm = 'money' | 'percent' | 'time' | 'nth' | 'count' | 'calendar' | 'label' | 'every' | 'per';

export interface Token {
  readonly form: TokenForm;
  readonly start: number;
  readonly end: number;
  /** Money in units, percent as a fraction, time in `unit`; how often in a year for `every` and `per`. */
  readonly value: number;
  /** `$ £ € …`, `years months weeks days`, or empty. */
  readonly unit: string;
  /** The number as it is told, where it is how much a rate is above or below another. */
  readonly inPoints?: number;
}

/** How long a unit of time is, in years. */
export const yearsIn: Readonly<Record<string, number>> = {
  years: 1,
  months: 1 / 12,
  weeks: 1 / 52,
  days: 1 / 365,
};

/** The length of time that a token tells, in years; no number where it tells none. */
export const yearsOf = ({ tokens }: { readonly tokens: readonly Token[] }, at: number): number =>
  (tokens[at]?.value ?? NaN) * (yearsIn[tokens[at]?.unit ?? ''] ?? NaN);

/** The tokens without those that tell a number once more. */
export const withoutRepeats = (
  { tokens }: { readonly tokens: readonly Token[] },
  all: readonly number[],
): readonly number[] =>
  all.filter((at, place) => all.findIndex((other) => tokens[other]!.value === tokens[at]!.value) === place);
