/** What stands in each place of a set: the exercise students got, or the one it is now. */

import { exerciseSummary } from '@hardy-sextant/core';
import type { AssignedExercise, ExerciseInShort, KeptSet, SetItem } from '@hardy-sextant/contract';
import { useQueryClient } from '@tanstack/react-query';
import { listedExercise } from '../../api/records.ts';
import { sumOf } from './sumOf.ts';

export interface ItemBody {
  readonly title: string;
  readonly summary: string;
  readonly parts: number;
  readonly marks: number;
}

export interface InPlace {
  readonly assigned?: AssignedExercise;
  /** Missing where the exercise was deleted before the set was assigned. */
  readonly body?: ItemBody;
}

export function useItemBodies(kept: KeptSet): (item: SetItem) => InPlace {
  const queries = useQueryClient();
  return (item) => {
    const assigned = kept.assignedExercises.find(({ itemId }) => itemId === item.id);
    if (assigned) return { assigned, body: bodyOfAssigned(assigned) };
    const now: ExerciseInShort | undefined =
      kept.exercises.find(({ id }) => id === item.exerciseId) ??
      // Just picked from a list, and not stored yet.
      listedExercise(queries, item.exerciseId);
    return now ? { body: now } : {};
  };
}

function bodyOfAssigned({ exercise }: AssignedExercise): ItemBody {
  return {
    title: exercise.title,
    summary: exerciseSummary(exercise),
    parts: exercise.parts.length,
    marks: sumOf(exercise.parts),
  };
}
