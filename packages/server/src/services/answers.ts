/** Answers in: typed, pasted, from a file, given to a student from an unmatched row. What is written over is kept. */

import {
  earlierAnswers,
  entries as entriesSchema,
  type AssignedReport,
  type ChangedAnswers,
  type EarlierAnswer,
  type ImportedAnswers,
  type ImportedReport,
  type UnmatchedRow,
  type MarkedStudent,
  type WrittenAnswer,
} from '@hardy-sextant/contract';
import { studentFinder } from '@hardy-sextant/files';
import type { Checker } from '../checking/checker.ts';
import { findStudents, listStudents } from '../store/classes.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import {
  findDecisions,
  findSubmissions,
  insertUnmatchedRows,
  keepEarlier,
  listEarlier,
  setRowsDone,
  writeEntries,
  type SubmissionRow,
} from '../store/submissions.ts';
import { recount, touchSet } from '../store/sets.ts';
import { allAnswers, answerAt, differing, withChanges, type AnswerChange } from './entries.ts';
import type { SetToJudge } from './sets.ts';
import { submissionsByStudent, judge, readFrame, toStudent, type Frame } from './judging.ts';
import { readUnmatchedRows } from './marking.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { stored } from './stored.ts';

/** The parts of a set, to ask whether an answer belongs to one. */
function partsOf(assignedExercises: SetToJudge['assignedExercises']): (itemId: string, entryId: string) => boolean {
  const names = new Set(
    assignedExercises.flatMap(({ itemId, exercise }) => exercise.parts.map(({ id }) => `${itemId}/${id}`)),
  );
  return (itemId, entryId) => names.has(`${itemId}/${entryId.split('.')[0]}`);
}

/** Writes changes to one submission, keeping what they write over. */
export async function overwrite(
  writes: Writes,
  row: SubmissionRow,
  changes: readonly AnswerChange[],
  source: string,
): Promise<WrittenAnswer[]> {
  const now = stored(entriesSchema, row.entries, 'submission');
  const at = new Date().toISOString();
  const written = changes
    .map(({ itemId, entryId, text }) => ({
      studentId: row.studentId,
      itemId,
      entryId,
      text,
      was: answerAt(now, itemId, entryId),
    }))
    .filter(({ text, was }) => text !== was);
  if (written.length === 0) return [];
  await keepEarlier(
    writes,
    written.map(({ itemId, entryId, was }) => ({
      setId: row.setId,
      studentId: row.studentId,
      itemId,
      entryId,
      text: was,
      at,
      source,
    })),
  );
  await writeEntries(writes, row, withChanges(now, written));
  return written;
}

/** Some students as they are now, judged; without verdicts where judging fails, for what they wrote is stored all the same. */
async function judgedStudents(
  database: Database,
  check: Checker,
  frame: Frame,
  ids: readonly string[],
): Promise<MarkedStudent[]> {
  const waiting = (await findSubmissions(database, frame.set.id, ids)).filter(
    ({ checkedAs }) => checkedAs !== frame.current,
  );
  try {
    if (waiting.length > 0) await judge(database, check, frame, waiting);
  } catch {
    // The screen sees that verdicts are missing and asks for them again.
  }
  const [rows, decisions, students] = await Promise.all([
    findSubmissions(database, frame.set.id, ids),
    findDecisions(database, frame.set.id, ids),
    findStudents(database, ids),
  ]);
  const byStudent = new Map(rows.map((row) => [row.studentId, row]));
  return students.map((student) => toStudent(student, byStudent.get(student.id), decisions, frame));
}

/** Writes all answers of one action in one transaction: one unknown student or part, or one changed elsewhere, and none is written. */
export async function writeAnswers(
  database: Database,
  check: Checker,
  setId: string,
  { changes, source = 'typed', rows: unmatchedRows = [] }: ChangedAnswers,
): Promise<MarkedStudent[]> {
  const frame = await readFrame(database, setId);
  const isPart = partsOf(frame.set.assignedExercises);
  const ids = [...new Set(changes.map(({ studentId }) => studentId))];
  await database.transaction(async (writes) => {
    const rows = new Map((await findSubmissions(writes, setId, ids)).map((row) => [row.studentId, row]));
    const fields = changes.flatMap(({ studentId, itemId, entryId }, at) => [
      ...(rows.has(studentId)
        ? []
        : [{ path: `changes.${at}.studentId`, message: 'There is no such student in this class.' }]),
      ...(isPart(itemId, entryId)
        ? []
        : [{ path: `changes.${at}.entryId`, message: 'There is no such part in this set.' }]),
    ]);
    if (fields.length > 0) throw new Invalid('Some answers match no student here; none was written.', fields);
    for (const studentId of ids) {
      const row = rows.get(studentId)!;
      const now = stored(entriesSchema, row.entries, 'submission');
      const own = changes.filter((change) => change.studentId === studentId);
      const elsewhere = own.find(
        ({ itemId, entryId, was, text }) =>
          was !== undefined && answerAt(now, itemId, entryId) !== was && answerAt(now, itemId, entryId) !== text,
      );
      if (elsewhere)
        throw new Stale('answer', { ...elsewhere, text: answerAt(now, elsewhere.itemId, elsewhere.entryId) });
      await overwrite(writes, row, own, source);
    }
    for (const done of [true, false])
      await setRowsDone(
        writes,
        setId,
        unmatchedRows.filter((row) => row.done === done).map(({ id }) => id),
        done,
      );
    await recount(writes, setId);
    await touchSet(writes, setId);
  });
  return judgedStudents(database, check, frame, ids);
}

