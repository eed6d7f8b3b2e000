/** Sets over HTTP: put together, assigned, changed by what says so, released. */

import { Router } from 'express';
import { z } from 'zod';
import {
  archiving,
  askedOfSets,
  assigning,
  changedContents,
  changedSet,
  copiedSet,
  followChange as followChangeSchema,
  itemId,
  newSet,
  recordId,
  releasing,
} from '@hardy-sextant/contract';
import type { Drawer } from '../checking/drawJob.ts';
import { assign, assigningProgress, changeContents } from '../services/assigning.ts';
import { archiveSet, copySet } from '../services/copies.ts';
import { followChange } from '../services/followChange.ts';
import { movedPartsOf } from '../services/movedParts.ts';
import { changeSet, listSets, makeSet, readSet, releaseSet, removeSet } from '../services/sets.ts';
import { classesOf, nameOf } from '../services/sessions.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { whoOf } from './identity.ts';
import { parsed } from './problems.ts';

const byItem = z.object({ id: recordId, itemId });

export function setRoutes(database: Database, draw: Drawer): Router {
  const api = Router();
  api.get(
    '/sets',
    answer((request) => listSets(database, parsed(askedOfSets, request.query), classesOf(whoOf(request)))),
  );
  api.post(
    '/sets',
    answerNew(({ body }) => makeSet(database, parsed(newSet, body))),
  );
  api.get(
    '/sets/:id',
    answer((request) => readSet(database, idOf(request))),
  );
  api.put(
    '/sets/:id',
    answer((request) => changeSet(database, idOf(request), parsed(changedSet, request.body))),
  );
  api.delete(
    '/sets/:id',
    answer((request) => removeSet(database, idOf(request))),
  );
  api.post(
    '/sets/:id/copies',
    answerNew((request) => copySet(database, idOf(request), parsed(copiedSet, request.body))),
  );
  api.put(
    '/sets/:id/archived',
    answer((request) => archiveSet(database, idOf(request), parsed(archiving, request.body).archived)),
  );
  api.post(
    '/sets/:id/assigned',
    answer((request) => assign(database, draw, idOf(request), parsed(assigning, request.body).revision)),
  );
  api.get(
    '/sets/:id/assigned',
    answer((request) => assigningProgress(idOf(request))),
  );
  api.get(
    '/sets/:id/moved-parts',
    answer((request) => movedPartsOf(database, idOf(request))),
  );
  api.post(
    '/sets/:id/contents',
    answer((request) => changeContents(database, draw, idOf(request), parsed(changedContents, request.body))),
  );
  api.put(
    '/sets/:id/released',
    answer((request) => releaseSet(database, idOf(request), parsed(releasing, request.body), nameOf(whoOf(request)))),
  );
  api.post(
    '/sets/:id/exercises/:itemId',
    answer(({ params, body }) => {
      const { id, itemId: item } = parsed(byItem, params);
      return followChange(database, id, item, parsed(followChangeSchema, body));
    }),
  );
  return api;
}
