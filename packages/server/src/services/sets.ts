/** Sets: put together, given out, followed up when an exercise changes afterwards. */

import { drawNumbers, exerciseProblems, type Exercise, type HouseRules, type Numbers } from '@hardy-sextant/core';
import {
  exerciseDocument,
  houseRulesDocument,
  ownNumbers,
  setDocument,
  type ChangedSet,
  type FollowChange,
  type KeptSet,
  type ListedSet,
  type NewSet,
  type OwnNumbers,
  type SetDocument,
} from '@hardy-sextant/contract';
import { findClass, listStudents } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { findDocument } from '../store/documents.ts';
import { insertHandIns, listHandIns, writeNumbers } from '../store/handIns.ts';
import { exercises } from '../store/schema.ts';
import { countSets, deleteCopy, deleteSet, findSet, givenOutSets, insertCopy, insertSet, listCopies, listSets, updateCopy, updateSet, type SetRow } from '../store/sets.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';

const none = { students: 0, handedIn: 0, toLookAt: 0, unmatched: 0 };

function listed(row: SetRow, counts: ListedSet['counts']): ListedSet {
  return {
    id: row.id,
    classId: row.classId,
    title: row.title,
    document: setDocument.parse(row.document),
    revision: row.revision,
    ...(row.givenOutAt ? { givenOutAt: row.givenOutAt } : {}),
    ...(row.releasedAt ? { releasedAt: row.releasedAt } : {}),
    updatedAt: row.updatedAt,
    counts,
  };
}

export async function readSets(queries: Queries): Promise<ListedSet[]> {
  const [rows, counts] = await Promise.all([listSets(queries), countSets(queries)]);
  return rows.map((row) => listed(row, counts.get(row.id) ?? none));
}

export async function readSet(queries: Queries, id: string): Promise<KeptSet> {
  const row = await findSet(queries, id);
  if (!row) throw new NotFound('set');
  const [counts, copies] = await Promise.all([countSets(queries), listCopies(queries, id)]);
  const latest = new Map<string, number>();
  for (const { exerciseId } of copies) latest.set(exerciseId, (await findDocument(queries, exercises, exerciseId))?.revision ?? 0);
  const set = listed(row, counts.get(id) ?? none);
  const order = new Map(set.document.items.map((item, at) => [item.id, at]));
  return {
    ...set,
    copies: copies
      .map(({ itemId, document, exerciseRevision, exerciseId, keptAgainst }) => ({
        itemId,
        exercise: exerciseDocument.parse(document).exercise,
        revision: exerciseRevision,
        latest: latest.get(exerciseId) ?? 0,
        ...(keptAgainst === null ? {} : { keptAgainst }),
      }))
      .sort((a, b) => (order.get(a.itemId) ?? 0) - (order.get(b.itemId) ?? 0)),
  };
}

export async function makeSet(database: Database, { classId, title, document }: NewSet): Promise<KeptSet> {
  return database.transaction(async (transaction) => {
    if (!(await findClass(transaction, classId))) throw new NotFound('class');
    await allThere(transaction, document);
    const row = await insertSet(transaction, { classId, title, document });
    return readSet(transaction, row.id);
  });
}

export async function changeSet(database: Database, id: string, { title, document, revision }: ChangedSet): Promise<KeptSet> {
  return database.transaction(async (transaction) => {
    const before = await readSet(transaction, id);
    if (before.revision !== revision) throw new Stale('set', before);
    if (before.givenOutAt && before.document.numbers !== document.numbers)
      throw new Invalid('This set has been given out with its numbers; whether each has their own cannot be changed any more.', [
        { path: 'document.numbers', message: 'The numbers have been given out.' },
      ]);
    const written = await updateSet(transaction, id, revision, { title, document });
    if (!written) throw new Stale('set', await readSet(transaction, id));
    if (before.givenOutAt) await giveCopies(transaction, written, document);
    else await allThere(transaction, document);
    return readSet(transaction, id);
  });
}

export async function removeSet(database: Database, id: string): Promise<void> {
  if (!(await deleteSet(database, id))) throw new NotFound('set');
}

/** Gives a set out: from now on students have what its exercises are today, whatever becomes of them. */
export async function giveOut(database: Database, id: string): Promise<KeptSet> {
  return database.transaction(async (transaction) => {
    const set = await readSet(transaction, id);
    if (set.givenOutAt) return set;
    if (set.document.items.length === 0) throw new Invalid('There is no exercise in this set yet.', [{ path: 'document.items', message: 'Add an exercise first.' }]);
    const written = await updateSet(transaction, id, set.revision, { givenOutAt: new Date().toISOString() });
    await giveCopies(transaction, written!, set.document);
    return readSet(transaction, id);
  });
}

export async function releaseSet(database: Database, id: string, released: boolean): Promise<KeptSet> {
  const set = await readSet(database, id);
  if (!set.givenOutAt) throw new Invalid('Marks can be released once the set has been given out.');
  await updateSet(database, id, set.revision, { releasedAt: released ? new Date().toISOString() : null });
  return readSet(database, id);
}

/** Every exercise of a set is there; drafts may still have problems. */
async function allThere(queries: Queries, { items }: SetDocument): Promise<void> {
  for (const [at, { exerciseId }] of items.entries())
    if (!(await findDocument(queries, exercises, exerciseId)))
      throw new Invalid('An exercise of this set is not there any more.', [{ path: `document.items.${at}`, message: 'This exercise was deleted.' }]);
}

