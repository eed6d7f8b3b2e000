/** Which numbers of a text may vary: with another in its place the text is the same problem, and the key goes with it. */

import { answerKey } from '../../exercise/answerKey.ts';
import { defaultHouseRules, type HouseRules } from '../../exercise/houseRules.ts';
import { usualRange } from '../../exercise/usualRange.ts';
import type { Exercise, Numbers } from '../../exercise/exercise.ts';
import { readSlotText } from '../../money/expression.ts';
import { roundTo } from '../../money/roundMoney.ts';
import type { ProblemReading } from '../reading.ts';
import { readProblem } from '../readProblem.ts';
import type { Settled } from '../settled.ts';
import { givensOfText, styleOfText, type TextGiven } from './givensOfText.ts';

export interface TextToVary {
  readonly text: string;
  readonly reading: ProblemReading;
  readonly settled: Settled;
  /** What the text was made into. */
  readonly exercise: Exercise;
  /** Makes of another reading of it what was made of the first. */
  readonly make: (reading: ProblemReading) => Exercise | undefined;
}

/**
 * Puts other numbers into a text, reads it again, and holds the key against that of the exercise made of it then.
 *
 * @param givens those of the exercise, at each of their places
 * @returns the names of those that may vary
 */
export function mayVary(to: TextToVary, givens: readonly TextGiven[]): ReadonlySet<string> {
  const names = [...new Set(givens.map(({ given }) => given.name))];
  const found = (some: readonly string[]): (boolean | undefined)[] => {
    const places = givens.filter(({ given }) => some.includes(given.name));
    return ends.map((end) => {
      const moved = atEnd(end, places, to.text, some);
      // A number that has no room on this side shows nothing.
      const isMoved = moved.some(({ use }, at) => use.value !== places[at]?.use.value);
      return isMoved ? holdsWith(to, moved) : undefined;
    });
  };
  const holdsAlone = (name: string): boolean => {
    const each = found([name]);
    return each.includes(true) && !each.includes(false);
  };
  // All at once is soon done, and mostly enough: numbers that happen to be alike may only vary together.
  const values = new Set(givens.map(({ given }) => `${given.kind} ${given.now}`));
  const areHeld = values.size === names.length && found(names).every((each) => each === true);
  return new Set(areHeld ? names : names.filter(holdsAlone));
}

/** The ends of the range that a given usually has; a number may have room on one side only. */
const ends = ['to', 'from'] as const;
const otherEnd = { to: 'from', from: 'to' } as const;

/**
 * Givens with the number that stands in their place now, as the text has it.
 *
 * @param names of which every second goes to the other end: "25 years" and "five years sooner" would else end alike
 */
const atEnd = (
  end: (typeof ends)[number],
  givens: readonly TextGiven[],
  text: string,
  names: readonly string[],
): TextGiven[] =>
  givens.map((each) => {
    const { given, use } = each;
    const style = styleOfText(text);
    const own = names.indexOf(given.name) % 2 === 0 ? end : otherEnd[end];
    const entry = readSlotText(usualRange(given, style)?.[own] ?? given.now, {}, style);
    const size = given.kind === 'rate' ? 100 : 1;
    return entry.ok ? { ...each, use: { ...use, value: roundTo(entry.value.value / size, 12) } } : each;
  });

/** @returns nothing where it is another problem, or none, with these numbers */
function holdsWith(
  { text, reading, settled, exercise, make }: TextToVary,
  moved: readonly TextGiven[],
): boolean | undefined {
  const values = { ...settled.values, ...Object.fromEntries(moved.map(({ use }) => [use.start, use.value])) };
  const other = readProblem(text, { settled: { ...settled, values } });
  const made = isSameProblem(reading, other) ? make(other) : undefined;
  if (!made) return undefined;
  const rules = { ...defaultHouseRules, numberStyle: styleOfText(text).id };
  const now = givensOfText(text, other);
  const numbers = Object.fromEntries(
    moved.flatMap(({ given, start }) => {
      const use = now.find((each) => each.start === start)?.use;
      return use ? [[given.name, roundTo(given.kind === 'rate' ? use.value * 100 : use.value, 10)]] : [];
    }),
  );
  const [one, another] = [keyOf(exercise, numbers, rules), keyOf(made, {}, rules)];
  return one.length === another.length && one.every((number, at) => isNear(number, another[at]));
}

const isSameProblem = (one: ProblemReading, other: ProblemReading): boolean =>
  other.doubts.length <= one.doubts.length &&
  other.plans.length === one.plans.length &&
  other.asks.length === one.asks.length &&
  other.asks.every(({ quantity, plan }, at) => one.asks[at]?.quantity === quantity && one.asks[at].plan === plan);

const isNear = (one: number, other: number | undefined): boolean =>
  other !== undefined &&
  (Math.abs(one - other) <= 1e-7 * Math.max(1, Math.abs(one)) || (Number.isNaN(one) && Number.isNaN(other)));

/** The key's numbers, nothing rounded; a difference either way round, and of a choice those of all its plans. */
const keyOf = (exercise: Exercise, numbers: Numbers, rules: HouseRules): number[] =>
  answerKey({ ...exercise, parts: exercise.parts.flatMap(sidesOf) }, numbers, rules).map((part) =>
    part.ok ? Math.abs(part.value.exact) : Number.NaN,
  );

function sidesOf(part: Exercise['parts'][number]): Exercise['parts'] {
  const { ask } = part;
  if (ask.quantity !== 'choice') return [part];
  const { of: quantity, plans } = ask;
  return [part, ...plans.map((plan) => ({ ...part, id: `${part.id} ${plan}`, ask: { quantity, plan } }))];
}
