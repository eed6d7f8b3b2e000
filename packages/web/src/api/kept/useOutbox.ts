/** An outbox that lives as long as it holds something, whatever screen is shown. */

import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { z } from 'zod';
import { heardFirst } from './heardFirst.ts';
import { Outbox, type OutboxPorts, type OutboxState } from './outbox.ts';
import { hold, remember, remembered } from './unsent.ts';

const AGAIN_MS = 3000;
const boxes = new Map<string, Outbox<never>>();

interface OutboxUse<T> {
  readonly key: string;
  /** What it is called in the list of what is not sent: "answers to “Week 6”". */
  readonly name: string;
  readonly path: string;
  readonly schema: z.ZodType<T>;
  readonly ports: OutboxPorts<T>;
}

export function useOutbox<T>({ key, name, path, schema, ports }: OutboxUse<T>): readonly [OutboxState<T>, Outbox<T>] {
  const box = useMemo(() => {
    const before = boxes.get(key) as Outbox<T> | undefined;
    if (before) return before;
    const made = new Outbox<T>(
      {
        ...ports,
        send: heardFirst(ports.send),
        remember: (unsent) => remember(key, unsent.length === 0 ? undefined : unsent),
      },
      AGAIN_MS,
      remembered(key, z.array(schema)) ?? [],
    );
    boxes.set(key, made as unknown as Outbox<never>);
    const { tell } = hold(key, { name, path, isUnsent: () => !made.isEmpty, flush: made.flush });
    made.subscribe(tell);
    return made;
    // An outbox belongs to its key; the rest of it stays as it was made.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  useEffect(() => () => void box.flush(), [box]);
  return [useSyncExternalStore(box.subscribe, box.state), box];
}
