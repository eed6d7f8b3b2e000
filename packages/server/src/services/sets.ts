/** Sets: put together, read, released, deleted. */

import type { Exercise } from '@hardy-sextant/core';
import {
  exerciseDocument,
  isReadable,
  setDocument,
  type AssignedExercise,
  type AskedOfSets,
  type ChangedSet,
  type KeptSet,
  type ListedSet,
  type NewSet,
  type SetDocument,
  type SetPage,
} from '@hardy-sextant/contract';
import { findClass } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { exercisesInList } from '../store/lists.ts';
import {
  countAnswered,
  countStudents,
  deleteSet,
  findSet,
  insertSet,
  listAssignedExercises,
  listRemovedAssignedExercises,
  pageOfSets,
  updateSet,
  type SetRow,
} from '../store/sets.ts';
import { insertActs } from '../store/studentWork.ts';
import { inShort } from './exercises.ts';
import { AskFirst, Invalid, NotFound, Stale } from './refusal.ts';
import { listed, stored } from './stored.ts';

function toSet(row: SetRow, students: number): Omit<ListedSet, 'className'> {
  return {
    id: row.id,
    classId: row.classId,
    title: row.title,
    document: stored(setDocument, row.document, 'set'),
    revision: row.revision,
    ...(row.assignedAt ? { assignedAt: row.assignedAt } : {}),
    ...(row.releasedAt ? { releasedAt: row.releasedAt } : {}),
    archived: row.archivedAt !== null,
    updatedAt: row.updatedAt,
    counts: { students, submitted: row.submitted, toLookAt: row.toLookAt, unmatched: row.unmatched },
  };
}

/** @param only of these classes; of all where it is undefined */
export async function listSets(queries: Queries, asked: AskedOfSets, only?: readonly string[]): Promise<SetPage> {
  const { rows, total } = await pageOfSets(queries, { ...asked, archived: asked.archived === 'yes', only });
  const named = rows.map((row) => ({ ...row, id: row.set.id, title: row.set.title }));
  return {
    rows: listed(named, ({ set, className, students }) => ({ ...toSet(set, students), className })),
    total,
    page: asked.page,
  };
}

/** So many exercises are kept as they were read last: a class that opens its set at once reads each of them once. */
const MOST_READ = 300;
const readBefore = new Map<string, Exercise>();

/** The same text is the same exercise, whoever wrote it: nothing here can be out of date. */
function exerciseOf(document: unknown): Exercise {
  const text = JSON.stringify(document);
  const known = readBefore.get(text);
  if (known) return known;
  const { exercise } = stored(exerciseDocument, document, 'exercise of a set');
  const [oldest] = readBefore.keys();
  if (readBefore.size >= MOST_READ && oldest !== undefined) readBefore.delete(oldest);
  readBefore.set(text, exercise);
  return exercise;
}

/** What students got, in the order of the set. */
async function readAssigned(queries: Queries, id: string, { items }: SetDocument) {
  const order = new Map(items.map((item, at) => [item.id, at]));
  return (await listAssignedExercises(queries, id))
    .map(({ document, ...row }) => ({ ...row, exercise: exerciseOf(document), revision: row.exerciseRevision }))
    .sort((a, b) => (order.get(a.itemId) ?? 0) - (order.get(b.itemId) ?? 0));
}

/** A set as judging needs it: what students got, and what it counts; no count of theirs. */
export type SetToJudge = Pick<KeptSet, 'id' | 'classId' | 'document'> & {
  readonly assigned: boolean;
  readonly assignedExercises: readonly Pick<AssignedExercise, 'itemId' | 'exercise' | 'revision'>[];
};

export async function readSetToJudge(queries: Queries, id: string): Promise<SetToJudge> {
  const row = await findSet(queries, id);
  if (!row) throw new NotFound('set');
  const document = stored(setDocument, row.document, 'set');
  return {
    id,
    classId: row.classId,
    document,
    assigned: row.assignedAt !== null,
    assignedExercises: await readAssigned(queries, id, document),
  };
}

export async function readSet(queries: Queries, id: string): Promise<KeptSet> {
  const row = await findSet(queries, id);
  if (!row) throw new NotFound('set');
  const document = stored(setDocument, row.document, 'set');
  const [students, assignedExercises, removed, answered] = await Promise.all([
    countStudents(queries, row.classId),
    readAssigned(queries, id, document),
    listRemovedAssignedExercises(queries, id),
    countAnswered(queries, id),
  ]);
  const ids = [...assignedExercises, ...document.items].map(({ exerciseId }) => exerciseId);
  const now = await exercisesInList(queries, [...new Set(ids)]);
  const latest = new Map(now.map(({ id: exerciseId, revision }) => [exerciseId, revision]));
  return {
    ...toSet(row, students),
    assignedExercises: assignedExercises.map(({ itemId, exercise, revision, exerciseId, keptAgainst }) => ({
      itemId,
      exercise,
      revision,
      latest: latest.get(exerciseId) ?? 0,
      ...(keptAgainst === null ? {} : { keptAgainst }),
      answered: answered.get(itemId) ?? 0,
    })),
    exercises: listed(now, inShort).filter(isReadable),
    removed: removed.map((each) => ({
      itemId: each.itemId,
      exerciseId: each.exerciseId,
      title: exerciseOf(each.document).title,
      answered: answered.get(each.itemId) ?? 0,
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
    const whose = ({ numbers, versions }: SetDocument): string =>
      `${numbers} ${numbers === 'versions' ? versions : ''}`;
    if (before.assignedAt && whose(before.document) !== whose(document))
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
  by: string,
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
    await insertActs(writes, [{ setId: id, by, act: released ? 'released' : 'taken-back', document: {} }]);
    return readSet(writes, id);
  });
}

/** Every exercise of a set is there; drafts may still have problems. */
async function allThere(queries: Queries, { items }: SetDocument): Promise<void> {
  const there = new Set(
    (
      await exercisesInList(
        queries,
        items.map(({ exerciseId }) => exerciseId),
      )
    ).map(({ id }) => id),
  );
  for (const [at, { exerciseId }] of items.entries())
    if (!there.has(exerciseId))
      throw new Invalid('An exercise of this set is not there any more.', [
        { path: `document.items.${at}`, message: 'This exercise was deleted.' },
      ]);
}
