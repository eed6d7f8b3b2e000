/** Figures of a table: ranges of payments, balances, what is left to pay, running totals, yearly subtotals, the closing checks. */

import { nth } from '../nth.ts';
import { fail, ok, type Result } from '../result.ts';
import { roundTo, type Money } from '../money/roundMoney.ts';
import type { Table } from './buildTable.ts';
import type { TableRow } from './row.ts';
import { paymentDate } from './calendar.ts';

export interface PaymentRange {
  readonly from: number;
  readonly to: number;
  readonly interest: Money;
  readonly principal: Money;
  readonly paid: Money;
  readonly extra: Money;
  /** Balance at the start of payment `from` and after payment `to`. */
  readonly opening: Money;
  readonly closing: Money;
}

/** Sums of amounts keep no binary noise below a millionth of a unit. */
function tidySum(value: number): number {
  return Math.abs(value) < 1e9 ? roundTo(value, 6) : value;
}

/**
 * Reads payments a to b of a table together.
 *
 * @param from 1-based, at least 1
 * @param to at least `from`; past the last row it ends there
 */
export function paymentRange(table: Pick<Table, 'rows'>, from: number, to: number): Result<PaymentRange> {
  const { rows } = table;
  if (!Number.isInteger(from) || from < 1 || from > rows.length)
    return fail('out-of-range', `The range must begin with a payment from 1 to ${rows.length}.`, { field: 'from' });
  if (!Number.isInteger(to) || to < from)
    return fail('out-of-range', 'The range must end at or after its first payment.', { field: 'to' });
  const last = Math.min(to, rows.length);
  let interest = 0;
  let principal = 0;
  let paid = 0;
  let extra = 0;
  for (let at = from - 1; at < last; at += 1) {
    const row = nth(rows, at);
    interest += row.interest;
    principal += row.principal;
    paid += row.payment + row.extra;
    extra += row.extra;
  }
  return ok({
    from,
    to: last,
    interest: tidySum(interest),
    principal: tidySum(principal),
    paid: tidySum(paid),
    extra: tidySum(extra),
    opening: nth(rows, from - 1).opening,
    closing: nth(rows, last - 1).closing,
  });
}

/** The balance after payment k; after payment 0 the amount; past the last row its closing balance. */
export function balanceAfter(table: Table, k: number): Result<Money> {
  if (!Number.isInteger(k) || k < 0)
    return fail('out-of-range', 'Payments are counted in whole numbers from 0.', { field: 'after' });
  if (k === 0) return ok(table.plan.amount);
  return ok(nth(table.rows, Math.min(k, table.count) - 1).closing);
}

/**
 * The balance right after payment k, k from 1. Where payments come first the interest of payment k's period is not in it
 * yet; where they come at the end it is the balance after payment k.
 */
export function balanceRightAfter(table: Table, k: number): Result<Money> {
  const row = table.rows[k - 1];
  if (!row) return fail('out-of-range', `Payments are counted from 1 to ${table.count}.`, { field: 'after' });
  return ok(table.plan.timing === 'begin' ? tidySum(row.closing - row.interest) : row.closing);
}

/** What is left to pay after payment k, interest still to come included: another thing than the balance. */
export function leftToPay(table: Table, k: number): Result<Money> {
  if (!Number.isInteger(k) || k < 0)
    return fail('out-of-range', 'Payments are counted in whole numbers from 0.', { field: 'after' });
  if (k >= table.count) return ok(table.closing);
  const rest = paymentRange(table, k + 1, table.count);
  return rest.ok ? ok(tidySum(rest.value.paid + table.closing)) : rest;
}

export interface Portions {
  readonly interest: Money;
  readonly principal: Money;
}

/**
 * What payments a to b are made of: interest that has run up when each is paid, and principal. Where payments come first
 * payment 1 has no interest in it, and each later one that of the period before.
 *
 * @param from 1-based, at least 1
 * @param to at least `from`; past the last row it ends there
 */
export function portionsOf(table: Table, from: number, to: number): Result<Portions> {
  const own = paymentRange(table, from, to);
  if (!own.ok || table.plan.timing !== 'begin') return own;
  const { paid, to: last } = own.value;
  const run = last === 1 ? ok({ interest: 0 }) : paymentRange(table, Math.max(1, from - 1), last - 1);
  if (!run.ok) return run;
  const { interest } = run.value;
  return ok({ interest, principal: tidySum(table.plan.kind === 'saving' ? paid + interest : paid - interest) });
}

