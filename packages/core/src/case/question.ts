/** A question about a case: what is asked, the case solved for it, and the answer. Working and checking both start here. */

import { fail, ok, type Problem, type Result } from '../result.ts';
import type { Scope } from '../money/expression.ts';
import { numberStyleById, writeBrief, writeMoney, writeNumber, type NumberStyle } from '../money/numberStyle.ts';
import type { TableRounding } from '../table/plan.ts';
import type { StatementDraft } from './draft.ts';
import { askInWords, quantities } from './quantities.ts';
import type { Ask, AskedCase } from './quantity.ts';
import { kindOf } from './kinds.ts';
import { readDraft } from './readDraft.ts';
import { solveCase, type CaseOutcome } from './solveCase.ts';
import { withOwnNumber } from './ownNumber.ts';
import type { SolvedCase, ValueSlot } from './solved.ts';

export interface Question extends AskedCase {
  /** In the answer's own unit: money, percent (6.6), payments, years; unrounded unless the plan rounds it. */
  readonly exact: number;
  /** How the case's table rounds. */
  readonly rounding: TableRounding;
}

export type Solve = (draft: StatementDraft, rounding: TableRounding, names: Scope) => Result<SolvedCase>;

/** Solves a statement for its `?`; a conversion as a case of its own. */
export function solveAsked(draft: StatementDraft, rounding: TableRounding, names: Scope): Result<SolvedCase> {
  const kind = kindOf(draft);
  if (kind.hasTable) return solvedOrProblem(solveCase(draft, rounding, names));
  const read = readDraft({ ...draft, unknown: kind.asks }, names);
  const wrong = Object.values(read.problems)[0];
  return wrong ? { ok: false, problem: wrong } : kind.solve(draft, read.numbers, [], rounding);
}

/** By slot, in its own terms; rates are fractions. */
export type OwnNumbers = Readonly<Partial<Record<ValueSlot, number>>>;

/**
 * Asks a case for a quantity.
 *
 * @param rounding how its table rounds
 * @param names what slots may name: givens, earlier answers
 * @param own numbers somebody goes on with in place of the case's own, such as a payment they found
 * @param solve how the statement is solved; who asks one statement often can remember
 * @returns the question with its answer; a problem's field is a slot, `changes`, or the argument that is wrong
 */
export function askCase(
  draft: StatementDraft,
  ask: Ask,
  rounding: TableRounding,
  names: Scope = {},
  own: OwnNumbers = {},
  solve: Solve = solveAsked,
): Result<Question> {
  const record = quantities[ask.quantity];
  if (!record) return fail('out-of-range', 'This quantity is not known.', { field: 'quantity' });
  if (!record.applies(draft))
    return fail(
      'out-of-range',
      `${record.title[0]!.toUpperCase()}${record.title.slice(1)} cannot be asked of this case.`,
      { field: 'quantity' },
    );
  for (const need of record.needs)
    if (!Number.isFinite(ask[need]))
      return fail('blank', need === 'after' ? 'Say after which payment.' : 'Say which payments: from, and to.', {
        field: need,
      });
  const asked = record.slot ? { ...draft, unknown: record.slot } : draft;
  const outcome = solve(asked, rounding, names);
  if (!outcome.ok) return outcome;
  let solved = outcome.value;
  for (const [slot, value] of Object.entries(own) as [ValueSlot, number][]) {
    if (slot === record.slot) continue;
    const changed = withOwnNumber(asked, solved, slot, value);
    if (!changed.ok) return changed;
    solved = changed.value;
  }
  const question = { draft: asked, solved, ask, names };
  const exact = record.read(question);
  return exact.ok ? ok({ ...question, exact: exact.value, rounding }) : exact;
}

/** The solved case, or the first thing that is wrong with it. */
export function solvedOrProblem(outcome: CaseOutcome): Result<SolvedCase> {
  if (outcome.state === 'solved') return ok(outcome.solved);
  if (outcome.state === 'waiting')
    return fail('blank', 'The plan behind this part is not complete yet.', { field: outcome.missing[0]! });
  if (outcome.state === 'converted')
    return fail('out-of-range', 'A conversion has no plan to ask about.', { field: 'plan' });
  const all: (Problem | undefined)[] = [
    ...Object.values(outcome.problems),
    ...Object.values(outcome.changeProblems).flatMap((each) => Object.values(each)),
  ];
  return all[0]
    ? { ok: false, problem: all[0] }
    : fail('out-of-range', 'The plan behind this part cannot be worked out.', { field: 'plan' });
}

/** An answer in writing, in its unit, with the decimals such answers usually have. */
export function writeQuantity(
  { ask }: Pick<Question, 'ask'>,
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
    case 'years':
      return decimals === undefined ? `${writeBrief(value, 0, 4, style)}` : writeNumber(value, decimals, style);
  }
}

/** "The balance after payment 24" */
export function questionInWords(question: Pick<Question, 'ask'>): string {
  const words = askInWords(question.ask);
  return `${words[0]!.toUpperCase()}${words.slice(1)}`;
}

/** The style a question's case is written in. */
export function styleOf({ draft }: Pick<Question, 'draft'>): NumberStyle {
  return numberStyleById(draft.numberStyle);
}
