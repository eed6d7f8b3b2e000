/** Keeping cases. */

import { caseDocument, type ChangedCase, type KeptCase, type NewCase } from '@hardy-sextant/contract';
import type { Database } from '../store/database.ts';
import { deleteDocument, findDocument, insertDocument, listDocuments, restoreDocument, updateDocument, type DocumentRow } from '../store/documents.ts';
import { cases } from '../store/schema.ts';
import { NotFound, Stale } from './refusal.ts';

function toCase(row: DocumentRow): KeptCase {
  return { id: row.id, title: row.title, document: caseDocument.parse(row.document), revision: row.revision, updatedAt: row.updatedAt };
}

export async function listCases(database: Database): Promise<KeptCase[]> {
  return (await listDocuments(database, cases)).map(toCase);
}

export async function readCase(database: Database, id: string): Promise<KeptCase> {
  const row = await findDocument(database, cases, id);
  if (!row) throw new NotFound('case');
  return toCase(row);
}

export async function keepCase(database: Database, input: NewCase): Promise<KeptCase> {
  // A second try of a write whose answer was lost meets the first: it is told as a stale write, not as an accident.
  const before = input.id === undefined ? undefined : await findDocument(database, cases, input.id);
  if (before) throw new Stale('case', toCase(before));
  return toCase(await insertDocument(database, cases, input.title, input.document, input.id));
}

export async function changeCase(database: Database, id: string, input: ChangedCase): Promise<KeptCase> {
  const row = await updateDocument(database, cases, id, input.revision, { title: input.title, document: input.document });
  if (!row) throw new Stale('case', await readCase(database, id));
  return toCase(row);
}

export async function deleteCase(database: Database, id: string): Promise<void> {
  if (!(await deleteDocument(database, cases, id))) throw new NotFound('case');
}

/** Brings a deleted case back. */
export async function restoreCase(database: Database, id: string): Promise<KeptCase> {
  const row = await restoreDocument(database, cases, id);
  if (!row) throw new NotFound('deleted case');
  return toCase(row);
}
