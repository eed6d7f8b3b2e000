/** Counts of payments, from what a text tells of payments and of time. */

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
