/** A set while students answer it, over HTTP. */

import { Router } from 'express';
import { z } from 'zod';
import { liveAct, recordId } from '@hardy-sextant/contract';
import { doLive, readLive } from '../services/liveView.ts';
import { nameOf } from '../services/sessions.ts';
import { studentCodes } from '../services/studentAccess.ts';
import { studentPage } from '../services/studentSets.ts';
import type { Database } from '../store/database.ts';
import { answer, idOf } from './answer.ts';
import { whoOf } from './identity.ts';
import { parsed } from './problems.ts';

const byStudent = z.object({ id: recordId, studentId: recordId });

export function liveRoutes(database: Database): Router {
  const api = Router();
  api.get(
    '/sets/:id/live',
    answer((request) => readLive(database, idOf(request))),
  );
  api.post(
    '/sets/:id/live',
    answer((request) => doLive(database, idOf(request), nameOf(whoOf(request)), parsed(liveAct, request.body))),
  );
  api.get(
    '/sets/:id/codes',
    answer((request) => studentCodes(database, idOf(request))),
  );
  api.get(
    '/sets/:id/students/:studentId/page',
    answer(({ params }) => {
      const { id, studentId } = parsed(byStudent, params);
      return studentPage(database, studentId, id, false);
    }),
  );
  return api;
}
