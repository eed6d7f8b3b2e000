/** One more like it: other numbers for the same exercise, chosen so that the mistakes made last time would show again. */

import { numberStyleById } from '../money/numberStyle.ts';
import { fail, ok, type Result } from '../result.ts';
import { drawOnce, prepareDraws } from '../exercise/drawNumbers.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import { questionNumbers } from '../exercise/conventions.ts';
import type { Exercise, Numbers } from '../exercise/exercise.ts';
import { roundAs, toTheNearest } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { seededRandom } from '../exercise/random.ts';
import { singleCandidates } from './candidates.ts';
import { askedOf } from './slip.ts';

/** A mistake made in a part. */
export interface MadeSlip {
  readonly partId: string;
  readonly slip: string;
}

/** So many draws are looked through for one in which every mistake shows. */
const MOST_TRIES = 60;

/**
 * @param before numbers that were had already, so that none comes again
 * @returns the draw in which most of the mistakes would show; `not-reached` where nothing varies
 */
export function moreLikeIt(
  exercise: Exercise,
  before: readonly Numbers[],
  made: readonly MadeSlip[],
  seed: string,
  rules: HouseRules,
): Result<Numbers> {
  const prepared = prepareDraws(exercise);
  if (!prepared.ok) return prepared;
  if (prepared.value.length === 0)
    return fail('not-reached', 'The numbers of this exercise do not vary.', { field: 'givens' });
  const random = seededRandom(seed);
  const known = new Set(before.map((numbers) => JSON.stringify(numbers)));
  let best: { readonly numbers: Numbers; readonly shows: number } | undefined;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const { numbers, key, refused } = drawOnce(exercise, prepared.value, random, rules);
    if (refused || known.has(JSON.stringify(numbers))) continue;
    const keyed = key.flatMap((each) => (each.ok ? [each.value] : []));
    const shows = made.filter((slip) => showsIn(keyed, slip, rules)).length;
    if (!best || shows > best.shows) best = { numbers, shows };
    if (shows === made.length) break;
  }
  return best ? ok(best.numbers) : fail('not-reached', 'No other numbers could be drawn.', { field: 'givens' });
}

/** Whether a mistake leads to a number that is not right, and that nothing likelier leads to as well: then it shows. */
export function showsIn(key: readonly KeyedPart[], { partId, slip }: MadeSlip, rules: HouseRules): boolean {
  const keyed = key.find(({ part }) => part.id === partId);
  if (!keyed?.question) return false;
  const { part, question, exact, expected } = keyed;
  const asked = askedOf(question, exact, expected, part.format, numberStyleById(rules.numberStyle), []);
  const plain = toTheNearest(part.format);
  const likeliest = new Map<number, { readonly weight: number; readonly slip: string | undefined }>();
  for (const { slips: each, result, weight } of singleCandidates(
    { ...asked, quiet: true },
    questionNumbers(part, question, rules),
  )) {
    const number = roundAs(result, plain);
    const before = likeliest.get(number);
    if (!before || weight > before.weight) likeliest.set(number, { weight, slip: each[0]?.id });
  }
  return [...likeliest.values()].some((each) => each.slip === slip);
}
