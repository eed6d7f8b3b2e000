/** The sentence that states a case, one a kind: words and slots in order. */

import type { SlotName, StatementKind } from '@hardy-sextant/core';

export type Segment =
  | { readonly words: string }
  | { readonly slot: SlotName }
  | { readonly choice: 'quote' | 'frequency' | 'timing' }
  /** "month" after "of each". */
  | { readonly period: true }
  | { readonly newLine: true };

interface Sentence {
  readonly segments: readonly Segment[];
  /** How each slot is named to a reader who does not see the sentence, and in the answer's caption. */
  readonly names: Readonly<Record<SlotName, string>>;
  /** Which way each amount goes, beside the answer. */
  readonly direction: Readonly<Record<SlotName, string>>;
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
};
