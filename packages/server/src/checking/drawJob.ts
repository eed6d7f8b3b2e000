/** What a worker is asked: numbers for some students of one exercise. */

import { drawNumbers, drawVersions, type Exercise, type HouseRules, type Numbers } from '@hardy-sextant/core';

export interface DrawJob {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  readonly seeds: readonly string[];
  /** So many versions that are as hard as each other, by the first seed. */
  readonly versions?: number;
}

export type Drawer = (job: DrawJob) => Promise<Numbers[]>;

/** One set of numbers a seed; the exercise's own where none is sensible. */
export function runDrawJob({ exercise, rules, seeds, versions }: DrawJob): Numbers[] {
  if (versions !== undefined) {
    const drawn = drawVersions(exercise, versions, seeds[0] ?? '', rules);
    const different = drawn.ok ? drawn.value : [];
    // Where too few differ, some versions have the same numbers.
    return Array.from({ length: versions }, (_, at) => different[at % different.length]?.numbers ?? {});
  }
  return seeds.map((seed) => {
    const drawn = drawNumbers(exercise, seed, rules);
    return drawn.ok ? drawn.value : {};
  });
}

export const drawInPlace: Drawer = (job) => Promise.resolve(runDrawJob(job));
