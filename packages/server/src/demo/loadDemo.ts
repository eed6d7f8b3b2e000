/** Puts the demo into an empty database, in one transaction. */

import type { Database } from '../store/database.ts';
import { insertDocument } from '../store/documents.ts';
import { cases, classes, exercises, handIns, students } from '../store/schema.ts';
import { demoCases } from './cases.ts';
import { demoClass, kilnShedAnswers, kilnShedExercise } from './kilnShed.ts';

export async function loadDemo(database: Database): Promise<void> {
  await database.transaction(async (transaction) => {
    const now = new Date().toISOString();
    for (const { id, title, document } of demoCases) await insertDocument(transaction, cases, title, document, id);
    const exercise = await insertDocument(transaction, exercises, kilnShedExercise.title, { schemaVersion: 1, exercise: kilnShedExercise }, 'demo-kiln-shed');
    const { rules, ...named } = demoClass;
    await transaction.insert(classes).values({ ...named, rules: { schemaVersion: 1, rules }, createdAt: now, updatedAt: now });
    for (const { name, number, answer } of kilnShedAnswers) {
      const id = `demo-${number.toLowerCase()}`;
      await transaction.insert(students).values({ id, classId: demoClass.id, name, number });
      if (answer !== '') await transaction.insert(handIns).values({ id: `${id}-kiln`, exerciseId: exercise.id, studentId: id, entries: { a: answer }, updatedAt: now });
    }
  });
}
