/** Checks a submission: a verdict for each part, with every explanation that fits. Order of verdicts as in docs/checking.md. */

import { nth } from '../nth.ts';
import type { Result } from '../result.ts';
import type { Question } from '../statement/question.ts';
import type { KeyedPart, OwnAnswers } from '../exercise/answerKey.ts';
import { keysUnder } from '../exercise/keysUnder.ts';
import { usesOf } from '../exercise/uses.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { partNumbers } from '../exercise/conventions.ts';
import type { RightNumbers } from './candidates.ts';
import type { OwnAnswer } from './carried.ts';
import { PreparedPart, type UsesByPart } from './preparedPart.ts';
import type { Entries, Verdict } from './verdict.ts';

/**
 * Checks every part of a submission.
 *
 * @param numbers the student's own numbers, by given
 * @param entries text by part id; a part that is not there is blank
 * @returns one verdict a part, in the exercise's order
 */
export function checkSubmission(exercise: Exercise, numbers: Numbers, entries: Entries, rules: HouseRules): Verdict[] {
  return prepareChecking(exercise, numbers, rules).check(entries);
}

/** Checks many submissions that share their numbers; the key and each slip's numbers are worked out once. */
export function checkSubmissions(
  exercise: Exercise,
  numbers: Numbers,
  many: readonly Entries[],
  rules: HouseRules,
): Verdict[][] {
  const prepared = prepareChecking(exercise, numbers, rules);
  return many.map((entries) => prepared.check(entries));
}

export interface PreparedChecking {
  readonly key: readonly Result<KeyedPart>[];
  readonly check: (entries: Entries) => Verdict[];
}

/** Works out what does not depend on a student, once. */
export function prepareChecking(exercise: Exercise, numbers: Numbers, rules: HouseRules): PreparedChecking {
  const keys = keysUnder(exercise, numbers, rules);
  const key = exercise.parts.map(({ id }) => keys(rules.rounding)(id));
  const uses: UsesByPart = new Map(exercise.parts.map((part, at) => [part.id, usesIn(exercise, part, nth(key, at))]));
  const parts: PreparedPart[] = [];
  const other = (id: string): PreparedPart | undefined => parts.find(({ part }) => part.id === id);
  for (const [at, keyed] of key.entries()) {
    const part = nth(exercise.parts, at);
    const right = (asked: Part, own?: OwnAnswers): RightNumbers =>
      partNumbers(
        withPart(exercise, asked),
        asked,
        numbers,
        rules,
        own,
        (id) => other(id)?.candidates?.right ?? [],
        asked === part && !own ? keys : undefined,
      );
    const before = earlierQuestions(key, at);
    parts.push(new PreparedPart({ exercise, numbers, part, keyed, uses, before, rules, right, other }));
  }
  const byUse = inOrderOfUse(parts, uses);
  return {
    key,
    check: (entries) => {
      const answers: Record<string, OwnAnswer> = {};
      const verdicts = new Map<string, Verdict>();
      for (const prepared of byUse) {
        const { verdict, own } = prepared.judged(entries, answers);
        if (own) answers[prepared.part.id] = own;
        verdicts.set(prepared.part.id, verdict);
      }
      return exercise.parts.map(({ id }) => verdicts.get(id)!);
    },
  };
}

/** The exercise where a part asks something else, as a reading of it does. */
function withPart(exercise: Exercise, part: Part): Exercise {
  return exercise.parts.includes(part)
    ? exercise
    : { ...exercise, parts: exercise.parts.map((each) => (each.id === part.id ? part : each)) };
}

function usesIn(exercise: Exercise, part: Part, keyed: Result<KeyedPart>): readonly string[] {
  return keyed.ok ? keyed.value.uses : usesOf(exercise, part);
}

/** What a part uses before it, wherever it stands in the exercise; a circle is left as it stands. */
function inOrderOfUse(parts: readonly PreparedPart[], uses: UsesByPart): PreparedPart[] {
  const byId = new Map(parts.map((prepared) => [prepared.part.id, prepared]));
  const done = new Set<PreparedPart>();
  const begun = new Set<PreparedPart>();
  const visit = (prepared: PreparedPart): void => {
    if (begun.has(prepared)) return;
    begun.add(prepared);
    for (const id of uses.get(prepared.part.id) ?? []) visit(byId.get(id)!);
    done.add(prepared);
  };
  parts.forEach(visit);
  return [...done];
}

/** What a tool may still hold: the questions of earlier parts about other plans. */
function earlierQuestions(key: readonly Result<KeyedPart>[], at: number): Question[] {
  const own = key[at];
  const draft = own?.ok ? own.value.question?.draft : undefined;
  return key
    .slice(0, at)
    .flatMap((keyed) =>
      keyed.ok &&
      keyed.value.question &&
      JSON.stringify(keyed.value.question.draft.slots) !== JSON.stringify(draft?.slots)
        ? [keyed.value.question]
        : [],
    );
}
