/** Cases and exercises: records with a title, a JSON document and a revision. One set of queries for both tables. */

import { randomUUID } from 'node:crypto';
import { and, desc, eq, sql } from 'drizzle-orm';
import type { Queries } from './database.ts';
import type { cases, exercises } from './schema.ts';

export type DocumentTable = typeof cases | typeof exercises;
export type DocumentRow = typeof cases.$inferSelect;

export function listDocuments(queries: Queries, table: DocumentTable): Promise<DocumentRow[]> {
  return queries.select().from(table).orderBy(desc(table.updatedAt), table.id);
}

export async function findDocument(queries: Queries, table: DocumentTable, id: string): Promise<DocumentRow | undefined> {
  const [row] = await queries.select().from(table).where(eq(table.id, id));
  return row;
}

export async function insertDocument(queries: Queries, table: DocumentTable, title: string, document: unknown, id: string = randomUUID()): Promise<DocumentRow> {
  const now = new Date().toISOString();
  const [row] = await queries.insert(table).values({ id, title, document, createdAt: now, updatedAt: now }).returning();
  return row!;
}

/** Writes only where the revision is still the one the writer saw; undefined otherwise. */
export async function updateDocument(
  queries: Queries,
  table: DocumentTable,
  id: string,
  revision: number,
  values: { readonly title: string; readonly document: unknown },
): Promise<DocumentRow | undefined> {
  const [row] = await queries
    .update(table)
    .set({ ...values, revision: sql`${table.revision} + 1`, updatedAt: new Date().toISOString() })
    .where(and(eq(table.id, id), eq(table.revision, revision)))
    .returning();
  return row;
}

export async function deleteDocument(queries: Queries, table: DocumentTable, id: string): Promise<boolean> {
  const rows = await queries.delete(table).where(eq(table.id, id)).returning({ id: table.id });
  return rows.length > 0;
}
