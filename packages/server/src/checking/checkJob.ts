/** What a worker is asked: the hand-ins of one exercise, judged with core. */

import { prepareChecking, type Entries, type Exercise, type HouseRules, type Numbers, type Verdict } from '@hardy-sextant/core';

export interface CheckJob {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  /** Students with the same numbers together: what does not depend on a student is worked out once. */
  readonly groups: readonly { readonly numbers: Numbers; readonly entries: readonly Entries[] }[];
}

/** @returns verdicts by group, hand-in, part */
export type CheckedJob = readonly (readonly (readonly Verdict[])[])[];

export function runCheckJob({ exercise, rules, groups }: CheckJob): CheckedJob {
  return groups.map(({ numbers, entries }) => {
    const prepared = prepareChecking(exercise, numbers, rules);
    return entries.map((each) => prepared.check(each));
  });
}
