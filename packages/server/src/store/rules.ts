/** House rules: the default row, and each class's own. */

import { and, eq, sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { classes, defaultRules } from './schema.ts';

const DEFAULT = 'default';

export async function findDefaultRules(queries: Queries): Promise<typeof defaultRules.$inferSelect | undefined> {
  const [row] = await queries.select().from(defaultRules).where(eq(defaultRules.id, DEFAULT));
  return row;
}

/** Writes the default rules where their revision is still the one the writer saw; a missing row counts as revision 1. */
export async function updateDefaultRules(writes: Writes, rules: unknown, revision: number): Promise<boolean> {
  const updatedAt = new Date().toISOString();
  const before = await findDefaultRules(writes);
  if (!before) {
    if (revision !== 1) return false;
    await writes.insert(defaultRules).values({ id: DEFAULT, rules, revision: 2, updatedAt });
    return true;
  }
  const rows = await writes
    .update(defaultRules)
    .set({ rules, updatedAt, revision: sql`${defaultRules.revision} + 1` })
    .where(and(eq(defaultRules.id, DEFAULT), eq(defaultRules.revision, revision)))
    .returning({ id: defaultRules.id });
  return rows.length > 0;
}

export async function updateClassRules(
  writes: Writes,
  classId: string,
  rules: unknown,
  revision: number,
): Promise<boolean> {
  const rows = await writes
    .update(classes)
    .set({ rules, updatedAt: new Date().toISOString(), revision: sql`${classes.revision} + 1` })
    .where(and(eq(classes.id, classId), eq(classes.revision, revision)))
    .returning({ id: classes.id });
  return rows.length > 0;
}
