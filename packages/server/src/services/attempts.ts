/** Counts of what must not be tried often. */

import type { Database } from '../store/database.ts';
import { countAttempt, forgetAttempts, uncountAttempt } from '../store/people.ts';

export interface Attempts {
  readonly count: (key: string) => Promise<{ totalHits: number; resetTime: Date }>;
  readonly uncount: (key: string) => Promise<void>;
  readonly forget: (key: string) => Promise<void>;
}

/** @param windowMs so long a try counts */
export const attemptsIn = (database: Database, windowMs: number): Attempts => ({
  count: async (key) => {
    const { points, endsAt } = await database.transaction((writes) => countAttempt(writes, key, Date.now(), windowMs));
    return { totalHits: points, resetTime: new Date(endsAt) };
  },
  uncount: (key) => database.transaction((writes) => uncountAttempt(writes, key)),
  forget: (key) => database.transaction((writes) => forgetAttempts(writes, key)),
});
