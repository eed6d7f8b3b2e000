/** Changes a person makes to a statement. */

import {
  numberStyleById,
  readEntry,
  solveCase,
  writeSlot,
  type CaseOutcome,
  type SlotName,
  type StatementDraft,
  type TableRounding,
} from '@hardy-sextant/core';
import type { SlotKind } from './Slot.tsx';

/** How a slot's number is written. */
export const slotKind = (slot: SlotName): SlotKind =>
  slot === 'rate' || slot === 'converted' ? 'percent' : slot === 'payments' ? 'count' : 'money';

/** An amount that is typed stands on its own: the build-up behind it is put away. */
export function withSlot(draft: StatementDraft, slot: SlotName, text: string): StatementDraft {
  const { buildUp, ...rest } = draft;
  return { ...rest, ...(buildUp && slot !== 'amount' ? { buildUp } : {}), slots: { ...draft.slots, [slot]: text } };
}

/** What a statement's `?` comes to, in writing; undefined while it is not solved. */
export function solvedText(draft: StatementDraft, outcome: CaseOutcome): string | undefined {
  const style = numberStyleById(draft.numberStyle);
  if (outcome.state === 'solved') return writeSlot(draft.unknown, outcome.solved.shown, style);
  return outcome.state === 'converted' ? writeSlot('rate', outcome.converted.exact, style) : undefined;
}

/**
 * Makes a slot the unknown. The one that was asked before takes the number it had just been solved for, so that the
 * statement stays complete; or what was typed there earlier, where that leads to the very number now asked for (a rate
 * of 5.7 % does not come back as 5.699836 % because the payment was rounded).
 */
export function withUnknown(
  draft: StatementDraft,
  slot: SlotName,
  outcome: CaseOutcome,
  rounding: TableRounding,
): StatementDraft {
  if (slot === draft.unknown) return draft;
  const asked = { ...draft, unknown: slot };
  const answered = solvedText(draft, outcome);
  if (answered === undefined) return asked;
  const style = numberStyleById(draft.numberStyle);
  const typed = readEntry(draft.slots[slot], style);
  const before = solvedText(asked, solveCase(asked, rounding));
  const agrees = typed.ok && before !== undefined && sameNumber(before, draft.slots[slot], draft);
  return agrees ? asked : { ...asked, slots: { ...asked.slots, [draft.unknown]: answered } };
}

function sameNumber(a: string, b: string, draft: StatementDraft): boolean {
  const style = numberStyleById(draft.numberStyle);
  const [x, y] = [readEntry(a, style), readEntry(b, style)];
  return x.ok && y.ok && x.value.value === y.value.value;
}

/** Pays at another frequency: a rate compounded as often as paid keeps doing so. */
export function withFrequency(draft: StatementDraft, paymentsPerYear: number): StatementDraft {
  const compounding = draft.quote.compounding === draft.paymentsPerYear ? paymentsPerYear : draft.quote.compounding;
  return { ...draft, paymentsPerYear, quote: { ...draft.quote, compounding } };
}
