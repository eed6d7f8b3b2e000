/** Slips in a table that a student filled in, one record each; the numbers follow from the student's own cells. */

import { nth } from '../nth.ts';
import { roundCent } from '../money/roundMoney.ts';
import type { Table } from '../table/buildTable.ts';
import { runningOf, type TableColumn } from '../exercise/tableColumns.ts';
import type { SlipNames } from './slip.ts';

export interface CellAsked {
  /** 0 for a total. */
  readonly row: number;
  readonly column: TableColumn;
  readonly value: number;
  readonly table: Table;
  /** The student's own number in a cell, the given one where it was not theirs. */
  readonly at: (row: number, column: TableColumn) => number;
  /** What is paid in a row, extra payments included. */
  readonly paid: (row: number) => number;
  readonly from: number;
  readonly to: number;
  readonly expected: number;
  /** What it should be from the student's own cells before it. */
  readonly expectedOwn: number;
}

export interface TableSlip extends SlipNames {
  readonly columns: readonly TableColumn[];
  /** Whether it happens in a row or in a total; in a row where left out. */
  readonly inTotal?: boolean;
  readonly results: (cell: CellAsked) => readonly number[];
}

const rateOf = (table: Table, row: number): number => nth(table.rows, row - 1).rate;
const isSaving = ({ plan }: Table): boolean => plan.kind === 'saving';

