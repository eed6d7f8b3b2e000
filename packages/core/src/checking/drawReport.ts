/** A report over many draws: how many are sensible, how answers spread, which limits break, where two explanations collide. */

import { roundTo } from '../money/roundMoney.ts';
import type { Result } from '../result.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { drawOnce, judgeDraw, limitName, prepareDraws, type Draw } from '../exercise/drawNumbers.ts';
import type { Exercise, Numbers } from '../exercise/exercise.ts';
import { roundAs } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { seededRandom } from '../exercise/random.ts';
import { singleCandidates } from './candidates.ts';
import { askedOf } from './slip.ts';

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
  const answers = new Map<string, number[]>(exercise.parts.map(({ id }) => [id, []]));
  const refusals = new Map<string, { draws: number; example: Numbers }>();
  const collisions = new Map<
    string,
    { between: [string, string]; ids: [string, string]; partId: string; draws: number; example: Numbers }
  >();
  let sensible = 0;
  for (let k = 0; k < wanted; k += 1) {
    const random = seededRandom(`${seed} ${k}`);
    const draw: Draw = varies ? drawOnce(exercise, prepared.value, random, rules) : judgeDraw(exercise, {}, rules);
    if (draw.refused) {
      const why =
        'limit' in draw.refused
          ? `breaks the limit of ${limitName(draw.refused.limit)}`
          : `part ${draw.refused.part}: ${draw.refused.problem.message}`;
      const before = refusals.get(why);
      refusals.set(why, { draws: (before?.draws ?? 0) + 1, example: before?.example ?? draw.numbers });
    } else {
      sensible += 1;
      for (const keyed of draw.key) {
        if (!keyed.ok) continue;
        const { part, exact, expected, question } = keyed.value;
        answers.get(part.id)!.push(expected);
        if (!question || keyed.value.table) continue;
        for (const [first, second] of collidingPairs(
          askedOf(question, exact, expected, part.format, numberStyleById(rules.numberStyle), []),
        )) {
          const name = `${part.id} ${first.id} ${second.id}`;
          const before = collisions.get(name);
          if (before) before.draws += 1;
          else
            collisions.set(name, {
              partId: part.id,
              between: [first.title, second.title],
              ids: [first.id, second.id],
              draws: 1,
              example: draw.numbers,
            });
        }
      }
    }
    yield k + 1;
  }
  const spreads = [...answers].flatMap(([partId, values]) => (values.length === 0 ? [] : [spreadOf(partId, values)]));
  return {
    ok: true,
    value: {
      draws: wanted,
      sensible,
      spreads,
      refusals: [...refusals].map(([why, each]) => ({ why, ...each })).sort((a, b) => b.draws - a.draws),
      collisions: [...collisions.values()].sort((a, b) => b.draws - a.draws),
    },
  };
}

interface Named {
  readonly id: string;
  readonly title: string;
}

/** Pairs of different slips that give the same number to the places asked for, and slips that give the key. */
function collidingPairs(asked: ReturnType<typeof askedOf>): [Named, Named][] {
  const byNumber = new Map<number, Named[]>();
  for (const {
    slips: [slip],
    result,
  } of singleCandidates(asked)) {
    // Copying and rounding make numbers of the key itself; a meeting there says nothing about the exercise.
    if (!slip || slip.family === 'copying' || slip.family === 'rounding' || slip.family === 'device') continue;
    const number = roundAs(result, { ...asked.format, up: false });
    const here = byNumber.get(number) ?? [];
    if (!here.some(({ id }) => id === slip.id)) byNumber.set(number, [...here, slip]);
  }
  const found: [Named, Named][] = [];
  for (const [number, here] of byNumber) {
    if (Math.abs(number - asked.expected) <= 0.011 && asked.unit === 'money')
      found.push([here[0]!, { id: 'key', title: 'the key' }]);
    for (let a = 0; a < here.length; a += 1)
      for (let b = a + 1; b < here.length; b += 1) found.push([here[a]!, here[b]!]);
  }
  return found;
}

function spreadOf(partId: string, values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number => sorted[roundTo((sorted.length - 1) * share, 0)]!;
  return { partId, least: at(0), quarter: at(0.25), middle: at(0.5), threeQuarters: at(0.75), most: at(1) };
}
