/** Several plans of one borrower added up: a joint table by period or by date. */

import { fail, ok, type Problem, type Result } from '../result.ts';
import { roundTo, type Money } from '../money/roundMoney.ts';
import { buildTable, type Table } from './buildTable.ts';
import { paymentDate } from './calendar.ts';
import type { Plan } from './plan.ts';

export interface TogetherPlan {
  readonly name: string;
  readonly plan: Plan;
  /** Periods that pass before this plan's first period begins; 0 when left out. Counts only in a table by period. */
  readonly startsAfter?: number;
}

export interface JointRow {
  /** The period, or the date where plans are put together by date. */
  readonly period: number | string;
  readonly paid: Money;
  readonly interest: Money;
  readonly principal: Money;
  /** Of all plans that have begun. */
  readonly closing: Money;
}

export interface JointTable {
  readonly by: 'period' | 'date';
  readonly rows: readonly JointRow[];
  readonly totalPaid: Money;
  readonly totalInterest: Money;
  /** In the order given: each plan's table and the period or date of its last payment. */
  readonly parts: readonly { readonly name: string; readonly table: Table; readonly ends: number | string }[];
}

/**
 * Puts plans together.
 *
 * @param by `period`: all plans pay equally often; `date`: every plan has the date of its first payment
 * @returns the joint table, or the first problem, its field led by the plan's place: `plans.1.rate`
 */
export function buildTogether(plans: readonly TogetherPlan[], by: 'period' | 'date'): Result<JointTable> {
  const [first] = plans;
  if (!first) return fail('out-of-range', 'Put at least one plan together.', { field: 'plans' });
  const built: Built[] = [];
  for (const [at, { name, plan, startsAfter = 0 }] of plans.entries()) {
    const problem = placeProblem(plan, first.plan, startsAfter, by);
    if (problem) return { ok: false, problem: { ...problem, field: `plans.${at}.${problem.field}` } };
    const table = buildTable(plan);
    if (!table.ok)
      return { ok: false, problem: { ...table.problem, field: `plans.${at}.${table.problem.field ?? ''}` } };
    built.push({ name, table: table.value, startsAfter });
  }
  return ok({
    by,
    rows: jointRows(built, by),
    totalPaid: tidy(built.reduce((sum, { table }) => sum + table.totalPaid, 0)),
    totalInterest: tidy(built.reduce((sum, { table }) => sum + table.totalInterest, 0)),
    parts: built.map((part) => ({ name: part.name, table: part.table, ends: keyOf(part, part.table.count, by) })),
  });
}

interface Built {
  readonly name: string;
  readonly table: Table;
  readonly startsAfter: number;
}

/** When a row falls: its number in the joint table, or its date. */
function keyOf({ table, startsAfter }: Built, row: number, by: 'period' | 'date'): number | string {
  const { firstPaymentDate, paymentsPerYear } = table.plan;
  return by === 'period' || firstPaymentDate === undefined
    ? row + startsAfter
    : paymentDate(firstPaymentDate, paymentsPerYear, row);
}

/** The rows of all plans in the order they fall; those that fall together are one. */
function jointRows(built: readonly Built[], by: 'period' | 'date'): JointRow[] {
  const events = built
    .flatMap((plan, part) => plan.table.rows.map((row) => ({ part, row, key: keyOf(plan, row.number, by) })))
    .sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0));
  const balances = built.map(() => 0);
  const rows: JointRow[] = [];
  let sums = { paid: 0, interest: 0, principal: 0 };
  for (const [at, { part, row, key }] of events.entries()) {
    sums = {
      paid: sums.paid + row.payment + row.extra,
      interest: sums.interest + row.interest,
      principal: sums.principal + row.principal,
    };
    balances[part] = row.closing;
    if (events[at + 1]?.key === key) continue;
    const closing = balances.reduce((sum, balance) => sum + balance, 0);
    rows.push({
      period: key,
      paid: tidy(sums.paid),
      interest: tidy(sums.interest),
      principal: tidy(sums.principal),
      closing: tidy(closing),
    });
    sums = { paid: 0, interest: 0, principal: 0 };
  }
  return rows;
}

function placeProblem(plan: Plan, first: Plan, startsAfter: number, by: 'period' | 'date'): Problem | undefined {
  if (by === 'date' && plan?.firstPaymentDate === undefined)
    return {
      code: 'out-of-range',
      message: 'To go by date, each plan needs the date of its first payment.',
      field: 'firstPaymentDate',
    };
  if (by === 'period' && plan?.paymentsPerYear !== first?.paymentsPerYear)
    return {
      code: 'out-of-range',
      message: 'To go by period, all plans must pay equally often; give dates to put others together.',
      field: 'paymentsPerYear',
    };
  if (!Number.isInteger(startsAfter) || startsAfter < 0 || startsAfter > 12_000)
    return {
      code: 'out-of-range',
      message: 'A plan starts after a whole number of periods, 0 or more.',
      field: 'startsAfter',
    };
  return undefined;
}

function tidy(value: number): number {
  return roundTo(value, 6) + 0;
}
