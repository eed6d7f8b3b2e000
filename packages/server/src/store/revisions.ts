/** Earlier states of exercises. */

import { randomUUID } from 'node:crypto';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { exerciseRevisions, exercises } from './schema.ts';

/** More than so many are not shown. */
const MOST_SHOWN = 200;

export type RevisionRow = typeof exerciseRevisions.$inferSelect;

/** Keeps a state; the same revision is kept once. */
export async function keepRevision(
  writes: Writes,
  exerciseId: string,
  revision: number,
  document: unknown,
): Promise<void> {
  await writes
    .insert(exerciseRevisions)
    .values({ id: randomUUID(), exerciseId, revision, document, at: new Date().toISOString() })
    .onConflictDoNothing();
}

export function listRevisions(queries: Queries, exerciseId: string): Promise<RevisionRow[]> {
  return queries
    .select()
    .from(exerciseRevisions)
    .where(eq(exerciseRevisions.exerciseId, exerciseId))
    .orderBy(desc(exerciseRevisions.revision))
    .limit(MOST_SHOWN);
}

/** Under which house rules an exercise is written; true where there is one. */
export async function setRulesOfExercise(writes: Writes, id: string, rulesId: string): Promise<boolean> {
  const rows = await writes
    .update(exercises)
    .set({ rulesId })
    .where(and(eq(exercises.id, id), isNull(exercises.deletedAt)))
    .returning({ id: exercises.id });
  return rows.length > 0;
}

/** Puts an exercise aside or takes it back; true where there is one. */
export async function setArchived(writes: Writes, id: string, archived: boolean): Promise<boolean> {
  const rows = await writes
    .update(exercises)
    .set({ archivedAt: archived ? new Date().toISOString() : null })
    .where(and(eq(exercises.id, id), isNull(exercises.deletedAt)))
    .returning({ id: exercises.id });
  return rows.length > 0;
}
