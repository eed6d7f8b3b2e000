/** Keeping cases. */

import {
  caseDocument,
  type AskedOfCases,
  type CasePage,
  type ChangedCase,
  type KeptCase,
  type NewCase,
} from '@hardy-sextant/contract';
import type { Database, Queries } from '../store/database.ts';
import {
  deleteDocument,
  findAnyDocument,
  findDocument,
  insertDocument,
  restoreDocument,
  updateDocument,
  type DocumentRow,
} from '../store/documents.ts';
import { labelsOf, pageOfCases } from '../store/lists.ts';
import { cases } from '../store/schema.ts';
import { NotFound, Stale } from './refusal.ts';
import { searchedCase } from './searched.ts';
import { listed, stored } from './stored.ts';

function toCase(row: DocumentRow): KeptCase {
  return {
    id: row.id,
    title: row.title,
    document: stored(caseDocument, row.document, 'case'),
    revision: row.revision,
    updatedAt: row.updatedAt,
  };
}

export async function listCases(queries: Queries, { find, page, tag }: AskedOfCases): Promise<CasePage> {
  const [{ rows, total }, tags] = await Promise.all([
    pageOfCases(queries, { find, page, labels: tag === '' ? [] : [tag] }),
    labelsOf(queries, cases),
  ]);
  return { rows: listed(rows, toCase), total, page, tags };
}

export async function readCase(queries: Queries, id: string): Promise<KeptCase> {
  const row = await findDocument(queries, cases, id);
  if (!row) throw new NotFound('case');
  return toCase(row);
}

/** Keeps a new case. Under the id of a deleted one it is that case again, as it is now. */
export async function keepCase(database: Database, { id, title, document }: NewCase): Promise<KeptCase> {
  return database.transaction(async (writes) => {
    const values = { title, document, ...searchedCase(title, document) };
    const before = id === undefined ? undefined : await findAnyDocument(writes, cases, id);
    if (!before) return toCase(await insertDocument(writes, cases, values, id));
    // A second try of a write whose answer was lost meets the first: it is told as a stale write, not as an accident.
    if (before.deletedAt === null) throw new Stale('case', toCase(before));
    await restoreDocument(writes, cases, before.id);
    const row = await updateDocument(writes, cases, before.id, before.revision, values);
    return toCase(row!);
  });
}

export async function changeCase(database: Database, id: string, input: ChangedCase): Promise<KeptCase> {
  return database.transaction(async (writes) => {
    const row = await updateDocument(writes, cases, id, input.revision, {
      title: input.title,
      document: input.document,
      ...searchedCase(input.title, input.document),
    });
    if (!row) throw new Stale('case', await readCase(writes, id));
    return toCase(row);
  });
}

export async function deleteCase(database: Database, id: string): Promise<void> {
  if (!(await database.transaction((writes) => deleteDocument(writes, cases, id)))) throw new NotFound('case');
}
