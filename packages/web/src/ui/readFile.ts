/** Reads a file or pasted text into rows of cells: CSV in whatever encoding, workbooks with limits. Nothing in it is worked out. */

import Papa from 'papaparse';

/** A file as rows, with what was noticed about it. */
export interface ReadRows {
  readonly rows: readonly (readonly string[])[];
  readonly notes: readonly string[];
}

const MOST_BYTES = 10_000_000;
const MOST_ROWS = 5000;
const MOST_COLUMNS = 400;

export async function readFileRows(file: File): Promise<ReadRows> {
  if (file.size > MOST_BYTES) throw new Error(`${file.name} has ${Math.ceil(file.size / 1e6)} MB; at most 10 MB come in.`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  // A workbook is a zip file, whatever it is called.
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return readWorkbook(bytes);
  if (/\.xlsx?$/i.test(file.name)) throw new Error(`${file.name} is not a workbook that can be read; save it as .xlsx or as CSV.`);
  const { text, note } = decode(bytes);
  const read = readText(text);
  return note ? { ...read, notes: [note, ...read.notes] } : read;
}

/** UTF-8 with or without its mark, UTF-16, or the older one-byte Western encoding. */
export function decode(bytes: Uint8Array): { readonly text: string; readonly note?: string } {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), note: 'The file was in UTF-16.' };
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), note: 'The file was in UTF-16.' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), note: 'The file is not in UTF-8; it was read as Windows-1252. Look whether names with accents are right.' };
  }
}

/** Pasted text or CSV: tabs, commas or semicolons part the columns. */
export function readText(text: string): ReadRows {
  const tabbed = text.includes('\t');
  const parsed = Papa.parse<string[]>(text.replace(/\n+$/, ''), { delimiter: tabbed ? '\t' : '', delimitersToGuess: [',', ';', '|'], skipEmptyLines: 'greedy' });
  const notes = parsed.errors
    .filter(({ code }) => code !== 'UndetectableDelimiter')
    .slice(0, 3)
    .map(({ row, message }) => `Line ${(row ?? 0) + 1}: ${message}.`);
  return limited(parsed.data, notes);
}

function limited(rows: readonly (readonly string[])[], notes: readonly string[]): ReadRows {
  if (rows.length > MOST_ROWS) throw new Error(`There are ${rows.length} rows; at most ${MOST_ROWS} come in at once.`);
  return { rows: rows.map((row) => row.slice(0, MOST_COLUMNS).map((cell) => cell.trim())), notes };
}

const MOST_UNPACKED = 80_000_000;

/** What a zip file says it unpacks to, from its directory at the end; nothing where it has none. */
export function unpackedBytes(bytes: Uint8Array): number | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let end = bytes.length - 22;
  while (end >= 0 && view.getUint32(end, true) !== 0x06054b50) end -= 1;
  if (end < 0) return undefined;
  let at = view.getUint32(end + 16, true);
  let sum = 0;
  for (let left = view.getUint16(end + 10, true); left > 0 && at + 46 <= bytes.length && view.getUint32(at, true) === 0x02014b50; left -= 1) {
    sum += view.getUint32(at + 24, true);
    at += 46 + view.getUint16(at + 28, true) + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
  }
  return sum;
}

async function readWorkbook(bytes: Uint8Array): Promise<ReadRows> {
  const unpacked = unpackedBytes(bytes);
  if (unpacked === undefined) throw new Error('This workbook cannot be read. Save it again, or as CSV.');
  if (unpacked > MOST_UNPACKED) throw new Error('This workbook unpacks to more than 80 MB; that is not a list of answers.');
  const { Workbook } = (await import('exceljs')).default;
  const book = new Workbook();
  try {
    await book.xlsx.load(bytes.buffer as ArrayBuffer);
  } catch {
    throw new Error('This workbook cannot be read. Save it again, or as CSV.');
  }
  const sheet = book.worksheets.find(({ actualRowCount }) => actualRowCount > 0);
  if (!sheet) throw new Error('There is nothing in this workbook.');
  if (sheet.rowCount > 100_000) throw new Error('The first sheet has more than 100,000 rows.');
  const notes: string[] = [];
  if (book.worksheets.length > 1) notes.push(`The workbook has ${book.worksheets.length} sheets; “${sheet.name}” was read.`);
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
  if (formulas > 0) notes.push(`Of ${formulas} formulas the numbers were read that the workbook shows; none was worked out.`);
  return limited(
    rows.filter((row) => row.some((cell) => cell !== '')),
    notes,
  );
}

/** What a cell shows, as text. */
function cellText(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value !== 'object') return String(value);
  const { result, text, richText, error } = value as { result?: unknown; text?: unknown; richText?: readonly { text: string }[]; error?: string };
  if (richText) return richText.map((piece) => piece.text).join('');
  if (error) return error;
  return cellText(result ?? text ?? '');
}
