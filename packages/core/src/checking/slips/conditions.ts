/** What slips of ideas ask of a question, and the number another question has. */

import { compute } from '../../case/compute.ts';
import { quantities } from '../../case/quantities.ts';
import type { Quantity } from '../../case/quantity.ts';
import type { Asked, WrongResult } from '../slip.ts';

export const owes = ({ kind }: Asked): boolean => kind.owes && kind.level;
export const level = ({ kind, question: { solved } }: Asked): boolean => kind.level && solved.plan.changes.length === 0;
export const asks = (asked: Asked, ...any: Quantity[]): boolean => any.includes(asked.question.ask.quantity);
/** A balance, at the end of a payment's period or right after the payment. */
export const asksBalance = (asked: Asked): boolean => asks(asked, 'balance-after', 'balance-right-after');
export const hasInterest = ({ question: { solved } }: Asked): boolean => solved.values.i !== 0;

/** One figure taken for another: the number the other question has, as the table has it and by closed form. */
export const other = (asked: Asked, quantity: Quantity, did: (value: number) => string): WrongResult[] => {
  const fromTable = figure(asked, quantity);
  const values = [...(fromTable === undefined ? [] : [fromTable]), ...compute(asked.question, asked.inputs, quantity)];
  return values.map((result) => ({ result, did: did(result) }));
};

/** What the case's own table says; nothing for a quantity that cannot be asked of it. */
export function figure({ question }: Asked, quantity: Quantity): number | undefined {
  const found = quantities[quantity].read({ ...question, ask: { ...question.ask, quantity } });
  return found.ok ? found.value : undefined;
}
