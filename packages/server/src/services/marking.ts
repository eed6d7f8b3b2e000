/** Marking a set as a whole: who is in it, what they submitted, what was found, what is unmatched. */

import { unmatchedRow, type UnmatchedRow, type Marking } from '@hardy-sextant/contract';
import { listStudents } from '../store/classes.ts';
import type { Queries } from '../store/database.ts';
import { listDecisions, listUnmatchedRows } from '../store/submissions.ts';
import { submissionsByStudent, readFrame, toStudent } from './judging.ts';
import { readSet } from './sets.ts';
import { stored } from './stored.ts';

export async function readUnmatchedRows(queries: Queries, setId: string): Promise<UnmatchedRow[]> {
  return (await listUnmatchedRows(queries, setId)).map(({ id, document }) =>
    stored(unmatchedRow, { ...(document as object), id }, 'unmatched row'),
  );
}

/** Everything about a set's marking; submissions that have no verdicts yet are counted. Who has withdrawn is there if they have answered anything. */
export async function readMarking(queries: Queries, setId: string): Promise<Marking> {
  const frame = await readFrame(queries, setId);
  const [set, everybody, submissions, decisions, unmatchedRows] = await Promise.all([
    readSet(queries, setId),
    listStudents(queries, frame.set.classId),
    submissionsByStudent(queries, setId),
    listDecisions(queries, setId),
    readUnmatchedRows(queries, setId),
  ]);
  const students = everybody
    .map((student) => toStudent(student, submissions.get(student.id), decisions, frame))
    .filter(({ withdrawn, entries }) => !withdrawn || Object.keys(entries).length > 0);
  return {
    set,
    students,
    accepted: [...frame.accepted],
    unmatchedRows,
    unchecked: students.filter(({ id, verdicts }) => verdicts === undefined && submissions.has(id)).length,
  };
}
