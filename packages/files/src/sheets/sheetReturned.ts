/** A student's own worksheet back: a note in each cell that is wrong, and a sheet of remarks. */

import { cellsInWords, fullPlace, type SheetCells, type SheetJudged } from '@hardy-sextant/core';
import { WORKBOOK, type FileKind } from '../format.ts';
import { isZip } from '../workbook.ts';
import { isOpenDocument } from './sheetFile.ts';

export interface Returned {
  readonly judged: Pick<SheetJudged, 'cells' | 'causes'>;
  /** Numbers as the class writes them. */
  readonly write: (value: number) => string;
  /** "8 of 10", where marks are given. */
  readonly marks?: string | undefined;
}

/** A note that is longer is hard to read beside its cell. */
const LONGEST_NOTE = 400;
const MOST_NOTES = 60;

/**
 * @param original the file as it was submitted; where it is no workbook a new one is made of its cells
 * @returns a workbook
 */
export async function returnedSheet(original: Uint8Array, cells: SheetCells, returned: Returned): Promise<Uint8Array> {
  const { Workbook } = (await import('exceljs')).default;
  const book = new Workbook();
  if (isZip(original) && !isOpenDocument(original)) await book.xlsx.load(original.slice().buffer);
  else fill(book, cells);
  const { judged, write, marks } = returned;
  for (const { address, expected, cause } of judged.cells
    .filter(({ verdict }) => verdict === 'wrong')
    .slice(0, MOST_NOTES)) {
    const place = fullPlace(address);
    const sheet = place && book.getWorksheet(place.sheet);
    if (!sheet || !place) continue;
    const why = judged.causes.find(({ id }) => id === cause);
    const should = expected === undefined ? '' : ` From the cells before it: ${write(expected)}.`;
    sheet.getCell(place.row, place.column).note = `${why?.title ?? 'This number is not explained'}.${should}`.slice(
      0,
      LONGEST_NOTE,
    );
  }
  const remarks = book.addWorksheet(
    freeName(
      'Remarks',
      book.worksheets.map(({ name }) => name),
    ),
  );
  remarks.columns = [{ width: 40 }, { width: 16 }, { width: 90 }];
  if (marks) remarks.addRow(['Marks', marks]);
  for (const { title, cells: own, says } of judged.causes) remarks.addRow([title, cellsInWords(own), says]);
  if (judged.causes.length === 0) remarks.addRow(['Everything is right.']);
  return new Uint8Array(await book.xlsx.writeBuffer());
}

function fill(
  book: { addWorksheet: (name: string) => { getCell: (address: string) => { value: unknown } } },
  cells: SheetCells,
): void {
  for (const [name, own] of Object.entries(cells)) {
    const sheet = book.addWorksheet(name);
    for (const [address, { value, formula }] of Object.entries(own))
      sheet.getCell(address).value =
        formula === undefined ? value : { formula: formula.replace(/^=/, ''), result: value ?? undefined };
  }
}

function freeName(wanted: string, taken: readonly string[]): string {
  let name = wanted;
  for (let at = 2; taken.includes(name); at += 1) name = `${wanted} ${at}`;
  return name;
}

export const returnedSheetFile = {
  id: 'worksheet-returned',
  name: 'a worksheet with remarks',
  type: WORKBOOK,
  ending: 'xlsx',
  writes: returnedSheet,
} satisfies FileKind & Record<string, unknown>;
