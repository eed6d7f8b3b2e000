/** The file exercises travel in: read one by one, so that what is wrong with one does not stop the others. */

import {
  EXERCISE_FORMAT,
  exercise as exerciseSchema,
  incomingExercise,
  looseExerciseFile,
  type ExerciseDocument,
  type ExerciseFile,
  type ImportReport,
} from '@hardy-sextant/contract';
import { JSON_FILE, type FileKind } from './format.ts';

export type RefusedExercise = ImportReport['refused'][number];

/** An exercise, and its place in the file. */
export interface ReadExercise {
  readonly place: number;
  readonly document: ExerciseDocument;
}

/** What a file holds: exercises that can be taken, and those that cannot, each by its place. */
export type ReadExercises =
  | { readonly ok: true; readonly read: readonly ReadExercise[]; readonly refused: readonly RefusedExercise[] }
  /** It is no such file. */
  | { readonly ok: false; readonly fields: readonly { readonly path: string; readonly message: string }[] };

/** @param input JSON of version 1 or 2 */
export function readExercises(input: unknown): ReadExercises {
  const file = looseExerciseFile.safeParse(input);
  if (!file.success)
    return { ok: false, fields: file.error.issues.map(({ path, message }) => ({ path: path.join('.'), message })) };
  const read: ReadExercise[] = [];
  const refused: RefusedExercise[] = [];
  for (const [place, each] of file.data.exercises.entries()) {
    const found = incomingExercise.safeParse({ schemaVersion: file.data.version, exercise: each });
    if (found.success) read.push({ place, document: found.data });
    else
      refused.push({
        place,
        title: titleOf(each),
        problems: found.error.issues
          .slice(0, 20)
          .map((issue) => ({ path: issue.path.slice(1).join('.'), message: issue.message })),
      });
  }
  return { ok: true, read, refused };
}

/** Exercises as a file, in the open format of docs/exercises.schema.json. */
export function writeExercises(documents: readonly ExerciseDocument[]): ExerciseFile {
  return {
    format: EXERCISE_FORMAT,
    version: 2,
    exercises: documents.map(({ exercise }) => exerciseSchema.parse(exercise)),
  };
}

function titleOf(exercise: unknown): string {
  return typeof exercise === 'object' && exercise !== null && 'title' in exercise && typeof exercise.title === 'string'
    ? exercise.title.slice(0, 160)
    : '';
}

export const exercisesJson = {
  id: 'exercises',
  name: 'exercises',
  type: JSON_FILE,
  ending: 'json',
  reads: readExercises,
  writes: writeExercises,
} satisfies FileKind & Record<string, unknown>;
