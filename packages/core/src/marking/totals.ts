/** Marks: of each answer as it stands, and of a student in a whole set. */

import { roundTo } from '../money/roundMoney.ts';
import type { Exercise, Part } from '../exercise/exercise.ts';
import type { Verdict } from '../checking/verdict.ts';
import { isOpen, marksOf, withAccepted, type Accepted, type Decision } from './finalMark.ts';

/** An exercise as students have it, at its place in a set. */
export interface ExerciseToMark {
  readonly itemId: string;
  readonly exercise: Exercise;
}

/** A set as marks need it: its exercises, and what they count where another sum was set for one. */
export interface SetToMark {
  readonly assignedExercises: readonly ExerciseToMark[];
  readonly document: { readonly items: readonly { readonly id: string; readonly marks?: number | undefined }[] };
}

/** A student's answers with what was judged and decided, by place in the set. */
export interface StudentToMark {
  readonly entries: Readonly<Record<string, Readonly<Record<string, string>>>>;
  readonly verdicts?: Readonly<Record<string, readonly Verdict[]>> | undefined;
  /** Percent of the marks that lateness costs; nothing where it is left out. */
  readonly less?: number | undefined;
  readonly decisions: readonly (Decision & { readonly itemId: string; readonly partId: string })[];
}

export type AcceptedInSet = Accepted & { readonly itemId: string };

/** One answer as it stands: the verdict with accepted readings, the decision, the marks. */
export interface MarkedPart {
  readonly part: Part;
  readonly text: string;
  /** As core judged it. */
  readonly judged: Verdict;
  /** With accepted readings. */
  readonly verdict: Verdict;
  readonly decision?: Decision;
  readonly marks: number;
  readonly open: boolean;
}

/** What an exercise counts for each mark of its parts: another sum may have been set for it. */
export function itemShare({ set }: { readonly set: SetToMark }, itemId: string): number {
  const assigned = set.assignedExercises.find((each) => each.itemId === itemId);
  const item = set.document.items.find(({ id }) => id === itemId);
  const sum = assigned?.exercise.parts.reduce((total, { marks }) => total + marks, 0) ?? 0;
  return item?.marks === undefined || sum === 0 ? 1 : item.marks / sum;
}

/** The parts of one exercise of a student; empty where nothing is judged yet. */
export function markedParts(
  student: StudentToMark,
  assigned: ExerciseToMark,
  accepted: readonly AcceptedInSet[],
  share: number,
): MarkedPart[] {
  const verdicts = student.verdicts?.[assigned.itemId];
  if (!verdicts) return [];
  const here = accepted.filter(({ itemId }) => itemId === assigned.itemId);
  return assigned.exercise.parts.flatMap((part) => {
    const judged = verdicts.find(({ partId }) => partId === part.id);
    if (!judged) return [];
    const verdict = withAccepted(judged, part, here);
    const decision = student.decisions.find((each) => each.itemId === assigned.itemId && each.partId === part.id);
    const kept = student.entries[assigned.itemId] ?? {};
    return [
      {
        part,
        text: kept[part.id] ?? '',
        judged,
        verdict,
        ...(decision ? { decision } : {}),
        marks: marksOf(verdict, part, decision, share),
        open: isOpen(verdict, decision),
      },
    ];
  });
}

export interface StudentTotal {
  readonly marks: number;
  readonly of: number;
  readonly submitted: boolean;
}

/** A student's marks in a whole set, to two decimals. */
export function totalOf(
  marking: { readonly set: SetToMark; readonly accepted: readonly AcceptedInSet[] },
  student: StudentToMark,
): StudentTotal {
  let marks = 0;
  let of = 0;
  for (const assigned of marking.set.assignedExercises) {
    const share = itemShare(marking, assigned.itemId);
    of += assigned.exercise.parts.reduce((sum, part) => sum + part.marks, 0) * share;
    marks += markedParts(student, assigned, marking.accepted, share).reduce((sum, each) => sum + each.marks, 0);
  }
  const submitted = Object.values(student.entries).some((texts) =>
    Object.values(texts).some((text) => text.trim() !== ''),
  );
  return { marks: roundTo(marks * (1 - (student.less ?? 0) / 100), 2), of: roundTo(of, 2), submitted };
}
