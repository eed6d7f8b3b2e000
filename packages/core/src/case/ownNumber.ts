/** A solved case carried on with a number of one's own in a slot: a payment really made, a rate somebody found. */

import { roundTo } from '../money/roundMoney.ts';
import { ok, type Result } from '../result.ts';
import { ratePerPayment } from '../rates/quotedRate.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Plan } from '../table/plan.ts';
import { kindOf } from './kinds.ts';
import { quotedRate } from './quote.ts';
import type { SolvedCase, ValueSlot } from './solved.ts';
import type { Statement } from './statement.ts';

/**
 * The case with another number in one slot, everything else as it is.
 *
 * @param value in the slot's own terms; a rate as a fraction
 */
export function withOwnNumber(
  statement: Statement,
  solved: SolvedCase,
  slot: ValueSlot,
  value: number,
): Result<SolvedCase> {
  const numbers = { ...solved.numbers, [slot]: value };
  const rate = slot === 'rate' ? quotedRate(statement.quote, value) : solved.rate;
  const i = ratePerPayment(rate, statement.paymentsPerYear);
  if (!i.ok) return i;
  const own: Partial<Plan> = {
    amount: { amount: value },
    finalAmount: { finalAmount: value },
    payment: { payment: value },
    payments: { payments: roundTo(value, 0) },
    rate: { rate },
  }[slot];
  const table = buildTable({ ...solved.plan, ...own });
  if (!table.ok) return table;
  const { directions } = kindOf(statement);
  const values = {
    ...solved.values,
    n: numbers.payments,
    i: i.value,
    pv: directions.pv * numbers.amount,
    pmt: directions.pmt * table.value.firstPayment,
    fv: directions.fv * numbers.finalAmount,
  };
  return ok({
    ...solved,
    numbers: { ...numbers, payment: table.value.firstPayment },
    values,
    rate,
    plan: table.value.plan,
    table: table.value,
  });
}
