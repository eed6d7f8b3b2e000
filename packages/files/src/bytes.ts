/** The bytes of a file as rows: CSV in whatever encoding, or a workbook. */

import { readText, type ReadRows } from './csv.ts';
import { isZip, readWorkbook } from './workbook.ts';

export async function readBytes(bytes: Uint8Array, name: string): Promise<ReadRows> {
  if (isZip(bytes)) return readWorkbook(bytes);
  if (/\.xlsx?$/i.test(name))
    throw new Error(`${name} is not a workbook that can be read; save it as .xlsx or as CSV.`);
  const { text, note } = decode(bytes);
  const read = readText(text);
  return note ? { ...read, notes: [note, ...read.notes] } : read;
}

/** UTF-8 with or without its mark, UTF-16, or the older one-byte Western encoding. */
export function decode(bytes: Uint8Array): { readonly text: string; readonly note?: string } {
  if (bytes[0] === 0xff && bytes[1] === 0xfe)
    return { text: new TextDecoder('utf-16le').decode(bytes), note: 'The file was in UTF-16.' };
  if (bytes[0] === 0xfe && bytes[1] === 0xff)
    return { text: new TextDecoder('utf-16be').decode(bytes), note: 'The file was in UTF-16.' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return {
      text: new TextDecoder('windows-1252').decode(bytes),
      note: 'The file is not in UTF-8; it was read as Windows-1252. Look whether names with accents are right.',
    };
  }
}
