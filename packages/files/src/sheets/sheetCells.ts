/** What a worksheet file comes to, whatever kind it is of. */

import type { SheetCells } from '@hardy-sextant/core';

export interface SheetFile {
  readonly cells: SheetCells;
  /** Names the workbook defines, with what they stand for. */
  readonly names: Readonly<Record<string, string>>;
  /** What was left out, in sentences. */
  readonly notes: readonly string[];
}

/** More rows than this no table of payments has. */
export const MOST_SHEET_ROWS = 20_000;

/** @param count how many there are, where that is known */
export function tooManyRows(name: string, count?: number): Error {
  const rows = count === undefined ? `more than ${MOST_SHEET_ROWS}` : String(count);
  return new Error(`${name} has ${rows} rows; at most ${MOST_SHEET_ROWS} are looked at.`);
}
