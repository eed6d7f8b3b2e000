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

/** How many payments a table has: a last row of next to nothing may be paid with the one before it. */
function countsOf({ count, rows }: Table): number[] {
  const [before, last] = rows.slice(-2);
  const isNothing = before && last && last.payment < before.payment * NEAR_WHOLE;
  return isNothing ? [count, count - 1] : [count];
}

/** The payments saved where a last row of next to nothing does not count, on either side; nothing where there is none. */
function countsSaved(asked: AskedCase): number[] {
  const plain = withoutChanges(asked);
  if (!plain.ok) return [];
  const made = countsOf(asked.solved.table);
  return countsOf(plain.value)
    .flatMap((count) => made.map((each) => count - each))
    .slice(1);
}

export const changedQuantities = {
  'payments-made': whole('the payments really made', 'count', pays, {
    read: ({ solved }) => ok(solved.table.count),
    closedForm: ({ n }) => [Math.ceil(n - NEAR_WHOLE)],
    counted: ({ solved }) => countsOf(solved.table).slice(1),
  }),
  // Without changes nothing is saved; with them the table is run.
  'time-saved': whole('the time saved by the changes', 'years', changes, {
    read: saved(({ count }, { statement }) => count / statement.paymentsPerYear),
    closedForm: () => [0],
    counted: (asked) => countsSaved(asked).map((count) => count / asked.statement.paymentsPerYear),
  }),
  'payments-saved': whole('the payments saved by the changes', 'count', changes, {
    read: saved(({ count }) => count),
    closedForm: () => [0],
    counted: countsSaved,
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
