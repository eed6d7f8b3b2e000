/** Writing exercises: kept with every earlier state, put aside, taken in from files. */

import {
  exercise as exerciseSchema,
  exerciseDocument,
  incomingExercise,
  looseExerciseFile,
  type ChangedExercise,
  type ExerciseFile,
  type ExerciseRevision,
  type ImportReport,
  type KeptExercise,
  type NewExercise,
  type UnreadableRecord,
} from '@hardy-sextant/contract';
import type { Database, Queries } from '../store/database.ts';
import {
  deleteDocument,
  findDocument,
  insertDocument,
  listDocuments,
  updateDocument,
  type DocumentRow,
} from '../store/documents.ts';
import { archivedIds, keepRevision, listRevisions, setArchived } from '../store/revisions.ts';
import { exercises } from '../store/schema.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { listed, stored } from './stored.ts';

function toExercise(row: DocumentRow, archived: boolean): KeptExercise {
  return {
    id: row.id,
    document: stored(exerciseDocument, row.document, 'exercise'),
    revision: row.revision,
    updatedAt: row.updatedAt,
    archived,
  };
}

export async function listExercises(queries: Queries): Promise<(KeptExercise | UnreadableRecord)[]> {
  const [rows, archived] = await Promise.all([listDocuments(queries, exercises), archivedIds(queries)]);
  return listed(rows, (row) => toExercise(row, archived.has(row.id)));
}

export async function readExercise(queries: Queries, id: string): Promise<KeptExercise> {
  const row = await findDocument(queries, exercises, id);
  if (!row) throw new NotFound('exercise');
  return toExercise(row, (await archivedIds(queries)).has(id));
}

export async function writeExercise(database: Database, { document }: NewExercise): Promise<KeptExercise> {
  return database.transaction(async (writes) => {
    const row = await insertDocument(writes, exercises, document.exercise.title, document);
    await keepRevision(writes, row.id, row.revision, document);
    return toExercise(row, false);
  });
}

export async function changeExercise(
  database: Database,
  id: string,
  { document, revision }: ChangedExercise,
): Promise<KeptExercise> {
  return database.transaction(async (writes) => {
    const written = await updateDocument(writes, exercises, id, revision, { title: document.exercise.title, document });
    if (!written) throw new Stale('exercise', await readExercise(writes, id));
    await keepRevision(writes, id, written.revision, document);
    return readExercise(writes, id);
  });
}

export async function deleteExercise(database: Database, id: string): Promise<void> {
  if (!(await database.transaction((writes) => deleteDocument(writes, exercises, id)))) throw new NotFound('exercise');
}

export async function archiveExercise(database: Database, id: string, archived: boolean): Promise<KeptExercise> {
  return database.transaction(async (writes) => {
    if (!(await setArchived(writes, id, archived))) throw new NotFound('exercise');
    return readExercise(writes, id);
  });
}

/** Newest first, the present state among them. */
export async function readRevisions(queries: Queries, id: string): Promise<ExerciseRevision[]> {
  if (!(await findDocument(queries, exercises, id))) throw new NotFound('exercise');
  return (await listRevisions(queries, id)).flatMap(({ revision, document, at }) => {
    const read = exerciseDocument.safeParse(document);
    return read.success ? [{ revision, document: read.data, at }] : [];
  });
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
  await database.transaction(async (writes) => {
    for (const [place, each] of file.data.exercises.entries()) {
      const read = incomingExercise.safeParse({ schemaVersion: file.data.version, exercise: each });
      if (!read.success) {
        const title =
          typeof each === 'object' && each !== null && 'title' in each && typeof each.title === 'string'
            ? each.title.slice(0, 160)
            : '';
        refused.push({
          place,
          title,
          problems: read.error.issues
            .slice(0, 20)
            .map((issue) => ({ path: issue.path.slice(1).join('.'), message: issue.message })),
        });
        continue;
      }
      const row = await insertDocument(writes, exercises, read.data.exercise.title, read.data);
      await keepRevision(writes, row.id, row.revision, read.data);
      taken.push(toExercise(row, false));
    }
  });
  return { taken, refused };
}

/** Exercises in the open format; all that are not archived where no ids are named. */
export async function exportExercises(queries: Queries, ids: readonly string[]): Promise<ExerciseFile> {
  const all = (await listExercises(queries)).filter((each): each is KeptExercise => !('unreadable' in each));
  const chosen = new Set(ids);
  const wanted = ids.length === 0 ? all.filter(({ archived }) => !archived) : all.filter(({ id }) => chosen.has(id));
  return {
    format: 'hardy-sextant-exercises',
    version: 2,
    exercises: wanted.map(({ document }) => exerciseSchema.parse(document.exercise)),
  };
}
