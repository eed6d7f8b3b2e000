/** Cells of a CSV file or pasted from any worksheet: rows from A1, numbers in whatever style, formulas as they are typed. */

import papaparse from 'papaparse';
import { addressOf, numberInText, type CellContent, type SheetCells } from '@hardy-sextant/core';
import { MOST_SHEET_ROWS, tooManyRows } from './sheetCells.ts';

const MOST_CELL_COLUMNS = 200;

/** What a typed text is: a formula, a number, or words. */
export function contentOf(text: string): CellContent | undefined {
  const trimmed = text.trim();
  if (trimmed === '') return undefined;
  if (/^=/.test(trimmed)) return { value: null, formula: trimmed };
  const number = numberInText(trimmed);
  return { value: number ?? text };
}

/** @throws with a sentence where there are too many rows */
export function cellsOfText(text: string, name = 'What was pasted'): SheetCells {
  const { data } = papaparse.parse<string[]>(text, { skipEmptyLines: false, preview: MOST_SHEET_ROWS + 1 });
  if (data.length > MOST_SHEET_ROWS) throw tooManyRows(name);
  const cells: Record<string, CellContent> = {};
  for (const [row, line] of data.entries())
    for (const [column, typed] of line.slice(0, MOST_CELL_COLUMNS).entries()) {
      const content = contentOf(typed);
      if (content) cells[addressOf({ row: row + 1, column: column + 1 })] = content;
    }
  return { Sheet1: cells };
}
