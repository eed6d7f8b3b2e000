/** What the tests of made exercises share: the cases that are told, and whether each part's key is an answer. */

import { readFileSync } from 'node:fs';
import { defaultHouseRules, partNumbers, type Exercise, type Numbers } from '../../src/index.ts';
import type { MadeExercise, ProblemReading } from '../../src/texts/index.ts';

/** The house rules in the exercise's own style of numbers. */
export const rulesFor = ({ plans }: Exercise) => ({ ...defaultHouseRules, numberStyle: plans[0]!.draft.numberStyle });
const isRate = new Set(['nominalRate', 'effectiveRate', 'ratePerPayment']);

/** Each part's key has an answer of its ask. */
export function keyHolds({ asks }: ProblemReading, { exercise, leftOut }: MadeExercise): void {
  const asked = asks.filter(({ part }) => !leftOut.includes(part));
  expect(exercise.parts).toHaveLength(asked.length);
  asked.forEach(({ quantity, answers, args }, at) => {
    if (quantity === 'choice') return;
    const scale = isRate.has(quantity) || args?.of === 'effectiveRate' ? 100 : 1;
    const key = partNumbers(exercise, exercise.parts[at]!, {}, rulesFor(exercise)).map(({ exact }) => exact);
    expect(key.some((number) => answers.some((answer) => Math.abs(number - answer * scale) < 0.006))).toBe(true);
  });
}

/** With plans that go on from others, parts stand in another order: an answer of each ask is some part's key. */
export function keyHoldsSomewhere(
  { asks }: ProblemReading,
  { exercise, leftOut }: Pick<MadeExercise, 'exercise' | 'leftOut'>,
  numbers: Numbers = {},
): void {
  const keys = exercise.parts.flatMap((part) =>
    partNumbers(exercise, part, numbers, rulesFor(exercise)).map(({ exact }) => Math.abs(exact)),
  );
  const missing = asks.filter(({ part, quantity, answers, args }) => {
    const scale = isRate.has(quantity) || args?.of === 'effectiveRate' ? 100 : 1;
    const isKey = answers.some((answer) => keys.some((key) => Math.abs(key - answer * scale) < 0.006));
    return !leftOut.includes(part) && quantity !== 'choice' && answers.length > 0 && !isKey;
  });
  expect(missing).toEqual([]);
}

/** The first of each case that is told in many words, of several plans the first two. */
export const cases = readFileSync(new URL('told.txt', import.meta.url), 'utf8')
  .split(/^## /m)
  .slice(1)
  .map((group) => {
    const [reading = '', ...texts] = group.trim().split('\n');
    return { shape: reading.replace(/[\d.]+/g, ''), texts: texts.slice(0, reading.includes(' ; ') ? 2 : 1) };
  });

/** Plans or differences that rest on what is not asked. */
export const hasSteps = ({ plans, asks }: ProblemReading): boolean =>
  plans.some(({ links }) => links?.length) ||
  asks.some(
    ({ quantity, args }) =>
      ['price', 'downPayment', 'financeCharge'].includes(quantity) ||
      args?.between?.some((each) => typeof each === 'object'),
  );
