/** What was deleted, and bringing it back. */

import { namesOf } from '@hardy-sextant/core';
import { DAYS_IN_BIN, type BinKind, type DeletedRecord } from '@hardy-sextant/contract';
import { eraseDeleted } from '../store/bin.ts';
import { listDeletedClasses, restoreClass } from '../store/classes.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import { listDeleted, restoreDocument, type DocumentTable } from '../store/documents.ts';
import { cases, enteringStyles, exercises, houseRules } from '../store/schema.ts';
import { listDeletedSets, restoreSet } from '../store/sets.ts';
import { listDeletedWorksheets, markWorksheets } from '../store/worksheets.ts';
import { NotFound } from './refusal.ts';

interface Bin {
  readonly list: (queries: Queries) => Promise<(Omit<DeletedRecord, 'kind'> & { readonly classId?: string })[]>;
  readonly restore: (writes: Writes, id: string) => Promise<boolean>;
}

const ofDocuments = (table: DocumentTable): Bin => ({
  list: (queries) => listDeleted(queries, table),
  restore: async (writes, id) => (await restoreDocument(writes, table, id)) !== undefined,
});

const bins: Readonly<Record<BinKind, Bin>> = {
  case: ofDocuments(cases),
  exercise: ofDocuments(exercises),
  rules: ofDocuments(houseRules),
  style: ofDocuments(enteringStyles),
  set: { list: listDeletedSets, restore: restoreSet },
  class: { list: listDeletedClasses, restore: restoreClass },
  worksheet: {
    list: listDeletedWorksheets,
    restore: async (writes, id) => (await markWorksheets(writes, undefined, [id], null)).length > 0,
  },
};

/**
 * Everything deleted, the newest first.
 *
 * @param classIds only what belongs to these classes, or to none; everything where it is undefined
 */
export async function readBin(queries: Queries, classIds?: readonly string[]): Promise<DeletedRecord[]> {
  const found = await Promise.all(
    namesOf(bins).map(async (kind) => (await bins[kind].list(queries)).map((each) => ({ kind, ...each }))),
  );
  return found
    .flat()
    .filter(({ classId }) => classId === undefined || classIds === undefined || classIds.includes(classId))
    .map(({ classId: _classId, ...record }) => record)
    .sort((a, b) => b.deletedAt.localeCompare(a.deletedAt));
}

export async function bringBack(
  database: Database,
  kind: BinKind,
  id: string,
  classIds?: readonly string[],
): Promise<void> {
  const isTheirs =
    classIds === undefined || (await readBin(database, classIds)).some((each) => each.kind === kind && each.id === id);
  if (!isTheirs || !(await database.transaction((writes) => bins[kind].restore(writes, id))))
    throw new NotFound(`deleted ${kind}`);
}

/** Erases what has been in the bin for its days; the backups of those days still hold it. */
export async function emptyBin(database: Database, now: Date): Promise<void> {
  const before = new Date(now.getTime() - DAYS_IN_BIN * 24 * 3_600_000).toISOString();
  await database.transaction((writes) => eraseDeleted(writes, before));
}
