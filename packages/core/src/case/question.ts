/** A question about a solved case: what is asked, and the answer. Working and checking both start here. */

import { capital } from '../capital.ts';
import { fail, ok, type Result } from '../result.ts';
import { writeBrief, writeMoney, writeNumber, type NumberStyle } from '../money/numberStyle.ts';
import type { TableRounding } from '../table/plan.ts';
import { askInWords, quantities } from './quantities.ts';
import type { Ask, Askable, AskArgument, AskedCase } from './quantity.ts';

export interface AnsweredCase extends AskedCase {
  /** In the answer's own unit: money, percent (6.6), payments, years; unrounded unless the plan rounds it. */
  readonly exact: number;
  /** How the case's table rounds. */
  readonly rounding: TableRounding;
}

/** Why a quantity cannot be asked of a statement, or nothing. A problem's field is `quantity`, or the argument that is missing. */
export function askProblem(statement: Askable, ask: Ask): Result<undefined> {
  const record = quantities[ask.quantity];
  if (!record) return fail('out-of-range', 'This quantity is not known.', { field: 'quantity' });
  const { title } = record;
  if (!record.applies(statement))
    return fail('out-of-range', `${capital(title)} cannot be asked of this case.`, {
      field: 'quantity',
    });
  for (const need of record.needs)
    if (!Number.isFinite(ask[need])) return fail('blank', needSaid[need], { field: need });
  return ok(undefined);
}

const needSaid: Readonly<Record<AskArgument, string>> = {
  after: 'Say after which payment.',
  from: 'Say which payments: from, and to.',
  to: 'Say which payments: from, and to.',
  below: 'Say below which amount.',
};

/** Asks a case that is solved. */
export function askSolved(
  { statement, solved }: Pick<AskedCase, 'statement' | 'solved'>,
  ask: Ask,
  rounding: TableRounding,
): Result<AnsweredCase> {
  const asked: AskedCase = { statement, solved, ask };
  const exact = quantities[ask.quantity].read(asked);
  return exact.ok ? ok({ ...asked, exact: exact.value, rounding }) : exact;
}

/** An answer in writing, in its unit, with the decimals such answers usually have. */
export function writeQuantity(
  { ask }: Pick<AskedCase, 'ask'>,
  value: number,
  style: NumberStyle,
  decimals?: number,
): string {
  switch (quantities[ask.quantity].unit) {
    case 'money':
      return writeMoney(value, style, decimals ?? style.moneyDecimals ?? 2);
    case 'percent':
      return `${decimals === undefined ? writeBrief(value, 2, 6, style) : writeNumber(value, decimals, style)}\u00a0%`;
    case 'count':
      return decimals === undefined ? writeBrief(value, 0, 4, style) : writeNumber(value, decimals, style);
    case 'number':
      return decimals === undefined ? writeBrief(value, 2, 8, style) : writeNumber(value, decimals, style);
    case 'years':
      return decimals === undefined ? `${writeBrief(value, 0, 4, style)}` : writeNumber(value, decimals, style);
  }
}

/** "The balance after payment 24" */
export function questionInWords(question: Pick<AskedCase, 'ask'>): string {
  return capital(askInWords(question.ask));
}
