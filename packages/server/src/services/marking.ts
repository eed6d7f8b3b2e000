/** Marking a set as a whole: who is in it, what they handed in, what was found, what belongs to nobody. */

import { keptRow, type KeptRow, type Marking } from '@hardy-sextant/contract';
import { listStudents } from '../store/classes.ts';
import type { Queries } from '../store/database.ts';
import { listDecisions, listKeptRows } from '../store/handIns.ts';
import { handInsByStudent, readFrame, toStudent } from './judging.ts';
import { stored } from './stored.ts';

export async function readKeptRows(queries: Queries, setId: string): Promise<KeptRow[]> {
  return (await listKeptRows(queries, setId)).map(({ id, document }) =>
    stored(keptRow, { ...(document as object), id }, 'unmatched row'),
  );
}

/** Everything about a set's marking; hand-ins that have no verdicts yet are counted. Who has withdrawn is there if they have answered anything. */
export async function readMarking(queries: Queries, setId: string): Promise<Marking> {
  const frame = await readFrame(queries, setId);
  const [everybody, handIns, decisions, keptRows] = await Promise.all([
    listStudents(queries, frame.set.classId),
    handInsByStudent(queries, setId),
    listDecisions(queries, setId),
    readKeptRows(queries, setId),
  ]);
  const students = everybody
    .map((student) => toStudent(student, handIns.get(student.id), decisions, frame.current))
    .filter(({ withdrawn, entries }) => !withdrawn || Object.keys(entries).length > 0);
  return {
    set: frame.set,
    students,
    accepted: [...frame.accepted],
    keptRows,
    unchecked: students.filter(({ id, verdicts }) => verdicts === undefined && handIns.has(id)).length,
  };
}
