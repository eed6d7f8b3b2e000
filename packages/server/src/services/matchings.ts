/** What is remembered between sets. */

import { createHash } from 'node:crypto';
import { slipById, tableSlips, wholeTableSlips } from '@hardy-sextant/core';
import { columnMatching, type ColumnMatching, type SlipText } from '@hardy-sextant/contract';
import type { Queries } from '../store/database.ts';
import { listMatchings, listSlipTexts, putMatching, putSlipText } from '../store/matchings.ts';
import { NotFound, Stale } from './refusal.ts';

export async function readMatchings(queries: Queries): Promise<ColumnMatching[]> {
  return (await listMatchings(queries)).map(({ document }) => columnMatching.parse(document));
}

/** Remembers what the columns of such a file are; the same columns again come matched. */
export async function rememberMatching(queries: Queries, matching: ColumnMatching): Promise<void> {
  await putMatching(queries, createHash('sha1').update(JSON.stringify(matching.columns)).digest('hex'), matching);
}

export async function readSlipTexts(queries: Queries): Promise<SlipText[]> {
  return (await listSlipTexts(queries)).map(({ id, text, revision }) => ({ slipId: id, text, revision }));
}

export async function changeSlipText(queries: Queries, slipId: string, { text, revision }: Omit<SlipText, 'slipId'>): Promise<SlipText> {
  if (!slipById(slipId) && !(slipId in wholeTableSlips) && !tableSlips.some(({ id }) => id === slipId)) throw new NotFound('slip');
  const written = await putSlipText(queries, slipId, text, revision);
  const now = (await readSlipTexts(queries)).find((each) => each.slipId === slipId);
  if (!written || !now) throw new Stale('text', now);
  return now;
}
