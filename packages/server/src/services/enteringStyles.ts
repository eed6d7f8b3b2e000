/** Keeping the entering styles an instructor makes. */

import { enteringStyleById, type EnteringStyle, type HouseRules } from '@hardy-sextant/core';
import {
  enteringStyleDocument,
  type ChangedEnteringStyle,
  type KeptEnteringStyle,
  type NewEnteringStyle,
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
import { enteringStyles } from '../store/schema.ts';
import { NotFound, Stale } from './refusal.ts';
import { stored } from './stored.ts';

function toStyle({ id, document, revision }: DocumentRow): KeptEnteringStyle {
  return { id, style: stored(enteringStyleDocument, document, 'entering style').style, revision };
}

/** Those that can be read: without one that cannot, the shipped styles still serve. */
export async function listEnteringStyles(queries: Queries): Promise<KeptEnteringStyle[]> {
  return (await listDocuments(queries, enteringStyles))
    .filter(({ document }) => enteringStyleDocument.safeParse(document).success)
    .map(toStyle);
}

/** How a class's tool wants numbers, also by a style of its own. */
export async function enteringStyleOf(
  queries: Queries,
  { entering }: Pick<HouseRules, 'entering'>,
): Promise<EnteringStyle> {
  const own = (await listEnteringStyles(queries)).map(({ id, style }) => ({ ...style, id }));
  return enteringStyleById(entering, own);
}

export async function keepEnteringStyle(database: Database, { style }: NewEnteringStyle): Promise<KeptEnteringStyle> {
  return toStyle(
    await database.transaction((writes) =>
      insertDocument(writes, enteringStyles, { title: style.name, document: { schemaVersion: 1, style } }),
    ),
  );
}

export async function changeEnteringStyle(
  database: Database,
  id: string,
  { style, revision }: ChangedEnteringStyle,
): Promise<KeptEnteringStyle> {
  return database.transaction(async (writes) => {
    const row = await updateDocument(writes, enteringStyles, id, revision, {
      title: style.name,
      document: { schemaVersion: 1, style },
    });
    if (row) return toStyle(row);
    const now = await findDocument(writes, enteringStyles, id);
    if (!now) throw new NotFound('entering style');
    throw new Stale('entering style', toStyle(now));
  });
}

/** Deletes a style; cases and rules that named it fall back to the first shipped one. */
export async function deleteEnteringStyle(database: Database, id: string): Promise<void> {
  if (!(await database.transaction((writes) => deleteDocument(writes, enteringStyles, id))))
    throw new NotFound('entering style');
}
