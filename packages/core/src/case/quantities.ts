/** What can be asked of a case: every quantity, one record each, with its words, its unit and how it comes about. */

import { changedQuantities } from './quantities/changed.ts';
import { rateQuantities } from './quantities/rates.ts';
import { readingQuantities } from './quantities/figures.ts';
import { inAdvanceQuantities } from './quantities/inAdvance.ts';
import { refinancingQuantities } from './quantities/refinanced.ts';
import { slotQuantities } from './quantities/slots.ts';
import { totalQuantities } from './quantities/totals.ts';
import type { AskInWords, Quantity, QuantityRecord } from './quantity.ts';
import type { ValueSlot } from './solved.ts';

export const quantities: Readonly<Record<Quantity, QuantityRecord>> = {
  ...slotQuantities,
  ...readingQuantities,
  ...inAdvanceQuantities,
  ...totalQuantities,
  ...rateQuantities,
  ...refinancingQuantities,
  ...changedQuantities,
};

/** The quantity a statement's `?` asks for. */
export function quantityOfSlot(slot: ValueSlot): Quantity {
  return (
    { payment: 'payment', amount: 'amount', finalAmount: 'final-amount', rate: 'rate', payments: 'payments' } as const
  )[slot];
}

/** "the balance after payment 24" */
export function askInWords(ask: AskInWords): string {
  return quantities[ask.quantity].words(ask);
}
