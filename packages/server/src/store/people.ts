/** People, what they may sign in with, and where they are signed in. */

import { randomUUID } from 'node:crypto';
import { and, asc, eq, gt, inArray, isNotNull, isNull, lt, ne, sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';
import { attempts, classPeople, classroomCodes, oneTimeLinks, people, sessions, studentLinks } from './peopleSchema.ts';
import { classes, students, submissions } from './schema.ts';

export type PersonRow = typeof people.$inferSelect;
export type Role = PersonRow['role'];

export function listPeople(queries: Queries): Promise<PersonRow[]> {
  return queries.select().from(people).where(isNull(people.removedAt)).orderBy(asc(people.name), asc(people.id));
}

export async function findPerson(queries: Queries, id: string): Promise<PersonRow | undefined> {
  const [row] = await queries
    .select()
    .from(people)
    .where(and(eq(people.id, id), isNull(people.removedAt)));
  return row;
}

export async function findLogin(queries: Queries, login: string): Promise<PersonRow | undefined> {
  const [row] = await queries
    .select()
    .from(people)
    .where(and(eq(people.login, login.toLowerCase()), isNull(people.removedAt)));
  return row;
}

/** Whether anybody, or an owner, has a password: from then on everybody signs in. */
export async function somebodySignsIn(queries: Queries, role?: Role, but?: string): Promise<boolean> {
  const rows = await queries
    .select({ id: people.id })
    .from(people)
    .where(
      and(
        isNotNull(people.password),
        isNull(people.removedAt),
        ...(role ? [eq(people.role, role)] : []),
        ...(but ? [ne(people.id, but)] : []),
      ),
    )
    .limit(1);
  return rows.length > 0;
}

export async function insertPerson(
  writes: Writes,
  { name, login, role }: { readonly name: string; readonly login: string; readonly role: Role },
): Promise<string> {
  const id = randomUUID();
  const now = new Date().toISOString();
  // A login that was removed is free again.
  await writes
    .update(people)
    .set({ login: sql`${people.login} || ' ' || ${people.id}` })
    .where(and(eq(people.login, login.toLowerCase()), isNotNull(people.removedAt)));
  await writes.insert(people).values({ id, name, login: login.toLowerCase(), role, createdAt: now, updatedAt: now });
  return id;
}

export async function updatePerson(writes: Writes, id: string, values: Partial<PersonRow>): Promise<boolean> {
  const rows = await writes
    .update(people)
    .set({ ...values, updatedAt: new Date().toISOString() })
    .where(and(eq(people.id, id), isNull(people.removedAt)))
    .returning({ id: people.id });
  return rows.length > 0;
}

export async function classIdsOf(queries: Queries, personId: string): Promise<string[]> {
  const rows = await queries
    .select({ classId: classPeople.classId })
    .from(classPeople)
    .where(eq(classPeople.personId, personId));
  return rows.map(({ classId }) => classId);
}

/** Every class of everybody, for the list of people. */
export function listClassPeople(queries: Queries): Promise<{ personId: string; classId: string; code: string }[]> {
  return queries
    .select({ personId: classPeople.personId, classId: classPeople.classId, code: classes.code })
    .from(classPeople)
    .innerJoin(classes, and(eq(classes.id, classPeople.classId), isNull(classes.deletedAt)))
    .orderBy(asc(classes.code));
}

export async function setClassesOf(writes: Writes, personId: string, classIds: readonly string[]): Promise<void> {
  await writes.delete(classPeople).where(eq(classPeople.personId, personId));
  for (const classId of classIds) await addToClass(writes, personId, classId);
}

export async function addToClass(writes: Writes, personId: string, classId: string): Promise<void> {
  await writes.insert(classPeople).values({ personId, classId }).onConflictDoNothing();
}

interface SessionRow {
  readonly id: string;
  readonly seenAt: string;
  readonly endsAt: string;
  readonly person: PersonRow | null;
  readonly student: typeof students.$inferSelect | null;
}

/** A session that has not ended, with whose it is. */
export async function findSession(queries: Queries, id: string, now: string): Promise<SessionRow | undefined> {
  const [row] = await queries
    .select({ id: sessions.id, seenAt: sessions.seenAt, endsAt: sessions.endsAt, person: people, student: students })
    .from(sessions)
    .leftJoin(people, eq(people.id, sessions.personId))
    .leftJoin(students, eq(students.id, sessions.studentId))
    .where(and(eq(sessions.id, id), gt(sessions.endsAt, now)));
  return row;
}

export async function insertSession(
  writes: Writes,
  values: { id: string; personId?: string; studentId?: string; endsAt: string },
): Promise<void> {
  const now = new Date().toISOString();
  await writes.insert(sessions).values({ ...values, createdAt: now, seenAt: now });
}

export async function touchSession(writes: Writes, id: string, endsAt: string): Promise<void> {
  await writes.update(sessions).set({ seenAt: new Date().toISOString(), endsAt }).where(eq(sessions.id, id));
}

export async function deleteSession(writes: Writes, id: string): Promise<void> {
  await writes.delete(sessions).where(eq(sessions.id, id));
}

/** Ends every session of a person, but one. */
export async function deleteSessionsOf(writes: Writes, personId: string, but = ''): Promise<void> {
  await writes.delete(sessions).where(and(eq(sessions.personId, personId), ne(sessions.id, but)));
}

export async function deleteSessionsOfStudent(writes: Writes, studentId: string): Promise<void> {
  await writes.delete(sessions).where(eq(sessions.studentId, studentId));
}

/** A new link takes the place of those before. */
export async function insertLink(writes: Writes, id: string, personId: string, endsAt: string): Promise<void> {
  await writes.delete(oneTimeLinks).where(eq(oneTimeLinks.personId, personId));
  await writes.insert(oneTimeLinks).values({ id, personId, createdAt: new Date().toISOString(), endsAt });
}

export async function findLink(
  queries: Queries,
  id: string,
): Promise<(typeof oneTimeLinks.$inferSelect & { person: PersonRow }) | undefined> {
  const [row] = await queries
    .select({ link: oneTimeLinks, person: people })
    .from(oneTimeLinks)
    .innerJoin(people, and(eq(people.id, oneTimeLinks.personId), isNull(people.removedAt)))
    .where(eq(oneTimeLinks.id, id));
  return row && { ...row.link, person: row.person };
}

export async function markLinkUsed(writes: Writes, id: string): Promise<boolean> {
  const rows = await writes
    .update(oneTimeLinks)
    .set({ usedAt: new Date().toISOString() })
    .where(and(eq(oneTimeLinks.id, id), isNull(oneTimeLinks.usedAt)))
    .returning({ id: oneTimeLinks.id });
  return rows.length > 0;
}

/** The links of some students; those who have none yet get one. */
export async function linksOfStudents(
  writes: Writes,
  ids: readonly string[],
  make: () => string,
): Promise<ReadonlyMap<string, string>> {
  for (let at = 0; at < ids.length; at += 200)
    await writes
      .insert(studentLinks)
      .values(ids.slice(at, at + 200).map((studentId) => ({ studentId, token: make() })))
      .onConflictDoNothing();
  const found = new Map<string, string>();
  for (let at = 0; at < ids.length; at += 200)
    for (const { studentId, token } of await writes
      .select()
      .from(studentLinks)
      .where(inArray(studentLinks.studentId, ids.slice(at, at + 200))))
      found.set(studentId, token);
  return found;
}

export async function deleteStudentLink(writes: Writes, studentId: string): Promise<void> {
  await writes.delete(studentLinks).where(eq(studentLinks.studentId, studentId));
}

export async function studentOfLink(queries: Queries, token: string): Promise<string | undefined> {
  const [row] = await queries.select().from(studentLinks).where(eq(studentLinks.token, token));
  return row?.studentId;
}

/** Whose paper a code stands on: more than one where two happen to be alike. */
export function studentsOfCode(
  queries: Queries,
  code: string,
): Promise<{ studentId: string; setId: string; number: string }[]> {
  return queries
    .select({ studentId: submissions.studentId, setId: submissions.setId, number: students.number })
    .from(submissions)
    .innerJoin(students, and(eq(students.id, submissions.studentId), isNull(students.withdrawnAt)))
    .where(eq(submissions.code, code))
    .limit(5);
}

export async function putClassroom(writes: Writes, setId: string, code: string, endsAt: string): Promise<void> {
  await writes
    .insert(classroomCodes)
    .values({ setId, code, endsAt })
    .onConflictDoUpdate({ target: classroomCodes.setId, set: { code, endsAt } });
}

export async function deleteClassroom(writes: Writes, setId: string): Promise<void> {
  await writes.delete(classroomCodes).where(eq(classroomCodes.setId, setId));
}

export async function classroomOf(
  queries: Queries,
  where: { readonly setId: string } | { readonly code: string },
  now: string,
): Promise<{ setId: string; code: string; endsAt: string } | undefined> {
  const [row] = await queries
    .select()
    .from(classroomCodes)
    .where(
      and(
        'setId' in where ? eq(classroomCodes.setId, where.setId) : eq(classroomCodes.code, where.code),
        gt(classroomCodes.endsAt, now),
      ),
    );
  return row;
}

/** Counts one more try and says how many there were; one whose time is over begins anew. */
export async function countAttempt(
  writes: Writes,
  key: string,
  now: number,
  windowMs: number,
): Promise<{ points: number; endsAt: number }> {
  const [row] = await writes
    .insert(attempts)
    .values({ key, points: 1, endsAt: now + windowMs })
    .onConflictDoUpdate({
      target: attempts.key,
      set: {
        points: sql`CASE WHEN ${attempts.endsAt} <= ${now} THEN 1 ELSE ${attempts.points} + 1 END`,
        endsAt: sql`CASE WHEN ${attempts.endsAt} <= ${now} THEN ${now + windowMs} ELSE ${attempts.endsAt} END`,
      },
    })
    .returning();
  return row ?? { points: 1, endsAt: now + windowMs };
}

export async function uncountAttempt(writes: Writes, key: string): Promise<void> {
  await writes
    .update(attempts)
    .set({ points: sql`max(0, ${attempts.points} - 1)` })
    .where(eq(attempts.key, key));
}

export async function forgetAttempts(writes: Writes, key: string): Promise<void> {
  await writes.delete(attempts).where(eq(attempts.key, key));
}

/** What has ended is let go. */
export async function tidySessions(writes: Writes, now: Date): Promise<void> {
  await writes.delete(sessions).where(lt(sessions.endsAt, now.toISOString()));
  await writes.delete(attempts).where(lt(attempts.endsAt, now.getTime()));
}
