/** The worker thread: one job in, its verdicts out. */

export { runCheckJob as default } from './checkJob.ts';
