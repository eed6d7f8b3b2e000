/** Taking in the answers of a class to an exercise. */

import { entries as entriesSchema, houseRulesDocument, type ChangedAnswers, type ClassAnswers, type KeptClass } from '@hardy-sextant/contract';
import { classExists, listClasses, listStudents } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { findHandIns, listHandIns, putHandIn } from '../store/handIns.ts';
import { readExercise } from './exercises.ts';
import { Invalid, NotFound } from './refusal.ts';

export async function readClasses(database: Database): Promise<KeptClass[]> {
  const rows = await listClasses(database);
  return rows.map(({ id, code, title, college, rules, revision, students }) => ({
    id,
    code,
    title,
    college,
    rules: houseRulesDocument.parse(rules).rules,
    students,
    revision,
  }));
}

export async function readAnswers(database: Database, exerciseId: string, classId: string): Promise<ClassAnswers> {
  await readExercise(database, exerciseId);
  if (!(await classExists(database, classId))) throw new NotFound('class');
  const [students, handIns] = await Promise.all([listStudents(database, classId), listHandIns(database, exerciseId, classId)]);
  return {
    students: students.map(({ id, name, number }) => ({ id, name, number })),
    handIns: handIns.map(({ studentId, entries, revision }) => ({ studentId, entries: entriesSchema.parse(entries), revision })),
  };
}

/** Writes all answers of one action in one transaction: one unknown student or part, and none is written. */
export async function writeAnswers(database: Database, exerciseId: string, classId: string, input: ChangedAnswers): Promise<ClassAnswers> {
  const exercise = await readExercise(database, exerciseId);
  if (!(await classExists(database, classId))) throw new NotFound('class');
  const known = new Set((await listStudents(database, classId)).map(({ id }) => id));
  const parts = new Set(exercise.document.exercise.parts.map(({ id }) => id));
  const fields = input.changes.flatMap(({ studentId, partId }, at) => [
    ...(known.has(studentId) ? [] : [{ path: `changes.${at}.studentId`, message: 'There is no such student in this class.' }]),
    ...(parts.has(partId) ? [] : [{ path: `changes.${at}.partId`, message: 'There is no such part in this exercise.' }]),
  ]);
  if (fields.length > 0) throw new Invalid('Some answers belong to nobody here; none was written.', fields);

  await database.transaction(async (transaction) => {
    const studentIds = [...new Set(input.changes.map(({ studentId }) => studentId))];
    const stored = new Map((await findHandIns(transaction, exerciseId, studentIds)).map((row) => [row.studentId, row]));
    for (const studentId of studentIds) {
      const before = stored.get(studentId);
      const entries = { ...(before ? entriesSchema.parse(before.entries) : {}) };
      for (const change of input.changes) if (change.studentId === studentId) entries[change.partId] = change.text;
      await putHandIn(transaction, exerciseId, studentId, entries, before);
    }
  });
  return readAnswers(database, exerciseId, classId);
}
