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
    const check = attempt(() => prepareChecking(exercise, numbers, rules));
    return entries.map((each) => {
      const verdicts = check && attempt(() => check.check(each));
      return exercise.parts.map(({ id }): Verdict => {
        const found = verdicts?.find(({ partId }) => partId === id);
        return found && verdictSchema.safeParse(found).success ? found : unjudged(id);
      });
    });
  });
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
