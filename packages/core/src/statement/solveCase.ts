/** Solves a typed statement for its `?` and builds the plan and the table that follow from it. */

import type { Problem } from '../result.ts';
import type { Scope } from '../money/expression.ts';
import { convertRate } from '../rates/conversions.ts';
import type { TableRounding } from '../table/plan.ts';
import type { KindOfCase } from '../case/kind.ts';
import { kindOf } from '../case/kinds.ts';
import { quotedRate } from '../case/quote.ts';
import { unknownOf, type SolvedCase } from '../case/solved.ts';
import type { SlotName, Statement } from '../case/statement.ts';
import type { StatementDraft } from './draft.ts';
import { readStatement, type StatementInNumbers, type WaitingStatement, type WrongStatement } from './readStatement.ts';

/** The number that quotes the same growth in the other way. */
export interface ConvertedRate {
  readonly unknown: 'rate' | 'converted';
  /** A fraction. */
  readonly exact: number;
}

export type CaseOutcome =
  | { readonly state: 'solved'; readonly solved: SolvedCase }
  | { readonly state: 'converted'; readonly converted: ConvertedRate }
  | WaitingStatement
  | WrongStatement;

/**
 * Solves a statement.
 *
 * @param rounding how its table rounds
 * @param names what slots may name besides each other: givens, earlier answers
 */
export function solveCase(draft: StatementDraft, rounding: TableRounding, names: Scope = {}): CaseOutcome {
  const read = readStatement(draft, names);
  return read.state === 'read' ? solveStatement(read, rounding) : read;
}

/** Solves a statement that was read; what is wrong is laid to the slot or the change it belongs to. */
export function solveStatement({ statement, changeIds }: StatementInNumbers, rounding: TableRounding): CaseOutcome {
  const kind = kindOf(statement);
  if (!kind.hasTable) return convert(statement);
  const solved = kind.solve(statement, rounding);
  if (solved.ok) return { state: 'solved', solved: solved.value };
  const place = /^changes\.(\d+)(?:\.(\w+))?/.exec(solved.problem.field ?? '');
  const id = place ? changeIds[Number(place[1])] : undefined;
  if (id !== undefined)
    return { state: 'wrong', problems: {}, changeProblems: { [id]: { [place?.[2] ?? 'whole']: solved.problem } } };
  return { state: 'wrong', problems: { [slotOf(solved.problem, kind)]: solved.problem }, changeProblems: {} };
}

function convert({ unknown: asked, numbers, quote, into, paymentsPerYear }: Statement): CaseOutcome {
  const unknown = asked === 'rate' ? 'rate' : 'converted';
  const known = unknown === 'rate' ? 'converted' : 'rate';
  const [from, to] = known === 'rate' ? [quote, into] : [into, quote];
  const found = convertRate(quotedRate(from, numbers[known] ?? 0), quotedRate(to, 0), paymentsPerYear);
  return found.ok
    ? { state: 'converted', converted: { unknown, exact: found.value } }
    : { state: 'wrong', problems: { [known]: found.problem }, changeProblems: {} };
}

/** The slot a problem of the mathematics belongs to. */
function slotOf(problem: Problem, { slots }: KindOfCase): SlotName | 'whole' {
  const field = problem.field ?? '';
  const found = slots.find((slot) => slot === field || (slot !== 'converted' && unknownOf[slot] === field));
  return found ?? 'whole';
}
