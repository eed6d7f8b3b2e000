/** What a worker is asked: a student's worksheet file, read and judged. */

import {
  judgeSheet,
  readSheet,
  sheetProblem,
  type Exercise,
  type ExerciseSheetJudged,
  type HouseRules,
  type Numbers,
  type SheetFound,
} from '@hardy-sextant/core';
import { readSheetFile } from '@hardy-sextant/files';

export interface SheetJob {
  readonly bytes: Uint8Array;
  readonly name: string;
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
}

export type SheetJudgedJob =
  | {
      readonly ok: true;
      readonly found: SheetFound;
      readonly judged: ExerciseSheetJudged;
      readonly notes: readonly string[];
    }
  /** It is no worksheet, in a sentence. */
  | { readonly ok: false; readonly says: string };

export type SheetJudge = (job: SheetJob) => Promise<SheetJudgedJob>;

export const runSheetJob: SheetJudge = async ({ bytes, name, exercise, numbers, rules }) => {
  try {
    const { cells, names, notes } = await readSheetFile(new Uint8Array(bytes), name);
    const problem = sheetProblem(cells);
    if (!problem.ok) return { ok: false, says: `${name}: ${problem.problem.message}` };
    const found = readSheet(cells, { names });
    return { ok: true, found, judged: judgeSheet(exercise, numbers, found, rules), notes };
  } catch (error) {
    return { ok: false, says: error instanceof Error ? error.message : `${name} cannot be read.` };
  }
};
