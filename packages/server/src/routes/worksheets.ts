/** Students' worksheets over HTTP: taken in, looked at, matched, given back. */

import express, { Router } from 'express';
import { z } from 'zod';
import {
  importedWorksheets,
  mappedWorksheets,
  matchedWorksheet,
  recordId,
  removedWorksheets,
} from '@hardy-sextant/contract';
import type { SheetJudge } from '../checking/sheetJob.ts';
import { mapWorksheets, matchWorksheet, readWorksheet, worksheetFile } from '../services/judgedWorksheets.ts';
import { importWorksheets, listEntries, listWorksheets, removeWorksheets } from '../services/worksheets.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { parsed } from './problems.ts';

const byWorksheet = z.object({ id: recordId, worksheetId: recordId });
const ofItem = z.object({ item: z.string().max(40) });
const asked = z.object({ as: z.enum(['original', 'returned']).default('original') });

/** Files come as base64, a third longer than they are. */
const FILES_LIMIT = '24mb';

export function worksheetRoutes(database: Database, judge: SheetJudge): Router {
  const api = Router();
  const one = '/sets/:id/worksheets/:worksheetId';
  api.get(
    '/sets/:id/worksheets',
    answer((request) => listWorksheets(database, idOf(request))),
  );
  api.post(
    '/sets/:id/worksheets',
    express.json({ limit: FILES_LIMIT }),
    answerNew((request) => importWorksheets(database, judge, idOf(request), parsed(importedWorksheets, request.body))),
  );
  api.get(
    '/sets/:id/worksheets/entries',
    answer((request) => listEntries(database, idOf(request), parsed(ofItem, request.query).item)),
  );
  api.put(
    '/sets/:id/worksheets/mappings',
    answer((request) => mapWorksheets(database, judge, idOf(request), parsed(mappedWorksheets, request.body))),
  );
  api.post(
    '/sets/:id/worksheets/removed',
    answer((request) => removeWorksheets(database, idOf(request), parsed(removedWorksheets, request.body))),
  );
  api.get(
    one,
    answer(({ params }) => {
      const { id, worksheetId } = parsed(byWorksheet, params);
      return readWorksheet(database, judge, id, worksheetId);
    }),
  );
  api.put(
    one,
    answer(({ params, body }) => {
      const { id, worksheetId } = parsed(byWorksheet, params);
      return matchWorksheet(database, judge, id, worksheetId, parsed(matchedWorksheet, body));
    }),
  );
  api.get(`${one}/file`, async ({ params, query }, response) => {
    const { id, worksheetId } = parsed(byWorksheet, params);
    const { name, bytes } = await worksheetFile(database, judge, id, worksheetId, parsed(asked, query).as);
    response.attachment(name).type('application/octet-stream').send(Buffer.from(bytes));
  });
  return api;
}
