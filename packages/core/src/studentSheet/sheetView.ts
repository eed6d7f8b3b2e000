/** One sheet, looked at cell by cell. */

import { isErrorText, type Place } from './cells.ts';
import type { Calculation } from './recalculate.ts';
import { numberInText } from './values.ts';

const MOST_COLUMNS = 60;

export class SheetView {
  readonly sheet: string;
  readonly calculation: Calculation;
  readonly last: { readonly row: number; readonly column: number };

  constructor(calculation: Calculation, sheet: string) {
    this.sheet = sheet;
    this.calculation = calculation;
    const { row, column } = calculation.book.extent.get(sheet) ?? { row: 0, column: 0 };
    this.last = { row, column: Math.min(column, MOST_COLUMNS) };
  }

  place(row: number, column: number): Place {
    return { sheet: this.sheet, row, column };
  }

  text(row: number, column: number): string {
    const value = this.calculation.book.at(this.place(row, column))?.content.value;
    return typeof value === 'string' ? value : '';
  }

  hasFormula(row: number, column: number): boolean {
    return this.calculation.book.at(this.place(row, column))?.content.formula !== undefined;
  }

  /** NaN where there is no number; a text that looks like one counts. */
  number(row: number, column: number): number {
    const cell = this.calculation.book.at(this.place(row, column));
    if (!cell) return NaN;
    const { value, formula } = cell.content;
    if (formula !== undefined || typeof value === 'number') return this.calculation.numberAt(cell.place);
    return typeof value === 'string' ? (numberInText(value) ?? NaN) : NaN;
  }

  /** A number, a formula, or what should be one: a text that looks like a number, an error. */
  isFilled(row: number, column: number): boolean {
    const content = this.calculation.book.at(this.place(row, column))?.content;
    if (!content) return false;
    const { value, formula } = content;
    if (formula !== undefined || typeof value === 'number') return true;
    return typeof value === 'string' && (numberInText(value) !== undefined || isErrorText(value));
  }
}
