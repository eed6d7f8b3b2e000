/** Where checking and drawing run: in worker threads, so that no request waits for another's marking; in place where there are none. */

import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import type { Numbers, PaperBlock } from '@hardy-sextant/core';
import { runCheckJob, type CheckedJob, type CheckJob } from './checkJob.ts';
import type { Drawer } from './drawJob.ts';
import type { SheetJudge, SheetJudgedJob } from './sheetJob.ts';
import type { ShownFeedback, StudentJobs } from './studentJob.ts';

export type Checker = (job: CheckJob) => Promise<CheckedJob>;

export const checkInPlace: Checker = (job) => Promise.resolve(runCheckJob(job));

export interface Workers {
  readonly check: Checker;
  readonly draw: Drawer;
  readonly judgeSheet: SheetJudge;
  readonly studentJobs: StudentJobs;
  readonly close: () => Promise<void>;
}

/** @param worker the built worker file */
export function inWorkers(worker: string): Workers {
  const pool = new Piscina({ filename: worker, minThreads: 1, idleTimeout: 60_000 });
  // Worksheets come by the hundred and take long each: they have threads of their own, so that marking waits for none.
  const sheets = new Piscina({
    filename: worker,
    minThreads: 0,
    maxThreads: availableParallelism(),
    idleTimeout: 20_000,
  });
  return {
    check: (job) => pool.run(job) as Promise<CheckedJob>,
    draw: (job) => pool.run(job, { name: 'draw' }) as Promise<Numbers[]>,
    judgeSheet: (job) => sheets.run(job, { name: 'sheet' }) as Promise<SheetJudgedJob>,
    studentJobs: {
      feedback: (job) => pool.run(job, { name: 'feedback' }) as Promise<ShownFeedback>,
      working: (job) => pool.run(job, { name: 'working' }) as Promise<PaperBlock[]>,
      more: (job) => pool.run(job, { name: 'more' }) as Promise<Numbers | undefined>,
    },
    close: async () => {
      await Promise.all([pool.destroy(), sheets.destroy()]);
    },
  };
}
