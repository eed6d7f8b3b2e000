/** The readings of all pasted problems, from a worker: the one that is looked at first. */
import type { Exercise } from '@hardy-sextant/core';
import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Pasted, PastedProblem } from './pasted.ts';
import type { ReadText, TextsWorker, VariedText } from './texts.worker.ts';

export interface Readings {
  /** By place; what is not read yet, or no longer, is missing. */
  readonly of: (at: number) => ReadText | undefined;
  /** Whether it is read as it stands now. */
  readonly isRead: (at: number) => boolean;
  /** An exercise of it as it stands now, however fast that was typed; nothing while a number is missing. */
  readonly make: (at: number) => Promise<Exercise | undefined>;
  /** How many are read. */
  readonly done: number;
  /** What varies of the one that is looked at, where that is wanted. */
  readonly varied: VariedText | undefined;
}

interface Read {
  readonly problem: PastedProblem;
  readonly found: ReadText;
}

export function useReadings({ problems, varied }: Pasted, now: number): Readings {
  const reader = useReader();
  const [read, setRead] = useState<readonly Read[]>([]);
  const known = (problem: PastedProblem): Read | undefined => read.find((each) => isSame(each.problem, problem));
  const order = [now, ...problems.map((_, at) => at)];
  const next = order.map((at) => problems[at]).find((problem) => problem && !known(problem));
  useEffect(() => {
    if (!next) return;
    let current = true;
    void reader()
      .read(next.text, next.settled)
      .then((found) => {
        if (current)
          setRead((before) => [...before.filter(({ problem }) => !isSame(problem, next)), { problem: next, found }]);
      });
    return () => {
      current = false;
    };
  }, [reader, next]);
  const variedNow = useVaried(reader, varied ? problems[now] : undefined);
  return {
    // While a change is read again, what was read before stays in sight.
    of: (at) => {
      const problem = problems[at];
      return problem && (known(problem) ?? read.find((each) => each.problem.text === problem.text))?.found;
    },
    isRead: (at) => problems[at] !== undefined && known(problems[at]) !== undefined,
    make: async (at) => {
      const problem = problems[at];
      return problem && (await reader().make(problem.text, problem.settled, problem.title, varied));
    },
    done: problems.filter(known).length,
    varied: variedNow,
  };
}

/** What varies of a problem; a title changes nothing of that. */
function useVaried(reader: () => Remote<TextsWorker>, problem: PastedProblem | undefined): VariedText | undefined {
  const [found, setFound] = useState<{ readonly text: string; readonly varied: VariedText | undefined }>();
  const { text, settled } = problem ?? {};
  useEffect(() => {
    if (text === undefined || settled === undefined) return;
    let current = true;
    void reader()
      .vary(text, settled)
      .then((varied) => {
        if (current) setFound({ text, varied });
      });
    return () => {
      current = false;
    };
  }, [reader, text, settled]);
  return found?.text === text ? found?.varied : undefined;
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
  return useCallback((): Remote<TextsWorker> => {
    worker.current ??= begun();
    return worker.current.proxy;
  }, []);
}

/** Held on to: a worker whose last proxy is collected no longer answers. */
function begun() {
  const thread = new Worker(new URL('./texts.worker.ts', import.meta.url), { type: 'module' });
  return { thread, proxy: wrap<TextsWorker>(thread) };
}

const isSame = (one: PastedProblem, other: PastedProblem): boolean =>
  one.text === other.text && JSON.stringify(one.settled) === JSON.stringify(other.settled);
