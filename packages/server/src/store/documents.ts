/** Cases, exercises, entering styles: records with a title, a JSON document and a revision. One set of queries for all. */

import { randomUUID } from 'node:crypto';
import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import type { Queries } from './database.ts';
import type { cases, enteringStyles, exercises } from './schema.ts';

export type DocumentTable = typeof cases | typeof exercises | typeof enteringStyles;
export type DocumentRow = typeof cases.$inferSelect;

export function listDocuments(queries: Queries, table: DocumentTable): Promise<DocumentRow[]> {
  return queries.select().from(table).where(isNull(table.deletedAt)).orderBy(desc(table.updatedAt), table.id);
}

export async function findDocument(queries: Queries, table: DocumentTable, id: string): Promise<DocumentRow | undefined> {
  const [row] = await queries
    .select()
    .from(table)
    .where(and(eq(table.id, id), isNull(table.deletedAt)));
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
    .where(and(eq(table.id, id), eq(table.revision, revision), isNull(table.deletedAt)))
    .returning();
  return row;
}

/** Puts a record away; `restoreDocument` brings it back. */
export async function deleteDocument(queries: Queries, table: DocumentTable, id: string): Promise<boolean> {
  const rows = await queries
    .update(table)
    .set({ deletedAt: new Date().toISOString() })
    .where(and(eq(table.id, id), isNull(table.deletedAt)))
    .returning({ id: table.id });
  return rows.length > 0;
}

export async function restoreDocument(queries: Queries, table: DocumentTable, id: string): Promise<DocumentRow | undefined> {
  const [row] = await queries
    .update(table)
    .set({ deletedAt: null })
    .where(and(eq(table.id, id), isNotNull(table.deletedAt)))
    .returning();
  return row;
}
