/** The rows of a table and what they add up to. */

import type { Money } from '../money/roundMoney.ts';

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

export interface TableTotals {
  /** Payments and extra payments. */
  readonly paid: Money;
  readonly interest: Money;
  readonly principal: Money;
  readonly extra: Money;
  /** Money received after the start. */
  readonly drawn: Money;
}
