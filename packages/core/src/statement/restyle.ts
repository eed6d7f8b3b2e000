/** The texts of a statement carried over into another number style: 48,000 becomes 48.000 and not forty-eight. */

import { mapTexts } from '../records.ts';
import { numberStyleById, type NumberStyle } from '../money/numberStyle.ts';
import { readEntry } from '../money/readEntry.ts';
import type { ChangeDraft } from './changeDraft.ts';
import type { StatementDraft } from './draft.ts';
import { mapAmounts } from './extrasList.ts';
import type { Variation } from './variation.ts';

/** Rewrites every number inside a text; what is no number stays as it was. */
export function restyleText(text: string, from: NumberStyle, to: NumberStyle): string {
  if (from.id === to.id) return text;
  return text.replace(/\d(?:[\d.,'’]|[ \u00a0](?=\d{3}(?!\d)))*/g, (digits) => {
    const trailing = /[.,]$/.test(digits) ? digits.slice(-1) : '';
    const entry = readEntry(trailing ? digits.slice(0, -1) : digits, from);
    if (!entry.ok) return digits;
    const [whole = '', fraction] = entry.value.value.toFixed(Math.max(0, entry.value.decimals)).split('.');
    const grouped =
      /[,'’.\u00a0 ]/.test(digits.slice(0, 5)) && whole.length > 3
        ? whole.replace(/\B(?=(\d{3})+(?!\d))/g, to.group)
        : whole;
    return `${grouped}${fraction === undefined ? '' : `${to.decimal}${fraction}`}${trailing}`;
  });
}

const restyling =
  (from: NumberStyle, to: NumberStyle) =>
  <T extends object>(texts: T): T =>
    mapTexts(texts, (text) => restyleText(text, from, to));

/** A change in another number style; of a list the amounts alone. */
function restyleChange(change: ChangeDraft, fromId: string, toId: string): ChangeDraft {
  const [from, to] = [numberStyleById(fromId), numberStyleById(toId)];
  const { list, ...texts } = change.texts;
  const amounts = list === undefined ? {} : { list: mapAmounts(list, (amount) => restyleText(amount, from, to)) };
  return { ...change, texts: { ...restyling(from, to)(texts), ...amounts } };
}

/** A statement in another number style. */
export function restyleDraft(draft: StatementDraft, styleId: string): StatementDraft {
  if (draft.numberStyle === styleId) return draft;
  const restyled = restyling(numberStyleById(draft.numberStyle), numberStyleById(styleId));
  const { buildUp } = draft;
  return {
    ...draft,
    numberStyle: styleId,
    slots: restyled(draft.slots),
    changes: draft.changes.map((change) => restyleChange(change, draft.numberStyle, styleId)),
    ...(buildUp ? { buildUp: restyled(buildUp) } : {}),
  };
}

/** A variation in another number style. */
export function restyleVariation(variation: Variation, fromId: string, toId: string): Variation {
  if (fromId === toId) return variation;
  const restyled = restyling(numberStyleById(fromId), numberStyleById(toId));
  const { refinancing } = variation;
  return {
    ...variation,
    slots: restyled(variation.slots),
    changes: variation.changes.map((change) => restyleChange(change, fromId, toId)),
    ...(refinancing ? { refinancing: { ...restyled(refinancing), costsPaid: refinancing.costsPaid } } : {}),
  };
}
