/** Sets: put together, read, released, deleted. */

import type { Exercise, HouseRules } from '@hardy-sextant/core';
import {
  exerciseDocument,
  houseRulesDocument,
  setDocument,
  type ChangedSet,
  type KeptSet,
  type ListedSet,
  type NewSet,
  type SetDocument,
  type UnreadableRecord,
} from '@hardy-sextant/contract';
import { findClass } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { findDocument } from '../store/documents.ts';
import { exercises } from '../store/schema.ts';
import {
  countAnswered,
  countStudents,
  deleteSet,
  findSet,
  insertSet,
  listAssignedExercises,
  listRemovedAssignedExercises,
  listSets,
  updateSet,
  type SetRow,
} from '../store/sets.ts';
import { AskFirst, Invalid, NotFound, Stale } from './refusal.ts';
import { listed, stored } from './stored.ts';

function toListed(row: SetRow, students: number): ListedSet {
  return {
    id: row.id,
    classId: row.classId,
    title: row.title,
    document: stored(setDocument, row.document, 'set'),
    revision: row.revision,
    ...(row.assignedAt ? { assignedAt: row.assignedAt } : {}),
    ...(row.releasedAt ? { releasedAt: row.releasedAt } : {}),
    updatedAt: row.updatedAt,
    counts: { students, submitted: row.submitted, toLookAt: row.toLookAt, unmatched: row.unmatched },
  };
}

export async function readSets(queries: Queries): Promise<(ListedSet | UnreadableRecord)[]> {
  const [rows, students] = await Promise.all([listSets(queries), countStudents(queries)]);
  return listed(rows, (row) => toListed(row, students.get(row.classId) ?? 0));
}

export async function readSet(queries: Queries, id: string): Promise<KeptSet> {
  const row = await findSet(queries, id);
  if (!row) throw new NotFound('set');
  const [students, assignedExercises, removed, answered] = await Promise.all([
    countStudents(queries, row.classId),
    listAssignedExercises(queries, id),
    listRemovedAssignedExercises(queries, id),
    countAnswered(queries, id),
  ]);
  const latest = new Map<string, number>();
  for (const { exerciseId } of assignedExercises)
    latest.set(exerciseId, (await findDocument(queries, exercises, exerciseId))?.revision ?? 0);
  const set = toListed(row, students.get(row.classId) ?? 0);
  const order = new Map(set.document.items.map((item, at) => [item.id, at]));
  const exerciseOf = (document: unknown): Exercise => stored(exerciseDocument, document, 'exercise of a set').exercise;
  return {
    ...set,
    assignedExercises: assignedExercises
      .map(({ itemId, document, exerciseRevision, exerciseId, keptAgainst }) => ({
        itemId,
        exercise: exerciseOf(document),
        revision: exerciseRevision,
        latest: latest.get(exerciseId) ?? 0,
        ...(keptAgainst === null ? {} : { keptAgainst }),
        answered: answered.get(itemId) ?? 0,
      }))
      .sort((a, b) => (order.get(a.itemId) ?? 0) - (order.get(b.itemId) ?? 0)),
    removed: removed.map(({ itemId, exerciseId, document }) => ({
      itemId,
      exerciseId,
      title: exerciseOf(document).title,
      answered: answered.get(itemId) ?? 0,
    })),
  };
}

export async function makeSet(database: Database, { classId, title, document }: NewSet): Promise<KeptSet> {
  return database.transaction(async (writes) => {
    if (!(await findClass(writes, classId))) throw new NotFound('class');
    await allThere(writes, document);
    const row = await insertSet(writes, { classId, title, document });
    return readSet(writes, row.id);
  });
}

/** The set as it stands, if it still is what the writer saw. */
export async function seen(queries: Queries, id: string, revision: number): Promise<KeptSet> {
  const set = await readSet(queries, id);
  if (set.revision !== revision) throw new Stale('set', set);
  return set;
}

/** Title, dates, marks; exercises and their order too as long as the set has not been assigned. */
export async function changeSet(
  database: Database,
  id: string,
  { title, document, revision }: ChangedSet,
): Promise<KeptSet> {
  return database.transaction(async (writes) => {
    const before = await seen(writes, id, revision);
    if (before.assignedAt && before.document.numbers !== document.numbers)
      throw new Invalid(
        'This set has been assigned with its numbers; whether each has their own cannot be changed any more.',
        [{ path: 'document.numbers', message: 'The numbers have been assigned.' }],
      );
    const places = ({ items }: SetDocument): string => items.map((item) => `${item.id} ${item.exerciseId}`).join();
    if (before.assignedAt && places(before.document) !== places(document))
      throw new Invalid(
        'This set has been assigned. Its exercises and their order change only by adding, removing, putting back or moving one, each said so.',
        [{ path: 'document.items', message: 'Students have these exercises in this order.' }],
      );
    if (!before.assignedAt) await allThere(writes, document);
    await updateSet(writes, id, revision, { title, document });
    return readSet(writes, id);
  });
}

export async function removeSet(database: Database, id: string): Promise<void> {
  if (!(await database.transaction((writes) => deleteSet(writes, id)))) throw new NotFound('set');
}

/** Releases marks, or takes that back. While answers are to be looked at it asks first. */
export async function releaseSet(
  database: Database,
  id: string,
  { released, revision, anyway }: { released: boolean; revision: number; anyway: boolean },
): Promise<KeptSet> {
  return database.transaction(async (writes) => {
    const set = await seen(writes, id, revision);
    if (!set.assignedAt) throw new Invalid('Marks can be released once the set has been assigned.');
    const { toLookAt } = set.counts;
    if (released && toLookAt > 0 && !anyway)
      throw new AskFirst(
        `${toLookAt} ${toLookAt === 1 ? 'answer is' : 'answers are'} still to be looked at. Released now, ${toLookAt === 1 ? 'it has' : 'they have'} the marks of the judging.`,
      );
    await updateSet(writes, id, revision, { releasedAt: released ? new Date().toISOString() : null });
    return readSet(writes, id);
  });
}

/** Every exercise of a set is there; drafts may still have problems. */
async function allThere(queries: Queries, { items }: SetDocument): Promise<void> {
  for (const [at, { exerciseId }] of items.entries())
    if (!(await findDocument(queries, exercises, exerciseId)))
      throw new Invalid('An exercise of this set is not there any more.', [
        { path: `document.items.${at}`, message: 'This exercise was deleted.' },
      ]);
}

export async function rulesOf(queries: Queries, classId: string): Promise<HouseRules> {
  const row = await findClass(queries, classId);
  if (!row) throw new NotFound('class');
  return stored(houseRulesDocument, row.rules, 'class').rules;
}
