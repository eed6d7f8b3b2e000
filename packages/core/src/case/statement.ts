/** A statement in numbers: all that is known of a case before it is solved. How it is typed is the business of `statement/`. */

import type { Timing } from '../annuity/fiveValues.ts';
import type { Change } from '../table/plan.ts';
import type { RateQuote } from './quote.ts';

/** In the order they are offered. Each has its record in `kinds/`. */
export const statementKinds = ['borrow', 'save', 'draw-down', 'lump-sum', 'lease', 'flat', 'convert'] as const;

export type StatementKind = (typeof statementKinds)[number];

/** The slots of a statement that hold a number and may be the unknown. */
export const slotNames = ['amount', 'rate', 'payments', 'payment', 'finalAmount', 'converted'] as const;

export type SlotName = (typeof slotNames)[number];

/** The numbers of the slots that are known; rates are fractions. */
export type SlotNumbers = Readonly<Partial<Record<SlotName, number>>>;

/** How the amount financed comes about: price − down payment − trade-in + fees added. */
export interface BuiltUp {
  readonly price: number;
  readonly downPayment: number;
  /** Where the down payment is stated as a share of the price: a fraction. */
  readonly downPaymentShare?: number;
  readonly tradeIn: number;
  readonly feesAdded: number;
  /** Kept back from what is paid out; the amount to repay stays. */
  readonly feesTaken: number;
  /** The amount financed, to the cent. */
  readonly amount: number;
  /** What is really paid out: amount − fees taken. */
  readonly proceeds: number;
}

/** What a statement says besides its numbers. */
export interface StatementTerms {
  readonly kind: StatementKind;
  /** The slot that shows `?`. */
  readonly unknown: SlotName;
  readonly quote: RateQuote;
  readonly paymentsPerYear: number;
  readonly timing: Timing;
  /** For flat charges: a percentage outright, or a year times the years. */
  readonly flatBy: 'a-year' | 'outright';
  /** For conversions: how the other rate is quoted. */
  readonly into: RateQuote;
  /** `YYYY-MM-DD`, or nothing where rows carry no dates. */
  readonly firstPaymentDate: string;
}

export interface Statement extends StatementTerms {
  /** All slots but the unknown one. */
  readonly numbers: SlotNumbers;
  readonly changes: readonly Change[];
  /** Present where the amount is built up from a price. */
  readonly buildUp?: BuiltUp;
}
