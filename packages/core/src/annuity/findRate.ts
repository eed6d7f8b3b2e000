/**
 * Finds every rate per payment that satisfies the equation of the five values.
 *
 * Works in x = ln(1 + i). Written with what is left when the rate is zero taken out exactly,
 *
 *     D(x) = (PV + n·PMT + FV) + PMT·(a(x) − n) + FV·(e^(−nx) − 1)        x ≥ 0, discounted
 *     C(x) = (PV + n·PMT + FV) + PMT·(s(x) − n) + PV·(e^(nx) − 1)         x < 0, accumulated
 *
 * no term cancels near a root, so that even tiny rates come out in full double accuracy; past |n·x| = 1 the plain sums
 * are as accurate and keep their sign far out. D and C differ by the factor e^(nx) and have the same sign. As a polynomial in v = e^(−x) the equation has at most two changes of sign, so at
 * most two roots (Descartes), and with two its derivative has one change and the function one extreme between them.
 */

import { expm2, HIGHEST_RATE, type FiveValues } from './fiveValues.ts';

const LOW = -36; // 1 + i = 2e-16
const HIGH = Math.log1p(HIGHEST_RATE);

interface Equation {
  readonly n: number;
  readonly pv: number;
  readonly pmt: number;
  readonly fv: number;
  readonly due: boolean;
  /** PV + n·PMT + FV, in two doubles. */
  readonly atZero: number;
}

/** All rates per payment in (−1, 10), ascending; empty when there is none. */
export function findRates(values: Pick<FiveValues, 'n' | 'pv' | 'pmt' | 'fv' | 'timing'>): number[] {
  const { n, pv, pmt, fv, timing } = values;
  const due = timing === 'begin';
  const equation: Equation = { n, pv, pmt, fv, due, atZero: exactSum(pv, n, pmt, fv) };
  const changes = signChanges(equation);
  if (changes === 0) return [];
  if (changes === 1) {
    const only = fastRoot(equation) ?? bracketedRoot(equation, LOW, HIGH);
    return only === undefined ? [] : [Math.expm1(only)];
  }
  const turn = extreme(equation);
  if (turn === undefined) return [];
  const height = value(equation, turn);
  const roots: number[] = [];
  if (height === 0) roots.push(turn);
  else {
    const left = bracketedRoot(equation, LOW, turn);
    const right = bracketedRoot(equation, turn, HIGH);
    if (left !== undefined) roots.push(left);
    if (right !== undefined) roots.push(right);
  }
  return roots.map(Math.expm1);
}

/** Changes of sign in the flows in order of time: start, payments between, end. */
function signChanges({ n, pv, pmt, fv, due }: Equation): number {
  const first = due ? pv + pmt : pv;
  const last = due ? fv : pmt + fv;
  const between = n > 1 ? pmt : 0;
  let changes = 0;
  let before = 0;
  for (const flow of [first, between, last]) {
    const sign = Math.sign(flow);
    if (sign === 0) continue;
    if (before !== 0 && sign !== before) changes += 1;
    before = sign;
  }
  return changes;
}

/** The equation's value at x, scaled by a positive factor. */
function value({ n, pv, pmt, fv, due, atZero }: Equation, x: number): number {
  const nx = n * x;
  if (nx > 1) return pv - pmt * (Math.expm1(-nx) / (due ? -Math.expm1(-x) : Math.expm1(x))) + fv * Math.exp(-nx);
  if (nx < -1) return pv * Math.exp(nx) + pmt * (Math.expm1(nx) / (due ? -Math.expm1(-x) : Math.expm1(x))) + fv;
  if (x >= 0) {
    if (x === 0) return atZero;
    const annuity = due ? (n * expm2(-x) - expm2(-nx)) / -Math.expm1(-x) : -(expm2(-nx) + n * expm2(x)) / Math.expm1(x);
    return atZero + pmt * annuity + fv * Math.expm1(-nx);
  }
  const annuity = due ? (n * expm2(-x) + expm2(nx)) / -Math.expm1(-x) : (expm2(nx) - n * expm2(x)) / Math.expm1(x);
  return atZero + pmt * annuity + pv * Math.expm1(nx);
}

/** The slope of D over x, exact enough to steer by. */
function slope({ n, pmt, fv, due }: Equation, x: number): number {
  const back = Math.exp(-n * x);
  if (Math.abs(x) * n < 1e-4) {
    const terms = due ? n - 1 : n + 1;
    const bend = (n * terms * (due ? 2 * n - 1 : 2 * n + 1)) / 6;
    return pmt * (bend * x - (n * terms) / 2) - n * fv * (1 - n * x);
  }
  const i = Math.expm1(x);
  const annuity = (1 - back) / i;
  const plain = (n * back - annuity * (1 + i)) / i;
  return pmt * (due ? (1 + i) * (plain + annuity) : plain) - n * fv * back;
}

