/** The records of the demo by their ids: counted, put away together, brought back together. */

import { and, count, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { DemoState } from '@hardy-sextant/contract';
import type { Queries, Writes } from './database.ts';
import { cases, classes, exercises, houseRules, sets } from './schema.ts';

export interface DemoIds {
  readonly cases: readonly string[];
  readonly exercises: readonly string[];
  /** House rules have the ids of the classes that follow them. */
  readonly classes: readonly string[];
}

/** Documents nobody has changed since they were shipped. */
const unchanged = (table: typeof cases | typeof exercises, ids: readonly string[]) =>
  and(inArray(table.id, [...ids]), isNull(table.deletedAt), eq(table.revision, 1));

/** What of it stands in lists of its own. */
const listed = (ids: DemoIds) =>
  [
    [cases, ids.cases],
    [exercises, ids.exercises],
    [classes, ids.classes],
  ] as const;

/** The ids of it that are taken, whatever became of their records. */
export async function presentOfDemo(queries: Queries, ids: DemoIds): Promise<Set<string>> {
  const found = await Promise.all(
    listed(ids).map(([table, of]) =>
      queries
        .select({ id: table.id })
        .from(table)
        .where(inArray(table.id, [...of])),
    ),
  );
  return new Set(found.flat().map(({ id }) => id));
}

export async function countDemo(queries: Queries, ids: DemoIds): Promise<DemoState> {
  const classesHere = and(inArray(classes.id, [...ids.classes]), isNull(classes.deletedAt));
  const [[ofClasses], [ofSets], [ofExercises], [ofCases], ...deleted] = await Promise.all([
    queries.select({ found: count() }).from(classes).where(classesHere),
    queries
      .select({ found: count() })
      .from(sets)
      .innerJoin(classes, eq(classes.id, sets.classId))
      .where(and(classesHere, isNull(sets.deletedAt))),
    queries.select({ found: count() }).from(exercises).where(unchanged(exercises, ids.exercises)),
    queries.select({ found: count() }).from(cases).where(unchanged(cases, ids.cases)),
    ...listed(ids).map(([table, of]) =>
      queries
        .select({ found: count() })
        .from(table)
        .where(and(inArray(table.id, [...of]), isNotNull(table.deletedAt))),
    ),
  ]);
  return {
    classes: ofClasses?.found ?? 0,
    sets: ofSets?.found ?? 0,
    exercises: ofExercises?.found ?? 0,
    cases: ofCases?.found ?? 0,
    away: deleted.reduce((sum, [row]) => sum + (row?.found ?? 0), 0),
  };
}

/** Puts what nobody has changed into the bin, and the classes with their sets. */
export async function deleteDemo(writes: Writes, ids: DemoIds): Promise<void> {
  const deletedAt = new Date().toISOString();
  await writes.update(cases).set({ deletedAt }).where(unchanged(cases, ids.cases));
  await writes.update(exercises).set({ deletedAt }).where(unchanged(exercises, ids.exercises));
  await writes
    .update(classes)
    .set({ deletedAt })
    .where(and(inArray(classes.id, [...ids.classes]), isNull(classes.deletedAt)));
  const followed = await writes
    .select({ id: classes.rulesId })
    .from(classes)
    .where(and(isNull(classes.deletedAt), inArray(classes.rulesId, [...ids.classes])));
  const free = ids.classes.filter((id) => !followed.some((each) => each.id === id));
  await writes
    .update(houseRules)
    .set({ deletedAt })
    .where(and(inArray(houseRules.id, free), isNull(houseRules.deletedAt)));
}

export async function restoreDemo(writes: Writes, ids: DemoIds): Promise<void> {
  for (const [table, of] of [...listed(ids), [houseRules, ids.classes] as const])
    await writes
      .update(table)
      .set({ deletedAt: null })
      .where(and(inArray(table.id, [...of]), isNotNull(table.deletedAt)));
}
