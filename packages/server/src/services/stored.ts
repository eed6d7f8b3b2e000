/** Reading what is stored: a document that this version cannot read is said to be one, and stops nothing beside it. */

import type { z } from 'zod';
import type { UnreadableRecord } from '@hardy-sextant/contract';
import { Unreadable } from './refusal.ts';

/** A stored document through its schema. */
export function stored<S extends z.ZodType>(schema: S, value: unknown, what: string): z.infer<S> {
  const read = schema.safeParse(value);
  if (!read.success) throw new Unreadable(what, read.error);
  return read.data;
}

/** Each row read; one that cannot be is listed by its id and title. */
export function listed<Row extends { readonly id: string; readonly title: string }, T>(
  rows: readonly Row[],
  read: (row: Row) => T,
): (T | UnreadableRecord)[] {
  return rows.map((row) => {
    try {
      return read(row);
    } catch (error) {
      if (!(error instanceof Unreadable)) throw error;
      return { id: row.id, title: row.title, unreadable: true };
    }
  });
}
