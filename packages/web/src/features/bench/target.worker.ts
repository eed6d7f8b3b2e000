/** Target search in a worker: it reports how far it is, and is stopped by ending the worker. */
import { targetSearch, type Problem, type TargetAsk, type TargetFound } from '@hardy-sextant/core';
import { expose } from 'comlink';

/** What comes back: plain data, without the table, which the page builds again from the plan. */
export type TargetAnswer =
  ({ readonly ok: true } & Omit<TargetFound, 'table'>) | { readonly ok: false; readonly problem: Problem };

const worker = {
  async search(ask: TargetAsk, progress: (share: number) => void): Promise<TargetAnswer> {
    const search = targetSearch(ask);
    let last = 0;
    for (;;) {
      const step = search.next();
      if (step.done) {
        const found = step.value;
        if (!found.ok) return found;
        const { table: _built, ...rest } = found.value;
        return { ok: true, ...rest };
      }
      if (step.value - last > 0.05) {
        last = step.value;
        progress(step.value);
      }
    }
  },
};

export type TargetWorker = typeof worker;

expose(worker);
