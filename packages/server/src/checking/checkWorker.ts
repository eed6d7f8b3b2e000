/** The worker thread: one job in, its verdicts or numbers out. */

import { setPriority } from 'node:os';

export { runCheckJob as default } from './checkJob.ts';
export { runDrawJob as draw } from './drawJob.ts';
export { runSheetJob as sheet } from './sheetJob.ts';
export { runFeedbackJob as feedback, runMoreJob as more, runWorkingJob as working } from './studentJob.ts';

// Who types comes before what is judged: on a busy machine this thread waits, and no request does.
const GENTLE = 10;
try {
  setPriority(GENTLE);
} catch {
  // Where it may not be set, it is as busy as the others.
}
