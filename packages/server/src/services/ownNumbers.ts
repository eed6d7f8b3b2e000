/** Each student's own numbers: the same every time for the same set, place and student; drawn in workers before anything is written. */

import { createHash } from 'node:crypto';
import type { Exercise, HouseRules, Numbers } from '@hardy-sextant/core';
import { runDrawJob, type Drawer } from '../checking/drawJob.ts';

/** Whose numbers they are: those of a version, one of so many, or of a student, by the college's number. */
export type Whose = { readonly student: string } | { readonly version: string; readonly of: number };

/** An exercise in its place of a set, and who gets numbers for it: students, or so many versions. */
export interface WantedDraws {
  readonly exercise: Exercise;
  readonly setId: string;
  readonly itemId: string;
  readonly students: readonly string[];
  readonly versions?: number | undefined;
}

/** Versions by name. */
export const versionNames = ['A', 'B', 'C', 'D', 'E', 'F'] as const;

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
    await Promise.all(
      wanted.map(async ({ exercise, setId, itemId, versions }) => {
        if (versions === undefined) return;
        const job = { exercise, rules: this.#rules, seeds: [seedOf(setId, itemId, VERSIONS)], versions };
        this.#keepVersions(exercise, setId, itemId, await draw(job));
      }),
    );
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
        students.forEach((student, at) =>
          this.#made.set(this.#key(exercise, setId, itemId, { student }), drawn[at] ?? {}),
        );
        done += students.length;
        told(done, of);
      }),
    );
  }

  /** The numbers of one student, or of one version. */
  of(exercise: Exercise, setId: string, itemId: string, whose: Whose): Numbers {
    const made = this.#made.get(this.#key(exercise, setId, itemId, whose));
    if (made) return made;
    if ('student' in whose)
      return runDrawJob({ exercise, rules: this.#rules, seeds: [seedOf(setId, itemId, whose.student)] })[0] ?? {};
    const seeds = [seedOf(setId, itemId, VERSIONS)];
    const drawn = runDrawJob({ exercise, rules: this.#rules, seeds, versions: whose.of });
    this.#keepVersions(exercise, setId, itemId, drawn);
    return drawn[versionNames.findIndex((name) => name === whose.version)] ?? {};
  }

  #keepVersions(exercise: Exercise, setId: string, itemId: string, drawn: readonly Numbers[]): void {
    drawn.forEach((numbers, at) => {
      const whose = { version: versionNames[at] ?? '', of: drawn.length };
      this.#made.set(this.#key(exercise, setId, itemId, whose), numbers);
    });
  }

  /** An exercise that was changed meanwhile, or other rules, have other numbers. */
  #key(exercise: Exercise, setId: string, itemId: string, whose: Whose): string {
    let name = this.#names.get(exercise);
    if (name === undefined)
      this.#names.set(
        exercise,
        (name = createHash('sha1')
          .update(JSON.stringify([exercise, this.#rules]))
          .digest('hex')),
      );
    const who = 'student' in whose ? whose.student : `${VERSIONS} ${whose.version} of ${whose.of}`;
    return `${name} ${seedOf(setId, itemId, who)}`;
  }
}

/** In place of a student's number; no student's begins so. */
const VERSIONS = '\u0000versions';

function seedOf(setId: string, itemId: string, student: string): string {
  return `${setId} ${itemId} ${student}`;
}
