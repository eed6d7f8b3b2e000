/** What records of quantities are built from: who can be asked, and the shapes several of them share. */

import { fail, ok, type Result } from '../../result.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { payments } from '../inputs.ts';
import { kindOf } from '../kinds.ts';
import type { AskedCase, Inputs, QuantityRecord } from '../quantity.ts';
import type { SolvedCase } from '../solved.ts';
import type { BuiltUp } from '../statement.ts';

type Applies = QuantityRecord['applies'];

export const anyPlan: Applies = (statement) => kindOf(statement).hasTable;
export const pays: Applies = (statement) => kindOf(statement).pays;
export const owes: Applies = (statement) => kindOf(statement).owes;
export const level: Applies = (statement) => kindOf(statement).level;
export const builtUp: Applies = (statement) => owes(statement) && statement.buildUp !== undefined;
/** Something changes on the way. */
export const changes: Applies = (statement) => kindOf(statement).takesChanges && statement.changes.length > 0;
export const always: Applies = () => true;

export const percent = (fraction: Result<number>): Result<number> =>
  fraction.ok ? ok(roundTo(fraction.value * 100, 13)) : fraction;

/** The price and the parts an amount is built up from. */
export function builtUpOf({ statement: { buildUp } }: AskedCase): Result<BuiltUp> {
  return buildUp
    ? ok(buildUp)
    : fail('out-of-range', 'This needs a price: build the amount up from one.', { field: 'amount' });
}

/** A payment number inside a table's rows, or a sentence. */
export function within(after: number, { table }: SolvedCase): Result<number> {
  return Number.isInteger(after) && after >= 0 && after <= table.count
    ? ok(after)
    : fail('out-of-range', `The table has ${table.count} payments: ask about one from 0 to ${table.count}.`, {
        field: 'after',
      });
}

/** A quantity without arguments, called the same everywhere. */
export const whole = (
  title: string,
  unit: QuantityRecord['unit'],
  applies: Applies,
  rest: Pick<QuantityRecord, 'read' | 'closedForm' | 'onInputsAlone' | 'counted' | 'slot' | 'refinancing'>,
): QuantityRecord => ({ title, unit, needs: [], applies, words: () => title, ...rest });

/** A closed form that rests on the payment: with it to the cent, and with all its digits. */
export const withPayment =
  (form: (inputs: Inputs, payment: number, asked: AskedCase) => number): QuantityRecord['closedForm'] =>
  (inputs, asked) =>
    payments(asked, inputs).map((payment) => form(inputs, payment, asked));
