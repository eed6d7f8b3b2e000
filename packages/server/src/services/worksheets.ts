/** Worksheets of a set: listed, taken in and judged in workers, taken away and brought back. */

import {
  itemEntries,
  type ImportedWorksheets,
  type KeptWorksheet,
  type RemovedWorksheets,
  type WorksheetEntries,
  type WorksheetsReport,
} from '@hardy-sextant/contract';
import { isFolder, unpackFolder, type NamedFile } from '@hardy-sextant/files';
import type { SheetJudge } from '../checking/sheetJob.ts';
import { listStudents } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import {
  insertWorksheet,
  listMappings,
  listWorksheetEntries,
  listWorksheetRows,
  markWorksheets,
  type NewWorksheet,
  type WorksheetRow,
} from '../store/worksheets.ts';
import { readFrame } from './judging.ts';
import { Invalid, NotFound } from './refusal.ts';
import { assignedIn, entriesOf, kept, mappingOf, ownNumbersIn, summaryOf } from './worksheetRows.ts';

export async function listWorksheets(queries: Queries, setId: string): Promise<KeptWorksheet[]> {
  return (await listWorksheetRows(queries, setId)).map(kept);
}

/** What each student's last worksheet answers in an exercise. */
export async function listEntries(queries: Queries, setId: string, itemId: string): Promise<WorksheetEntries[]> {
  const rows = await listWorksheetEntries(queries, setId, itemId);
  const last = new Map(rows.map(({ studentId, entries }) => [studentId, itemEntries.safeParse(entries).data ?? {}]));
  return [...last].map(([studentId, entries]) => ({ studentId, entries }));
}

/** Takes files in, zips of many among them; one that is no worksheet stops none of the others. */
export async function importWorksheets(
  database: Database,
  judge: SheetJudge,
  setId: string,
  input: ImportedWorksheets,
): Promise<WorksheetsReport> {
  const frame = await readFrame(database, setId);
  const { exercise } = assignedIn(frame, input.itemId);
  const students = await listStudents(database, frame.set.classId);
  const { files, leftOut } = unpacked(input.files);
  const strange = files.find(
    ({ studentId }) => studentId !== undefined && !students.some(({ id }) => id === studentId),
  );
  if (strange) throw new Invalid('There is no such student in this class.');
  const own = await ownNumbersIn(database, setId, input.itemId, students);
  const known = (await listMappings(database, frame.set.classId)).flatMap((mapping) => mappingOf({ mapping }) ?? []);
  const judged = await Promise.all(
    files.map(async ({ name, bytes, studentId }) => {
      const job = { bytes, name, exercise, rules: frame.rules, students: own, known };
      return { name, bytes, done: await judge(studentId === undefined ? job : { ...job, studentId }) };
    }),
  );
  const rows: NewWorksheet[] = [];
  for (const { name, bytes, done } of judged) {
    if (!done.ok) leftOut.push(done.says);
    else {
      const { studentId, mapping } = done;
      const [summary, entries] = [summaryOf(done), entriesOf(done)];
      rows.push({ setId, itemId: input.itemId, studentId, name, bytes: Buffer.from(bytes), summary, entries, mapping });
    }
  }
  const written = await database.transaction(async (writes) => {
    const all: WorksheetRow[] = [];
    for (const row of rows) all.push(await insertWorksheet(writes, row));
    return all;
  });
  return { worksheets: written.map(kept), leftOut };
}

interface OwnedFile extends NamedFile {
  readonly studentId?: string | undefined;
}

function unpacked(files: ImportedWorksheets['files']): { files: OwnedFile[]; leftOut: string[] } {
  const all: OwnedFile[] = [];
  const leftOut: string[] = [];
  for (const { name, data, studentId } of files) {
    const bytes = new Uint8Array(Buffer.from(data, 'base64'));
    if (!isFolder(bytes)) {
      all.push({ name, bytes, studentId });
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

/** Takes worksheets away, or brings them back; those of another set, or that are not there, are left as they are. */
export async function removeWorksheets(
  database: Database,
  setId: string,
  { ids, removed }: RemovedWorksheets,
): Promise<KeptWorksheet[]> {
  const at = removed ? new Date().toISOString() : null;
  const rows = await database.transaction((writes) => markWorksheets(writes, setId, ids, at));
  if (rows.length === 0) throw new NotFound('worksheet');
  return rows.map(kept);
}
