/** Cells of a worksheet somebody made, as readers of files give them, and how they are addressed. */

/** What a cell holds; an error is its text, `#DIV/0!`. */
export interface CellContent {
  readonly value: number | string | boolean | null;
  /** Begins with `=`; English names, commas between arguments. */
  readonly formula?: string | undefined;
  /** How the number is shown, such as `0.00` or `0.00%`. */
  readonly format?: string | undefined;
}

/** By sheet, then by address: `{ Sheet1: { B2: { value: 48000 } } }`. */
export type SheetCells = Readonly<Record<string, Readonly<Record<string, CellContent>>>>;

/** A place in a sheet; rows and columns are counted from 1. */
export interface Place {
  readonly sheet: string;
  readonly row: number;
  readonly column: number;
}

const LETTERS = 26;

/** A for 1, Z for 26, AA for 27. */
export function columnLetters(column: number): string {
  let rest = column;
  let letters = '';
  while (rest > 0) {
    const last = (rest - 1) % LETTERS;
    letters = String.fromCharCode(65 + last) + letters;
    rest = (rest - 1 - last) / LETTERS;
  }
  return letters;
}

/** 1 for A; 0 for what is no column. */
export function columnNumber(letters: string): number {
  let column = 0;
  for (const letter of letters.toUpperCase()) column = column * LETTERS + (letter.charCodeAt(0) - 64);
  return column;
}

/** `B12` in numbers; nothing for what is no address. */
export function placeOf(address: string): { readonly row: number; readonly column: number } | undefined {
  const [, letters, digits] = /^\$?([A-Za-z]{1,3})\$?(\d{1,7})$/.exec(address) ?? [];
  return letters && digits ? { row: Number(digits), column: columnNumber(letters) } : undefined;
}

export const addressOf = ({ row, column }: Pick<Place, 'row' | 'column'>): string => `${columnLetters(column)}${row}`;

export const isSamePlace = (one: Place, other: Place): boolean =>
  one.row === other.row && one.column === other.column && one.sheet === other.sheet;

/** `Data!B2`, as places are named where there are several sheets. */
export const fullAddress = (place: Place): string => `${place.sheet}!${addressOf(place)}`;

/** `Data!B2` or `'My data'!$B$2` as a place. */
export function fullPlace(text: string): Place | undefined {
  const at = text.lastIndexOf('!');
  const found = placeOf(text.slice(at + 1));
  const sheet = text.slice(0, Math.max(0, at)).replace(/^'|'$/g, '').replaceAll("''", "'");
  return found && at > 0 ? { sheet, ...found } : undefined;
}

/** One number for a place, to look things up by. */
export const placeKey = (sheet: number, row: number, column: number): number =>
  (sheet * 2_000_000 + row) * 20_000 + column;

/** The errors worksheets show. */
export const errorCodes = ['#NULL!', '#DIV/0!', '#VALUE!', '#REF!', '#NAME?', '#NUM!', '#N/A'] as const;
export type ErrorCode = (typeof errorCodes)[number] | '#CIRCLE!';

export const isErrorText = (text: string): boolean =>
  /^#(NULL!|DIV\/0!|VALUE!|REF!|NAME\?|NUM!|N\/A|CIRCLE!)$/.test(text) || /^Err:\d{3}$/.test(text);
