/** What was pasted, remembered on this device over a reload. */
import { useState } from 'react';
import { z } from 'zod';
import { remember, remembered } from '../../../api/kept/unsent.ts';
import { nothingPasted, type Pasted } from './pasted.ts';
import { say } from '../../../words/say.ts';

const KEY = say('pasted problems');

const settled = z.custom<Pasted['problems'][number]['settled']>((value) => typeof value === 'object' && value !== null);
const stored = z.object({
  problems: z.array(z.object({ text: z.string(), title: z.string(), settled, madeId: z.string().optional() })).max(500),
  varied: z.boolean(),
});

export function usePasted(): readonly [Pasted, (next: Pasted) => void] {
  const [pasted, setPasted] = useState<Pasted>(() => (remembered(KEY, stored) as Pasted | undefined) ?? nothingPasted);
  const keep = (next: Pasted) => {
    setPasted(next);
    remember(KEY, next.problems.length === 0 ? undefined : next);
  };
  return [pasted, keep];
}
