/** A table to fill in, filled from a worksheet or from a block of cells that was pasted: each blank cell's text, as a student would type it. */

import { cellsOf, type KeyTable } from '../exercise/fillTable.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { writeNumber } from '../money/numberStyle.ts';
import { lookUp } from '../records.ts';
import { addressOf, columnNumber, type CellContent } from './cells.ts';
import type { TableFound } from './findTables.ts';
import { readSheet } from './readSheet.ts';
import type { Calculation } from './recalculate.ts';
import { CellError } from './values.ts';

/** By id of the cell: `3:interest`, `total:interest`. */
export type CellTexts = Readonly<Record<string, string>>;

/**
 * The payment in the first row of a table: what its number column says, else the first.
 *
 * @param count payments of the plan
 */
export function firstPaymentOf(table: TableFound, calculation: Calculation, count: number): number {
  const { sheet, firstRow, columns } = table;
  if (columns.number === undefined) return 1;
  const first = calculation.numberAt({ sheet, row: firstRow, column: columnNumber(columns.number) });
  return Number.isInteger(first) && first > 1 && first <= count ? first : 1;
}

/** The row in which a cell of the key stands; nothing where the table does not go so far. A total counts where it is of the same rows. */
function rowOf(
  { firstRow, lastRow, totalsRow }: TableFound,
  first: number,
  payment: number,
  { from, to }: KeyTable,
): number | undefined {
  if (payment === 0) return first === from && lastRow - firstRow === to - from ? totalsRow : undefined;
  const row = firstRow + payment - first;
  return row >= firstRow && row <= lastRow ? row : undefined;
}

/** What a worksheet has in the cells that are to be filled in; a minus that functions give counts for nothing. */
export function textsOfSheet(
  key: KeyTable,
  table: TableFound,
  calculation: Calculation,
  count: number,
  style: NumberStyle,
): CellTexts {
  const first = firstPaymentOf(table, calculation, count);
  return Object.fromEntries(
    cellsOf(key).flatMap(({ id, row, column, value: expected, blank }): [string, string][] => {
      const letters = lookUp(table.columns, column);
      const at = rowOf(table, first, row, key);
      if (!blank || letters === undefined || at === undefined) return [];
      const value = calculation.valueAt({ sheet: table.sheet, row: at, column: columnNumber(letters) });
      if (value instanceof CellError) return [[id, value.code]];
      if (typeof value !== 'number') return value === null ? [] : [[id, String(value)]];
      return [[id, writeNumber(expected > 0 ? Math.abs(value) : value, 2, style)]];
    }),
  );
}

/**
 * A pasted block in the cells to fill in: by its heads where it has some, else from the cell it is pasted into.
 *
 * @param at id of the cell it is pasted into
 * @param block texts, row by row
 */
export function textsOfBlock(key: KeyTable, at: string, block: readonly (readonly string[])[]): CellTexts {
  return byHeads(key, block) ?? byPlace(key, at, block);
}

function byHeads(key: KeyTable, block: readonly (readonly string[])[]): CellTexts | undefined {
  const cells: Record<string, CellContent> = {};
  for (const [row, texts] of block.entries())
    for (const [column, text] of texts.entries())
      if (text.trim() !== '') cells[addressOf({ row: row + 1, column: column + 1 })] = { value: text.trim() };
  const table = readSheet({ S: cells }).tables[0];
  if (table?.headRow === undefined) return undefined;
  const first = Number(block[table.firstRow - 1]?.[columnNumber(table.columns.number ?? '') - 1]) || key.from;
  return Object.fromEntries(
    cellsOf(key).flatMap(({ id, row, column, blank }): [string, string][] => {
      const letters = lookUp(table.columns, column);
      const place = rowOf(table, first, row, key);
      if (!blank || letters === undefined || place === undefined) return [];
      const text = block[place - 1]?.[columnNumber(letters) - 1]?.trim() ?? '';
      return text === '' ? [] : [[id, text]];
    }),
  );
}

function byPlace(key: KeyTable, at: string, block: readonly (readonly string[])[]): CellTexts {
  const columns = key.columns.map(({ column }) => column);
  const lines = [...key.rows, ...(key.totals.length > 0 ? [key.totals] : [])];
  const top = lines.findIndex((cells) => cells.some(({ id }) => id === at));
  const width = Math.max(0, ...block.map((texts) => texts.length));
  const focused = columns.findIndex((column) => at.endsWith(`:${column}`));
  // A block as wide as the table begins at its left, whatever cell it is pasted into; one wider by one has the numbers of the rows.
  const left = width > columns.length ? -1 : width === columns.length ? 0 : focused;
  const texts: Record<string, string> = {};
  for (const [down, line] of block.entries())
    for (const [across, text] of line.entries()) {
      const cell = lines[top + down]?.find(({ column }) => column === columns[left + across]);
      if (cell?.blank && text.trim() !== '') texts[cell.id] = text.trim();
    }
  return texts;
}
