/** Classes and their rosters over HTTP. */

import { Router, type Request } from 'express';
import {
  archiving,
  askedOfClasses,
  changedClass,
  changedRoster,
  copiedClass,
  importedClasses,
  newClass,
} from '@hardy-sextant/contract';
import { changeClass, changeRoster, listClasses, makeClass, readClass, removeClass } from '../services/classes.ts';
import { archiveClass, copyClass } from '../services/copies.ts';
import { importClasses } from '../services/importedClasses.ts';
import { classesOf } from '../services/sessions.ts';
import type { Database } from '../store/database.ts';
import type { Drawer } from '../checking/drawJob.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { whoOf } from './identity.ts';
import { parsed } from './problems.ts';

/** Who makes a class teaches it. */
const ownerOf = (request: Request): string | undefined => {
  const who = whoOf(request);
  return who.is === 'person' && who.role === 'instructor' ? who.id : undefined;
};

export function classRoutes(database: Database, draw: Drawer): Router {
  const api = Router();
  api.get(
    '/classes',
    answer((request) => listClasses(database, parsed(askedOfClasses, request.query), classesOf(whoOf(request)))),
  );
  api.post(
    '/classes',
    answerNew((request) => makeClass(database, parsed(newClass, request.body), ownerOf(request))),
  );
  api.post(
    '/class-imports',
    answerNew((request) => importClasses(database, parsed(importedClasses, request.body), ownerOf(request))),
  );
  api.get(
    '/classes/:id',
    answer((request) => readClass(database, idOf(request))),
  );
  api.put(
    '/classes/:id',
    answer((request) => changeClass(database, idOf(request), parsed(changedClass, request.body))),
  );
  api.delete(
    '/classes/:id',
    answer((request) => removeClass(database, idOf(request))),
  );
  api.post(
    '/classes/:id/copies',
    answerNew((request) => copyClass(database, idOf(request), parsed(copiedClass, request.body), ownerOf(request))),
  );
  api.put(
    '/classes/:id/archived',
    answer((request) => archiveClass(database, idOf(request), parsed(archiving, request.body).archived)),
  );
  api.put(
    '/classes/:id/roster',
    answer((request) => changeRoster(database, draw, idOf(request), parsed(changedRoster, request.body))),
  );
  return api;
}
