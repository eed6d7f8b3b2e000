/** A table as rows of cells, for text that a worksheet takes and for files. */

import type { Table } from '../table/buildTable.ts';
import { paymentDate } from '../table/calendar.ts';

export interface TextOptions {
  /** How a number is put; plain digits with a point by default, which every worksheet reads. */
  readonly number?: (value: number) => string;
  /** Only payments `from` to `to`. */
  readonly from?: number;
  readonly to?: number;
}

/** Titles of the columns, in the words of the plan's kind. */
export function columnTitles(table: Table): string[] {
  return [
    'No.',
    ...(table.plan.firstPaymentDate ? ['Date'] : []),
    'Opening',
    'Interest',
    table.plan.kind === 'saving' ? 'Deposit' : table.plan.kind === 'drawing' ? 'Withdrawal' : 'Payment',
    'Extra',
    table.plan.kind === 'saving' ? 'Added' : 'To principal',
    'Closing',
  ];
}

/** A head row and a row for each payment. */
export function tableText(table: Table, options: TextOptions = {}): string[][] {
  const { number = plain, from = 1, to = table.count } = options;
  const { firstPaymentDate, paymentsPerYear } = table.plan;
  return [
    columnTitles(table),
    ...table.rows
      .slice(from - 1, to)
      .map((row) => [
        String(row.number),
        ...(firstPaymentDate ? [paymentDate(firstPaymentDate, paymentsPerYear, row.number)] : []),
        ...[row.opening, row.interest, row.payment, row.extra, row.principal, row.closing].map(number),
      ]),
  ];
}

/** Up to ten decimals, no grouping, never scientific. */
function plain(value: number): string {
  const text = value.toFixed(10).replace(/\.?0+$/, '');
  return text === '-0' ? '0' : text;
}
