/** Sets and the assignedExercises that were assigned. */

import { randomUUID } from 'node:crypto';
import { and, asc, count, desc, eq, inArray, isNotNull, isNull, ne, sql, type SQL } from 'drizzle-orm';
import { studentsOf } from './classes.ts';
import type { Queries, Writes } from './database.ts';
import { hasWords, placeOf, searchedText, type AskedPage, type Page } from './lists.ts';
import { classes, setExercises, submissions, unmatchedRows, assignedExercises, sets, students } from './schema.ts';

export type SetRow = typeof sets.$inferSelect;
export type AssignedExerciseRow = typeof assignedExercises.$inferSelect;

export interface AskedSets extends AskedPage {
  /** Only of these classes; of all where it is undefined. */
  readonly only?: readonly string[] | undefined;
  /** Empty for all classes. */
  readonly class: string;
  readonly state: '' | 'open' | 'waiting';
  readonly archived: boolean;
  /** The id of a set: others, assigned, that have an exercise of it. */
  readonly beside: string;
}

/** What somebody has to do something about: not assigned, not released, answers to look at, rows that match nobody. */
const isWaiting = sql`(${sets.assignedAt} IS NULL OR ${sets.releasedAt} IS NULL OR ${sets.toLookAt} > 0 OR ${sets.unmatched} > 0)`;

/** Sets of classes that are there, with what their class is called and how many students it has. */
export async function pageOfSets(
  queries: Queries,
  asked: AskedSets,
): Promise<Page<{ set: SetRow; className: string; students: number }>> {
  const where = and(
    isNull(sets.deletedAt),
    ...archivedAs(asked),
    ...(asked.only ? [inArray(sets.classId, [...asked.only])] : []),
    ...hasWords([sets.words, classes.words], asked.find),
    ...(asked.class === '' ? [] : [eq(sets.classId, asked.class)]),
    ...(asked.state === 'open' ? [isNull(sets.assignedAt)] : []),
    ...(asked.state === 'waiting' ? [isWaiting] : []),
    ...(asked.beside === '' ? [] : [isNotNull(sets.assignedAt), ne(sets.id, asked.beside), sharing(asked.beside)]),
  );
  const inClass = and(eq(classes.id, sets.classId), isNull(classes.deletedAt));
  const { limit, offset } = placeOf(asked);
  const order = [desc(sets.updatedAt), asc(sets.id)] as const;
  // Which ones first, so that students are counted for one page.
  const ids = queries
    .select({ id: sets.id })
    .from(sets)
    .innerJoin(classes, inClass)
    .where(where)
    .orderBy(...order)
    .limit(limit)
    .offset(offset);
  const [rows, [all]] = await Promise.all([
    queries
      .select({
        set: sets,
        code: classes.code,
        term: classes.term,
        students: studentsOf('sets.class_id'),
      })
      .from(sets)
      .innerJoin(classes, inClass)
      .where(inArray(sets.id, ids))
      .orderBy(...order),
    queries.select({ total: count() }).from(sets).innerJoin(classes, inClass).where(where),
  ]);
  return {
    rows: rows.map(({ set, code, term, students: number }) => ({
      set,
      className: [code, term].filter((word) => word !== '').join(', '),
      students: number,
    })),
    total: all?.total ?? 0,
  };
}

/** Archived by themselves or with their class. What stands beside another set, and what a class has, may be of an earlier term. */
function archivedAs({ archived, beside, class: classId }: AskedSets): SQL[] {
  if (beside !== '') return [];
  if (archived) return [sql`(${sets.archivedAt} IS NOT NULL OR ${classes.archivedAt} IS NOT NULL)`];
  return classId === '' ? [isNull(sets.archivedAt), isNull(classes.archivedAt)] : [isNull(sets.archivedAt)];
}

const sharing = (setId: string): SQL => sql`${sets.id} IN (
  SELECT other.set_id FROM set_exercises AS own JOIN set_exercises AS other ON other.exercise_id = own.exercise_id
  WHERE own.set_id = ${setId})`;

export async function findSet(queries: Queries, id: string): Promise<SetRow | undefined> {
  const [row] = await queries
    .select()
    .from(sets)
    .where(and(eq(sets.id, id), isNull(sets.deletedAt)));
  return row;
}

