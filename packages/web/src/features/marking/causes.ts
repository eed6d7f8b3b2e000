/** What gathers answers: the likeliest cause of each, equal numbers where none is known. */

import { type MarkedStudent, type Marking, type AssignedExercise } from '@hardy-sextant/contract';
import { capital, roundTo, itemShare, markedParts, type MarkedPart } from '@hardy-sextant/core';
import { verdictLooks } from '../../ui/verdictLooks.ts';
import { say } from '../../words/say.ts';

/** One answer in the grid. */
export interface Cell extends MarkedPart {
  readonly key: string;
  readonly student: MarkedStudent;
  readonly assigned: AssignedExercise;
  /** Exercise by place and part: what a column of the grid is. */
  readonly column: string;
}

export interface Column {
  readonly id: string;
  readonly assigned: AssignedExercise;
  readonly partId: string;
  /** "a · payment", or "2a · payment" where several exercises stand side by side. */
  readonly name: string;
}

export const columnId = (itemId: string, partId: string): string => `${itemId}/${partId}`;

/** Every answer of some exercises, by student and column. */
export function cellsOf(
  marking: Marking,
  assignedExercises: readonly AssignedExercise[],
): ReadonlyMap<string, ReadonlyMap<string, Cell>> {
  const found = new Map<string, Map<string, Cell>>();
  const shares = new Map(assignedExercises.map(({ itemId }) => [itemId, itemShare(marking, itemId)]));
  for (const student of marking.students) {
    const row = new Map<string, Cell>();
    for (const assigned of assignedExercises)
      for (const marked of markedParts(student, assigned, marking.accepted, shares.get(assigned.itemId)!)) {
        const column = columnId(assigned.itemId, marked.part.id);
        row.set(column, { ...marked, key: `${student.id} ${column}`, student, assigned, column });
      }
    found.set(student.id, row);
  }
  return found;
}

/** The cause of an answer: the likeliest slip (or pair), or the kind of verdict. */
export function causeOf({ verdict }: Pick<MarkedPart, 'verdict'>): string {
  if (verdict.kind === 'reading' || verdict.kind === 'carried') return verdict.kind;
  return (
    (verdict.kind === 'slip' || verdict.kind === 'carried-slip'
      ? verdict.explanations[0]?.slips.join('+')
      : undefined) ?? verdict.kind
  );
}

/** What two answers must share to be alike: part, cause, and the number itself where nothing explains it. */
export function alikeKey(cell: Cell): string {
  const cause = causeOf(cell);
  const number =
    cause === 'unexplained'
      ? cell.verdict.read === undefined
        ? cell.text
        : String(roundTo(cell.verdict.read, cell.part.format.decimals))
      : cause === 'unreadable'
        ? cell.text.trim().toLowerCase()
        : '';
  return `${cell.column} ${cause} ${number}`;
}

/** Answers gathered by what makes them alike, in the order they first come. */
export function gatherAlike(cells: readonly Cell[]): ReadonlyMap<string, readonly [Cell, ...Cell[]]> {
  const groups = new Map<string, [Cell, ...Cell[]]>();
  for (const cell of cells) {
    const key = alikeKey(cell);
    const group = groups.get(key);
    if (group) group.push(cell);
    else groups.set(key, [cell]);
  }
  return groups;
}

export interface Cause {
  readonly id: string;
  readonly name: string;
  readonly count: number;
}

/** Causes with how many answers have each: what more than one answer has, then what is not explained, then single slips, then the rest. */
export function causesOf(cells: readonly Cell[]): Cause[] {
  const found = new Map<string, { id: string; name: string; count: number; rank: number }>();
  for (const cell of cells) {
    const id = causeOf(cell);
    const before = found.get(id);
    if (before) before.count += 1;
    else found.set(id, { id, name: causeName(cell), count: 1, rank: rankOf(id) });
  }
  for (const each of found.values()) if (each.rank === 0 && each.count === 1) each.rank = 1.5;
  return [...found.values()].sort((a, b) => a.rank - b.rank || b.count - a.count);
}

const last: Readonly<Record<string, number>> = {
  unexplained: 1,
  unreadable: 1,
  'shown-error': 1,
  'no-key': 1,
  'by-hand': 1,
  carried: 2,
  reading: 2,
  'right-other-way': 2,
  'right-rounded': 3,
  right: 3,
  blank: 3,
};
const rankOf = (id: string): number => last[id] ?? 0;

export function causeName({ verdict }: Pick<MarkedPart, 'verdict'>): string {
  if (verdict.kind === 'slip' || verdict.kind === 'carried-slip')
    return verdict.explanations[0]?.title.replace(/\.$/, '') ?? say('Slip');
  const { word } = verdictLooks[verdict.kind];
  return capital(word);
}

/** How many answers of a column are right, carried, slips, unexplained, blank: for the bar above it. */
export function sharesOf(
  cells: readonly Cell[],
): Readonly<Record<'right' | 'carried' | 'slip' | 'unexplained' | 'plain', number>> {
  const shares = { right: 0, carried: 0, slip: 0, unexplained: 0, plain: 0 };
  for (const { verdict } of cells) shares[verdictLooks[verdict.kind].tone] += 1;
  return shares;
}
