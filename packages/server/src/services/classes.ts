/** Classes and who is in them. */

import { defaultHouseRules } from '@hardy-sextant/core';
import { houseRulesDocument, type ChangedClass, type ChangedRoster, type ClassWithStudents, type KeptClass, type NewClass } from '@hardy-sextant/contract';
import { deleteClass, deleteStudents, findClass, insertClass, insertStudents, listClasses, listStudents, updateClass, updateStudent } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { findDefaultRules } from '../store/rules.ts';
import { numbersForNewStudents } from './sets.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';

export async function readClasses(queries: Queries): Promise<KeptClass[]> {
  const rows = await listClasses(queries);
  return rows.map(({ id, code, title, college, term, rules, revision, students }) => ({
    id,
    code,
    title,
    college,
    term,
    rules: houseRulesDocument.parse(rules).rules,
    students,
    revision,
  }));
}

export async function readClass(queries: Queries, id: string): Promise<ClassWithStudents> {
  const row = await findClass(queries, id);
  if (!row) throw new NotFound('class');
  const roster = await listStudents(queries, id);
  const { code, title, college, term, revision } = row;
  return {
    id,
    code,
    title,
    college,
    term,
    rules: houseRulesDocument.parse(row.rules).rules,
    students: roster.length,
    revision,
    roster: roster.map(({ id: studentId, name, number }) => ({ id: studentId, name, number })),
  };
}

/** A new class starts with the usual house rules. */
export async function makeClass(database: Database, values: NewClass): Promise<ClassWithStudents> {
  return database.transaction(async (transaction) => {
    const usual = await findDefaultRules(transaction);
    const rules = usual ? houseRulesDocument.parse(usual.rules).rules : defaultHouseRules;
    return readClass(transaction, await insertClass(transaction, { ...values, rules: { schemaVersion: 1, rules } }));
  });
}

export async function changeClass(database: Database, id: string, { revision, ...values }: ChangedClass): Promise<ClassWithStudents> {
  const written = await updateClass(database, id, revision, values);
  const now = await readClass(database, id);
  if (!written) throw new Stale('class', now);
  return now;
}

export async function removeClass(database: Database, id: string): Promise<void> {
  if (!(await deleteClass(database, id))) throw new NotFound('class');
}

/** Adds, renames and removes students in one transaction; a number that two would have is refused, and nothing is written. */
export async function changeRoster(database: Database, classId: string, input: ChangedRoster): Promise<ClassWithStudents> {
  return database.transaction(async (transaction) => {
    const { roster } = await readClass(transaction, classId);
    const known = new Set(roster.map(({ id }) => id));
    const stranger = [...input.change.map(({ id }) => id), ...input.remove].find((id) => !known.has(id));
    if (stranger !== undefined) throw new NotFound('student');
    const changed = new Map(input.change.map((each) => [each.id, each]));
    const removed = new Set(input.remove);
    const after = roster.filter(({ id }) => !removed.has(id)).map((each) => changed.get(each.id) ?? each);
    const taken = new Map<string, string>();
    const fields: { path: string; message: string }[] = [];
    const claim = (path: string, { name, number }: { name: string; number: string }): void => {
      const before = taken.get(number.toLowerCase());
      if (before === undefined) taken.set(number.toLowerCase(), name);
      else fields.push({ path, message: `The number ${number} is there already, for ${before}.` });
    };
    for (const each of after) claim(changed.has(each.id) ? `change.${input.change.findIndex(({ id }) => id === each.id)}.number` : 'change', each);
    input.add.forEach((each, at) => claim(`add.${at}.number`, each));
    if (fields.length > 0) throw new Invalid('Two students would have the same number; nothing was changed.', fields);
    await deleteStudents(transaction, classId, input.remove);
    // Two may swap numbers, so all are freed before they are given again.
    for (const each of input.change) await updateStudent(transaction, classId, { ...each, number: `\u0000${each.id}` });
    for (const each of input.change) await updateStudent(transaction, classId, each);
    const added = await insertStudents(transaction, classId, input.add);
    await numbersForNewStudents(
      transaction,
      classId,
      added.map((id, at) => ({ id, number: input.add[at]!.number })),
    );
    return readClass(transaction, classId);
  });
}
