/** Solves a typed statement for its `?` and builds the plan and the table that follow from it. */

import type { Problem } from '../result.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { Scope } from '../money/expression.ts';
import { convertRate } from '../rates/conversions.ts';
import type { Change, TableRounding } from '../table/plan.ts';
import { readChange, type ChangeField } from './changeDraft.ts';
import type { SlotName, StatementDraft } from './draft.ts';
import type { KindOfCase, SlotNumbers } from './kind.ts';
import { kindOf } from './kinds.ts';
import { readDraft } from './readDraft.ts';
import { quotedRate } from './quote.ts';
import { unknownOf, type SolvedCase } from './solved.ts';

/** The number that quotes the same growth in the other way. */
export interface ConvertedRate {
  readonly unknown: 'rate' | 'converted';
  /** A fraction. */
  readonly exact: number;
}

export type CaseOutcome =
  | { readonly state: 'solved'; readonly solved: SolvedCase }
  | { readonly state: 'converted'; readonly converted: ConvertedRate }
  /** Something is not filled in yet. */
  | { readonly state: 'waiting'; readonly missing: readonly SlotName[] }
  /** One sentence a slot, and one a field of a change by the change's id; `whole` where it is about the statement together. */
  | {
      readonly state: 'wrong';
      readonly problems: Readonly<Partial<Record<SlotName | 'whole', Problem>>>;
      readonly changeProblems: Readonly<Record<string, Readonly<Partial<Record<ChangeField | 'whole', Problem>>>>>;
    };

/**
 * Solves a statement.
 *
 * @param rounding how its table rounds
 * @param names what slots may name besides each other: givens, earlier answers
 */
export function solveCase(draft: StatementDraft, rounding: TableRounding, names: Scope = {}): CaseOutcome {
  const kind = kindOf(draft);
  const read = readDraft(draft, names);
  const changes: Change[] = [];
  const ids: string[] = [];
  const changeProblems: Record<string, Partial<Record<ChangeField | 'whole', Problem>>> = {};
  if (kind.takesChanges)
    for (const change of draft.changes) {
      const found = readChange(change, draft.quote, read.scope, numberStyleById(draft.numberStyle));
      if (found.state === 'wrong') changeProblems[change.id] = found.problems;
      if (found.state === 'read') {
        changes.push(found.change);
        ids.push(change.id);
      }
    }
  if (Object.keys(read.problems).length > 0 || Object.keys(changeProblems).length > 0)
    return { state: 'wrong', problems: read.problems, changeProblems };
  if (read.missing.length > 0) return { state: 'waiting', missing: read.missing };
  if (!kind.hasTable) return convert(draft, read.numbers);
  const solved = kind.solve(draft, read.numbers, changes, rounding);
  if (solved.ok) return { state: 'solved', solved: solved.value };
  const place = /^changes\.(\d+)(?:\.(\w+))?/.exec(solved.problem.field ?? '');
  const id = place ? ids[Number(place[1])] : undefined;
  if (id !== undefined)
    return { state: 'wrong', problems: {}, changeProblems: { [id]: { [place?.[2] ?? 'whole']: solved.problem } } };
  return { state: 'wrong', problems: { [slotOf(solved.problem, kind)]: solved.problem }, changeProblems };
}

function convert(draft: StatementDraft, numbers: SlotNumbers): CaseOutcome {
  const unknown = draft.unknown === 'rate' ? 'rate' : 'converted';
  const [from, into] =
    unknown === 'converted'
      ? [quotedRate(draft.quote, numbers.rate ?? 0), draft.into]
      : [quotedRate(draft.into, numbers.converted ?? 0), draft.quote];
  const found = convertRate(from, quotedRate(into, 0), draft.paymentsPerYear);
  return found.ok
    ? { state: 'converted', converted: { unknown, exact: found.value } }
    : {
        state: 'wrong',
        problems: { [unknown === 'converted' ? 'rate' : 'converted']: found.problem },
        changeProblems: {},
      };
}

/** The slot a problem of the mathematics belongs to. */
function slotOf(problem: Problem, { slots }: KindOfCase): SlotName | 'whole' {
  const field = problem.field ?? '';
  const found = slots.find((slot) => slot === field || (slot !== 'converted' && unknownOf[slot] === field));
  return found ?? 'whole';
}
