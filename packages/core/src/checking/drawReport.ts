/** A report over many draws: how many are sensible, how answers spread, which limits break, where two explanations collide. */

import { nth } from '../nth.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Result } from '../result.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import { drawOnce, judgeDraw, limitName, prepareDraws, type Draw } from '../exercise/drawNumbers.ts';
import type { Exercise, Numbers } from '../exercise/exercise.ts';
import { roundAs, toTheNearest } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { seededRandom } from '../exercise/random.ts';
import { questionNumbers } from '../exercise/conventions.ts';
import { singleCandidates, type RightNumbers } from './candidates.ts';
import { askedOf, type Asked } from './slip.ts';

export interface Spread {
  readonly partId: string;
  readonly least: number;
  readonly quarter: number;
  readonly middle: number;
  readonly threeQuarters: number;
  readonly most: number;
}

/** Two explanations, or a slip and the key, that give the same number in some draws. */
export interface Collision {
  readonly partId: string;
  /** Titles; the second may be "the key". */
  readonly between: readonly [string, string];
  readonly ids: readonly [string, string];
  readonly draws: number;
  /** A draw that shows it. */
  readonly example: Numbers;
}

export interface DrawReport {
  readonly draws: number;
  readonly sensible: number;
  readonly spreads: readonly Spread[];
  /** Why draws were refused, most often first, with one such draw. */
  readonly refusals: readonly { readonly why: string; readonly draws: number; readonly example: Numbers }[];
  readonly collisions: readonly Collision[];
}

/**
 * Draws many sets of numbers and looks at each. A generator, so that a worker can show progress and stop between draws.
 *
 * @param draws 1 to 1,000
 * @param seed the same seed makes the same report
 */
export function* drawReport(
  exercise: Exercise,
  draws: number,
  rules: HouseRules,
  seed = 'report',
): Generator<number, Result<DrawReport>> {
  const prepared = prepareDraws(exercise);
  if (!prepared.ok) return prepared;
  const varies = prepared.value.length > 0;
  const wanted = varies ? Math.max(1, Math.min(1000, roundTo(draws, 0))) : 1;
  const tally = new Tally(exercise, rules);
  for (let k = 0; k < wanted; k += 1) {
    const random = seededRandom(`${seed} ${k}`);
    tally.add(varies ? drawOnce(exercise, prepared.value, random, rules) : judgeDraw(exercise, {}, rules));
    yield k + 1;
  }
  return { ok: true, value: tally.report(wanted) };
}

type Colliding = { -readonly [K in keyof Collision]: Collision[K] };

/** What many draws come to, draw by draw. */
class Tally {
  readonly #rules: HouseRules;
  readonly #answers: Map<string, number[]>;
  readonly #refusals = new Map<string, { draws: number; readonly example: Numbers }>();
  readonly #collisions = new Map<string, Colliding>();
  #sensible = 0;

  constructor(exercise: Exercise, rules: HouseRules) {
    this.#rules = rules;
    this.#answers = new Map(exercise.parts.map(({ id }) => [id, []]));
  }

  add({ refused, numbers, key }: Draw): void {
    if (refused) {
      const why =
        'limit' in refused
          ? `breaks the limit of ${limitName(refused.limit)}`
          : `part ${refused.part}: ${refused.problem.message}`;
      const before = this.#refusals.get(why) ?? { draws: 0, example: numbers };
      this.#refusals.set(why, { ...before, draws: before.draws + 1 });
      return;
    }
    this.#sensible += 1;
    for (const keyed of key)
      if (keyed.ok && !keyed.value.byHand) {
        this.#answers.get(keyed.value.part.id)?.push(keyed.value.expected);
        this.#collide(keyed.value, numbers);
      }
  }

  /** Causes that cannot be told apart with these numbers. */
  #collide(keyed: KeyedPart, example: Numbers): void {
    const { part } = keyed;
    for (const [first, second] of collisionsOf(keyed, this.#rules)) {
      const name = `${part.id} ${first.id} ${second.id}`;
      const before = this.#collisions.get(name);
      if (before) before.draws += 1;
      else
        this.#collisions.set(name, {
          partId: part.id,
          between: [first.title, second.title],
          ids: [first.id, second.id],
          draws: 1,
          example,
        });
    }
  }

  report(draws: number): DrawReport {
    const often = (a: { readonly draws: number }, b: { readonly draws: number }): number => b.draws - a.draws;
    return {
      draws,
      sensible: this.#sensible,
      spreads: [...this.#answers].flatMap(([partId, values]) =>
        values.length === 0 ? [] : [spreadOf(partId, values)],
      ),
      refusals: [...this.#refusals].map(([why, each]) => ({ why, ...each })).sort(often),
      collisions: [...this.#collisions.values()].sort(often),
    };
  }
}

interface Named {
  readonly id: string;
  readonly title: string;
}

/** Pairs of causes of a part that give one number. */
export function collisionsOf(
  { part, exact, expected, question, table }: KeyedPart,
  rules: HouseRules,
): [Named, Named][] {
  if (!question || table) return [];
  const style = numberStyleById(rules.numberStyle);
  return collidingPairs(
    askedOf(question, exact, expected, part.format, style, []),
    questionNumbers(part, question, rules),
  );
}

/** Pairs of different slips that give the same number to the places asked for, and slips that give the key. */
function collidingPairs(asked: Asked, right: RightNumbers): [Named, Named][] {
  const byNumber = new Map<number, Named[]>();
  for (const {
    slips: [slip],
    result,
  } of singleCandidates(asked, right)) {
    // Copying and rounding make numbers of the key itself; a meeting there says nothing about the exercise.
    if (!slip || slip.family === 'copying' || slip.family === 'rounding' || slip.family === 'device') continue;
    const number = roundAs(result, toTheNearest(asked.format));
    const here = byNumber.get(number) ?? [];
    if (!here.some(({ id }) => id === slip.id)) byNumber.set(number, [...here, slip]);
  }
  const found: [Named, Named][] = [];
  for (const [number, here] of byNumber) {
    if (Math.abs(number - asked.expected) <= 0.011 && asked.unit === 'money')
      found.push([nth(here, 0), { id: 'key', title: 'the key' }]);
    for (let a = 0; a < here.length; a += 1)
      for (let b = a + 1; b < here.length; b += 1) found.push([nth(here, a), nth(here, b)]);
  }
  return found;
}

function spreadOf(partId: string, values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number => nth(sorted, roundTo((sorted.length - 1) * share, 0));
  return { partId, least: at(0), quarter: at(0.25), middle: at(0.5), threeQuarters: at(0.75), most: at(1) };
}
