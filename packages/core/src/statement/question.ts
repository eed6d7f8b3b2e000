/** A question about a case as it is typed: read once, solved, answered. */

import { fail, ok, type Problem, type Result } from '../result.ts';
import type { Scope } from '../money/expression.ts';
import { numberStyleById, type NumberStyle } from '../money/numberStyle.ts';
import type { TableRounding } from '../table/plan.ts';
import { kindOf } from '../case/kinds.ts';
import { withOwnNumber } from '../case/ownNumber.ts';
import { quantities } from '../case/quantities.ts';
import type { Ask, AskedCase } from '../case/quantity.ts';
import { askProblem, askSolved, type AnsweredCase } from '../case/question.ts';
import { valueSlots, type SolvedCase, type ValueSlot } from '../case/solved.ts';
import type { Statement } from '../case/statement.ts';
import type { StatementDraft } from './draft.ts';
import { readStatement, type StatementOutcome, type WaitingStatement, type WrongStatement } from './readStatement.ts';
import { solveStatement, type CaseOutcome } from './solveCase.ts';

export interface Question extends AnsweredCase {
  /** The statement as it is typed, to say it again. */
  readonly draft: StatementDraft;
  /** What the statement's slots may name, with the numbers in force. */
  readonly names: Scope;
  /** Numbers it goes on with in place of its own. */
  readonly own: OwnNumbers;
}

/** A statement in numbers, with its solution. */
export type Solved = Pick<AskedCase, 'statement' | 'solved'>;

export type Solve = (draft: StatementDraft, rounding: TableRounding, names: Scope) => Result<Solved>;

/** Solves a statement for its `?`; a conversion as a case of its own. */
export function solveAsked(draft: StatementDraft, rounding: TableRounding, names: Scope): Result<Solved> {
  return solveRead(readAsked(draft, names), rounding);
}

/** Reads a statement to be solved; a conversion for what it turns about. */
export function readAsked(draft: StatementDraft, names: Scope): StatementOutcome {
  const kind = kindOf(draft);
  return readStatement(kind.hasTable ? draft : { ...draft, unknown: kind.asks }, names);
}

/** Solves what was read. */
export function solveRead(read: StatementOutcome, rounding: TableRounding): Result<Solved> {
  if (read.state !== 'read') return firstProblem(read);
  const { statement } = read;
  const kind = kindOf(statement);
  const solved = kind.hasTable ? solvedOrProblem(solveStatement(read, rounding)) : kind.solve(statement, rounding);
  return solved.ok ? ok({ statement, solved: solved.value }) : solved;
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
  const askable = askProblem(draft, ask);
  if (!askable.ok) return askable;
  const { slot } = quantities[ask.quantity];
  const asked = slot ? { ...draft, unknown: slot } : draft;
  const found = solve(asked, rounding, names);
  if (!found.ok) return found;
  const { statement } = found.value;
  const solved = withOwn(statement, found.value.solved, own, slot);
  if (!solved.ok) return solved;
  const answered = askSolved({ statement, solved: solved.value }, ask, rounding);
  return answered.ok ? ok({ ...answered.value, draft: asked, names, own }) : answered;
}

/** The same question where the table rounds otherwise. */
export function askRounding(question: Question, rounding: TableRounding): Result<Question> {
  const { statement, ask, own } = question;
  if (!kindOf(statement).hasTable) return ok(question);
  const found = kindOf(statement).solve(statement, rounding);
  if (!found.ok) return found;
  const solved = withOwn(statement, found.value, own, quantities[ask.quantity].slot);
  if (!solved.ok) return solved;
  const answered = askSolved({ statement, solved: solved.value }, ask, rounding);
  return answered.ok ? ok({ ...question, ...answered.value }) : answered;
}

/** A solved case that goes on with somebody's own numbers, but for the slot that is asked. */
function withOwn(
  statement: Statement,
  solved: SolvedCase,
  own: OwnNumbers,
  asked: ValueSlot | undefined,
): Result<SolvedCase> {
  let found = solved;
  for (const each of valueSlots) {
    const value = own[each];
    if (value === undefined || each === asked) continue;
    const changed = withOwnNumber(statement, found, each, value);
    if (!changed.ok) return changed;
    found = changed.value;
  }
  return ok(found);
}

/** The solved case, or the first thing that is wrong with it. */
export function solvedOrProblem(outcome: CaseOutcome): Result<SolvedCase> {
  switch (outcome.state) {
    case 'solved':
      return ok(outcome.solved);
    case 'converted':
      return fail('out-of-range', 'A conversion has no plan to ask about.', { field: 'plan' });
    default:
      return firstProblem(outcome);
  }
}

function firstProblem(outcome: WaitingStatement | WrongStatement): Result<never> {
  const [field] = outcome.state === 'waiting' ? outcome.missing : [];
  if (field) return fail('blank', 'The plan behind this part is not complete yet.', { field });
  const [problem] = outcome.state === 'wrong' ? allProblems(outcome) : [];
  return problem
    ? { ok: false, problem }
    : fail('out-of-range', 'The plan behind this part cannot be worked out.', { field: 'plan' });
}

/** Everything that is wrong with a statement, its slots first. */
export function allProblems({ problems, changeProblems }: WrongStatement): Problem[] {
  return [problems, ...Object.values(changeProblems)].flatMap((each) =>
    Object.values(each).filter((problem) => problem !== undefined),
  );
}

/** The style a question's case is written in. */
export function styleOf({ draft }: Pick<Question, 'draft'>): NumberStyle {
  return numberStyleById(draft.numberStyle);
}
