/** Records that are not in their lists: deleted ones, which can be brought back, and ones that cannot be read. */

import { z } from 'zod';
import { recordId } from './statement.ts';

export const binKind = z.enum(['case', 'exercise', 'set', 'class', 'rules', 'style', 'worksheet']);
export type BinKind = z.infer<typeof binKind>;

/** So long a deleted record can be brought back; then it is erased. */
export const DAYS_IN_BIN = 30;

/** Something deleted, newest first in its list. */
export const deletedRecord = z.object({
  kind: binKind,
  id: recordId,
  title: z.string(),
  deletedAt: z.string(),
  /** The set in which it stands, where it stands in one. */
  setId: recordId.optional(),
});
export type DeletedRecord = z.infer<typeof deletedRecord>;
export const deletedRecords = z.array(deletedRecord);

/** A row of a list whose stored document this version cannot read; the rest of the list works. */
export const unreadableRecord = z.object({ id: recordId, title: z.string(), unreadable: z.literal(true) });
export type UnreadableRecord = z.infer<typeof unreadableRecord>;

/** Parts a list into what can be read and what cannot. */
export function isReadable<T extends object>(row: T | UnreadableRecord): row is T {
  return !('unreadable' in row);
}
