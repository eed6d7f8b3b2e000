/** What records of quantities are built from: who can be asked, and the shapes several of them share. */

import { fail, ok, type Result } from '../../result.ts';
import { numberStyleById } from '../../money/numberStyle.ts';
import { roundTo } from '../../money/roundMoney.ts';
import type { StatementDraft } from '../draft.ts';
import { payments } from '../inputs.ts';
import { kindOf } from '../kinds.ts';
import type { AskedCase, Inputs, QuantityRecord } from '../quantity.ts';
import { readBuildUp, type BuiltUp } from '../readDraft.ts';
import type { SolvedCase } from '../solved.ts';

type Applies = QuantityRecord['applies'];

export const anyPlan: Applies = (draft) => kindOf(draft).hasTable;
export const pays: Applies = (draft) => kindOf(draft).pays;
export const owes: Applies = (draft) => kindOf(draft).owes;
export const level: Applies = (draft) => kindOf(draft).level;
export const builtUp: Applies = (draft) => owes(draft) && draft.buildUp !== undefined;
/** Something changes on the way. */
export const changes: Applies = (draft) => kindOf(draft).takesChanges && draft.changes.length > 0;
export const always: Applies = (_draft: StatementDraft) => true;

export const percent = (fraction: Result<number>): Result<number> =>
  fraction.ok ? ok(roundTo(fraction.value * 100, 13)) : fraction;

/** The price and the parts an amount is built up from. */
export function builtUpOf({ draft, names }: AskedCase): Result<BuiltUp> {
  if (!draft.buildUp)
    return fail('out-of-range', 'This needs a price: build the amount up from one.', { field: 'amount' });
  return readBuildUp(draft.buildUp, numberStyleById(draft.numberStyle), names);
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
  rest: Pick<QuantityRecord, 'read' | 'closedForm' | 'onInputsAlone' | 'slot' | 'refinancing'>,
): QuantityRecord => ({ title, unit, needs: [], applies, words: () => title, ...rest });

/** A closed form that rests on the payment: with it to the cent, and with all its digits. */
export const withPayment =
  (form: (inputs: Inputs, payment: number, asked: AskedCase) => number): QuantityRecord['closedForm'] =>
  (inputs, asked) =>
    payments(asked, inputs).map((payment) => form(inputs, payment, asked));
