/** Cases, exercises, entering styles, house rules: records with a title, a JSON document and a revision. One set of queries for all. */

import { randomUUID } from 'node:crypto';
import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import type { cases, enteringStyles, exercises, houseRules } from './schema.ts';

export type DocumentTable = typeof cases | typeof exercises | typeof enteringStyles | typeof houseRules;
export type DocumentRow = typeof cases.$inferSelect;

/** What is stored of a record: its title, its document, and what it is found by. */
export interface DocumentValues {
  readonly title: string;
  readonly document: unknown;
  readonly words?: string;
  /** A JSON array of names. */
  readonly labels?: string;
  /** What lists show of an exercise. */
  readonly inShort?: unknown;
}

/** All of them; for kinds of records of which there are few. */
export function listDocuments(queries: Queries, table: typeof enteringStyles): Promise<DocumentRow[]> {
  return queries.select().from(table).where(isNull(table.deletedAt)).orderBy(desc(table.updatedAt), table.id);
}

export async function findDocument(
  queries: Queries,
  table: DocumentTable,
  id: string,
): Promise<DocumentRow | undefined> {
  const [row] = await queries
    .select()
    .from(table)
    .where(and(eq(table.id, id), isNull(table.deletedAt)));
  return row;
}

/** Also a deleted one. */
export async function findAnyDocument(
  queries: Queries,
  table: DocumentTable,
  id: string,
): Promise<DocumentRow | undefined> {
  const [row] = await queries.select().from(table).where(eq(table.id, id));
  return row;
}

/** The deleted ones, without their documents. */
export async function listDeleted(
  queries: Queries,
  table: DocumentTable,
): Promise<{ id: string; title: string; deletedAt: string }[]> {
  const rows = await queries
    .select({ id: table.id, title: table.title, deletedAt: table.deletedAt })
    .from(table)
    .where(isNotNull(table.deletedAt))
    .orderBy(desc(table.deletedAt));
  return rows.map((row) => ({ ...row, deletedAt: row.deletedAt ?? '' }));
}

export async function insertDocument(
  writes: Writes,
  table: DocumentTable,
  values: DocumentValues,
  id: string = randomUUID(),
): Promise<DocumentRow> {
  const now = new Date().toISOString();
  const [row] = await writes
    .insert(table)
    .values({ ...values, id, createdAt: now, updatedAt: now })
    .returning();
  return row!;
}

/** Writes only where the revision is still the one the writer saw; undefined otherwise. */
export async function updateDocument(
  writes: Writes,
  table: DocumentTable,
  id: string,
  revision: number,
  values: DocumentValues,
): Promise<DocumentRow | undefined> {
  const [row] = await writes
    .update(table)
    .set({ ...values, revision: sql`${table.revision} + 1`, updatedAt: new Date().toISOString() })
    .where(and(eq(table.id, id), eq(table.revision, revision), isNull(table.deletedAt)))
    .returning();
  return row;
}

/** Puts a record away; `restoreDocument` brings it back. */
export async function deleteDocument(writes: Writes, table: DocumentTable, id: string): Promise<boolean> {
  const rows = await writes
    .update(table)
    .set({ deletedAt: new Date().toISOString() })
    .where(and(eq(table.id, id), isNull(table.deletedAt)))
    .returning({ id: table.id });
  return rows.length > 0;
}

export async function restoreDocument(
  writes: Writes,
  table: DocumentTable,
  id: string,
): Promise<DocumentRow | undefined> {
  const [row] = await writes
    .update(table)
    .set({ deletedAt: null })
    .where(and(eq(table.id, id), isNotNull(table.deletedAt)))
    .returning();
  return row;
}
