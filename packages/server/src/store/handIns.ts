/** Hand-ins of a set: numbers, answers, verdicts; decisions about them; rows of imports that belong to nobody. */

import { randomUUID } from 'node:crypto';
import { and, eq, inArray } from 'drizzle-orm';
import type { Queries } from './database.ts';
import { acceptedReadings, decisions, handIns, keptRows } from './schema.ts';

export type HandInRow = typeof handIns.$inferSelect;
export type DecisionRow = typeof decisions.$inferSelect;

/** SQLite takes only so many values in one statement. */
const CHUNK = 200;

async function inChunks<T>(all: readonly T[], write: (chunk: T[]) => Promise<unknown>): Promise<void> {
  for (let at = 0; at < all.length; at += CHUNK) await write(all.slice(at, at + CHUNK));
}

export function listHandIns(queries: Queries, setId: string): Promise<HandInRow[]> {
  return queries.select().from(handIns).where(eq(handIns.setId, setId));
}

/** One empty hand-in a student, with their numbers. */
export async function insertHandIns(queries: Queries, setId: string, students: readonly { readonly id: string; readonly numbers: unknown }[]): Promise<void> {
  const updatedAt = new Date().toISOString();
  await inChunks(students, (chunk) =>
    queries.insert(handIns).values(chunk.map(({ id, numbers }) => ({ id: randomUUID(), setId, studentId: id, numbers, entries: {}, updatedAt }))),
  );
}

/** Other answers; the verdicts are out of date from here on. */
export async function writeEntries(queries: Queries, row: HandInRow, entries: unknown): Promise<void> {
  await queries
    .update(handIns)
    .set({ entries, revision: row.revision + 1, updatedAt: new Date().toISOString(), checkedAs: null })
    .where(eq(handIns.id, row.id));
}

export async function writeNumbers(queries: Queries, id: string, numbers: unknown): Promise<void> {
  await queries.update(handIns).set({ numbers, checkedAs: null }).where(eq(handIns.id, id));
}

/** Stores verdicts, unless the answers have changed since they were read. */
export async function writeVerdicts(queries: Queries, row: Pick<HandInRow, 'id' | 'revision'>, verdicts: unknown, checkedAs: string, open: number): Promise<void> {
  await queries
    .update(handIns)
    .set({ verdicts, checkedAs, open })
    .where(and(eq(handIns.id, row.id), eq(handIns.revision, row.revision)));
}

export async function writeOpen(queries: Queries, id: string, open: number): Promise<void> {
  await queries.update(handIns).set({ open }).where(eq(handIns.id, id));
}

export function listDecisions(queries: Queries, setId: string): Promise<DecisionRow[]> {
  return queries.select().from(decisions).where(eq(decisions.setId, setId));
}

interface NewDecision {
  readonly studentId: string;
  readonly itemId: string;
  readonly partId: string;
  readonly credit: number | null;
  readonly comment: string;
}

/** Writes decisions over earlier ones; one that says nothing takes the earlier away. */
export async function putDecisions(queries: Queries, setId: string, all: readonly NewDecision[]): Promise<void> {
  const updatedAt = new Date().toISOString();
  for (const { studentId, itemId, partId, credit, comment } of all) {
    const here = and(eq(decisions.setId, setId), eq(decisions.studentId, studentId), eq(decisions.itemId, itemId), eq(decisions.partId, partId));
    if (credit === null && comment === '') await queries.delete(decisions).where(here);
    else
      await queries
        .insert(decisions)
        .values({ id: randomUUID(), setId, studentId, itemId, partId, credit, comment, updatedAt })
        .onConflictDoUpdate({ target: [decisions.setId, decisions.studentId, decisions.itemId, decisions.partId], set: { credit, comment, updatedAt } });
  }
}

export function listAccepted(queries: Queries, setId: string): Promise<(typeof acceptedReadings.$inferSelect)[]> {
  return queries.select().from(acceptedReadings).where(eq(acceptedReadings.setId, setId)).orderBy(acceptedReadings.updatedAt);
}

export async function insertAccepted(queries: Queries, setId: string, document: unknown): Promise<void> {
  await queries.insert(acceptedReadings).values({ id: randomUUID(), setId, document, updatedAt: new Date().toISOString() });
}

export async function deleteAccepted(queries: Queries, setId: string, ids: readonly string[]): Promise<void> {
  if (ids.length > 0) await queries.delete(acceptedReadings).where(and(eq(acceptedReadings.setId, setId), inArray(acceptedReadings.id, [...ids])));
}

export function listKeptRows(queries: Queries, setId: string): Promise<(typeof keptRows.$inferSelect)[]> {
  return queries.select().from(keptRows).where(eq(keptRows.setId, setId)).orderBy(keptRows.updatedAt, keptRows.id);
}

export async function insertKeptRows(queries: Queries, setId: string, documents: readonly unknown[]): Promise<void> {
  const updatedAt = new Date().toISOString();
  await inChunks(documents, (chunk) => queries.insert(keptRows).values(chunk.map((document) => ({ id: randomUUID(), setId, document, updatedAt }))));
}

export async function deleteKeptRows(queries: Queries, setId: string, ids: readonly string[]): Promise<void> {
  await inChunks(ids, (chunk) => queries.delete(keptRows).where(and(eq(keptRows.setId, setId), inArray(keptRows.id, chunk))));
}
