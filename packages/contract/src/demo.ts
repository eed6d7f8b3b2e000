/** The demo that a new book begins with: how much of it is in the lists, and how much is put away. */

import { z } from 'zod';

const count = z.number().int().min(0);

export const demoState = z.object({
  /** What stands in the lists as it was shipped; cases and exercises that were changed are no demo any more. */
  classes: count,
  sets: count,
  exercises: count,
  cases: count,
  /** Records of it that are in the bin. */
  away: count,
});
export type DemoState = z.infer<typeof demoState>;
