/** Signing in and out, one-time links, and the people of the book over HTTP. */

import { Router } from 'express';
import {
  askedLink,
  changedPerson,
  newPassword,
  newPerson,
  signingIn,
  usedLink,
  type Me,
} from '@hardy-sextant/contract';
import {
  addPerson,
  changePassword,
  changePerson,
  makeLink,
  readPeople,
  removePerson,
  showLink,
  signIn,
  takeLink,
} from '../services/people.ts';
import { SignInFirst } from '../services/refusal.ts';
import { endSession } from '../services/sessions.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { signedIn, signedOut, whoOf } from './identity.ts';
import { codeLimits, signInLimits } from './limits.ts';
import { parsed } from './problems.ts';

export function peopleRoutes(database: Database): Router {
  const api = Router();
  api.get(
    '/session',
    answer((request): Me => {
      const who = whoOf(request);
      return who.is === 'person' ? { is: who.is, name: who.name, role: who.role } : { is: who.is, name: '' };
    }),
  );
  api.post('/session', ...signInLimits(database), async (request, response) => {
    const { login, password } = parsed(signingIn, request.body);
    signedIn(request, response, 'person', await signIn(database, login, password));
    response.status(204).end();
  });
  api.delete('/session', async (request, response) => {
    const who = whoOf(request);
    if (who.is === 'person') await endSession(database, who.sessionId);
    signedOut(request, response, 'person');
    response.status(204).end();
  });
  api.put(
    '/session/password',
    ...signInLimits(database),
    answer(async (request) => {
      const who = whoOf(request);
      if (who.is !== 'person') throw new SignInFirst();
      await changePassword(database, who.id, who.sessionId, parsed(newPassword, request.body));
    }),
  );
  api.post(
    '/links/shown',
    ...codeLimits(database),
    answer(({ body }) => showLink(database, parsed(askedLink, body).secret)),
  );
  api.post('/links', ...codeLimits(database), async (request, response) => {
    signedIn(request, response, 'person', await takeLink(database, parsed(usedLink, request.body)));
    response.status(204).end();
  });
  api.get(
    '/people',
    answer(async () => ({ people: await readPeople(database) })),
  );
  api.post(
    '/people',
    answerNew(({ body }) => addPerson(database, parsed(newPerson, body))),
  );
  api.put(
    '/people/:id',
    answer((request) => changePerson(database, idOf(request), parsed(changedPerson, request.body))),
  );
  api.delete(
    '/people/:id',
    answer((request) => removePerson(database, idOf(request))),
  );
  api.post(
    '/people/:id/link',
    answerNew((request) => makeLink(database, idOf(request))),
  );
  return api;
}
