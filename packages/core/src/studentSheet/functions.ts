/** The functions that worksheets of this kind use, by OpenFormula name; the financial ones are those of the annuity. */

import { callableFunctions } from '../annuity/sheetFunctions.ts';
import { roundTo } from '../money/roundMoney.ts';
import {
  asNumber,
  CellError,
  divisionError,
  isArea,
  missingError,
  numberError,
  numbersIn,
  scalar,
  valueError,
  type Arg,
  type Value,
} from './values.ts';

export type CellFunction = (args: readonly Arg[]) => Value;

const DAY = 86_400_000;
/** Day 0 of worksheets' dates. */
const FIRST_DAY = Date.UTC(1899, 11, 30);
const dateOf = (serial: number): Date => new Date(FIRST_DAY + Math.floor(serial) * DAY);
const serialOf = (year: number, month: number, day: number): number => (Date.UTC(year, month, day) - FIRST_DAY) / DAY;

/** Numbers in, a number out; an error goes through. */
const plain =
  (give: (...numbers: number[]) => number): CellFunction =>
  (args) => {
    const numbers: number[] = [];
    for (const arg of args) {
      const number = asNumber(scalar(arg));
      if (typeof number !== 'number') return number;
      numbers.push(number);
    }
    const found = give(...numbers);
    return Number.isFinite(found) ? found : numberError;
  };

const over =
  (give: (numbers: readonly number[]) => Value): CellFunction =>
  (args) => {
    const numbers = numbersIn(args);
    return numbers instanceof CellError ? numbers : give(numbers);
  };

const sum = (numbers: readonly number[]): number => numbers.reduce((all, each) => all + each, 0);

/** Towards or away from nought at so many places. */
function cut(value: number, places: number, away: boolean): number {
  const factor = 10 ** places;
  const size = roundTo(Math.abs(value) * factor, 9);
  return (Math.sign(value) * (away ? Math.ceil(size) : Math.floor(size))) / factor;
}

const truths = (args: readonly Arg[]): readonly Value[] =>
  args.flatMap((arg) =>
    isArea(arg) ? arg.rows.flat().filter((value) => value !== null && typeof value !== 'string') : [scalar(arg)],
  );

/** Months on from a date; the last day of a shorter month. */
function monthsOn(serial: number, months: number, end: boolean): number {
  const date = dateOf(serial);
  const [year, month] = [date.getUTCFullYear(), date.getUTCMonth() + Math.trunc(months)];
  const last = new Date(Date.UTC(year, month + 1, 0)).getUTCDate();
  return serialOf(year, month, end ? last : Math.min(date.getUTCDate(), last));
}

/** The place of a value in a list: exact, or the last that is no larger. */
function matched(looked: Value, list: readonly Value[], kind: number): number {
  if (kind === 0)
    return list.findIndex(
      (each) =>
        each === looked ||
        (typeof each === 'string' && typeof looked === 'string' && each.toLowerCase() === looked.toLowerCase()),
    );
  const size = Number(looked);
  return kind > 0
    ? list.findLastIndex((each) => typeof each === 'number' && each <= size)
    : list.findLastIndex((each) => typeof each === 'number' && each >= size);
}

function indexed([area, rowArg, columnArg]: readonly Arg[]): Value {
  if (!isArea(area)) return scalar(area);
  const [row, column] = [Number(asNumber(scalar(rowArg))), Number(asNumber(scalar(columnArg)))];
  const flat = area.rows.length === 1 && columnArg === undefined;
  return (flat ? area.rows[0]?.[row - 1] : area.rows[Math.max(row, 1) - 1]?.[Math.max(column, 1) - 1]) ?? missingError;
}

function lookedUp([looked, area, columnArg, nearArg]: readonly Arg[]): Value {
  if (!isArea(area)) return valueError;
  const near = nearArg === undefined || Boolean(scalar(nearArg));
  const row = matched(
    scalar(looked),
    area.rows.map(([first = null]) => first),
    near ? 1 : 0,
  );
  return row < 0 ? missingError : (area.rows[row]?.[Number(scalar(columnArg)) - 1] ?? new CellError('#REF!'));
}

/** Products of ranges, place by place. */
function summedProducts(args: readonly Arg[]): Value {
  const lists = args.map((arg) => (isArea(arg) ? arg.rows.flat() : [scalar(arg)]));
  let all = 0;
  for (let at = 0; at < (lists[0]?.length ?? 0); at += 1) {
    let product = 1;
    for (const list of lists) {
      const value = list[at] ?? null;
      if (value instanceof CellError) return value;
      product *= typeof value === 'number' ? value : 0;
    }
    all += product;
  }
  return all;
}

const isBlank = (arg: Arg): boolean => scalar(arg) === null;

/** Growth of one over n periods, less one, over i; n where i is 0. */
const growth = (i: number, n: number): number => (i === 0 ? n : Math.expm1(n * Math.log1p(i)) / i);
const power = (i: number, n: number): number => (1 + i) ** n;
/** A worksheet asks no questions of what it is given: a plan that makes no sense has its number too. */
const pmt = (i: number, n = 0, pv = 0, fv = 0, type = 0): number =>
  -(pv * power(i, n) + fv) / (growth(i, n) * (type ? 1 + i : 1));
