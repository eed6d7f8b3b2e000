/** What the key of an exercise is worked out from, read once however many conventions and own answers it is worked out for. */

import { numberStyleById, type NumberStyle } from '../money/numberStyle.ts';
import type { readAsked } from '../statement/question.ts';
import type { Exercise, Numbers } from './exercise.ts';
import { givensInForce, type GivensInForce } from './givens.ts';
import type { HouseRules } from './houseRules.ts';

/** What a key follows from whatever the rules and the own answers are: read once for an exercise with its numbers. */
export interface ReadOnce {
  readonly style: NumberStyle;
  readonly givens: GivensInForce;
  readonly uses: Map<string, readonly string[]>;
  /** By plan, unknown and the answers its slots name. */
  readonly statements: Map<string, ReturnType<typeof readAsked>>;
}

const remembered = new WeakMap<Exercise, WeakMap<Numbers, Map<string, ReadOnce>>>();

export function readOnce(exercise: Exercise, numbers: Numbers, rules: HouseRules): ReadOnce {
  const id = exercise.plans[0]?.draft.numberStyle ?? rules.numberStyle;
  const ofExercise = remembered.get(exercise) ?? new WeakMap<Numbers, Map<string, ReadOnce>>();
  remembered.set(exercise, ofExercise);
  const ofNumbers = ofExercise.get(numbers) ?? new Map<string, ReadOnce>();
  ofExercise.set(numbers, ofNumbers);
  let found = ofNumbers.get(id);
  if (!found) {
    const style = numberStyleById(id);
    found = { style, givens: givensInForce(exercise, numbers, style), uses: new Map(), statements: new Map() };
    ofNumbers.set(id, found);
  }
  return found;
}
