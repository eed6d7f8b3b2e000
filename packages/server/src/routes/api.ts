/** The HTTP interface: one file a subject. */

import { Router } from 'express';
import { z } from 'zod';
import { binKind, recordId } from '@hardy-sextant/contract';
import type { Checker } from '../checking/checker.ts';
import type { Drawer } from '../checking/drawJob.ts';
import type { SheetJudge } from '../checking/sheetJob.ts';
import type { StudentJobs } from '../checking/studentJob.ts';
import type { Backups } from '../services/backups.ts';
import { bringBack, readBin } from '../services/bin.ts';
import { bringDemoBack, putDemoAway, readDemo } from '../services/demo.ts';
import { isEmpty, type Database } from '../store/database.ts';
import { classesOf } from '../services/sessions.ts';
import { answer } from './answer.ts';
import { backupRoutes } from './backups.ts';
import { caseRoutes } from './cases.ts';
import { classRoutes } from './classes.ts';
import { exerciseRoutes } from './exercises.ts';
import { atTheDoor, whoOf } from './identity.ts';
import { liveRoutes } from './live.ts';
import { markingRoutes } from './marking.ts';
import { peopleRoutes } from './people.ts';
import { parsed } from './problems.ts';
import { rulesRoutes } from './rules.ts';
import { setRoutes } from './sets.ts';
import { studentRoutes } from './students.ts';
import { worksheetRoutes } from './worksheets.ts';

const inBin = z.object({ kind: binKind, id: recordId });

export interface ApiParts {
  readonly database: Database;
  readonly check: Checker;
  readonly draw: Drawer;
  readonly judgeSheet: SheetJudge;
  readonly studentJobs: StudentJobs;
  /** Whether only this machine is listened to: then nobody is asked for a password until somebody has one. */
  readonly local: boolean;
  readonly backups: Backups;
}

export function apiRoutes({ database, check, draw, judgeSheet, studentJobs, local, backups }: ApiParts): Router {
  const api = Router();
  api.use(atTheDoor(database, local));
  api.get(
    '/health',
    answer(async () => {
      await isEmpty(database);
      return { ok: true };
    }),
  );
  api.get(
    '/bin',
    answer((request) => readBin(database, classesOf(whoOf(request)))),
  );
  api.post(
    '/bin/:kind/:id/restore',
    answer((request) => {
      const { kind, id } = parsed(inBin, request.params);
      return bringBack(database, kind, id, classesOf(whoOf(request)));
    }),
  );
  api.get(
    '/demo',
    answer(() => readDemo(database)),
  );
  api.post(
    '/demo',
    answer(() => bringDemoBack(database)),
  );
  api.delete(
    '/demo',
    answer(() => putDemoAway(database)),
  );
  api.use(
    caseRoutes(database),
    exerciseRoutes(database),
    rulesRoutes(database),
    classRoutes(database, draw),
    setRoutes(database, draw),
    markingRoutes(database, check, backups),
    worksheetRoutes(database, judgeSheet),
    liveRoutes(database),
    studentRoutes(database, check, studentJobs, judgeSheet),
    peopleRoutes(database),
    backupRoutes(backups),
  );
  return api;
}
