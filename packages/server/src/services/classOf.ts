/** Which class a set belongs to, for whoever asks whether they may see it. */

import type { Queries } from '../store/database.ts';
import { findSet } from '../store/sets.ts';

export async function classOf(queries: Queries, setId: string): Promise<string | undefined> {
  return (await findSet(queries, setId))?.classId;
}
