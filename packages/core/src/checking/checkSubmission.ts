/** Checks a submission: a verdict for each part, with every explanation that fits. Order of verdicts as in docs/checking.md. */

import type { Result } from '../result.ts';
import type { Question } from '../case/question.ts';
import { answerKey, type KeyedPart } from '../exercise/answerKey.ts';
import { usesOf } from '../exercise/uses.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
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
  const key = answerKey(exercise, numbers, rules);
  const uses: UsesByPart = new Map(exercise.parts.map((part, at) => [part.id, usesIn(exercise, part, key[at]!)]));
  const parts = key.map(
    (keyed, at) =>
      new PreparedPart(exercise, numbers, exercise.parts[at]!, keyed, uses, earlierQuestions(key, at), rules),
  );
  const byUse = inOrderOfUse(parts, uses);
  return {
    key,
    check: (entries) => {
      const own: Record<string, number> = {};
      const verdicts = new Map<string, Verdict>();
      for (const prepared of byUse) {
        const verdict = prepared.check(entries, own);
        if (verdict.read !== undefined) own[prepared.part.id] = verdict.read;
        verdicts.set(prepared.part.id, verdict);
      }
      return exercise.parts.map(({ id }) => verdicts.get(id)!);
    },
  };
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
