/** The one place where money is rounded. Rules as in docs/mathematics.md, section 3. */

/** An amount in currency units. */
export type Money = number;

export type RoundingRule = 'exact' | 'cent' | 'cent-up' | 'unit' | 'unit-up';

/**
 * Relative room for binary noise: a few units in the last place of a product such as 100.50 × 0.01, so that the tie
 * 1.005 is seen as the tie it is on paper. Far below a cent for any amount under a million million.
 */
export const NOISE = 2 ** -50;
/** Below this the room for noise is under a quarter of a step; numbers past it are left as they are. */
const FINE = 2 ** 48;

/**
 * Rounds half away from zero to a number of decimals, on the decimal value as written.
 *
 * @param value any finite number
 * @param decimals places kept; negative keeps tens, hundreds, …
 */
export function roundTo(value: number, decimals: number): number {
  if (decimals > 100) return value;
  const size = Math.abs(value);
  const scale = 10 ** Math.abs(decimals);
  const scaled = decimals > 0 ? size * scale : size / scale;
  if (!(scaled < FINE)) return value;
  const whole = Math.floor(scaled * (1 + NOISE) + 0.5);
  const rounded = decimals > 0 ? whole / scale : whole * scale;
  return value < 0 ? 0 - rounded : rounded;
}

/** Rounds to cents, half away from zero. Kept apart from `roundTo` because table rows call it most. */
export function roundCent(value: number): Money {
  const scaled = Math.abs(value) * 100;
  if (!(scaled < FINE)) return value;
  const rounded = Math.floor(scaled * (1 + NOISE) + 0.5) / 100;
  return value < 0 ? 0 - rounded : rounded;
}

/**
 * Rounds away from zero to a number of decimals, forgiving noise above an exact multiple.
 *
 * @param decimals places kept; negative goes up to tens, hundreds, …
 */
export function roundUpTo(value: number, decimals: number): number {
  const scale = 10 ** Math.abs(decimals);
  const scaled = decimals > 0 ? Math.abs(value) * scale : Math.abs(value) / scale;
  if (!(scaled < FINE)) return value;
  const whole = Math.ceil(scaled * (1 - NOISE));
  const rounded = decimals > 0 ? whole / scale : whole * scale;
  return value < 0 ? 0 - rounded : rounded;
}

/**
 * Rounds an amount under a rule; `-up` rules round away from zero.
 *
 * @param value currency units, finite
 */
export function roundMoney(value: Money, rule: RoundingRule): Money {
  switch (rule) {
    case 'exact':
      return value;
    case 'cent':
      return roundCent(value);
    case 'cent-up':
      return roundUpTo(value, 2);
    case 'unit':
      return roundTo(value, 0);
    case 'unit-up':
      return roundUpTo(value, 0);
  }
}