/** How many students a class has, without those who have withdrawn. */
export async function countStudents(queries: Queries, classId: string): Promise<number> {
  const [row] = await queries
    .select({ number: count() })
    .from(students)
    .where(and(eq(students.classId, classId), isNull(students.withdrawnAt)));
  return row?.number ?? 0;
}

/** Counts what lists show of a set anew: in the transaction that changed its submissions, their verdicts, its unmatched rows or its roster. */
export async function recount(writes: Writes, setId: string): Promise<void> {
  await writes.run(sql`
    UPDATE ${sets} SET
      submitted = (
        SELECT count(*) FROM ${submissions} JOIN ${students} ON ${students.id} = ${submissions.studentId}
        WHERE ${submissions.setId} = ${setId} AND ${submissions.entries} <> '{}' AND ${students.withdrawnAt} IS NULL
      ),
      to_look_at = (SELECT coalesce(sum(${submissions.open}), 0) FROM ${submissions} WHERE ${submissions.setId} = ${setId}),
      unmatched = (SELECT count(*) FROM ${unmatchedRows} WHERE ${unmatchedRows.setId} = ${setId} AND ${unmatchedRows.doneAt} IS NULL)
    WHERE ${sets.id} = ${setId}`);
}

/** All sets of a class, assigned or not. */
export async function setIdsOfClass(queries: Queries, classId: string): Promise<string[]> {
  return (await queries.select({ id: sets.id }).from(sets).where(eq(sets.classId, classId))).map(({ id }) => id);
}

export async function insertSet(
  writes: Writes,
  values: {
    readonly classId: string;
    readonly title: string;
    readonly document: unknown;
    readonly assignedAt?: string;
  },
  id: string = randomUUID(),
): Promise<SetRow> {
  const now = new Date().toISOString();
  const [row] = await writes
    .insert(sets)
    .values({ ...values, words: searchedText(values.title), id, createdAt: now, updatedAt: now })
    .returning();
  await recordExercises(writes, id);
  return row!;
}

/** Writes only where the revision is still the one the writer saw; undefined otherwise. */
export async function updateSet(
  writes: Writes,
  id: string,
  revision: number,
  values: Partial<SetRow>,
): Promise<SetRow | undefined> {
  const [row] = await writes
    .update(sets)
    .set({
      ...values,
      ...(values.title === undefined ? {} : { words: searchedText(values.title) }),
      revision: sql`${sets.revision} + 1`,
      updatedAt: new Date().toISOString(),
    })
    .where(and(eq(sets.id, id), eq(sets.revision, revision), isNull(sets.deletedAt)))
    .returning();
  if (row && values.document !== undefined) await recordExercises(writes, id);
  return row;
}

/** Notes which exercises a set has, as its document says. */
async function recordExercises(writes: Writes, id: string): Promise<void> {
  await writes.delete(setExercises).where(eq(setExercises.setId, id));
  await writes.run(sql`
    INSERT OR IGNORE INTO ${setExercises} SELECT ${sets.id}, json_extract(item.value, '$.exerciseId')
    FROM ${sets}, json_each(${sets.document}, '$.items') AS item WHERE ${sets.id} = ${id}`);
}

/** Marks a set as touched, for lists that show the newest first. */
export async function touchSet(writes: Writes, id: string): Promise<void> {
  await writes.update(sets).set({ updatedAt: new Date().toISOString() }).where(eq(sets.id, id));
}

/** Deleted sets of classes that are still there. */
export async function listDeletedSets(
  queries: Queries,
): Promise<{ id: string; title: string; deletedAt: string; classId: string }[]> {
  const rows = await queries
    .select({ id: sets.id, title: sets.title, deletedAt: sets.deletedAt, classId: sets.classId })
    .from(sets)
    .innerJoin(classes, and(eq(classes.id, sets.classId), isNull(classes.deletedAt)))
    .where(isNotNull(sets.deletedAt))
    .orderBy(desc(sets.deletedAt));
  return rows.map((row) => ({ ...row, deletedAt: row.deletedAt ?? '' }));
}

export async function restoreSet(writes: Writes, id: string): Promise<boolean> {
  const rows = await writes
    .update(sets)
    .set({ deletedAt: null })
    .where(and(eq(sets.id, id), isNotNull(sets.deletedAt)))
    .returning({ id: sets.id });
  return rows.length > 0;
}

