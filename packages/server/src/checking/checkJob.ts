/** What a worker is asked: the submissions of one exercise, judged with core. */

import {
  prepareChecking,
  type Entries,
  type Exercise,
  type HouseRules,
  type Numbers,
  type Verdict,
} from '@hardy-sextant/core';
import { verdict as verdictSchema } from '@hardy-sextant/contract';

export interface CheckJob {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  /** Students with the same numbers together: what does not depend on a student is worked out once. */
  readonly groups: readonly { readonly numbers: Numbers; readonly entries: readonly Entries[] }[];
}

/** @returns verdicts by group, submission, part */
export type CheckedJob = readonly (readonly (readonly Verdict[])[])[];

/** Judges every submission; one that cannot be judged stops none of the others. */
export function runCheckJob({ exercise, rules, groups }: CheckJob): CheckedJob {
  return groups.map(({ numbers, entries }) => {
    const check = attempt(() => prepared(exercise, numbers, rules));
    return entries.map((each) => {
      const verdicts = check && attempt(() => check.check(each));
      return exercise.parts.map(({ id }): Verdict => {
        const found = verdicts?.find(({ partId }) => partId === id);
        return found && verdictSchema.safeParse(found).success ? found : unjudged(id);
      });
    });
  });
}

/** Exercises that were judged last are judged again with the next typed answer: what was worked out for all students is kept. */
const MOST_PREPARED = 24;
const preparedBefore = new Map<string, ReturnType<typeof prepareChecking>>();

function prepared(exercise: Exercise, numbers: Numbers, rules: HouseRules): ReturnType<typeof prepareChecking> {
  const key = JSON.stringify([exercise, numbers, rules]);
  const check = preparedBefore.get(key) ?? prepareChecking(exercise, numbers, rules);
  // The newest stands last, the oldest is let go.
  preparedBefore.delete(key);
  preparedBefore.set(key, check);
  const [oldest] = preparedBefore.keys();
  if (preparedBefore.size > MOST_PREPARED && oldest !== undefined) preparedBefore.delete(oldest);
  return check;
}

function attempt<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}

function unjudged(partId: string): Verdict {
  return {
    partId,
    kind: 'unexplained',
    credit: 0,
    explanations: [],
    says: 'This answer could not be judged. Look at it yourself.',
  };
}
