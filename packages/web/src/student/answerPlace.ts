/** Where the answers on a page are read from and written to. */
import type { StudentPart } from '@hardy-sextant/contract';
import type { ReactNode } from 'react';

/** Where an answer is read from and written to. */
export interface AnswerPlace {
  readonly textOf: (entryId: string) => string;
  /** Left out where the page is only looked at. */
  readonly write?: ((entryId: string, text: string) => void) | undefined;
  /** What is said under an entry: kept, conflict, too late. */
  readonly noteOf?: ((entryId: string) => ReactNode) | undefined;
}

/** Whether anything is written in a part: in its place, or in a cell of its table. */
export function isAnswered(part: StudentPart, textOf: (entryId: string) => string): boolean {
  if (!part.table) return textOf(part.id).trim() !== '';
  return part.table.rows.some(({ cells }) =>
    cells.some(({ id }) => id !== undefined && textOf(`${part.id}.${id}`).trim() !== ''),
  );
}