const fv = (i: number, n = 0, pay = 0, pv = 0, type = 0): number =>
  -(pv * power(i, n) + pay * (type ? 1 + i : 1) * growth(i, n));
const pv = (i: number, n = 0, pay = 0, end = 0, type = 0): number =>
  -(end + pay * (type ? 1 + i : 1) * growth(i, n)) / power(i, n);

const ownFunctions: Readonly<Record<string, CellFunction>> = {
  PMT: plain(pmt),
  FV: plain(fv),
  PV: plain(pv),
  SUM: over(sum),
  AVERAGE: over((numbers) => (numbers.length === 0 ? divisionError : sum(numbers) / numbers.length)),
  MIN: over((numbers) => (numbers.length === 0 ? 0 : Math.min(...numbers))),
  MAX: over((numbers) => (numbers.length === 0 ? 0 : Math.max(...numbers))),
  PRODUCT: over((numbers) => numbers.reduce((all, each) => all * each, 1)),
  COUNT: over((numbers) => numbers.length),
  COUNTA: (args) =>
    args.flatMap((arg) => (isArea(arg) ? arg.rows.flat() : [scalar(arg)])).filter((value) => value !== null).length,
  SUMPRODUCT: summedProducts,
  ROUND: plain((value, places = 0) => roundTo(value, places)),
  ROUNDUP: plain((value, places = 0) => cut(value, places, true)),
  ROUNDDOWN: plain((value, places = 0) => cut(value, places, false)),
  TRUNC: plain((value, places = 0) => cut(value, places, false)),
  INT: plain((value) => Math.floor(value)),
  CEILING: plain((value, step = 1) => (step === 0 ? 0 : Math.ceil(roundTo(value / step, 9)) * step)),
  FLOOR: plain((value, step = 1) => (step === 0 ? 0 : Math.floor(roundTo(value / step, 9)) * step)),
  MOD: plain((value, by = 1) => value - by * Math.floor(value / by)),
  ABS: plain(Math.abs),
  SIGN: plain(Math.sign),
  SQRT: plain(Math.sqrt),
  EXP: plain(Math.exp),
  LN: plain(Math.log),
  LOG10: plain(Math.log10),
  LOG: plain((value, base = 10) => Math.log(value) / Math.log(base)),
  POWER: plain((base, power = 1) => base ** power),
  PI: () => Math.PI,
  NA: () => missingError,
  TRUE: () => true,
  FALSE: () => false,
  AND: (args) => truths(args).find((value) => value instanceof CellError) ?? truths(args).every(Boolean),
  OR: (args) => truths(args).find((value) => value instanceof CellError) ?? truths(args).some(Boolean),
  NOT: ([arg]) => (scalar(arg) instanceof CellError ? scalar(arg) : !scalar(arg)),
  ISBLANK: ([arg]) => isBlank(arg),
  ISNUMBER: ([arg]) => typeof scalar(arg) === 'number',
  ISTEXT: ([arg]) => typeof scalar(arg) === 'string',
  ISERROR: ([arg]) => scalar(arg) instanceof CellError,
  N: ([arg]) => (typeof scalar(arg) === 'number' ? scalar(arg) : 0),
  VALUE: ([arg]) => asNumber(scalar(arg)),
  DATE: plain((year, month = 1, day = 1) => serialOf(year, month - 1, day)),
  YEAR: plain((serial) => dateOf(serial).getUTCFullYear()),
  MONTH: plain((serial) => dateOf(serial).getUTCMonth() + 1),
  DAY: plain((serial) => dateOf(serial).getUTCDate()),
  EDATE: plain((serial, months = 0) => monthsOn(serial, months, false)),
  EOMONTH: plain((serial, months = 0) => monthsOn(serial, months, true)),
  INDEX: indexed,
  MATCH: ([looked, list, kind]) => {
    const values = isArea(list) ? list.rows.flat() : [scalar(list)];
    const at = matched(scalar(looked), values, kind === undefined ? 1 : Number(scalar(kind)));
    return at < 0 ? missingError : at + 1;
  },
  VLOOKUP: lookedUp,
};

/** What computes a function; nothing where it is not understood. */
export function cellFunction(name: string): CellFunction | undefined {
  if (Object.hasOwn(ownFunctions, name)) return ownFunctions[name];
  const lower = name.toLowerCase();
  const financial = Object.hasOwn(callableFunctions, lower) ? callableFunctions[lower] : undefined;
  if (!financial) return undefined;
  return (args) => {
    const numbers: number[] = [];
    for (const arg of args) {
      const number = asNumber(scalar(arg));
      if (typeof number !== 'number') return number;
      numbers.push(number);
    }
    const found = financial(numbers);
    return found.ok ? found.value : numberError;
  };
}
