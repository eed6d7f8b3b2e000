/** What a statement's own slots ask: the five values, and the time in years. */

import { ok } from '../../result.ts';
import type { Unknown } from '../../annuity/fiveValues.ts';
import { quoteBack, solveUnknown } from '../inputs.ts';
import type { Quantity, QuantityRecord } from '../quantity.ts';
import { anyPlan, level, pays, percent, whole } from './builders.ts';

const solved =
  (unknown: Unknown): QuantityRecord['closedForm'] =>
  (inputs, asked) => {
    const value = solveUnknown(asked, inputs, unknown);
    return value === undefined ? [] : [value];
  };

export const slotQuantities = {
  payment: whole('the payment', 'money', pays, {
    slot: 'payment',
    read: ({ solved: { flat, plan, exact, table } }) =>
      ok(flat || (plan.changes.length === 0 && plan.rounding.payment === 'exact') ? exact : table.firstPayment),
    closedForm: solved('pmt'),
  }),
  amount: whole('the amount at the start', 'money', anyPlan, {
    slot: 'amount',
    read: ({ solved: { exact } }) => ok(exact),
    closedForm: solved('pv'),
  }),
  'final-amount': whole('the amount at the end', 'money', level, {
    slot: 'finalAmount',
    read: ({ solved: { exact } }) => ok(exact),
    closedForm: solved('fv'),
  }),
  rate: whole('the rate, as the case quotes it', 'percent', anyPlan, {
    slot: 'rate',
    read: ({ solved: { exact } }) => percent(ok(exact)),
    closedForm: (inputs, asked) => {
      const value = solveUnknown(asked, inputs, 'i');
      return value === undefined ? [] : quoteBack(asked, value);
    },
  }),
  payments: whole('the number of payments', 'count', anyPlan, {
    slot: 'payments',
    read: ({ solved: { said, flat, shown, exact } }) => ok(said?.isWhole ? said.count : flat ? shown : exact),
    closedForm: solved('n'),
  }),
  years: whole('the time in years', 'years', anyPlan, {
    slot: 'payments',
    read: ({ solved: { said, exact, shown }, statement }) =>
      ok((said && !said.isWhole ? exact : shown) / statement.paymentsPerYear),
    closedForm: (inputs, asked) => solved('n')(inputs, asked).map((n) => n / inputs.p),
  }),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
