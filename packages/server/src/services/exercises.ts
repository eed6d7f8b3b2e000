/** Writing exercises: kept with every earlier state, archived, taken in from files. */

import type { z } from 'zod';
import {
  exerciseDocument,
  exerciseInList,
  PAGE_SIZE,
  usualRulesId,
  type AskedOfExercises,
  type ChangedExercise,
  type chosenExercises,
  type ExerciseDocument,
  type ExerciseFile,
  type ExerciseInShort,
  type ExercisePage,
  type ExerciseRevision,
  type ImportReport,
  type KeptExercise,
  type ListedExercise,
  type NewExercise,
} from '@hardy-sextant/contract';
import { readExercises, writeExercises } from '@hardy-sextant/files';
import type { Database, Queries, Writes } from '../store/database.ts';
import { deleteDocument, findDocument, insertDocument, updateDocument } from '../store/documents.ts';
import {
  documentsTitled,
  findExercise,
  findExercises,
  labelsOf,
  idsOfExercises,
  pageOfExercises,
  setsOfExercises,
  type ExerciseInListRow,
  type ExerciseRow,
} from '../store/lists.ts';
import { keepRevision, listRevisions, setArchived, setRulesOfExercise } from '../store/revisions.ts';
import { exercises } from '../store/schema.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { canBePicked } from './rules.ts';
import { askedByLabel, asksLabel, levelLabel, searchedExercise, topicLabel } from './searched.ts';
import { listed, stored } from './stored.ts';

/** So many of an exercise's sets are named in a list. */
const SETS_NAMED = 3;

function toExercise(row: ExerciseRow): KeptExercise {
  return {
    id: row.id,
    document: stored(exerciseDocument, row.document, 'exercise'),
    revision: row.revision,
    updatedAt: row.updatedAt,
    archived: row.archivedAt !== null,
    rulesId: row.rulesId,
  };
}

/** An exercise without its story and parts. */
export function inShort({ id, inShort: shown, archivedAt, updatedAt }: ExerciseInListRow): ExerciseInShort {
  return { ...stored(exerciseInList, shown, 'exercise'), id, archived: archivedAt !== null, updatedAt };
}

function labelsAsked({ topic, level, asks }: AskedOfExercises): string[] {
  return [
    ...(topic === '' ? [] : [topicLabel(topic)]),
    ...(level === '' ? [] : [levelLabel(level)]),
    ...(asks === '' ? [] : [asksLabel(asks)]),
  ];
}

const pageAsked = (asked: AskedOfExercises) => ({
  find: asked.find,
  page: asked.page,
  used: asked.used,
  archived: asked.archived === 'yes',
  labels: labelsAsked(asked),
});

export async function listExercises(queries: Queries, asked: AskedOfExercises): Promise<ExercisePage> {
  const [{ rows, total }, labels] = await Promise.all([
    pageOfExercises(queries, pageAsked(asked)),
    labelsOf(queries, exercises),
  ]);
  const asks = labels.flatMap((label) => askedByLabel(label) ?? []);
  const ids = rows.map(({ id }) => id);
  const sets = await setsOfExercises(queries, ids, SETS_NAMED);
  const inSets = (id: string): ListedExercise['sets'] => sets.get(id) ?? { newest: [], more: false };
  return {
    rows: listed(rows, (row) => ({ ...inShort(row), sets: inSets(row.id) })),
    total,
    page: asked.page,
    asks,
  };
}

export async function readExercise(queries: Queries, id: string): Promise<KeptExercise> {
  const row = await findExercise(queries, id);
  if (!row) throw new NotFound('exercise');
  return toExercise(row);
}

const valuesOf = (document: ExerciseDocument) => ({
  title: document.exercise.title,
  document,
  ...searchedExercise(document),
});

/** A new exercise, with its first state. */
export async function insertExercise(
  writes: Writes,
  document: ExerciseDocument,
  rulesId: string = usualRulesId,
  id?: string,
): Promise<ExerciseRow> {
  const row = await insertDocument(writes, exercises, valuesOf(document), id);
  if (rulesId !== usualRulesId) await setRulesOfExercise(writes, row.id, rulesId);
  await keepRevision(writes, row.id, row.revision, document);
  return { ...row, archivedAt: null, inShort: null, rulesId };
}

export async function writeExercise(database: Database, { document, rulesId }: NewExercise): Promise<KeptExercise> {
  return database.transaction(async (writes) => {
    await canBePicked(writes, rulesId);
    return toExercise(await insertExercise(writes, document, rulesId));
  });
}

/** Writes an exercise under other house rules; what it says stays, and its revision too. */
export async function pickRules(database: Database, id: string, rulesId: string): Promise<KeptExercise> {
  return database.transaction(async (writes) => {
    await canBePicked(writes, rulesId);
    if (!(await setRulesOfExercise(writes, id, rulesId))) throw new NotFound('exercise');
    return readExercise(writes, id);
  });
}

export async function changeExercise(
  database: Database,
  id: string,
  { document, revision }: ChangedExercise,
): Promise<KeptExercise> {
  return database.transaction(async (writes) => {
    const written = await updateDocument(writes, exercises, id, revision, valuesOf(document));
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
  return database.transaction(async (writes) => {
    const report: ImportReport = { taken: [], same: [], refused: [...file.refused] };
    for (const { place, document } of file.read) {
      const id = await findSame(writes, document);
      if (id === undefined) report.taken.push(toExercise(await insertExercise(writes, document)));
      else report.same.push({ place, id });
    }
    return report;
  });
}

/** The very same exercise in the library: a second import of a file changes nothing. */
async function findSame(queries: Queries, document: ExerciseDocument): Promise<string | undefined> {
  const written = JSON.stringify(document.exercise);
  const alike = await documentsTitled(queries, document.exercise.title);
  return alike.find((each) => {
    const read = exerciseDocument.safeParse(each.document);
    return read.success && JSON.stringify(read.data.exercise) === written;
  })?.id;
}

/** Exercises in the open format: those named, or all that a list asked like this would show. */
export async function exportExercises(
  queries: Queries,
  chosen: z.infer<typeof chosenExercises>,
): Promise<ExerciseFile> {
  const documents: ExerciseDocument[] = [];
  for await (const ids of chosenIds(queries, chosen)) {
    const rows = new Map((await findExercises(queries, ids)).map((row) => [row.id, row]));
    for (const id of ids) {
      const read = exerciseDocument.safeParse(rows.get(id)?.document);
      if (read.success) documents.push(read.data);
    }
  }
  return writeExercises(documents);
}

/** The ids of what was chosen, some at a time. */
async function* chosenIds(queries: Queries, chosen: z.infer<typeof chosenExercises>): AsyncGenerator<string[]> {
  if ('ids' in chosen) return yield chosen.ids;
  for (let page = 1, left = Infinity; left > 0; page += 1) {
    const { ids, total } = await idsOfExercises(queries, pageAsked({ ...chosen.asked, page }));
    yield ids;
    left = total - page * PAGE_SIZE;
  }
}
