/** Slips in a table that a student filled in, one record each; the numbers follow from the student's own cells. */

import { roundCent } from '../money/roundMoney.ts';
import type { Table } from '../table/buildTable.ts';
import type { TableColumn } from '../exercise/exercise.ts';

export interface CellAsked {
  readonly row: number;
  readonly column: TableColumn;
  readonly value: number;
  readonly rate: number;
  readonly table: Table;
  /** The student's own number in a cell, the given one where it was not theirs. */
  readonly at: (row: number, column: TableColumn) => number;
  readonly from: number;
  readonly saving: boolean;
  readonly expected: number;
  readonly fromOwn: number;
}

export interface TableSlip {
  readonly id: string;
  readonly title: string;
  readonly says: string;
  readonly columns: readonly TableColumn[];
  readonly results: (cell: CellAsked) => readonly number[];
}

export const tableSlips: readonly TableSlip[] = [
  {
    id: 'interest-on-original-amount',
    title: 'Interest on the original amount',
    says: 'Interest was taken on the amount at the very start, not on what is still owed.',
    columns: ['interest'],
    results: ({ row, table, rate }) => (row === 1 ? [] : [roundCent(table.plan.amount * rate)]),
  },
  {
    id: 'interest-on-wrong-row',
    title: 'Interest from another row',
    says: 'Interest was taken on the balance of another row.',
    columns: ['interest'],
    results: ({ row, at, from, rate, table }) => [...(row > from ? [at(row - 1, 'opening') * rate] : []), (table.rows[row - 1]?.closing ?? NaN) * rate].map(roundCent),
  },
  {
    id: 'reference-not-fixed',
    title: 'A reference that moved',
    says: 'A reference that should stay moved when the formula was copied down: it points at an empty or a wrong cell.',
    columns: ['interest', 'principal', 'closing'],
    results: ({ row, column, at, from }) => {
      if (row === from) return [];
      if (column === 'interest') return [0, at(row, 'opening')];
      return column === 'principal' ? [-at(row, 'interest')] : [at(row, 'opening')];
    },
  },
  {
    id: 'principal-plus-interest',
    title: 'Interest added to principal',
    says: 'Principal is the payment less the interest; here they were added.',
    columns: ['principal'],
    results: ({ row, at, saving }) => [saving ? at(row, 'payment') - at(row, 'interest') : at(row, 'payment') + at(row, 'interest')],
  },
  {
    id: 'extra-not-subtracted',
    title: 'Extra payment left out',
    says: 'The extra payment was not taken off.',
    columns: ['payment', 'principal', 'closing'],
    results: ({ row, column, table, at, saving }) => {
      const { extra, payment } = table.rows[row - 1]!;
      if (extra === 0) return [];
      if (column === 'payment') return [payment];
      return column === 'principal' ? [payment - at(row, 'interest')] : [at(row, 'opening') + (saving ? 1 : -1) * (at(row, 'principal') - extra)];
    },
  },
  {
    id: 'balance-not-carried',
    title: 'Balance not carried down',
    says: 'The row does not begin with the balance the row before ends with.',
    columns: ['opening', 'closing'],
    results: ({ row, column, at, from, table }) => {
      if (column === 'opening') return row === from ? [] : [table.plan.amount, at(row - 1, 'opening')];
      return [at(row, 'opening') - at(row, 'payment'), at(row, 'opening') - at(row, 'interest'), at(row, 'opening') + at(row, 'principal')];
    },
  },
  {
    id: 'last-payment-not-adjusted',
    title: 'Last payment like the others',
    says: 'The last payment settles what is left; here it is like the others.',
    columns: ['payment'],
    results: ({ row, table }) => (row === table.count && table.count > 1 ? [table.rows[table.count - 2]!.payment, table.firstPayment] : []),
  },
  {
    id: 'interest-not-rounded',
    title: 'Interest not rounded',
    says: 'Interest was carried on with its fractions of a cent; each row is rounded.',
    columns: ['interest', 'principal', 'closing'],
    results: ({ row, column, table, rate }) => {
      // The row as it is when no interest is ever rounded.
      const { amount, timing } = table.plan;
      let balance = amount;
      let interest = 0;
      for (const each of table.rows.slice(0, row)) {
        const paid = each.payment + each.extra;
        interest = (timing === 'begin' ? balance - paid : balance) * rate;
        balance = balance + interest - paid;
      }
      return [{ interest, principal: table.rows[row - 1]!.payment - interest, closing: balance }[column as 'interest' | 'principal' | 'closing']];
    },
  },
];

/** Slips that are about the whole table. */
export const wholeTableSlips: Readonly<Record<string, string>> = { 'one-row-too-many': 'One row too many', 'rows-missing': 'Rows missing' };
