/**
 * Worksheet functions by their OpenFormula names, for reading formulas that students type and for holding our own sheet
 * working to what it says. Definitions as in OpenFormula 1.2, part 2, section 6.12; each reduces to the five values.
 */

import { fail, ok, type Result } from '../result.ts';
import type { Functions } from '../money/expression.ts';
import { roundTo, roundUpTo } from '../money/roundMoney.ts';
import { effectiveToNominal, nominalToEffective } from '../rates/conversions.ts';
import type { Timing } from './fiveValues.ts';
import { solveFor } from './solveFor.ts';

/** How many arguments a function takes, and what it gives. */
interface SheetFunction {
  readonly least: number;
  readonly most: number;
  readonly gives: (args: readonly number[]) => Result<number>;
}

const timing = (type: number | undefined): Timing => (type ? 'begin' : 'end');

/** The balance after `k` payments, in the signs of the worksheet; 0 payments leave the amount. */
function balance(i: number, pmt: number, pv: number, type: number | undefined, k: number): Result<number> {
  return k === 0 ? ok(-pv) : solveFor('fv', { n: k, i, pmt, pv, timing: timing(type) });
}

/** Interest in payment `k`: the rate times what was owed before it. At the beginning of periods the first has none. */
function interestIn(i: number, k: number, n: number, pv: number, fv: number, type: number | undefined): Result<number> {
  if (!Number.isInteger(k) || k < 1 || k > n) return fail('out-of-range', 'The payment must be one of those counted.');
  const pmt = solveFor('pmt', { n, i, pv, fv, timing: timing(type) });
  if (!pmt.ok) return pmt;
  if (type && k === 1) return ok(0);
  const before = balance(i, pmt.value, pv, type, k - 1);
  if (!before.ok) return before;
  // At the beginning the balance before payment k has that period's interest in it already.
  return ok(type ? (before.value * i) / (1 + i) : before.value * i);
}

function summed(
  part: 'interest' | 'principal',
  [i = 0, n = 0, pv = 0, from = 0, to = 0, type = 0]: readonly number[],
): Result<number> {
  if (!Number.isInteger(from) || !Number.isInteger(to) || from < 1 || to < from || to > n || n > 12_000)
    return fail('out-of-range', 'The range must lie within the payments.');
  const pmt = solveFor('pmt', { n, i, pv, fv: 0, timing: timing(type) });
  if (!pmt.ok) return pmt;
  let interest = 0;
  for (let k = from; k <= to; k += 1) {
    const found = interestIn(i, k, n, pv, 0, type);
    if (!found.ok) return found;
    interest += found.value;
  }
  return ok(part === 'interest' ? interest : pmt.value * (to - from + 1) - interest);
}

const plain = (give: (value: number) => number): SheetFunction => ({
  least: 1,
  most: 1,
  gives: ([value = 0]) => finite(give(value)),
});

function finite(value: number): Result<number> {
  return Number.isFinite(value) ? ok(value) : fail('out-of-range', 'this comes to no number.');
}

/** By OpenFormula name. */
const sheetFunctions: Readonly<Record<string, SheetFunction>> = {
  PMT: {
    least: 3,
    most: 5,
    gives: ([i = 0, n = 0, pv = 0, fv = 0, type]) => solveFor('pmt', { i, n, pv, fv, timing: timing(type) }),
  },
  PV: {
    least: 3,
    most: 5,
    gives: ([i = 0, n = 0, pmt = 0, fv = 0, type]) => solveFor('pv', { i, n, pmt, fv, timing: timing(type) }),
  },
  FV: {
    least: 3,
    most: 5,
    gives: ([i = 0, n = 0, pmt = 0, pv = 0, type]) => solveFor('fv', { i, n, pmt, pv, timing: timing(type) }),
  },
  NPER: {
    least: 3,
    most: 5,
    gives: ([i = 0, pmt = 0, pv = 0, fv = 0, type]) => solveFor('n', { i, pmt, pv, fv, timing: timing(type) }),
  },
  RATE: {
    least: 3,
    most: 6,
    gives: ([n = 0, pmt = 0, pv = 0, fv = 0, type]) => solveFor('i', { n, pmt, pv, fv, timing: timing(type) }),
  },
  IPMT: {
    least: 4,
    most: 6,
    gives: ([i = 0, k = 0, n = 0, pv = 0, fv = 0, type]) => interestIn(i, k, n, pv, fv, type),
  },
  PPMT: {
    least: 4,
    most: 6,
    gives: ([i = 0, k = 0, n = 0, pv = 0, fv = 0, type]) => {
      const pmt = solveFor('pmt', { i, n, pv, fv, timing: timing(type) });
      const interest = interestIn(i, k, n, pv, fv, type);
      return !pmt.ok ? pmt : !interest.ok ? interest : ok(pmt.value - interest.value);
    },
  },
  CUMIPMT: { least: 6, most: 6, gives: (args) => summed('interest', args) },
  CUMPRINC: { least: 6, most: 6, gives: (args) => summed('principal', args) },
  EFFECT: { least: 2, most: 2, gives: ([annual = 0, m = 1]) => nominalToEffective(annual, m) },
  NOMINAL: { least: 2, most: 2, gives: ([annual = 0, m = 1]) => effectiveToNominal(annual, m) },
  LN: plain(Math.log),
  LOG10: plain(Math.log10),
  EXP: plain(Math.exp),
  SQRT: plain(Math.sqrt),
  ABS: plain(Math.abs),
  POWER: { least: 2, most: 2, gives: ([base = 0, power = 0]) => finite(base ** power) },
  ROUND: { least: 1, most: 2, gives: ([value = 0, places = 0]) => finite(roundTo(value, places)) },
  ROUNDUP: { least: 1, most: 2, gives: ([value = 0, places = 0]) => finite(roundUpTo(value, places)) },
};

/** The functions as `evaluateExpression` calls them: lower-case names, arguments counted. */
export const callableFunctions: Functions = Object.fromEntries(
  Object.entries(sheetFunctions).map(([name, { least, most, gives }]) => [
    name.toLowerCase(),
    (args: readonly number[]) =>
      args.length < least || args.length > most
        ? fail('unreadable', `it takes ${least === most ? least : `${least} to ${most}`} arguments.`)
        : gives(args),
  ]),
);
