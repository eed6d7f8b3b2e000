/** Worksheets as rows: how they are sent, whose numbers they are judged by, what lists say of them. */

import {
  knownMapping,
  ownNumbers,
  worksheetSummary,
  type AssignedExercise,
  type KeptWorksheet,
  type WorksheetSummary,
} from '@hardy-sextant/contract';
import type { Entries, KnownMapping } from '@hardy-sextant/core';
import type { SheetJudgedJob, SheetStudent } from '../checking/sheetJob.ts';
import { summaryOfSheet } from '../checking/sheetSummary.ts';
import { findStudents, type StudentRow } from '../store/classes.ts';
import type { Queries } from '../store/database.ts';
import { findSubmissions } from '../store/submissions.ts';
import type { WorksheetRow } from '../store/worksheets.ts';
import type { Frame } from './judging.ts';
import { Invalid } from './refusal.ts';

/** What is said of a worksheet that could not be judged. */
const nothing: WorksheetSummary = { credit: 0, causes: [], wrong: 0, cells: 0 };

/** A row as it is sent. */
export function kept({ id, itemId, studentId, name, size, revision, summary, mapping }: WorksheetRow): KeptWorksheet {
  const read = worksheetSummary.safeParse(summary);
  const isMapped = mapping !== null;
  return { id, itemId, studentId, name, size, revision, isMapped, summary: read.success ? read.data : nothing };
}

/** What was said of a worksheet; nothing where nothing was, or this version cannot read it. */
export function mappingOf({ mapping }: Pick<WorksheetRow, 'mapping'>): KnownMapping | null {
  const read = knownMapping.nullable().safeParse(mapping);
  return read.success ? read.data : null;
}

/** @throws Invalid where the set has no such exercise */
export function assignedIn({ set }: Frame, itemId: string): Pick<AssignedExercise, 'exercise'> {
  const found = set.assignedExercises.find((each) => each.itemId === itemId);
  if (!found) throw new Invalid('There is no such exercise in this set.');
  return found;
}

/** Students with the numbers they were given in an exercise. */
export async function ownNumbersIn(
  queries: Queries,
  setId: string,
  itemId: string,
  students: readonly Pick<StudentRow, 'id' | 'name' | 'number'>[],
): Promise<SheetStudent[]> {
  const ids = students.map(({ id }) => id);
  const rows = new Map((await findSubmissions(queries, setId, ids)).map((row) => [row.studentId, row]));
  return students.map(({ id, name, number }) => {
    const read = ownNumbers.safeParse(rows.get(id)?.numbers ?? {});
    return { id, name, number, numbers: (read.success ? read.data[itemId] : undefined) ?? {} };
  });
}

/** The student a worksheet is given to, with own numbers; nobody where it is nobody's. */
export async function givenTo(
  queries: Queries,
  setId: string,
  itemId: string,
  studentId: string | null,
): Promise<SheetStudent[]> {
  return studentId === null ? [] : ownNumbersIn(queries, setId, itemId, await findStudents(queries, [studentId]));
}

/** What lists say of a worksheet that came back from its judge. */
export const summaryOf = (done: SheetJudgedJob): WorksheetSummary =>
  done.ok ? summaryOfSheet(done.judged) : { ...nothing, says: done.says.slice(0, 400) };

/** What a worksheet answers, as a student would type it. */
export const entriesOf = (done: SheetJudgedJob): Entries => (done.ok ? done.judged.entries : {});
