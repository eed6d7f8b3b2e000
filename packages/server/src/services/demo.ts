/** The demo, looked at and put away: from a screen, with a way back. */

import type { DemoState } from '@hardy-sextant/contract';
import { demoIds, loadDemo } from '../demo/loadDemo.ts';
import type { Database } from '../store/database.ts';
import { countDemo, deleteDemo, restoreDemo } from '../store/demo.ts';

export const readDemo = (database: Database): Promise<DemoState> => countDemo(database, demoIds);

/** Puts it into the bin. What was changed stays, and so does everything that is not of the demo. */
export async function putDemoAway(database: Database): Promise<DemoState> {
  await database.transaction((writes) => deleteDemo(writes, demoIds));
  return readDemo(database);
}

/** Brings it back from the bin; into a book that has nothing of it, it is put anew. */
export async function bringDemoBack(database: Database): Promise<DemoState> {
  const { away, ...here } = await readDemo(database);
  const isThere = away > 0 || Object.values(here).some((each) => each > 0);
  if (isThere) await database.transaction((writes) => restoreDemo(writes, demoIds));
  else await loadDemo(database);
  return readDemo(database);
}
