/** A table to fill in: rows of a plan's table with some cells left blank. */

import { fail, ok, type Result } from '../result.ts';
import type { Table } from '../table/buildTable.ts';
import type { TableRow } from '../table/row.ts';
import { tableColumns, type TableColumn } from './exercise.ts';

export interface KeyCell {
  /** `row:column`, as blanks are named and answers submitted. */
  readonly id: string;
  readonly row: number;
  readonly column: TableColumn;
  readonly value: number;
  readonly blank: boolean;
}

export interface KeyTable {
  readonly from: number;
  readonly to: number;
  readonly rows: readonly (readonly KeyCell[])[];
  /** The ids of the cells to fill in that the table has, row by row. */
  readonly blanks: readonly string[];
}

/** More rows than this nobody fills in by hand. */
export const MOST_FILL_ROWS = 120;

export function cellOf(row: TableRow, column: TableColumn): number {
  return column === 'payment' ? row.payment + row.extra : row[column];
}

/**
 * Rows `from` to `to` as cells.
 *
 * @param blanks ids `row:column`, or `*:column` for a column in every row; none means every cell but the row numbers
 */
export function keyTable(table: Table, from: number, to: number, blanks: readonly string[]): Result<KeyTable> {
  if (!Number.isInteger(from) || from < 1 || from > table.count)
    return fail('out-of-range', `The table begins with a payment from 1 to ${table.count}.`, { field: 'args.from' });
  if (!Number.isInteger(to) || to < from)
    return fail('out-of-range', 'The table ends at or after its first payment.', { field: 'args.to' });
  const last = Math.min(to, table.count);
  if (last - from + 1 > MOST_FILL_ROWS)
    return fail('out-of-range', `At most ${MOST_FILL_ROWS} rows can be filled in.`, { field: 'args.to' });
  const wanted = new Set(blanks);
  const rows = table.rows.slice(from - 1, last).map((row) =>
    tableColumns.map((column): KeyCell => {
      const id = `${row.number}:${column}`;
      return {
        id,
        row: row.number,
        column,
        value: cellOf(row, column),
        blank: wanted.size === 0 || wanted.has(id) || wanted.has(`*:${column}`),
      };
    }),
  );
  const empty = rows.flat().filter(({ blank }) => blank);
  if (empty.length === 0)
    return fail('out-of-range', 'No cell is left blank: mark those a student fills in.', { field: 'blanks' });
  return ok({ from, to: last, rows, blanks: empty.map(({ id }) => id) });
}