/** Newton's steps from a close guess; undefined when they do not settle on x ≥ 0 quickly. */
function fastRoot(equation: Equation): number | undefined {
  const { n, pv, pmt, fv, due, atZero } = equation;
  const at0 = (-pmt * n * (due ? n - 1 : n + 1)) / 2 - n * fv;
  if (at0 === 0 || atZero === 0) return atZero === 0 ? 0 : undefined;
  let x = -atZero / at0;
  // The first step overshoots nothing but is too long for large n·x; the discount the payments bring shortens it.
  if (x > 0 && pmt !== 0) {
    const spread = Math.abs(pv) > Math.abs(fv) ? (2 * (-pmt * n - pv - fv)) / ((pv - fv) * (due ? n - 1 : n + 1)) : x;
    if (Number.isFinite(spread) && spread > 0)
      x = Math.log1p(Math.min(spread, -pmt / pv > 0 && pv !== 0 ? Math.max(spread / 2, -pmt / pv) : spread));
  }
  if (!(x > 0 && x < HIGH)) return undefined;
  for (let step = 0; step < 12; step += 1) {
    const height = value(equation, x);
    const rise = slope(equation, x);
    const next = x - height / rise;
    if (!(next > 0 && next < HIGH)) return undefined;
    const moved = Math.abs(next - x);
    x = next;
    if (moved <= 1e-9 * x) {
      // Quadratic convergence: one more step is full accuracy.
      const last = x - value(equation, x) / slope(equation, x);
      return last > 0 && last < HIGH && Math.abs(last - x) <= 1e-9 * x ? last : undefined;
    }
  }
  return undefined;
}

/** The root between two abscissae whose values differ in sign, by Newton kept inside the bracket; undefined without a change of sign. */
function bracketedRoot(equation: Equation, low: number, high: number): number | undefined {
  let a = low;
  let b = high;
  let atA = value(equation, a);
  const atB = value(equation, b);
  if (atA === 0) return a;
  if (atB === 0) return b < HIGH ? b : undefined;
  if (atA > 0 === atB > 0) return undefined;
  let x = a < 0 && b > 0 ? 0 : (a + b) / 2;
  let before = Infinity;
  for (let step = 0; step < 200; step += 1) {
    const height = value(equation, x);
    if (height === 0) return x;
    if (height > 0 === atA > 0) {
      a = x;
      atA = height;
    } else b = x;
    const width = b - a;
    if (width <= 4e-16 * Math.max(Math.abs(a), Math.abs(b), 1e-300)) break;
    let next = x - height / scaledSlope(equation, x);
    if (!(next > a && next < b) || Math.abs(next - x) > before / 2) next = halfway(a, b);
    before = Math.abs(next - x);
    if (next === x) break;
    x = next;
  }
  return x;
}

/** Halves by size where both ends have one sign and differ by much, so that tiny roots are reached too. */
function halfway(a: number, b: number): number {
  if (a > 0 && b / a > 16) return Math.sqrt(a) * Math.sqrt(b);
  if (b < 0 && a / b > 16) return -Math.sqrt(-a) * Math.sqrt(-b);
  if (a === 0 && b > 1e-12) return b / 1024;
  if (b === 0 && a < -1e-12) return a / 1024;
  return (a + b) / 2;
}

/** The slope of whichever form `value` uses at x. */
function scaledSlope(equation: Equation, x: number): number {
  if (x >= 0) return slope(equation, x);
  const { n, pv, pmt, due } = equation;
  if (-x * n < 1e-4) {
    const terms = due ? n + 1 : n - 1;
    const bend = (n * terms * (due ? 2 * n + 1 : 2 * n - 1)) / 6;
    return pmt * (bend * x + (n * terms) / 2) + n * pv * (1 + n * x);
  }
  const grown = Math.exp(n * x);
  const i = Math.expm1(x);
  const annuity = (grown - 1) / i;
  const plain = (n * grown - annuity * (1 + i)) / i;
  return pmt * (due ? (1 + i) * (plain + annuity) : plain) + n * pv * grown;
}

/** Where the discounted form turns, found by bisection on the sign of its slope; undefined when it never does in the range. */
function extreme(equation: Equation): number | undefined {
  const { n } = equation;
  // e^(−nx) overflows below −700/n; roots of interest with two changes of sign never lie there.
  let a = Math.max(LOW, -700 / n);
  let b = HIGH;
  const signA = Math.sign(slope(equation, a));
  if (signA === Math.sign(slope(equation, b))) return undefined;
  for (let step = 0; step < 200 && b - a > 1e-15; step += 1) {
    const x = (a + b) / 2;
    if (Math.sign(slope(equation, x)) === signA) a = x;
    else b = x;
  }
  return (a + b) / 2;
}

/** PV + n·PMT + FV without rounding between the steps (Dekker's product, Knuth's sum). */
function exactSum(pv: number, n: number, pmt: number, fv: number): number {
  const product = n * pmt;
  const split = 134217729;
  const nHigh = split * n - (split * n - n);
  const nLow = n - nHigh;
  const pHigh = split * pmt - (split * pmt - pmt);
  const pLow = pmt - pHigh;
  const lostInProduct = nLow * pLow - (product - nHigh * pHigh - nLow * pHigh - nHigh * pLow);
  const first = pv + product;
  const part = first - pv;
  const lostInFirst = pv - (first - part) + (product - part);
  const second = first + fv;
  const rest = second - first;
  const lostInSecond = first - (second - rest) + (fv - rest);
  return second + (lostInProduct + lostInFirst + lostInSecond);
}
