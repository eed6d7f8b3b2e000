/** Where checking runs: in worker threads, so that no request waits for another's marking; in place where there are none. */

import { Piscina } from 'piscina';
import { runCheckJob, type CheckedJob, type CheckJob } from './checkJob.ts';

export type Checker = (job: CheckJob) => Promise<CheckedJob>;

export const checkInPlace: Checker = (job) => Promise.resolve(runCheckJob(job));

/** @param worker the built worker file */
export function checkInWorkers(worker: string): { readonly check: Checker; readonly close: () => Promise<void> } {
  const pool = new Piscina({ filename: worker, minThreads: 1, idleTimeout: 60_000 });
  return { check: (job) => pool.run(job) as Promise<CheckedJob>, close: () => pool.destroy() };
}
