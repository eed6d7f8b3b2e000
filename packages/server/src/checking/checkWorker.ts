/** The worker thread: one job in, its verdicts or numbers out. */

export { runCheckJob as default } from './checkJob.ts';
export { runDrawJob as draw } from './drawJob.ts';
export { runSheetJob as sheet } from './sheetJob.ts';
export { runFeedbackJob as feedback, runMoreJob as more, runWorkingJob as working } from './studentJob.ts';
