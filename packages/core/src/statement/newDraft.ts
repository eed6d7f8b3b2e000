/** New statements: an empty one of a kind, and one carried over into another kind. */

import { kindOf, kinds } from '../case/kinds.ts';
import type { RateQuote } from '../case/quote.ts';
import type { StatementKind } from '../case/statement.ts';
import type { StatementDraft } from './draft.ts';

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
