/** Puts the demo into an empty database, in one transaction. */

import { randomUUID } from 'node:crypto';
import { defaultHouseRules, paperCode } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { insertClass, insertStudents } from '../store/classes.ts';
import type { Database, Writes } from '../store/database.ts';
import { findAnyDocument, insertDocument } from '../store/documents.ts';
import { insertExercise } from '../services/exercises.ts';
import { searchedCase } from '../services/searched.ts';
import { cases, houseRules, submissions } from '../store/schema.ts';
import { insertAssignedExercise, insertSet, recount, updateSet } from '../store/sets.ts';
import { insertWorksheet } from '../store/worksheets.ts';
import { demoCases } from './cases.ts';
import { kilnShedExercise } from './kilnShed.ts';
import { largeClass, largeRoster, smallClass, smallRoster } from './people.ts';
import { demoWorksheets } from './demoWorksheets.ts';
import { demoSets } from './sets.ts';

const demoExercises = [
  ...starterExercises.map((exercise, at) => ({ id: `starter-${at + 1}`, exercise })),
  { id: 'demo-kiln-shed', exercise: kilnShedExercise },
];

/** What the demo's records are called in the database. */
export const demoIds = {
  cases: demoCases.map(({ id }) => id),
  exercises: demoExercises.map(({ id }) => id),
  classes: [smallClass.id, largeClass.id],
};

/** Each class of the demo follows rules of its own, under its name. */
const demoRules = { schemaVersion: 1, rules: defaultHouseRules };

export async function loadDemo(database: Database): Promise<void> {
  await database.transaction((writes) => insertDemo(writes));
}

/** @param have ids of what is there already, with all that belongs to it */
export async function insertDemo(writes: Writes, have: ReadonlySet<string> = new Set()): Promise<void> {
  const isMissing = ({ id }: { readonly id: string }): boolean => !have.has(id);
  for (const { id, title, document } of demoCases.filter(isMissing))
    await insertDocument(writes, cases, { title, document, ...searchedCase(title, document) }, id);
  for (const { id, exercise } of demoExercises.filter(isMissing))
    await insertExercise(writes, { schemaVersion: 2, exercise }, undefined, id);
  const classes = [
    { class: smallClass, roster: smallRoster },
    { class: largeClass, roster: largeRoster },
  ].filter((each) => isMissing(each.class));
  for (const {
    class: { id, ...values },
    roster,
  } of classes) {
    if (!(await findAnyDocument(writes, houseRules, id)))
      await insertDocument(writes, houseRules, { title: values.code, document: demoRules }, id);
    await insertClass(writes, { ...values, rulesId: id }, id);
    await insertStudents(writes, id, roster);
  }
  const sets = demoSets().filter(({ classId }) => classes.some((each) => each.class.id === classId));
  for (const set of sets) await insertDemoSet(writes, set);
  await insertDemoWorksheets(writes, sets);
}

async function insertDemoSet(transaction: Writes, set: ReturnType<typeof demoSets>[number]): Promise<void> {
  const now = new Date().toISOString();
  const row = await insertSet(
    transaction,
    {
      classId: set.classId,
      title: set.title,
      document: set.document,
      assignedAt: `${set.document.given}T08:00:00.000Z`,
    },
    set.id,
  );
  if (set.released)
    await updateSet(transaction, row.id, row.revision, { releasedAt: `${set.document.due}T18:00:00.000Z` });
  for (const { itemId, exerciseId, exercise } of set.exercises)
    await insertAssignedExercise(transaction, {
      setId: set.id,
      itemId,
      exerciseId,
      document: { schemaVersion: 2, exercise },
      exerciseRevision: 1,
    });
  for (let at = 0; at < set.submissions.length; at += 100)
    await transaction.insert(submissions).values(
      set.submissions.slice(at, at + 100).map(({ studentId, numbers, entries }) => ({
        id: randomUUID(),
        setId: set.id,
        studentId,
        numbers,
        entries,
        code: paperCode(set.id, studentId),
        updatedAt: now,
      })),
    );
  await recount(transaction, set.id);
}

/** What the small class submitted for the jetty loan's table. */
async function insertDemoWorksheets(transaction: Writes, sets: ReturnType<typeof demoSets>): Promise<void> {
  const set = sets.find(({ id }) => id === 'demo-week-3');
  const jetty = set?.exercises.find(({ exercise }) => exercise.parts.some(({ ask }) => ask.quantity === 'table'));
  if (!set || !jetty) return;
  for (const worksheet of demoWorksheets(jetty.exercise, smallRoster))
    await insertWorksheet(transaction, { ...worksheet, setId: set.id, itemId: jetty.itemId });
}
