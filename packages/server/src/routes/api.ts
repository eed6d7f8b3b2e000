/** The HTTP interface. */

import express, { Router } from 'express';
import { z } from 'zod';
import {
  archiving,
  binKind,
  changedCase,
  changedEnteringStyle,
  changedExercise,
  changedRules,
  chosenExercises,
  newCase,
  newEnteringStyle,
  newExercise,
  recordId,
} from '@hardy-sextant/contract';
import type { Checker } from '../checking/checker.ts';
import type { Drawer } from '../checking/drawJob.ts';
import type { Database } from '../store/database.ts';
import { bringBack, readBin } from '../services/bin.ts';
import { changeCase, deleteCase, keepCase, listCases, readCase } from '../services/cases.ts';
import {
  changeEnteringStyle,
  deleteEnteringStyle,
  keepEnteringStyle,
  listEnteringStyles,
} from '../services/enteringStyles.ts';
import {
  archiveExercise,
  changeExercise,
  deleteExercise,
  exportExercises,
  importExercises,
  listExercises,
  readExercise,
  readRevisions,
  writeExercise,
} from '../services/exercises.ts';
import { changeRules, listRules } from '../services/rules.ts';
import { classRoutes } from './classes.ts';
import { bounded, parsed } from './problems.ts';
import { setRoutes } from './sets.ts';

const byId = z.object({ id: recordId });
const inBin = z.object({ kind: binKind, id: recordId });

export function apiRoutes(database: Database, check: Checker, draw: Drawer): Router {
  const api = Router();

  api.get('/health', (_request, response) => void response.json({ ok: true }));

  api.get('/cases', async (_request, response) => void response.json(await listCases(database)));
  api.post(
    '/cases',
    async (request, response) =>
      void response.status(201).json(await keepCase(database, parsed(newCase, request.body))),
  );
  api.get(
    '/cases/:id',
    async (request, response) => void response.json(await readCase(database, parsed(byId, request.params).id)),
  );
  api.put(
    '/cases/:id',
    async (request, response) =>
      void response.json(
        await changeCase(database, parsed(byId, request.params).id, parsed(changedCase, request.body)),
      ),
  );
  api.delete('/cases/:id', async (request, response) => {
    await deleteCase(database, parsed(byId, request.params).id);
    response.status(204).end();
  });

  api.get('/bin', async (_request, response) => void response.json(await readBin(database)));
  api.post('/bin/:kind/:id/restore', async (request, response) => {
    const { kind, id } = parsed(inBin, request.params);
    await bringBack(database, kind, id);
    response.status(204).end();
  });

  api.get('/exercises', async (_request, response) => void response.json(await listExercises(database)));
  api.post(
    '/exercises',
    async (request, response) =>
      void response.status(201).json(await writeExercise(database, parsed(newExercise, request.body))),
  );
  api.get(
    '/exercises/:id',
    async (request, response) => void response.json(await readExercise(database, parsed(byId, request.params).id)),
  );
  api.put(
    '/exercises/:id',
    async (request, response) =>
      void response.json(
        await changeExercise(database, parsed(byId, request.params).id, parsed(changedExercise, request.body)),
      ),
  );

  api.delete('/exercises/:id', async (request, response) => {
    await deleteExercise(database, parsed(byId, request.params).id);
    response.status(204).end();
  });
  api.put(
    '/exercises/:id/archived',
    async (request, response) =>
      void response.json(
        await archiveExercise(database, parsed(byId, request.params).id, parsed(archiving, request.body).archived),
      ),
  );
  api.get(
    '/exercises/:id/revisions',
    async (request, response) => void response.json(await readRevisions(database, parsed(byId, request.params).id)),
  );

  // Which ones is in the body: an address could not name them all.
  api.post(
    '/exercise-export',
    async (request, response) =>
      void response.json(await exportExercises(database, parsed(chosenExercises, request.body).ids)),
  );
  api.post(
    '/exercise-file',
    express.json({ limit: '24mb' }),
    async (request, response) => void response.status(201).json(await importExercises(database, bounded(request.body))),
  );

  api.get('/rules', async (_request, response) => void response.json(await listRules(database)));
  api.put(
    '/rules/:id',
    async (request, response) =>
      void response.json(
        await changeRules(database, parsed(byId, request.params).id, parsed(changedRules, request.body)),
      ),
  );

  api.get('/entering-styles', async (_request, response) => void response.json(await listEnteringStyles(database)));
  api.post(
    '/entering-styles',
    async (request, response) =>
      void response.status(201).json(await keepEnteringStyle(database, parsed(newEnteringStyle, request.body))),
  );
  api.put(
    '/entering-styles/:id',
    async (request, response) =>
      void response.json(
        await changeEnteringStyle(
          database,
          parsed(byId, request.params).id,
          parsed(changedEnteringStyle, request.body),
        ),
      ),
  );
  api.delete('/entering-styles/:id', async (request, response) => {
    await deleteEnteringStyle(database, parsed(byId, request.params).id);
    response.status(204).end();
  });

  api.use(classRoutes(database, draw), setRoutes(database, check, draw));
  return api;
}
