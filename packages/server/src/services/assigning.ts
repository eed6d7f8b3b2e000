/** What students have of a set: assigned, changed afterwards only by an act that says so, with numbers for everybody. */

import { exerciseProblems, type Exercise, type Numbers } from '@hardy-sextant/core';
import {
  exerciseDocument,
  MOST_EXERCISES,
  ownNumbers,
  setDocument,
  type ChangedContents,
  type KeptSet,
  type SetDocument,
  type SetItem,
} from '@hardy-sextant/contract';
import type { Drawer } from '../checking/drawJob.ts';
import { listStudents } from '../store/classes.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import { findDocument } from '../store/documents.ts';
import { insertSubmissions, listSubmissions, writeNumbers } from '../store/submissions.ts';
import { exercises } from '../store/schema.ts';
import {
  assignedSets,
  insertAssignedExercise,
  listAssignedExercises,
  listRemovedAssignedExercises,
  updateAssignedExercise,
  updateSet,
  type SetRow,
} from '../store/sets.ts';
import { OwnNumbers, versionNames, type WantedDraws } from './ownNumbers.ts';
import { Invalid, NotFound } from './refusal.ts';
import { rulesOf } from './rules.ts';
import { readSet, seen } from './sets.ts';
import { stored } from './stored.ts';

/** How far drawing numbers for a set has come, while it goes on. */
const underWay = new Map<string, { readonly done: number; readonly of: number }>();

export function assigningProgress(id: string): { readonly done: number; readonly of: number } {
  return underWay.get(id) ?? { done: 0, of: 0 };
}

/** Draws the numbers of a class for exercises of a set in workers, before anything is written: nothing waits for them. */
async function drawnAhead(queries: Queries, draw: Drawer, id: string, items?: readonly SetItem[]): Promise<OwnNumbers> {
  const set = await readSet(queries, id);
  const ahead = new OwnNumbers(await rulesOf(queries, set.classId));
  const { numbers, versions } = set.document;
  if (numbers === 'same') return ahead;
  const students =
    numbers === 'versions'
      ? []
      : (await listStudents(queries, set.classId))
          .filter(({ withdrawnAt }) => withdrawnAt === null)
          .map(({ number }) => number);
  const wanted: WantedDraws[] = [];
  for (const { id: itemId, exerciseId } of items ?? set.document.items) {
    const row = await findDocument(queries, exercises, exerciseId);
    if (row)
      wanted.push({
        exercise: stored(exerciseDocument, row.document, 'exercise').exercise,
        setId: id,
        itemId,
        students,
        versions: numbers === 'versions' ? versions : undefined,
      });
  }
  try {
    await ahead.ahead(draw, wanted, (done, of) => void underWay.set(id, { done, of }));
  } finally {
    underWay.delete(id);
  }
  return ahead;
}

/** Draws for students who join a class, in every set that it has been given. */
export async function drawnForStudents(
  queries: Queries,
  draw: Drawer,
  classId: string,
  students: readonly string[],
): Promise<OwnNumbers> {
  const ahead = new OwnNumbers(await rulesOf(queries, classId));
  if (students.length === 0) return ahead;
  const wanted: WantedDraws[] = [];
  for (const set of await assignedSets(queries, classId)) {
    const { numbers, versions } = stored(setDocument, set.document, 'set');
    if (numbers === 'same') continue;
    for (const { itemId, document } of await listAssignedExercises(queries, set.id))
      wanted.push({
        exercise: stored(exerciseDocument, document, 'exercise of a set').exercise,
        setId: set.id,
        itemId,
        students: numbers === 'own' ? students : [],
        versions: numbers === 'versions' ? versions : undefined,
      });
  }
  await ahead.ahead(draw, wanted);
  return ahead;
}

/** Gives a set out: from now on students have what its exercises are today, whatever becomes of them. */
export async function assign(database: Database, draw: Drawer, id: string, revision: number): Promise<KeptSet> {
  const ahead = await drawnAhead(database, draw, id);
  return database.transaction(async (writes) => {
    const set = await seen(writes, id, revision);
    if (set.assignedAt) return set;
    if (set.document.items.length === 0)
      throw new Invalid('There is no exercise in this set yet.', [
        { path: 'document.items', message: 'Add an exercise first.' },
      ]);
    const written = await updateSet(writes, id, revision, { assignedAt: new Date().toISOString() });
    await giveAssignedExercises(writes, written!, set.document, ahead);
    return readSet(writes, id);
  });
}

