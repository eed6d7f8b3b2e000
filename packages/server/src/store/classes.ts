/** Classes and their students. */

import { randomUUID } from 'node:crypto';
import { and, asc, count, desc, eq, inArray, isNotNull, isNull, sql, type SQL } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { hasWords, placeOf, searchedText, type AskedPage, type Page } from './lists.ts';
import { classes, houseRules, students } from './schema.ts';

/** A class with the house rules it follows; none stored stands for the usual ones. */
export type ClassRow = typeof classes.$inferSelect & { readonly rules: typeof houseRules.$inferSelect | null };
export type ListedClassRow = ClassRow & { readonly students: number };
export type StudentRow = typeof students.$inferSelect;

/** In a list: how many students a class has, without those who have withdrawn. */
export const studentsOf = (classId: 'classes.id' | 'sets.class_id'): SQL<number> =>
  sql<number>`(SELECT count(*) FROM students WHERE students.class_id = ${sql.raw(classId)} AND students.withdrawn_at IS NULL)`;

export async function pageOfClasses(
  queries: Queries,
  asked: AskedPage & { readonly archived: boolean; readonly only?: readonly string[] | undefined },
): Promise<Page<ListedClassRow>> {
  const where = and(
    isNull(classes.deletedAt),
    asked.archived ? isNotNull(classes.archivedAt) : isNull(classes.archivedAt),
    ...hasWords([classes.words], asked.find),
    ...(asked.only ? [inArray(classes.id, [...asked.only])] : []),
  );
  const { limit, offset } = placeOf(asked);
  const [rows, [all]] = await Promise.all([
    queries
      .select({ record: classes, rules: houseRules, students: studentsOf('classes.id') })
      .from(classes)
      .leftJoin(houseRules, eq(houseRules.id, classes.rulesId))
      .where(where)
      .orderBy(asc(classes.code), asc(classes.term), asc(classes.id))
      .limit(limit)
      .offset(offset),
    queries.select({ total: count() }).from(classes).where(where),
  ]);
  return {
    rows: rows.map(({ record, ...beside }) => ({ ...record, ...beside })),
    total: all?.total ?? 0,
  };
}

export async function findClass(queries: Queries, id: string): Promise<ClassRow | undefined> {
  const [row] = await queries
    .select({ record: classes, rules: houseRules })
    .from(classes)
    .leftJoin(houseRules, eq(houseRules.id, classes.rulesId))
    .where(and(eq(classes.id, id), isNull(classes.deletedAt)));
  return row && { ...row.record, rules: row.rules };
}

/** A class by its code and term, also one that is archived. */
export async function findClassNamed(queries: Queries, code: string, term: string): Promise<string | undefined> {
  const [row] = await queries
    .select({ id: classes.id })
    .from(classes)
    .where(and(eq(classes.code, code), eq(classes.term, term), isNull(classes.deletedAt)));
  return row?.id;
}

type ClassNames = Pick<typeof classes.$inferSelect, 'code' | 'title' | 'college' | 'term'>;
type ClassValues = ClassNames & { readonly rulesId?: string | undefined };
export const wordsOf = ({ code, title, college, term }: ClassNames): string => searchedText(code, title, term, college);

export async function insertClass(writes: Writes, values: ClassValues, id: string = randomUUID()): Promise<string> {
  const now = new Date().toISOString();
  await writes.insert(classes).values({ ...values, words: wordsOf(values), id, createdAt: now, updatedAt: now });
  return id;
}

