/** What a marking shows: the chosen exercises' answers, filtered, with what gathers them. */
import { numberStyleById, writeBrief, type HouseRules, totalOf } from '@hardy-sextant/core';
import type { AssignedExercise, MarkedStudent, Marking } from '@hardy-sextant/contract';
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

export interface Filter {
  /** A place in the set, or `all`. */
  readonly which: string;
  readonly cause: string;
  readonly kind: string;
  readonly column: string;
}

export function useMarkingView(marking: Marking, rules: HouseRules, filter: Filter): MarkingView {
  const { students } = marking;
  const { which, cause, kind, column } = filter;
  const { columns, cells, flat, totals, of } = useChosenExercises(marking, rules, which);
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
  const open = useMemo(() => inColumn.filter((each) => each.open), [inColumn]);
  const causes = useMemo(() => causesOf(inColumn), [inColumn]);
  return useMemo(
    () => ({ students, columns, cells, flat, inColumn, causes, lit, shown, totals, of, open, cause }),
    [students, columns, cells, flat, inColumn, causes, lit, shown, totals, of, open, cause],
  );
}

/** One exercise or all of them: columns, cells, and what each student has in all. */
function useChosenExercises(marking: Marking, rules: HouseRules, which: string) {
  const { set: kept, students } = marking;
  const chosen = useMemo(
    () => (which === 'all' ? kept.assignedExercises : kept.assignedExercises.filter(({ itemId }) => itemId === which)),
    [kept.assignedExercises, which],
  );
  const columns = useMemo(() => columnsOf(chosen, kept.assignedExercises), [chosen, kept.assignedExercises]);
  const cells = useMemo(() => cellsOf(marking, chosen), [marking, chosen]);
  const flat = useMemo(() => students.flatMap(({ id }) => [...(cells.get(id)?.values() ?? [])]), [students, cells]);
  const { totals, of } = useMemo(() => {
    const style = numberStyleById(rules.numberStyle);
    const written = (value: number) => writeBrief(value, 0, 2, style);
    const whole = { ...marking, set: { ...marking.set, assignedExercises: [...chosen] } };
    const [first] = marking.students;
    const marks = marking.students.map((student) => {
      const total = student.verdicts ? written(totalOf(whole, student).marks) : '–';
      return [student.id, total] as const;
    });
    return { totals: new Map(marks), of: first ? written(totalOf(whole, first).of) : '' };
  }, [marking, chosen, rules.numberStyle]);
  return { columns, cells, flat, totals, of };
}

/** A column a part; where several exercises are shown, named by the place of each in the set. */
function columnsOf(chosen: readonly AssignedExercise[], all: readonly AssignedExercise[]): Column[] {
  return chosen.flatMap((assigned) =>
    assigned.exercise.parts.map((part) => ({
      id: columnId(assigned.itemId, part.id),
      assigned,
      partId: part.id,
      name: chosen.length > 1 ? `${all.indexOf(assigned) + 1}${part.id}` : `${part.id} · ${partName(part)}`,
    })),
  );
}
