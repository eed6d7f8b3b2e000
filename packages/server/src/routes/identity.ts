/** Who is asking, and whether they may: every request passes here, by the rule of its route. */

import { parseCookie } from 'cookie';
import type { CookieOptions, Request, RequestHandler, Response } from 'express';
import type { Database } from '../store/database.ts';
import { classOf } from '../services/classOf.ts';
import { NotAllowed, NotFound, SignInFirst } from '../services/refusal.ts';
import { mayIn, whichStudent, whoIs, type Identity, type StudentIdentity } from '../services/sessions.ts';
import { ruleFor, type Rule } from './access.ts';
import { noSuchPath } from './problems.ts';

/** What browsers hold: one for people, one for students, so that an instructor may look at a student's page beside. */
const COOKIES = { person: 'sextant', student: 'sextant-student' } as const;

const people = new WeakMap<Request, Identity>();
const students = new WeakMap<Request, StudentIdentity>();

/** Who is asking, on a route that is for people. */
export const whoOf = (request: Request): Identity => people.get(request) ?? { is: 'nobody' };

/** Which student is asking, on a student's route. */
export function studentOf(request: Request): StudentIdentity {
  const student = students.get(request);
  if (!student) throw new SignInFirst();
  return student;
}

/** For the log: what somebody is, not who. */
export function roleOf(request: Request): string {
  if (students.has(request)) return 'student';
  const who = whoOf(request);
  return who.is === 'person' ? who.role : who.is;
}

const options = (request: Request): CookieOptions => ({
  httpOnly: true,
  sameSite: 'lax',
  secure: request.secure,
  path: '/api',
});
const MOST_DAYS = { person: 1, student: 60 } as const;

/** Gives the browser what it is to hold from now on. */
export function signedIn(request: Request, response: Response, whose: keyof typeof COOKIES, token: string): void {
  response.cookie(COOKIES[whose], token, { ...options(request), maxAge: MOST_DAYS[whose] * 86_400_000 });
}

export function signedOut(request: Request, response: Response, whose: keyof typeof COOKIES): void {
  response.clearCookie(COOKIES[whose], options(request));
}

/** @param local whether only this machine is listened to */
export function atTheDoor(database: Database, local: boolean): RequestHandler {
  return async (request, response, next) => {
    const found = ruleFor(request.method, request.path);
    if (!found) return noSuchPath(request, response, next);
    const cookies = parseCookie(request.headers.cookie ?? '');
    // Both are known on every route that asks for one of them: signing out ends what is there.
    if (found.route.includes(' /my/')) {
      const student = await whichStudent(database, cookies[COOKIES.student]);
      if (student) students.set(request, student);
    } else people.set(request, await whoIs(database, cookies[COOKIES.person], local));
    await admit(database, request, found.rule, found.id);
    next();
  };
}

async function admit(database: Database, request: Request, rule: Rule, id: string | undefined): Promise<void> {
  if (rule === 'anyone') return;
  if (rule === 'student') return void studentOf(request);
  const who = whoOf(request);
  if (who.is === 'nobody') throw new SignInFirst();
  if (who.is === 'alone' || who.role === 'owner' || rule === 'staff') return;
  if (rule === 'owner') throw new NotAllowed('Only the owner of this book may do this.');
  const [how, what] = rule === 'library' ? ['teaches', ''] : rule.split('-', 2);
  if (how === 'teaches' && who.role === 'assistant')
    throw new NotAllowed('An assistant enters answers and marks; this is for an instructor of the class.');
  if (rule === 'library') return;
  const named = (request.body as { classId?: unknown } | undefined)?.classId;
  const classId =
    rule === 'teaches-named-class'
      ? typeof named === 'string'
        ? named
        : undefined
      : what === 'class'
        ? id
        : await classOf(database, id ?? '');
  // What is another's is not there: nobody learns of it by trying.
  if (classId === undefined || !mayIn(who, classId, how === 'marks' ? 'marks' : 'teaches'))
    throw new NotFound(what === 'set' ? 'set' : 'class');
  if (rule === 'teaches-named-class' && id !== undefined) {
    const own = await classOf(database, id);
    if (own === undefined || !mayIn(who, own, 'teaches')) throw new NotFound('set');
  }
}
