/** Cells, formulas and names of an OOXML workbook. */

import type { CellContent, SheetCells } from '@hardy-sextant/core';
import { shownValue } from '../cellValue.ts';
import { MOST_SHEET_ROWS, tooManyRows, type SheetFile } from './sheetCells.ts';

const MOST_CELL_COLUMNS = 200;

/** @throws with a sentence where it cannot be read */
export async function readXlsx(bytes: Uint8Array, name: string): Promise<SheetFile> {
  const { Workbook } = (await import('exceljs')).default;
  const book = new Workbook();
  try {
    await book.xlsx.load(bytes.slice().buffer);
  } catch {
    throw new Error(`${name} cannot be read as a workbook. Save it again as .xlsx or .ods.`);
  }
  if (book.worksheets.length === 0) throw new Error(`${name} cannot be read as a workbook: there is no sheet in it.`);
  const notes: string[] = [];
  const cells: Record<string, Record<string, CellContent>> = {};
  let links = 0;
  for (const sheet of book.worksheets) {
    if (sheet.rowCount > MOST_SHEET_ROWS) throw tooManyRows(name, sheet.rowCount);
    const own: Record<string, CellContent> = {};
    sheet.eachRow({ includeEmpty: false }, (row) => {
      row.eachCell({ includeEmpty: false }, (cell) => {
        if (cell.isMerged && cell.master.address !== cell.address) return;
        if (Number(cell.col) > MOST_CELL_COLUMNS) return;
        const formula = formulaOf(cell);
        if (formula?.includes('[')) links += 1;
        const value = plainValue(formula === undefined ? cell.value : cell.result);
        if (value === null && formula === undefined) return;
        own[cell.address] = {
          value,
          ...(formula === undefined ? {} : { formula: `=${formula.replace(/^=/, '')}` }),
          ...(cell.numFmt ? { format: cell.numFmt } : {}),
        };
      });
    });
    cells[sheet.name] = own;
  }
  if (links > 0) notes.push(`${links} formulas read other files; the numbers they show were kept.`);
  return { cells: cells satisfies SheetCells, names: namesOf(book.definedNames.model), notes };
}

/** A formula copied down is stored once; exceljs writes it out for each cell. */
function formulaOf(cell: { readonly formula?: string }): string | undefined {
  try {
    return cell.formula || undefined;
  } catch {
    return undefined;
  }
}

function namesOf(
  model: readonly { readonly name: string; readonly ranges: readonly string[] }[],
): Record<string, string> {
  return Object.fromEntries(
    model.flatMap(({ name, ranges }) => (ranges.length === 1 && ranges[0] ? [[name, ranges[0]]] : [])),
  );
}

const DAY = 86_400_000;

/** What a cell shows: dates as the numbers worksheets count them by. */
function plainValue(value: unknown): CellContent['value'] {
  const shown = shownValue(value);
  return shown instanceof Date ? (shown.getTime() - Date.UTC(1899, 11, 30)) / DAY : shown;
}
