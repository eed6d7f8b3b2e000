/** Backups over HTTP: for the owner. */

import { Router } from 'express';
import { z } from 'zod';
import type { BackupList } from '@hardy-sextant/contract';
import type { Backups } from '../services/backups.ts';
import { answer, answerNew } from './answer.ts';
import { parsed } from './problems.ts';

const byName = z.object({ name: z.string().min(1).max(80) });

export function backupRoutes(backups: Backups): Router {
  const api = Router();
  api.get(
    '/backups',
    answer((): BackupList => {
      const list = backups.list();
      return { elsewhere: list === undefined, backups: list ?? [] };
    }),
  );
  api.post(
    '/backups',
    answerNew(() => backups.make('by-hand')),
  );
  api.get(
    '/backups/:name',
    answer(({ params }) => backups.look(parsed(byName, params).name)),
  );
  api.get('/backups/:name/file', ({ params }, response) => {
    const { name } = parsed(byName, params);
    response.download(backups.file(name), `hardy-sextant-${name}`);
  });
  api.post(
    '/backups/:name/restored',
    answer(({ params }) => backups.bringBack(parsed(byName, params).name)),
  );
  return api;
}
