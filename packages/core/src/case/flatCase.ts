/** Solving a flat-charge statement: payment = (amount + charge) / n, and the rate that is really charged. */

import { fail, ok, type Result } from '../result.ts';
import { roundCent, roundMoney } from '../money/roundMoney.ts';
import { effectiveToNominal } from '../rates/conversions.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import { exactRounding, type Plan, type TableRounding } from '../table/plan.ts';
import type { StatementDraft } from './draft.ts';
import type { SlotNumbers } from './kind.ts';
import type { SolvedCase, ValueSlot } from './solved.ts';

/**
 * @param numbers the known slots; the rate is the flat charge as a fraction, a year or outright as the draft says
 */
export function solveFlat(draft: StatementDraft, numbers: SlotNumbers, rounding: TableRounding): Result<SolvedCase> {
  const unknown = draft.unknown as ValueSlot;
  const p = draft.paymentsPerYear;
  const aYear = draft.flatBy === 'a-year';
  const { amount = 0, rate = 0, payments = 0, payment = 0 } = numbers;
  const times = (count: number): number => (aYear ? count / p : 1);
  let exact: number;
  switch (unknown) {
    case 'payment':
      exact = (amount * (1 + rate * times(payments))) / payments;
      break;
    case 'amount':
      exact = (payment * payments) / (1 + rate * times(payments));
      break;
    case 'rate':
      exact = amount === 0 ? NaN : ((payment * payments) / amount - 1) / times(payments);
      break;
    default:
      // a year: n·payment = amount·(1 + rate·n/p); outright: n = amount·(1 + rate)/payment.
      exact = aYear ? amount / (payment - (amount * rate) / p) : (amount * (1 + rate)) / payment;
  }
  if (!Number.isFinite(exact) || (unknown === 'payments' && exact <= 0))
    return fail('never-repaid', 'The payment does not even cover the charge.', {
      field: unknown === 'payments' ? 'payment' : 'amount',
    });
  if (exact < 0)
    return fail('out-of-range', 'The payments come to less than the amount: there is no charge in them.', {
      field: unknown,
    });

  const shown =
    unknown === 'payments'
      ? Math.ceil(exact - 0.005)
      : unknown === 'rate'
        ? exact
        : roundMoney(exact, unknown === 'payment' ? rounding.payment : rounding.payment === 'exact' ? 'exact' : 'cent');
  if (shown > 12_000)
    return fail('out-of-range', 'At most 12,000 payments can be put in a table.', { field: 'payments' });
  const all = { finalAmount: 0, amount, rate, payments, payment, [unknown]: shown } as Record<ValueSlot, number>;
  const charge =
    unknown === 'payment'
      ? roundCent(all.amount * all.rate * times(all.payments))
      : roundCent(all.payment * all.payments - all.amount);
  const found = solveFor('i', { n: all.payments, pv: all.amount, pmt: -all.payment, fv: 0, timing: draft.timing });
  if (!found.ok)
    return {
      ok: false,
      problem: {
        ...found.problem,
        field: 'payment',
        message: 'These numbers charge no rate that could be computed: the payments must come to more than nothing.',
      },
    };
  const i = found.value;
  const effective = Math.expm1(p * Math.log1p(i));
  const nominal = effectiveToNominal(effective, p);
  const plan: Plan = {
    kind: 'loan',
    amount: all.amount,
    rate: { kind: 'periodic', perPayment: i },
    paymentsPerYear: p,
    payments: all.payments,
    timing: draft.timing,
    finalAmount: 0,
    payment: all.payment,
    // The rate really charged is exact, and so the rows are: every payment is the stated one.
    rounding: exactRounding,
    changes: [],
    ...(draft.firstPaymentDate ? { firstPaymentDate: draft.firstPaymentDate } : {}),
  };
  const table = buildTable(plan);
  if (!table.ok) return table;
  return ok({
    unknown,
    exact,
    shown,
    numbers: all,
    values: { n: all.payments, i, pv: all.amount, pmt: -all.payment, fv: 0, timing: draft.timing },
    rate: plan.rate,
    plan,
    table: table.value,
    flat: {
      charge,
      ratePerPayment: i,
      nominal: nominal.ok ? nominal.value : i * p,
      effective: Number.isFinite(effective) ? effective : i,
    },
  });
}
