/** House rules and entering styles over HTTP. */

import { Router } from 'express';
import { changedEnteringStyle, changedRules, newEnteringStyle, newRules } from '@hardy-sextant/contract';
import {
  changeEnteringStyle,
  deleteEnteringStyle,
  keepEnteringStyle,
  listEnteringStyles,
} from '../services/enteringStyles.ts';
import { changeRules, listRules, makeRules, removeRules } from '../services/rules.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { parsed } from './problems.ts';

export function rulesRoutes(database: Database): Router {
  const api = Router();
  api.get(
    '/rules',
    answer(() => listRules(database)),
  );
  api.post(
    '/rules',
    answerNew(({ body }) => makeRules(database, parsed(newRules, body))),
  );
  api.put(
    '/rules/:id',
    answer((request) => changeRules(database, idOf(request), parsed(changedRules, request.body))),
  );
  api.delete(
    '/rules/:id',
    answer((request) => removeRules(database, idOf(request))),
  );
  api.get(
    '/entering-styles',
    answer(() => listEnteringStyles(database)),
  );
  api.post(
    '/entering-styles',
    answerNew(({ body }) => keepEnteringStyle(database, parsed(newEnteringStyle, body))),
  );
  api.put(
    '/entering-styles/:id',
    answer((request) => changeEnteringStyle(database, idOf(request), parsed(changedEnteringStyle, request.body))),
  );
  api.delete(
    '/entering-styles/:id',
    answer((request) => deleteEnteringStyle(database, idOf(request))),
  );
  return api;
}
