/** Other numbers: a draw by seed, the same everywhere; refused and drawn again where a part cannot be solved or a limit breaks. */

import { nth } from '../nth.ts';
import { fail, ok, type Problem, type Result } from '../result.ts';
import { readSlotText } from '../money/expression.ts';
import { numberStyleById, type NumberStyle } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { answerKey, type KeyedPart } from './answerKey.ts';
import type { Exercise, Given, Limit, Numbers } from './exercise.ts';
import { givensInForce } from './givens.ts';
import { defaultHouseRules, type HouseRules } from './houseRules.ts';
import { seededRandom } from './random.ts';

/** Tries before a seed gives up. */
const MOST_TRIES = 200;
/** Steps a range may have. */
const MOST_STEPS = 1_000_000;

/** What one draw came to, before it is accepted. */
export interface Draw {
  readonly numbers: Numbers;
  readonly key: readonly Result<KeyedPart>[];
  /** Why it is refused: the first part that cannot be worked, or the limit it breaks. */
  readonly refused?: { readonly part: string; readonly problem: Problem } | { readonly limit: Limit };
}

/**
 * Draws numbers for the givens that vary.
 *
 * @param seed any text: a student's number and the set's, say
 * @returns by given, in the given's own unit; `not-reached` when no draw in 200 is sensible
 */
export function drawNumbers(
  exercise: Exercise,
  seed: string | number,
  rules: HouseRules = defaultHouseRules,
): Result<Numbers> {
  const prepared = prepareDraws(exercise);
  if (!prepared.ok) return prepared;
  const random = seededRandom(String(seed));
  let last: Draw | undefined;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    last = drawOnce(exercise, prepared.value, random, rules);
    if (!last.refused) return ok(last.numbers);
    if (!exercise.givens?.some(({ vary }) => vary.by === 'range' || vary.by === 'list')) break;
  }
  const why = last?.refused;
  return fail(
    'not-reached',
    why === undefined
      ? 'No numbers could be drawn.'
      : 'limit' in why
        ? `No draw of ${MOST_TRIES} keeps the limit of ${limitName(why.limit)}.`
        : `Part ${why.part} could not be worked with any draw: ${why.problem.message}`,
    { field: 'givens' },
  );
}

export type Choices = readonly { readonly given: Given; readonly pick: (random: () => number) => number | string }[];

/** Reads how the givens vary, once for many draws. */
export function prepareDraws(exercise: Exercise): Result<Choices> {
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? '');
  const choices: { given: Given; pick: (random: () => number) => number | string }[] = [];
  for (const given of exercise.givens ?? []) {
    const pick = pickOf(given, style);
    if (!pick.ok)
      return fail(pick.problem.code, `“${given.name}”: ${pick.problem.message}`, { field: `givens.${given.name}` });
    if (pick.value) choices.push({ given, pick: pick.value });
  }
  return ok(choices);
}

/** One draw and what it comes to. */
export function drawOnce(exercise: Exercise, choices: Choices, random: () => number, rules: HouseRules): Draw {
  const numbers: Record<string, number | string> = {};
  for (const { given, pick } of choices) numbers[given.name] = pick(random);
  return judgeDraw(exercise, numbers, rules);
}

/** Whether numbers are sensible for an exercise. */
export function judgeDraw(exercise: Exercise, numbers: Numbers, rules: HouseRules): Draw {
  const key = answerKey(exercise, numbers, rules);
  for (const [at, keyed] of key.entries())
    if (!keyed.ok) return { numbers, key, refused: { part: nth(exercise.parts, at).id, problem: keyed.problem } };
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? '');
  const { values } = givensInForce(exercise, numbers, style);
  for (const limit of exercise.limits ?? []) {
    const { of } = limit;
    const keyed = 'part' in of ? key[exercise.parts.findIndex(({ id }) => id === of.part)] : undefined;
    const value = 'given' in of ? values[of.given] : keyed?.ok ? keyed.value.exact : undefined;
    if (typeof value !== 'number') continue;
    const broken =
      (limit.least !== undefined && value < limit.least) ||
      (limit.most !== undefined && value > limit.most) ||
      (limit.whole === true && Math.abs(value - roundTo(value, 0)) > 0.005);
    if (broken) return { numbers, key, refused: { limit } };
  }
  return { numbers, key };
}

export function limitName({ of }: Limit): string {
  return 'part' in of ? `part ${of.part}` : `“${of.given}”`;
}

function pickOf(given: Given, style: NumberStyle): Result<((random: () => number) => number | string) | undefined> {
  const { vary } = given;
  const number = (text: string, what: string): Result<number> => {
    const entry = readSlotText(text, {}, style);
    return entry.ok
      ? ok(entry.value.value)
      : fail(
          entry.problem.code,
          entry.problem.code === 'blank' ? `${what} is missing.` : `${what} should be a number.`,
        );
  };
  if (vary.by === 'list') {
    const texts = vary.values
      .split(/\s*(?:;|\n|\bor\b)\s*|,\s+/)
      .map((text) => text.trim())
      .filter((text) => text !== '');
    if (texts.length === 0) return fail('blank', 'The list is empty.');
    if (given.kind === 'words') return ok((random) => nth(texts, Math.floor(random() * texts.length)));
    const values: number[] = [];
    for (const text of texts) {
      const value = number(text, `“${text}”`);
      if (!value.ok) return value;
      values.push(value.value);
    }
    return ok((random) => nth(values, Math.floor(random() * values.length)));
  }
  if (vary.by === 'range') {
    if (given.kind === 'words') return fail('out-of-range', 'Words vary by a list, not by a range.');
    const [from, to, step] = [
      number(vary.from, 'The lower end'),
      number(vary.to, 'The upper end'),
      number(vary.step, 'The step'),
    ];
    if (!from.ok) return from;
    if (!to.ok) return to;
    if (!step.ok) return step;
    if (from.value > to.value)
      return fail('out-of-range', `The range is the wrong way round: ${vary.from} is more than ${vary.to}.`);
    if (!(step.value > 0)) return fail('out-of-range', 'The step must be above zero.');
    const steps = Math.floor((to.value - from.value) / step.value + 1e-9);
    if (steps > MOST_STEPS) return fail('out-of-range', 'The step is too small for the range.');
    return ok((random) => roundTo(from.value + step.value * Math.floor(random() * (steps + 1)), 9));
  }
  return ok(undefined);
}
