/** What a worker is asked: numbers for some students of one exercise. */

import { drawNumbers, type Exercise, type HouseRules, type Numbers } from '@hardy-sextant/core';

export interface DrawJob {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  readonly seeds: readonly string[];
}

export type Drawer = (job: DrawJob) => Promise<Numbers[]>;

/** One set of numbers a seed; the exercise's own where none is sensible. */
export function runDrawJob({ exercise, rules, seeds }: DrawJob): Numbers[] {
  return seeds.map((seed) => {
    const drawn = drawNumbers(exercise, seed, rules);
    return drawn.ok ? drawn.value : {};
  });
}

export const drawInPlace: Drawer = (job) => Promise.resolve(runDrawJob(job));
