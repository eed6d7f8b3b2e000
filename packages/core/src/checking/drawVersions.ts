/** Versions of one exercise that are as hard as each other: out of many draws, those that are alike in what makes numbers hard. */

import { nth } from '../nth.ts';
import { fail, ok, type Result } from '../result.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import { drawOnce, prepareDraws, type Draw } from '../exercise/drawNumbers.ts';
import type { Exercise, Numbers } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { seededRandom } from '../exercise/random.ts';
import { collisionsOf } from './drawReport.ts';

/** What makes the numbers of a draw hard. */
export interface Hardness {
  /** Digits to copy: those of all drawn givens that count. */
  readonly digits: number;
  /** Pairs of causes that give one number, so that a wrong answer cannot be told apart. */
  readonly collisions: number;
}

export interface Version {
  readonly numbers: Numbers;
  readonly hardness: Hardness;
}

/** So many draws are looked at for each version. */
const DRAWS_EACH = 8;
const MOST_TRIES = 400;

/**
 * Draws numbers for several versions: no two with the same answers where that can be, few causes that look alike, and as
 * many digits each.
 *
 * @param count 2 to 6
 * @param seed the same seed makes the same versions
 * @returns fewer than `count` where the exercise does not vary enough; `not-reached` where no draw is sensible
 */
export function drawVersions(exercise: Exercise, count: number, seed: string, rules: HouseRules): Result<Version[]> {
  const prepared = prepareDraws(exercise);
  if (!prepared.ok) return prepared;
  const random = seededRandom(seed);
  const found: Candidate[] = [];
  const known = new Set<string>();
  for (let tries = 0; tries < MOST_TRIES && found.length < count * DRAWS_EACH; tries += 1) {
    const draw = drawOnce(exercise, prepared.value, random, rules);
    const numbers = JSON.stringify(draw.numbers);
    if (draw.refused || known.has(numbers)) continue;
    known.add(numbers);
    found.push({ numbers: draw.numbers, hardness: hardnessOf(exercise, draw, rules), answers: answersOf(draw) });
  }
  if (found.length === 0) return fail('not-reached', 'No numbers could be drawn.', { field: 'givens' });
  return ok(alikeIn(found, count).map(({ numbers, hardness }) => ({ numbers, hardness })));
}

type Candidate = Version & { readonly answers: string };

/** Draws that are alike: few causes that look alike first, then as many digits each; different answers where that can be. */
function alikeIn(found: readonly Candidate[], count: number): readonly Candidate[] {
  const digits = found.map(({ hardness }) => hardness.digits).sort((a, b) => a - b);
  const middle = nth(digits, Math.floor(digits.length / 2));
  const off = ({ hardness }: Version): number => Math.abs(hardness.digits - middle);
  const levels = [...new Set(found.map(({ hardness }) => hardness.collisions))].sort((a, b) => a - b);
  for (const level of levels) {
    const here = found
      .filter(({ hardness: { collisions } }) => collisions === level || collisions === level + 1)
      .sort((a, b) => off(a) - off(b));
    const different = withoutTwins(here);
    if (different.length >= count) return different.slice(0, count);
  }
  // An answer that another version has is taken only where there is none else: a rate may not hang on what varies.
  const different = withoutTwins(found);
  return [...different, ...found.filter((each) => !different.includes(each))].slice(0, count);
}

/** The first of those with the same answers. */
function withoutTwins(all: readonly Candidate[]): readonly Candidate[] {
  const taken = new Set<string>();
  return all.filter(({ answers }) => !taken.has(answers) && !!taken.add(answers));
}

const answersOf = ({ key }: Draw): string =>
  key
    .map((keyed) =>
      keyed.ok
        ? keyed.value.table
          ? keyed.value.written +
            keyed.value.table.rows
              .flat()
              .map(({ value }) => value)
              .join()
          : keyed.value.written
        : '',
    )
    .join('|');

export function hardnessOf(
  exercise: Exercise,
  { numbers, key }: Pick<Draw, 'numbers' | 'key'>,
  rules: HouseRules,
): Hardness {
  const varied = (exercise.givens ?? []).filter(({ vary }) => vary.by !== 'fixed').map(({ name }) => numbers[name]);
  const keyed: KeyedPart[] = key.flatMap((each) => (each.ok ? [each.value] : []));
  return {
    digits: varied.reduce<number>((sum, value) => sum + digitsIn(value), 0),
    collisions: keyed.reduce((sum, part) => sum + collisionsOf(part, rules).length, 0),
  };
}

/** Digits that have to be copied: 14,850 has four, 0.072 two, 36,000 two. */
export function digitsIn(value: number | string | undefined): number {
  if (value === undefined) return 0;
  const digits = String(value).replace(/\D/g, '').replace(/^0+/, '');
  return typeof value === 'number' && Number.isInteger(value) ? digits.replace(/0+$/, '').length : digits.length;
}
