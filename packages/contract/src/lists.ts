/** Lists: pages of rows, searched by the server. */

import { z } from 'zod';
import { unreadableRecord } from './bin.ts';

/** So many rows stand on one page. */
export const PAGE_SIZE = 50;

/** What is asked of a list: words that must all occur, and which page, counted from 1. */
export const askedOfList = z.object({
  find: z.string().trim().max(120, 'At most 120 characters are searched for.').default(''),
  page: z.coerce.number().int().min(1, 'Pages are counted from 1.').max(1_000_000).default(1),
});
/** A filter that is off when empty. */
export const filter = z.string().max(60).default('');

/** One page of a list: its rows, the newest first, and how many there are in all that fit. */
export const listPage = <Row extends z.ZodType>(row: Row) =>
  z.object({
    rows: z.array(z.union([row, unreadableRecord])),
    total: z.number().int(),
    page: z.number().int(),
  });