/** One act on what a set that was assigned holds. Answers stay whatever is removed. */
export async function changeContents(
  database: Database,
  draw: Drawer,
  id: string,
  { revision, change }: ChangedContents,
): Promise<KeptSet> {
  const ahead = await drawnAhead(database, draw, id, change.act === 'add' ? [change.item] : []);
  return database.transaction(async (writes) => {
    const before = await seen(writes, id, revision);
    if (!before.assignedAt) throw new Invalid('This set has not been assigned yet: put it together as you like.');
    const { document } = before;
    const items = await itemsAfter(writes, id, document.items, change);
    if (items.length > MOST_EXERCISES) throw new Invalid(`A set takes at most ${MOST_EXERCISES} exercises.`);
    const written = await updateSet(writes, id, revision, {
      document: stored(setDocument, { ...document, items }, 'set'),
    });
    await giveAssignedExercises(writes, written!, { ...document, items }, ahead);
    return readSet(writes, id);
  });
}

/** The places of a set after one act. */
async function itemsAfter(
  writes: Writes,
  id: string,
  items: SetDocument['items'],
  change: ChangedContents['change'],
): Promise<SetDocument['items']> {
  switch (change.act) {
    case 'add': {
      const known = [...(await listAssignedExercises(writes, id)), ...(await listRemovedAssignedExercises(writes, id))];
      if (known.some(({ itemId }) => itemId === change.item.id))
        throw new Invalid('This place of the set has been used before, and keeps its answers.', [
          { path: 'change.item.id', message: 'Choose another name for the place.' },
        ]);
      return [...items, change.item];
    }
    case 'remove': {
      const there = await listAssignedExercises(writes, id);
      const assigned = there.find(({ itemId }) => itemId === change.itemId);
      if (!assigned) throw new NotFound('exercise in this set');
      if (items.length === 1)
        throw new Invalid('A set that has been assigned keeps at least one exercise. Delete the set instead.');
      await updateAssignedExercise(writes, assigned.id, { removedAt: new Date().toISOString() });
      return items.filter((item) => item.id !== change.itemId);
    }
    case 'put-back': {
      const gone = await listRemovedAssignedExercises(writes, id);
      const assigned = gone.find(({ itemId }) => itemId === change.itemId);
      if (!assigned) throw new NotFound('removed exercise of this set');
      await updateAssignedExercise(writes, assigned.id, { removedAt: null });
      return [...items, { id: assigned.itemId, exerciseId: assigned.exerciseId }];
    }
    case 'order':
      return inOrder(items, change.itemIds);
  }
}

function inOrder(items: SetDocument['items'], itemIds: readonly string[]): SetDocument['items'] {
  const byId = new Map(items.map((item) => [item.id, item]));
  const ordered = itemIds.flatMap((itemId) => byId.get(itemId) ?? []);
  if (ordered.length !== items.length || new Set(itemIds).size !== items.length)
    throw new Invalid('The order names other exercises than the set has.', [
      { path: 'change.itemIds', message: 'Name each exercise once.' },
    ]);
  return ordered;
}

