/** What the rows of a plan's table may hold: the class's own rounding first, then every other convention of the trade. */

import { ok, type Result } from '../result.ts';
import { tableColumns, type TableColumn } from '../exercise/tableColumns.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Plan, TableRounding } from '../table/plan.ts';
import type { TableRow } from '../table/row.ts';

export interface TableKey {
  readonly rows: readonly TableRow[];
  /** The class's own. */
  readonly isMain: boolean;
  readonly rounding: TableRounding;
}

/** Every table that is right for a plan, the class's own first. */
export function tableKeys(plan: Plan): Result<TableKey[]> {
  const main = buildTable(plan);
  if (!main.ok) return main;
  const keys: TableKey[] = [{ rows: main.value.rows, isMain: true, rounding: plan.rounding }];
  for (const payment of new Set([plan.rounding.payment, 'cent', 'exact'] as const))
    for (const interest of ['cent', 'exact'] as const)
      for (const last of ['clears', 'as-others'] as const) {
        const rounding: TableRounding = { payment, interest, last };
        const other = buildTable({ ...plan, rounding });
        if (other.ok && !keys.some(({ rows }) => isSame(rows, other.value.rows)))
          keys.push({ rows: other.value.rows, isMain: false, rounding });
      }
  return ok(keys);
}

/**
 * The other way to write payments in advance: each row has the interest that has grown since the payment before, so that the
 * first has none, and closes when its payment is made.
 */
export function grownBefore(keys: readonly TableKey[]): TableKey[] {
  return keys.map((key) => ({
    ...key,
    rows: key.rows.map((row, at): TableRow => {
      const interest = key.rows[at - 1]?.interest ?? 0;
      const paid = row.payment + row.extra;
      return {
        ...row,
        opening: row.opening - interest,
        interest,
        principal: paid - interest,
        closing: row.opening - paid,
      };
    }),
  }));
}

function isSame(one: readonly TableRow[], other: readonly TableRow[]): boolean {
  return (
    one.length === other.length &&
    one.every((row, at) => {
      const { interest, payment, closing } = other[at] ?? row;
      return row.interest === interest && row.payment === payment && row.closing === closing;
    })
  );
}

export type MoneyColumn = Exclude<TableColumn, 'date'>;

/** In the order in which a row is worked out. */
export const moneyColumns: readonly MoneyColumn[] = tableColumns.filter((column) => column !== 'date');

/** Running totals of a key, made once. */
const runningTotals = new WeakMap<TableKey, { readonly interest: number[]; readonly principal: number[] }>();

function running(key: TableKey): { readonly interest: number[]; readonly principal: number[] } {
  const known = runningTotals.get(key);
  if (known) return known;
  const totals = { interest: [] as number[], principal: [] as number[] };
  let [interest, principal] = [0, 0];
  for (const row of key.rows) {
    totals.interest.push((interest += row.interest));
    totals.principal.push((principal += row.principal));
  }
  runningTotals.set(key, totals);
  return totals;
}

/**
 * What a column may hold in row k: principal with or without the extra payment, what is paid with or without it.
 *
 * @param apart whether the sheet has a column for extra payments
 */
export function keyedNumbers(key: TableKey, column: MoneyColumn, k: number, apart: boolean): readonly number[] {
  const row = key.rows[k - 1];
  if (!row) return [];
  switch (column) {
    case 'payment':
      return row.extra === 0
        ? [row.payment]
        : apart
          ? [row.payment, row.payment + row.extra]
          : [row.payment + row.extra, row.payment];
    case 'principal':
      return row.extra === 0 ? [row.principal] : [row.principal, row.principal - row.extra];
    case 'interest-so-far':
      return [running(key).interest[k - 1] ?? NaN];
    case 'principal-so-far':
      return [running(key).principal[k - 1] ?? NaN];
    default:
      return [row[column]];
  }
}
