/** Submissions of a set: numbers, answers, verdicts; decisions about them; unmatched rows of imports. */

import { randomUUID } from 'node:crypto';
import { and, count, desc, eq, inArray, isNull, ne, or } from 'drizzle-orm';
import { paperCode } from '@hardy-sextant/core';
import type { Queries, Writes } from './database.ts';
import { acceptedReadings, decisions, earlierAnswers, submissions, unmatchedRows } from './schema.ts';

export type SubmissionRow = typeof submissions.$inferSelect;
export type DecisionRow = typeof decisions.$inferSelect;

/** SQLite takes only so many values in one statement. */
const CHUNK = 200;

async function inChunks<T>(all: readonly T[], write: (chunk: T[]) => Promise<unknown>): Promise<void> {
  for (let at = 0; at < all.length; at += CHUNK) await write(all.slice(at, at + CHUNK));
}

export function listSubmissions(queries: Queries, setId: string): Promise<SubmissionRow[]> {
  return queries.select().from(submissions).where(eq(submissions.setId, setId));
}

/** One empty submission a student, with their numbers. */
export async function insertSubmissions(
  writes: Writes,
  setId: string,
  students: readonly { readonly id: string; readonly numbers: unknown; readonly version?: string }[],
): Promise<void> {
  const updatedAt = new Date().toISOString();
  await inChunks(students, (chunk) =>
    writes.insert(submissions).values(
      chunk.map(({ id, numbers, version = '' }) => ({
        id: randomUUID(),
        setId,
        studentId: id,
        numbers,
        version,
        code: paperCode(setId, id),
        entries: {},
        updatedAt,
      })),
    ),
  );
}

/** Other answers; the verdicts are out of date from here on. */
export async function writeEntries(writes: Writes, row: SubmissionRow, entries: unknown): Promise<void> {
  await writes
    .update(submissions)
    .set({ entries, revision: row.revision + 1, updatedAt: new Date().toISOString(), checkedAs: null })
    .where(eq(submissions.id, row.id));
}

export async function writeNumbers(writes: Writes, id: string, numbers: unknown): Promise<void> {
  await writes.update(submissions).set({ numbers, checkedAs: null }).where(eq(submissions.id, id));
}

/** Stores verdicts, unless the answers have changed since they were read. */
export async function writeVerdicts(
  writes: Writes,
  row: Pick<SubmissionRow, 'id' | 'revision'>,
  verdicts: unknown,
  checkedAs: string,
  open: number,
): Promise<void> {
  await writes
    .update(submissions)
    .set({ verdicts, checkedAs, open })
    .where(and(eq(submissions.id, row.id), eq(submissions.revision, row.revision)));
}

export async function writeOpen(writes: Writes, id: string, open: number): Promise<void> {
  await writes.update(submissions).set({ open }).where(eq(submissions.id, id));
}

export function listDecisions(queries: Queries, setId: string): Promise<DecisionRow[]> {
  return queries.select().from(decisions).where(eq(decisions.setId, setId));
}

/** Decisions about some students. */
export async function findDecisions(
  queries: Queries,
  setId: string,
  studentIds: readonly string[],
): Promise<DecisionRow[]> {
  const found: DecisionRow[] = [];
  await inChunks(studentIds, async (chunk) => {
    found.push(
      ...(await queries
        .select()
        .from(decisions)
        .where(and(eq(decisions.setId, setId), inArray(decisions.studentId, chunk)))),
    );
  });
  return found;
}

interface NewDecision {
  readonly studentId: string;
  readonly itemId: string;
  readonly partId: string;
  readonly credit: number | null;
  readonly comment: string;
  readonly lines?: readonly string[] | undefined;
}

/** Writes decisions over earlier ones; one that says nothing takes the earlier away. */
export async function putDecisions(writes: Writes, setId: string, all: readonly NewDecision[]): Promise<void> {
  const updatedAt = new Date().toISOString();
  for (const { studentId, itemId, partId, credit, comment, lines = null } of all) {
    const here = and(
      eq(decisions.setId, setId),
      eq(decisions.studentId, studentId),
      eq(decisions.itemId, itemId),
      eq(decisions.partId, partId),
    );
    if (credit === null && comment === '') await writes.delete(decisions).where(here);
    else
      await writes
        .insert(decisions)
        .values({ id: randomUUID(), setId, studentId, itemId, partId, credit, comment, lines, updatedAt })
        .onConflictDoUpdate({
          target: [decisions.setId, decisions.studentId, decisions.itemId, decisions.partId],
          set: { credit, comment, lines, updatedAt },
        });
  }
}

export function listAccepted(queries: Queries, setId: string): Promise<(typeof acceptedReadings.$inferSelect)[]> {
  return queries
    .select()
    .from(acceptedReadings)
    .where(eq(acceptedReadings.setId, setId))
    .orderBy(acceptedReadings.updatedAt);
}

export async function insertAccepted(writes: Writes, setId: string, document: unknown): Promise<void> {
  await writes
    .insert(acceptedReadings)
    .values({ id: randomUUID(), setId, document, updatedAt: new Date().toISOString() });
}

export async function deleteAccepted(writes: Writes, setId: string, ids: readonly string[]): Promise<void> {
  if (ids.length > 0)
    await writes
      .delete(acceptedReadings)
      .where(and(eq(acceptedReadings.setId, setId), inArray(acceptedReadings.id, [...ids])));
}

/** The unmatched rows that nothing has been decided about. */
export function listUnmatchedRows(queries: Queries, setId: string): Promise<(typeof unmatchedRows.$inferSelect)[]> {
  return queries
    .select()
    .from(unmatchedRows)
    .where(and(eq(unmatchedRows.setId, setId), isNull(unmatchedRows.doneAt)))
    .orderBy(unmatchedRows.updatedAt, unmatchedRows.id);
}

