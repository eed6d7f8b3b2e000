/** What was done on a screen, one step after another: each can be taken back and done again. */

import { asError } from '../../api/call.ts';
import { useCallback, useRef, useState } from 'react';

/** Doing a step gives the step that takes it back. */
export interface Step {
  readonly run: () => Promise<Step>;
}

export interface Steps {
  /** Does something that can be taken back. */
  readonly take: (step: Step) => void;
  /** Something that was done already, by the step that takes it back. */
  readonly taken: (back: Step) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly error: Error | undefined;
}

interface Stacks {
  readonly back: readonly Step[];
  readonly forth: readonly Step[];
}

/** What was done to each record since the page was loaded: it can be taken back also after another screen was visited. */
const done = new Map<string, Stacks>();
const nothing: Stacks = { back: [], forth: [] };

/** @param key the record whose steps they are */
export function useSteps(key: string): Steps {
  const [shown, setShown] = useState<Stacks>(() => done.get(key) ?? nothing);
  const [error, setError] = useState<Error>();
  const stacks = useRef(shown);
  const queue = useRef(Promise.resolve());
  const keep = useCallback(
    (next: Stacks): void => {
      stacks.current = next;
      done.set(key, next);
      setShown(next);
    },
    [key],
  );
  // One after another: what the next takes back depends on what this one left. A step that fails stays where it is.
  const run = useCallback((pick: () => Step | undefined, then: (inverse: Step) => void) => {
    queue.current = queue.current.then(async () => {
      const step = pick();
      if (!step) return;
      try {
        const inverse = await step.run();
        setError(undefined);
        then(inverse);
      } catch (problem) {
        setError(asError(problem));
      }
    });
  }, []);
  return {
    take: (step) =>
      run(
        () => step,
        (inverse) => keep({ back: [...stacks.current.back, inverse], forth: [] }),
      ),
    taken: (back) => keep({ back: [...stacks.current.back, back], forth: [] }),
    undo: () =>
      run(
        () => stacks.current.back.at(-1),
        (inverse) => keep({ back: stacks.current.back.slice(0, -1), forth: [...stacks.current.forth, inverse] }),
      ),
    redo: () =>
      run(
        () => stacks.current.forth.at(-1),
        (inverse) => keep({ back: [...stacks.current.back, inverse], forth: stacks.current.forth.slice(0, -1) }),
      ),
    canUndo: shown.back.length > 0,
    canRedo: shown.forth.length > 0,
    error,
  };
}
