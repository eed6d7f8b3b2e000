/** Exercises over HTTP, and the files they travel in. */

import express, { Router } from 'express';
import {
  archiving,
  askedOfExercises,
  changedExercise,
  chosenExercises,
  newExercise,
  pickedRules,
} from '@hardy-sextant/contract';
import {
  archiveExercise,
  changeExercise,
  deleteExercise,
  exportExercises,
  importExercises,
  listExercises,
  pickRules,
  readExercise,
  readRevisions,
  writeExercise,
} from '../services/exercises.ts';
import type { Database } from '../store/database.ts';
import { answer, answerNew, idOf } from './answer.ts';
import { bounded, parsed } from './problems.ts';

export function exerciseRoutes(database: Database): Router {
  const api = Router();
  api.get(
    '/exercises',
    answer(({ query }) => listExercises(database, parsed(askedOfExercises, query))),
  );
  api.post(
    '/exercises',
    answerNew(({ body }) => writeExercise(database, parsed(newExercise, body))),
  );
  api.get(
    '/exercises/:id',
    answer((request) => readExercise(database, idOf(request))),
  );
  api.put(
    '/exercises/:id',
    answer((request) => changeExercise(database, idOf(request), parsed(changedExercise, request.body))),
  );
  api.delete(
    '/exercises/:id',
    answer((request) => deleteExercise(database, idOf(request))),
  );
  api.put(
    '/exercises/:id/archived',
    answer((request) => archiveExercise(database, idOf(request), parsed(archiving, request.body).archived)),
  );
  api.put(
    '/exercises/:id/rules',
    answer((request) => pickRules(database, idOf(request), parsed(pickedRules, request.body).rulesId)),
  );
  api.get(
    '/exercises/:id/revisions',
    answer((request) => readRevisions(database, idOf(request))),
  );
  // Which ones is in the body: an address could not name them all.
  api.post(
    '/exercise-export',
    answer(({ body }) => exportExercises(database, parsed(chosenExercises, body))),
  );
  api.post(
    '/exercise-file',
    express.json({ limit: '24mb' }),
    answerNew(({ body }) => importExercises(database, bounded(body))),
  );
  return api;
}
