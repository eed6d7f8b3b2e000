/** The student's own page over HTTP: nothing here takes a student's id from the address; it is whose session it is. */

import express, { Router } from 'express';
import { z } from 'zod';
import {
  classroomAsked,
  comingIn,
  itemId,
  recordId,
  studentAnswers,
  studentFileSent,
  submittingSet,
  trying,
} from '@hardy-sextant/contract';
import type { Checker } from '../checking/checker.ts';
import type { SheetJudge } from '../checking/sheetJob.ts';
import type { StudentJobs } from '../checking/studentJob.ts';
import { endSession } from '../services/sessions.ts';
import { classroomList, comeIn } from '../services/studentAccess.ts';
import { submitSet, takeAnswers } from '../services/studentAnswers.ts';
import { studentFeedback } from '../services/studentFeedback.ts';
import { takeFile } from '../services/studentFiles.ts';
import { lastMore, makeMore, tryMore, tryPart, type Judges } from '../services/studentPractice.ts';
import { studentHome, studentPage } from '../services/studentSets.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { signedIn, signedOut, studentOf } from './identity.ts';
import { codeLimits } from './limits.ts';
import { parsed } from './problems.ts';

const byItem = z.object({ id: recordId, itemId });
/** A file of 6 MB as base64. */
const FILE_LIMIT = '8200kb';

export function studentRoutes(database: Database, check: Checker, jobs: StudentJobs, judgeSheet: SheetJudge): Router {
  const api = Router();
  const judges = { check, jobs };
  api.get(
    '/my/sets',
    answer((request) => studentHome(database, studentOf(request))),
  );
  api.get(
    '/my/sets/:id',
    answer((request) => studentPage(database, studentOf(request).id, idOf(request), true)),
  );
  api.put(
    '/my/sets/:id/answers',
    answer((request) =>
      takeAnswers(database, studentOf(request).id, idOf(request), parsed(studentAnswers, request.body)),
    ),
  );
  api.post(
    '/my/sets/:id/submitted',
    answer((request) =>
      submitSet(database, studentOf(request).id, idOf(request), parsed(submittingSet, request.body).answers),
    ),
  );
  api.post(
    '/my/sets/:id/files',
    express.json({ limit: FILE_LIMIT }),
    answerNew((request) =>
      takeFile(database, judgeSheet, studentOf(request).id, idOf(request), parsed(studentFileSent, request.body)),
    ),
  );
  api.get(
    '/my/sets/:id/feedback',
    answer((request) => studentFeedback(database, check, jobs, studentOf(request).id, idOf(request))),
  );
  api.use(comingRoutes(database), practiceRoutes(database, judges));
  return api;
}

/** Coming in and going out. */
function comingRoutes(database: Database): Router {
  const api = Router();
  api.post('/my/session', ...codeLimits(database), async (request, response) => {
    const { token, ...came } = await comeIn(database, parsed(comingIn, request.body));
    signedIn(request, response, 'student', token);
    response.status(201).json(came);
  });
  api.delete('/my/session', async (request, response) => {
    try {
      await endSession(database, studentOf(request).sessionId);
    } catch {
      // Who is not in goes out all the same.
    }
    signedOut(request, response, 'student');
    response.status(204).end();
  });
  api.post(
    '/my/classroom',
    ...codeLimits(database),
    answer(({ body }) => classroomList(database, parsed(classroomAsked, body).code)),
  );
  return api;
}

function practiceRoutes(database: Database, judges: Judges): Router {
  const api = Router();
  api.post(
    '/my/sets/:id/tries',
    answer((request) => tryPart(database, judges, studentOf(request).id, idOf(request), parsed(trying, request.body))),
  );
  const more = '/my/sets/:id/exercises/:itemId/more';
  api.post(
    more,
    answerNew((request) => {
      const { id, itemId: item } = parsed(byItem, request.params);
      return makeMore(database, judges, studentOf(request).id, id, item);
    }),
  );
  api.get(
    more,
    answer((request) => {
      const { id, itemId: item } = parsed(byItem, request.params);
      return lastMore(database, studentOf(request).id, id, item);
    }),
  );
  api.post(
    '/my/more/:id/tries',
    answer((request) => tryMore(database, judges, studentOf(request).id, idOf(request), parsed(trying, request.body))),
  );
  return api;
}
