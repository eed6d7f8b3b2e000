/** A statement as typed, read whole: its numbers, its changes and its build-up, or a sentence for each thing that is wrong. */

import type { Problem } from '../result.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { Scope } from '../money/expression.ts';
import type { Change } from '../table/plan.ts';
import { kindOf } from '../case/kinds.ts';
import type { SlotName, Statement } from '../case/statement.ts';
import { readChange, type ChangeField } from './changeDraft.ts';
import type { StatementDraft } from './draft.ts';
import { extrasCalendar } from './typedExtra.ts';
import { readBuildUp, readDraft } from './readDraft.ts';

/** Something is not filled in yet. */
export interface WaitingStatement {
  readonly state: 'waiting';
  readonly missing: readonly SlotName[];
}

/** One sentence a slot, and one a field of a change by the change's id; `whole` where it is about the statement together. */
export interface WrongStatement {
  readonly state: 'wrong';
  readonly problems: Readonly<Partial<Record<SlotName | 'whole', Problem>>>;
  readonly changeProblems: Readonly<Record<string, Readonly<Partial<Record<ChangeField | 'whole', Problem>>>>>;
}

export interface StatementInNumbers {
  readonly state: 'read';
  readonly statement: Statement;
  /** The ids of the changes that count, in the statement's order. */
  readonly changeIds: readonly string[];
}

export type StatementOutcome = StatementInNumbers | WaitingStatement | WrongStatement;

/**
 * Reads a statement.
 *
 * @param names what slots may name besides each other: givens, earlier answers
 */
export function readStatement(draft: StatementDraft, names: Scope = {}): StatementOutcome {
  const style = numberStyleById(draft.numberStyle);
  const { numbers, problems, missing, scope } = readDraft(draft, names);
  const changes: Change[] = [];
  const changeIds: string[] = [];
  const changeProblems: Record<string, WrongStatement['changeProblems'][string]> = {};
  for (const change of kindOf(draft).takesChanges ? draft.changes : []) {
    const read = readChange(change, draft.quote, scope, style, extrasCalendar(draft, numbers));
    if (read.state === 'wrong') changeProblems[change.id] = read.problems;
    if (read.state === 'read') {
      changes.push(...read.changes);
      changeIds.push(...read.changes.map(() => change.id));
    }
  }
  if (Object.keys(problems).length > 0 || Object.keys(changeProblems).length > 0)
    return { state: 'wrong', problems, changeProblems };
  if (missing.length > 0) return { state: 'waiting', missing };
  const built = draft.buildUp && readBuildUp(draft.buildUp, style, names);
  const { kind, unknown, quote, paymentsPerYear, timing, flatBy, into, firstPaymentDate } = draft;
  const terms = { kind, unknown, quote, paymentsPerYear, timing, flatBy, into, firstPaymentDate };
  const statement = { ...terms, numbers, changes, ...(built?.ok ? { buildUp: built.value } : {}) };
  return { state: 'read', statement, changeIds };
}
