/** A search for a target in a worker: how far it is, what it found, and a way to stop it. */

import type { TargetAsk } from '@hardy-sextant/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { TargetAnswer, TargetWorker } from './target.worker.ts';
import { say } from '../../words/say.ts';

export function useTargetSearch() {
  /** From 0 to 1 while it runs. */
  const [share, setShare] = useState<number>();
  const running = useRef<Worker>(undefined);
  const end = () => {
    running.current?.terminate();
    running.current = undefined;
  };
  useEffect(() => end, []);

  /** @returns what was found; nothing where it was stopped or another search was begun */
  const search = async (ask: TargetAsk): Promise<TargetAnswer | undefined> => {
    end();
    setShare(0);
    const worker = new Worker(new URL('./target.worker.ts', import.meta.url), { type: 'module' });
    running.current = worker;
    // The last report may come in behind the answer.
    const report = proxy((done: number) => {
      if (running.current === worker) setShare(done);
    });
    const found = await wrap<TargetWorker>(worker)
      .search(ask, report)
      .catch((): TargetAnswer => {
        return { ok: false, problem: { code: 'not-reached', message: say('The search could not be run.') } };
      });
    if (running.current !== worker) return undefined;
    end();
    setShare(undefined);
    return found;
  };
  const stop = () => {
    end();
    setShare(undefined);
  };
  return { share, search, stop };
}
