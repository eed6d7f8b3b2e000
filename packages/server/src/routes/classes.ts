/** Classes and their rosters over HTTP. */

import { Router } from 'express';
import { z } from 'zod';
import { changedClass, changedRoster, newClass, recordId } from '@hardy-sextant/contract';
import { changeClass, changeRoster, makeClass, readClass, readClasses, removeClass } from '../services/classes.ts';
import type { Database } from '../store/database.ts';
import type { Drawer } from '../checking/drawJob.ts';
import { parsed } from './problems.ts';

const byId = z.object({ id: recordId });

export function classRoutes(database: Database, draw: Drawer): Router {
  const api = Router();
  api.get('/classes', async (_request, response) => void response.json(await readClasses(database)));
  api.post(
    '/classes',
    async (request, response) =>
      void response.status(201).json(await makeClass(database, parsed(newClass, request.body))),
  );
  api.get(
    '/classes/:id',
    async (request, response) => void response.json(await readClass(database, parsed(byId, request.params).id)),
  );
  api.put(
    '/classes/:id',
    async (request, response) =>
      void response.json(
        await changeClass(database, parsed(byId, request.params).id, parsed(changedClass, request.body)),
      ),
  );
  api.delete('/classes/:id', async (request, response) => {
    await removeClass(database, parsed(byId, request.params).id);
    response.status(204).end();
  });
  api.put(
    '/classes/:id/roster',
    async (request, response) =>
      void response.json(
        await changeRoster(database, draw, parsed(byId, request.params).id, parsed(changedRoster, request.body)),
      ),
  );
  return api;
}
