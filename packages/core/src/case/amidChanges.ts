/**
 * Solving a statement whose plan changes on the way: no closed form holds, so the real table decides. Its sign is all
 * that is asked: is anything left over after the last payment, or is everything settled (or saved up) before?
 */

import { fail, ok, type Result } from '../result.ts';
import { roundMoney, roundTo } from '../money/roundMoney.ts';
import { quotedNumber, quoteRate } from '../rates/quotedRate.ts';
import { buildTable, type Table } from '../table/buildTable.ts';
import { exactRounding, type Plan } from '../table/plan.ts';
import type { RateQuote } from './quote.ts';
import type { ValueSlot } from './solved.ts';

export interface SolvedAmidChanges {
  readonly exact: number;
  readonly shown: number;
  readonly table: Table;
}

/**
 * @param quote how a rate that is asked for is quoted
 * @param plan the plan with the payment given and anything in the unknown's place
 */
export function solveAmidChanges(
  unknown: Exclude<ValueSlot, 'payment'>,
  plan: Plan,
  quote: RateQuote,
): Result<SolvedAmidChanges> {
  if (unknown === 'payments') {
    const table = buildTable({ ...plan, payments: 'until-cleared' });
    if (!table.ok) return table;
    return ok({ exact: table.value.count, shown: table.value.count, table: table.value });
  }
  if (unknown === 'finalAmount') return whatIsLeft(plan);
  return search(unknown, plan, quote);
}

function whatIsLeft(plan: Plan): Result<SolvedAmidChanges> {
  // A saving plan has no bound to stop at while its end is unknown.
  const open = {
    ...plan,
    finalAmount: plan.kind === 'saving' ? 9e11 : 0,
    rounding: { ...plan.rounding, last: 'as-others' as const },
  };
  const run = buildTable(open);
  if (!run.ok) return run;
  const closing = run.value.closing;
  if (followsTheEnd(open, closing))
    return fail(
      'not-reached',
      'These changes work the payment out again, so any amount at the end would fit. State it, or say what is paid after the change.',
      { field: 'finalAmount' },
    );
  if (plan.kind !== 'saving' && (closing <= 0 || run.value.count < countOf(plan)))
    return fail(
      'out-of-range',
      'The payments are more than enough: they clear everything before the last one. Ask for the number of payments instead.',
      { field: 'finalAmount' },
    );
  const shown = roundMoney(closing, plan.rounding.payment === 'exact' ? 'exact' : 'cent');
  const table = buildTable({ ...plan, finalAmount: shown });
  return table.ok ? ok({ exact: closing, shown, table: table.value }) : table;
}

/** The payment is worked out again for the end that is assumed: with another one, another amount is left. */
function followsTheEnd(open: Plan, closing: number): boolean {
  const other = open.kind === 'saving' ? open.finalAmount / 2 : 1;
  const run = buildTable({ ...open, finalAmount: other });
  return run.ok && Math.abs(run.value.closing - closing) > Math.abs(other - open.finalAmount) / 2;
}

function search(unknown: 'amount' | 'rate', plan: Plan, quote: RateQuote): Result<SolvedAmidChanges> {
  const periodic = (i: number): Plan['rate'] => ({ kind: 'periodic', perPayment: i });
  const at = (value: number): Plan => ({
    ...plan,
    ...(unknown === 'amount' ? { amount: value } : { rate: periodic(value) }),
  });
  const saving = plan.kind === 'saving';
  /** True when the value is too much: something is still owed, or savings reach the end early. */
  const tooMuch = (value: number): boolean | undefined => {
    const table = buildTable({ ...at(value), rounding: { ...exactRounding, last: 'as-others' } });
    // A balance that runs away is certainly too much for a loan.
    if (!table.ok) return table.problem.code === 'out-of-range' ? true : undefined;
    const left = table.value.closing - plan.finalAmount;
    const noise = 1e-10 * (table.value.plan.amount + plan.finalAmount + 1);
    return saving ? left >= -noise : left > noise;
  };
  let low = 0;
  let high =
    unknown === 'amount'
      ? Math.min(9e11, Math.max(1, (plan.payment ?? 0) * countOf(plan) * 2 + plan.finalAmount * 2))
      : 2;
  if (tooMuch(low) !== false || tooMuch(high) !== true)
    return fail(
      'not-reached',
      `With these changes no ${unknown} fits. Where a change works the payment out again, any ${unknown} would: let the payment stay the same.`,
      {
        field: unknown,
      },
    );
  for (let step = 0; step < 120 && high - low > 1e-13 * Math.max(high, 1e-3); step += 1) {
    const middle = (low + high) / 2;
    if (tooMuch(middle)) high = middle;
    else low = middle;
  }
  const value = (low + high) / 2;
  if (unknown === 'amount') {
    const shown = roundMoney(value, plan.rounding.payment === 'exact' ? 'exact' : 'cent');
    const table = buildTable(at(shown));
    return table.ok ? ok({ exact: value, shown, table: table.value }) : table;
  }
  const quoted = quoteRate(value, quote.kind === 'periodic' ? periodic(0) : plan.rate, plan.paymentsPerYear);
  if (!quoted.ok) return quoted;
  const exact = roundTo(quotedNumber(quoted.value), 12);
  const table = buildTable({ ...plan, rate: quoted.value });
  return table.ok ? ok({ exact, shown: exact, table: table.value }) : table;
}

/** The payments that are planned; one that runs until it is cleared has none. */
const countOf = ({ payments }: Plan): number => (payments === 'until-cleared' ? 0 : payments);
