/** The marking of a set over HTTP, and what is remembered between markings. */

import express, { Router } from 'express';
import { z } from 'zod';
import {
  assignedRow,
  changedAnswers,
  changedDecisions,
  changedSlipText,
  columnMatching,
  importedAnswers,
  recordId,
} from '@hardy-sextant/contract';
import type { Checker } from '../checking/checker.ts';
import { assignRow, importAnswers, putRowAway, readEarlier, writeAnswers } from '../services/answers.ts';
import type { Backups } from '../services/backups.ts';
import { writeDecisions } from '../services/decisions.ts';
import { checkSome } from '../services/judging.ts';
import { readMarking } from '../services/marking.ts';
import { changeSlipText, readMatchings, readSlipTexts, rememberMatching } from '../services/matchings.ts';
import { nameOf } from '../services/sessions.ts';
import type { Database } from '../store/database.ts';
import { answer, idOf } from './answer.ts';
import { whoOf } from './identity.ts';
import { parsed } from './problems.ts';

const byRow = z.object({ id: recordId, rowId: recordId });
const byStudent = z.object({ id: recordId, studentId: recordId });
const bySlip = z.object({ slipId: z.string().min(1).max(60) });

/** The answers of a large class may be long; all else is small. */
const IMPORT_LIMIT = '24mb';

export function markingRoutes(database: Database, check: Checker, backups: Backups): Router {
  const api = Router();
  const large = express.json({ limit: IMPORT_LIMIT });
  api.get(
    '/sets/:id/marking',
    answer((request) => readMarking(database, idOf(request))),
  );
  api.post(
    '/sets/:id/check',
    answer((request) => checkSome(database, check, idOf(request))),
  );
  api.put(
    '/sets/:id/answers',
    large,
    answer((request) => writeAnswers(database, check, idOf(request), parsed(changedAnswers, request.body))),
  );
  api.post(
    '/sets/:id/import',
    large,
    answer(async (request) => {
      const imported = parsed(importedAnswers, request.body);
      await backups.beforeImport(imported.rows.length);
      return importAnswers(database, check, idOf(request), imported);
    }),
  );
  api.get(
    '/sets/:id/students/:studentId/earlier',
    answer(({ params }) => {
      const { id, studentId } = parsed(byStudent, params);
      return readEarlier(database, id, studentId);
    }),
  );
  api.put(
    '/sets/:id/decisions',
    large,
    answer((request) =>
      writeDecisions(database, idOf(request), parsed(changedDecisions, request.body), nameOf(whoOf(request))),
    ),
  );
  api.use(unmatchedRowRoutes(database, check), rememberedRoutes(database));
  return api;
}

function unmatchedRowRoutes(database: Database, check: Checker): Router {
  const api = Router();
  api.post(
    '/sets/:id/unmatched-rows/:rowId',
    answer(({ params, body }) => {
      const { id, rowId } = parsed(byRow, params);
      return assignRow(database, check, id, rowId, parsed(assignedRow, body).studentId);
    }),
  );
  const putAway = (away: boolean) =>
    answer(({ params }) => {
      const { id, rowId } = parsed(byRow, params);
      return putRowAway(database, id, rowId, away);
    });
  api.delete('/sets/:id/unmatched-rows/:rowId', putAway(true));
  api.post('/sets/:id/unmatched-rows/:rowId/restore', putAway(false));
  return api;
}

function rememberedRoutes(database: Database): Router {
  const api = Router();
  api.get(
    '/column-matchings',
    answer(() => readMatchings(database)),
  );
  api.post(
    '/column-matchings',
    answer(({ body }) => rememberMatching(database, parsed(columnMatching, body))),
  );
  api.get(
    '/slip-texts',
    answer(() => readSlipTexts(database)),
  );
  api.put(
    '/slip-texts/:slipId',
    answer(({ params, body }) =>
      changeSlipText(database, parsed(bySlip, params).slipId, parsed(changedSlipText, body)),
    ),
  );
  return api;
}
