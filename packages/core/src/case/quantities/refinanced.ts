/** What refinancing on the way comes to. */

import { fail, ok, type Result } from '../../result.ts';
import { roundMoney, type Money } from '../../money/roundMoney.ts';
import { accumulation, growthLessOne } from '../../annuity/fiveValues.ts';
import { ratePerPayment } from '../../rates/quotedRate.ts';
import { levelPayment } from '../../table/levelPayment.ts';
import { refinance, type RefinancingResult } from '../../table/compare.ts';
import { balanceAt } from '../inputs.ts';
import { kindOf } from '../kinds.ts';
import type { AskedCase, Inputs, Quantity, QuantityRecord } from '../quantity.ts';
import { whole, withPayment } from './builders.ts';

/** The old plan and the new one from the change on, by the closed forms. */
interface Refinanced {
  /** The new payment, rounded as the plan's. */
  readonly payment: Money;
  /** The new number of payments. */
  readonly payments: number;
  /** Costs paid in cash. */
  readonly cash: Money;
  /** Still owed k payments after the change. */
  readonly owed: (k: number) => Money;
  readonly owedBefore: (k: number) => Money;
}

function refinanced(inputs: Inputs, payment: number, asked: AskedCase): Refinanced | undefined {
  const change = asked.ask.refinancing;
  if (!change) return undefined;
  const rate = ratePerPayment(change.rate, change.paymentsPerYear ?? inputs.p);
  if (!rate.ok) return undefined;
  const i = rate.value;
  const begin = inputs.timing === 'begin';
  const { rounding } = asked.solved.plan;
  const amount = balanceAt(asked, inputs, payment, change.after) + (change.costsPaid === 'added' ? change.costs : 0);
  const own =
    change.payment ?? roundMoney(levelPayment(amount, inputs.finalAmount, i, change.payments, begin), rounding.payment);
  return {
    payment: own,
    payments: change.payments,
    cash: change.costsPaid === 'cash' ? change.costs : 0,
    owed: (k) => amount * (1 + growthLessOne(i, k)) - own * accumulation(i, k, inputs.timing),
    owedBefore: (k) => balanceAt(asked, inputs, payment, change.after + k),
  };
}

/** The first payment after the change by which paid so far plus still owed is no more than under the old plan. */
function paidForItself({ payment, payments, cash, owed, owedBefore }: Refinanced, old: number, left: number): number {
  for (let k = 1; k <= Math.max(payments, left); k += 1) {
    const now = cash + Math.min(k, payments) * payment + (k < payments ? owed(k) : 0);
    const before = Math.min(k, left) * old + (k < left ? owedBefore(k) : 0);
    if (now <= before + 0.004) return k;
  }
  return NaN;
}

function record(
  title: string,
  unit: QuantityRecord['unit'],
  read: (result: RefinancingResult) => Result<number>,
  form: (found: Refinanced, payment: number, left: number) => number,
): QuantityRecord {
  return whole(title, unit, (statement) => kindOf(statement).refinances, {
    refinancing: true,
    read: ({ solved, ask }) => {
      if (!ask.refinancing)
        return fail('blank', 'Say how it is refinanced: after which payment, at what rate, over how many payments.', {
          field: 'refinancing',
        });
      const found = refinance(solved.table, ask.refinancing);
      return found.ok ? read(found.value) : found;
    },
    closedForm: withPayment((inputs, payment, asked) => {
      const found = refinanced(inputs, payment, asked);
      return found ? form(found, payment, inputs.n - (asked.ask.refinancing?.after ?? 0)) : NaN;
    }),
  });
}

export const refinancingQuantities = {
  'refinanced-payment': record(
    'the payment after refinancing',
    'money',
    ({ table }) => ok(table.firstPayment),
    ({ payment }) => payment,
  ),
  'refinancing-saves': record(
    'what refinancing saves in all',
    'money',
    ({ saves }) => ok(saves),
    ({ payment, payments, cash }, old, left) => left * old - payments * payment - cash,
  ),
  'paid-for-itself': record(
    'the payment by which refinancing has paid for itself',
    'count',
    ({ paidForItselfAfter }) =>
      paidForItselfAfter === undefined
        ? fail('not-reached', 'It never pays for itself.', { field: 'refinancing' })
        : ok(paidForItselfAfter),
    paidForItself,
  ),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
