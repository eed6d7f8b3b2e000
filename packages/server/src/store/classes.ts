/** Classes and their students. */

import { randomUUID } from 'node:crypto';
import { and, asc, count, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Queries } from './database.ts';
import { classes, students } from './schema.ts';

export type ClassRow = typeof classes.$inferSelect & { readonly students: number };
export type StudentRow = typeof students.$inferSelect;

export async function listClasses(queries: Queries): Promise<ClassRow[]> {
  const rows = await queries
    .select({ record: classes, students: count(students.id) })
    .from(classes)
    .leftJoin(students, eq(students.classId, classes.id))
    .where(isNull(classes.deletedAt))
    .groupBy(classes.id)
    .orderBy(asc(classes.code), asc(classes.term), asc(classes.id));
  return rows.map(({ record, students: number }) => ({ ...record, students: number }));
}

export async function findClass(queries: Queries, id: string): Promise<typeof classes.$inferSelect | undefined> {
  const [row] = await queries
    .select()
    .from(classes)
    .where(and(eq(classes.id, id), isNull(classes.deletedAt)));
  return row;
}

type ClassValues = Pick<typeof classes.$inferInsert, 'code' | 'title' | 'college' | 'term'>;

export async function insertClass(queries: Queries, values: ClassValues & { readonly rules: unknown }, id: string = randomUUID()): Promise<string> {
  const now = new Date().toISOString();
  await queries.insert(classes).values({ ...values, id, createdAt: now, updatedAt: now });
  return id;
}

/** Writes only where the revision is still the one the writer saw. */
export async function updateClass(queries: Queries, id: string, revision: number, values: ClassValues): Promise<boolean> {
  const rows = await queries
    .update(classes)
    .set({ ...values, revision: sql`${classes.revision} + 1`, updatedAt: new Date().toISOString() })
    .where(and(eq(classes.id, id), eq(classes.revision, revision), isNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

export async function deleteClass(queries: Queries, id: string): Promise<boolean> {
  const rows = await queries
    .update(classes)
    .set({ deletedAt: new Date().toISOString() })
    .where(and(eq(classes.id, id), isNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

export function listStudents(queries: Queries, classId: string): Promise<StudentRow[]> {
  return queries.select().from(students).where(eq(students.classId, classId)).orderBy(asc(students.name), asc(students.id));
}

export async function insertStudents(
  queries: Queries,
  classId: string,
  added: readonly { readonly id?: string; readonly name: string; readonly number: string }[],
): Promise<string[]> {
  const rows = added.map(({ id = randomUUID(), name, number }) => ({ id, classId, name, number }));
  for (let at = 0; at < rows.length; at += 200) await queries.insert(students).values(rows.slice(at, at + 200));
  return rows.map(({ id }) => id);
}

export async function updateStudent(
  queries: Queries,
  classId: string,
  { id, name, number }: { readonly id: string; readonly name: string; readonly number: string },
): Promise<void> {
  await queries
    .update(students)
    .set({ name, number })
    .where(and(eq(students.id, id), eq(students.classId, classId)));
}

export async function deleteStudents(queries: Queries, classId: string, ids: readonly string[]): Promise<void> {
  if (ids.length > 0) await queries.delete(students).where(and(eq(students.classId, classId), inArray(students.id, [...ids])));
}
