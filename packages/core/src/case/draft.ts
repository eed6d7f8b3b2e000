/**
 * A case as it is typed: the statement's slots keep the text a person wrote, so that nothing is lost while a slot
 * cannot be read yet. `readDraft` turns it into numbers.
 */

import type { Timing } from '../annuity/fiveValues.ts';
import type { ChangeDraft } from './changeDraft.ts';
import type { RateQuote } from './quote.ts';

export type StatementKind = 'borrow' | 'save' | 'draw-down' | 'lease' | 'flat' | 'convert';

/** The slots of a statement that hold a number and may be the unknown. */
export type SlotName = 'amount' | 'rate' | 'payments' | 'payment' | 'finalAmount' | 'converted';

/** The slots each kind of statement has, in the order they are worked. */
export const slotsOf: Readonly<Record<StatementKind, readonly SlotName[]>> = {
  borrow: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  save: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  'draw-down': ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  lease: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  flat: ['amount', 'rate', 'payments', 'payment'],
  convert: ['rate', 'converted'],
};

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

const monthly: RateQuote = { kind: 'nominal', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 };

/** An empty statement of a kind, with payments by the month. */
export function emptyDraft(kind: StatementKind = 'borrow'): StatementDraft {
  return {
    kind,
    unknown: kind === 'convert' ? 'converted' : 'payment',
    slots: { amount: '', rate: '', payments: '', payment: '', finalAmount: '0', converted: '' },
    quote: monthly,
    paymentsPerYear: 12,
    timing: kind === 'lease' ? 'begin' : 'end',
    flatBy: 'a-year',
    into: { ...monthly, kind: 'effective' },
    changes: [],
    firstPaymentDate: '',
    numberStyle: 'comma-point',
  };
}

/** The same statement as another kind; what the kinds share stays, and an unknown the new kind lacks gives way. */
export function asKind(draft: StatementDraft, kind: StatementKind): StatementDraft {
  const unknown = slotsOf[kind].includes(draft.unknown) ? draft.unknown : emptyDraft(kind).unknown;
  const timing = kind === 'lease' ? 'begin' : draft.kind === 'lease' ? 'end' : draft.timing;
  return { ...draft, kind, unknown, timing };
}
