/** The columns a table to fill in may have: their words, what a row says in each, and which cells a pattern leaves blank. */

import { roundTo } from '../money/roundMoney.ts';
import type { TableRow } from '../table/row.ts';

export type TableColumn =
  | 'date'
  | 'opening'
  | 'interest'
  | 'payment'
  | 'extra'
  | 'principal'
  | 'closing'
  | 'interest-so-far'
  | 'principal-so-far';

/** In the order in which a row is worked out. */
export const tableColumns: readonly TableColumn[] = [
  'date',
  'opening',
  'interest',
  'payment',
  'extra',
  'principal',
  'closing',
  'interest-so-far',
  'principal-so-far',
];

/** What a column is called where the exercise does not name it. */
export const columnWords: Readonly<Record<TableColumn, string>> = {
  date: 'Date',
  opening: 'Opening',
  interest: 'Interest',
  payment: 'Paid',
  extra: 'Extra',
  principal: 'Principal',
  closing: 'Closing',
  'interest-so-far': 'Interest so far',
  'principal-so-far': 'Principal so far',
};

/** A column as an exercise has it; `name` only where it has one of its own. */
export interface ChosenColumn {
  readonly column: TableColumn;
  readonly name?: string | undefined;
}

/** The columns of a table that says nothing about them. */
export const usualColumns: readonly ChosenColumn[] = (
  ['opening', 'interest', 'payment', 'principal', 'closing'] as const
).map((column) => ({ column }));

export const columnName = ({ column, name = '' }: ChosenColumn): string =>
  name.trim() === '' ? columnWords[column] : name;

/** Columns that add up; a balance and a running total do not. */
export const addsUp = (column: TableColumn): boolean =>
  column === 'interest' || column === 'payment' || column === 'extra' || column === 'principal';

/** The column that a running total adds up. */
export const runningOf = (column: TableColumn): 'interest' | 'principal' | undefined =>
  column === 'interest-so-far' ? 'interest' : column === 'principal-so-far' ? 'principal' : undefined;

/**
 * What a row says in a column of numbers.
 *
 * @param rows the whole table, for running totals
 * @param apart whether extra payments have a column of their own; if not, they are in what is paid
 */
export function cellOf(
  rows: readonly TableRow[],
  row: TableRow,
  column: Exclude<TableColumn, 'date'>,
  apart: boolean,
): number {
  const running = runningOf(column);
  if (running)
    return roundTo(
      rows.slice(0, row.number).reduce((sum, each) => sum + each[running], 0),
      6,
    );
  if (column === 'payment') return apart ? row.payment : row.payment + row.extra;
  return row[column as Exclude<TableColumn, 'date' | 'interest-so-far' | 'principal-so-far'>];
}

/** Which cells are left blank, by a rule. Rows and columns are counted from 0 in what is shown. */
export interface BlankPattern {
  readonly id: string;
  readonly says: string;
  readonly isBlank: (cell: { readonly row: number; readonly at: number; readonly columns: number }) => boolean;
}

export const blankPatterns: readonly BlankPattern[] = [
  { id: 'all', says: 'every cell', isBlank: () => true },
  { id: 'after-first', says: 'all but the first row', isBlank: ({ row }) => row > 0 },
  { id: 'every-second', says: 'every second row', isBlank: ({ row }) => row % 2 === 1 },
  { id: 'one-a-row', says: 'one cell a row, in turn', isBlank: ({ row, at, columns }) => at === row % columns },
  {
    id: 'two-a-row',
    says: 'two cells a row, in turn',
    isBlank: ({ row, at, columns }) => at === row % columns || at === (row + 2) % columns,
  },
];