/** Puts a set out of the way or takes it back; true where there is one. */
export async function setSetArchived(writes: Writes, id: string, archived: boolean): Promise<boolean> {
  const rows = await writes
    .update(sets)
    .set({ archivedAt: archived ? new Date().toISOString() : null })
    .where(and(eq(sets.id, id), isNull(sets.deletedAt)))
    .returning({ id: sets.id });
  return rows.length > 0;
}

export async function deleteSet(writes: Writes, id: string): Promise<boolean> {
  const rows = await writes
    .update(sets)
    .set({ deletedAt: new Date().toISOString() })
    .where(and(eq(sets.id, id), isNull(sets.deletedAt)))
    .returning({ id: sets.id });
  return rows.length > 0;
}

/** What students are asked now. */
export function listAssignedExercises(queries: Queries, setId: string): Promise<AssignedExerciseRow[]> {
  return queries
    .select()
    .from(assignedExercises)
    .where(and(eq(assignedExercises.setId, setId), isNull(assignedExercises.removedAt)));
}

/** The parts of a set by their places, without the exercises; also those that were removed, where they are wanted. */
export async function listParts(
  queries: Queries,
  setId: string,
  removedToo: boolean,
): Promise<{ itemId: string; partId: string }[]> {
  const rows = await queries.all<{ item: string; part: string }>(
    sql`SELECT ${assignedExercises.itemId} AS item, json_extract(part.value, '$.id') AS part
        FROM ${assignedExercises}, json_each(${assignedExercises.document}, '$.exercise.parts') AS part
        WHERE ${assignedExercises.setId} = ${setId} AND (${removedToo ? 1 : 0} = 1 OR ${assignedExercises.removedAt} IS NULL)`,
  );
  return rows.map(({ item, part }) => ({ itemId: item, partId: part }));
}

/** Which revision of which exercise stands in each place, without the exercises. */
export function listAssignedRevisions(
  queries: Queries,
  setId: string,
): Promise<{ itemId: string; revision: number }[]> {
  return queries
    .select({ itemId: assignedExercises.itemId, revision: assignedExercises.exerciseRevision })
    .from(assignedExercises)
    .where(and(eq(assignedExercises.setId, setId), isNull(assignedExercises.removedAt)));
}

/** What was removed after the set was assigned, the newest first. */
export function listRemovedAssignedExercises(queries: Queries, setId: string): Promise<AssignedExerciseRow[]> {
  return queries
    .select()
    .from(assignedExercises)
    .where(and(eq(assignedExercises.setId, setId), isNotNull(assignedExercises.removedAt)))
    .orderBy(desc(assignedExercises.removedAt));
}

/** How many students have answered something in each place of a set. */
export async function countAnswered(queries: Queries, setId: string): Promise<ReadonlyMap<string, number>> {
  const rows = await queries.all<{ item: string; students: number }>(
    sql`SELECT place.key AS item, count(*) AS students FROM ${submissions}, json_each(${submissions.entries}) AS place WHERE ${submissions.setId} = ${setId} GROUP BY place.key`,
  );
  return new Map(rows.map(({ item, students: number }) => [item, Number(number)]));
}

export async function insertAssignedExercise(
  writes: Writes,
  values: {
    readonly setId: string;
    readonly itemId: string;
    readonly exerciseId: string;
    readonly document: unknown;
    readonly exerciseRevision: number;
  },
): Promise<void> {
  await writes.insert(assignedExercises).values({ ...values, id: randomUUID() });
}

export async function updateAssignedExercise(
  writes: Writes,
  id: string,
  values: Partial<AssignedExerciseRow>,
): Promise<void> {
  await writes.update(assignedExercises).set(values).where(eq(assignedExercises.id, id));
}

/** Sets of a class that have been assigned: who joins the class gets numbers in them. */
export function assignedSets(queries: Queries, classId: string): Promise<SetRow[]> {
  return queries
    .select()
    .from(sets)
    .where(and(eq(sets.classId, classId), isNull(sets.deletedAt), ne(sets.assignedAt, '')));
}

/** Sets that have been assigned, the newest first. */
export async function assignedSetIds(queries: Queries): Promise<{ id: string; classId: string }[]> {
  return queries
    .select({ id: sets.id, classId: sets.classId })
    .from(sets)
    .innerJoin(classes, and(eq(classes.id, sets.classId), isNull(classes.deletedAt)))
    .where(and(isNull(sets.deletedAt), ne(sets.assignedAt, '')))
    .orderBy(desc(sets.updatedAt));
}
