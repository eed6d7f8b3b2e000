/** Worksheets of a set: taken in, judged in a worker, matched to students, given back with remarks. */

import { numberStyleById, workedOut, writeMoney } from '@hardy-sextant/core';
import {
  ownNumbers,
  worksheetSummary,
  type AssignedExercise,
  type KeptWorksheet,
  type MatchedWorksheet,
  type WorksheetDetail,
  type WorksheetSummary,
  type WorksheetsReport,
} from '@hardy-sextant/contract';
import { isFolder, returnedSheet, unpackFolder, type NamedFile } from '@hardy-sextant/files';
import type { SheetJudge, SheetJudgedJob, SheetStudent } from '../checking/sheetJob.ts';
import { summaryOfSheet } from '../checking/sheetSummary.ts';
import { findStudents, listStudents, type StudentRow } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { findSubmissions } from '../store/submissions.ts';
import {
  changeWorksheet,
  findWorksheet,
  insertWorksheet,
  listWorksheetRows,
  markWorksheet,
  type NewWorksheet,
  type WorksheetRow,
} from '../store/worksheets.ts';
import { readFrame, type Frame } from './judging.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';

const nothing: WorksheetSummary = { credit: 0, causes: [], wrong: 0, cells: 0 };

function kept({ id, itemId, studentId, name, size, revision, summary }: WorksheetRow): KeptWorksheet {
  const read = worksheetSummary.safeParse(summary);
  return { id, itemId, studentId, name, size, revision, summary: read.success ? read.data : nothing };
}

export async function listWorksheets(queries: Queries, setId: string): Promise<KeptWorksheet[]> {
  return (await listWorksheetRows(queries, setId)).map(kept);
}

function assignedIn({ set }: Frame, itemId: string): Pick<AssignedExercise, 'exercise'> {
  const found = set.assignedExercises.find((each) => each.itemId === itemId);
  if (!found) throw new Invalid('There is no such exercise in this set.');
  return found;
}