/** @returns the ids of the new rows, in order */
export async function insertUnmatchedRows(
  writes: Writes,
  setId: string,
  documents: readonly unknown[],
): Promise<string[]> {
  const updatedAt = new Date().toISOString();
  const rows = documents.map((document) => ({ id: randomUUID(), setId, document, updatedAt }));
  await inChunks(rows, (chunk) => writes.insert(unmatchedRows).values(chunk));
  return rows.map(({ id }) => id);
}

/** Given to a student or put away, or brought back. */
export async function setRowsDone(writes: Writes, setId: string, ids: readonly string[], done: boolean): Promise<void> {
  const doneAt = done ? new Date().toISOString() : null;
  await inChunks(ids, (chunk) =>
    writes
      .update(unmatchedRows)
      .set({ doneAt })
      .where(and(eq(unmatchedRows.setId, setId), inArray(unmatchedRows.id, chunk))),
  );
}

type EarlierRow = Omit<typeof earlierAnswers.$inferSelect, 'id'>;

/** Keeps what is being written over. */
export async function keepEarlier(writes: Writes, rows: readonly EarlierRow[]): Promise<void> {
  await inChunks(rows, (chunk) =>
    writes.insert(earlierAnswers).values(chunk.map((row) => ({ ...row, id: randomUUID() }))),
  );
}

/** What stood in a student's answers before, the newest first. */
export function listEarlier(queries: Queries, setId: string, studentId: string): Promise<EarlierRow[]> {
  return queries
    .select()
    .from(earlierAnswers)
    .where(and(eq(earlierAnswers.setId, setId), eq(earlierAnswers.studentId, studentId)))
    .orderBy(desc(earlierAnswers.at))
    .limit(400);
}

/** Some students' submissions. */
export async function findSubmissions(
  queries: Queries,
  setId: string,
  studentIds: readonly string[],
): Promise<SubmissionRow[]> {
  const found: SubmissionRow[] = [];
  await inChunks(studentIds, async (chunk) => {
    found.push(
      ...(await queries
        .select()
        .from(submissions)
        .where(and(eq(submissions.setId, setId), inArray(submissions.studentId, chunk)))),
    );
  });
  return found;
}

const waitsIn = (setId: string, current: string) =>
  and(eq(submissions.setId, setId), or(isNull(submissions.checkedAs), ne(submissions.checkedAs, current)));

/** Whether any submission of a set has no verdicts, or out-of-date ones; no submission is read for it. */
export async function anyWaiting(queries: Queries, setId: string, current: string): Promise<boolean> {
  const rows = await queries
    .select({ checkedAs: submissions.checkedAs })
    .from(submissions)
    .where(waitsIn(setId, current))
    .limit(1);
  return rows.length > 0;
}

/** Submissions whose verdicts do not follow from what `current` names, at most so many, and how many are left after them. */
export async function waitingSubmissions(
  queries: Queries,
  setId: string,
  current: string,
  most: number,
): Promise<{ rows: SubmissionRow[]; left: number }> {
  const waiting = waitsIn(setId, current);
  const rows = await queries.select().from(submissions).where(waiting).orderBy(submissions.id).limit(most);
  if (rows.length < most) return { rows, left: 0 };
  const [all] = await queries.select({ count: count() }).from(submissions).where(waiting);
  return { rows, left: Math.max(0, (all?.count ?? 0) - rows.length) };
}

export async function findSubmission(
  queries: Queries,
  setId: string,
  studentId: string,
): Promise<SubmissionRow | undefined> {
  const [row] = await queries
    .select()
    .from(submissions)
    .where(and(eq(submissions.setId, setId), eq(submissions.studentId, studentId)));
  return row;
}

/** What is noted of a submission besides its answers. */
type SubmissionNotes = Partial<
  Pick<SubmissionRow, 'openedAt' | 'seenAt' | 'place' | 'submittedAt' | 'receipt' | 'answeredAt' | 'extraMinutes'>
>;

export async function noteSubmission(writes: Writes, id: string, notes: SubmissionNotes): Promise<void> {
  await writes.update(submissions).set(notes).where(eq(submissions.id, id));
}

/** Submissions whose code has not been worked out: they are from before students came in with it. */
export function withoutCode(
  queries: Queries,
  most: number,
): Promise<{ id: string; setId: string; studentId: string }[]> {
  return queries
    .select({ id: submissions.id, setId: submissions.setId, studentId: submissions.studentId })
    .from(submissions)
    .where(eq(submissions.code, ''))
    .limit(most);
}

export async function writeCode(writes: Writes, id: string, code: string): Promise<void> {
  await writes.update(submissions).set({ code }).where(eq(submissions.id, id));
}

export type RunningRow = Pick<
  SubmissionRow,
  'studentId' | 'entries' | 'openedAt' | 'seenAt' | 'place' | 'answeredAt' | 'submittedAt' | 'extraMinutes'
>;

/** Submissions as a set runs: without numbers and verdicts. */
export function listRunning(queries: Queries, setId: string): Promise<RunningRow[]> {
  return queries
    .select({
      studentId: submissions.studentId,
      entries: submissions.entries,
      openedAt: submissions.openedAt,
      seenAt: submissions.seenAt,
      place: submissions.place,
      answeredAt: submissions.answeredAt,
      submittedAt: submissions.submittedAt,
      extraMinutes: submissions.extraMinutes,
    })
    .from(submissions)
    .where(eq(submissions.setId, setId));
}
