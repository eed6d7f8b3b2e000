/** Amortization tables: from a plan to its rows. Terms and rounding as in docs/mathematics.md, section 3. */

import { ok, type Problem, type Result } from '../result.ts';
import { NOISE, roundCent, roundMoney, roundTo, type Money } from '../money/roundMoney.ts';
import { accumulation, growthLessOne, LARGEST_AMOUNT } from '../annuity/fiveValues.ts';
import { MOST_ROWS_UNTIL_CLEARED, planProblem, type Plan } from './plan.ts';
import { readSchedule, type Schedule } from './schedule.ts';

export interface TableRow {
  /** 1-based. */
  readonly number: number;
  /** Balance at the start of the period, draws included. */
  readonly opening: Money;
  /** In the last row of savings whose deposits are given, what rounding has left over is in it. */
  readonly interest: Money;
  readonly payment: Money;
  readonly extra: Money;
  /** What the row takes off a loan or a fund: payment + extra − interest. What it adds to savings: payment + extra + interest. */
  readonly principal: Money;
  readonly closing: Money;
  /** Rate per payment in force, a fraction. */
  readonly rate: number;
  /** Money received at the start of the period; it is in `opening`. */
  readonly drawn: Money;
  readonly mode: PaymentMode;
  /** True for the row whose payment is what settles the rest. */
  readonly settles: boolean;
}

/** What falls due in a row: the level payment, the interest alone, or nothing. */
export type PaymentMode = 'level' | 'interest-only' | 'deferred';

const modes: readonly PaymentMode[] = ['level', 'interest-only', 'deferred'];

