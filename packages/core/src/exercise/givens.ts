/** The givens of an exercise with numbers in force: what they stand for in slots, and how the story writes them. */

import { lookUp } from '../records.ts';
import { fail, ok, type Problem, type Result } from '../result.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Named, Scope } from '../money/expression.ts';
import { readSlotText } from '../money/expression.ts';
import { writeBrief, writeNumber, type NumberStyle } from '../money/numberStyle.ts';
import type { Exercise, Given, Numbers } from './exercise.ts';

export interface GivensInForce {
  /** What slots may name. */
  readonly names: Scope;
  /** By given, as the story and the prompts write it. */
  readonly written: Readonly<Record<string, string>>;
  /** By given, in its own unit; words as they are. */
  readonly values: Readonly<Record<string, number | string>>;
  /** By given, what is wrong with it. */
  readonly problems: Readonly<Record<string, Problem>>;
}

export const givenName = /^[a-z][a-z0-9]*( [a-z0-9]+)*$/;

/** What is wrong with a given's name, if anything. */
export function nameProblem(name: string, others: readonly string[]): string | undefined {
  if (!givenName.test(name))
    return 'A given is named with small letters, digits and single spaces, such as “new rate”.';
  if (/^answer\b/.test(name)) return 'A name that begins with “answer” stands for the answer of a part.';
  if (others.includes(name)) return `There are two givens called “${name}”.`;
  return undefined;
}

/**
 * Puts numbers into the givens.
 *
 * @param numbers drawn ones, by given; a given that is not there has its own `now`
 * @param style how the exercise's texts are written, and how the givens are written out
 */
export function givensInForce(exercise: Pick<Exercise, 'givens'>, numbers: Numbers, style: NumberStyle): GivensInForce {
  const givens = exercise.givens ?? [];
  // Without anything of their own: a given may be called what every object has.
  const values: Record<string, number | string> = Object.create(null);
  const problems: Record<string, Problem> = Object.create(null);
  const names: Record<string, Named> = Object.create(null);
  const settle = (given: Given, path: readonly string[]): Result<number | string> => {
    const { name } = given;
    if (name in values) return ok(values[name]!);
    if (name in problems) return { ok: false, problem: problems[name]! };
    if (path.includes(name))
      return fail(
        'out-of-range',
        `The givens go round in a circle: ${[...path.slice(path.indexOf(name)), name].map((each) => `“${each}”`).join(' needs ')}.`,
        { field: name },
      );
    const found = valueOf(given, [...path, name]);
    if (found.ok) {
      values[name] = found.value;
      if (typeof found.value === 'number') names[name] = given.kind === 'rate' ? { percent: found.value } : found.value;
    } else problems[name] = found.problem;
    return found;
  };
  const valueOf = (given: Given, path: readonly string[]): Result<number | string> => {
    const drawn = lookUp(numbers, given.name);
    if (given.kind === 'words') return ok(typeof drawn === 'string' ? drawn : given.now);
    if (typeof drawn === 'number') return ok(drawn);
    const text = given.vary.by === 'expression' ? given.vary.text : given.now;
    for (const other of givens) {
      if (other.name === given.name || namesIn(text, [other.name]).length === 0) continue;
      const needed = settle(other, path);
      if (!needed.ok) return needed;
    }
    if (namesIn(text, [given.name]).length > 0 && given.vary.by === 'expression') return settle(given, path);
    const entry = readSlotText(text, names, style);
    if (!entry.ok)
      return entry.problem.code === 'blank'
        ? fail('blank', `“${given.name}” has no number yet.`, { field: given.name })
        : fail('unreadable', `“${given.name}”: ${entry.problem.message}`, { field: given.name });
    const { value, percent, unit } = entry.value;
    if (given.kind === 'years' && unit === 'months') return ok(value / 12);
    // An expression over percentages leaves binary noise: 5.7 % + 1.5 % is 7.2 %.
    return ok(roundTo(percent && given.kind !== 'rate' ? value / 100 : value, 10));
  };
  for (const given of givens) settle(given, []);
  const written = Object.fromEntries(givens.map((given) => [given.name, writeGiven(given, values[given.name], style)]));
  return { names, written, values, problems };
}

/** A given as the text writes it. */
export function writeGiven(given: Given, value: number | string | undefined, style: NumberStyle): string {
  if (value === undefined) return `{${given.name}}`;
  if (typeof value === 'string') return value;
  const least =
    given.decimals ??
    (given.kind === 'money'
      ? Number.isInteger(value)
        ? 0
        : 2
      : given.kind === 'rate'
        ? Number.isInteger(value * 10)
          ? 1
          : 2
        : 0);
  const number =
    given.decimals === undefined ? writeBrief(value, least, 6, style) : writeNumber(value, given.decimals, style);
  const unit = given.unit ? `\u00a0${given.unit}` : '';
  return given.kind === 'rate' ? `${number}\u00a0%${unit}` : `${number}${unit}`;
}

/** Which of some names a text uses, as whole words. */
export function namesIn(text: string, names: readonly string[]): string[] {
  const lower = text.toLowerCase();
  return names.filter((name) => {
    for (let at = lower.indexOf(name); at >= 0; at = lower.indexOf(name, at + 1)) {
      const before = lower[at - 1] ?? ' ';
      const after = lower[at + name.length] ?? ' ';
      if (!/[a-z0-9]/.test(before) && !/[a-z0-9]/.test(after)) return true;
    }
    return false;
  });
}
