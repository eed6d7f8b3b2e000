/** Writing exercises. */

import { exerciseDocument, type ChangedExercise, type KeptExercise, type NewExercise } from '@hardy-sextant/contract';
import type { Database } from '../store/database.ts';
import { findDocument, insertDocument, listDocuments, updateDocument, type DocumentRow } from '../store/documents.ts';
import { exercises } from '../store/schema.ts';
import { NotFound, Stale } from './refusal.ts';

function toExercise(row: DocumentRow): KeptExercise {
  return { id: row.id, document: exerciseDocument.parse(row.document), revision: row.revision, updatedAt: row.updatedAt };
}

export async function listExercises(database: Database): Promise<KeptExercise[]> {
  return (await listDocuments(database, exercises)).map(toExercise);
}

export async function readExercise(database: Database, id: string): Promise<KeptExercise> {
  const row = await findDocument(database, exercises, id);
  if (!row) throw new NotFound('exercise');
  return toExercise(row);
}

export async function writeExercise(database: Database, input: NewExercise): Promise<KeptExercise> {
  return toExercise(await insertDocument(database, exercises, input.document.exercise.title, input.document));
}

export async function changeExercise(database: Database, id: string, input: ChangedExercise): Promise<KeptExercise> {
  const row = await updateDocument(database, exercises, id, input.revision, { title: input.document.exercise.title, document: input.document });
  if (!row) throw new Stale('exercise', await readExercise(database, id));
  return toExercise(row);
}
