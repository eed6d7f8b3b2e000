/** Changes to a plan as they are typed, and how their texts are read. */

import type { Problem } from '../result.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { readSlotText, type Scope } from '../money/expression.ts';
import type { Change } from '../table/plan.ts';
import { quotedRate, type RateQuote } from './quote.ts';

export type ChangeKind = Change['kind'];

/** Fields of a change, as text; a kind uses those it has. */
export type ChangeField = 'amount' | 'rate' | 'from' | 'to' | 'every' | 'after' | 'through' | 'before';

export interface ChangeDraft {
  readonly id: string;
  readonly kind: ChangeKind;
  readonly texts: Readonly<Partial<Record<ChangeField, string>>>;
  /** For rate changes and draws: the payment is worked out again, or stays. */
  readonly payment: 'again' | 'same';
}

interface ChangeRecord {
  /** Fields it must have. */
  readonly needs: readonly ChangeField[];
  /** Fields that may stay empty. */
  readonly may: readonly ChangeField[];
  /** What a new one starts with. */
  readonly start: Readonly<Partial<Record<ChangeField, string>>>;
  readonly make: (
    numbers: Readonly<Partial<Record<ChangeField, number>>>,
    draft: ChangeDraft,
    quote: RateQuote,
  ) => Change;
}

const optional = <Name extends ChangeField>(name: Name, value: number | undefined): Partial<Record<Name, number>> =>
  value === undefined ? {} : ({ [name]: value } as Partial<Record<Name, number>>);

/** One record a kind of change. */
export const changeKinds: Readonly<Record<ChangeKind, ChangeRecord>> = {
  extra: {
    needs: ['amount', 'from'],
    may: ['to', 'every'],
    start: { amount: '', from: '1', to: '', every: '' },
    make: (n) => ({
      kind: 'extra',
      amount: n.amount!,
      from: n.from!,
      ...optional('to', n.to),
      ...optional('every', n.every),
    }),
  },
  rate: {
    needs: ['after', 'rate'],
    may: [],
    start: { after: '12', rate: '' },
    make: (n, draft, quote) => ({
      kind: 'rate',
      after: n.after!,
      rate: quotedRate(quote, n.rate! / 100),
      payment: draft.payment,
    }),
  },
  payment: {
    needs: ['after', 'amount'],
    may: [],
    start: { after: '12', amount: '' },
    make: (n) => ({ kind: 'payment', after: n.after!, amount: n.amount! }),
  },
  'interest-only': {
    needs: ['through'],
    may: ['from'],
    start: { from: '1', through: '6' },
    make: (n) => ({ kind: 'interest-only', through: n.through!, ...optional('from', n.from) }),
  },
  deferred: {
    needs: ['through'],
    may: ['from'],
    start: { from: '1', through: '6' },
    make: (n) => ({ kind: 'deferred', through: n.through!, ...optional('from', n.from) }),
  },
  draw: {
    needs: ['amount', 'before'],
    may: [],
    start: { amount: '', before: '3' },
    make: (n, draft) => ({ kind: 'draw', amount: n.amount!, before: n.before!, payment: draft.payment }),
  },
};

export function newChange(kind: ChangeKind, id: string): ChangeDraft {
  return { id, kind, texts: changeKinds[kind].start, payment: kind === 'draw' ? 'same' : 'again' };
}

export type ReadChange =
  | { readonly state: 'read'; readonly change: Change }
  /** An amount or a place is not filled in yet: the change does not count so far. */
  | { readonly state: 'waiting' }
  | { readonly state: 'wrong'; readonly problems: Readonly<Partial<Record<ChangeField, Problem>>> };

/** Reads one change. Places are payment numbers; rates are in percent and quoted as the statement's. */
export function readChange(draft: ChangeDraft, quote: RateQuote, scope: Scope, style: NumberStyle): ReadChange {
  const { needs, may, make } = changeKinds[draft.kind];
  const numbers: Partial<Record<ChangeField, number>> = {};
  const problems: Partial<Record<ChangeField, Problem>> = {};
  let waiting = false;
  for (const field of [...needs, ...may]) {
    const text = draft.texts[field] ?? '';
    if (text.trim() === '') {
      if (needs.includes(field)) waiting = true;
      continue;
    }
    const entry = readSlotText(text, scope, style);
    if (!entry.ok) problems[field] = { ...entry.problem, field };
    else if (field !== 'amount' && field !== 'rate' && !Number.isInteger(entry.value.value))
      problems[field] = { code: 'out-of-range', message: 'This must be the whole number of a payment.', field };
    else numbers[field] = entry.value.value;
  }
  if (Object.keys(problems).length > 0) return { state: 'wrong', problems };
  return waiting ? { state: 'waiting' } : { state: 'read', change: make(numbers, draft, quote) };
}