export interface RunningTotals {
  readonly paid: Money;
  readonly interest: Money;
  readonly principal: Money;
}

/** Totals from payment 1 through each row, in row order. */
export function runningTotals(table: Pick<Table, 'rows'>): RunningTotals[] {
  let paid = 0;
  let interest = 0;
  let principal = 0;
  return table.rows.map((row) => {
    paid = tidySum(paid + row.payment + row.extra);
    interest = tidySum(interest + row.interest);
    principal = tidySum(principal + row.principal);
    return { paid, interest, principal };
  });
}

export interface Subtotal extends PaymentRange {
  /** `Year 1` of the plan, or the calendar year. */
  readonly label: string;
  readonly year: number;
}

/**
 * Subtotals by year.
 *
 * @param by `plan-year`: every `paymentsPerYear` payments; `calendar-year`: by the dates of the rows, which the plan must have
 */
export function subtotals(table: Table, by: 'plan-year' | 'calendar-year'): Result<Subtotal[]> {
  const { plan, rows } = table;
  if (by === 'calendar-year' && plan.firstPaymentDate === undefined)
    return fail('out-of-range', 'For calendar years the plan needs the date of its first payment.', {
      field: 'firstPaymentDate',
    });
  const yearOf = (row: TableRow): number =>
    by === 'plan-year'
      ? Math.ceil(row.number / plan.paymentsPerYear)
      : Number(paymentDate(plan.firstPaymentDate!, plan.paymentsPerYear, row.number).slice(0, 4));
  const found: Subtotal[] = [];
  let from = 0;
  for (let at = 0; at < rows.length; at += 1) {
    const year = yearOf(nth(rows, from));
    const next = rows[at + 1];
    if (next && yearOf(next) === year) continue;
    const part = paymentRange(table, nth(rows, from).number, nth(rows, at).number);
    if (!part.ok) return part;
    found.push({ ...part.value, year, label: by === 'plan-year' ? `Year ${year}` : String(year) });
    from = at + 1;
  }
  return ok(found);
}

export interface ClosingChecks {
  /** Closing balance of the last row less the final amount; 0 when it closes. */
  readonly closingDifference: Money;
  /** Sum of principal less (amount + draws − final amount), mirrored for savings; 0 when it adds up. */
  readonly principalDifference: Money;
  /** The last payment less the level payment before it; 0 when they are alike. */
  readonly lastDifference: Money;
}

/** Checks that the table closes and its principal adds up; differences below half a cent are 0. */
export function closingChecks(table: Table): ClosingChecks {
  const { plan, rows, totals } = table;
  const saving = plan.kind === 'saving';
  const last = nth(rows, rows.length - 1);
  const before = rows.length > 1 ? nth(rows, rows.length - 2).payment : last.payment;
  const expected = saving ? table.closing - plan.amount + totals.drawn : plan.amount + totals.drawn - table.closing;
  return {
    closingDifference: settle(table.closing - plan.finalAmount),
    principalDifference: settle(totals.principal - expected),
    lastDifference: settle(last.payment - before),
  };
}

function settle(value: number): number {
  return Math.abs(value) < 0.005 ? 0 : roundTo(value, 2);
}

/**
 * What is left over after the planned payments where each is made in full: less than the plan's final amount (below zero,
 * where that is 0) when the payments clear everything before the last one. Past the end it goes on at the rate of the last
 * row.
 */
export function leftAtEnd({ plan, count, rows, closing, firstPayment }: Table): Money {
  const { payments, timing } = plan;
  const last = rows.at(-1);
  if (payments === 'until-cleared' || !last?.settles) return closing;
  const before = rows.at(-2);
  const level = before?.mode === 'level' ? before.payment : firstPayment;
  const step = plan.kind === 'saving' ? level : -level;
  const more = plan.kind === 'saving' ? level - last.payment : last.payment - level;
  let left = timing === 'begin' ? closing + more * (1 + last.rate) : closing + more;
  for (let k = count + 1; k <= payments; k += 1)
    left = timing === 'begin' ? (left + step) * (1 + last.rate) : left * (1 + last.rate) + step;
  return left;
}
