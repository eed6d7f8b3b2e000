/** Finds the numbers that a worksheet starts from, by the words beside or above them, and cells that answer parts. */

import { numberInText } from './values.ts';
import { columnNumber, type Place } from './cells.ts';
import type { TableFound } from './findTables.ts';
import type { SheetView } from './sheetView.ts';
import { isTotalsLabel, labelMeans, type InputName } from './words.ts';

export interface InputFound {
  readonly name: InputName;
  readonly place: Place;
  readonly label: string;
}

/** A number may stand so many columns to the right of its label. */
const MOST_RIGHT = 4;

const unitPattern =
  /^(years?|yrs?|months?|payments?|periods?|quarters?|weeks?|%|percent|per (year|month|annum)|a year|p\.? ?a\.?|monthly|yearly|\$|€|£)\.?$/i;

/** Every labelled number outside the tables, from the top. */
export function findInputs(view: SheetView, tables: readonly TableFound[]): InputFound[] {
  const found: InputFound[] = [];
  for (let row = 1; row <= view.last.row; row += 1)
    for (let column = 1; column <= view.last.column; column += 1) {
      const text = view.text(row, column);
      if (text === '' || numberInText(text) !== undefined || isInTable(tables, row, column)) continue;
      const place = numberBeside(view, row, column, tables) ?? numberBelow(view, row, column, tables);
      if (!place) continue;
      const unit = view.text(place.row, place.column + 1);
      const label = unitPattern.test(unit.trim()) ? `${text} ${unit}` : text;
      const name = labelMeans(label);
      if (name) found.push({ name, place, label: text });
    }
  return found;
}

/** Whether a place is under the heads of a table, or one of them. */
export function isInTable(tables: readonly TableFound[], row: number, column: number): boolean {
  return tables.some(({ headRow, row0, firstRow, lastRow, totalsRow, columns }) => {
    const top = headRow ?? row0 ?? firstRow;
    const inRows = (row >= top && row <= lastRow) || row === totalsRow;
    const letters = Object.values(columns).map((each) => columnNumber(each));
    return inRows && column >= Math.min(...letters) && column <= Math.max(...letters);
  });
}

function numberBeside(view: SheetView, row: number, column: number, tables: readonly TableFound[]): Place | undefined {
  for (let at = column + 1; at <= column + MOST_RIGHT; at += 1) {
    if (isInTable(tables, row, at)) return undefined;
    if (view.isFilled(row, at)) return view.place(row, at);
    const text = view.text(row, at);
    if (text !== '' && !unitPattern.test(text.trim()) && !/^[=:]$/.test(text.trim())) return undefined;
  }
  return undefined;
}

function numberBelow(view: SheetView, row: number, column: number, tables: readonly TableFound[]): Place | undefined {
  const isFree = view.isFilled(row + 1, column) && !isInTable(tables, row + 1, column);
  // The number under a label is another label's own where one stands to its left.
  return isFree && (column === 1 || view.text(row + 1, column - 1) === '') ? view.place(row + 1, column) : undefined;
}

/** `Part a`, `b)`, `answer c`: the cell beside it answers that part. */
export function findAnswers(view: SheetView, tables: readonly TableFound[]): Record<string, Place> {
  const found: Record<string, Place> = {};
  for (let row = 1; row <= view.last.row; row += 1)
    for (let column = 1; column <= view.last.column; column += 1) {
      const text = view.text(row, column).trim();
      const part = /^(?:(?:part|answer|question|q|ans(?:wer)? to)\s*\(?([a-z])\)?|\(?([a-z])[).:])(?:[\s.:)-]|$)/i.exec(
        text,
      );
      if (!part || isTotalsLabel(text)) continue;
      const letter = (part[1] ?? part[2] ?? '').toLowerCase();
      const place = numberBeside(view, row, column, tables) ?? numberBelow(view, row, column, tables);
      if (place && !(letter in found)) found[letter] = place;
    }
  return found;
}
