/** Text into rows of cells, by the CSV library: pasted or from a file. What parts the columns is found out, or said. */

import { numberStyles, readEntry } from '@hardy-sextant/core';
import Papa from 'papaparse';
import { CSV, type FileKind } from './format.ts';

/** What stands between two columns; nothing where there is one column only. */
export type Separator = '\t' | ',' | ';' | '|' | '';

export const separators: readonly { readonly id: Separator; readonly name: string }[] = [
  { id: '\t', name: 'tabs' },
  { id: ',', name: 'commas' },
  { id: ';', name: 'semicolons' },
  { id: '|', name: 'upright lines' },
  { id: '', name: 'nothing: one column' },
];

/** A text or file as rows, with what was noticed about it. */
export interface ReadRows {
  readonly rows: readonly (readonly string[])[];
  readonly notes: readonly string[];
  /** The text and what parts its columns, so that it can be read another way; a workbook has neither. */
  readonly text?: string;
  readonly separator?: Separator;
}

export const MOST_ROWS = 5000;
export const MOST_COLUMNS = 400;
const MOST_CHARACTERS = 10_000_000;
/** Stands in no text: where one column is wanted, nothing parts it. */
const NOWHERE = '\u001f';

/**
 * Reads CSV or pasted text.
 *
 * @param separator what parts the columns; found out when left out
 */
export function readText(text: string, separator: Separator = separatorOf(text)): ReadRows {
  if (text.length > MOST_CHARACTERS)
    throw new Error('This text has more than 10 million characters; that is not a list of answers.');
  const parsed = Papa.parse<string[]>(withoutLastLineEnds(text), {
    delimiter: separator === '' ? NOWHERE : separator,
    skipEmptyLines: 'greedy',
  });
  const notes = parsed.errors
    .filter(({ code }) => code !== 'UndetectableDelimiter')
    .slice(0, 3)
    .map(({ row, message }) => `Line ${(row ?? 0) + 1}: ${message}.`);
  const widths = new Set(parsed.data.map(({ length }) => length));
  if (separator === ',' && widths.size > 1)
    notes.push(
      'Not every line has as many columns. If commas belong to the numbers, say below what parts the columns.',
    );
  return { ...limited(parsed.data, notes), text, separator };
}

/** A block of cells as worksheets put it on the clipboard: tabs between cells, quotes around a cell with a line end in it. */
export function readBlock(text: string): string[][] {
  const parsed = Papa.parse<string[]>(withoutLastLineEnds(text), { delimiter: '\t' });
  return parsed.data.map((row) => row.map((cell) => cell.trim()));
}

export function limited(rows: readonly (readonly string[])[], notes: readonly string[]): ReadRows {
  if (rows.length > MOST_ROWS) throw new Error(`There are ${rows.length} rows; at most ${MOST_ROWS} come in at once.`);
  return { rows: rows.map((row) => row.slice(0, MOST_COLUMNS).map((cell) => cell.trim())), notes };
}

/** Line ends at the very end, of whatever system; one walk from behind. */
function withoutLastLineEnds(text: string): string {
  let end = text.length;
  while (end > 0 && (text[end - 1] === '\n' || text[end - 1] === '\r')) end -= 1;
  return text.slice(0, end);
}

/** So many lines tell what parts the columns. */
const LOOKED_AT = 200;

function separatorOf(text: string): Separator {
  if (text.includes('\t')) return '\t';
  const lines = text
    .slice(0, 100_000)
    .split(/\r?\n|\r/, LOOKED_AT)
    .filter((line) => line.trim() !== '');
  // A lone column of numbers is not parted at the commas in them.
  const [first, ...others] = lines.map(isNumber);
  if (first !== undefined && others.every((is) => is) && (first || others.length > 0)) return '';
  const guess = Papa.parse<string[]>(lines.join('\n'), { delimitersToGuess: [',', ';', '|'] }).meta
    .delimiter as Separator;
  return lines.some((line) => line.includes(guess)) ? guess : '';
}

function isNumber(line: string): boolean {
  return numberStyles.some((style) => readEntry(line, style).ok);
}

export const rowsCsv = {
  id: 'rows-csv',
  name: 'CSV, or text with tabs',
  type: CSV,
  ending: 'csv',
  reads: (text: string): ReadRows => readText(text),
} satisfies FileKind & Record<string, unknown>;
