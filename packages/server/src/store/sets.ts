/** Sets and the copies that were given out. */

import { randomUUID } from 'node:crypto';
import { and, count, desc, eq, isNull, ne, sql } from 'drizzle-orm';
import type { Queries } from './database.ts';
import { classes, handIns, keptRows, setCopies, sets, students } from './schema.ts';

export type SetRow = typeof sets.$inferSelect;
export type CopyRow = typeof setCopies.$inferSelect;

export interface SetCounts {
  readonly students: number;
  readonly handedIn: number;
  readonly toLookAt: number;
  readonly unmatched: number;
}

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

/** How far each set has come, by its id. */
export async function countSets(queries: Queries): Promise<ReadonlyMap<string, SetCounts>> {
  const [handed, rostered, unmatched] = await Promise.all([
    queries
      .select({
        id: handIns.setId,
        handedIn: sql<number>`sum(CASE WHEN ${handIns.entries} <> '{}' THEN 1 ELSE 0 END)`,
        toLookAt: sql<number>`sum(${handIns.open})`,
      })
      .from(handIns)
      .groupBy(handIns.setId),
    queries.select({ id: students.classId, students: count() }).from(students).groupBy(students.classId),
    queries.select({ id: keptRows.setId, rows: count() }).from(keptRows).groupBy(keptRows.setId),
  ]);
  const byClass = new Map(rostered.map((row) => [row.id, row.students]));
  const byRows = new Map(unmatched.map(({ id, rows }) => [id, rows]));
  const byHandIn = new Map(handed.map((row) => [row.id, row]));
  const all = await queries.select({ id: sets.id, classId: sets.classId }).from(sets).where(isNull(sets.deletedAt));
  return new Map(
    all.map(({ id, classId }) => [
      id,
      {
        students: byClass.get(classId) ?? 0,
        handedIn: Number(byHandIn.get(id)?.handedIn ?? 0),
        toLookAt: Number(byHandIn.get(id)?.toLookAt ?? 0),
        unmatched: byRows.get(id) ?? 0,
      },
    ]),
  );
}

export async function insertSet(
  queries: Queries,
  values: { readonly classId: string; readonly title: string; readonly document: unknown; readonly givenOutAt?: string },
  id: string = randomUUID(),
): Promise<SetRow> {
  const now = new Date().toISOString();
  const [row] = await queries
    .insert(sets)
    .values({ ...values, id, createdAt: now, updatedAt: now })
    .returning();
  return row!;
}

/** Writes only where the revision is still the one the writer saw; undefined otherwise. */
export async function updateSet(queries: Queries, id: string, revision: number, values: Partial<SetRow>): Promise<SetRow | undefined> {
  const [row] = await queries
    .update(sets)
    .set({ ...values, revision: sql`${sets.revision} + 1`, updatedAt: new Date().toISOString() })
    .where(and(eq(sets.id, id), eq(sets.revision, revision), isNull(sets.deletedAt)))
    .returning();
  return row;
}

/** Marks a set as touched, for lists that show the newest first. */
export async function touchSet(queries: Queries, id: string): Promise<void> {
  await queries.update(sets).set({ updatedAt: new Date().toISOString() }).where(eq(sets.id, id));
}

export async function deleteSet(queries: Queries, id: string): Promise<boolean> {
  const rows = await queries
    .update(sets)
    .set({ deletedAt: new Date().toISOString() })
    .where(and(eq(sets.id, id), isNull(sets.deletedAt)))
    .returning({ id: sets.id });
  return rows.length > 0;
}

export function listCopies(queries: Queries, setId: string): Promise<CopyRow[]> {
  return queries.select().from(setCopies).where(eq(setCopies.setId, setId));
}

export async function insertCopy(
  queries: Queries,
  values: { readonly setId: string; readonly itemId: string; readonly exerciseId: string; readonly document: unknown; readonly exerciseRevision: number },
): Promise<void> {
  await queries.insert(setCopies).values({ ...values, id: randomUUID() });
}

export async function updateCopy(queries: Queries, id: string, values: Partial<CopyRow>): Promise<void> {
  await queries.update(setCopies).set(values).where(eq(setCopies.id, id));
}

export async function deleteCopy(queries: Queries, id: string): Promise<void> {
  await queries.delete(setCopies).where(eq(setCopies.id, id));
}

/** Sets of a class that have been given out: who joins the class gets numbers in them. */
export function givenOutSets(queries: Queries, classId: string): Promise<SetRow[]> {
  return queries
    .select()
    .from(sets)
    .where(and(eq(sets.classId, classId), isNull(sets.deletedAt), ne(sets.givenOutAt, '')));
}
