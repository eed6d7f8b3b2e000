/** An exercise as it is looked at: with its own numbers or a draw, its key, what is wrong with it, what its slots may name. */

import {
  answerKey,
  exerciseProblems,
  givensInForce,
  numberStyleById,
  type Exercise,
  type HouseRules,
  type KeyedPart,
  type Numbers,
  type Result,
  type Scope,
} from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { numbersElsewhere, type OtherRules } from './useRulesInForce.ts';

const own: Numbers = {};

export function useExerciseView(exercise: Exercise, rules: HouseRules, others: readonly OtherRules[]) {
  const [numbers, setNumbers] = useState<Numbers>(own);
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? rules.numberStyle);
  const key = useMemo(() => answerKey(exercise, numbers, rules), [exercise, numbers, rules]);
  const givens = useMemo(() => givensInForce(exercise, numbers, style), [exercise, numbers, style]);
  const problems = useMemo(() => exerciseProblems(exercise, rules), [exercise, rules]);
  const elsewhere = useMemo(
    () => numbersElsewhere(exercise, numbers, rules, others),
    [exercise, numbers, rules, others],
  );
  // Slots that name an answer are worked with the key's own.
  const names = useMemo((): Scope => ({ ...givens.names, ...answersOf(key) }), [givens, key]);
  return {
    rules,
    style,
    /** Empty for the exercise's own. */
    numbers,
    setNumbers,
    isDraw: Object.keys(numbers).length > 0,
    backToOwn: () => setNumbers(own),
    key,
    givens,
    problems,
    names,
    elsewhere,
  };
}

export type ExerciseView = ReturnType<typeof useExerciseView>;

function answersOf(key: readonly Result<KeyedPart>[]): Scope {
  return Object.fromEntries(
    key.flatMap((each) => {
      if (!each.ok) return [];
      const { part, expected } = each.value;
      return [[`answer ${part.id}`, part.format.kind === 'percent' ? { percent: expected } : expected]];
    }),
  );
}
