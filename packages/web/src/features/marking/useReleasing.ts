/** Marks released, or the release taken back; the server asks first while answers are still to be looked at. */

import { problemTypes } from '@hardy-sextant/contract';
import { Refusal } from '../../api/call.ts';
import { useRelease } from '../../api/setRecords.ts';
import type { Decisions } from './useDecisions.ts';

export function useReleasing(setId: string, revision: number, decisions: Pick<Decisions, 'flush'>) {
  const { mutate, isPending, error, reset } = useRelease(setId);
  const asksFirst = error instanceof Refusal && error.document.type === problemTypes.askFirst;
  return {
    busy: isPending,
    /** What the server asks before it releases. */
    question: asksFirst ? error.message : undefined,
    failed: asksFirst ? null : error,
    cancel: reset,
    set: async (released: boolean, anyway = false): Promise<void> => {
      await decisions.flush();
      mutate({ released, anyway, revision });
    },
  };
}

export type Releasing = ReturnType<typeof useReleasing>;
