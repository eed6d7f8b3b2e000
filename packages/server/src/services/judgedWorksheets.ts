/** One worksheet as it is judged now: cell by cell, given to a student, told where things stand, given back with remarks. */

import { numberStyleById, workedOut, writeMoney, type Entries, type KnownMapping } from '@hardy-sextant/core';
import type {
  KeptWorksheet,
  MappedReport,
  mappedWorksheets,
  MatchedWorksheet,
  WorksheetDetail,
  WorksheetSummary,
} from '@hardy-sextant/contract';
import { returnedSheet, type NamedFile } from '@hardy-sextant/files';
import type { z } from 'zod';
import type { SheetJob, SheetJudge, SheetJudgedJob } from '../checking/sheetJob.ts';
import { findStudents } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { changeWorksheet, findWorksheet, listWorksheetRows, type WorksheetRow } from '../store/worksheets.ts';
import { readFrame, type Frame } from './judging.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { assignedIn, entriesOf, givenTo, kept, mappingOf, summaryOf } from './worksheetRows.ts';

type StoredWorksheet = WorksheetRow & { readonly bytes: Buffer };

interface Judged {
  readonly row: StoredWorksheet;
  readonly frame: Frame;
  readonly done: SheetJudgedJob;
}

async function stored(database: Database, setId: string, id: string): Promise<StoredWorksheet> {
  const row = await findWorksheet(database, setId, id);
  if (!row) throw new NotFound('worksheet');
  return row;
}

/** A worksheet as its judge is asked. */
async function jobOf(database: Database, frame: Frame, row: StoredWorksheet): Promise<SheetJob> {
  const { itemId, studentId, name, bytes } = row;
  const { exercise } = assignedIn(frame, itemId);
  const students = await givenTo(database, frame.set.id, itemId, studentId);
  return { bytes, name, exercise, rules: frame.rules, students, studentId, mapping: mappingOf(row) };
}

async function judged(database: Database, judge: SheetJudge, setId: string, id: string): Promise<Judged> {
  const frame = await readFrame(database, setId);
  const row = await stored(database, setId, id);
  return { row, frame, done: await judge(await jobOf(database, frame, row)) };
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
  const empty = { sheets: {}, names: {}, inputs: {}, answers: {}, judged: [], causes: [], mended: {}, notes: [] };
  const mapping = mappingOf(row);
  if (!done.ok) return { ...kept(row), summary, mapping, ...empty };
  const { cells, causes, mended, table } = done.judged;
  return {
    ...kept(row),
    summary,
    sheets: workedOut(done.found) as WorksheetDetail['sheets'],
    names: { ...done.found.names },
    inputs: { ...done.found.inputs },
    answers: { ...done.found.answers },
    mapping,
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
  const row = { ...(await stored(database, setId, id)), studentId };
  if (studentId !== null && (await findStudents(database, [studentId]))[0]?.classId !== frame.set.classId)
    throw new Invalid('There is no such student in this class.', [
      { path: 'studentId', message: 'Choose a student of the class.' },
    ]);
  const done = await judge(await jobOf(database, frame, row));
  const [summary, entries] = [summaryOf(done), entriesOf(done)];
  const isDone = await database.transaction((writes) =>
    changeWorksheet(writes, id, revision, { studentId, summary, entries }),
  );
  if (!isDone) throw await changedMeanwhile(database, setId, id);
  return kept({ ...row, summary, revision: revision + 1 });
}

async function changedMeanwhile(database: Database, setId: string, id: string): Promise<Stale> {
  const now = await findWorksheet(database, setId, id);
  return new Stale('worksheet', now && kept(now));
}

interface Mapped {
  readonly row: StoredWorksheet;
  /** The revision it was read with. */
  readonly revision: number;
  readonly mapping: KnownMapping | null;
  readonly summary: WorksheetSummary;
  readonly entries: Entries;
}

const mappedAs = (row: StoredWorksheet, revision: number, done: SheetJudgedJob): Mapped => ({
  row,
  revision,
  mapping: done.ok ? done.mapping : null,
  summary: summaryOf(done),
  entries: entriesOf(done),
});

/** Takes where things stand as it is said, for one worksheet, for several, or for all that look like the first; written together. */
export async function mapWorksheets(
  database: Database,
  judge: SheetJudge,
  setId: string,
  { worksheets, alike }: z.output<typeof mappedWorksheets>,
): Promise<MappedReport> {
  const frame = await readFrame(database, setId);
  const said = await Promise.all(
    worksheets.map(async ({ id, revision, mapping }): Promise<Mapped> => {
      const row = await stored(database, setId, id);
      const done = await judge({ ...(await jobOf(database, frame, row)), mapping });
      return mappedAs(row, revision, done);
    }),
  );
  const first = said[0];
  const others = alike && first?.mapping ? await lookingAlike(database, judge, frame, first.row, first.mapping) : [];
  const all = [...said, ...others];
  await database.transaction(async (writes) => {
    for (const { row, revision, mapping, summary, entries } of all)
      if (!(await changeWorksheet(writes, row.id, revision, { mapping, summary, entries })))
        throw await changedMeanwhile(database, setId, row.id);
  });
  return {
    worksheets: all.map(({ row, mapping, summary, revision }) =>
      kept({ ...row, mapping, summary, revision: revision + 1 }),
    ),
    was: all.map(({ row, revision }) => ({ id: row.id, revision: revision + 1, mapping: mappingOf(row) })),
  };
}

/** The other worksheets of an exercise in which the same words stand. */
async function lookingAlike(
  database: Database,
  judge: SheetJudge,
  frame: Frame,
  first: WorksheetRow,
  mapping: KnownMapping,
): Promise<Mapped[]> {
  const rows = await listWorksheetRows(database, frame.set.id);
  const others = rows.filter(({ id, itemId }) => id !== first.id && itemId === first.itemId);
  const tried = await Promise.all(
    others.map(async ({ id }): Promise<Mapped[]> => {
      const row = await stored(database, frame.set.id, id);
      const job = await jobOf(database, frame, row);
      const done = await judge({ ...job, mapping: null, known: [mapping], onlyKnown: true });
      return done.ok ? [mappedAs(row, row.revision, done)] : [];
    }),
  );
  return tried.flat();
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
    const { name, bytes } = await stored(database, setId, id);
    return { name, bytes };
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
