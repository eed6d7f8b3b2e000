/** Every format that comes in or goes out, one record each. Adding one: its file, a record here, its test. */

import type { Marking } from '@hardy-sextant/contract';
import type { Table } from '@hardy-sextant/core';
import { readText, type ReadRows } from './csv.ts';
import { readExercises, writeExercises } from './exercises.ts';
import { marksFile, resultsCsv } from './marks.ts';
import { tableCsv, tableWorkbook } from './tableFiles.ts';
import { readWorkbook } from './workbook.ts';

const WORKBOOK = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
const CSV = 'text/csv;charset=utf-8';

/** Rows of cells: rosters and answers. */
export const rowsCsv = {
  id: 'rows-csv',
  name: 'CSV, or text with tabs',
  type: CSV,
  ending: 'csv',
  reads: (text: string): ReadRows => readText(text),
};
export const rowsWorkbook = {
  id: 'rows-workbook',
  name: 'a workbook’s first sheet',
  type: WORKBOOK,
  ending: 'xlsx',
  reads: (bytes: Uint8Array): Promise<ReadRows> => readWorkbook(bytes),
};
export const exercisesJson = {
  id: 'exercises',
  name: 'exercises',
  type: 'application/json',
  ending: 'json',
  reads: readExercises,
  writes: writeExercises,
};
export const tableAsCsv = {
  id: 'table-csv',
  name: 'the table as CSV',
  type: CSV,
  ending: 'csv',
  writes: (_title: string, table: Table): Promise<string> => tableCsv(table),
};
export const tableAsWorkbook = {
  id: 'table-workbook',
  name: 'the table as a workbook with live formulas',
  type: WORKBOOK,
  ending: 'xlsx',
  writes: (title: string, table: Table): Promise<ArrayBuffer> => tableWorkbook(title, table),
};
export const oneRosterResults = {
  id: 'oneroster-results',
  name: 'CSV with OneRoster’s results columns',
  type: CSV,
  ending: 'csv',
  writes: (marking: Marking): string => resultsCsv(marking, new Date().toISOString()),
};
export const marksJson = {
  id: 'marks',
  name: 'JSON with every answer and verdict',
  type: 'application/json',
  ending: 'json',
  writes: (marking: Marking): string => JSON.stringify(marksFile(marking), null, 2),
};

export const formats = [
  rowsCsv,
  rowsWorkbook,
  exercisesJson,
  tableAsCsv,
  tableAsWorkbook,
  oneRosterResults,
  marksJson,
] as const;

/** A file's name from a title: "Kiln shed, 6.6 %" is "kiln-shed-6-6.csv". */
export function fileName(title: string, { ending }: { readonly ending: string }): string {
  const name = title
    .trim()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return `${name || 'case'}.${ending}`;
}
