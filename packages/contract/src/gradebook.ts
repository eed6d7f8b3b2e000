/** Marks of a set for a gradebook: OneRoster's results columns, and everything as JSON. docs/formats.md describes both. */

import { isOpen, marksOf, withAccepted, type Decision, type Part, type Verdict, roundTo } from '@hardy-sextant/core';
import type { KeptAccepted, MarkedStudent, Marking } from './marking.ts';
import type { SetCopy } from './sets.ts';

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
export function itemShare(marking: Pick<Marking, 'set'>, itemId: string): number {
  const copy = marking.set.copies.find((each) => each.itemId === itemId);
  const item = marking.set.document.items.find(({ id }) => id === itemId);
  const sum = copy?.exercise.parts.reduce((total, { marks }) => total + marks, 0) ?? 0;
  return item?.marks === undefined || sum === 0 ? 1 : item.marks / sum;
}

/** The parts of one exercise of a student; empty where nothing is judged yet. */
export function markedParts(
  student: MarkedStudent,
  copy: SetCopy,
  accepted: readonly KeptAccepted[],
  share: number,
): MarkedPart[] {
  const verdicts = student.verdicts?.[copy.itemId];
  if (!verdicts) return [];
  const here = accepted.filter(({ itemId }) => itemId === copy.itemId);
  return copy.exercise.parts.flatMap((part) => {
    const judged = verdicts.find(({ partId }) => partId === part.id);
    if (!judged) return [];
    const verdict = withAccepted(judged, part, here);
    const decision = student.decisions.find((each) => each.itemId === copy.itemId && each.partId === part.id);
    const kept = student.entries[copy.itemId] ?? {};
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
  readonly handedIn: boolean;
}

/** A student's marks in a whole set. */
export function totalOf(marking: Marking, student: MarkedStudent): StudentTotal {
  let marks = 0;
  let of = 0;
  for (const copy of marking.set.copies) {
    const share = itemShare(marking, copy.itemId);
    of += copy.exercise.parts.reduce((sum, part) => sum + part.marks, 0) * share;
    marks += markedParts(student, copy, marking.accepted, share).reduce((sum, each) => sum + each.marks, 0);
  }
  const handedIn = Object.values(student.entries).some((texts) =>
    Object.values(texts).some((text) => text.trim() !== ''),
  );
  return { marks: roundTo(marks, 2), of: roundTo(of, 2), handedIn };
}

export const resultColumns = [
  'sourcedId',
  'status',
  'dateLastModified',
  'lineItemSourcedId',
  'studentSourcedId',
  'scoreStatus',
  'score',
  'scoreDate',
  'comment',
] as const;

/** Rows of OneRoster results, one a student. */
export function resultRows(marking: Marking, at: string): Record<(typeof resultColumns)[number], string>[] {
  return marking.students.map((student) => {
    const { marks, handedIn } = totalOf(marking, student);
    return {
      sourcedId: `${marking.set.id}-${student.id}`,
      status: 'active',
      dateLastModified: at,
      lineItemSourcedId: marking.set.id,
      studentSourcedId: student.number,
      scoreStatus: !handedIn ? 'not submitted' : marking.set.releasedAt ? 'fully graded' : 'partially graded',
      score: handedIn ? String(marks) : '',
      scoreDate: at.slice(0, 10),
      comment: student.decisions
        .filter(({ comment }) => comment !== '')
        .map(({ comment }) => comment)
        .join(' / '),
    };
  });
}

/** Everything about a set's marks, for other programs. */
export function marksFile(marking: Marking): unknown {
  const { set } = marking;
  return {
    format: 'hardy-sextant-marks',
    version: 1,
    set: { id: set.id, title: set.title, given: set.document.given, due: set.document.due },
    exercises: set.copies.map(({ itemId, exercise }) => ({
      id: itemId,
      title: exercise.title,
      parts: exercise.parts.map(({ id, prompt, marks }) => ({ id, prompt, marks })),
    })),
    students: marking.students.map((student) => ({
      number: student.number,
      name: student.name,
      ...totalOf(marking, student),
      parts: set.copies.flatMap((copy) =>
        markedParts(student, copy, marking.accepted, itemShare(marking, copy.itemId)).map(
          ({ part, text, verdict, decision, marks }) => ({
            exercise: copy.itemId,
            part: part.id,
            answer: text,
            verdict: verdict.kind,
            marks,
            ...(verdict.expected === undefined ? {} : { expected: verdict.expected }),
            ...(verdict.explanations.length > 0 ? { explanations: verdict.explanations } : {}),
            ...(decision?.comment ? { comment: decision.comment } : {}),
          }),
        ),
      ),
    })),
  };
}
