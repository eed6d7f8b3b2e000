/** Marks over a worksheet: which column holds what, which cell is which number, where the table begins and ends. */

import {
  columnLetters,
  foundColumnTitles,
  fullAddress,
  inputTitles,
  lookUp,
  namesOf,
  readSheet,
  type FoundColumn,
  type InputName,
  type Place,
  type SheetFound,
  type SheetMapping,
} from '@hardy-sextant/core';
import type { WorksheetDetail } from '@hardy-sextant/contract';
import { say } from '../../../words/say.ts';

/** `column interest`, `input amount`, `answer a`, `first row`, `last row`. */
export type Mark =
  | { readonly kind: 'column'; readonly name: FoundColumn }
  | { readonly kind: 'input'; readonly name: InputName }
  | { readonly kind: 'answer'; readonly name: string }
  | { readonly kind: 'row'; readonly name: 'first' | 'last' };

export interface SheetMarks {
  readonly sheet: string;
  readonly firstRow: number | undefined;
  /** Follows from what is filled where nobody says it. */
  readonly lastRow: number | undefined;
  readonly columns: Readonly<Partial<Record<FoundColumn, string>>>;
  readonly inputs: Readonly<Partial<Record<InputName, string>>>;
  readonly answers: Readonly<Record<string, string>>;
}

export const markId = ({ kind, name }: Mark): string => `${kind} ${name}`;

export function markWords({ kind, name }: Mark): string {
  if (kind === 'column') return foundColumnTitles[name];
  if (kind === 'input') return inputTitles[name];
  return kind === 'answer' ? say('part {{name}}', { name }) : say('{{name}} row', { name });
}

/** Every mark there is, with the parts of the exercise. */
export const allMarks = (parts: readonly string[]): Mark[] => [
  ...namesOf(foundColumnTitles).map((name): Mark => ({ kind: 'column', name })),
  { kind: 'row', name: 'first' },
  { kind: 'row', name: 'last' },
  ...namesOf(inputTitles).map((name): Mark => ({ kind: 'input', name })),
  ...parts.map((name): Mark => ({ kind: 'answer', name })),
];

/** What was found, or said before. */
export function marksOf({ table, inputs, answers, mapping, sheets }: WorksheetDetail): SheetMarks {
  return {
    sheet: table?.sheet ?? namesOf(sheets)[0] ?? '',
    firstRow: table?.firstRow,
    lastRow: mapping?.table?.lastRow,
    columns: table?.columns ?? {},
    inputs,
    answers,
  };
}

/** Whether a mark stands at a cell: a column over its head, the others in their place. */
export function standsAt(marks: SheetMarks, { kind, name }: Mark): string | undefined {
  if (kind === 'column') return lookUp(marks.columns, name);
  if (kind === 'input') return lookUp(marks.inputs, name);
  if (kind === 'answer') return lookUp(marks.answers, name);
  const row = name === 'first' ? marks.firstRow : marks.lastRow;
  return row === undefined ? undefined : String(row);
}

/** A mark put at a cell, or taken off the sheet; what stood there of the same kind gives way. */
export function putMark(marks: SheetMarks, { kind, name }: Mark, place: Place | undefined): SheetMarks {
  // A column or a row of another sheet begins a table there.
  const isTables = kind === 'column' || kind === 'row';
  const here =
    isTables && place && place.sheet !== marks.sheet
      ? { ...marks, sheet: place.sheet, firstRow: undefined, lastRow: undefined, columns: {} }
      : marks;
  if (kind === 'row') return { ...here, [name === 'first' ? 'firstRow' : 'lastRow']: place?.row };
  if (kind === 'column') return { ...here, columns: put(here.columns, name, place && columnLetters(place.column)) };
  const address = place && fullAddress(place);
  return kind === 'input'
    ? { ...here, inputs: put(here.inputs, name, address) }
    : { ...here, answers: put(here.answers, name, address) };
}

function put<T extends Readonly<Partial<Record<string, string>>>>(record: T, name: string, at: string | undefined): T {
  const rest = Object.entries(record).filter(([other, where]) => other !== name && where !== at);
  return Object.fromEntries(at === undefined ? rest : [...rest, [name, at]]) as T;
}

/** What the marks say besides what is found without them. */
export function mappingSaid(marks: SheetMarks, { sheets, names }: WorksheetDetail): SheetMapping {
  const plain = readSheet(sheets, { names });
  const { sheet, firstRow, lastRow, columns } = marks;
  const isFound =
    lastRow === undefined &&
    plain.tables.some(
      (table) =>
        table.sheet === sheet &&
        table.firstRow === firstRow &&
        JSON.stringify(sorted(table.columns)) === JSON.stringify(sorted(columns)),
    );
  const hasTable = firstRow !== undefined && Object.keys(columns).length > 0;
  return {
    ...(isFound || !hasTable ? {} : { table: { sheet, firstRow, columns, ...(lastRow ? { lastRow } : {}) } }),
    inputs: differing(plain.inputs, marks.inputs),
    answers: differing(plain.answers, marks.answers),
  };
}

const sorted = (record: Readonly<Partial<Record<string, string>>>) =>
  Object.entries(record).sort(([one], [other]) => one.localeCompare(other));

/** What is said otherwise than it was found; null for what is nowhere. */
function differing<T extends Readonly<Partial<Record<string, string>>>>(
  found: T,
  said: T,
): Record<keyof T & string, string | null> {
  const names = new Set([...namesOf(found), ...namesOf(said)]);
  return Object.fromEntries(
    [...names].filter((name) => found[name] !== said[name]).map((name) => [name, said[name] ?? null]),
  ) as Record<keyof T & string, string | null>;
}

/** The worksheet as the marks have it, to draw its rows. */
export const readAs = (marks: SheetMarks, detail: WorksheetDetail): SheetFound =>
  readSheet(detail.sheets, { names: detail.names, mapping: mappingSaid(marks, detail) });
