/** Who is asking: from what the browser holds to a person or a student. Sessions end by signing out, by another password, and by age. */

import type { Database, Writes } from '../store/database.ts';
import {
  classIdsOf,
  deleteSession,
  findSession,
  insertSession,
  somebodySignsIn,
  tidySessions,
  touchSession,
  type Role,
} from '../store/people.ts';
import { hashSecret, newSecret } from './secrets.ts';

const HOUR = 3_600_000;
/** So long after the last request a session ends. */
const AGES = { person: 12 * HOUR, student: 60 * 24 * HOUR } as const;
/** More often than so a session's age is not written. */
const TOUCHED_EVERY = 10 * 60_000;

export type Identity =
  /** On the instructor's own machine, where nobody has a password. */
  | { readonly is: 'alone' }
  | {
      readonly is: 'person';
      readonly id: string;
      readonly name: string;
      readonly role: Role;
      readonly sessionId: string;
      /** All of them for an owner. */
      readonly classIds: readonly string[] | undefined;
    }
  | { readonly is: 'nobody' };

export interface StudentIdentity {
  readonly id: string;
  readonly name: string;
  readonly number: string;
  readonly classId: string;
  readonly withdrawn: boolean;
  readonly sessionId: string;
}

/** Only the classes whose things somebody sees; all where it is undefined. */
export const classesOf = (who: Identity): readonly string[] | undefined =>
  who.is === 'person' ? who.classIds : who.is === 'alone' ? undefined : [];

/** As acts are signed. */
export const nameOf = (who: Identity): string => (who.is === 'person' ? who.name : 'the instructor');

/**
 * @param token what the browser holds
 * @param local whether only this machine is listened to: then nobody is asked for a password until somebody has one
 */
export async function whoIs(database: Database, token: string | undefined, local: boolean): Promise<Identity> {
  const session = token === undefined ? undefined : await liveSession(database, token, AGES.person);
  if (session?.person && session.person.removedAt === null && session.person.password !== null) {
    const { id, name, role } = session.person;
    const classIds = role === 'owner' ? undefined : await classIdsOf(database, id);
    return { is: 'person', id, name, role, sessionId: session.id, classIds };
  }
  return local && !(await somebodySignsIn(database)) ? { is: 'alone' } : { is: 'nobody' };
}

export async function whichStudent(
  database: Database,
  token: string | undefined,
): Promise<StudentIdentity | undefined> {
  const session = token === undefined ? undefined : await liveSession(database, token, AGES.student);
  if (!session?.student) return undefined;
  const { id, name, number, classId, withdrawnAt } = session.student;
  return { id, name, number, classId, withdrawn: withdrawnAt !== null, sessionId: session.id };
}

async function liveSession(database: Database, token: string, age: number) {
  const now = Date.now();
  const session = await findSession(database, hashSecret(token), new Date(now).toISOString());
  if (session && now - Date.parse(session.seenAt) > TOUCHED_EVERY)
    await database.transaction((writes) => touchSession(writes, session.id, new Date(now + age).toISOString()));
  return session;
}

/** @returns what the browser is to hold */
export async function openSession(
  writes: Writes,
  whose: { readonly personId: string } | { readonly studentId: string },
): Promise<string> {
  const token = newSecret();
  const age = 'personId' in whose ? AGES.person : AGES.student;
  await insertSession(writes, {
    id: hashSecret(token),
    ...whose,
    endsAt: new Date(Date.now() + age).toISOString(),
  });
  return token;
}

export async function endSession(database: Database, sessionId: string): Promise<void> {
  await database.transaction((writes) => deleteSession(writes, sessionId));
}

/** Lets go of sessions and counts whose time is over. */
export async function tidy(database: Database): Promise<void> {
  await database.transaction((writes) => tidySessions(writes, new Date()));
}

/** Whether a person may see a class's things; `teaches` leaves assistants out. */
export function mayIn(who: Identity, classId: string, how: 'marks' | 'teaches'): boolean {
  if (who.is === 'alone') return true;
  if (who.is === 'nobody' || (how === 'teaches' && who.role === 'assistant')) return false;
  return who.classIds === undefined || who.classIds.includes(classId);
}
