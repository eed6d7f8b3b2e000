/** What is in the bin for too long is erased. */

import { and, eq, exists, lt, not } from 'drizzle-orm';
import type { Writes } from './database.ts';
import { cases, classes, enteringStyles, exercises, houseRules, sets, worksheets } from './schema.ts';

/** @param before an ISO time; what was deleted earlier is erased, with all that belongs to it */
export async function eraseDeleted(writes: Writes, before: string): Promise<void> {
  for (const table of [worksheets, sets, classes, cases, exercises, enteringStyles])
    await writes.delete(table).where(lt(table.deletedAt, before));
  // Rules that a class still follows stay.
  const followed = writes.select({ id: classes.id }).from(classes).where(eq(classes.rulesId, houseRules.id));
  await writes.delete(houseRules).where(and(lt(houseRules.deletedAt, before), not(exists(followed))));
}
