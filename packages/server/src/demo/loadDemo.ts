/** Puts the demo into an empty database, in one transaction. */

import { starterExercises } from '@hardy-sextant/core/starters';
import type { Database } from '../store/database.ts';
import { insertDocument } from '../store/documents.ts';
import { keepRevision } from '../store/revisions.ts';
import { cases, classes, exercises, handIns, students } from '../store/schema.ts';
import { demoCases } from './cases.ts';
import { demoClass, kilnShedAnswers, kilnShedExercise } from './kilnShed.ts';

export async function loadDemo(database: Database): Promise<void> {
  await database.transaction(async (transaction) => {
    const now = new Date().toISOString();
    for (const { id, title, document } of demoCases) await insertDocument(transaction, cases, title, document, id);
    for (const [at, starter] of starterExercises.entries()) {
      const row = await insertDocument(transaction, exercises, starter.title, { schemaVersion: 2, exercise: starter }, `starter-${at + 1}`);
      await keepRevision(transaction, row.id, row.revision, row.document);
    }
    const exercise = await insertDocument(transaction, exercises, kilnShedExercise.title, { schemaVersion: 2, exercise: kilnShedExercise }, 'demo-kiln-shed');
    const { rules, ...named } = demoClass;
    await transaction.insert(classes).values({ ...named, rules: { schemaVersion: 1, rules }, createdAt: now, updatedAt: now });
    for (const { name, number, answer } of kilnShedAnswers) {
      const id = `demo-${number.toLowerCase()}`;
      await transaction.insert(students).values({ id, classId: demoClass.id, name, number });
      if (answer !== '') await transaction.insert(handIns).values({ id: `${id}-kiln`, exerciseId: exercise.id, studentId: id, entries: { a: answer }, updatedAt: now });
    }
  });
}
