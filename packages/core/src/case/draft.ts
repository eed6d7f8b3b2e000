/**
 * A case as it is typed: the statement's slots keep the text a person wrote, so that nothing is lost while a slot
 * cannot be read yet. `readDraft` turns it into numbers.
 */

import type { Compounding } from '../rates/quotedRate.ts';
import type { Timing } from '../annuity/fiveValues.ts';

export type StatementKind = 'borrow' | 'save' | 'draw-down' | 'lease';

/** The slots of a statement that hold a number and may be the unknown. */
export type SlotName = 'amount' | 'rate' | 'payments' | 'payment' | 'finalAmount';

export const slotNames: readonly SlotName[] = ['amount', 'rate', 'payments', 'payment', 'finalAmount'];

/** How the rate in the slot is quoted. */
export interface RateQuote {
  readonly kind: 'nominal' | 'effective' | 'periodic' | 'daily';
  /** For nominal rates. */
  readonly compounding: Compounding;
  /** For rates by the day. */
  readonly daysPerYear: 365 | 360;
  readonly daysPerPeriod: number;
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
}

/** An empty statement of a kind, with payments by the month. */
export function emptyDraft(kind: StatementKind = 'borrow'): StatementDraft {
  return {
    kind,
    unknown: 'payment',
    slots: { amount: '', rate: '', payments: '', payment: '', finalAmount: '0' },
    quote: { kind: 'nominal', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 },
    paymentsPerYear: 12,
    timing: kind === 'lease' ? 'begin' : 'end',
  };
}
