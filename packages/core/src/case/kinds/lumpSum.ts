/** A lump sum: one amount is put away and grows with compound interest; nothing is paid in or out on the way. */

import { ok, type Result } from '../../result.ts';
import { buildTable } from '../../table/buildTable.ts';
import { OUT_OF_REACH } from '../../table/plan.ts';
import { sentenceOf, type Directions, type KindOfCase } from '../kind.ts';
import { solveLevel } from '../solveLevel.ts';
import type { SolvedCase } from '../solved.ts';
import { save } from './save.ts';

const growing: Directions = { plan: 'saving', pv: -1, pmt: -1, fv: 1 };
const solveGrowth = solveLevel(growing);

export const lumpSum: KindOfCase = {
  ...save,
  title: 'A lump sum',
  slots: ['amount', 'rate', 'payments', 'finalAmount'],
  asks: 'finalAmount',
  directions: growing,
  pays: false,
  takesChanges: false,
  solve: (statement, rounding) => {
    const numbers = { ...statement.numbers, payment: 0 };
    const solved = solveGrowth({ ...statement, timing: 'end', numbers, changes: [] }, rounding);
    return solved.ok && solved.value.unknown === 'payments' ? grownPast(solved.value) : solved;
  },
  sentence: sentenceOf(`An amount of {amount} at {rate} {quote}
    is left for {payments} {frequency} periods,
    and grows to {finalAmount} .`),
  slotNames: {
    amount: 'amount at the start',
    rate: 'rate',
    payments: 'number of periods',
    finalAmount: 'amount at the end',
  },
  flows: { amount: 'paid in', rate: '', payments: '', finalAmount: 'received' },
};

/** Interest comes at the end of whole periods: the table runs to the first in which the amount is reached, and past it. */
function grownPast(solved: SolvedCase): Result<SolvedCase> {
  const { plan } = solved;
  // With the end out of reach nothing bounds the run: it closes where growth alone leads.
  const run = buildTable({ ...plan, finalAmount: OUT_OF_REACH, rounding: { ...plan.rounding, last: 'as-others' } });
  if (!run.ok) return run;
  const table = buildTable({ ...plan, finalAmount: run.value.closing });
  return table.ok ? ok({ ...solved, plan: table.value.plan, table: table.value }) : table;
}
