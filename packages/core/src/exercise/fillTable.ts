/** A table to fill in: rows of a plan's table with some cells left blank, its columns and totals as the exercise chose them. */

import { fail, ok, type Result } from '../result.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Table } from '../table/buildTable.ts';
import { paymentDate } from '../table/calendar.ts';
import {
  addsUp,
  cellOf,
  columnName,
  tableColumns,
  usualColumns,
  type ChosenColumn,
  type TableColumn,
} from './tableColumns.ts';

export interface KeyCell {
  /** `row:column`, `total:column` under the rows, as blanks are named and answers submitted. */
  readonly id: string;
  /** 0 for a total. */
  readonly row: number;
  readonly column: TableColumn;
  /** 0 where the cell holds words. */
  readonly value: number;
  /** What a cell holds that is no number: a date. It is never left blank. */
  readonly text?: string;
  readonly blank: boolean;
}

export interface KeyTable {
  readonly from: number;
  readonly to: number;
  readonly columns: readonly { readonly column: TableColumn; readonly name: string }[];
  readonly rows: readonly (readonly KeyCell[])[];
  /** One cell under each column that adds up; none where there is no such row. */
  readonly totals: readonly KeyCell[];
  /** The ids of the cells to fill in that the table has, row by row. */
  readonly blanks: readonly string[];
}

/** What an exercise says of its table. */
export interface TableForm {
  /** First and last payment shown. */
  readonly from: number;
  readonly to: number;
  /** Ids `row:column`, or `*:column` for a column in every row; none means every cell but the row numbers. */
  readonly blanks: readonly string[];
  readonly columns?: readonly ChosenColumn[] | undefined;
  readonly totals?: boolean | undefined;
  /** Date of the first payment, for a column of dates. */
  readonly firstDate?: string | undefined;
}

/** More rows than this nobody fills in by hand. */
export const MOST_FILL_ROWS = 120;

/** Every cell of numbers, row by row, totals last. */
export const cellsOf = ({ rows, totals }: KeyTable): KeyCell[] =>
  [...rows.flat(), ...totals].filter(({ text }) => text === undefined);

/** Whether extra payments have a column of their own. */
export const extraApart = ({ columns }: Pick<KeyTable, 'columns'>): boolean =>
  columns.some(({ column }) => column === 'extra');

/**
 * Rows `from` to `to` as cells.
 *
 * @returns `out-of-range` with `field` where the rows, the columns or the blanks do not fit the table
 */
export function keyTable(table: Table, form: TableForm): Result<KeyTable> {
  const { from, to, firstDate = '' } = form;
  const chosen = form.columns ?? usualColumns;
  if (!Number.isInteger(from) || from < 1 || from > table.count)
    return fail('out-of-range', `The table begins with a payment from 1 to ${table.count}.`, { field: 'args.from' });
  if (!Number.isInteger(to) || to < from)
    return fail('out-of-range', 'The table ends at or after its first payment.', { field: 'args.to' });
  const last = Math.min(to, table.count);
  if (last - from + 1 > MOST_FILL_ROWS)
    return fail('out-of-range', `At most ${MOST_FILL_ROWS} rows can be filled in.`, { field: 'args.to' });
  if (chosen.some(({ column }) => column === 'date') && firstDate === '')
    return fail('out-of-range', 'A column of dates needs the date of the first payment in the plan.', {
      field: 'columns',
    });
  const columns = chosen.map((each) => ({ column: each.column, name: columnName(each) }));
  const wanted = new Set(form.blanks);
  const isBlank = (id: string, column: TableColumn, total = false): boolean =>
    wanted.size === 0 || wanted.has(id) || (!total && wanted.has(`*:${column}`));
  const apart = extraApart({ columns });
  const shown = table.rows.slice(from - 1, last);
  const rows = shown.map((row) =>
    columns.map(({ column }): KeyCell => {
      const cell = { id: `${row.number}:${column}`, row: row.number, column };
      if (column === 'date')
        return {
          ...cell,
          value: 0,
          text: paymentDate(firstDate, table.plan.paymentsPerYear, row.number),
          blank: false,
        };
      return { ...cell, value: cellOf(table.rows, row, column, apart), blank: isBlank(cell.id, column) };
    }),
  );
  const totals = (form.totals ? columns : []).flatMap(({ column }, at): KeyCell[] => {
    if (!addsUp(column)) return [];
    const id = `total:${column}`;
    const value = roundTo(
      rows.reduce((sum, row) => sum + (row[at]?.value ?? 0), 0),
      6,
    );
    return [{ id, row: 0, column, value, blank: isBlank(id, column, true) }];
  });
  const made = { from, to: last, columns, rows, totals };
  const blanks = [...rows.flat(), ...totals].filter(({ blank }) => blank).map(({ id }) => id);
  if (blanks.length === 0)
    return fail('out-of-range', 'No cell is left blank: mark those a student fills in.', { field: 'blanks' });
  return ok({ ...made, blanks });
}

/** A row's cells in the order in which they are worked out, whatever the order they are shown in. */
export const inWorkingOrder = (cells: readonly KeyCell[]): KeyCell[] =>
  [...cells].sort((one, other) => tableColumns.indexOf(one.column) - tableColumns.indexOf(other.column));
