/** A student's worksheet file as cells with their formulas: workbooks of two kinds, CSV, pasted cells. Nothing in it is run. */

import { decode } from '../bytes.ts';
import type { FileKind } from '../format.ts';
import { countUnpacked, isZip } from '../workbook.ts';
import type { SheetFile } from './sheetCells.ts';
import { cellsOfText } from './sheetText.ts';

/** A file may be so large; unpacked, so large. */
export const MOST_SHEET_BYTES = 8_000_000;
const MOST_UNPACKED_SHEET = 60_000_000;

const startsWith = (bytes: Uint8Array, ...signature: number[]): boolean =>
  signature.every((byte, at) => bytes[at] === byte);

/**
 * @param name the file's name, to say what is wrong with it
 * @throws with a sentence where it is no worksheet, has a password, or is too large
 */
export async function readSheetFile(bytes: Uint8Array, name: string): Promise<SheetFile> {
  if (bytes.length === 0) throw new Error(`${name} is empty.`);
  if (bytes.length > MOST_SHEET_BYTES)
    throw new Error(`${name} is larger than ${MOST_SHEET_BYTES / 1e6} MB; a table of payments is not.`);
  if (startsWith(bytes, 0xd0, 0xcf, 0x11, 0xe0))
    throw new Error(`${name} has a password or is of an old kind: save it without one, as .xlsx or .ods.`);
  if (isZip(bytes)) {
    try {
      countUnpacked(bytes, MOST_UNPACKED_SHEET);
    } catch (error) {
      throw new Error(`${name}: ${error instanceof Error ? error.message : 'it cannot be unpacked.'}`, {
        cause: error,
      });
    }
    if (/\.ods$/i.test(name) || isOpenDocument(bytes)) return (await import('./sheetOds.ts')).readOds(bytes, name);
    return (await import('./sheetXlsx.ts')).readXlsx(bytes, name);
  }
  if (/\.(xlsx|xlsm|ods)$/i.test(name))
    throw new Error(`${name} is not a workbook that can be read; save it again as .xlsx, .ods or .csv.`);
  if (
    bytes.subarray(0, 4000).some((byte) => byte === 0) &&
    !startsWith(bytes, 0xff, 0xfe) &&
    !startsWith(bytes, 0xfe, 0xff)
  )
    throw new Error(`${name} is no worksheet: .xlsx, .ods and .csv can be read.`);
  return { cells: cellsOfText(decode(bytes).text, name), names: {}, notes: [] };
}

/** Its first entry is its type, uncompressed. */
export function isOpenDocument(bytes: Uint8Array): boolean {
  const start = new TextDecoder('latin1').decode(bytes.subarray(0, 120));
  return start.includes('application/vnd.oasis.opendocument.spreadsheet');
}

export const studentSheetFile = {
  id: 'student-worksheet',
  name: 'a student’s worksheet',
  type: 'application/octet-stream',
  ending: 'xlsx',
  reads: (bytes: Uint8Array): Promise<SheetFile> => readSheetFile(bytes, 'The file'),
} satisfies FileKind & Record<string, unknown>;
