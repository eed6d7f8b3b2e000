/** A term later: sets and classes copied without their history, and put out of the way. */

import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import {
  setDocument,
  type ClassWithStudents,
  type copiedClass,
  type CopiedSet,
  type KeptSet,
  type SetDocument,
} from '@hardy-sextant/contract';
import { findClass, insertClass, insertStudents, listStudents, setClassArchived } from '../store/classes.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import { exercisesInList } from '../store/lists.ts';
import { addToClass } from '../store/people.ts';
import { findSet, insertSet, setSetArchived, type SetRow } from '../store/sets.ts';
import { readClass } from './classes.ts';
import { Invalid, NotFound } from './refusal.ts';
import { readSet } from './sets.ts';
import { stored } from './stored.ts';

/** A set's exercises as they are now, in places of their own, for a class; nothing of what was submitted. */
export async function copySet(
  database: Database,
  id: string,
  { classId, title, given, due }: CopiedSet,
): Promise<KeptSet> {
  return database.transaction(async (writes) => {
    const row = await findSet(writes, id);
    if (!row) throw new NotFound('set');
    if (!(await findClass(writes, classId))) throw new NotFound('class');
    const document = { ...(await withoutDeleted(writes, row)), given, due };
    const copy = await insertSet(writes, { classId, title, document });
    return readSet(writes, copy.id);
  });
}

/** A class under another name or term, with copies of some of its sets. */
export async function copyClass(
  database: Database,
  id: string,
  { sets, days, roster, ...names }: z.output<typeof copiedClass>,
  by?: string,
): Promise<ClassWithStudents> {
  return database.transaction(async (writes) => {
    const before = await findClass(writes, id);
    if (!before) throw new NotFound('class');
    const copy = await insertClass(writes, { ...names, rulesId: before.rulesId });
    if (by !== undefined) await addToClass(writes, by, copy);
    if (roster) {
      const here = (await listStudents(writes, id)).filter(({ withdrawnAt }) => withdrawnAt === null);
      await insertStudents(
        writes,
        copy,
        here.map(({ name, number, section }) => ({ name, number, section })),
      );
    }
    for (const setId of sets) {
      const row = await findSet(writes, setId);
      if (row?.classId !== id)
        throw new Invalid('A set to be copied is not one of this class.', [
          { path: 'sets', message: 'It was deleted, or is another class’s.' },
        ]);
      const document = await withoutDeleted(writes, row);
      const moved = { given: daysLater(document.given, days), due: daysLater(document.due, days) };
      await insertSet(writes, { classId: copy, title: row.title, document: { ...document, ...moved } });
    }
    return readClass(writes, copy);
  });
}

/** What a set holds, without exercises that were deleted since; each in a place that no answer belongs to. */
async function withoutDeleted(queries: Queries, row: SetRow): Promise<SetDocument> {
  const document = stored(setDocument, row.document, 'set');
  const ids = document.items.map(({ exerciseId }) => exerciseId);
  const there = new Set((await exercisesInList(queries, [...new Set(ids)])).map(({ id }) => id));
  const items = document.items
    .filter(({ exerciseId }) => there.has(exerciseId))
    .map((item) => ({ ...item, id: randomUUID().slice(0, 8) }));
  return { ...document, items };
}

/** A day so many days later; none stays none. */
export function daysLater(day: string, days: number): string {
  if (day === '') return '';
  const date = new Date(`${day}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  return date.toISOString().slice(0, 10);
}

export async function archiveSet(database: Database, id: string, archived: boolean): Promise<KeptSet> {
  return database.transaction(async (writes: Writes) => {
    if (!(await setSetArchived(writes, id, archived))) throw new NotFound('set');
    return readSet(writes, id);
  });
}

export async function archiveClass(database: Database, id: string, archived: boolean): Promise<ClassWithStudents> {
  return database.transaction(async (writes: Writes) => {
    if (!(await setClassArchived(writes, id, archived))) throw new NotFound('class');
    return readClass(writes, id);
  });
}
