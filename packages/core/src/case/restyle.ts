/** The texts of a statement carried over into another number style: 48,000 becomes 48.000 and not forty-eight. */

import { numberStyleById, type NumberStyle } from '../money/numberStyle.ts';
import { readEntry } from '../money/readEntry.ts';
import type { StatementDraft } from './draft.ts';
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

type Texts = Readonly<Record<string, string | undefined>>;

function restyleAll<T extends Texts>(texts: T, from: NumberStyle, to: NumberStyle): T {
  return Object.fromEntries(
    Object.entries(texts).map(([name, text]) => [name, text === undefined ? text : restyleText(text, from, to)]),
  ) as T;
}

/** A statement in another number style. */
export function restyleDraft(draft: StatementDraft, styleId: string): StatementDraft {
  if (draft.numberStyle === styleId) return draft;
  const [from, to] = [numberStyleById(draft.numberStyle), numberStyleById(styleId)];
  return {
    ...draft,
    numberStyle: to.id,
    slots: restyleAll(draft.slots, from, to),
    changes: draft.changes.map((change) => ({ ...change, texts: restyleAll(change.texts as Texts, from, to) })),
    ...(draft.buildUp
      ? { buildUp: restyleAll(draft.buildUp as unknown as Texts, from, to) as unknown as typeof draft.buildUp }
      : {}),
  };
}

/** A variation in another number style. */
export function restyleVariation(variation: Variation, fromId: string, toId: string): Variation {
  if (fromId === toId) return variation;
  const [from, to] = [numberStyleById(fromId), numberStyleById(toId)];
  const { refinancing } = variation;
  return {
    ...variation,
    slots: restyleAll(variation.slots as Texts, from, to),
    changes: variation.changes.map((change) => ({ ...change, texts: restyleAll(change.texts as Texts, from, to) })),
    ...(refinancing
      ? {
          refinancing: {
            ...refinancing,
            ...restyleAll(
              {
                rate: refinancing.rate,
                costs: refinancing.costs,
                payments: refinancing.payments,
                after: refinancing.after,
              },
              from,
              to,
            ),
          },
        }
      : {}),
  };
}
