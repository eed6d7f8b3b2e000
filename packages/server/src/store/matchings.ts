/** What is remembered between sets: which column of a file is what, and what students read about a slip. */

import { and, eq, sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { columnMatchings, slipTexts } from './schema.ts';

export function listMatchings(queries: Queries): Promise<(typeof columnMatchings.$inferSelect)[]> {
  return queries.select().from(columnMatchings);
}

export async function putMatching(writes: Writes, id: string, document: unknown): Promise<void> {
  const updatedAt = new Date().toISOString();
  await writes
    .insert(columnMatchings)
    .values({ id, document, updatedAt })
    .onConflictDoUpdate({ target: columnMatchings.id, set: { document, updatedAt } });
}

export function listSlipTexts(queries: Queries): Promise<(typeof slipTexts.$inferSelect)[]> {
  return queries.select().from(slipTexts);
}

/** Writes only where the revision is still the one the writer saw; zero means none was there. */
export async function putSlipText(writes: Writes, id: string, text: string, revision: number): Promise<boolean> {
  const updatedAt = new Date().toISOString();
  const rows =
    revision === 0
      ? await writes
          .insert(slipTexts)
          .values({ id, text, updatedAt })
          .onConflictDoNothing()
          .returning({ id: slipTexts.id })
      : await writes
          .update(slipTexts)
          .set({ text, updatedAt, revision: sql`${slipTexts.revision} + 1` })
          .where(and(eq(slipTexts.id, id), eq(slipTexts.revision, revision)))
          .returning({ id: slipTexts.id });
  return rows.length > 0;
}
