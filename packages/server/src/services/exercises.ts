/** Writing exercises: kept with every earlier state, put aside, taken in from files. */

import {
  exercise as exerciseSchema,
  exerciseDocument,
  looseExerciseFile,
  type ChangedExercise,
  type ExerciseFile,
  type ExerciseRevision,
  type ImportReport,
  type KeptExercise,
  type NewExercise,
} from '@hardy-sextant/contract';
import type { Database, Queries } from '../store/database.ts';
import { deleteDocument, findDocument, insertDocument, listDocuments, updateDocument, type DocumentRow } from '../store/documents.ts';
import { archivedIds, keepRevision, listRevisions, setArchived } from '../store/revisions.ts';
import { exercises } from '../store/schema.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';

function toExercise(row: DocumentRow, archived: boolean): KeptExercise {
  return { id: row.id, document: exerciseDocument.parse(row.document), revision: row.revision, updatedAt: row.updatedAt, archived };
}

export async function listExercises(queries: Queries): Promise<KeptExercise[]> {
  const [rows, archived] = await Promise.all([listDocuments(queries, exercises), archivedIds(queries)]);
  return rows.map((row) => toExercise(row, archived.has(row.id)));
}

export async function readExercise(queries: Queries, id: string): Promise<KeptExercise> {
  const row = await findDocument(queries, exercises, id);
  if (!row) throw new NotFound('exercise');
  return toExercise(row, (await archivedIds(queries)).has(id));
}

export async function writeExercise(database: Database, { document }: NewExercise): Promise<KeptExercise> {
  return database.transaction(async (transaction) => {
    const row = await insertDocument(transaction, exercises, document.exercise.title, document);
    await keepRevision(transaction, row.id, row.revision, document);
    return toExercise(row, false);
  });
}

export async function changeExercise(database: Database, id: string, { document, revision }: ChangedExercise): Promise<KeptExercise> {
  const row = await database.transaction(async (transaction) => {
    const written = await updateDocument(transaction, exercises, id, revision, { title: document.exercise.title, document });
    if (written) await keepRevision(transaction, id, written.revision, document);
    return written;
  });
  if (!row) throw new Stale('exercise', await readExercise(database, id));
  return readExercise(database, id);
}

export async function deleteExercise(database: Database, id: string): Promise<void> {
  if (!(await deleteDocument(database, exercises, id))) throw new NotFound('exercise');
}

export async function archiveExercise(database: Database, id: string, archived: boolean): Promise<KeptExercise> {
  if (!(await setArchived(database, id, archived))) throw new NotFound('exercise');
  return readExercise(database, id);
}

/** Newest first, the present state among them. */
export async function readRevisions(database: Database, id: string): Promise<ExerciseRevision[]> {
  await readExercise(database, id);
  return (await listRevisions(database, id)).map(({ revision, document, at }) => ({ revision, document: exerciseDocument.parse(document), at }));
}

/** Takes in what can be read of a file and says what is wrong with the rest; what is taken is written together. */
export async function importExercises(database: Database, input: unknown): Promise<ImportReport> {
  const file = looseExerciseFile.safeParse(input);
  if (!file.success)
    throw new Invalid(
      'This file cannot be taken in; nothing was.',
      file.error.issues.map(({ path, message }) => ({ path: path.join('.'), message })),
    );
  const taken: KeptExercise[] = [];
  const refused: ImportReport['refused'] = [];
  await database.transaction(async (transaction) => {
    for (const [place, each] of file.data.exercises.entries()) {
      const read = exerciseDocument.safeParse({ schemaVersion: file.data.version, exercise: each });
      if (!read.success) {
        const title = typeof each === 'object' && each !== null && 'title' in each && typeof each.title === 'string' ? each.title.slice(0, 160) : '';
        refused.push({ place, title, problems: read.error.issues.slice(0, 20).map((issue) => ({ path: issue.path.slice(1).join('.'), message: issue.message })) });
        continue;
      }
      const row = await insertDocument(transaction, exercises, read.data.exercise.title, read.data);
      await keepRevision(transaction, row.id, row.revision, read.data);
      taken.push(toExercise(row, false));
    }
  });
  return { taken, refused };
}

/** Exercises in the open format; all of them where no ids are named. */
export async function exportExercises(database: Database, ids: readonly string[]): Promise<ExerciseFile> {
  const all = await listExercises(database);
  const wanted = ids.length === 0 ? all.filter(({ archived }) => !archived) : all.filter(({ id }) => ids.includes(id));
  return { format: 'hardy-sextant-exercises', version: 2, exercises: wanted.map(({ document }) => exerciseSchema.parse(document.exercise)) };
}
