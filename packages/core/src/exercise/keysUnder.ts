/** The key of one exercise under several conventions, each worked out once for all its parts. */

import type { Result } from '../result.ts';
import { Key, type KeyedPart, type OwnAnswers } from './answerKey.ts';
import type { Exercise, Numbers } from './exercise.ts';
import type { HouseRules } from './houseRules.ts';

/** The key of each part by its id, worked out when it is asked for. */
export type KeyByPart = (partId: string) => Result<KeyedPart>;

/** Keys under other rounding, and with earlier answers used in one way everywhere; each of them is kept. */
export type KeysUnder = (rounding: HouseRules['rounding'], everywhere?: HouseRules['earlier']) => KeyByPart;

export function keysUnder(exercise: Exercise, numbers: Numbers, rules: HouseRules, own: OwnAnswers = {}): KeysUnder {
  const known = new Map<string, Key>();
  return (rounding, everywhere) => {
    const name = `${rounding.payment} ${rounding.interest} ${rounding.last} ${everywhere ?? ''}`;
    const key = known.get(name) ?? new Key(exercise, numbers, { ...rules, rounding }, own, everywhere);
    known.set(name, key);
    return (partId) => key.one(partId);
  };
}
