/** What the numbers a sheet starts from should be, by the plan. */

import type { SheetModel } from './sheetModel.ts';
import type { TableKey } from './tableKeys.ts';
import type { InputName } from './words.ts';

/** What an input may hold; nothing where any number is as good. */
export function expectedInput({ numbers, plan, keys }: SheetModel, name: InputName): readonly number[] {
  const { i, annual, n, perYear } = numbers;
  const both = (list: readonly number[]): number[] => list.flatMap((number) => [number, -number]);
  switch (name) {
    case 'amount':
      return both([plan.amount]);
    case 'rate':
      return [annual, 100 * annual];
    case 'ratePerPayment':
      return [i, 100 * i];
    case 'payments':
      return [n];
    case 'years':
      return [n / perYear];
    case 'paymentsPerYear':
      return [perYear];
    case 'finalAmount':
      return both([plan.finalAmount]);
    case 'payment':
      return both([...new Set(keys.flatMap(({ rows }) => rows.slice(0, 1).map(({ payment }) => payment)))]);
    case 'totalInterest':
      return both([...new Set(keys.map(({ rows }) => sumOf(rows, 'interest')))]);
    case 'totalPaid':
      return both([
        ...new Set(
          keys.flatMap(({ rows }) => [
            sumOf(rows, 'payment') + sumOf(rows, 'extra'),
            (rows[0]?.payment ?? 0) * rows.length,
          ]),
        ),
      ]);
    default:
      return [];
  }
}

/** A column of a key, added up. */
export const sumOf = (rows: TableKey['rows'], column: 'interest' | 'payment' | 'extra' | 'principal'): number =>
  rows.reduce((sum, row) => sum + row[column], 0);
