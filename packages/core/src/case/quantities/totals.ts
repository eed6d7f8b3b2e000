/** What a whole table comes to, and what a purchase comes to. */

import { ok } from '../../result.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { balanceAt } from '../inputs.ts';
import { isSaving, kindOf } from '../kinds.ts';
import type { Quantity, QuantityRecord } from '../quantity.ts';
import { anyPlan, builtUp, builtUpOf, owes, pays, whole, withPayment } from './builders.ts';

export const totalQuantities = {
  'total-paid': whole('the total of the payments', 'money', pays, {
    read: ({ solved }) => ok(roundTo(solved.table.totalPaid, 6)),
    closedForm: withPayment(({ n }, payment) => n * payment),
  }),
  'total-interest': whole('the total interest', 'money', anyPlan, {
    read: ({ solved }) => ok(roundTo(solved.table.totalInterest, 6)),
    closedForm: withPayment(({ n, amount, finalAmount }, payment, { statement }) =>
      isSaving(kindOf(statement)) ? finalAmount - amount - n * payment : n * payment - amount + finalAmount,
    ),
  }),
  'last-payment': whole('the last payment', 'money', pays, {
    read: ({ solved }) => ok(solved.table.lastPayment),
    closedForm: withPayment((inputs, payment, asked) => {
      const before = balanceAt(asked, inputs, payment, Math.ceil(inputs.n) - 1);
      const settles =
        inputs.timing === 'begin'
          ? before - inputs.finalAmount / (1 + inputs.i)
          : before * (1 + inputs.i) - inputs.finalAmount;
      return isSaving(kindOf(asked.statement)) ? -settles : settles;
    }),
  }),
  'total-price': whole('the total price with what was paid down', 'money', builtUp, {
    read: (asked) => {
      const built = builtUpOf(asked);
      if (!built.ok) return built;
      const { table, numbers } = asked.solved;
      return ok(roundTo(table.totalPaid + built.value.downPayment + built.value.tradeIn + numbers.finalAmount, 6));
    },
    closedForm: withPayment(
      ({ n, downPayment, tradeIn, finalAmount }, payment) => n * payment + downPayment + tradeIn + finalAmount,
    ),
  }),
  // What falls due at the end is paid too.
  'total-with-end': whole('all that is paid, with what falls due at the end', 'money', owes, {
    read: ({ solved: { table, numbers } }) => ok(roundTo(table.totalPaid + numbers.finalAmount, 6)),
    closedForm: withPayment(({ n, finalAmount }, payment) => n * payment + finalAmount),
  }),
  'amount-financed': whole('the amount financed', 'money', owes, {
    read: ({ solved }) => ok(solved.numbers.amount),
    closedForm: ({ amount }) => [amount],
    onInputsAlone: true,
  }),
  'down-payment': whole('the down payment', 'money', builtUp, {
    read: (asked) => {
      const built = builtUpOf(asked);
      return built.ok ? ok(built.value.downPayment) : built;
    },
    closedForm: ({ downPayment }) => [downPayment],
    onInputsAlone: true,
  }),
  'finance-charge': whole('the finance charge', 'money', owes, {
    read: ({ solved, statement }) => {
      if (solved.flat) return ok(solved.flat.charge);
      return ok(roundTo(solved.table.totalInterest + (statement.buildUp?.feesTaken ?? 0), 6));
    },
    closedForm: withPayment(
      ({ n, amount, finalAmount, feesTaken }, payment) => n * payment - amount + finalAmount + feesTaken,
    ),
  }),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
