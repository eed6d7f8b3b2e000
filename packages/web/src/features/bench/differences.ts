/** In what a variation may differ from the statement, and a variation with one difference more. */

import {
  kinds,
  newChange,
  readDraft,
  slotName,
  type StatementDraft,
  type StatementKind,
  type Variation,
} from '@hardy-sextant/core';
import { newId } from '../../statement/Changes.tsx';
import { say } from '../../words/say.ts';

/** What a person does to variations. The doer is the same function for as long as the Bench stands, so that a head is drawn again only when it itself changes. */
export type VariationAction =
  | { readonly type: 'add'; readonly what: string }
  | { readonly type: 'differ'; readonly id: string; readonly what: string }
  | { readonly type: 'change'; readonly variation: Variation; readonly what: string }
  | { readonly type: 'move'; readonly id: string; readonly by: number }
  | { readonly type: 'remove'; readonly id: string }
  | { readonly type: 'adopt'; readonly id: string };

/** What may differ in a kind of case, each with its words. */
export function differences(kind: StatementKind): readonly (readonly [string, string])[] {
  const { slots, pays, takesChanges, refinances } = kinds[kind];
  const found: [string, string][] = slots.map((slot) => [slot, slotName(kind, slot)]);
  found.push(['frequency', say('how often is paid')]);
  if (pays) found.push(['timing', say('end or beginning')]);
  if (takesChanges) found.push(['quote', say('how the rate is quoted')], ['extra', say('extra payments')]);
  if (refinances) found.push(['refinancing', say('refinanced on the way')]);
  return found;
}

/** A variation that names one thing more, with the statement's own value to begin from. */
function withDifference(draft: StatementDraft, variation: Variation, what: string): Variation {
  switch (what) {
    case 'timing':
      return { ...variation, timing: draft.timing === 'end' ? 'begin' : 'end' };
    case 'frequency':
      return { ...variation, paymentsPerYear: draft.paymentsPerYear === 12 ? 52 : 12 };
    case 'quote': {
      const kind = draft.quote.kind === 'effective' ? 'nominal' : 'effective';
      return { ...variation, quote: { ...draft.quote, kind } };
    }
    case 'refinancing':
      return { ...variation, refinancing: { after: '12', rate: '', payments: '', costs: '0', costsPaid: 'cash' } };
    case 'extra': {
      const texts = { amount: '', from: '1', to: String(readDraft(draft).numbers.payments ?? 12), every: '' };
      return { ...variation, changes: [...variation.changes, { ...newChange('extra', newId()), texts }] };
    }
    default: {
      const slot = kinds[draft.kind].slots.find((each) => each === what);
      return slot ? { ...variation, slots: { ...variation.slots, [slot]: draft.slots[slot] } } : variation;
    }
  }
}

/** The variations after something was done to one of them. */
export function afterAction(
  variations: readonly Variation[],
  draft: StatementDraft,
  action: Exclude<VariationAction, { type: 'adopt' }>,
): readonly Variation[] {
  switch (action.type) {
    case 'add':
      return [...variations, withDifference(draft, { id: newId(), slots: {}, changes: [] }, action.what)];
    case 'differ':
      return variations.map((each) => (each.id === action.id ? withDifference(draft, each, action.what) : each));
    case 'change':
      return variations.map((each) => (each.id === action.variation.id ? action.variation : each));
    case 'move': {
      const at = variations.findIndex(({ id }) => id === action.id);
      const next = [...variations];
      next.splice(at + action.by, 0, ...next.splice(at, 1));
      return next;
    }
    case 'remove':
      return variations.filter(({ id }) => id !== action.id);
  }
}
