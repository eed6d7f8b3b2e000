/** What is read off where payments come first: a balance right after a payment, and the interest and principal in payments. */

import { ok } from '../../result.ts';
import { balanceRightAfter, portionsOf, type Portions } from '../../table/figures.ts';
import { balanceAt } from '../inputs.ts';
import { isSaving, kindOf } from '../kinds.ts';
import type { Askable, AskedCase, Inputs, Quantity, QuantityRecord } from '../quantity.ts';
import { withPayment, within } from './builders.ts';

const paysFirst = (statement: Askable): boolean => kindOf(statement).pays && statement.timing === 'begin';

/** What is asked of payments themselves, and not of their periods. */
export const isPortion = (quantity: Quantity): boolean =>
  quantity === 'interest-portion' || quantity === 'principal-portion';

/** By the closed form, from inputs that may have payments at the end: then it is the balance after the payment. */
function rightAfter(asked: Pick<AskedCase, 'statement'>, inputs: Inputs, payment: number, k: number): number {
  if (k < 1) return balanceAt(asked, inputs, payment, 0);
  if (inputs.timing !== 'begin') return balanceAt(asked, inputs, payment, k);
  const paid = inputs.pmtSign * payment;
  return balanceAt(asked, inputs, payment, k - 1) + (isSaving(kindOf(asked.statement)) ? paid : -paid);
}

/** How far it moves from right after the payment before the range to right after its last. */
const movedBy = (inputs: Inputs, payment: number, asked: AskedCase): number =>
  rightAfter(asked, inputs, payment, inputs.to) - rightAfter(asked, inputs, payment, inputs.from - 1);

const saves = ({ statement }: AskedCase): boolean => isSaving(kindOf(statement));

function portion(part: keyof Portions, closedForm: QuantityRecord['closedForm']): QuantityRecord {
  const title = `the ${part} portion`;
  return {
    title: `${title} of payments`,
    unit: 'money',
    needs: ['from', 'to'],
    applies: paysFirst,
    words: ({ from, to }) => (from === to ? `${title} of payment ${from}` : `${title} of payments ${from} to ${to}`),
    read: ({ solved, ask: { from = 1, to = 1 } }) => {
      const found = portionsOf(solved.table, from, to);
      return found.ok ? ok(found.value[part]) : found;
    },
    closedForm,
  };
}

export const inAdvanceQuantities = {
  'balance-right-after': {
    title: 'the balance right after a payment',
    unit: 'money',
    needs: ['after'],
    applies: paysFirst,
    words: ({ after }) => `the balance right after payment ${after}`,
    read: ({ solved, ask: { after = 0 } }) => {
      const place = within(after, solved);
      return place.ok ? balanceRightAfter(solved.table, place.value) : place;
    },
    closedForm: withPayment((inputs, payment, asked) => rightAfter(asked, inputs, payment, inputs.after)),
  },
  'interest-portion': portion(
    'interest',
    withPayment((inputs, payment, asked) => {
      const paid = (inputs.to - inputs.from + 1) * payment;
      const moved = movedBy(inputs, payment, asked);
      return saves(asked) ? moved - paid : paid + moved;
    }),
  ),
  'principal-portion': portion(
    'principal',
    withPayment((inputs, payment, asked) => movedBy(inputs, payment, asked) * (saves(asked) ? 1 : -1)),
  ),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