export interface TableTotals {
  /** Payments and extra payments. */
  readonly paid: Money;
  readonly interest: Money;
  readonly principal: Money;
  readonly extra: Money;
  /** Money received after the start. */
  readonly drawn: Money;
}

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

  constructor(plan: Plan, figures: Figures, schedule: Schedule) {
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

/** What one run of the periods comes to. */
interface Figures extends Pick<Table, 'count' | 'firstPayment' | 'lastPayment' | 'totals' | 'closing'> {
  /** 0 when the balance never grew. */
  readonly firstGrowing: number;
}

/**
 * The level payment that brings a balance to a final amount, unrounded:
 * `(balance·(1+i)^n − final) / ((1+i·b)·((1+i)^n − 1)/i)`.
 *
 * @param payments over how many payments, at least 1
 */
export function levelPayment(balance: Money, final: Money, i: number, payments: number, begin: boolean): Money {
  if (i <= 0)
    return (
      (balance - final + balance * growthLessOne(i, payments)) / accumulation(i, payments, begin ? 'begin' : 'end')
    );
  // Discounted, so that a long table at a high rate does not overflow.
  const back = -growthLessOne(i, -payments);
  const plain = ((balance - final * (1 - back)) * i) / back;
  return begin ? plain / (1 + i) : plain;
}

/** Adding and taking away this rounds a double to the nearest whole number, for any size below 2^50. */
const TO_WHOLE = 1.5 * 2 ** 52;

/**
 * Runs the periods in the terms of a loan: `sign` is −1 for savings, whose balance is a debt of the bank's and
 * whose interest, in a loan's terms, is therefore negative. When every amount is a whole number of cents the run
 * counts in cents, so that sums are exact; `unit` is then 100.
 *
 * Most callers want only what a table comes to, so rows are made by a second run when they are first asked for: the
 * run itself allocates nothing. `NaN` inside stands for a level payment that is still to be worked out.
 *
 * @param into where rows go, when they are wanted
 */
function runPlan(plan: Plan, schedule: Schedule, into?: TableRow[]): Figures | Problem {
  const { rounding } = plan;
  const sign = plan.kind === 'saving' ? -1 : 1;
  const begin = plan.timing === 'begin';
  const untilCleared = plan.payments === 'until-cleared';
  const count = plan.payments === 'until-cleared' ? MOST_ROWS_UNTIL_CLEARED : plan.payments;
  const unit = inWholeCents(plan) ? 100 : 1;
  const inUnits = (amount: Money): number => (unit === 1 ? amount : roundTo(amount * 100, 0));
  const cents = rounding.interest === 'cent';
  const final = sign * inUnits(plan.finalAmount);
  const largest = LARGEST_AMOUNT * unit;

  let balance = sign * inUnits(plan.amount);
  let i = schedule.i;
  let level = plan.payment === undefined ? NaN : inUnits(plan.payment);
  let finalBefore = begin ? finalDiscounted(final, i, unit, rounding.interest) : 0;
  let firstPayment = NaN;
  let lastPayment = 0;
  let firstGrowing = 0;
  let paid = 0;
  let extraSum = 0;
  let drawn = 0;
  let changeAt = 0;
  let nextChange = schedule.rows[0] ?? Infinity;
  const { mode: modeAt, extra: extras } = schedule;
  let k = 1;

  for (; k <= count; k += 1) {
    let draw = 0;
    if (k === nextChange) {
      const change = schedule.at.get(k)!;
      nextChange = schedule.rows[++changeAt] ?? Infinity;
      draw = inUnits(change.draw);
      balance += sign * draw;
      drawn += draw;
      if (change.i !== undefined) {
        i = change.i;
        if (begin) finalBefore = finalDiscounted(final, i, unit, rounding.interest);
      }
      if (change.payment !== undefined) level = inUnits(change.payment);
      else if (change.again) level = NaN;
    }
    const opening = balance;
    const mode = modeAt === undefined ? 0 : modeAt[k]!;

    let interest = begin ? 0 : interestOn(opening, i, unit, cents);
    let due = 0;
    if (mode === 0) {
      if (level !== level) {
        const exact = levelPayment(opening, final, i, count - k + 1, begin);
        level = inUnits(roundMoney(exact / unit, rounding.payment));
        if (!(level < largest)) return tooLarge();
        if (level < 0 && sign > 0) return finalOutOfReach();
        level = Math.max(0, level);
      }
      due = level;
      if (firstPayment !== firstPayment) firstPayment = level;
    } else if (mode === 1) due = begin ? interestOn(opening, i / (1 + i), unit, cents) : interest;

    // The most that may be paid now: it brings the balance to the final amount by the end of the period. A balance that
    // starts below its final amount grows towards it and has no such bound.
    const bounded = opening >= final;
    const most = begin ? opening - finalBefore : opening + interest - final;
    let extra = extras === undefined ? 0 : inUnits(extras[k]!);
    let clears = false;
    // Deposits are what was agreed: a difference that rounding alone explains is left to the interest of the last row.
    const agreed =
      sign < 0 &&
      k === count &&
      plan.payment !== undefined &&
      rounding.last === 'clears' &&
      Math.abs(most - extra - due) <= roundingRoom(plan, i, k) * unit;
    if (agreed) {
      clears = true;
      if (!begin) interest = final - opening + due + extra;
    } else if (bounded && due >= most && (sign > 0 || due > 0 || k === count)) {
      due = most;
      extra = 0;
      clears = true;
    } else if (bounded && extra > 0 && due + extra >= most) {
      extra = most - due;
      clears = true;
    } else if (k === count && !untilCleared && rounding.last === 'clears') {
      extra = Math.max(0, Math.min(extra, most));
      due = most - extra;
      clears = true;
      if (due < 0 && sign > 0) return finalOutOfReach();
    }

    let closing = final;
    if (begin) {
      const kept = opening - due - extra;
      interest = clears ? final - kept : interestOn(kept, i, unit, cents);
      if (!clears) closing = kept + interest;
    } else if (!clears) closing = opening + interest - due - extra;
    if (clears && !untilCleared && level === level) due = settleLast(due, level, plan);

    if (!(Math.abs(closing) < largest))
      return untilCleared && firstGrowing > 0 ? neverRepaid(firstGrowing) : tooLarge(firstGrowing || undefined);
    if (firstGrowing === 0 && closing > opening && mode === 0) firstGrowing = k;

    if (into !== undefined)
      into.push({
        number: k,
        opening: (sign * opening) / unit + 0,
        interest: (sign * interest) / unit + 0,
        payment: due / unit,
        extra: extra / unit,
        principal: (due + extra - interest) / unit,
        closing: (sign * closing) / unit + 0,
        rate: i,
        drawn: draw / unit,
        mode: modes[mode]!,
        settles: clears,
      });
    lastPayment = due;
    paid += due + extra;
    extraSum += extra;
    balance = closing;
    if (clears && k >= schedule.lastDraw) break;
  }

  if (untilCleared && balance !== final) return neverRepaid(firstGrowing);

  // What was paid and not principal is interest: the same as the sum of the column, without its rounding noise.
  const principal = sign * inUnits(plan.amount) - balance + sign * drawn;
  return {
    count: Math.min(k, count),
    firstPayment: (firstPayment === firstPayment ? firstPayment : level === level ? level : lastPayment) / unit,
    lastPayment: lastPayment / unit,
    totals: {
      paid: paid / unit,
      interest: (sign * (paid - principal)) / unit + 0,
      principal: principal / unit + 0,
      extra: extraSum / unit,
      drawn: drawn / unit,
    },
    closing: (sign * balance) / unit + 0,
    firstGrowing,
  };
}

/** Interest of one period on a balance, in the run's units. */
function interestOn(balance: number, i: number, unit: number, cents: boolean): number {
  if (unit === 100) return balance * i * (1 + NOISE) + TO_WHOLE - TO_WHOLE;
  return cents ? roundCent(balance * i) : balance * i;
}

/** As much as rounding alone can move savings by the end of row k: half a cent a row, grown, and half a cent of the final amount. */
export function roundingRoom({ rounding, finalAmount, amount }: Plan, i: number, k: number): Money {
  const rows = rounding.interest === 'cent' ? accumulation(Math.max(0, i), k, 'end') : 0;
  return 0.005 * (rows + 1) + 1e-9 * (amount + finalAmount);
}

/** Without rounding the last payment is the level one; what sets it apart then is only noise carried down the rows. */
function settleLast(due: number, level: number, plan: Plan): number {
  const noise =
    plan.rounding.payment === 'exact' && plan.rounding.interest === 'exact'
      ? 1e-9 * (plan.amount + plan.finalAmount)
      : 0;
  return Math.abs(due - level) < noise ? level : due;
}

function finalOutOfReach(): Problem {
  return {
    code: 'out-of-range',
    message: 'The final amount is more than the interest alone would bring: a payment would be below zero.',
    field: 'finalAmount',
  };
}

function neverRepaid(firstGrowing: number): Problem {
  const message =
    firstGrowing === 0
      ? `After ${MOST_ROWS_UNTIL_CLEARED.toLocaleString('en')} payments the balance is still not cleared: the payment is too small.`
      : `The payment does not cover the interest: the balance grows in row ${firstGrowing}.`;
  return { code: 'never-repaid', message, field: 'payment', ...(firstGrowing === 0 ? {} : { row: firstGrowing }) };
}

function tooLarge(row?: number): Problem {
  return {
    code: 'out-of-range',
    message: 'The balance grows past what can be computed to the cent.',
    field: 'rate',
    ...(row === undefined ? {} : { row }),
  };
}

/** What must be left after a payment in advance so that interest brings it to the final amount; in the run's units. */
function finalDiscounted(final: number, i: number, unit: number, interest: 'exact' | 'cent'): number {
  const exact = final / (1 + i);
  return final === 0 ? 0 : interest === 'exact' ? exact : unit === 100 ? roundTo(exact, 0) : roundCent(exact);
}

/** True when every amount in the table is a whole number of cents, so that sums may be cleaned of binary noise. */
function inWholeCents(plan: Plan): boolean {
  if (plan.rounding.interest !== 'cent' || plan.rounding.payment === 'exact') return false;
  const whole = (value: number): boolean => roundCent(value) === value;
  return (
    whole(plan.amount) &&
    whole(plan.finalAmount) &&
    (plan.payment === undefined || whole(plan.payment)) &&
    plan.changes.every((change) => !('amount' in change) || whole(change.amount))
  );
}
