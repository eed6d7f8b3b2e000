/** Sets, their marking and what is remembered between them, over HTTP. */

import express, { Router } from 'express';
import { z } from 'zod';
import {
  assignedRow,
  changedAnswers,
  changedContents,
  changedDecisions,
  changedSet,
  changedSlipText,
  columnMatching,
  followChange as followChangeSchema,
  assigning,
  importedAnswers,
  itemId,
  newSet,
  recordId,
  releasing,
} from '@hardy-sextant/contract';
import type { Checker } from '../checking/checker.ts';
import type { Drawer } from '../checking/drawJob.ts';
import { assignRow, importAnswers, putRowAway, readEarlier, writeAnswers } from '../services/answers.ts';
import { writeDecisions } from '../services/decisions.ts';
import { checkSome } from '../services/judging.ts';
import { readMarking } from '../services/marking.ts';
import { changeSlipText, readMatchings, readSlipTexts, rememberMatching } from '../services/matchings.ts';
import { followChange } from '../services/followChange.ts';
import { changeContents, assign, assigningProgress } from '../services/assigning.ts';
import { changeSet, makeSet, readSet, readSets, releaseSet, removeSet } from '../services/sets.ts';
import type { Database } from '../store/database.ts';
import { parsed } from './problems.ts';

const byId = z.object({ id: recordId });
const byRow = z.object({ id: recordId, rowId: recordId });
const byStudent = z.object({ id: recordId, studentId: recordId });
const byItem = z.object({ id: recordId, itemId });
const bySlip = z.object({ slipId: z.string().min(1).max(60) });

/** The answers of a large class may be long; all else is small. */
const IMPORT_LIMIT = '24mb';

export function setRoutes(database: Database, check: Checker, draw: Drawer): Router {
  const api = Router();
  const large = express.json({ limit: IMPORT_LIMIT });

  api.get('/sets', async (_request, response) => void response.json(await readSets(database)));
  api.post(
    '/sets',
    async (request, response) => void response.status(201).json(await makeSet(database, parsed(newSet, request.body))),
  );
  api.get(
    '/sets/:id',
    async (request, response) => void response.json(await readSet(database, parsed(byId, request.params).id)),
  );
  api.put(
    '/sets/:id',
    async (request, response) =>
      void response.json(await changeSet(database, parsed(byId, request.params).id, parsed(changedSet, request.body))),
  );
  api.delete('/sets/:id', async (request, response) => {
    await removeSet(database, parsed(byId, request.params).id);
    response.status(204).end();
  });
  api.post(
    '/sets/:id/assigned',
    async (request, response) =>
      void response.json(
        await assign(database, draw, parsed(byId, request.params).id, parsed(assigning, request.body).revision),
      ),
  );
  api.get(
    '/sets/:id/assigned',
    (request, response) => void response.json(assigningProgress(parsed(byId, request.params).id)),
  );
  api.post(
    '/sets/:id/contents',
    async (request, response) =>
      void response.json(
        await changeContents(database, draw, parsed(byId, request.params).id, parsed(changedContents, request.body)),
      ),
  );
  api.put(
    '/sets/:id/released',
    async (request, response) =>
      void response.json(await releaseSet(database, parsed(byId, request.params).id, parsed(releasing, request.body))),
  );
  api.post('/sets/:id/exercises/:itemId', async (request, response) => {
    const { id, itemId: item } = parsed(byItem, request.params);
    response.json(await followChange(database, id, item, parsed(followChangeSchema, request.body)));
  });

  api.get(
    '/sets/:id/marking',
    async (request, response) => void response.json(await readMarking(database, parsed(byId, request.params).id)),
  );
  api.post(
    '/sets/:id/check',
    async (request, response) => void response.json(await checkSome(database, check, parsed(byId, request.params).id)),
  );
  api.put(
    '/sets/:id/answers',
    large,
    async (request, response) =>
      void response.json(
        await writeAnswers(database, check, parsed(byId, request.params).id, parsed(changedAnswers, request.body)),
      ),
  );
  api.post(
    '/sets/:id/import',
    large,
    async (request, response) =>
      void response.json(
        await importAnswers(database, check, parsed(byId, request.params).id, parsed(importedAnswers, request.body)),
      ),
  );
  api.post('/sets/:id/unmatched-rows/:rowId', async (request, response) => {
    const { id, rowId } = parsed(byRow, request.params);
    response.json(await assignRow(database, check, id, rowId, parsed(assignedRow, request.body).studentId));
  });
  api.delete('/sets/:id/unmatched-rows/:rowId', async (request, response) => {
    const { id, rowId } = parsed(byRow, request.params);
    await putRowAway(database, id, rowId, true);
    response.status(204).end();
  });
  api.post('/sets/:id/unmatched-rows/:rowId/restore', async (request, response) => {
    const { id, rowId } = parsed(byRow, request.params);
    await putRowAway(database, id, rowId, false);
    response.status(204).end();
  });
  api.get('/sets/:id/students/:studentId/earlier', async (request, response) => {
    const { id, studentId } = parsed(byStudent, request.params);
    response.json(await readEarlier(database, id, studentId));
  });
  api.put(
    '/sets/:id/decisions',
    large,
    async (request, response) =>
      void response.json(
        await writeDecisions(database, parsed(byId, request.params).id, parsed(changedDecisions, request.body)),
      ),
  );

  api.get('/column-matchings', async (_request, response) => void response.json(await readMatchings(database)));
  api.post('/column-matchings', async (request, response) => {
    await rememberMatching(database, parsed(columnMatching, request.body));
    response.status(204).end();
  });
  api.get('/slip-texts', async (_request, response) => void response.json(await readSlipTexts(database)));
  api.put(
    '/slip-texts/:slipId',
    async (request, response) =>
      void response.json(
        await changeSlipText(database, parsed(bySlip, request.params).slipId, parsed(changedSlipText, request.body)),
      ),
  );
  return api;
}
