/** Hand-ins: what a student answered to an exercise. */

import { randomUUID } from 'node:crypto';
import { and, eq, inArray } from 'drizzle-orm';
import type { Queries } from './database.ts';
import { handIns, students } from './schema.ts';

export type HandInRow = typeof handIns.$inferSelect;

export async function listHandIns(queries: Queries, exerciseId: string, classId: string): Promise<HandInRow[]> {
  const rows = await queries
    .select({ record: handIns })
    .from(handIns)
    .innerJoin(students, eq(students.id, handIns.studentId))
    .where(and(eq(handIns.exerciseId, exerciseId), eq(students.classId, classId)));
  return rows.map(({ record }) => record);
}

export function findHandIns(queries: Queries, exerciseId: string, studentIds: readonly string[]): Promise<HandInRow[]> {
  return queries
    .select()
    .from(handIns)
    .where(and(eq(handIns.exerciseId, exerciseId), inArray(handIns.studentId, [...studentIds])));
}

/** Stores a student's entries, over the earlier ones if there were any. */
export async function putHandIn(queries: Queries, exerciseId: string, studentId: string, entries: unknown, before: HandInRow | undefined): Promise<void> {
  const updatedAt = new Date().toISOString();
  if (before)
    await queries
      .update(handIns)
      .set({ entries, updatedAt, revision: before.revision + 1 })
      .where(eq(handIns.id, before.id));
  else await queries.insert(handIns).values({ id: randomUUID(), exerciseId, studentId, entries, updatedAt });
}
