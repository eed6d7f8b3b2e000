/** Counts of payments, from what a text tells of payments and of time. */

import { yearsOf, type Token } from './tokens.ts';

/** A count that is a hair off a whole number is that number. */
export function wholeNumber(count: number): number {
  const whole = Number(count.toFixed(0));
  return Math.abs(count - whole) < 1e-6 ? whole : count;
}

/** After which payment, where so many payments or so many years are told. */
export const paymentAfter = (
  { after, afterYears }: { readonly after?: number; readonly afterYears?: number },
  paymentsPerYear: number,
): number | undefined => after ?? (afterYears === undefined ? undefined : wholeNumber(afterYears * paymentsPerYear));

/** How many payments a number of a text tells: a length of time, or their count. */
export function paymentsTold(
  page: { readonly tokens: readonly Token[] },
  token: number,
  paymentsPerYear: number,
): number {
  const { form, value } = page.tokens[token]!;
  return form === 'time' ? wholeNumber(yearsOf(page, token) * paymentsPerYear) : value;
}
