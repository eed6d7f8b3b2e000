/** Every kind of case by its name. Code asks these records what a case can do, never for the name of its kind. */

import type { SlotName, StatementDraft, StatementKind } from './draft.ts';
import type { KindOfCase } from './kind.ts';
import { borrow } from './kinds/borrow.ts';
import { convert } from './kinds/convert.ts';
import { drawDown } from './kinds/drawDown.ts';
import { flat } from './kinds/flat.ts';
import { lease } from './kinds/lease.ts';
import { lumpSum } from './kinds/lumpSum.ts';
import { save } from './kinds/save.ts';
import type { RateQuote } from './quote.ts';

export const kinds: Readonly<Record<StatementKind, KindOfCase>> = {
  borrow,
  save,
  'draw-down': drawDown,
  'lump-sum': lumpSum,
  lease,
  flat,
  convert,
};

/** The record of a statement's kind. */
export const kindOf = ({ kind }: Pick<StatementDraft, 'kind'>): KindOfCase => kinds[kind];

/** True where a case's balance is savings: interest is earned and adds to it. */
export const isSaving = ({ directions }: KindOfCase): boolean => directions.plan === 'saving';

/** The name of a slot in a kind of statement. */
export function slotName(kind: StatementKind, slot: SlotName): string {
  return kinds[kind].slotNames[slot] ?? slot;
}

const monthly: RateQuote = { kind: 'nominal', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 };

/** An empty statement of a kind, with payments by the month. */
export function emptyDraft(kind: StatementKind = 'borrow'): StatementDraft {
  return {
    kind,
    unknown: kinds[kind].asks,
    slots: { amount: '', rate: '', payments: '', payment: '', finalAmount: '0', converted: '' },
    quote: monthly,
    paymentsPerYear: 12,
    timing: kinds[kind].timing,
    flatBy: 'a-year',
    into: { ...monthly, kind: 'effective' },
    changes: [],
    firstPaymentDate: '',
    numberStyle: 'comma-point',
  };
}

/**
 * The same statement as another kind; what the kinds share stays, and an unknown the new kind lacks gives way. When
 * payments fall follows the kind only where one of the two has a habit of its own.
 */
export function asKind(draft: StatementDraft, kind: StatementKind): StatementDraft {
  const [before, after] = [kindOf(draft), kinds[kind]];
  const unknown = after.slots.includes(draft.unknown) ? draft.unknown : after.asks;
  const timing = after.pays && before.timing === after.timing ? draft.timing : after.timing;
  return { ...draft, kind, unknown, timing };
}
