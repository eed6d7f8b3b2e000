/** Classes and who is in them. */

import { nth } from '@hardy-sextant/core';
import {
  type AskedOfClasses,
  type ChangedClass,
  type ChangedRoster,
  type ClassPage,
  type ClassWithStudents,
  type KeptClass,
  type NewClass,
} from '@hardy-sextant/contract';
import {
  bumpClass,
  deleteClass,
  deleteStudents,
  findClass,
  insertClass,
  insertStudents,
  pageOfClasses,
  listStudents,
  setWithdrawn,
  updateClass,
  updateStudent,
  type ClassRow,
} from '../store/classes.ts';
import type { Drawer } from '../checking/drawJob.ts';
import type { Database, Queries } from '../store/database.ts';
import { addToClass } from '../store/people.ts';
import { recount, setIdsOfClass } from '../store/sets.ts';
import { drawnForStudents, numbersForNewStudents } from './assigning.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { canBePicked, toRules } from './rules.ts';
import { listed } from './stored.ts';

/** @param only these classes; all where it is undefined */
export async function listClasses(
  queries: Queries,
  asked: AskedOfClasses,
  only?: readonly string[],
): Promise<ClassPage> {
  const { rows, total } = await pageOfClasses(queries, { ...asked, archived: asked.archived === 'yes', only });
  return { rows: listed(rows, (row) => toClass(row, row.students)), total, page: asked.page };
}

function toClass(row: ClassRow, students: number): KeptClass {
  const { id, code, title, college, term, rulesId, rules, archivedAt, revision } = row;
  const followed = toRules(rules);
  return {
    id,
    code,
    title,
    college,
    term,
    rulesId,
    rulesName: followed.name,
    rules: followed.rules,
    students,
    archived: archivedAt !== null,
    revision,
  };
}

export async function readClass(queries: Queries, id: string): Promise<ClassWithStudents> {
  const row = await findClass(queries, id);
  if (!row) throw new NotFound('class');
  const roster = await listStudents(queries, id);
  const here = roster.filter(({ withdrawnAt }) => withdrawnAt === null).length;
  return {
    ...toClass(row, here),
    roster: roster.map(({ id: studentId, name, number, section, withdrawnAt }) => ({
      id: studentId,
      name,
      number,
      section,
      withdrawn: withdrawnAt !== null,
    })),
  };
}

/** A new class; it follows the usual house rules unless others are picked. @param by the person who teaches it from now on */
export async function makeClass(database: Database, values: NewClass, by?: string): Promise<ClassWithStudents> {
  return database.transaction(async (writes) => {
    await canBePicked(writes, values.rulesId);
    const id = await insertClass(writes, values);
    if (by !== undefined) await addToClass(writes, by, id);
    return readClass(writes, id);
  });
}

export async function changeClass(
  database: Database,
  id: string,
  { revision, ...values }: ChangedClass,
): Promise<ClassWithStudents> {
  return database.transaction(async (writes) => {
    if (values.rulesId !== undefined && values.rulesId !== (await findClass(writes, id))?.rulesId)
      await canBePicked(writes, values.rulesId);
    const written = await updateClass(writes, id, revision, values);
    const now = await readClass(writes, id);
    if (!written) throw new Stale('class', now);
    return now;
  });
}

export async function removeClass(database: Database, id: string): Promise<void> {
  if (!(await database.transaction((writes) => deleteClass(writes, id)))) throw new NotFound('class');
}

/** Adds, renames, withdraws, readmits and erases students in one transaction; a number that two would have is refused, and nothing is written. */
export async function changeRoster(
  database: Database,
  draw: Drawer,
  classId: string,
  input: ChangedRoster,
): Promise<ClassWithStudents> {
  const ahead = await drawnForStudents(
    database,
    draw,
    classId,
    input.add.map(({ number }) => number),
  );
  return database.transaction(async (transaction) => {
    const before = await readClass(transaction, classId);
    if (before.revision !== input.revision) throw new Stale('class', before);
    const { roster } = before;
    const known = new Set(roster.map(({ id }) => id));
    const stranger = [...input.change.map(({ id }) => id), ...input.withdraw, ...input.readmit, ...input.remove].find(
      (id) => !known.has(id),
    );
    if (stranger !== undefined) throw new NotFound('student');
    const changed = new Map(input.change.map((each) => [each.id, each]));
    const removed = new Set(input.remove);
    const after = roster.filter(({ id }) => !removed.has(id)).map((each) => changed.get(each.id) ?? each);
    const taken = new Map<string, string>();
    const fields: { path: string; message: string }[] = [];
    const claim = (path: string, { name, number }: { name: string; number: string }): void => {
      const holder = taken.get(number.toLowerCase());
      if (holder === undefined) taken.set(number.toLowerCase(), name);
      else fields.push({ path, message: `The number ${number} is there already, for ${holder}.` });
    };
    for (const each of after)
      claim(
        changed.has(each.id) ? `change.${input.change.findIndex(({ id }) => id === each.id)}.number` : 'change',
        each,
      );
    input.add.forEach((each, at) => claim(`add.${at}.number`, each));
    if (fields.length > 0) throw new Invalid('Two students would have the same number; nothing was changed.', fields);
    await bumpClass(transaction, classId, input.revision);
    await deleteStudents(transaction, classId, input.remove);
    await setWithdrawn(transaction, classId, input.withdraw, true);
    await setWithdrawn(transaction, classId, input.readmit, false);
    // Two may swap numbers, so all are freed before they are given again.
    for (const each of input.change) await updateStudent(transaction, classId, { ...each, number: `\u0000${each.id}` });
    for (const each of input.change) await updateStudent(transaction, classId, each);
    const added = await insertStudents(transaction, classId, input.add);
    // Who comes back gets what was assigned meanwhile.
    const joining = [
      ...added
        .map((id, at) => ({ id, number: nth(input.add, at).number, withdrawn: nth(input.add, at).withdrawn }))
        .filter(({ withdrawn }) => !withdrawn),
      ...roster.filter(({ id }) => input.readmit.includes(id)),
    ];
    await numbersForNewStudents(transaction, classId, joining, ahead);
    if (input.withdraw.length + input.readmit.length + input.remove.length > 0)
      for (const id of await setIdsOfClass(transaction, classId)) await recount(transaction, id);
    return readClass(transaction, classId);
  });
}
