/** The worker thread: one job in, its verdicts or numbers out. */

export { runCheckJob as default } from './checkJob.ts';
export { runDrawJob as draw } from './drawJob.ts';
export { runSheetJob as sheet } from './sheetJob.ts';
