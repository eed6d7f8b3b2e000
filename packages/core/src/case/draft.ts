/**
 * A case as it is typed: the statement's slots keep the text a person wrote, so that nothing is lost while a slot
 * cannot be read yet. `readDraft` turns it into numbers.
 */

import type { Timing } from '../annuity/fiveValues.ts';
import type { ChangeDraft } from './changeDraft.ts';
import type { RateQuote } from './quote.ts';

/** In the order they are offered. Each has its record in `kinds/`. */
export const statementKinds = ['borrow', 'save', 'draw-down', 'lump-sum', 'lease', 'flat', 'convert'] as const;

export type StatementKind = (typeof statementKinds)[number];

/** The slots of a statement that hold a number and may be the unknown. */
export type SlotName = 'amount' | 'rate' | 'payments' | 'payment' | 'finalAmount' | 'converted';

/** How the amount financed comes about: price − down payment − trade-in + fees added. Texts, as typed. */
export interface BuildUp {
  readonly price: string;
  /** Money, or a percentage of the price. */
  readonly downPayment: string;
  readonly tradeIn: string;
  readonly feesAdded: string;
  /** Kept back from what is paid out; the amount to repay stays. */
  readonly feesTaken: string;
}

export interface StatementDraft {
  readonly kind: StatementKind;
  /** The slot that shows `?`. */
  readonly unknown: SlotName;
  /** What was typed into each slot; the unknown's own text is kept for when it is asked again. */
  readonly slots: Readonly<Record<SlotName, string>>;
  readonly quote: RateQuote;
  readonly paymentsPerYear: number;
  readonly timing: Timing;
  /** For flat charges: a percentage outright, or a year times the years. */
  readonly flatBy: 'a-year' | 'outright';
  /** For conversions: how the other rate is quoted. */
  readonly into: RateQuote;
  readonly changes: readonly ChangeDraft[];
  /** Present while the amount is built up from a price. */
  readonly buildUp?: BuildUp;
  /** `YYYY-MM-DD`, or nothing where rows carry no dates. */
  readonly firstPaymentDate: string;
  /** Id of the number style the texts are written in. */
  readonly numberStyle: string;
}
