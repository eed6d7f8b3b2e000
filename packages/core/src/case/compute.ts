/** What inputs give for a quantity: by its closed form, by the table where the plan changes, or by a flat charge's own rule. */

import { roundCent, roundTo } from '../money/roundMoney.ts';
import type { QuotedRate } from '../rates/quotedRate.ts';
import { growthLessOne } from '../annuity/fiveValues.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import { centRounding, OUT_OF_REACH, type Plan, type TableRounding } from '../table/plan.ts';
import { changed } from './inputs.ts';
import { kindOf } from './kinds.ts';
import { quantities } from './quantities.ts';
import type { AskedCase, Inputs, Quantity } from './quantity.ts';

/**
 * The numbers a quantity comes to from inputs, in the answer's unit: usually one; for what rests on the payment one with
 * it rounded to the cent on the way and one without, as people do either. Numbers that are none are left out.
 */
export function compute(asked: AskedCase, inputs: Inputs, quantity: Quantity = asked.ask.quantity): number[] {
  return numbersOf(asked, inputs, quantity).filter(Number.isFinite);
}

function numbersOf(asked: AskedCase, inputs: Inputs, quantity: Quantity): readonly number[] {
  if (!kindOf(asked.statement).compounds) return flatNumbers(asked, inputs, quantity);
  const { closedForm, onInputsAlone } = quantities[quantity];
  return asked.solved.plan.changes.length > 0 && !onInputsAlone
    ? fromTable(asked, inputs, quantity)
    : closedForm(inputs, asked);
}

/**
 * What a table comes to that is run with the inputs, in the answer's unit; nothing where there is none.
 *
 * @param rounding how its rows are rounded, where not as the case's own
 */
export function computeByTable(asked: AskedCase, inputs: Inputs, rounding: TableRounding): number[] {
  const { solved, ask } = asked;
  const plan = { ...solved.plan, rounding };
  return fromTable({ ...asked, solved: { ...solved, plan } }, inputs, ask.quantity).filter(Number.isFinite);
}

/**
 * What a quantity comes to row by row where the end is what is found: interest in every row to the cent, the last row like
 * the others, and the end as it comes out. Nothing where the end is given.
 */
export function computeRowByRow(asked: AskedCase): number[] {
  const { solved, ask } = asked;
  if (solved.unknown !== 'finalAmount' || !kindOf(asked.statement).level) return [];
  const plan: Plan = {
    ...solved.plan,
    payment: solved.numbers.payment,
    // Nothing ends it before its last row.
    finalAmount: solved.plan.kind === 'saving' ? OUT_OF_REACH : 0,
    rounding: { ...centRounding, last: 'as-others' },
  };
  const table = buildTable(plan);
  if (!table.ok) return [];
  const finalAmount = table.value.closing;
  const { slot, read } = quantities[ask.quantity];
  if (slot === 'finalAmount') return [finalAmount];
  const numbers = { ...solved.numbers, finalAmount };
  const found = read({ ...asked, solved: { ...solved, plan, numbers, table: table.value } });
  return found.ok ? [found.value] : [];
}

/** With changes on the way the whole table is run with the inputs. */
function fromTable({ solved, ask, statement }: AskedCase, inputs: Inputs, quantity: Quantity): number[] {
  const { slot, read } = quantities[quantity];
  if (slot && slot !== 'payment' && slot !== 'payments') return [];
  const n = roundTo(inputs.n, 0);
  const rate: QuotedRate = inputs.i === solved.values.i ? solved.plan.rate : { kind: 'periodic', perPayment: inputs.i };
  if (!(n >= 1) || inputs.amount < 0 || inputs.finalAmount < 0) return [];
  const plan: Plan = {
    ...solved.plan,
    amount: inputs.amount,
    finalAmount: inputs.finalAmount,
    timing: inputs.timing,
    rate,
    payments: slot === 'payments' ? 'until-cleared' : n,
    payment: inputs.payment,
    // A change after the last payment of a wrong count is never reached.
    changes: solved.plan.changes.filter((change) =>
      'after' in change
        ? change.after < n
        : 'through' in change
          ? change.through < n
          : 'before' in change
            ? change.before <= n
            : change.from <= n,
    ),
  };
  const table = buildTable(plan);
  if (!table.ok) return [];
  const { count, firstPayment } = table.value;
  const exact = slot === 'payments' ? count : firstPayment;
  const { after, from, to } = inputs;
  const found = read({
    statement,
    solved: { ...solved, plan, table: table.value, exact, shown: count },
    ask: { ...ask, after, from, to },
  });
  return found.ok ? [found.value] : [];
}

/** Flat charges: on the whole amount for the whole time. What is read off a balance goes by the rate they come to. */
function flatNumbers(asked: AskedCase, inputs: Inputs, quantity: Quantity): readonly number[] {
  const { statement, solved } = asked;
  const { amount, n, quoted, p } = inputs;
  const time = statement.flatBy === 'a-year' ? n / p : 1;
  const charge = amount * quoted * time;
  const payment = inputs.payment ?? (amount + charge) / n;
  const rate = (): number => {
    const found = solveFor('i', { n, pv: amount, pmt: -roundCent(payment), fv: 0, timing: inputs.timing });
    return found.ok ? found.value : NaN;
  };
  switch (quantity) {
    case 'payment':
      return [(amount + charge) / n];
    case 'finance-charge':
    case 'total-interest':
      return solved.unknown === 'payment' ? [charge, roundCent(payment) * n - amount] : [payment * n - amount];
    case 'total-paid':
      return [payment * n, roundCent(payment) * n];
    case 'rate':
      return [(((payment * n) / amount - 1) / time) * 100];
    case 'amount':
      return [(payment * n) / (1 + quoted * time)];
    case 'payments':
      return [
        statement.flatBy === 'a-year' ? amount / (payment - (amount * quoted) / p) : (amount * (1 + quoted)) / payment,
      ];
    case 'years':
      return flatNumbers(asked, inputs, 'payments').map((count) => count / p);
    case 'rate-per-payment':
      return [rate() * 100];
    case 'nominal':
      return [rate() * p * 100];
    case 'effective':
      return [growthLessOne(rate(), p) * 100];
    default:
      return quantities[quantity].closedForm(changed(inputs, { i: solved.values.i, payment }), asked);
  }
}
