/** The periods of a plan, one after another. */

import { accumulation, growthLessOne, LARGEST_AMOUNT } from '../annuity/fiveValues.ts';
import { NOISE, roundCent, roundMoney, roundTo, type Money } from '../money/roundMoney.ts';
import type { Problem } from '../result.ts';
import { levelPayment, roundingRoom } from './levelPayment.ts';
import { MOST_ROWS_UNTIL_CLEARED, type Plan } from './plan.ts';
import type { PaymentMode, TableRow, TableTotals } from './row.ts';
import type { Schedule } from './schedule.ts';

/** What a run comes to. */
export interface PlanFigures {
  readonly count: number;
  readonly firstPayment: Money;
  readonly lastPayment: Money;
  readonly totals: TableTotals;
  readonly closing: Money;
  /** The first row in which a balance that should fall grew; 0 when none did. */
  readonly firstGrowing: number;
}

/** By the number a schedule has for them. */
const modes: readonly PaymentMode[] = ['level', 'interest-only', 'deferred'];
const LEVEL = 0;
const INTEREST_ONLY = 1;

/** Adding and taking away this rounds a double to the nearest whole number, for any size below 2^50. */
const TO_WHOLE = 1.5 * 2 ** 52;

/**
 * Runs the periods of a valid plan.
 *
 * @param into where rows go, when they are wanted
 * @returns what the table comes to, or why there is none
 */
export function runPlan(plan: Plan, schedule: Schedule, into?: TableRow[]): PlanFigures | Problem {
  return new PlanRun(plan, schedule, into).toTheEnd();
}

/**
 * One run in the terms of a loan: `sign` is −1 for savings, whose balance is a debt of the bank's and whose interest,
 * in a loan's terms, is therefore negative. When every amount is a whole number of cents the run counts in cents, so
 * that sums are exact; `unit` is then 100.
 *
 * Most callers want only what a table comes to, so rows are made by a second run when they are first asked for: the
 * run itself allocates nothing. `NaN` inside stands for a level payment that is still to be worked out.
 */
class PlanRun {
  readonly #plan: Plan;
  readonly #schedule: Schedule;
  readonly #into: TableRow[] | undefined;
  readonly #sign: 1 | -1;
  readonly #begin: boolean;
  readonly #untilCleared: boolean;
  readonly #count: number;
  readonly #unit: 1 | 100;
  readonly #cents: boolean;
  readonly #final: number;
  readonly #largest: number;

  #balance: number;
  #i: number;
  #level: number;
  /** What must be left after a payment in advance, so that interest brings it to the final amount. */
  #finalBefore: number;
  #firstPayment = NaN;
  #lastPayment = 0;
  #firstGrowing = 0;
  #paid = 0;
  #extraSum = 0;
  #drawn = 0;
  #changeAt = 0;
  #nextChange: number;

  // The row under way.
  #draw = 0;
  #due = 0;
  #extra = 0;
  #interest = 0;
  #settles = false;

  constructor(plan: Plan, schedule: Schedule, into: TableRow[] | undefined) {
    this.#plan = plan;
    this.#schedule = schedule;
    this.#into = into;
    this.#sign = plan.kind === 'saving' ? -1 : 1;
    this.#begin = plan.timing === 'begin';
    this.#untilCleared = plan.payments === 'until-cleared';
    this.#count = plan.payments === 'until-cleared' ? MOST_ROWS_UNTIL_CLEARED : plan.payments;
    this.#unit = inWholeCents(plan) ? 100 : 1;
    this.#cents = plan.rounding.interest === 'cent';
    this.#final = this.#sign * this.#inUnits(plan.finalAmount);
    this.#largest = LARGEST_AMOUNT * this.#unit;
    this.#balance = this.#sign * this.#inUnits(plan.amount);
    this.#i = schedule.i;
    this.#level = plan.payment === undefined ? NaN : this.#inUnits(plan.payment);
    this.#finalBefore = this.#begin ? this.#finalDiscounted() : 0;
    this.#nextChange = schedule.rows[0] ?? Infinity;
  }