/** Copies for places that have none, and numbers for everybody; copies whose place is gone go, answers to them stay. */
async function giveCopies(queries: Queries, set: SetRow, { items, numbers }: SetDocument): Promise<void> {
  const rules = await rulesOf(queries, set.classId);
  const copies = await listCopies(queries, set.id);
  for (const copy of copies) if (!items.some(({ id }) => id === copy.itemId)) await deleteCopy(queries, copy.id);
  const added: { itemId: string; exercise: Exercise }[] = [];
  for (const [at, { id, exerciseId }] of items.entries()) {
    if (copies.some(({ itemId }) => itemId === id)) continue;
    const row = await findDocument(queries, exercises, exerciseId);
    const exercise = row && exerciseDocument.parse(row.document).exercise;
    if (!row || !exercise) throw new Invalid('An exercise of this set is not there any more.', [{ path: `document.items.${at}`, message: 'This exercise was deleted.' }]);
    const problem = exerciseProblems(exercise, rules)[0];
    if (problem) throw new Invalid(`“${exercise.title}” is still a draft and cannot be given out.`, [{ path: `document.items.${at}`, message: problem.message }]);
    await insertCopy(queries, { setId: set.id, itemId: id, exerciseId, document: { schemaVersion: 2, exercise }, exerciseRevision: row.revision });
    added.push({ itemId: id, exercise });
  }
  const students = await listStudents(queries, set.classId);
  const handIns = await listHandIns(queries, set.id);
  const numbersOf = (number: string): OwnNumbers =>
    numbers === 'same' ? {} : Object.fromEntries(added.map(({ itemId, exercise }) => [itemId, drawFor(exercise, set.id, itemId, number, rules)]));
  const there = new Map(handIns.map((row) => [row.studentId, row]));
  await insertHandIns(
    queries,
    set.id,
    students.filter(({ id }) => !there.has(id)).map(({ id, number }) => ({ id, numbers: numbersOf(number) })),
  );
  if (numbers === 'own' && added.length > 0)
    for (const { id, number } of students) {
      const row = there.get(id);
      if (row) await writeNumbers(queries, row.id, { ...ownNumbers.parse(row.numbers), ...numbersOf(number) });
    }
}

/** A student's own numbers: the same every time for the same set, place and student. */
function drawFor(exercise: Exercise, setId: string, itemId: string, number: string, rules: HouseRules): Numbers {
  const drawn = drawNumbers(exercise, `${setId} ${itemId} ${number}`, rules);
  return drawn.ok ? drawn.value : {};
}

export async function rulesOf(queries: Queries, classId: string): Promise<HouseRules> {
  const row = await findClass(queries, classId);
  if (!row) throw new NotFound('class');
  return houseRulesDocument.parse(row.rules).rules;
}

/** Who joins a class gets numbers in every set that it has been given. */
export async function numbersForNewStudents(queries: Queries, classId: string, students: readonly { readonly id: string; readonly number: string }[]): Promise<void> {
  if (students.length === 0) return;
  const rules = await rulesOf(queries, classId);
  for (const set of await givenOutSets(queries, classId)) {
    const own = setDocument.parse(set.document).numbers === 'own';
    const copies = own ? (await listCopies(queries, set.id)).map(({ itemId, document }) => ({ itemId, exercise: exerciseDocument.parse(document).exercise })) : [];
    await insertHandIns(
      queries,
      set.id,
      students.map(({ id, number }) => ({
        id,
        numbers: Object.fromEntries(copies.map(({ itemId, exercise }) => [itemId, drawFor(exercise, set.id, itemId, number, rules)])),
      })),
    );
  }
}

/** What becomes of a set when one of its exercises was changed after it was given out. */
export async function followChange(database: Database, id: string, itemId: string, { how, latest }: FollowChange): Promise<KeptSet> {
  return database.transaction(async (transaction) => {
    const set = await readSet(transaction, id);
    const copy = (await listCopies(transaction, id)).find((each) => each.itemId === itemId);
    if (!copy) throw new NotFound('exercise in this set');
    const row = await findDocument(transaction, exercises, copy.exerciseId);
    if (!row) throw new NotFound('exercise');
    if (row.revision !== latest) throw new Stale('exercise', set);
    if (how === 'keep') await updateCopy(transaction, copy.id, { keptAgainst: row.revision });
    else {
      const rules = await rulesOf(transaction, set.classId);
      const now = exerciseDocument.parse(row.document).exercise;
      const problem = exerciseProblems(now, rules)[0];
      if (problem) throw new Invalid(`“${now.title}” is a draft now and cannot be given out.`, [{ path: 'how', message: problem.message }]);
      const given = exerciseDocument.parse(copy.document).exercise;
      // Re-keyed, students keep what they read and the numbers in it; plans and parts are the new ones.
      const exercise = how === 're-key' ? { ...now, title: given.title, story: given.story, givens: mergedGivens(given, now) } : now;
      await updateCopy(transaction, copy.id, { document: { schemaVersion: 2, exercise }, exerciseRevision: row.revision, keptAgainst: null });
      const students = new Map((await listStudents(transaction, set.classId)).map((student) => [student.id, student]));
      for (const handIn of await listHandIns(transaction, id)) {
        const numbers = ownNumbers.parse(handIn.numbers);
        const student = students.get(handIn.studentId);
        const own = how === 'give-anew' && set.document.numbers === 'own' && student ? { ...numbers, [itemId]: drawFor(exercise, id, itemId, student.number, rules) } : numbers;
        await writeNumbers(transaction, handIn.id, own);
      }
    }
    return readSet(transaction, id);
  });
}

/** Givens as students got them; those that the new key has besides come with their own numbers. */
function mergedGivens(given: Exercise, now: Exercise): Exercise['givens'] {
  const old = given.givens ?? [];
  return [...old, ...(now.givens ?? []).filter(({ name }) => !old.some((each) => each.name === name))];
}
