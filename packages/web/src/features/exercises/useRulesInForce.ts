/** Under which house rules an exercise is written, and what its key would be under those of other classes. */

import { defaultHouseRules, movedNumbers, type Exercise, type HouseRules, type Numbers } from '@hardy-sextant/core';
import type { KeptExercise, KeptRules } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { many } from '../../words/say.ts';

/** Rules that classes follow, by what they are called. */
export interface OtherRules {
  readonly name: string;
  readonly rules: HouseRules;
}

/** The number of a part under other rules. */
export interface Elsewhere {
  readonly name: string;
  readonly number: string;
}

/** More of them would say nothing more: rules that make the same numbers stand in one line. */
const MOST_COMPARED = 12;

/** The rules it is written under, else the usual ones; and those of classes that make other tables. */
export function useRulesInForce({ rulesId }: KeptExercise, all: readonly KeptRules[]) {
  return useMemo(() => {
    const rules = (all.find(({ id }) => id === rulesId) ?? all[0])?.rules ?? defaultHouseRules;
    const byNumbers = new Map<string, { names: string[]; rules: HouseRules }>();
    for (const each of all) {
      if (each.classes.length === 0 || makesNumbers(each.rules) === makesNumbers(rules)) continue;
      const same = byNumbers.get(makesNumbers(each.rules));
      if (same) same.names.push(each.name);
      else byNumbers.set(makesNumbers(each.rules), { names: [each.name], rules: each.rules });
    }
    const others = [...byNumbers.values()].slice(0, MOST_COMPARED);
    return {
      rules,
      others: others.map(({ names, rules: theirs }): OtherRules => ({ name: names.join(', '), rules: theirs })),
    };
  }, [rulesId, all]);
}

/** What of the rules decides a key's numbers. */
const makesNumbers = ({ rounding, earlier }: HouseRules): string => JSON.stringify([rounding, earlier]);

/** By part, its number under other rules where it is another one. */
export function numbersElsewhere(
  exercise: Exercise,
  numbers: Numbers,
  rules: HouseRules,
  others: readonly OtherRules[],
): ReadonlyMap<string, readonly Elsewhere[]> {
  const found = new Map<string, Elsewhere[]>();
  for (const { name, rules: theirs } of others)
    for (const { partId, there, cells } of movedNumbers(exercise, numbers, rules, theirs)) {
      const number = cells === undefined ? there : many(cells, '{{count}} cell differs', '{{count}} cells differ');
      found.set(partId, [...(found.get(partId) ?? []), { name, number }]);
    }
  return found;
}
