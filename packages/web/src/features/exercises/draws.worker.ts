/** Drawing many sets of numbers in a worker: it reports how far it is, and is stopped by ending the worker. */
import { drawReport, type DrawReport, type Exercise, type HouseRules, type Problem } from '@hardy-sextant/core';
import { expose } from 'comlink';

export type DrawsAnswer =
  { readonly ok: true; readonly value: DrawReport } | { readonly ok: false; readonly problem: Problem };

const worker = {
  async report(
    exercise: Exercise,
    draws: number,
    rules: HouseRules,
    progress: (done: number) => void,
  ): Promise<DrawsAnswer> {
    const run = drawReport(exercise, draws, rules);
    let last = 0;
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      if (step.value - last >= Math.max(1, draws / 25)) {
        last = step.value;
        progress(step.value);
      }
    }
  },
};

export type DrawsWorker = typeof worker;

expose(worker);
