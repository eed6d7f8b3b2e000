/** Changes a person makes to a statement. */

import { readEntry, solveCase, writeSlot, type NumberStyle, type SlotName, type SolvedCase, type StatementDraft, type TableRounding } from '@hardy-sextant/core';

export function withSlot(draft: StatementDraft, slot: SlotName, text: string): StatementDraft {
  return { ...draft, slots: { ...draft.slots, [slot]: text } };
}

/**
 * Makes a slot the unknown. The one that was asked before takes the number it had just been solved for, so that the
 * statement stays complete; or what was typed there earlier, where that leads to the very number now asked for (a rate
 * of 5.7 % does not come back as 5.699836 % because the payment was rounded).
 */
export function withUnknown(draft: StatementDraft, slot: SlotName, solved: SolvedCase | undefined, rounding: TableRounding, style: NumberStyle): StatementDraft {
  if (slot === draft.unknown) return draft;
  const asked = { ...draft, unknown: slot };
  if (!solved || solved.unknown !== draft.unknown) return asked;
  const before = solveCase(asked, rounding, style);
  const typed = readEntry(draft.slots[slot], style);
  const agrees = before.state === 'solved' && typed.ok && writeSlot(slot, before.solved.shown, style) === writeSlot(slot, solved.numbers[slot], style);
  return agrees ? asked : withSlot(asked, draft.unknown, writeSlot(draft.unknown, solved.shown, style));
}

/** Pays at another frequency: a rate compounded as often as paid keeps doing so, and the term in years stays. */
export function withFrequency(draft: StatementDraft, paymentsPerYear: number): StatementDraft {
  const compounding = draft.quote.compounding === draft.paymentsPerYear ? paymentsPerYear : draft.quote.compounding;
  return { ...draft, paymentsPerYear, quote: { ...draft.quote, compounding } };
}
