/** The sentence that states a case, one a kind: words and slots in order. */

import type { SlotName, StatementKind } from '@hardy-sextant/core';

export type Segment =
  | { readonly words: string }
  | { readonly slot: SlotName }
  | { readonly choice: 'quote' | 'frequency' | 'timing' | 'flatBy' | 'into' }
  /** "month" after "of each". */
  | { readonly period: true }
  | { readonly newLine: true };

interface Sentence {
  readonly segments: readonly Segment[];
  /** How each slot is named to a reader who does not see the sentence, and in the answer's caption. */
  readonly names: Readonly<Partial<Record<SlotName, string>>>;
  /** Which way each amount goes, beside the answer. */
  readonly direction: Readonly<Partial<Record<SlotName, string>>>;
  /** For choosing the kind. */
  readonly title: string;
}

const w = (words: string): Segment => ({ words });
const s = (slot: SlotName): Segment => ({ slot });
const quote: Segment = { choice: 'quote' };
const frequency: Segment = { choice: 'frequency' };
const timing: Segment = { choice: 'timing' };
const period: Segment = { period: true };
const newLine: Segment = { newLine: true };

export const sentences: Readonly<Record<StatementKind, Sentence>> = {
  borrow: {
    title: 'Borrowing',
    segments: [
      w('The borrower receives'),
      s('amount'),
      w('at'),
      s('rate'),
      quote,
      w(','),
      newLine,
      w('repays'),
      s('payments'),
      frequency,
      w('payments of'),
      s('payment'),
      w('at the'),
      timing,
      w('of each'),
      period,
      w(','),
      newLine,
      w('and then owes'),
      s('finalAmount'),
      w('.'),
    ],
    names: { amount: 'amount received', rate: 'rate', payments: 'number of payments', payment: 'each payment', finalAmount: 'still owed at the end' },
    direction: { amount: 'received', rate: '', payments: '', payment: 'paid out', finalAmount: 'still to be paid' },
  },
  lease: {
    title: 'Leasing',
    segments: [
      w('The lessee takes goods worth'),
      s('amount'),
      w('at'),
      s('rate'),
      quote,
      w(','),
      newLine,
      w('pays'),
      s('payments'),
      frequency,
      w('rents of'),
      s('payment'),
      w('at the'),
      timing,
      w('of each'),
      period,
      w(','),
      newLine,
      w('and may then buy for the residual of'),
      s('finalAmount'),
      w('.'),
    ],
    names: { amount: 'value of the goods', rate: 'rate', payments: 'number of rents', payment: 'each rent', finalAmount: 'residual' },
    direction: { amount: 'received', rate: '', payments: '', payment: 'paid out', finalAmount: 'paid out at the end' },
  },
  save: {
    title: 'Saving',
    segments: [
      w('The saver starts with'),
      s('amount'),
      w('at'),
      s('rate'),
      quote,
      w(','),
      newLine,
      w('pays in'),
      s('payments'),
      frequency,
      w('deposits of'),
      s('payment'),
      w('at the'),
      timing,
      w('of each'),
      period,
      w(','),
      newLine,
      w('and then has'),
      s('finalAmount'),
      w('.'),
    ],
    names: { amount: 'amount at the start', rate: 'rate', payments: 'number of deposits', payment: 'each deposit', finalAmount: 'amount at the end' },
    direction: { amount: 'paid in', rate: '', payments: '', payment: 'paid in', finalAmount: 'received' },
  },
  'draw-down': {
    title: 'Drawing down',
    segments: [
      w('The fund starts with'),
      s('amount'),
      w('at'),
      s('rate'),
      quote,
      w(','),
      newLine,
      w('pays out'),
      s('payments'),
      frequency,
      w('payments of'),
      s('payment'),
      w('at the'),
      timing,
      w('of each'),
      period,
      w(','),
      newLine,
      w('and then still holds'),
      s('finalAmount'),
      w('.'),
    ],
    names: { amount: 'amount at the start', rate: 'rate', payments: 'number of payments', payment: 'each payment', finalAmount: 'left at the end' },
    direction: { amount: 'paid in', rate: '', payments: '', payment: 'received', finalAmount: 'left in the fund' },
  },
  flat: {
    title: 'Flat charge',
    segments: [
      w('The buyer finances'),
      s('amount'),
      w('with a flat charge of'),
      s('rate'),
      { choice: 'flatBy' },
      w(','),
      newLine,
      w('and pays'),
      s('payments'),
      frequency,
      w('payments of'),
      s('payment'),
      w('at the'),
      timing,
      w('of each'),
      period,
      w('.'),
    ],
    names: { amount: 'amount financed', rate: 'flat charge', payments: 'number of payments', payment: 'each payment' },
    direction: { amount: 'received', payment: 'paid out' },
  },
  convert: {
    title: 'Converting a rate',
    segments: [w('A rate of'), s('rate'), quote, newLine, w('grows money as much as'), s('converted'), { choice: 'into' }, w('.')],
    names: { rate: 'rate', converted: 'the same rate, quoted otherwise' },
    direction: {},
  },
};

/** The name of a slot in a kind of statement. */
export function slotName(kind: StatementKind, slot: SlotName): string {
  return sentences[kind].names[slot] ?? slot;
}