export const tableSlips: readonly TableSlip[] = [
  {
    id: 'interest-on-original-amount',
    family: 'table',
    title: 'Interest on the original amount',
    advice: 'Interest was taken on the amount at the very start, not on what is still owed.',
    columns: ['interest'],
    results: ({ row, table }) => (row === 1 ? [] : [roundCent(table.plan.amount * rateOf(table, row))]),
  },
  {
    id: 'interest-on-wrong-row',
    family: 'table',
    title: 'Interest from another row',
    advice: 'Interest was taken on the balance of another row.',
    columns: ['interest'],
    results: ({ row, at, from, table }) => {
      const balances = [...(row > from ? [at(row - 1, 'opening')] : []), nth(table.rows, row - 1).closing];
      return balances.map((balance) => roundCent(balance * rateOf(table, row)));
    },
  },
  {
    id: 'rate-of-another-row',
    family: 'table',
    title: 'Rate from before the change',
    advice: 'The rate changes on the way; interest was taken at a rate that is not in force in this row.',
    columns: ['interest'],
    results: ({ row, table, at }) => {
      const others = new Set(table.rows.map(({ rate }) => rate));
      others.delete(rateOf(table, row));
      return [...others].map((rate) => roundCent(at(row, 'opening') * rate));
    },
  },
  {
    id: 'reference-not-fixed',
    family: 'table',
    title: 'A reference that moved',
    advice:
      'A reference that should stay moved when the formula was copied down: it points at an empty or a wrong cell.',
    columns: ['interest', 'principal', 'closing'],
    results: ({ row, column, at, from }) => {
      if (row === from) return [];
      if (column === 'interest') return [0, at(row, 'opening')];
      return column === 'principal' ? [-at(row, 'interest')] : [at(row, 'opening')];
    },
  },
  {
    id: 'principal-plus-interest',
    family: 'table',
    title: 'Interest added to principal',
    advice: 'Principal is the payment less the interest; here they were added.',
    columns: ['principal'],
    results: ({ row, at, paid, table }) => [
      isSaving(table) ? paid(row) - at(row, 'interest') : paid(row) + at(row, 'interest'),
    ],
  },
  {
    id: 'extra-not-subtracted',
    family: 'table',
    title: 'Extra payment left out',
    advice: 'The extra payment was not taken off.',
    columns: ['payment', 'principal', 'closing'],
    results: ({ row, column, table, at }) => {
      const { extra, payment } = nth(table.rows, row - 1);
      if (extra === 0) return [];
      if (column === 'payment') return [payment];
      return column === 'principal'
        ? [payment - at(row, 'interest')]
        : [at(row, 'opening') + (isSaving(table) ? 1 : -1) * (at(row, 'principal') - extra)];
    },
  },
  {
    id: 'balance-not-carried',
    family: 'table',
    title: 'Balance not carried down',
    advice: 'The row does not begin with the balance the row before ends with.',
    columns: ['opening', 'closing'],
    results: ({ row, column, at, paid, from, table }) => {
      if (column === 'opening') return row === from ? [] : [table.plan.amount, at(row - 1, 'opening')];
      return [
        at(row, 'opening') - paid(row),
        at(row, 'opening') - at(row, 'interest'),
        at(row, 'opening') + at(row, 'principal'),
      ];
    },
  },
  {
    id: 'last-payment-not-adjusted',
    family: 'table',
    title: 'Last payment like the others',
    advice: 'The last payment settles what is left; here it is like the others.',
    columns: ['payment'],
    results: ({ row, table }) =>
      row === table.count && table.count > 1 ? [nth(table.rows, table.count - 2).payment, table.firstPayment] : [],
  },
  {
    id: 'interest-not-rounded',
    family: 'table',
    title: 'Interest not rounded',
    advice: 'Interest was carried on with its fractions of a cent; each row is rounded.',
    columns: ['interest', 'principal', 'closing'],
    results: ({ row, column, table }) => {
      // The row as it is when no interest is ever rounded.
      const { amount, timing } = table.plan;
      let balance = amount;
      let interest = 0;
      for (const each of table.rows.slice(0, row)) {
        const paid = isSaving(table) ? -(each.payment + each.extra) : each.payment + each.extra;
        if (each.number > 1) balance += each.drawn;
        interest = (timing === 'begin' ? balance - paid : balance) * each.rate;
        balance = balance + interest - paid;
      }
      const { payment, extra } = nth(table.rows, row - 1);
      const principal = isSaving(table) ? payment + extra + interest : payment + extra - interest;
      return column === 'interest' ? [interest] : column === 'principal' ? [principal] : [balance];
    },
  },
  {
    id: 'running-total-not-carried',
    family: 'table',
    title: 'Running total not carried on',
    advice: 'A running total goes on from the row above; here it begins anew, or this row was left out.',
    columns: ['interest-so-far', 'principal-so-far'],
    results: ({ row, column, at, from }) => {
      const own = at(row, runningOf(column) ?? 'interest');
      return row === from ? [] : [own, at(row - 1, column)];
    },
  },
  {
    id: 'total-range-too-short',
    family: 'table',
    title: 'Total over too few rows',
    advice: 'The total leaves the first or the last row out.',
    columns: ['interest', 'payment', 'extra', 'principal'],
    inTotal: true,
    results: ({ column, at, from, to }) => {
      if (from === to) return [];
      const all = rowsBetween(from, to).reduce((sum, row) => sum + at(row, column), 0);
      return [all - at(to, column), all - at(from, column)];
    },
  },
  {
    id: 'total-of-another-column',
    family: 'table',
    title: 'Total of another column',
    advice: 'The total is that of another column.',
    columns: ['interest', 'payment', 'extra', 'principal'],
    inTotal: true,
    results: ({ column, at, from, to }) =>
      (['opening', 'interest', 'payment', 'principal', 'closing'] as const)
        .filter((other) => other !== column)
        .map((other) => rowsBetween(from, to).reduce((sum, row) => sum + at(row, other), 0)),
  },
];

const rowsBetween = (from: number, to: number): number[] => Array.from({ length: to - from + 1 }, (_, at) => from + at);

/** A slip of the table as a whole. */
export interface WholeTableSlip extends SlipNames {
  /** What is wrong, or nothing. */
  readonly finds: (filled: FilledIn) => string | undefined;
}

interface FilledIn {
  /** Rows the plan's table has. */
  readonly count: number;
  /** Numbers of the rows in which something was written. */
  readonly rows: ReadonlySet<number>;
  /** The last row with a cell to fill in. */
  readonly last: number;
}

export const wholeTableSlips: readonly WholeTableSlip[] = [
  {
    id: 'one-row-too-many',
    family: 'table',
    title: 'One row too many',
    advice: 'The table ends when the balance is settled; a row after that is too many.',
    finds: ({ count, rows }) =>
      [...rows].some((row) => row > count)
        ? `The table ends with payment ${count}; rows after it are too many.`
        : undefined,
  },
  {
    id: 'rows-missing',
    family: 'table',
    title: 'Rows missing',
    advice: 'The table goes on until the balance is settled.',
    finds: ({ rows, last }) =>
      rows.size > 0 && !rows.has(last) ? 'Rows are missing at the end of the table.' : undefined,
  },
];
