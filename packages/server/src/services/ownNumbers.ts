/** Each student's own numbers: the same every time for the same set, place and student; drawn in workers before anything is written. */

import { createHash } from 'node:crypto';
import type { Exercise, HouseRules, Numbers } from '@hardy-sextant/core';
import { runDrawJob, type Drawer } from '../checking/drawJob.ts';

/** An exercise in its place of a set, and the students who get numbers for it, by their college's numbers. */
export interface WantedDraws {
  readonly exercise: Exercise;
  readonly setId: string;
  readonly itemId: string;
  readonly students: readonly string[];
}

/** So many students are drawn for in one job. */
const AT_ONCE = 40;

/** Numbers made ahead, and any others when they are asked for. */
export class OwnNumbers {
  readonly #rules: HouseRules;
  readonly #made = new Map<string, Numbers>();
  readonly #names = new WeakMap<Exercise, string>();

  constructor(rules: HouseRules) {
    this.#rules = rules;
  }

  /** Draws for all of them in workers. @param told how many of how many are done */
  async ahead(
    draw: Drawer,
    wanted: readonly WantedDraws[],
    told: (done: number, of: number) => void = () => undefined,
  ): Promise<void> {
    const of = wanted.reduce((sum, { students }) => sum + students.length, 0);
    let done = 0;
    told(done, of);
    const jobs = wanted.flatMap((each) =>
      Array.from({ length: Math.ceil(each.students.length / AT_ONCE) }, (_, at) => ({
        ...each,
        students: each.students.slice(at * AT_ONCE, (at + 1) * AT_ONCE),
      })),
    );
    await Promise.all(
      jobs.map(async ({ exercise, setId, itemId, students }) => {
        const drawn = await draw({
          exercise,
          rules: this.#rules,
          seeds: students.map((student) => seedOf(setId, itemId, student)),
        });
        students.forEach((student, at) => this.#made.set(this.#key(exercise, setId, itemId, student), drawn[at] ?? {}));
        done += students.length;
        told(done, of);
      }),
    );
  }

  /** The numbers of one student. */
  of(exercise: Exercise, setId: string, itemId: string, student: string): Numbers {
    return (
      this.#made.get(this.#key(exercise, setId, itemId, student)) ??
      runDrawJob({ exercise, rules: this.#rules, seeds: [seedOf(setId, itemId, student)] })[0] ??
      {}
    );
  }

  /** An exercise that was changed meanwhile, or other rules, have other numbers. */
  #key(exercise: Exercise, setId: string, itemId: string, student: string): string {
    let name = this.#names.get(exercise);
    if (name === undefined)
      this.#names.set(
        exercise,
        (name = createHash('sha1')
          .update(JSON.stringify([exercise, this.#rules]))
          .digest('hex')),
      );
    return `${name} ${seedOf(setId, itemId, student)}`;
  }
}

function seedOf(setId: string, itemId: string, student: string): string {
  return `${setId} ${itemId} ${student}`;
}
