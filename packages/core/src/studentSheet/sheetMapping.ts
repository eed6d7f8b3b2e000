/** Where things stand in a worksheet, as somebody said it; it holds for every worksheet in which the same words stand there. */

import { lookUp } from '../records.ts';
import { addressOf, columnNumber, fullAddress, fullPlace, type Place, type SheetCells } from './cells.ts';
import type { TableSaid } from './findTables.ts';
import { plainWords, type InputName } from './words.ts';

export interface SheetMapping {
  readonly table?: TableSaid | undefined;
  /** `Data!B2` by what it is; null for what is nowhere. Inputs that are not named are looked for. */
  readonly inputs: Readonly<Partial<Record<InputName, string | null>>>;
  /** The same by part, for the cells that answer one. */
  readonly answers: Readonly<Record<string, string | null>>;
}

/** A mapping with the words that worksheets it holds for are known by. */
export interface KnownMapping extends SheetMapping {
  /** By place: the words over the columns or beside a number; nothing where nothing stood. */
  readonly words: Readonly<Record<string, string>>;
}

const MOST_LEFT = 4;
const MOST_HEADS = 60;

/** Adds the words of the worksheet for which the mapping was made. */
export function knownBy(mapping: SheetMapping, cells: SheetCells): KnownMapping {
  const words = [...headsOf(mapping, cells), ...labelsOf(mapping, cells)].map(
    (place) => [fullAddress(place), plainWords(textAt(cells, place))] as const,
  );
  return { ...mapping, words: Object.fromEntries(words) };
}

/** Whether a worksheet is like the one a mapping was made for: the same words, or numbers where there were none. */
export function mappingFits({ words, ...mapping }: KnownMapping, cells: SheetCells): boolean {
  const isSame = ([at, word]: readonly [string, string]): boolean => {
    const place = fullPlace(at);
    return place !== undefined && plainWords(textAt(cells, place)) === word;
  };
  if (!Object.entries(words).every(isSame)) return false;
  if (Object.keys(words).length > 0) return true;
  const { table } = mapping;
  const columns = Object.values(table?.columns ?? {}).flatMap((letters) =>
    table ? [{ sheet: table.sheet, row: table.firstRow, column: columnNumber(letters) }] : [],
  );
  const numbers = [...columns, ...saidPlaces(mapping)];
  return numbers.length > 0 && numbers.every((place) => isNumber(cells, place));
}

/** The cells that a mapping names one by one. */
const saidPlaces = ({ inputs, answers }: SheetMapping): Place[] =>
  [...Object.values(inputs), ...Object.values(answers)].flatMap((at) => (at ? (fullPlace(at) ?? []) : []));

/** Every word in the rows of heads, also over columns that the mapping does not name, and the empty cell after the last. */
function headsOf({ table }: SheetMapping, cells: SheetCells): Place[] {
  if (!table) return [];
  const { sheet, firstRow, columns } = table;
  const letters = Object.values(columns).map((each) => columnNumber(each));
  const row = [firstRow - 1, firstRow - 2].find((up) =>
    letters.some((column) => textAt(cells, { sheet, row: up, column }) !== ''),
  );
  if (row === undefined) return [];
  const heads = Array.from({ length: MOST_HEADS }, (_, at) => ({ sheet, row, column: at + 1 })).filter(
    (place) => textAt(cells, place) !== '',
  );
  const last = Math.max(...heads.map(({ column }) => column));
  return [...heads, { sheet, row, column: last + 1 }];
}

/** The words to the left of each number, or above it. */
function labelsOf(mapping: SheetMapping, cells: SheetCells): Place[] {
  return saidPlaces(mapping).flatMap(({ sheet, row, column }) => {
    const left = Array.from({ length: MOST_LEFT }, (_, by) => ({ sheet, row, column: column - 1 - by }));
    return [...left, { sheet, row: row - 1, column }].find((each) => textAt(cells, each) !== '') ?? [];
  });
}

function contentAt(cells: SheetCells, place: Place) {
  return place.row < 1 || place.column < 1 ? undefined : lookUp(lookUp(cells, place.sheet) ?? {}, addressOf(place));
}

function textAt(cells: SheetCells, place: Place): string {
  const value = contentAt(cells, place)?.value;
  return typeof value === 'string' ? value : '';
}

function isNumber(cells: SheetCells, place: Place): boolean {
  const content = contentAt(cells, place);
  return content !== undefined && (typeof content.value === 'number' || content.formula !== undefined);
}
