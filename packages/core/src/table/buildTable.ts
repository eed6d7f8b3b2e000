/** Amortization tables: from a plan to its rows. Terms and rounding as in docs/mathematics.md, section 3. */

import { ok, type Result } from '../result.ts';
import type { Money } from '../money/roundMoney.ts';
import { planProblem, type Plan } from './plan.ts';
import { runPlan, type PlanFigures } from './planRun.ts';
import type { TableRow, TableTotals } from './row.ts';
import { readSchedule, type Schedule } from './schedule.ts';

export interface Table {
  readonly plan: Plan;
  /** How many rows there are. */
  readonly count: number;
  /** The rows as objects; made from the stored figures when first asked for. */
  readonly rows: readonly TableRow[];
  /** The first level payment, after any interest-only or deferred periods. */
  readonly firstPayment: Money;
  readonly lastPayment: Money;
  readonly totals: TableTotals;
  readonly closing: Money;
  readonly totalPaid: Money;
  readonly totalInterest: Money;
  /** The first row in which a balance that should fall grew (or savings fell), outside deferred periods and draws. */
  readonly firstGrowing?: number;
}

/**
 * Builds the table of a plan.
 *
 * @param plan amounts in currency units, rate as quoted, `payments` in payment periods
 * @returns rows in order and what they add up to; `never-repaid` when the balance stops falling, naming the row where
 *   it grew; otherwise what is wrong with the plan and the field it is in
 */
export function buildTable(plan: Plan): Result<Table> {
  const problem = planProblem(plan);
  if (problem) return { ok: false, problem };
  const schedule = readSchedule(plan);
  const run = runPlan(plan, schedule);
  if ('code' in run) return { ok: false, problem: run };
  return ok(new BuiltTable(plan, run, schedule));
}

/** A table whose rows wait to be asked for. Written out with JSON it carries them. */
class BuiltTable implements Table {
  readonly plan: Plan;
  readonly count: number;
  readonly firstPayment: Money;
  readonly lastPayment: Money;
  readonly totals: TableTotals;
  readonly closing: Money;
  readonly totalPaid: Money;
  readonly totalInterest: Money;
  readonly firstGrowing?: number;
  readonly #schedule: Schedule;
  #rows: TableRow[] | undefined;

  constructor(plan: Plan, figures: PlanFigures, schedule: Schedule) {
    this.plan = plan;
    this.count = figures.count;
    this.firstPayment = figures.firstPayment;
    this.lastPayment = figures.lastPayment;
    this.totals = figures.totals;
    this.closing = figures.closing;
    this.totalPaid = figures.totals.paid;
    this.totalInterest = figures.totals.interest;
    if (figures.firstGrowing > 0) this.firstGrowing = figures.firstGrowing;
    this.#schedule = schedule;
  }

  get rows(): readonly TableRow[] {
    if (!this.#rows) runPlan(this.plan, this.#schedule, (this.#rows = []));
    return this.#rows;
  }

  toJSON(): Table {
    return { ...this, rows: this.rows };
  }
}
