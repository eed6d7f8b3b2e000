/** Comparing plans, and refinancing one. */

import { namesOf } from '../records.ts';
import { nth } from '../nth.ts';
import { fail, ok, type Problem, type Result } from '../result.ts';
import { roundTo, type Money } from '../money/roundMoney.ts';
import { buildTable, type Table } from './buildTable.ts';
import type { Plan } from './plan.ts';
import { balanceAfter } from './figures.ts';

/** What two plans are compared by. */
export interface PlanFigures {
  readonly payment: Money;
  readonly lastPayment: Money;
  /** Rows of the table. */
  readonly count: number;
  readonly years: number;
  readonly totalPaid: Money;
  readonly totalInterest: Money;
  readonly closing: Money;
}

export function figuresOf(table: Table): PlanFigures {
  return {
    payment: table.firstPayment,
    lastPayment: table.lastPayment,
    count: table.count,
    years: table.count / table.plan.paymentsPerYear,
    totalPaid: table.totalPaid,
    totalInterest: table.totalInterest,
    closing: table.closing,
  };
}

export type Compared =
  | { readonly ok: true; readonly figures: PlanFigures; readonly difference: PlanFigures; readonly table: Table }
  | { readonly ok: false; readonly problem: Problem };

/**
 * Builds every plan and gives each one's differences to the first (its own figure less the first's). A plan with a
 * problem says so in its place and the rest goes on; without a first, differences are 0.
 */
export function comparePlans(plans: readonly Plan[]): Compared[] {
  const tables = plans.map(buildTable);
  const first = tables[0]?.ok ? figuresOf(tables[0].value) : undefined;
  return tables.map((table) => {
    if (!table.ok) return table;
    const figures = figuresOf(table.value);
    return { ok: true, figures, difference: differenceOf(figures, first ?? figures), table: table.value };
  });
}

export function differenceOf(figures: PlanFigures, first: PlanFigures): PlanFigures {
  const difference = { ...figures };
  for (const key of namesOf(figures)) difference[key] = roundTo(figures[key] - first[key], 6) + 0;
  return difference;
}

export interface Refinancing {
  /** After which payment of the old plan; 0 is at the start. */
  readonly after: number;
  readonly rate: Plan['rate'];
  readonly payments: number;
  readonly paymentsPerYear?: number;
  /** What the change costs, and whether it is added to the new amount or paid in cash. */
  readonly costs: Money;
  readonly costsPaid: 'added' | 'cash';
  /** Keep paying this much; left out, the new level payment is worked out. */
  readonly payment?: Money;
}

export interface RefinancingResult {
  readonly balance: Money;
  readonly plan: Plan;
  readonly table: Table;
  /** Money paid in all from now on, costs included, under the old plan less under the new one; above 0 it saves. */
  readonly saves: Money;
  /**
   * The first payment after the change by which interest saved so far covers the costs, that is, paid so far plus
   * still owed is no more than under the old plan; undefined when that never happens.
   */
  readonly paidForItselfAfter?: number;
  /** The first payment from which on less cash has gone out in all than under the old plan; undefined when never. */
  readonly cashAheadAfter?: number;
}

/**
 * Refinances a plan: its balance after payment k, with costs added or paid in cash, goes on at another rate and term.
 *
 * @param old the table of a loan
 */
export function refinance(old: Table, change: Refinancing): Result<RefinancingResult> {
  if (!Number.isFinite(change.costs) || change.costs < 0 || change.costs > 1e12)
    return fail('out-of-range', 'The costs must be zero or more.', { field: 'costs' });
  if (!Number.isInteger(change.after) || change.after < 0 || change.after >= old.count)
    return fail('out-of-range', `Refinancing can follow payment 0 to ${old.count - 1}.`, { field: 'after' });
  if ((old.plan.kind ?? 'loan') !== 'loan')
    return fail('out-of-range', 'Only a loan can be refinanced.', { field: 'kind' });
  const balance = balanceAfter(old, change.after);
  if (!balance.ok) return balance;
  const plan: Plan = {
    ...withoutPayment(old.plan),
    amount: balance.value + (change.costsPaid === 'added' ? change.costs : 0),
    rate: change.rate,
    payments: change.payments,
    paymentsPerYear: change.paymentsPerYear ?? old.plan.paymentsPerYear,
    changes: [],
    ...(change.payment === undefined ? {} : { payment: change.payment }),
  };
  const built = buildTable(plan);
  if (!built.ok) return built;
  const table = built.value;
  const cash = change.costsPaid === 'cash' ? change.costs : 0;

  // Both sides are compared at the same moments; where the frequencies differ, at the old plan's share of a year.
  const ratio = plan.paymentsPerYear / old.plan.paymentsPerYear;
  const oldRows = old.rows.slice(change.after);
  const most = Math.max(oldRows.length, Math.ceil(table.count / ratio));
  let paidOld = 0;
  let paidNew = cash;
  let newAt = 0;
  let owedOld = balance.value;
  let owedNew = plan.amount;
  let paidForItselfAfter: number | undefined;
  let cashAheadAfter: number | undefined;
  for (let k = 1; k <= most; k += 1) {
    const row = oldRows[k - 1];
    if (row) {
      paidOld += row.payment + row.extra;
      owedOld = row.closing;
    }
    for (; newAt < table.count && newAt < Math.floor(k * ratio + 1e-9); newAt += 1) {
      const fresh = nth(table.rows, newAt);
      paidNew += fresh.payment + fresh.extra;
      owedNew = fresh.closing;
    }
    if (paidForItselfAfter === undefined && paidNew + owedNew <= paidOld + owedOld + 0.004) paidForItselfAfter = k;
    if (paidNew > paidOld + 0.004) cashAheadAfter = undefined;
    else cashAheadAfter ??= k;
  }
  return ok({
    balance: balance.value,
    plan,
    table,
    saves: roundTo(paidOld + owedOld - (paidNew + owedNew), 2),
    ...(paidForItselfAfter === undefined ? {} : { paidForItselfAfter }),
    ...(cashAheadAfter === undefined ? {} : { cashAheadAfter }),
  });
}

function withoutPayment(plan: Plan): Plan {
  const { payment: _payment, firstPaymentDate: _date, ...rest } = plan;
  return rest;
}
