/** Solving a statement of compound interest on level payments: one of the five values from the others. */

import type { Result } from '../result.ts';
import { roundMoney, roundTo } from '../money/roundMoney.ts';
import { quotedNumber, quoteRate, ratePerPayment } from '../rates/quotedRate.ts';
import type { FiveValues } from '../annuity/fiveValues.ts';
import { sayCount, type SaidCount } from '../annuity/sayCount.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Change, Plan, TableRounding } from '../table/plan.ts';
import { solveAmidChanges } from './amidChanges.ts';
import type { StatementDraft } from './draft.ts';
import type { Directions, KindOfCase, SlotNumbers } from './kind.ts';
import { quotedRate } from './quote.ts';
import { unknownOf, type SolvedCase, type ValueSlot } from './solved.ts';

/** The solver of a kind whose money flows these ways. */
export const solveLevel =
  (directions: Directions): KindOfCase['solve'] =>
  (draft, numbers, changes, rounding) =>
    solve(directions, draft, numbers, changes, rounding);

function solve(
  directions: Directions,
  draft: StatementDraft,
  numbers: SlotNumbers,
  changes: readonly Change[],
  rounding: TableRounding,
): Result<SolvedCase> {
  const { timing, paymentsPerYear } = draft;
  const unknown = draft.unknown as ValueSlot;
  const known = (slot: ValueSlot): number => numbers[slot] ?? 0;

  let i = 0;
  if (unknown !== 'rate') {
    const rate = ratePerPayment(quotedRate(draft.quote, known('rate')), paymentsPerYear);
    if (!rate.ok) return rate;
    i = rate.value;
  }
  const four = {
    n: known('payments'),
    i,
    pv: directions.pv * known('amount'),
    pmt: directions.pmt * known('payment'),
    fv: directions.fv * known('finalAmount'),
    timing,
  };
  const base = (all: Readonly<Record<ValueSlot, number>>): Plan => ({
    kind: directions.plan,
    amount: all.amount,
    rate: quotedRate(draft.quote, all.rate),
    paymentsPerYear,
    payments: all.payments,
    timing,
    finalAmount: all.finalAmount,
    // Where the payment is the unknown it is worked out and rounded by the table itself.
    ...(unknown === 'payment' ? {} : { payment: all.payment }),
    rounding,
    changes,
    ...(draft.firstPaymentDate ? { firstPaymentDate: draft.firstPaymentDate } : {}),
  });
  const given = { amount: 0, rate: 0, payments: 0, payment: 0, finalAmount: 0, ...numbers } as Record<
    ValueSlot,
    number
  >;

  if (changes.length > 0 && unknown !== 'payment') {
    const amid = solveAmidChanges(unknown, base(given), draft);
    if (!amid.ok) return amid;
    const { exact, shown, table } = amid.value;
    const all = { ...given, [unknown]: shown };
    const rate = ratePerPayment(quotedRate(draft.quote, all.rate), paymentsPerYear);
    const values: FiveValues = {
      n: all.payments,
      i: rate.ok ? rate.value : 0,
      pv: directions.pv * all.amount,
      pmt: directions.pmt * all.payment,
      fv: directions.fv * all.finalAmount,
      timing,
    };
    return {
      ok: true,
      value: {
        unknown,
        exact,
        shown,
        numbers: all,
        values,
        rate: quotedRate(draft.quote, all.rate),
        plan: table.plan,
        table,
      },
    };
  }

  const found = solveFor(unknownOf[unknown], four);
  if (!found.ok) return found;
  const values: FiveValues = { ...four, [unknownOf[unknown]]: found.value };
  const own = inSlotTerms(unknown, found.value, draft, directions);
  if (!own.ok) return own;
  const exact = own.value;
  if (exact < 0 && unknown !== 'rate') return wrongWay(unknown);

  let said: SaidCount | undefined;
  if (unknown === 'payments') {
    const count = sayCount(values, 'rounded-up');
    if (!count.ok) return count;
    said = count.value;
  }
  const shown = said ? said.count : shownNumber(unknown, exact, rounding);
  const all = { ...given, [unknown]: shown };
  const table = buildTable(base(all));
  if (!table.ok) return table;
  if (unknown === 'payment' && changes.length > 0) {
    // What comes before it on the way, a pause or a draw, is in the level payment too: the table has worked it out.
    const unrounded = buildTable({ ...base(all), rounding: { ...rounding, payment: 'exact' } });
    const level = table.value.firstPayment;
    const plan = table.value.plan;
    return {
      ok: true,
      value: {
        unknown,
        exact: unrounded.ok ? unrounded.value.firstPayment : level,
        shown: level,
        numbers: { ...all, payment: level },
        values: { ...values, pmt: directions.pmt * level },
        rate: quotedRate(draft.quote, all.rate),
        plan,
        table: table.value,
      },
    };
  }
  return {
    ok: true,
    value: {
      unknown,
      exact,
      shown,
      ...(said ? { said } : {}),
      numbers: all,
      values,
      rate: quotedRate(draft.quote, all.rate),
      plan: table.value.plan,
      table: table.value,
    },
  };
}

/** A solved number as it goes into the plan: the payment by its own rule, other money to the cent, rates as they are. */
export function shownNumber(unknown: ValueSlot, exact: number, rounding: TableRounding): number {
  if (unknown === 'rate' || unknown === 'payments') return exact;
  if (unknown === 'payment') return roundMoney(exact, rounding.payment);
  return roundMoney(exact, rounding.payment === 'exact' ? 'exact' : 'cent');
}

function inSlotTerms(unknown: ValueSlot, value: number, draft: StatementDraft, directions: Directions): Result<number> {
  if (unknown === 'rate') {
    const quoted = quoteRate(value, quotedRate(draft.quote, 0), draft.paymentsPerYear);
    return quoted.ok ? { ok: true, value: roundTo(quotedNumber(quoted.value), 15) } : quoted;
  }
  const signed = unknown === 'payments' ? value : value * directions[unknownOf[unknown] as 'pv' | 'pmt' | 'fv'];
  return { ok: true, value: signed + 0 };
}

function wrongWay(unknown: ValueSlot): Result<never> {
  const messages: Readonly<Record<ValueSlot, string>> = {
    amount: 'With these numbers the amount would flow the other way: less is paid than is owed at the end.',
    payment: 'With these numbers no payment is needed; money would flow the other way.',
    finalAmount:
      'The payments are more than enough: they clear everything before the last one. Ask for the number of payments instead.',
    payments: 'These numbers need no payment at all.',
    rate: '',
  };
  return { ok: false, problem: { code: 'out-of-range', message: messages[unknown], field: unknown } };
}
