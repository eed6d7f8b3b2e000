/** What is remembered between sets. */

import { createHash } from 'node:crypto';
import { slipById, tableSlips, wholeTableSlips } from '@hardy-sextant/core';
import { columnMatching, type ColumnMatching, type SlipText } from '@hardy-sextant/contract';
import type { Database, Queries } from '../store/database.ts';
import { listMatchings, listSlipTexts, putMatching, putSlipText } from '../store/matchings.ts';
import { NotFound, Stale } from './refusal.ts';

export async function readMatchings(queries: Queries): Promise<ColumnMatching[]> {
  return (await listMatchings(queries)).flatMap(({ document }) => columnMatching.safeParse(document).data ?? []);
}

/** Remembers what the columns of such a file are; the same columns again come matched. */
export async function rememberMatching(database: Database, matching: ColumnMatching): Promise<void> {
  await database.transaction((writes) =>
    putMatching(writes, createHash('sha1').update(JSON.stringify(matching.columns)).digest('hex'), matching),
  );
}

export async function readSlipTexts(queries: Queries): Promise<SlipText[]> {
  return (await listSlipTexts(queries)).map(({ id, text, revision }) => ({ slipId: id, text, revision }));
}

export async function changeSlipText(
  database: Database,
  slipId: string,
  { text, revision }: Omit<SlipText, 'slipId'>,
): Promise<SlipText> {
  if (
    !slipById(slipId) &&
    !wholeTableSlips.some(({ id }) => id === slipId) &&
    !tableSlips.some(({ id }) => id === slipId)
  )
    throw new NotFound('slip');
  return database.transaction(async (writes) => {
    const written = await putSlipText(writes, slipId, text, revision);
    const now = (await readSlipTexts(writes)).find((each) => each.slipId === slipId);
    if (!written || !now) throw new Stale('text', now);
    return now;
  });
}
