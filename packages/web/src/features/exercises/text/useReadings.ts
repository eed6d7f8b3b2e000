/** The readings of all pasted problems, from a worker: the one that is looked at first. */
import { wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Pasted, PastedProblem } from './pasted.ts';
import type { ReadText, TextsWorker } from './texts.worker.ts';

export interface Readings {
  /** By place; what is not read yet, or no longer, is missing. */
  readonly of: (at: number) => ReadText | undefined;
  /** Whether it is read as it stands now. */
  readonly isRead: (at: number) => boolean;
  /** Read as it stands now, however fast that was typed. */
  readonly asItStands: (at: number) => Promise<ReadText | undefined>;
  /** How many are read. */
  readonly done: number;
}

interface Read {
  readonly problem: PastedProblem;
  readonly varied: boolean;
  readonly found: ReadText;
}

export function useReadings({ problems, varied }: Pasted, now: number): Readings {
  const readBy = useReader();
  const [read, setRead] = useState<readonly Read[]>([]);
  const known = (problem: PastedProblem): Read | undefined =>
    read.find((each) => isSame(each.problem, problem) && each.varied === varied);
  const order = [now, ...problems.map((_, at) => at)];
  const next = order.map((at) => problems[at]).find((problem) => problem && !known(problem));
  useEffect(() => {
    if (!next) return;
    let current = true;
    void readBy(next, varied).then((found) => {
      if (current)
        setRead((before) => [
          ...before.filter(({ problem }) => !isSame(problem, next)),
          { problem: next, varied, found },
        ]);
    });
    return () => {
      current = false;
    };
  }, [readBy, next, varied]);
  return {
    // While a change is read again, what was read before stays in sight.
    of: (at) => {
      const problem = problems[at];
      return problem && (known(problem) ?? read.find((each) => each.problem.text === problem.text))?.found;
    },
    isRead: (at) => problems[at] !== undefined && known(problems[at]) !== undefined,
    asItStands: async (at) => {
      const problem = problems[at];
      return problem && (known(problem)?.found ?? (await readBy(problem, varied)));
    },
    done: problems.filter(known).length,
  };
}

/** Reads by a worker that is begun with the first problem. */
function useReader() {
  const worker = useRef<ReturnType<typeof begun>>(undefined);
  useEffect(
    () => () => {
      worker.current?.thread.terminate();
      worker.current = undefined;
    },
    [],
  );
  return useCallback(({ text, settled, title }: PastedProblem, varied: boolean): Promise<ReadText> => {
    worker.current ??= begun();
    return worker.current.read.read(text, settled, title, varied);
  }, []);
}

/** Held on to: a worker whose last proxy is collected no longer answers. */
function begun() {
  const thread = new Worker(new URL('./texts.worker.ts', import.meta.url), { type: 'module' });
  return { thread, read: wrap<TextsWorker>(thread) };
}

const isSame = (one: PastedProblem, other: PastedProblem): boolean =>
  one.text === other.text && one.title === other.title && JSON.stringify(one.settled) === JSON.stringify(other.settled);
