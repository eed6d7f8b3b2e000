/** The words by which lists find records, where a book of an earlier version has none yet. */

import { sql } from 'drizzle-orm';
import type { Queries, Writes } from './database.ts';

const tables = ['cases', 'exercises', 'classes', 'sets'] as const;
export type SearchedTable = (typeof tables)[number];

export interface WithoutWords {
  readonly id: string;
  readonly title: string;
  readonly document: string;
  readonly code: string;
  readonly college: string;
  readonly term: string;
}

/** Records without words, table by table. */
export async function withoutWords(
  queries: Queries,
): Promise<{ table: SearchedTable; rows: readonly WithoutWords[] }[]> {
  const found = [];
  for (const table of tables) {
    const named = sql.raw(
      table === 'classes' ? `'' AS document, code, college, term` : `document, '' AS code, '' AS college, '' AS term`,
    );
    const rows = await queries.all<WithoutWords>(
      sql`SELECT id, title, ${named} FROM ${sql.identifier(table)} WHERE words = ''`,
    );
    found.push({ table, rows });
  }
  return found;
}

export async function setWords(
  writes: Writes,
  table: SearchedTable,
  id: string,
  { words, labels, inShort }: { readonly words: string; readonly labels: string; readonly inShort?: unknown },
): Promise<void> {
  const labelled = table === 'cases' || table === 'exercises' ? sql`, labels = ${labels}` : sql``;
  const shown = inShort === undefined ? sql`` : sql`, in_short = ${JSON.stringify(inShort)}`;
  await writes.run(sql`UPDATE ${sql.identifier(table)} SET words = ${words}${labelled}${shown} WHERE id = ${id}`);
}
