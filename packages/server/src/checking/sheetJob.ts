/** What a worker is asked: a student's worksheet file, read and judged. */

import {
  judgeSheet,
  knownBy,
  mappingFits,
  readSheet,
  sheetProblem,
  type Exercise,
  type ExerciseSheetJudged,
  type HouseRules,
  type KnownMapping,
  type Numbers,
  type SheetFound,
  type SheetMapping,
} from '@hardy-sextant/core';
import { readSheetFile, studentOfSheet } from '@hardy-sextant/files';

export interface SheetJob {
  readonly bytes: Uint8Array;
  readonly name: string;
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  /** Whose it may be, each with the numbers the student was given. */
  readonly students: readonly SheetStudent[];
  /** Whose it is, where that is known; nobody's with null. */
  readonly studentId?: string | null;
  /** Where things stand in it; nothing where it is to be found. */
  readonly mapping?: SheetMapping | null;
  /** What was said of other worksheets: the first that fits is taken. */
  readonly known?: readonly KnownMapping[];
  /** Whether a worksheet that none of them fits is left alone. */
  readonly onlyKnown?: boolean;
}

export interface SheetStudent {
  readonly id: string;
  readonly name: string;
  readonly number: string;
  readonly numbers: Numbers;
}

export type SheetJudgedJob =
  | {
      readonly ok: true;
      readonly found: SheetFound;
      readonly judged: ExerciseSheetJudged;
      readonly notes: readonly string[];
      /** Whose it is; nobody's where none or several fit. */
      readonly studentId: string | null;
      readonly mapping: KnownMapping | null;
    }
  /** It is no worksheet, in a sentence. */
  | { readonly ok: false; readonly says: string };

export type SheetJudge = (job: SheetJob) => Promise<SheetJudgedJob>;

export const runSheetJob: SheetJudge = async ({ bytes, name, exercise, rules, students, ...job }) => {
  try {
    const { cells, names, notes } = await readSheetFile(new Uint8Array(bytes), name);
    const problem = sheetProblem(cells);
    if (!problem.ok) return { ok: false, says: `${name}: ${problem.problem.message}` };
    const mapping = job.mapping
      ? knownBy(job.mapping, cells)
      : (job.known?.find((each) => mappingFits(each, cells)) ?? null);
    if (job.onlyKnown && !mapping) return { ok: false, says: `${name} looks different.` };
    const found = readSheet(cells, { names, mapping: mapping ?? undefined });
    const studentId = job.studentId === undefined ? (studentOfSheet(name, cells, students) ?? null) : job.studentId;
    const numbers = students.find(({ id }) => id === studentId)?.numbers ?? {};
    return { ok: true, found, judged: judgeSheet(exercise, numbers, found, rules), notes, studentId, mapping };
  } catch (error) {
    return { ok: false, says: error instanceof Error ? error.message : `${name} cannot be read.` };
  }
};
