/** A record on a screen while it is changed: what to show, how far it is stored, what somebody else stored. */

import { problemTypes } from '@hardy-sextant/contract';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { z } from 'zod';
import { Refusal } from '../call.ts';
import type { KeptDocument, KeptOptions, KeptState, WriteOutcome } from './keptDocument.ts';
import { openDocument, showDocument } from './unsent.ts';
import { say } from '../../words/say.ts';

interface KeptUse<T, Kept> {
  /** Names the record among all: "exercise 4711". */
  readonly key: string;
  readonly path: string;
  readonly nameOf: (value: T) => string;
  readonly start: { readonly value: T; readonly revision: number };
  readonly valueOf: (kept: Kept) => T;
  readonly revisionOf: (kept: Kept) => number;
  readonly isWorthKeeping?: (value: T) => boolean;
  /** Sends it; throws a `Refusal` where the server says no. */
  readonly send: (value: T, revision: number) => Promise<Kept>;
  /** Reads what the server answers to a stale write. */
  readonly keptSchema: z.ZodType<Kept>;
  readonly valueSchema: z.ZodType<T>;
  readonly options?: Partial<KeptOptions>;
}

const usual: KeptOptions = { quietMs: 600, againMs: 4000 };

export function unsentSchema<T>(value: z.ZodType<T>): z.ZodType<{ value: T; revision: number }> {
  return z.object({ value, revision: z.number().int().min(0) }) as unknown as z.ZodType<{ value: T; revision: number }>;
}

export function useKeptDocument<T, Kept>(use: KeptUse<T, Kept>): readonly [KeptState<T, Kept>, KeptDocument<T, Kept>] {
  const { key } = use;
  // A document belongs to its key; everything else about it stays as it was when it was opened.
  const document = useMemo(
    () =>
      openDocument<T, Kept>({
        key,
        path: use.path,
        nameOf: use.nameOf,
        start: use.start,
        schema: unsentSchema(use.valueSchema),
        options: { ...usual, ...use.options },
        ports: {
          write: (value, revision) => outcomeOf(use.send(value, revision), use.keptSchema),
          valueOf: use.valueOf,
          revisionOf: use.revisionOf,
          ...(use.isWorthKeeping ? { isWorthKeeping: use.isWorthKeeping } : {}),
        },
      }),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [key],
  );
  useEffect(() => showDocument(key), [key]);
  return [useSyncExternalStore(document.subscribe, document.state), document];
}

async function outcomeOf<Kept>(sent: Promise<Kept>, schema: z.ZodType<Kept>): Promise<WriteOutcome<Kept>> {
  try {
    return { is: 'stored', kept: await sent };
  } catch (error) {
    const problem = error instanceof Error ? error.message : say('It could not be stored.');
    if (!(error instanceof Refusal) || error.document.status >= 500) return { is: 'away', problem };
    if (error.isStale) {
      const theirs = schema.safeParse(error.document.current);
      if (theirs.success) return { is: 'elsewhere', theirs: theirs.data };
    }
    if (error.document.type === problemTypes.notFound)
      return { is: 'refused', problem: say('{{problem}} What you typed is still here.', { problem }) };
    return { is: 'refused', problem: error.document.fields?.[0]?.message ?? problem };
  }
}
