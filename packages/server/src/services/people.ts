/** People: added with a one-time link, signing in with a password, changed and taken off by an owner. */

import {
  type changedPerson,
  type MadeLink,
  type newPassword,
  type newPerson,
  type Person,
  type usedLink,
} from '@hardy-sextant/contract';
import type { z } from 'zod';
import { findClass } from '../store/classes.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import {
  deleteSessionsOf,
  findLink,
  findLogin,
  findPerson,
  insertLink,
  insertPerson,
  listClassPeople,
  listPeople,
  markLinkUsed,
  setClassesOf,
  somebodySignsIn,
  updatePerson,
  type PersonRow,
} from '../store/people.ts';
import { Invalid, NotAllowed, NotFound } from './refusal.ts';
import { hashPassword, hashSecret, isPassword, newSecret } from './secrets.ts';
import { openSession } from './sessions.ts';

/** A one-time link can be used for three days. */
const LINK_LASTS = 72 * 3_600_000;

export async function readPeople(queries: Queries): Promise<Person[]> {
  const [rows, classes] = await Promise.all([listPeople(queries), listClassPeople(queries)]);
  return rows.map((row) => toPerson(row, classes));
}

function toPerson(
  { id, name, login, role, password }: PersonRow,
  classes: readonly { personId: string; classId: string; code: string }[],
): Person {
  return {
    id,
    name,
    login,
    role,
    classes: classes.filter(({ personId }) => personId === id).map((each) => ({ id: each.classId, code: each.code })),
    hasPassword: password !== null,
  };
}

async function readPerson(queries: Queries, id: string): Promise<Person> {
  const row = await findPerson(queries, id);
  if (!row) throw new NotFound('person');
  return toPerson(row, await listClassPeople(queries));
}

export async function addPerson(database: Database, input: z.output<typeof newPerson>): Promise<MadeLink> {
  return database.transaction(async (writes) => {
    if (await findLogin(writes, input.login))
      throw new Invalid('Somebody signs in with that already.', [
        { path: 'login', message: 'Somebody signs in with that already.' },
      ]);
    await classesThere(writes, input.classIds);
    const id = await insertPerson(writes, input);
    await setClassesOf(writes, id, input.role === 'owner' ? [] : input.classIds);
    return linkFor(writes, id);
  });
}

export async function changePerson(
  database: Database,
  id: string,
  { name, role, classIds }: z.output<typeof changedPerson>,
): Promise<Person> {
  return database.transaction(async (writes) => {
    const before = await findPerson(writes, id);
    if (!before) throw new NotFound('person');
    if (before.role === 'owner' && role !== 'owner') await anotherOwner(writes, id);
    await classesThere(writes, classIds);
    await updatePerson(writes, id, { name, role });
    await setClassesOf(writes, id, role === 'owner' ? [] : classIds);
    return readPerson(writes, id);
  });
}

/** Takes a person off: signed out at once, and what they did stays under their name. */
export async function removePerson(database: Database, id: string): Promise<void> {
  await database.transaction(async (writes) => {
    const before = await findPerson(writes, id);
    if (!before) throw new NotFound('person');
    if (before.role === 'owner') await anotherOwner(writes, id);
    await updatePerson(writes, id, { removedAt: new Date().toISOString(), password: null });
    await deleteSessionsOf(writes, id);
  });
}

async function anotherOwner(queries: Queries, id: string): Promise<void> {
  const others = (await listPeople(queries)).filter((each) => each.id !== id && each.password !== null);
  // Who is the only one may go: then nobody signs in, and the machine is the owner's own again.
  if (others.length > 0 && !(await somebodySignsIn(queries, 'owner', id)))
    throw new Invalid('Somebody has to be the owner. Make another person owner first.', [
      { path: 'role', message: 'Make another person owner first.' },
    ]);
}

async function classesThere(queries: Queries, ids: readonly string[]): Promise<void> {
  for (const [at, id] of ids.entries())
    if (!(await findClass(queries, id)))
      throw new Invalid('A class is not there any more.', [
        { path: `classIds.${at}`, message: 'This class was deleted.' },
      ]);
}

/** A new one-time link; those before it are worth nothing from now on. */
export async function makeLink(database: Database, id: string): Promise<MadeLink> {
  return database.transaction((writes) => linkFor(writes, id));
}

async function linkFor(writes: Writes, id: string): Promise<MadeLink> {
  const secret = newSecret();
  const endsAt = new Date(Date.now() + LINK_LASTS).toISOString();
  const person = await readPerson(writes, id);
  await insertLink(writes, hashSecret(secret), id, endsAt);
  return { person, secret, endsAt };
}

/** For the first start that others can reach, and for who forgot a password on the machine itself. */
export async function linkForLogin(database: Database, login: string): Promise<MadeLink> {
  return database.transaction(async (writes) => {
    const known = await findLogin(writes, login);
    if (known) return linkFor(writes, known.id);
    if (await somebodySignsIn(writes)) throw new NotFound('person');
    return linkFor(writes, await insertPerson(writes, { name: 'Owner', login, role: 'owner' }));
  });
}

async function usable(queries: Queries, secret: string) {
  const link = await findLink(queries, hashSecret(secret));
  if (!link) throw new NotAllowed('This link is worth nothing: it was mistyped, or a newer one was made.');
  if (link.usedAt !== null)
    throw new NotAllowed('This link was used already. Sign in with the password, or ask for another link.');
  if (link.endsAt <= new Date().toISOString()) throw new NotAllowed('This link is too old. Ask for another one.');
  return link;
}

/** Whose link it is. */
export async function showLink(queries: Queries, secret: string): Promise<{ name: string; login: string }> {
  const { person } = await usable(queries, secret);
  return { name: person.name, login: person.login };
}

/** Sets the password with a one-time link and signs in; every other session of the person ends. */
export async function takeLink(database: Database, { secret, password }: z.output<typeof usedLink>): Promise<string> {
  const hash = await hashPassword(password);
  return database.transaction(async (writes) => {
    const link = await usable(writes, secret);
    if (link.person.role !== 'owner' && !(await somebodySignsIn(writes, 'owner')))
      throw new NotAllowed('The owner of this book sets a password first; until then nobody signs in.');
    if (!(await markLinkUsed(writes, link.id))) throw new NotAllowed('This link was used already.');
    await updatePerson(writes, link.personId, { password: hash });
    await deleteSessionsOf(writes, link.personId);
    return openSession(writes, { personId: link.personId });
  });
}

export async function signIn(database: Database, login: string, password: string): Promise<string> {
  const person = await findLogin(database, login.trim());
  const isRight = await isPassword(password, person?.password);
  if (!person || !isRight) throw new NotAllowed('That name and password do not belong together.');
  return database.transaction((writes) => openSession(writes, { personId: person.id }));
}

/** Another password ends every other session. */
export async function changePassword(
  database: Database,
  personId: string,
  sessionId: string,
  { old, password }: z.output<typeof newPassword>,
): Promise<void> {
  const person = await findPerson(database, personId);
  if (!person || !(await isPassword(old, person.password)))
    throw new Invalid('The old password is another one.', [{ path: 'old', message: 'This is not the password.' }]);
  const hash = await hashPassword(password);
  await database.transaction(async (writes) => {
    await updatePerson(writes, personId, { password: hash });
    await deleteSessionsOf(writes, personId, sessionId);
  });
}
