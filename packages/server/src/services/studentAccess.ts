/** How students come in: by their own link, by the code on a paper, by a classroom's code and their name; and the links and codes that are handed out. */

import { randomInt } from 'node:crypto';
import { paperCode, readPaperCode } from '@hardy-sextant/core';
import type { ClassroomList, comingIn, StudentCodes } from '@hardy-sextant/contract';
import type { z } from 'zod';
import { findClass, findStudents, listStudents } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import {
  classroomOf,
  deleteSessionsOfStudent,
  deleteStudentLink,
  linksOfStudents,
  studentOfLink,
  studentsOfCode,
} from '../store/people.ts';
import { findSet } from '../store/sets.ts';
import { withoutCode, writeCode } from '../store/submissions.ts';
import { Invalid, NotAllowed, NotFound } from './refusal.ts';
import { newSecret } from './secrets.ts';
import { openSession } from './sessions.ts';
import { classNameOf } from './studentSets.ts';

interface CameIn {
  readonly token: string;
  readonly name: string;
  readonly setId?: string;
}

/** @throws NotAllowed with the same sentence whatever is wrong with a link or a code, so that nobody learns which exist */
export async function comeIn(database: Database, input: z.output<typeof comingIn>): Promise<CameIn> {
  const { studentId, setId } = await whoComes(database, input);
  const [student] = await findStudents(database, [studentId]);
  if (!student) throw new NotAllowed(NOBODY);
  if (student.withdrawnAt !== null && !('link' in input)) throw new NotAllowed(NOBODY);
  const token = await database.transaction((writes) => openSession(writes, { studentId }));
  return { token, name: student.name, ...(setId ? { setId } : {}) };
}

const NOBODY = 'This link or code leads to nobody. Look at it again, or ask your instructor for another.';

async function whoComes(
  queries: Queries,
  input: z.output<typeof comingIn>,
): Promise<{ studentId: string; setId?: string }> {
  if ('link' in input) {
    const studentId = await studentOfLink(queries, input.link);
    if (!studentId) throw new NotAllowed(NOBODY);
    return { studentId };
  }
  if ('classroom' in input) {
    const { setId, classId } = await openClassroom(queries, input.classroom);
    const [student] = await findStudents(queries, [input.studentId]);
    const same = student?.number.trim().toLowerCase() === input.number.trim().toLowerCase();
    if (!student || student.classId !== classId || student.withdrawnAt !== null || !same)
      throw new NotAllowed('That name and number do not belong together.');
    return { studentId: student.id, setId };
  }
  const code = readPaperCode(input.code);
  if (code === undefined)
    throw new Invalid('This is mistyped: look at the code again.', [
      { path: 'code', message: 'This is mistyped: look at the code again.' },
    ]);
  const found = await studentsOfCode(queries, code);
  const number = input.number?.trim().toLowerCase();
  const fitting = number === undefined ? found : found.filter((each) => each.number.toLowerCase() === number);
  const [one] = fitting;
  if (!one) throw new NotAllowed(NOBODY);
  if (fitting.length > 1)
    throw new Invalid('Two papers have this code. Type your student number too.', [
      { path: 'number', message: 'Two papers have this code. Type your student number too.' },
    ]);
  return { studentId: one.studentId, setId: one.setId };
}

async function openClassroom(
  queries: Queries,
  typed: string,
): Promise<{ setId: string; classId: string; title: string }> {
  const code = typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
  const open = await classroomOf(queries, { code }, new Date().toISOString());
  const set = open && (await findSet(queries, open.setId));
  if (!set) throw new NotAllowed('No classroom is open under this code.');
  return { setId: set.id, classId: set.classId, title: set.title };
}

/** The names of a classroom that is open, for each to find their own. */
export async function classroomList(queries: Queries, code: string): Promise<ClassroomList> {
  const { classId, title } = await openClassroom(queries, code);
  const [found, roster] = await Promise.all([findClass(queries, classId), listStudents(queries, classId)]);
  return {
    title,
    className: classNameOf(found),
    students: roster.filter(({ withdrawnAt }) => withdrawnAt === null).map(({ id, name }) => ({ id, name })),
  };
}

/** Without letters and digits that look alike. */
const letters = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
/** Six letters: a billion of them, and it is open for hours only. */
export const newClassroomCode = (): string =>
  Array.from({ length: 6 }, () => letters[randomInt(letters.length)]).join('');

/** Links and codes of everybody in the class, to be handed out for a set. */
export async function studentCodes(database: Database, setId: string): Promise<StudentCodes> {
  const set = await findSet(database, setId);
  if (!set) throw new NotFound('set');
  const roster = (await listStudents(database, set.classId)).filter(({ withdrawnAt }) => withdrawnAt === null);
  const links = await database.transaction((writes) =>
    linksOfStudents(
      writes,
      roster.map(({ id }) => id),
      newSecret,
    ),
  );
  return {
    students: roster.map(({ id, name, number, section }) => ({
      id,
      name,
      number,
      section,
      token: links.get(id) ?? '',
      code: paperCode(setId, id),
    })),
  };
}

/** Another link: the one before is worth nothing, and whoever is in with it is out. */
export async function renewLink(writes: Parameters<typeof deleteStudentLink>[0], studentId: string): Promise<void> {
  await deleteStudentLink(writes, studentId);
  await deleteSessionsOfStudent(writes, studentId);
}

const CODES_AT_ONCE = 500;

/** Works out the codes of submissions that are older than codes. */
export async function fillCodes(database: Database): Promise<void> {
  for (;;) {
    const rows = await withoutCode(database, CODES_AT_ONCE);
    if (rows.length === 0) return;
    await database.transaction(async (writes) => {
      for (const { id, setId, studentId } of rows) await writeCode(writes, id, paperCode(setId, studentId));
    });
  }
}
