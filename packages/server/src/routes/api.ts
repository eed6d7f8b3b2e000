/** The HTTP interface: one file a subject. */

import { Router } from 'express';
import { z } from 'zod';
import { binKind, recordId } from '@hardy-sextant/contract';
import type { Checker } from '../checking/checker.ts';
import type { Drawer } from '../checking/drawJob.ts';
import type { SheetJudge } from '../checking/sheetJob.ts';
import { bringBack, readBin } from '../services/bin.ts';
import type { Database } from '../store/database.ts';
import { answer } from './answer.ts';
import { caseRoutes } from './cases.ts';
import { classRoutes } from './classes.ts';
import { exerciseRoutes } from './exercises.ts';
import { markingRoutes } from './marking.ts';
import { parsed } from './problems.ts';
import { rulesRoutes } from './rules.ts';
import { setRoutes } from './sets.ts';
import { worksheetRoutes } from './worksheets.ts';

const inBin = z.object({ kind: binKind, id: recordId });

export function apiRoutes(database: Database, check: Checker, draw: Drawer, judgeSheet: SheetJudge): Router {
  const api = Router();
  api.get(
    '/health',
    answer(() => ({ ok: true })),
  );
  api.get(
    '/bin',
    answer(() => readBin(database)),
  );
  api.post(
    '/bin/:kind/:id/restore',
    answer(({ params }) => {
      const { kind, id } = parsed(inBin, params);
      return bringBack(database, kind, id);
    }),
  );
  api.use(
    caseRoutes(database),
    exerciseRoutes(database),
    rulesRoutes(database),
    classRoutes(database, draw),
    setRoutes(database, draw),
    markingRoutes(database, check),
    worksheetRoutes(database, judgeSheet),
  );
  return api;
}
