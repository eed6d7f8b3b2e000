/** What went wrong in a set: how many answers of each part have which cause, and what cost the most. */

import { roundTo, itemShare } from '@hardy-sextant/core';
import type { KeptWorksheet, Marking } from '@hardy-sextant/contract';
import { causeName, causeOf, cellsOf, columnId, type Cell } from './causes.ts';
import { partName } from './partNames.ts';

export interface PartCounts {
  readonly column: string;
  readonly name: string;
  readonly right: number;
  readonly carried: number;
  readonly slip: number;
  readonly unexplained: number;
  readonly blank: number;
  readonly answers: number;
}

export interface CauseCount {
  readonly id: string;
  readonly name: string;
  readonly column: string;
  readonly part: string;
  readonly count: number;
  /** Of all answers to this part that are not blank. */
  readonly share: number;
  /** Marks lost by it, over the class. */
  readonly lost: number;
  /** A student's answer to which it happened; none where it was found in worksheets. */
  readonly example?: Cell;
}

export interface WentWrong {
  readonly parts: readonly PartCounts[];
  /** Slips and what nothing explains, by part, costliest first. */
  readonly causes: readonly CauseCount[];
}

const wrong = new Set(['slip', 'carried-slip', 'unexplained']);

/** @param worksheets where students answered with one, its causes count in place of what its numbers look like */
export function wentWrong(marking: Marking, worksheets: readonly KeptWorksheet[]): WentWrong {
  const { assignedExercises } = marking.set;
  const last = lastWorksheets(worksheets);
  const bySheet = new Set(last.map(({ itemId, studentId }) => `${itemId} ${studentId}`));
  const cells = [...cellsOf(marking, assignedExercises).values()].flatMap((row) => [...row.values()]);
  const parts: PartCounts[] = [];
  const causes = new Map<string, CauseCount>();
  for (const [at, assigned] of assignedExercises.entries())
    for (const part of assigned.exercise.parts) {
      const column = columnId(assigned.itemId, part.id);
      const name = `${assignedExercises.length > 1 ? at + 1 : ''}${part.id} · ${partName(part)}`;
      const mine = cells.filter((cell) => cell.column === column);
      const isTable = part.ask.quantity === 'table';
      const count = (...kinds: string[]): number => mine.filter(({ verdict }) => kinds.includes(verdict.kind)).length;
      const answers = mine.length - count('blank');
      parts.push({
        column,
        name,
        right: count('right', 'right-rounded', 'right-other-way', 'reading'),
        carried: count('carried'),
        slip: count('slip', 'carried-slip'),
        unexplained: count('unexplained', 'unreadable', 'shown-error', 'no-key'),
        blank: count('blank'),
        answers,
      });
      const share = itemShare(marking, assigned.itemId);
      for (const cell of mine) {
        if (!wrong.has(cell.verdict.kind)) continue;
        if (isTable && bySheet.has(`${assigned.itemId} ${cell.student.id}`)) continue;
        const id = `${column} ${causeOf(cell)}`;
        const before = causes.get(id);
        const lost = part.marks * share - cell.marks;
        const seen = (before?.count ?? 0) + 1;
        causes.set(id, {
          id: causeOf(cell),
          name: causeName(cell),
          column,
          part: name,
          count: seen,
          share: answers === 0 ? 0 : seen / answers,
          lost: roundTo((before?.lost ?? 0) + lost, 2),
          example: before?.example ?? cell,
        });
      }
      if (isTable) {
        const own = last.filter(({ itemId }) => itemId === assigned.itemId);
        for (const each of sheetCauses(own, { column, part: name, marks: part.marks * share }))
          causes.set(`${column} ${each.id}`, each);
      }
    }
  return { parts, causes: [...causes.values()].sort((a, b) => b.lost - a.lost || b.count - a.count) };
}

/** The worksheet of each student that counts: the last one. Nobody's count too: they are of the class. */
const lastWorksheets = (worksheets: readonly KeptWorksheet[]): KeptWorksheet[] => [
  ...new Map(worksheets.map((each) => [`${each.itemId} ${each.studentId ?? each.id}`, each])).values(),
];

/** The causes in worksheets of one part; what several cost together is shared between them, and remarks cost nothing. */
function sheetCauses(
  own: readonly KeptWorksheet[],
  { column, part, marks }: { readonly column: string; readonly part: string; readonly marks: number },
): CauseCount[] {
  const causes = new Map<string, CauseCount>();
  for (const { summary } of own) {
    const faults = new Map(summary.causes.filter(({ remark }) => !remark).map(({ id, title }) => [id, title]));
    for (const [id, name] of faults) {
      const before = causes.get(id);
      const count = (before?.count ?? 0) + 1;
      const lost = roundTo((before?.lost ?? 0) + ((1 - summary.credit) * marks) / faults.size, 2);
      causes.set(id, { id, name, column, part, count, share: count / own.length, lost });
    }
  }
  return [...causes.values()];
}

/** Three things to go over: the costliest named causes, each cause once. */
export function toGoOver({ causes }: WentWrong): CauseCount[] {
  const seen = new Set<string>();
  return causes
    .filter(({ id, count }) => id !== 'unexplained' && count > 0 && !seen.has(id) && seen.add(id))
    .slice(0, 3);
}

/** Which part of which exercise a column is, whatever its place in the set. */
export function exerciseOf({ set }: Marking, column: string): string {
  const [itemId, partId] = column.split('/');
  return `${set.document.items.find((item) => item.id === itemId)?.exerciseId ?? ''} ${partId}`;
}
