/** Worksheets in the database; lists read no file. */

import { randomUUID } from 'node:crypto';
import { and, asc, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { sets, worksheets } from './schema.ts';

const { id, setId, itemId, studentId, name, size, summary, mapping, revision, deletedAt } = worksheets;
const listed = { id, setId, itemId, studentId, name, size, summary, mapping, revision };
export type WorksheetRow = Omit<typeof worksheets.$inferSelect, 'bytes' | 'entries' | 'createdAt' | 'deletedAt'>;

export function listWorksheetRows(queries: Queries, set: string): Promise<WorksheetRow[]> {
  return queries
    .select(listed)
    .from(worksheets)
    .where(and(eq(setId, set), isNull(deletedAt)))
    .orderBy(asc(worksheets.createdAt), asc(name));
}

export async function findWorksheet(
  queries: Queries,
  set: string,
  worksheet: string,
): Promise<(WorksheetRow & { readonly bytes: Buffer }) | undefined> {
  const [row] = await queries
    .select({ ...listed, bytes: worksheets.bytes })
    .from(worksheets)
    .where(and(eq(id, worksheet), eq(setId, set), isNull(deletedAt)))
    .limit(1);
  return row;
}

/** What the worksheets of an exercise answer, those without a student left out; the last of a student comes last. */
export async function listWorksheetEntries(
  queries: Queries,
  set: string,
  item: string,
): Promise<{ readonly studentId: string; readonly entries: unknown }[]> {
  const rows = await queries
    .select({ studentId, entries: worksheets.entries })
    .from(worksheets)
    .where(and(eq(setId, set), eq(itemId, item), isNull(deletedAt), isNotNull(studentId)))
    .orderBy(asc(worksheets.createdAt), asc(name));
  return rows.flatMap((row) => (row.studentId === null ? [] : [{ studentId: row.studentId, entries: row.entries }]));
}

export interface NewWorksheet {
  readonly setId: string;
  readonly itemId: string;
  readonly studentId: string | null;
  readonly name: string;
  readonly bytes: Buffer;
  readonly summary: unknown;
  readonly entries: unknown;
  readonly mapping?: unknown;
}

export async function insertWorksheet(writes: Writes, row: NewWorksheet): Promise<WorksheetRow> {
  const made = { ...row, id: randomUUID(), size: row.bytes.length, createdAt: new Date().toISOString() };
  await writes.insert(worksheets).values(made);
  return { ...made, mapping: made.mapping ?? null, revision: 1 };
}

/** @returns whether it stood as it was read */
export async function changeWorksheet(
  writes: Writes,
  worksheet: string,
  was: number,
  change: {
    readonly studentId?: string | null;
    readonly summary: unknown;
    readonly entries: unknown;
    readonly mapping?: unknown;
  },
): Promise<boolean> {
  const done = await writes
    .update(worksheets)
    .set({ ...change, revision: was + 1 })
    .where(and(eq(id, worksheet), eq(revision, was)))
    .returning({ id });
  return done.length > 0;
}

/** Takes worksheets (of a set, where one is named) away, or brings them back with null. @returns those that were there */
export function markWorksheets(
  writes: Writes,
  set: string | undefined,
  ids: readonly string[],
  at: string | null,
): Promise<WorksheetRow[]> {
  return writes
    .update(worksheets)
    .set({ deletedAt: at })
    .where(
      and(
        inArray(id, [...ids]),
        set === undefined ? undefined : eq(setId, set),
        at === null ? isNotNull(deletedAt) : isNull(deletedAt),
      ),
    )
    .returning(listed);
}

/** Those that stand in a set which is there. */
export async function listDeletedWorksheets(
  queries: Queries,
): Promise<{ id: string; title: string; deletedAt: string; setId: string; classId: string }[]> {
  const rows = await queries
    .select({ id, title: name, deletedAt, setId, classId: sets.classId })
    .from(worksheets)
    .innerJoin(sets, and(eq(sets.id, setId), isNull(sets.deletedAt)))
    .where(isNotNull(deletedAt))
    .orderBy(desc(deletedAt))
    .limit(MOST_DELETED);
  return rows.map((row) => ({ ...row, deletedAt: row.deletedAt ?? '' }));
}

const MOST_DELETED = 1000;
const MOST_MAPPINGS = 40;

/** What was said of worksheets of a class, the newest first, each once. */
export async function listMappings(queries: Queries, classId: string): Promise<unknown[]> {
  const rows = await queries
    .selectDistinct({ mapping, createdAt: worksheets.createdAt })
    .from(worksheets)
    .innerJoin(sets, eq(sets.id, setId))
    .where(and(eq(sets.classId, classId), isNotNull(mapping)))
    .orderBy(desc(worksheets.createdAt))
    .limit(MOST_MAPPINGS);
  return rows.map((row) => row.mapping);
}

/** What a student has submitted as files, without their bytes. */
export function listWorksheetsOf(
  queries: Queries,
  setId: string,
  studentId: string,
): Promise<{ id: string; itemId: string; name: string; size: number; createdAt: string }[]> {
  return queries
    .select({
      id: worksheets.id,
      itemId: worksheets.itemId,
      name: worksheets.name,
      size: worksheets.size,
      createdAt: worksheets.createdAt,
    })
    .from(worksheets)
    .where(and(eq(worksheets.studentId, studentId), eq(worksheets.setId, setId), isNull(worksheets.deletedAt)))
    .orderBy(worksheets.createdAt);
}
