/** Target search in a worker: it reports how far it is, and is stopped by ending the worker. */
import { targetSearch, type Plan, type Problem, type TargetAsk } from '@hardy-sextant/core';
import { expose } from 'comlink';

/** What comes back: plain data, without the table, which the page builds again from the plan. */
export type TargetAnswer =
  | {
      readonly ok: true;
      readonly value: number;
      readonly reached: number;
      readonly exact: boolean;
      readonly plan: Plan;
    }
  | { readonly ok: false; readonly problem: Problem };

const worker = {
  async search(ask: TargetAsk, progress: (share: number) => void): Promise<TargetAnswer> {
    const search = targetSearch(ask);
    let last = 0;
    for (;;) {
      const step = search.next();
      if (step.done) {
        const found = step.value;
        if (!found.ok) return found;
        const { value, reached, exact, plan } = found.value;
        return { ok: true, value, reached, exact, plan };
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
