/** What was pasted, remembered on this device over a reload. */
import { useRef, useState } from 'react';
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

/** A change is made to what stands by then: what was typed while an exercise was being written stays. */
export type ChangePasted = (change: (before: Pasted) => Pasted) => void;

export function usePasted(): readonly [Pasted, ChangePasted] {
  const [pasted, setPasted] = useState<Pasted>(() => (remembered(KEY, stored) as Pasted | undefined) ?? nothingPasted);
  const latest = useRef(pasted);
  const keep: ChangePasted = (change) => {
    const next = change(latest.current);
    latest.current = next;
    setPasted(next);
    remember(KEY, next.problems.length === 0 ? undefined : next);
  };
  return [pasted, keep];
}
