/** A workbook's first sheet as rows of cells, with limits on what it unpacks to. Nothing in it is worked out. */

import { Unzip, UnzipInflate } from 'fflate';
import { shownValue } from './cellValue.ts';
import { limited, MOST_COLUMNS, type ReadRows } from './csv.ts';
import { WORKBOOK, type FileKind } from './format.ts';

const MOST_UNPACKED = 80_000_000;
const MOST_SHEET_ROWS = 100_000;

const unreadable = (): Error => new Error('This workbook cannot be read. Save it again, or as CSV.');

/** Whether a file is a zip, as workbooks are, whatever it is called. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/**
 * Unpacks a zip file and counts, whatever its directory says, until there is too much.
 *
 * @throws when more than `most` bytes come out, or it is no zip file
 */
export function countUnpacked(bytes: Uint8Array, most: number): number {
  let count = 0;
  let files = 0;
  let broken = false;
  const zip = new Unzip((file) => {
    files += 1;
    file.ondata = (error, chunk) => {
      if (error) broken = true;
      else count += chunk.length;
    };
    file.start();
  });
  zip.register(UnzipInflate);
  // In slices, so that the counting stops soon after there is too much.
  for (let at = 0; at < bytes.length && !broken; at += SLICE) {
    zip.push(bytes.subarray(at, at + SLICE), at + SLICE >= bytes.length);
    if (count > most)
      throw new Error(`This workbook unpacks to more than ${most / 1e6} MB; that is not a list of answers.`);
  }
  if (files === 0 || broken) throw unreadable();
  return count;
}

const SLICE = 16_384;

export async function readWorkbook(bytes: Uint8Array): Promise<ReadRows> {
  try {
    countUnpacked(bytes, MOST_UNPACKED);
  } catch (error) {
    throw error instanceof Error && error.message.startsWith('This workbook') ? error : unreadable();
  }
  const { Workbook } = (await import('exceljs')).default;
  const book = new Workbook();
  try {
    await book.xlsx.load(bytes.buffer as ArrayBuffer);
  } catch {
    throw unreadable();
  }
  const sheet = book.worksheets.find(({ actualRowCount }) => actualRowCount > 0);
  if (!sheet) throw new Error('There is nothing in this workbook.');
  if (sheet.rowCount > MOST_SHEET_ROWS) throw new Error('The first sheet has more than 100,000 rows.');
  const notes: string[] = [];
  if (book.worksheets.length > 1)
    notes.push(`The workbook has ${book.worksheets.length} sheets; “${sheet.name}” was read.`);
  let [merged, remarks, formulas] = [0, 0, 0];
  const rows: string[][] = [];
  sheet.eachRow({ includeEmpty: false }, (row) => {
    const cells: string[] = [];
    for (let column = 1; column <= Math.min(row.cellCount, MOST_COLUMNS); column += 1) {
      const cell = row.getCell(column);
      if (cell.isMerged && cell.master.address !== cell.address) {
        merged += 1;
        cells.push('');
        continue;
      }
      if (cell.note) remarks += 1;
      if (cell.formula) formulas += 1;
      cells.push(cellText(cell.value));
    }
    rows.push(cells);
  });
  if (merged > 0) notes.push(`${merged} merged cells were read as empty; their text stands in the first of them.`);
  if (remarks > 0) notes.push(`${remarks} notes on cells were left out.`);
  if (formulas > 0)
    notes.push(`Of ${formulas} formulas the numbers were read that the workbook shows; none was worked out.`);
  return limited(
    rows.filter((row) => row.some((cell) => cell !== '')),
    notes,
  );
}

/** What a cell shows, as text. */
function cellText(value: unknown): string {
  const shown = shownValue(value);
  if (shown instanceof Date) return shown.toISOString().slice(0, 10);
  return shown === null ? '' : String(shown);
}

export const rowsWorkbook = {
  id: 'rows-workbook',
  name: 'a workbook’s first sheet',
  type: WORKBOOK,
  ending: 'xlsx',
  reads: (bytes: Uint8Array): Promise<ReadRows> => readWorkbook(bytes),
} satisfies FileKind & Record<string, unknown>;
