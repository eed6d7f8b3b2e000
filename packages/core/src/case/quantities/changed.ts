/** What changes on the way do to a plan: the payments really made, and what is saved against the plan without them. */

import { ok, type Result } from '../../result.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { NEAR_WHOLE } from '../../annuity/sayCount.ts';
import { buildTable, type Table } from '../../table/buildTable.ts';
import type { Quantity, QuantityRecord, AskedCase } from '../quantity.ts';
import { changes, owes, pays, whole } from './builders.ts';

/** The table of the same plan with nothing changing on the way. */
export function withoutChanges({ solved: { plan } }: Pick<AskedCase, 'solved'>): Result<Table> {
  return buildTable({ ...plan, changes: [] });
}

/** The plan without changes less the plan with them. */
const saved =
  (figure: (table: Table, asked: AskedCase) => number): QuantityRecord['read'] =>
  (asked) => {
    const plain = withoutChanges(asked);
    return plain.ok ? ok(roundTo(figure(plain.value, asked) - figure(asked.solved.table, asked), 9) + 0) : plain;
  };

export const changedQuantities = {
  'payments-made': whole('the payments really made', 'count', pays, {
    read: ({ solved }) => ok(solved.table.count),
    closedForm: ({ n }) => [Math.ceil(n - NEAR_WHOLE)],
  }),
  // Without changes nothing is saved; with them the table is run.
  'time-saved': whole('the time saved by the changes', 'years', changes, {
    read: saved(({ count }, { statement }) => count / statement.paymentsPerYear),
    closedForm: () => [0],
  }),
  'payments-saved': whole('the payments saved by the changes', 'count', changes, {
    read: saved(({ count }) => count),
    closedForm: () => [0],
  }),
  'interest-saved': whole(
    'the interest saved by the changes',
    'money',
    (statement) => changes(statement) && owes(statement),
    {
      read: saved(({ totalInterest }) => totalInterest),
      closedForm: () => [0],
    },
  ),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
