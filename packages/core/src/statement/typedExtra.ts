/** Extra payments in a statement: when they may fall, and one that is typed into a row of the table. */

import { roundTo } from '../money/roundMoney.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import type { SlotNumbers } from '../case/statement.ts';
import type { StatementDraft } from './draft.ts';
import { readExtras, withExtra, type ExtraPayment, type ExtrasCalendar } from './extrasList.ts';

/** When payments fall, for a list of extra payments. */
export function extrasCalendar(
  { firstPaymentDate, paymentsPerYear }: StatementDraft,
  { payments }: SlotNumbers,
): ExtrasCalendar {
  return { firstPaymentDate, paymentsPerYear, ...(payments === undefined ? {} : { last: payments }) };
}

/**
 * The statement with an extra payment typed at one payment: in its list, which comes into being with the first and goes
 * with the last. What other changes pay extra there is taken off.
 *
 * @param shown what is paid extra there now, all changes together
 * @param id for a list that is not there yet
 */
export function withExtraPayment(
  draft: StatementDraft,
  { payment, amount, shown, id }: ExtraPayment & { readonly shown: number; readonly id: string },
  style: NumberStyle,
): StatementDraft {
  const calendar = { firstPaymentDate: draft.firstPaymentDate, paymentsPerYear: draft.paymentsPerYear };
  const own = draft.changes.find(({ kind }) => kind === 'extras');
  const text = own?.texts.list ?? '';
  const listed = readExtras(text, style, calendar).extras.find((each) => each.payment === payment)?.amount ?? 0;
  const others = Math.max(0, roundTo(shown - listed, 6));
  const list = withExtra(text, payment, Math.max(0, roundTo(amount - others, 6)), style, calendar);
  if (list === '') return { ...draft, changes: draft.changes.filter((each) => each !== own) };
  const next = { id: own?.id ?? id, kind: 'extras' as const, payment: 'again' as const, texts: { list } };
  return {
    ...draft,
    changes: own ? draft.changes.map((each) => (each === own ? next : each)) : [...draft.changes, next],
  };
}
