/** A library of exercises as files of several kinds, in and out: which kind a file is is seen from what is in it. */

import type { Exercise, HouseRules } from '@hardy-sextant/core';
import { EXERCISE_FORMAT } from '@hardy-sextant/contract';
import { decode } from './bytes.ts';
import { exercisesAsMarkdown } from './exercisesMarkdown.ts';
import { exercisesAsQti, type QtiForm } from './qti/qtiPackage.ts';
import { readQtiItem } from './qti/readQti.ts';
import { isZip } from './workbook.ts';

/** What a file holds: a file of exercises as the server takes it, and what of the file is left out. */
export interface ReadLibrary {
  readonly file: unknown;
  readonly notes: readonly string[];
}

/**
 * JSON of ours, a QTI package or item, or Markdown.
 *
 * @throws with a sentence where it is none of them
 */
export function readLibrary(bytes: Uint8Array, name: string, rules: HouseRules): ReadLibrary {
  if (isZip(bytes)) {
    const { exercises, notes } = exercisesAsQti.reads(bytes);
    return { file: fileOf(exercises), notes };
  }
  const { text } = decode(bytes);
  const start = text.trimStart().slice(0, 200);
  if (start.startsWith('{')) return { file: JSON.parse(text) as unknown, notes: [] };
  if (start.startsWith('<')) {
    const { exercises, notes } = readQtiItem(text, name);
    return { file: fileOf(exercises), notes };
  }
  const { exercises, notes } = exercisesAsMarkdown.reads(text, rules);
  if (exercises.length === 0 && notes.length === 0)
    throw new Error(`“${name}” is no file of exercises: it is neither JSON, nor QTI, nor Markdown with headings.`);
  return { file: fileOf(exercises), notes };
}

const fileOf = (exercises: readonly Exercise[]) => ({ format: EXERCISE_FORMAT, version: 2, exercises });

export type LibraryFormat = 'qti' | 'markdown';

export async function writeLibrary(
  format: LibraryFormat,
  exercises: readonly Exercise[],
  rules: HouseRules,
  form: QtiForm,
): Promise<Uint8Array> {
  return format === 'qti'
    ? exercisesAsQti.writes(exercises, rules, form)
    : new TextEncoder().encode(exercisesAsMarkdown.writes(exercises, rules));
}

export const libraryKinds = { qti: exercisesAsQti, markdown: exercisesAsMarkdown } as const;