  toTheEnd(): PlanFigures | Problem {
    let k = 1;
    for (; k <= this.#count; k += 1) {
      const problem = this.#row(k);
      if (problem) return problem;
      if (this.#settles && k >= this.#schedule.lastDraw) break;
    }
    if (this.#untilCleared && this.#balance !== this.#final) return neverRepaid(this.#firstGrowing);
    return this.#figures(Math.min(k, this.#count));
  }

  /** One period: what changes, what falls due, what settles, what is left. */
  #row(k: number): Problem | undefined {
    this.#draw = 0;
    if (k === this.#nextChange) this.#change(k);
    const opening = this.#balance;
    const mode = this.#schedule.mode === undefined ? LEVEL : this.#schedule.mode[k]!;
    this.#interest = this.#begin ? 0 : this.#interestOn(opening, this.#i);
    const problem = this.#fallDue(k, mode, opening) ?? this.#settle(k, opening);
    if (problem) return problem;
    const closing = this.#close(opening);
    if (this.#settles && !this.#untilCleared && !Number.isNaN(this.#level)) this.#due = this.#settledAsLevel();
    if (!(Math.abs(closing) < this.#largest)) return this.#tooLarge();
    if (this.#firstGrowing === 0 && closing > opening && mode === LEVEL) this.#firstGrowing = k;
    if (this.#into !== undefined) this.#write(k, mode, opening, closing);
    this.#lastPayment = this.#due;
    this.#paid += this.#due + this.#extra;
    this.#extraSum += this.#extra;
    this.#balance = closing;
    return undefined;
  }

  #change(k: number): void {
    const change = this.#schedule.at.get(k);
    this.#changeAt += 1;
    this.#nextChange = this.#schedule.rows[this.#changeAt] ?? Infinity;
    if (change === undefined) return;
    this.#draw = this.#inUnits(change.draw);
    this.#balance += this.#sign * this.#draw;
    this.#drawn += this.#draw;
    if (change.i !== undefined) {
      this.#i = change.i;
      if (this.#begin) this.#finalBefore = this.#finalDiscounted();
    }
    if (change.payment !== undefined) this.#level = this.#inUnits(change.payment);
    else if (change.again) this.#level = NaN;
  }

  /** What falls due: the level payment, worked out where it is not known yet, the interest alone, or nothing. */
  #fallDue(k: number, mode: number, opening: number): Problem | undefined {
    this.#due = 0;
    if (mode === INTEREST_ONLY)
      this.#due = this.#begin ? this.#interestOn(opening, this.#i / (1 + this.#i)) : this.#interest;
    if (mode !== LEVEL) return undefined;
    if (Number.isNaN(this.#level)) {
      const exact = levelPayment(opening, this.#final, this.#i, this.#count - k + 1, this.#begin);
      const level = this.#inUnits(roundMoney(exact / this.#unit, this.#plan.rounding.payment));
      if (!(level < this.#largest)) return tooLarge();
      if (level < 0 && this.#sign > 0) return finalOutOfReach();
      this.#level = Math.max(0, level);
    }
    this.#due = this.#level;
    if (Number.isNaN(this.#firstPayment)) this.#firstPayment = this.#level;
    return undefined;
  }

  /**
   * Whether this row settles the rest, and with how much. The most that may be paid brings the balance to the final
   * amount by the end of the period; a balance that starts below its final amount grows towards it and has no such bound.
   */
  #settle(k: number, opening: number): Problem | undefined {
    const bounded = opening >= this.#final;
    const most = this.#begin ? opening - this.#finalBefore : opening + this.#interest - this.#final;
    const isLast = k === this.#count;
    this.#extra = this.#schedule.extra === undefined ? 0 : this.#inUnits(this.#schedule.extra[k]!);
    this.#settles = true;
    if (isLast && this.#isAgreed(k, most)) {
      if (!this.#begin) this.#interest = this.#final - opening + this.#due + this.#extra;
    } else if (bounded && this.#due >= most && !isLast && this.#isOnItsWay(k, opening)) {
      this.#settles = false;
    } else if (!isLast && this.#sign > 0 && opening === this.#final && this.#due >= most && !this.#untilCleared) {
      // Nothing is to be repaid before the end: the interest alone is paid.
      this.#due = most;
      this.#extra = 0;
      this.#settles = false;
    } else if (bounded && this.#due >= most && (this.#sign > 0 || this.#due > 0 || isLast)) {
      this.#due = most;
      this.#extra = 0;
    } else if (bounded && this.#extra > 0 && this.#due + this.#extra >= most) {
      this.#extra = most - this.#due;
    } else if (isLast && !this.#untilCleared && this.#plan.rounding.last === 'clears') {
      this.#extra = Math.max(0, Math.min(this.#extra, most));
      this.#due = most - this.#extra;
      if (this.#due < 0 && this.#sign > 0) return finalOutOfReach();
    } else this.#settles = false;
    return undefined;
  }

  /** Deposits are what was agreed: a difference that rounding alone explains is left to the interest of the last row. */
  #isAgreed(k: number, most: number): boolean {
    return (
      this.#sign < 0 &&
      this.#plan.payment !== undefined &&
      this.#plan.rounding.last === 'clears' &&
      Math.abs(most - this.#extra - this.#due) <= roundingRoom(this.#plan, this.#i, k) * this.#unit
    );
  }

  /** Whether agreed deposits still to come end where they should, rounding apart: then reaching the end early is only rounding. */
  #isOnItsWay(k: number, opening: number): boolean {
    const { payment, rounding, timing, finalAmount } = this.#plan;
    if (this.#sign > 0 || payment === undefined || rounding.last !== 'clears' || this.#untilCleared) return false;
    const left = this.#count - k + 1;
    const balance = -opening / this.#unit;
    const deposits = (this.#due / this.#unit) * accumulation(this.#i, left, timing);
    const end = balance * (1 + growthLessOne(this.#i, left)) + deposits;
    return Math.abs(end - finalAmount) <= roundingRoom(this.#plan, this.#i, this.#count);
  }

  /** The closing balance; in advance the interest comes after what is paid. */
  #close(opening: number): number {
    if (!this.#begin) return this.#settles ? this.#final : opening + this.#interest - this.#due - this.#extra;
    const kept = opening - this.#due - this.#extra;
    this.#interest = this.#settles ? this.#final - kept : this.#interestOn(kept, this.#i);
    return this.#settles ? this.#final : kept + this.#interest;
  }

  /** Without rounding the last payment is the level one; what sets it apart then is only noise carried down the rows. */
  #settledAsLevel(): number {
    const { rounding, amount, finalAmount } = this.#plan;
    const exact = rounding.payment === 'exact' && rounding.interest === 'exact';
    const noise = exact ? 1e-9 * (amount + finalAmount) : 0;
    return Math.abs(this.#due - this.#level) < noise ? this.#level : this.#due;
  }

  #tooLarge(): Problem {
    return this.#untilCleared && this.#firstGrowing > 0
      ? neverRepaid(this.#firstGrowing)
      : tooLarge(this.#firstGrowing || undefined);
  }

  #write(k: number, mode: number, opening: number, closing: number): void {
    const unit = this.#unit;
    this.#into?.push({
      number: k,
      opening: (this.#sign * opening) / unit + 0,
      interest: (this.#sign * this.#interest) / unit + 0,
      payment: this.#due / unit,
      extra: this.#extra / unit,
      principal: (this.#due + this.#extra - this.#interest) / unit,
      closing: (this.#sign * closing) / unit + 0,
      rate: this.#i,
      drawn: this.#draw / unit,
      mode: modes[mode] ?? 'level',
      settles: this.#settles,
    });
  }

  #figures(count: number): PlanFigures {
    const unit = this.#unit;
    // What was paid and not principal is interest: the same as the sum of the column, without its rounding noise.
    const principal = this.#sign * this.#inUnits(this.#plan.amount) - this.#balance + this.#sign * this.#drawn;
    const level = Number.isNaN(this.#level) ? this.#lastPayment : this.#level;
    return {
      count,
      firstPayment: (Number.isNaN(this.#firstPayment) ? level : this.#firstPayment) / unit,
      lastPayment: this.#lastPayment / unit,
      totals: {
        paid: this.#paid / unit,
        interest: (this.#sign * (this.#paid - principal)) / unit + 0,
        principal: principal / unit + 0,
        extra: this.#extraSum / unit,
        drawn: this.#drawn / unit,
      },
      closing: (this.#sign * this.#balance) / unit + 0,
      firstGrowing: this.#firstGrowing,
    };
  }

  #inUnits(amount: Money): number {
    return this.#unit === 1 ? amount : roundTo(amount * 100, 0);
  }

  /** Interest of one period on a balance, in the run's units. */
  #interestOn(balance: number, i: number): number {
    if (this.#unit === 100) return balance * i * (1 + NOISE) + TO_WHOLE - TO_WHOLE;
    return this.#cents ? roundCent(balance * i) : balance * i;
  }

  #finalDiscounted(): number {
    const exact = this.#final / (1 + this.#i);
    if (this.#final === 0 || !this.#cents) return this.#final === 0 ? 0 : exact;
    return this.#unit === 100 ? roundTo(exact, 0) : roundCent(exact);
  }
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
