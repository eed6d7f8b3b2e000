/** How a part went in a class: how many right, how easy it was, how well it tells strong from weak, and on how many answers that rests. */

import { markedParts, itemShare, type AcceptedInSet, type SetToMark, type StudentToMark } from './totals.ts';

export interface PartStatistics {
  readonly itemId: string;
  readonly partId: string;
  /** Students with anything submitted in the set, whose marks all figures rest on. */
  readonly students: number;
  /** Of them, those who answered this part. */
  readonly answered: number;
  readonly right: number;
  /** Mean of the marks as a share of the most that can be had, 0 to 1; nothing without students. */
  readonly facility: number | undefined;
  /** Median of the same share. */
  readonly median: number | undefined;
  /**
   * Correlation of the marks of this part with those of the rest of the set, −1 to 1: high where who does well elsewhere
   * does well here. Nothing with fewer than `LEAST_FOR_DISCRIMINATION` students, or where one of the two is the same for all.
   */
  readonly discrimination: number | undefined;
}

/** With fewer students a correlation says nothing. */
export const LEAST_FOR_DISCRIMINATION = 10;

const rightKinds: ReadonlySet<string> = new Set(['right', 'right-rounded', 'right-other-way', 'reading', 'carried']);

export interface MarkedSet {
  readonly set: SetToMark;
  readonly students: readonly StudentToMark[];
  readonly accepted: readonly AcceptedInSet[];
}

interface Row {
  /** Share of the marks of each part, by place and part. */
  readonly shares: ReadonlyMap<string, { readonly share: number; readonly kind: string }>;
  readonly marks: ReadonlyMap<string, number>;
  readonly total: number;
}

/** Every part of a set, in its order. */
export function partStatistics(marked: MarkedSet): PartStatistics[] {
  const rows = marked.students.filter(hasSubmitted).map((student) => rowOf(marked, student));
  return marked.set.assignedExercises.flatMap(({ itemId, exercise }) =>
    exercise.parts.map((part): PartStatistics => {
      const name = `${itemId}/${part.id}`;
      const cells = rows.flatMap(({ shares }) => shares.get(name) ?? []);
      const shares = cells.map(({ share }) => share);
      const pairs = rows.flatMap(({ marks, total }): [number, number][] => {
        const own = marks.get(name);
        return own === undefined ? [] : [[own, total - own]];
      });
      return {
        itemId,
        partId: part.id,
        students: cells.length,
        answered: cells.filter(({ kind }) => kind !== 'blank').length,
        right: cells.filter(({ kind, share }) => (kind === 'by-hand' ? share > 1 - 1e-9 : rightKinds.has(kind))).length,
        facility: meanOf(shares),
        median: medianOf(shares),
        discrimination: pairs.length < LEAST_FOR_DISCRIMINATION ? undefined : correlation(pairs),
      };
    }),
  );
}

const hasSubmitted = ({ entries, verdicts }: StudentToMark): boolean =>
  verdicts !== undefined &&
  Object.values(entries).some((item) => Object.values(item).some((text) => text.trim() !== ''));

function rowOf({ set, accepted }: MarkedSet, student: StudentToMark): Row {
  const shares = new Map<string, { share: number; kind: string }>();
  const marks = new Map<string, number>();
  let total = 0;
  for (const assigned of set.assignedExercises) {
    const itemMarks = itemShare({ set }, assigned.itemId);
    for (const { part, verdict, marks: own } of markedParts(student, assigned, accepted, itemMarks)) {
      const most = part.marks * itemMarks;
      const name = `${assigned.itemId}/${part.id}`;
      if (most > 0) shares.set(name, { share: own / most, kind: verdict.kind });
      marks.set(name, own);
      total += own;
    }
  }
  return { shares, marks, total };
}

function meanOf(values: readonly number[]): number | undefined {
  return values.length === 0 ? undefined : values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** The middle one, or between the middle two. */
export function medianOf(values: readonly number[]): number | undefined {
  const sorted = [...values].sort((a, b) => a - b);
  const [low, high] = [sorted[Math.floor((sorted.length - 1) / 2)], sorted[Math.floor(sorted.length / 2)]];
  return low === undefined || high === undefined ? undefined : (low + high) / 2;
}

/** Pearson's; nothing where one of the two does not vary. */
export function correlation(pairs: readonly (readonly [number, number])[]): number | undefined {
  const [x, y] = [meanOf(pairs.map(([one]) => one)), meanOf(pairs.map(([, other]) => other))];
  if (x === undefined || y === undefined) return undefined;
  let [xx, yy, xy] = [0, 0, 0];
  for (const [one, other] of pairs) {
    xx += (one - x) ** 2;
    yy += (other - y) ** 2;
    xy += (one - x) * (other - y);
  }
  return xx < 1e-12 || yy < 1e-12 ? undefined : xy / Math.sqrt(xx * yy);
}

/** What a correlation says of a part. */
export function discriminationInWords(value: number): string {
  if (value >= 0.4) return 'tells well';
  if (value >= 0.2) return 'tells';
  return value >= -0.1 ? 'hardly tells' : 'the other way round: look at the part';
}