/** Takes in rows of a file in one transaction. Unmatched rows are kept; only what differs is written. */
export async function importAnswers(
  database: Database,
  check: Checker,
  setId: string,
  { source, rows }: ImportedAnswers,
): Promise<ImportedReport> {
  const frame = await readFrame(database, setId);
  const isPart = partsOf(frame.set.assignedExercises);
  const find = studentFinder(
    (await listStudents(database, frame.set.classId)).filter(({ withdrawnAt }) => withdrawnAt === null),
  );
  const taken = new Set<string>();
  const kept: Omit<UnmatchedRow, 'id'>[] = [];
  const written: WrittenAnswer[] = [];
  let same = 0;
  let newRows: string[] = [];
  await database.transaction(async (writes) => {
    const submissions = await submissionsByStudent(writes, setId);
    const before = await readUnmatchedRows(writes, setId);
    for (const { place, student, entries } of rows) {
      const keep = (why: string): void => {
        const twin = before.some(
          (each) => each.student === student && JSON.stringify(each.entries) === JSON.stringify(entries),
        );
        if (!twin) kept.push({ place, source, student, entries, why });
      };
      const found = find(student);
      const strange = allAnswers(entries).find(({ itemId, entryId }) => !isPart(itemId, entryId));
      const row = found.ok ? submissions.get(found.id) : undefined;
      if (!found.ok) keep(found.why);
      else if (taken.has(found.id)) keep(`There is another row for ${found.name} in this file.`);
      else if (strange) keep(`There is no part ${strange.entryId} in this set.`);
      else if (!row) keep(`${found.name} has no submission in this set.`);
      else {
        taken.add(found.id);
        const changes = differing(stored(entriesSchema, row.entries, 'submission'), entries);
        same += allAnswers(entries).filter(({ text }) => text !== '').length - changes.length;
        written.push(...(await overwrite(writes, row, changes, source)));
      }
    }
    newRows = await insertUnmatchedRows(writes, setId, kept);
    await recount(writes, setId);
    await touchSet(writes, setId);
  });
  const touched = [...new Set(written.map(({ studentId }) => studentId))];
  if (touched.length <= JUDGED_AT_ONCE) await judgedStudents(database, check, frame, touched);
  return {
    students: touched.length,
    changed: written.length,
    same,
    kept: await readUnmatchedRows(database, setId),
    written,
    newRows,
  };
}

/** More than so many are judged step by step, with progress, by the screen that shows them. */
const JUDGED_AT_ONCE = 60;

/** Gives an unmatched row to a student: its answers are written over theirs, and the row is done. Answers to parts that do not exist are refused. */
export async function assignRow(
  database: Database,
  check: Checker,
  setId: string,
  rowId: string,
  studentId: string,
): Promise<AssignedReport> {
  const frame = await readFrame(database, setId);
  const isPart = partsOf(frame.set.assignedExercises);
  let written: WrittenAnswer[] = [];
  await database.transaction(async (writes) => {
    const row = (await readUnmatchedRows(writes, setId)).find(({ id }) => id === rowId);
    if (!row) throw new NotFound('row');
    const [submission] = await findSubmissions(writes, setId, [studentId]);
    if (!submission) throw new NotFound('student');
    const changes = differing(stored(entriesSchema, submission.entries, 'submission'), row.entries);
    const strange = changes.filter(({ itemId, entryId }) => !isPart(itemId, entryId));
    if (strange.length > 0)
      throw new Invalid(
        `This row has answers to parts that are not in this set (${strange.map(({ entryId }) => entryId).join(', ')}); it was left as it is. Import the file again with those columns set to nothing.`,
        strange.map(({ entryId }) => ({ path: `entries.${entryId}`, message: 'There is no such part in this set.' })),
      );
    written = await overwrite(writes, submission, changes, row.source);
    await setRowsDone(writes, setId, [rowId], true);
    await recount(writes, setId);
    await touchSet(writes, setId);
  });
  return {
    students: await judgedStudents(database, check, frame, [studentId]),
    unmatchedRows: await readUnmatchedRows(database, setId),
    written,
  };
}

/** Puts an unmatched row away, or brings it back. */
export async function putRowAway(database: Database, setId: string, rowId: string, done: boolean): Promise<void> {
  await database.transaction(async (writes) => {
    await setRowsDone(writes, setId, [rowId], done);
    await recount(writes, setId);
  });
}

/** What stood in a student's answers before, the newest first. */
export async function readEarlier(queries: Queries, setId: string, studentId: string): Promise<EarlierAnswer[]> {
  return stored(earlierAnswers, await listEarlier(queries, setId, studentId), 'earlier answer');
}
