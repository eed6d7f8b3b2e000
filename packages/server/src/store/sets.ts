/** Sets and the assignedExercises that were assigned. */

import { randomUUID } from 'node:crypto';
import { and, count, desc, eq, isNotNull, isNull, ne, sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { classes, submissions, unmatchedRows, assignedExercises, sets, students } from './schema.ts';

export type SetRow = typeof sets.$inferSelect;
export type AssignedExerciseRow = typeof assignedExercises.$inferSelect;

export async function listSets(queries: Queries): Promise<SetRow[]> {
  const rows = await queries
    .select({ set: sets })
    .from(sets)
    .innerJoin(classes, and(eq(classes.id, sets.classId), isNull(classes.deletedAt)))
    .where(isNull(sets.deletedAt))
    .orderBy(desc(sets.updatedAt), sets.id);
  return rows.map(({ set }) => set);
}

export async function findSet(queries: Queries, id: string): Promise<SetRow | undefined> {
  const [row] = await queries
    .select()
    .from(sets)
    .where(and(eq(sets.id, id), isNull(sets.deletedAt)));
  return row;
}

/** How many students each class has, without those who have withdrawn; only one class where it is named. */
export async function countStudents(queries: Queries, classId?: string): Promise<ReadonlyMap<string, number>> {
  const rows = await queries
    .select({ id: classes.id, students: count(students.id) })
    .from(classes)
    .leftJoin(students, and(eq(students.classId, classes.id), isNull(students.withdrawnAt)))
    .where(classId === undefined ? undefined : eq(classes.id, classId))
    .groupBy(classes.id);
  return new Map(rows.map((row) => [row.id, row.students]));
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
    .values({ ...values, id, createdAt: now, updatedAt: now })
    .returning();
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
    .set({ ...values, revision: sql`${sets.revision} + 1`, updatedAt: new Date().toISOString() })
    .where(and(eq(sets.id, id), eq(sets.revision, revision), isNull(sets.deletedAt)))
    .returning();
  return row;
}

/** Marks a set as touched, for lists that show the newest first. */
export async function touchSet(writes: Writes, id: string): Promise<void> {
  await writes.update(sets).set({ updatedAt: new Date().toISOString() }).where(eq(sets.id, id));
}

/** Deleted sets of classes that are still there. */
export async function listDeletedSets(queries: Queries): Promise<{ id: string; title: string; deletedAt: string }[]> {
  const rows = await queries
    .select({ id: sets.id, title: sets.title, deletedAt: sets.deletedAt })
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
