/** Classes and their students. */

import { asc, count, eq } from 'drizzle-orm';
import type { Queries } from './database.ts';
import { classes, students } from './schema.ts';

export type ClassRow = typeof classes.$inferSelect & { readonly students: number };
export type StudentRow = typeof students.$inferSelect;

export async function listClasses(queries: Queries): Promise<ClassRow[]> {
  const rows = await queries
    .select({ record: classes, students: count(students.id) })
    .from(classes)
    .leftJoin(students, eq(students.classId, classes.id))
    .groupBy(classes.id)
    .orderBy(asc(classes.code), asc(classes.id));
  return rows.map(({ record, students: number }) => ({ ...record, students: number }));
}

export function listStudents(queries: Queries, classId: string): Promise<StudentRow[]> {
  return queries.select().from(students).where(eq(students.classId, classId)).orderBy(asc(students.name), asc(students.id));
}

export async function classExists(queries: Queries, classId: string): Promise<boolean> {
  const rows = await queries.select({ id: classes.id }).from(classes).where(eq(classes.id, classId));
  return rows.length > 0;
}
