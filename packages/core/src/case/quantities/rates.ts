/** Rates of a case, quoted in every way. */

import { ok } from '../../result.ts';
import { convertRate } from '../../rates/conversions.ts';
import { quotedNumber, quoteRate, type QuotedRate } from '../../rates/quotedRate.ts';
import { rateWithCharges } from '../../annuity/charges.ts';
import { growthLessOne } from '../../annuity/fiveValues.ts';
import { solveFor } from '../../annuity/solveFor.ts';
import { quoteBack, solveUnknown } from '../inputs.ts';
import { kindOf } from '../kinds.ts';
import { quotedRate } from '../quote.ts';
import type { AskedCase, Inputs, Quantity, QuantityRecord } from '../quantity.ts';
import { always, builtUp, builtUpOf, owes, percent, whole, withPayment } from './builders.ts';

/** The rate per payment that is known, or found where it is what the case asks. */
const perPayment = (inputs: Inputs, asked: AskedCase): number =>
  asked.solved.unknown === 'rate' && kindOf(asked.statement).hasTable
    ? (solveUnknown(asked, inputs, 'i') ?? NaN)
    : inputs.i;

const quotedAs =
  (rate: (asked: AskedCase) => QuotedRate): QuantityRecord['read'] =>
  (asked) => {
    const { solved, statement } = asked;
    return percent(
      convertRate({ kind: 'periodic', perPayment: solved.values.i }, rate(asked), statement.paymentsPerYear),
    );
  };

export const rateQuantities = {
  'rate-per-payment': whole('the rate per payment', 'percent', always, {
    read: ({ solved }) => percent(ok(solved.values.i)),
    closedForm: (inputs, asked) => [perPayment(inputs, asked) * 100],
    onInputsAlone: true,
  }),
  nominal: whole('the nominal rate a year', 'percent', always, {
    read: quotedAs(({ statement }) => ({ kind: 'nominal', annual: 0, compoundingsPerYear: statement.paymentsPerYear })),
    closedForm: (inputs, asked) => [perPayment(inputs, asked) * inputs.p * 100],
    onInputsAlone: true,
  }),
  effective: whole('the effective rate a year', 'percent', always, {
    read: quotedAs(() => ({ kind: 'effective', annual: 0 })),
    closedForm: (inputs, asked) => [growthLessOne(perPayment(inputs, asked), inputs.p) * 100],
    onInputsAlone: true,
  }),
  'flat-rate': whole('the flat rate a year', 'percent', owes, {
    read: ({ solved, statement }) => {
      const { amount, payments } = solved.numbers;
      const charge = solved.flat ? solved.flat.charge : solved.table.totalInterest;
      return percent(ok(charge / amount / (payments / statement.paymentsPerYear)));
    },
    closedForm: withPayment(
      ({ n, p, amount, finalAmount }, payment) => ((n * payment - amount + finalAmount) / amount / (n / p)) * 100,
    ),
  }),
  converted: whole('the same rate, quoted the other way', 'percent', (statement) => !kindOf(statement).hasTable, {
    read: quotedAs(({ statement }) => quotedRate(statement.into, 0)),
    closedForm: (inputs, { statement }) => {
      const into = quoteRate(inputs.i, quotedRate(statement.into, 0), inputs.p);
      return into.ok ? [quotedNumber(into.value) * 100] : [];
    },
    onInputsAlone: true,
  }),
  'rate-with-charges': whole('the rate with charges, as the case quotes it', 'percent', builtUp, {
    read: (asked) => {
      const built = builtUpOf(asked);
      if (!built.ok) return built;
      const { solved, statement } = asked;
      const i = rateWithCharges({
        amount: solved.numbers.amount,
        fees: built.value.feesTaken,
        payment: solved.table.firstPayment,
        payments: solved.numbers.payments,
        finalAmount: solved.numbers.finalAmount,
        timing: statement.timing,
      });
      if (!i.ok) return i;
      const quoted = quoteRate(i.value, solved.rate, statement.paymentsPerYear);
      return quoted.ok ? percent(ok(quotedNumber(quoted.value))) : quoted;
    },
    closedForm: ({ n, amount, feesTaken, finalAmount, timing }, asked) => {
      const pmt = -asked.solved.table.firstPayment;
      const found = solveFor('i', { n, pv: amount - feesTaken, pmt, fv: -finalAmount, timing });
      return found.ok ? quoteBack(asked, found.value) : [];
    },
    onInputsAlone: true,
  }),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