/** Students with the numbers they were given in an exercise. */
async function ownNumbersIn(
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
async function givenTo(
  queries: Queries,
  setId: string,
  itemId: string,
  studentId: string | null,
): Promise<SheetStudent[]> {
  return studentId === null ? [] : ownNumbersIn(queries, setId, itemId, await findStudents(queries, [studentId]));
}

const summaryOf = (done: SheetJudgedJob): WorksheetSummary =>
  done.ok ? summaryOfSheet(done.judged) : { ...nothing, says: done.says.slice(0, 400) };

/** Takes files in, zips of many among them; one that is no worksheet stops none of the others. */
export async function importWorksheets(
  database: Database,
  judge: SheetJudge,
  setId: string,
  input: { readonly itemId: string; readonly files: readonly { readonly name: string; readonly data: string }[] },
): Promise<WorksheetsReport> {
  const frame = await readFrame(database, setId);
  const { exercise } = assignedIn(frame, input.itemId);
  const students = await listStudents(database, frame.set.classId);
  const { files, leftOut } = unpacked(input.files);
  const own = await ownNumbersIn(database, setId, input.itemId, students);
  const rows: NewWorksheet[] = [];
  for (const { name, bytes } of files) {
    const done = await judge({ bytes, name, exercise, rules: frame.rules, students: own });
    if (!done.ok) leftOut.push(done.says);
    else {
      const summary = summaryOfSheet(done.judged);
      rows.push({ setId, itemId: input.itemId, studentId: done.studentId, name, bytes: Buffer.from(bytes), summary });
    }
  }
  const written = await database.transaction(async (writes) => {
    const all: WorksheetRow[] = [];
    for (const row of rows) all.push(await insertWorksheet(writes, row));
    return all;
  });
  return { worksheets: written.map(kept), leftOut };
}

function unpacked(files: readonly { readonly name: string; readonly data: string }[]): {
  files: NamedFile[];
  leftOut: string[];
} {
  const all: NamedFile[] = [];
  const leftOut: string[] = [];
  for (const { name, data } of files) {
    const bytes = new Uint8Array(Buffer.from(data, 'base64'));
    if (!isFolder(bytes)) {
      all.push({ name, bytes });
      continue;
    }
    try {
      const folder = unpackFolder(bytes);
      all.push(...folder.files);
      leftOut.push(...folder.leftOut);
    } catch (error) {
      leftOut.push(error instanceof Error ? error.message : `${name} cannot be unpacked.`);
    }
  }
  return { files: all, leftOut };
}

interface Judged {
  readonly row: WorksheetRow & { readonly bytes: Buffer };
  readonly frame: Frame;
  readonly done: SheetJudgedJob;
}

async function judged(database: Database, judge: SheetJudge, setId: string, id: string): Promise<Judged> {
  const frame = await readFrame(database, setId);
  const row = await findWorksheet(database, setId, id);
  if (!row) throw new NotFound('worksheet');
  const { exercise } = assignedIn(frame, row.itemId);
  const students = await givenTo(database, setId, row.itemId, row.studentId);
  const done = await judge({
    bytes: row.bytes,
    name: row.name,
    exercise,
    rules: frame.rules,
    students,
    studentId: row.studentId,
  });
  return { row, frame, done };
}

/** A worksheet cell by cell, judged as the rules are now. */
export async function readWorksheet(
  database: Database,
  judge: SheetJudge,
  setId: string,
  id: string,
): Promise<WorksheetDetail> {
  const { row, done } = await judged(database, judge, setId, id);
  const summary = summaryOf(done);
  const empty = { sheets: {}, inputs: {}, judged: [], causes: [], mended: {}, notes: [] };
  if (!done.ok) return { ...kept(row), summary, ...empty };
  const { cells, causes, mended, table } = done.judged;
  const { inputs } = done.found;
  return {
    ...kept(row),
    summary,
    sheets: workedOut(done.found) as WorksheetDetail['sheets'],
    inputs: { ...inputs },
    ...(table ? { table: { ...table, columns: { ...table.columns } } } : {}),
    judged: [...cells],
    causes: causes.map((cause) => ({ ...cause, cells: [...cause.cells] })),
    mended: { ...mended },
    notes: [...done.notes],
  };
}

/** Gives a worksheet to a student, or to nobody; it is judged by that student's numbers. */
export async function matchWorksheet(
  database: Database,
  judge: SheetJudge,
  setId: string,
  id: string,
  { studentId, revision }: MatchedWorksheet,
): Promise<KeptWorksheet> {
  const frame = await readFrame(database, setId);
  const row = await findWorksheet(database, setId, id);
  if (!row) throw new NotFound('worksheet');
  const students = await listStudents(database, frame.set.classId);
  if (studentId !== null && !students.some((student: StudentRow) => student.id === studentId))
    throw new Invalid('There is no such student in this class.', [
      { path: 'studentId', message: 'Choose a student of the class.' },
    ]);
  const { exercise } = assignedIn(frame, row.itemId);
  const own = await givenTo(database, setId, row.itemId, studentId);
  const done = await judge({
    bytes: row.bytes,
    name: row.name,
    exercise,
    rules: frame.rules,
    students: own,
    studentId,
  });
  const summary = summaryOf(done);
  const isDone = await database.transaction((writes) => changeWorksheet(writes, id, revision, { studentId, summary }));
  if (!isDone) throw new Stale('worksheet', await findWorksheet(database, setId, id).then((now) => now && kept(now)));
  return kept({ ...row, studentId, summary, revision: revision + 1 });
}

/** Takes a worksheet away; `restoreWorksheet` brings it back. */
export async function removeWorksheet(database: Database, setId: string, id: string): Promise<undefined> {
  if (!(await findWorksheet(database, setId, id))) throw new NotFound('worksheet');
  await database.transaction((writes) => markWorksheet(writes, id, new Date().toISOString()));
}

export async function restoreWorksheet(database: Database, setId: string, id: string): Promise<KeptWorksheet> {
  const row = await findWorksheet(database, setId, id, true);
  if (!row) throw new NotFound('worksheet');
  await database.transaction((writes) => markWorksheet(writes, id, null));
  return kept(row);
}

/** The file as it came, or with notes in its wrong cells. */
export async function worksheetFile(
  database: Database,
  judge: SheetJudge,
  setId: string,
  id: string,
  how: 'original' | 'returned',
): Promise<NamedFile> {
  if (how === 'original') {
    const row = await findWorksheet(database, setId, id);
    if (!row) throw new NotFound('worksheet');
    return { name: row.name, bytes: row.bytes };
  }
  const { row, frame, done } = await judged(database, judge, setId, id);
  if (!done.ok) throw new Invalid(done.says);
  const style = numberStyleById(frame.rules.numberStyle);
  const bytes = await returnedSheet(row.bytes, done.found.cells, {
    judged: done.judged,
    write: (value) => writeMoney(value, style),
  });
  return { name: `${row.name.replace(/\.\w+$/, '')}, with remarks.xlsx`, bytes };
}
