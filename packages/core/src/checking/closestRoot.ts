/** The root of a function nearest to a place, found by widening around it; for inputs that a person may have had instead. */

const STEP = 1.08;
/** Up to 1.08^60, a hundredfold either way. */
const STEPS = 60;

/** @returns undefined where the function has no sign change between a hundredth and a hundredfold of `start` */
export function closestRoot(f: (x: number) => number, start: number): number | undefined {
  let [low, high] = [start, start];
  let [atLow, atHigh] = [f(start), f(start)];
  if (atLow === 0) return start;
  for (let step = 0; step < STEPS; step += 1) {
    for (const up of [true, false]) {
      const from = up ? high : low;
      const to = up ? from * STEP : from / STEP;
      const [before, after] = [up ? atHigh : atLow, f(to)];
      if (Number.isFinite(before) && Number.isFinite(after) && Math.sign(before) !== Math.sign(after))
        return between(f, from, to, before);
      if (up) [high, atHigh] = [to, after];
      else [low, atLow] = [to, after];
    }
  }
  return undefined;
}

function between(f: (x: number) => number, from: number, to: number, atFrom: number): number {
  let [a, b] = [from, to];
  const sign = Math.sign(atFrom);
  for (let k = 0; k < 80 && Math.abs(b - a) > 1e-15 * Math.abs(a); k += 1) {
    const middle = (a + b) / 2;
    const value = f(middle);
    if (value === 0) return middle;
    if (Math.sign(value) === sign) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
