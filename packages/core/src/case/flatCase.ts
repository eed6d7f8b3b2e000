/** Solving a flat-charge statement: payment = (amount + charge) / n, and the rate that is really charged. */

import { fail, ok, type Result } from '../result.ts';
import { roundCent } from '../money/roundMoney.ts';
import { effectiveToNominal } from '../rates/conversions.ts';
import { NEAR_WHOLE } from '../annuity/sayCount.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import { exactRounding, MOST_ROWS, type Plan, type TableRounding } from '../table/plan.ts';
import { valueSlot, type SolvedCase } from './solved.ts';
import { shownNumber } from './solveLevel.ts';
import type { Statement } from './statement.ts';

/** @param statement its rate is the flat charge as a fraction, a year or outright as the statement says */
export function solveFlat(statement: Statement, rounding: TableRounding): Result<SolvedCase> {
  const unknown = valueSlot(statement.unknown);
  const exact = unknownNumber(statement);
  if (!Number.isFinite(exact) || (unknown === 'payments' && exact <= 0))
    return fail('never-repaid', 'The payment does not even cover the charge.', {
      field: unknown === 'payments' ? 'payment' : 'amount',
    });
  if (exact < 0)
    return fail('out-of-range', 'The payments come to less than the amount: there is no charge in them.', {
      field: unknown,
    });
  const shown = unknown === 'payments' ? Math.ceil(exact - NEAR_WHOLE) : shownNumber(unknown, exact, rounding);
  if (unknown === 'payments' && shown > MOST_ROWS)
    return fail('out-of-range', 'At most 12,000 payments can be put in a table.', { field: 'payments' });
  const { amount = 0, rate = 0, payments = 0, payment = 0 } = statement.numbers;
  const all = { finalAmount: 0, amount, rate, payments, payment, [unknown]: shown };
  return charged(statement, { unknown, exact, shown }, all);
}

/** Over how many years, or once, the charge is taken. */
const timesOf = ({ flatBy, paymentsPerYear }: Statement, payments: number): number =>
  flatBy === 'a-year' ? payments / paymentsPerYear : 1;

/** `n·payment = amount·(1 + rate·times)`, for the unknown. */
function unknownNumber(statement: Statement): number {
  const { amount = 0, rate = 0, payments = 0, payment = 0 } = statement.numbers;
  const times = timesOf(statement, payments);
  switch (statement.unknown) {
    case 'payment':
      return (amount * (1 + rate * times)) / payments;
    case 'amount':
      return (payment * payments) / (1 + rate * times);
    case 'rate':
      return amount === 0 ? NaN : ((payment * payments) / amount - 1) / times;
    default:
      // A year: n·payment = amount·(1 + rate·n/p); outright: n = amount·(1 + rate)/payment.
      return statement.flatBy === 'a-year'
        ? amount / (payment - (amount * rate) / statement.paymentsPerYear)
        : (amount * (1 + rate)) / payment;
  }
}

/** The plan, its table, and the rate that is really charged. */
function charged(
  statement: Statement,
  asked: Pick<SolvedCase, 'unknown' | 'exact' | 'shown'>,
  numbers: SolvedCase['numbers'],
): Result<SolvedCase> {
  const { amount, payments, payment } = numbers;
  const { timing, paymentsPerYear: p } = statement;
  const charge =
    asked.unknown === 'payment'
      ? roundCent(amount * numbers.rate * timesOf(statement, payments))
      : roundCent(payment * payments - amount);
  const values = { n: payments, pv: amount, pmt: -payment, fv: 0, timing };
  const found = solveFor('i', values);
  if (!found.ok) {
    const message = 'These numbers charge no rate that could be computed: the payments must come to more than nothing.';
    return { ok: false, problem: { ...found.problem, field: 'payment', message } };
  }
  const i = found.value;
  const effective = Math.expm1(p * Math.log1p(i));
  const nominal = effectiveToNominal(effective, p);
  const plan: Plan = {
    kind: 'loan',
    amount,
    rate: { kind: 'periodic', perPayment: i },
    paymentsPerYear: p,
    payments,
    timing,
    finalAmount: 0,
    payment,
    // The rate really charged is exact, and so the rows are: every payment is the stated one.
    rounding: exactRounding,
    changes: [],
    ...(statement.firstPaymentDate ? { firstPaymentDate: statement.firstPaymentDate } : {}),
  };
  const table = buildTable(plan);
  if (!table.ok) return table;
  const flat = {
    charge,
    ratePerPayment: i,
    nominal: nominal.ok ? nominal.value : i * p,
    effective: Number.isFinite(effective) ? effective : i,
  };
  return ok({ ...asked, numbers, values: { ...values, i }, rate: plan.rate, plan, table: table.value, flat });
}
