/** Where a search tries next between two values on either side of what it looks for. */

/** A value that was tried, and how far over the aim it is: below zero is under. */
export interface Tried {
  readonly value: number;
  readonly gap: number;
}

/** The next value between a and b; told which of the two was tried last, to know the one that stayed. */
export type NextTry = (a: Tried, b: Tried, last?: Tried) => number;

/** In the middle. */
export const halving: NextTry = (a, b) => (a.value + b.value) / 2;

/** Where a straight line meets the aim. An end that stays twice counts half (Illinois), so that it moves as well. */
export function straightLine(): NextTry {
  const weights = { a: 1, b: 1 };
  let stayed: 'a' | 'b' | undefined;
  const moved = (end: 'a' | 'b', other: 'a' | 'b'): void => {
    weights[end] = 1;
    if (stayed === other) weights[other] /= 2;
    stayed = other;
  };
  return (a, b, last) => {
    if (last === a) moved('a', 'b');
    if (last === b) moved('b', 'a');
    const [fa, fb] = [a.gap * weights.a, b.gap * weights.b];
    return fa === fb ? halving(a, b) : (a.value * fb - b.value * fa) / (fb - fa);
  };
}

/** The round numbers of two digits next to two values, outward: a person begins with those. */
export function roundAround(low: number, high: number, least: number): readonly [number, number] {
  const size = 10 ** (Math.floor(Math.log10(Math.max(Math.abs(high), least * 100))) - 1);
  return [Math.floor(low / size) * size, Math.ceil(high / size) * size];
}
