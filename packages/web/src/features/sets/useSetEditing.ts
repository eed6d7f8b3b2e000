/** A set being changed: shown at once, written one change after another against the revision that the one before it left. */

import { keptSet, type KeptSet, type SetDocument } from '@hardy-sextant/contract';
import { useRef, useState } from 'react';
import { Refusal } from '../../ui/api.ts';
import { useWriteSet } from '../../ui/setRecords.ts';

interface Draft {
  readonly title: string;
  readonly document: SetDocument;
}

export interface SetConflict {
  readonly theirs: KeptSet;
  readonly mine: Draft;
}

export function useSetEditing(kept: KeptSet) {
  const { mutateAsync } = useWriteSet(kept.id);
  const [draft, setDraft] = useState<Draft>();
  const [conflict, setConflict] = useState<SetConflict>();
  const [error, setError] = useState<Error>();
  const newest = useRef<Draft>(undefined);
  const revision = useRef(kept.revision);
  const queue = useRef(Promise.resolve());
  const settle = () => {
    newest.current = undefined;
    setDraft(undefined);
  };
  const write = (next: Draft) => {
    newest.current = next;
    setDraft(next);
    queue.current = queue.current.then(async () => {
      try {
        const stored = await mutateAsync({ ...next, revision: Math.max(revision.current, kept.revision) });
        revision.current = stored.revision;
        setError(undefined);
        if (newest.current === next) settle();
      } catch (problem) {
        settle();
        if (problem instanceof Refusal && problem.isStale) setConflict({ theirs: keptSet.parse(problem.document.current), mine: next });
        else setError(problem as Error);
      }
    });
  };
  return {
    title: draft?.title ?? kept.title,
    document: draft?.document ?? kept.document,
    change: (change: Partial<SetDocument>, title?: string) => {
      const now = newest.current ?? { title: kept.title, document: kept.document };
      write({ title: title ?? now.title, document: { ...now.document, ...change } });
    },
    error,
    conflict,
    /** Keeps theirs, or writes mine over it. */
    resolve: (mine: boolean) => {
      if (conflict) revision.current = conflict.theirs.revision;
      if (conflict && mine) write(conflict.mine);
      setConflict(undefined);
    },
    dismiss: () => setConflict(undefined),
  };
}
