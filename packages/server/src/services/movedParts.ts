/** Before a set is assigned: which parts have another main number under the rules of the class than under those they were written under. */

import { checkSubmission, movedNumbers, rightKinds, type Exercise, type HouseRules } from '@hardy-sextant/core';
import { exerciseDocument, setDocument, type MovedPart } from '@hardy-sextant/contract';
import type { Queries } from '../store/database.ts';
import { findExercises } from '../store/lists.ts';
import { findSet } from '../store/sets.ts';
import { NotFound } from './refusal.ts';
import { rulesById, rulesOf } from './rules.ts';
import { stored } from './stored.ts';

/** In the order of the set, with the exercises' own numbers. Nothing for exercises that are gone or cannot be read. */
export async function movedPartsOf(queries: Queries, setId: string): Promise<MovedPart[]> {
  const set = await findSet(queries, setId);
  if (!set) throw new NotFound('set');
  const { items } = stored(setDocument, set.document, 'set');
  const here = await rulesOf(queries, set.classId);
  const rows = await findExercises(queries, [...new Set(items.map(({ exerciseId }) => exerciseId))]);
  const found = new Map(rows.map((row) => [row.id, row]));
  const rules = await rulesById(
    queries,
    rows.map(({ rulesId }) => rulesId),
  );
  return items.flatMap(({ id: itemId, exerciseId }): MovedPart[] => {
    const row = found.get(exerciseId);
    const under = row && rules.get(row.rulesId);
    const read = exerciseDocument.safeParse(row?.document);
    if (!under || !read.success) return [];
    const { exercise } = read.data;
    return movedNumbers(exercise, {}, under.rules, here).map(({ here: there, there: ofClass, ...part }) => ({
      itemId,
      title: exercise.title,
      writtenUnder: under.name,
      ...part,
      there,
      here: ofClass,
      ...(part.cells === undefined ? { bothRight: isRightUnder(exercise, part.partId, there, here) } : {}),
    }));
  });
}

function isRightUnder(exercise: Exercise, partId: string, text: string, rules: HouseRules): boolean {
  const found = checkSubmission(exercise, {}, { [partId]: text }, rules).find((each) => each.partId === partId);
  return found !== undefined && rightKinds.includes(found.kind);
}