/** AssignedExercises for places that have none, and numbers for everybody who has none there. */
async function giveAssignedExercises(
  queries: Writes,
  set: SetRow,
  document: SetDocument,
  ahead: OwnNumbers,
): Promise<void> {
  const rules = await rulesOf(queries, set.classId);
  const assignedExercises = await listAssignedExercises(queries, set.id);
  const added: { itemId: string; exercise: Exercise }[] = [];
  for (const [at, { id, exerciseId }] of document.items.entries()) {
    if (assignedExercises.some(({ itemId }) => itemId === id)) continue;
    const row = await findDocument(queries, exercises, exerciseId);
    const exercise = row && stored(exerciseDocument, row.document, 'exercise').exercise;
    if (!row || !exercise)
      throw new Invalid('An exercise of this set is not there any more.', [
        { path: `document.items.${at}`, message: 'This exercise was deleted.' },
      ]);
    const problem = exerciseProblems(exercise, rules)[0];
    if (problem)
      throw new Invalid(`“${exercise.title}” is still a draft and cannot be assigned.`, [
        { path: `document.items.${at}`, message: problem.message },
      ]);
    await insertAssignedExercise(queries, {
      setId: set.id,
      itemId: id,
      exerciseId,
      document: { schemaVersion: 2, exercise },
      exerciseRevision: row.revision,
    });
    added.push({ itemId: id, exercise });
  }
  const students = (await listStudents(queries, set.classId)).filter(({ withdrawnAt }) => withdrawnAt === null);
  await numbersForAll(queries, set.id, document, added, students, ahead, (before, now) => ({ ...before, ...now }));
}

type Added = readonly { readonly itemId: string; readonly exercise: Exercise }[];

/**
 * Numbers of some exercises for some students; who has no submission yet gets one.
 *
 * @param merge the numbers a student had, and those drawn now
 */
async function numbersForAll(
  queries: Writes,
  setId: string,
  { numbers, versions }: SetDocument,
  added: Added,
  students: readonly { readonly id: string; readonly number: string }[],
  draws: OwnNumbers,
  merge: (before: Record<string, Numbers>, now: Record<string, Numbers>) => Record<string, Numbers>,
): Promise<void> {
  const submissions = await listSubmissions(queries, setId);
  const there = new Map(submissions.map((row) => [row.studentId, row]));
  const names = versionNames.slice(0, numbers === 'versions' ? versions : 0);
  const seats = new Seats(
    names,
    submissions.map(({ version }) => version),
  );
  const numbersOf = (number: string, version: string): Record<string, Numbers> =>
    numbers === 'same'
      ? {}
      : Object.fromEntries(
          added.map(({ itemId, exercise }) => [
            itemId,
            draws.of(exercise, setId, itemId, version === '' ? { student: number } : { version, of: versions }),
          ]),
        );
  const fresh = students
    .filter(({ id }) => !there.has(id))
    .map(({ id, number }) => {
      const version = seats.next();
      return { id, version, numbers: numbersOf(number, version) };
    });
  await insertSubmissions(queries, setId, fresh);
  if (numbers === 'same' || added.length === 0) return;
  for (const { id, number } of students) {
    const row = there.get(id);
    if (!row) continue;
    const before = stored(ownNumbers, row.numbers, 'submission');
    await writeNumbers(queries, row.id, merge(before, numbersOf(number, row.version)));
  }
}

/** Gives versions in turn, so that neighbours in the list have different ones and each is given as often. */
class Seats {
  readonly #counts: Map<string, number>;

  constructor(names: readonly string[], taken: readonly string[]) {
    this.#counts = new Map(names.map((name) => [name, taken.filter((each) => each === name).length]));
  }

  /** The version that is given least; empty where there are none. */
  next(): string {
    const [fewest] = [...this.#counts].sort(([, one], [, other]) => one - other);
    if (!fewest) return '';
    this.#counts.set(fewest[0], fewest[1] + 1);
    return fewest[0];
  }
}

/** Who joins a class gets numbers in every set that it has been given. */
export async function numbersForNewStudents(
  queries: Writes,
  classId: string,
  students: readonly { readonly id: string; readonly number: string }[],
  ahead?: OwnNumbers,
): Promise<void> {
  if (students.length === 0) return;
  const draws = ahead ?? new OwnNumbers(await rulesOf(queries, classId));
  for (const set of await assignedSets(queries, classId)) {
    const document = stored(setDocument, set.document, 'set');
    const assigned = (await listAssignedExercises(queries, set.id)).map(({ itemId, document: kept }) => ({
      itemId,
      exercise: stored(exerciseDocument, kept, 'exercise of a set').exercise,
    }));
    // Who comes back keeps the numbers they had, and gets those of what came in meanwhile.
    await numbersForAll(queries, set.id, document, assigned, students, draws, (before, now) => ({ ...now, ...before }));
  }
}
