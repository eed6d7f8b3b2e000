/** What a marking shows: the chosen exercises' answers, filtered, with what gathers them. */
import { numberStyleById, writeBrief, type HouseRules, totalOf } from '@hardy-sextant/core';
import { type MarkedStudent, type Marking } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { causeOf, causesOf, cellsOf, columnId, type Cause, type Cell, type Column } from './causes.ts';
import { partName } from './partNames.ts';

export interface MarkingView {
  readonly students: readonly MarkedStudent[];
  readonly columns: readonly Column[];
  readonly cells: ReadonlyMap<string, ReadonlyMap<string, Cell>>;
  readonly flat: readonly Cell[];
  /** The answers that part and verdict leave; causes are counted over these. */
  readonly inColumn: readonly Cell[];
  readonly causes: readonly Cause[];
  /** The answers that the filter is about; all where undefined. */
  readonly lit: ReadonlySet<string> | undefined;
  /** The students that have one of them. */
  readonly shown: readonly MarkedStudent[];
  readonly totals: ReadonlyMap<string, string>;
  readonly of: string;
  readonly open: readonly Cell[];
  readonly cause: string;
}

interface Filter {
  /** A place in the set, or `all`. */
  readonly which: string;
  readonly cause: string;
  readonly kind: string;
  readonly column: string;
}

export function useMarkingView(
  marking: Marking,
  rules: HouseRules,
  { which, cause, kind, column }: Filter,
): MarkingView {
  const { set: kept, students } = marking;
  const style = numberStyleById(rules.numberStyle);
  const assignedExercises = useMemo(
    () => (which === 'all' ? kept.assignedExercises : kept.assignedExercises.filter(({ itemId }) => itemId === which)),
    [kept.assignedExercises, which],
  );
  const columns = useMemo(
    (): Column[] =>
      assignedExercises.flatMap((assigned) =>
        assigned.exercise.parts.map((part) => ({
          id: columnId(assigned.itemId, part.id),
          assigned,
          partId: part.id,
          name:
            assignedExercises.length > 1
              ? `${kept.assignedExercises.indexOf(assigned) + 1}${part.id}`
              : `${part.id} · ${partName(part)}`,
        })),
      ),
    [assignedExercises, kept.assignedExercises],
  );
  const cells = useMemo(() => cellsOf(marking, assignedExercises), [marking, assignedExercises]);
  const flat = useMemo(() => students.flatMap(({ id }) => [...(cells.get(id)?.values() ?? [])]), [students, cells]);

  const inColumn = useMemo(
    () =>
      flat.filter((cell) => (column === '' || cell.column === column) && (kind === '' || cell.verdict.kind === kind)),
    [flat, column, kind],
  );
  const lit = useMemo(
    () =>
      cause === '' && kind === '' && column === ''
        ? undefined
        : new Set(inColumn.filter((cell) => cause === '' || causeOf(cell) === cause).map(({ key }) => key)),
    [inColumn, cause, kind, column],
  );
  const shown = useMemo(
    () =>
      lit === undefined
        ? students
        : students.filter(({ id }) => [...(cells.get(id)?.values() ?? [])].some(({ key }) => lit.has(key))),
    [students, cells, lit],
  );
  const totals = useMemo(() => {
    const whole = { ...marking, set: { ...marking.set, assignedExercises: [...assignedExercises] } };
    return new Map(
      students.map((student) => [
        student.id,
        student.verdicts ? writeBrief(totalOf(whole, student).marks, 0, 2, style) : '–',
      ]),
    );
  }, [marking, assignedExercises, students, style]);
  const of = students[0]
    ? writeBrief(
        totalOf({ ...marking, set: { ...marking.set, assignedExercises: [...assignedExercises] } }, students[0]).of,
        0,
        2,
        style,
      )
    : '';
  const open = useMemo(() => inColumn.filter((each) => each.open), [inColumn]);
  const causes = useMemo(() => causesOf(inColumn), [inColumn]);
  return useMemo(
    () => ({ students, columns, cells, flat, inColumn, causes, lit, shown, totals, of, open, cause }),
    [students, columns, cells, flat, inColumn, causes, lit, shown, totals, of, open, cause],
  );
}
