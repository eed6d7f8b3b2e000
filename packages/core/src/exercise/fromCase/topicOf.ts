/** The topic of an exercise made of a case, guessed: a tag that is one, what changes on the way, the kind, what is asked. */

import type { SlotName, StatementKind } from '../../case/statement.ts';
import type { ChangeDraft } from '../../statement/changeDraft.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import type { Variation } from '../../statement/variation.ts';

/** The topics exercises are sorted by, in the order they are taught. */
export const topics = [
  'payment',
  'rate',
  'count',
  'amount',
  'balance',
  'payment range',
  'total and interest',
  'comparing',
  'deposit and trade-in',
  'balloon',
  'lease',
  'extra payments',
  'changing rates',
  'interest-only and deferred',
  'staged draws',
  'flat charge',
  'effective and nominal',
  'refinancing',
  'saving',
  'sinking fund',
  'drawing down',
  'recurrence',
  'table',
  'target',
] as const;

export type Topic = (typeof topics)[number];

const byChange: Readonly<Record<ChangeDraft['kind'], Topic>> = {
  extra: 'extra payments',
  extras: 'extra payments',
  payment: 'extra payments',
  rate: 'changing rates',
  'interest-only': 'interest-only and deferred',
  deferred: 'interest-only and deferred',
  draw: 'staged draws',
};

const byKind: Readonly<Partial<Record<StatementKind, Topic>>> = {
  'draw-down': 'drawing down',
  lease: 'lease',
  flat: 'flat charge',
  convert: 'effective and nominal',
};

const byUnknown: Readonly<Record<SlotName, Topic>> = {
  payment: 'payment',
  rate: 'rate',
  payments: 'count',
  amount: 'amount',
  finalAmount: 'balance',
  converted: 'effective and nominal',
};

export function topicOf(draft: StatementDraft, variations: readonly Variation[], tags: readonly string[]): Topic {
  const tagged = topics.find((topic) => tags.some((tag) => tag.toLowerCase() === topic));
  if (tagged) return tagged;
  const [change] = draft.changes;
  if (change) return byChange[change.kind];
  if (draft.buildUp) return 'deposit and trade-in';
  const own = byKind[draft.kind];
  if (own) return own;
  if (draft.kind === 'save') return draft.unknown === 'payment' ? 'sinking fund' : 'saving';
  if (variations.length > 0) return variations.some(({ refinancing }) => refinancing) ? 'refinancing' : 'comparing';
  if (draft.kind === 'borrow' && !/^0*([.,]0*)?$/.test(draft.slots.finalAmount.trim())) return 'balloon';
  return byUnknown[draft.unknown];
}
