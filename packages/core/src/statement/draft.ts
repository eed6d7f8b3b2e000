/**
 * A statement as it is typed: its slots keep the text a person wrote, so that nothing is lost while a slot cannot be read
 * yet. `readStatement` turns it into numbers, once.
 */

import type { SlotName, StatementTerms } from '../case/statement.ts';
import type { ChangeDraft } from './changeDraft.ts';

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

export interface StatementDraft extends StatementTerms {
  /** What was typed into each slot; the unknown's own text is kept for when it is asked again. */
  readonly slots: Readonly<Record<SlotName, string>>;
  readonly changes: readonly ChangeDraft[];
  /** Present while the amount is built up from a price. */
  readonly buildUp?: BuildUp;
  /** Id of the number style the texts are written in. */
  readonly numberStyle: string;
}
