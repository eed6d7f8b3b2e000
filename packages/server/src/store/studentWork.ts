/** What students do on their own pages, and what is done about it: late answers, acts, practice. */

import { randomUUID } from 'node:crypto';
import { and, asc, count, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { acts, lateAnswers, practiceRuns } from './peopleSchema.ts';
import { classes, sets, students, submissions } from './schema.ts';
import type { SetRow } from './sets.ts';
import type { SubmissionRow } from './submissions.ts';

/** The sets of a student's class that are answered online, with the student's submission. */
export function setsOfStudent(
  queries: Queries,
  studentId: string,
): Promise<{ set: SetRow; submission: SubmissionRow }[]> {
  return queries
    .select({ set: sets, submission: submissions })
    .from(submissions)
    .innerJoin(sets, and(eq(sets.id, submissions.setId), isNull(sets.deletedAt), isNull(sets.archivedAt)))
    .innerJoin(classes, and(eq(classes.id, sets.classId), isNull(classes.deletedAt)))
    .where(and(eq(submissions.studentId, studentId), sql`json_extract(${sets.document}, '$.online') = 1`))
    .orderBy(desc(sets.updatedAt));
}

type LateRow = typeof lateAnswers.$inferSelect;

export async function insertLate(writes: Writes, rows: readonly Omit<LateRow, 'id' | 'doneAt'>[]): Promise<void> {
  for (const row of rows) await writes.insert(lateAnswers).values({ ...row, id: randomUUID() });
}

/** What came too late and has been neither taken nor left, oldest first. */
export function listLate(queries: Queries, setId: string, studentIds?: readonly string[]): Promise<LateRow[]> {
  return queries
    .select()
    .from(lateAnswers)
    .where(
      and(
        eq(lateAnswers.setId, setId),
        isNull(lateAnswers.doneAt),
        ...(studentIds ? [inArray(lateAnswers.studentId, [...studentIds])] : []),
      ),
    )
    .orderBy(asc(lateAnswers.at));
}

export async function countLate(queries: Queries, setId: string): Promise<ReadonlyMap<string, number>> {
  const rows = await queries
    .select({ studentId: lateAnswers.studentId, number: count() })
    .from(lateAnswers)
    .where(and(eq(lateAnswers.setId, setId), isNull(lateAnswers.doneAt)))
    .groupBy(lateAnswers.studentId);
  return new Map(rows.map(({ studentId, number }) => [studentId, number]));
}

export async function setLateDone(writes: Writes, ids: readonly string[]): Promise<void> {
  for (let at = 0; at < ids.length; at += 200)
    await writes
      .update(lateAnswers)
      .set({ doneAt: new Date().toISOString() })
      .where(inArray(lateAnswers.id, ids.slice(at, at + 200)));
}

export interface NewAct {
  readonly setId: string;
  readonly studentId?: string | undefined;
  readonly by: string;
  readonly act: string;
  readonly document: unknown;
}

export async function insertActs(writes: Writes, all: readonly NewAct[]): Promise<void> {
  const at = new Date().toISOString();
  for (let place = 0; place < all.length; place += 100)
    await writes
      .insert(acts)
      .values(
        all
          .slice(place, place + 100)
          .map(({ studentId = null, ...each }) => ({ ...each, studentId, id: randomUUID(), at })),
      );
}

/** The newest first, with the names of the students they are about. */
export function listActs(
  queries: Queries,
  setId: string,
  most: number,
): Promise<{ at: string; by: string; act: string; who: string | null; document: unknown }[]> {
  return queries
    .select({ at: acts.at, by: acts.by, act: acts.act, who: students.name, document: acts.document })
    .from(acts)
    .leftJoin(students, eq(students.id, acts.studentId))
    .where(eq(acts.setId, setId))
    .orderBy(desc(acts.at))
    .limit(most);
}

export type PracticeRow = typeof practiceRuns.$inferSelect;

export function listPractice(queries: Queries, setId: string, studentId: string): Promise<PracticeRow[]> {
  return queries
    .select()
    .from(practiceRuns)
    .where(and(eq(practiceRuns.setId, setId), eq(practiceRuns.studentId, studentId)))
    .orderBy(desc(practiceRuns.createdAt))
    .limit(200);
}

export async function findPractice(queries: Queries, id: string, studentId: string): Promise<PracticeRow | undefined> {
  const [row] = await queries
    .select()
    .from(practiceRuns)
    .where(and(eq(practiceRuns.id, id), eq(practiceRuns.studentId, studentId)));
  return row;
}

export async function insertPractice(
  writes: Writes,
  values: Pick<PracticeRow, 'setId' | 'studentId' | 'itemId' | 'isMore' | 'numbers'>,
): Promise<PracticeRow> {
  const now = new Date().toISOString();
  const [row] = await writes
    .insert(practiceRuns)
    .values({ ...values, id: randomUUID(), entries: {}, tries: {}, createdAt: now, updatedAt: now })
    .returning();
  return row!;
}

export async function updatePractice(
  writes: Writes,
  id: string,
  values: { readonly entries: unknown; readonly tries: unknown },
): Promise<void> {
  await writes
    .update(practiceRuns)
    .set({ ...values, updatedAt: new Date().toISOString() })
    .where(eq(practiceRuns.id, id));
}
