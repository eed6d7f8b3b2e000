/** The demo, looked at and put away: from a screen, with a way back. */

import type { DemoState } from '@hardy-sextant/contract';
import { demoIds, insertDemo } from '../demo/loadDemo.ts';
import type { Database } from '../store/database.ts';
import { countDemo, deleteDemo, presentOfDemo, restoreDemo } from '../store/demo.ts';

export const readDemo = (database: Database): Promise<DemoState> => countDemo(database, demoIds);

/** Puts it into the bin. What was changed stays, and so does everything that is not of the demo. */
export async function putDemoAway(database: Database): Promise<DemoState> {
  await database.transaction((writes) => deleteDemo(writes, demoIds));
  return readDemo(database);
}

/** Brings it back from the bin, and puts in anew what was erased since, or never was there. */
export async function bringDemoBack(database: Database): Promise<DemoState> {
  await database.transaction(async (writes) => {
    await restoreDemo(writes, demoIds);
    await insertDemo(writes, await presentOfDemo(writes, demoIds));
  });
  return readDemo(database);
}
