/** Writing exercises: kept with every earlier state, archived, taken in from files. */

import {
  exerciseDocument,
  type ChangedExercise,
  type ExerciseFile,
  type ExerciseRevision,
  type ImportReport,
  type KeptExercise,
  type NewExercise,
  type UnreadableRecord,
} from '@hardy-sextant/contract';
import { readExercises, writeExercises } from '@hardy-sextant/files';
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
  const file = readExercises(input);
  if (!file.ok) throw new Invalid('This file cannot be taken in; nothing was.', [...file.fields]);
  const taken = await database.transaction(async (writes) => {
    const rows: KeptExercise[] = [];
    for (const document of file.read) {
      const row = await insertDocument(writes, exercises, document.exercise.title, document);
      await keepRevision(writes, row.id, row.revision, document);
      rows.push(toExercise(row, false));
    }
    return rows;
  });
  return { taken, refused: [...file.refused] };
}

/** Exercises in the open format; all that are not archived where no ids are named. */
export async function exportExercises(queries: Queries, ids: readonly string[]): Promise<ExerciseFile> {
  const all = (await listExercises(queries)).filter((each): each is KeptExercise => !('unreadable' in each));
  const chosen = new Set(ids);
  const wanted = ids.length === 0 ? all.filter(({ archived }) => !archived) : all.filter(({ id }) => chosen.has(id));
  return writeExercises(wanted.map(({ document }) => document));
}