/** Writes only where the revision is still the one the writer saw. */
export async function updateClass(writes: Writes, id: string, revision: number, values: ClassValues): Promise<boolean> {
  const rows = await writes
    .update(classes)
    .set({
      ...values,
      words: wordsOf(values),
      revision: sql`${classes.revision} + 1`,
      updatedAt: new Date().toISOString(),
    })
    .where(and(eq(classes.id, id), eq(classes.revision, revision), isNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

/** Marks a class as changed: its roster is part of what others have seen. */
export async function bumpClass(writes: Writes, id: string, revision: number): Promise<boolean> {
  const rows = await writes
    .update(classes)
    .set({ revision: sql`${classes.revision} + 1`, updatedAt: new Date().toISOString() })
    .where(and(eq(classes.id, id), eq(classes.revision, revision), isNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

export async function listDeletedClasses(
  queries: Queries,
): Promise<{ id: string; title: string; deletedAt: string; classId: string }[]> {
  const rows = await queries
    .select()
    .from(classes)
    .where(isNotNull(classes.deletedAt))
    .orderBy(desc(classes.deletedAt));
  return rows.map(({ id, code, title, term, deletedAt }) => ({
    id,
    title: [code, title, term].filter((word) => word !== '').join(', '),
    deletedAt: deletedAt ?? '',
    classId: id,
  }));
}

export async function restoreClass(writes: Writes, id: string): Promise<boolean> {
  const rows = await writes
    .update(classes)
    .set({ deletedAt: null })
    .where(and(eq(classes.id, id), isNotNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

/** Puts a class out of the way or takes it back; true where there is one. */
export async function setClassArchived(writes: Writes, id: string, archived: boolean): Promise<boolean> {
  const rows = await writes
    .update(classes)
    .set({ archivedAt: archived ? new Date().toISOString() : null })
    .where(and(eq(classes.id, id), isNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

export async function deleteClass(writes: Writes, id: string): Promise<boolean> {
  const rows = await writes
    .update(classes)
    .set({ deletedAt: new Date().toISOString() })
    .where(and(eq(classes.id, id), isNull(classes.deletedAt)))
    .returning({ id: classes.id });
  return rows.length > 0;
}

/** Everybody, also those who have withdrawn. */
export function listStudents(queries: Queries, classId: string): Promise<StudentRow[]> {
  return queries
    .select()
    .from(students)
    .where(eq(students.classId, classId))
    .orderBy(asc(students.name), asc(students.id));
}

/** Some students, by their ids. */
export async function findStudents(queries: Queries, ids: readonly string[]): Promise<StudentRow[]> {
  const found: StudentRow[] = [];
  for (let at = 0; at < ids.length; at += 200)
    found.push(
      ...(await queries
        .select()
        .from(students)
        .where(inArray(students.id, ids.slice(at, at + 200)))),
    );
  return found;
}

export interface NewStudent {
  readonly id?: string;
  readonly name: string;
  readonly number: string;
  readonly section?: string;
  readonly withdrawn?: boolean;
}

export async function insertStudents(writes: Writes, classId: string, added: readonly NewStudent[]): Promise<string[]> {
  const now = new Date().toISOString();
  const rows = added.map(({ id = randomUUID(), name, number, section = '', withdrawn = false }) => ({
    id,
    classId,
    name,
    number,
    section,
    withdrawnAt: withdrawn ? now : null,
  }));
  for (let at = 0; at < rows.length; at += 200) await writes.insert(students).values(rows.slice(at, at + 200));
  return rows.map(({ id }) => id);
}

export async function updateStudent(
  writes: Writes,
  classId: string,
  { id, name, number, section }: { id: string; name: string; number: string; section?: string | undefined },
): Promise<void> {
  await writes
    .update(students)
    .set({ name, number, ...(section === undefined ? {} : { section }) })
    .where(and(eq(students.id, id), eq(students.classId, classId)));
}

/** Marks students as having left, or as being back. */
export async function setWithdrawn(
  writes: Writes,
  classId: string,
  ids: readonly string[],
  withdrawn: boolean,
): Promise<void> {
  if (ids.length === 0) return;
  await writes
    .update(students)
    .set({ withdrawnAt: withdrawn ? new Date().toISOString() : null })
    .where(and(eq(students.classId, classId), inArray(students.id, [...ids])));
}

export async function deleteStudents(writes: Writes, classId: string, ids: readonly string[]): Promise<void> {
  if (ids.length > 0)
    await writes.delete(students).where(and(eq(students.classId, classId), inArray(students.id, [...ids])));
}
