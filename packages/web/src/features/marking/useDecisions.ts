/** Decisions one after another, each of which can be undone and redone. */

import type { ChangedDecisions, Marking } from '@hardy-sextant/contract';
import { useCallback, useRef, useState } from 'react';
import { useWriteDecisions } from './markingRecords.ts';

type Change = Partial<ChangedDecisions>;

/** What takes a change back: what stood there before. */
function inverse(change: Change, before: Marking, after: Marking): Change {
  const there = new Set(before.accepted.map(({ id }) => id));
  return {
    decisions: (change.decisions ?? []).map(({ studentId, itemId, partId }) => {
      const old = before.students.find(({ id }) => id === studentId)?.decisions.find((each) => each.itemId === itemId && each.partId === partId);
      return { studentId, itemId, partId, comment: old?.comment ?? '', ...(old?.credit === undefined ? {} : { credit: old.credit }) };
    }),
    takeBack: after.accepted.filter(({ id }) => !there.has(id)).map(({ id }) => id),
    accept: before.accepted.filter(({ id }) => change.takeBack?.includes(id)).map(({ id: _id, ...each }) => each),
  };
}

export function useDecisions(setId: string, marking: Marking) {
  const write = useWriteDecisions(setId);
  const [undone, setUndone] = useState<{ readonly back: readonly Change[]; readonly forth: readonly Change[] }>({ back: [], forth: [] });
  const stacks = useRef(undone);
  const now = useRef(marking);
  const queue = useRef(Promise.resolve());
  const { mutateAsync } = write;
  const keep = (back: readonly Change[], forth: readonly Change[]): void => {
    stacks.current = { back, forth };
    setUndone(stacks.current);
  };
  // One after another: what the next undoes depends on what this one left.
  const run = useCallback(
    (change: () => Change | undefined, then: (undo: Change) => void) => {
      queue.current = queue.current.then(async () => {
        const wanted = change();
        if (!wanted) return;
        try {
          const before = now.current;
          const after = await mutateAsync(wanted);
          now.current = after;
          then(inverse(wanted, before, after));
        } catch {
          // The mutation's own error is shown; nothing was written.
        }
      });
    },
    [mutateAsync],
  );
  if (write.isIdle || write.isSuccess) now.current = marking;
  return {
    decide: (change: Change) =>
      run(
        () => change,
        (back) => keep([...stacks.current.back, back], []),
      ),
    undo: () =>
      run(
        () => stacks.current.back.at(-1),
        (forth) => keep(stacks.current.back.slice(0, -1), [...stacks.current.forth, forth]),
      ),
    redo: () =>
      run(
        () => stacks.current.forth.at(-1),
        (back) => keep([...stacks.current.back, back], stacks.current.forth.slice(0, -1)),
      ),
    canUndo: undone.back.length > 0,
    canRedo: undone.forth.length > 0,
    error: write.error,
  };
}
