/** Cases over HTTP. */

import { Router } from 'express';
import { askedOfCases, changedCase, newCase } from '@hardy-sextant/contract';
import { changeCase, deleteCase, keepCase, listCases, readCase } from '../services/cases.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { parsed } from './problems.ts';

export function caseRoutes(database: Database): Router {
  const api = Router();
  api.get(
    '/cases',
    answer(({ query }) => listCases(database, parsed(askedOfCases, query))),
  );
  api.post(
    '/cases',
    answerNew(({ body }) => keepCase(database, parsed(newCase, body))),
  );
  api.get(
    '/cases/:id',
    answer((request) => readCase(database, idOf(request))),
  );
  api.put(
    '/cases/:id',
    answer((request) => changeCase(database, idOf(request), parsed(changedCase, request.body))),
  );
  api.delete(
    '/cases/:id',
    answer((request) => deleteCase(database, idOf(request))),
  );
  return api;
}
