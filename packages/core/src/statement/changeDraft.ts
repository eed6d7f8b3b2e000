/** Changes to a plan as they are typed, and how their texts are read. */

import type { Problem } from '../result.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { readSlotText, type Scope } from '../money/expression.ts';
import type { Change } from '../table/plan.ts';
import { quotedRate, type RateQuote } from '../case/quote.ts';
import { readExtras, type ExtrasCalendar } from './extrasList.ts';

/** A change as it is stated: those of the table, and a list of irregular extra payments. */
export type ChangeKind = Change['kind'] | 'extras';

/** Fields of a change, as text; a kind uses those it has. */
export type ChangeField = 'amount' | 'rate' | 'from' | 'to' | 'every' | 'after' | 'through' | 'before' | 'list';

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
  /** @param of the number of a field it must have */
  readonly make: (
    of: (field: ChangeField) => number,
    numbers: Readonly<Partial<Record<ChangeField, number>>>,
    draft: ChangeDraft,
    quote: RateQuote,
  ) => Change;
}

/** One record a kind of change that is one change of the table. */
const single: Readonly<Record<Change['kind'], ChangeRecord>> = {
  extra: {
    needs: ['amount', 'from'],
    may: ['to', 'every'],
    start: { amount: '', from: '1', to: '', every: '' },
    make: (of, { to, every }) => ({
      kind: 'extra',
      amount: of('amount'),
      from: of('from'),
      ...(to === undefined ? {} : { to }),
      ...(every === undefined ? {} : { every }),
    }),
  },
  rate: {
    needs: ['after', 'rate'],
    may: [],
    start: { after: '12', rate: '' },
    make: (of, _numbers, draft, quote) => ({
      kind: 'rate',
      after: of('after'),
      rate: quotedRate(quote, of('rate') / 100),
      payment: draft.payment,
    }),
  },
  payment: {
    needs: ['after', 'amount'],
    may: [],
    start: { after: '12', amount: '' },
    make: (of) => ({ kind: 'payment', after: of('after'), amount: of('amount') }),
  },
  'interest-only': {
    needs: ['through'],
    may: ['from'],
    start: { from: '1', through: '6' },
    make: (of, { from }) => ({
      kind: 'interest-only',
      through: of('through'),
      ...(from === undefined ? {} : { from }),
    }),
  },
  deferred: {
    needs: ['through'],
    may: ['from'],
    start: { from: '1', through: '6' },
    make: (of, { from }) => ({ kind: 'deferred', through: of('through'), ...(from === undefined ? {} : { from }) }),
  },
  draw: {
    needs: ['amount', 'before'],
    may: [],
    start: { amount: '', before: '3' },
    make: (of, _numbers, draft) => ({
      kind: 'draw',
      amount: of('amount'),
      before: of('before'),
      payment: draft.payment,
    }),
  },
};

/** What a new change of each kind starts with. */
export const changeStarts: Readonly<Record<ChangeKind, ChangeDraft['texts']>> = {
  extra: single.extra.start,
  extras: { list: '' },
  rate: single.rate.start,
  payment: single.payment.start,
  'interest-only': single['interest-only'].start,
  deferred: single.deferred.start,
  draw: single.draw.start,
};

export function newChange(kind: ChangeKind, id: string): ChangeDraft {
  return { id, kind, texts: changeStarts[kind], payment: kind === 'draw' ? 'same' : 'again' };
}

export type ReadChange =
  | { readonly state: 'read'; readonly changes: readonly Change[] }
  /** An amount or a place is not filled in yet: the change does not count so far. */
  | { readonly state: 'waiting' }
  | { readonly state: 'wrong'; readonly problems: Readonly<Partial<Record<ChangeField, Problem>>> };

/** Reads one change. Places are payment numbers; rates are in percent and quoted as the statement's. */
export function readChange(
  draft: ChangeDraft,
  quote: RateQuote,
  scope: Scope,
  style: NumberStyle,
  calendar: ExtrasCalendar = { firstPaymentDate: '', paymentsPerYear: 12 },
): ReadChange {
  if (draft.kind === 'extras') return readList(draft.texts.list ?? '', style, calendar);
  const { needs, may, make } = single[draft.kind];
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
  if (waiting) return { state: 'waiting' };
  // A field it must have is there: without one it would be waiting.
  const of = (field: ChangeField): number => numbers[field] ?? NaN;
  return { state: 'read', changes: [make(of, numbers, draft, quote)] };
}

/** A list of extra payments, each a change of the table. */
function readList(text: string, style: NumberStyle, calendar: ExtrasCalendar): ReadChange {
  const { extras, unread } = readExtras(text, style, calendar);
  const [first] = unread;
  // Lines that cannot be read are said beside the list; the others count all the same.
  if (first && extras.length === 0) {
    const message = `Line ${first.line}, “${first.text.slice(0, 30)}”: ${first.why}`;
    return { state: 'wrong', problems: { list: { code: 'unreadable', message, field: 'list' } } };
  }
  if (extras.length === 0) return { state: 'waiting' };
  return { state: 'read', changes: extras.map(({ payment, amount }) => ({ kind: 'extra', from: payment, amount })) };
}
