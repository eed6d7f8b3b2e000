/** Marks of a set for a gradebook: OneRoster's results columns as CSV, and everything as JSON. docs/formats.md describes both. */

import type { Marking } from '@hardy-sextant/contract';
import { itemShare, markedParts, totalOf } from '@hardy-sextant/core';
import Papa from 'papaparse';
import { CSV, JSON_FILE, type FileKind } from './format.ts';

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
    const { marks, submitted } = totalOf(marking, student);
    return {
      sourcedId: `${marking.set.id}-${student.id}`,
      status: 'active',
      dateLastModified: at,
      lineItemSourcedId: marking.set.id,
      studentSourcedId: student.number,
      scoreStatus: !submitted ? 'not submitted' : marking.set.releasedAt ? 'fully graded' : 'partially graded',
      score: submitted ? String(marks) : '',
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
    exercises: set.assignedExercises.map(({ itemId, exercise }) => ({
      id: itemId,
      title: exercise.title,
      parts: exercise.parts.map(({ id, prompt, marks }) => ({ id, prompt, marks })),
    })),
    students: marking.students.map((student) => ({
      number: student.number,
      name: student.name,
      ...totalOf(marking, student),
      parts: set.assignedExercises.flatMap((assigned) =>
        markedParts(student, assigned, marking.accepted, itemShare(marking, assigned.itemId)).map(
          ({ part, text, verdict, decision, marks }) => ({
            exercise: assigned.itemId,
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

/** OneRoster results as CSV. Cells that a worksheet would take for a formula are text: names and comments come from people. */
export function resultsCsv(marking: Marking, at: string): string {
  return Papa.unparse({ fields: [...resultColumns], data: resultRows(marking, at) }, { escapeFormulae: true });
}

export const oneRosterResults = {
  id: 'oneroster-results',
  name: 'CSV with OneRoster’s results columns',
  type: CSV,
  ending: 'csv',
  writes: (marking: Marking): string => resultsCsv(marking, new Date().toISOString()),
} satisfies FileKind & Record<string, unknown>;

export const marksJson = {
  id: 'marks',
  name: 'JSON with every answer and verdict',
  type: JSON_FILE,
  ending: 'json',
  writes: (marking: Marking): string => JSON.stringify(marksFile(marking), null, 2),
} satisfies FileKind & Record<string, unknown>;
