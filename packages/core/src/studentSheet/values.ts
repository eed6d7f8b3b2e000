/** Values of cells while a worksheet is worked out, and how they become numbers. */

import { roundTo } from '../money/roundMoney.ts';
import type { ErrorCode } from './cells.ts';

/** What goes wrong in a cell goes on into those that read it. */
export class CellError {
  readonly code: ErrorCode;
  constructor(code: ErrorCode) {
    this.code = code;
  }
}

export type Value = number | string | boolean | null | CellError;

/** The values of a range, row by row. */
export interface Area {
  readonly rows: readonly (readonly Value[])[];
}

export type Arg = Value | Area | undefined;

export const isArea = (arg: Arg): arg is Area => typeof arg === 'object' && arg !== null && 'rows' in arg;

export const valueError = new CellError('#VALUE!');
export const numberError = new CellError('#NUM!');
export const divisionError = new CellError('#DIV/0!');
export const missingError = new CellError('#N/A');

/** A text that reads as a number, as somebody typed it: `24,800`, `$585.85`, `6.3%`, `1 200,50`. */
export function numberInText(text: string): number | undefined {
  const bare = text
    .replace(/[\s\u00a0\u202f]/g, '')
    .replace(/^[$€£]|[$€£]$/g, '')
    .replace(/^[−–]/, '-');
  const percent = bare.endsWith('%');
  const digits = percent ? bare.slice(0, -1) : bare;
  // A comma groups threes; a point does only where there are several groups, or a comma after them.
  const isGrouped = /^[-+]?[1-9]\d{0,2}(,\d{3})+(\.\d*)?$/.test(digits);
  const isPointed = /^[-+]?[1-9]\d{0,2}((\.\d{3}){2,}(,\d*)?|\.\d{3},\d*)$/.test(digits);
  const plain = isGrouped
    ? digits.replaceAll(',', '')
    : isPointed
      ? digits.replaceAll('.', '').replace(',', '.')
      : digits.replace(/^([-+]?\d+),(\d+)$/, '$1.$2');
  if (!/^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(plain)) return undefined;
  return percent ? roundTo(Number(plain) / 100, 12) : Number(plain);
}

/** As a worksheet takes it in arithmetic: nothing is 0, a text of bare digits is that number, any other text is an error. */
export function asNumber(value: Value): number | CellError {
  if (typeof value === 'number') return value;
  if (value === null) return 0;
  if (typeof value === 'boolean') return value ? 1 : 0;
  if (value instanceof CellError) return value;
  return /^\s*[-+]?(\d+\.?\d*|\.\d+)%?\s*$/.test(value) ? (numberInText(value) ?? valueError) : valueError;
}

export const scalar = (arg: Arg): Value => (isArea(arg) ? (arg.rows[0]?.[0] ?? null) : (arg ?? null));

/** Numbers of arguments as they are summed: of a range its numbers alone, texts in it count nothing. */
export function numbersIn(args: readonly Arg[]): number[] | CellError {
  const numbers: number[] = [];
  for (const arg of args) {
    if (isArea(arg)) {
      for (const value of arg.rows.flat()) {
        if (value instanceof CellError) return value;
        if (typeof value === 'number') numbers.push(value);
      }
      continue;
    }
    const number = asNumber(arg ?? null);
    if (typeof number !== 'number') return number;
    numbers.push(number);
  }
  return numbers;
}
