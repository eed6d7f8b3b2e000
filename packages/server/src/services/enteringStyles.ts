/** Keeping the entering styles an instructor makes. */

import { enteringStyleDocument, type ChangedEnteringStyle, type KeptEnteringStyle, type NewEnteringStyle } from '@hardy-sextant/contract';
import type { Database } from '../store/database.ts';
import { deleteDocument, findDocument, insertDocument, listDocuments, updateDocument, type DocumentRow } from '../store/documents.ts';
import { enteringStyles } from '../store/schema.ts';
import { NotFound, Stale } from './refusal.ts';

function toStyle({ id, document, revision }: DocumentRow): KeptEnteringStyle {
  return { id, style: enteringStyleDocument.parse(document).style, revision };
}

export async function listEnteringStyles(database: Database): Promise<KeptEnteringStyle[]> {
  return (await listDocuments(database, enteringStyles)).map(toStyle);
}

export async function keepEnteringStyle(database: Database, { style }: NewEnteringStyle): Promise<KeptEnteringStyle> {
  return toStyle(await insertDocument(database, enteringStyles, style.name, { schemaVersion: 1, style }));
}

export async function changeEnteringStyle(database: Database, id: string, { style, revision }: ChangedEnteringStyle): Promise<KeptEnteringStyle> {
  const row = await updateDocument(database, enteringStyles, id, revision, { title: style.name, document: { schemaVersion: 1, style } });
  if (row) return toStyle(row);
  const now = await findDocument(database, enteringStyles, id);
  if (!now) throw new NotFound('entering style');
  throw new Stale('entering style', toStyle(now));
}

/** Deletes a style; cases and rules that named it fall back to the first shipped one. */
export async function deleteEnteringStyle(database: Database, id: string): Promise<void> {
  if (!(await deleteDocument(database, enteringStyles, id))) throw new NotFound('entering style');
}
