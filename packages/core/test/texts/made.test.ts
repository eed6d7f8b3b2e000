/** Exercises made of problems: the wording kept, the key that of the reading. */

import { readFileSync } from 'node:fs';
import {
  defaultHouseRules,
  exerciseProblems,
  givensInForce,
  numberStyleById,
  partNumbers,
  readSlotText,
  storyText,
  usualRange,
  type Exercise,
  type Numbers,
} from '../../src/index.ts';
import {
  exerciseFromText,
  readProblem,
  titleOf,
  type MadeExercise,
  type ProblemReading,
} from '../../src/texts/index.ts';
import { referenceProblems } from './reference.ts';
import { written } from './written.ts';

const rulesFor = ({ plans }: Exercise) => ({ ...defaultHouseRules, numberStyle: plans[0]!.draft.numberStyle });
const isRate = new Set(['nominalRate', 'effectiveRate', 'ratePerPayment']);

const solvable = referenceProblems.filter(({ problem }) => problem === undefined);

/** Each part's key has an answer of its ask. */
function keyHolds({ asks }: ProblemReading, { exercise, leftOut }: MadeExercise): void {
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
function keyHoldsSomewhere(
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
const cases = readFileSync(new URL('told.txt', import.meta.url), 'utf8')
  .split(/^## /m)
  .slice(1)
  .map((group) => {
    const [reading = '', ...texts] = group.trim().split('\n');
    return { shape: reading.replace(/[\d.]+/g, ''), texts: texts.slice(0, reading.includes(' ; ') ? 2 : 1) };
  });
const told = cases.flatMap(({ texts }) => texts);

/** With other numbers one of each shape: readings that differ in their numbers alone vary alike. */
const shapes = [...new Map(cases.toReversed().map(({ shape, texts }) => [shape, texts[0]!])).values()];

/** Plans or differences that rest on what is not asked. */
const hasSteps = ({ plans, asks }: ProblemReading): boolean =>
  plans.some(({ links }) => links?.length) ||
  asks.some(
    ({ quantity, args }) =>
      ['price', 'downPayment', 'financeCharge'].includes(quantity) ||
      args?.between?.some((each) => typeof each === 'object'),
  );

/** A number as it stands, and not within another. */
const standing = (number: string): RegExp =>
  new RegExp(`(?<![\\d.,])${number.replaceAll('.', '\\.')}(?![.,]?\\d)`, 'g');

describe('an exercise made of a text', () => {
  it.each(told)('%s stands, with its key', (text) => {
    const reading = readProblem(text);
    const made = exerciseFromText(text, reading)!;
    expect(exerciseProblems(made.exercise, rulesFor(made.exercise), true)).toEqual([]);
    keyHoldsSomewhere(reading, made);
  });

  it.each(written.map(({ text }) => [text.slice(0, 60), text] as const))(
    '%s…: its key has the reading’s answers',
    (_, text) => {
      const reading = readProblem(text);
      const made = exerciseFromText(text, reading)!;
      if (hasSteps(reading)) keyHoldsSomewhere(reading, made);
      else keyHolds(reading, made);
    },
  );

  it.each(solvable.map(({ id, text }) => [id, text] as const))(
    '%s stands, and its key has the reading’s answers',
    (_, text) => {
      const reading = readProblem(text);
      const made = exerciseFromText(text, reading)!;
      const rules = rulesFor(made.exercise);
      expect(exerciseProblems(made.exercise, rules, true)).toEqual([]);
      if (hasSteps(reading)) keyHoldsSomewhere(reading, made);
      else keyHolds(reading, made);
    },
  );

  it('has the key of the text with another number, wherever one may vary', () => {
    const varied = shapes.flatMap((text) => {
      const reading = readProblem(text);
      const { exercise, leftOut } = exerciseFromText(text, reading)!;
      const style = numberStyleById(rulesFor(exercise).numberStyle);
      return exercise.givens!.flatMap((given) => {
        const { to } = usualRange(given, style)!;
        const other = readProblem(text.replace(standing(given.now), to));
        const isSame = other.doubts.length === 0 && other.asks.length === reading.asks.length;
        const stands = text.match(standing(given.now))?.length === 1 && isSame;
        const entry = readSlotText(to, {}, style);
        return stands && entry.ok ? [{ other, exercise, leftOut, numbers: { [given.name]: entry.value.value } }] : [];
      });
    });
    expect(varied.length).toBeGreaterThan(400);
    for (const { other, exercise, leftOut, numbers } of varied)
      keyHoldsSomewhere(other, { exercise, leftOut }, numbers);
  });

  it.each([
    ['12) The net loft is priced at $36,000. The sail makers pay $6,000 down.', 'The net loft is priced'],
    ['Ada borrows £12,000 at 7.2% compounded monthly.', 'Ada borrows £12,000 at 7.2% compounded'],
    ['Two sums, one question. Nell puts $2,000 away.', 'Two sums, one question'],
    ['The weaving guild, which has 31 members, buys a loom.', 'The weaving guild'],
    ['£12,000', 'A problem'],
  ])('%s is called %s', (text, title) => expect(titleOf(text)).toBe(title));

  it('keeps what cannot vary as it stands', () => {
    const text =
      'A stove costs £1.2 million, of which a third is paid down. The rest is borrowed at 6% compounded monthly for 2 years, that is for 24 month-end payments. What is the payment?';
    const { exercise, kept } = exerciseFromText(text, readProblem(text))!;
    expect(kept).toEqual(['a third', '2 years', '24']);
    expect(storyText(exercise.story)).toBe(
      'A stove costs £{price}, of which a third is paid down. The rest is borrowed at {rate} compounded monthly for 2 years, that is for 24 month-end payments.',
    );
    expect(exercise.plans[0]!.draft.buildUp).toMatchObject({ price: 'price', downPayment: 'price / 3' });
  });

  it('leaves out what no part can ask, and says so', () => {
    const left = solvable.flatMap(({ text }) => exerciseFromText(text, readProblem(text))!.leftOut);
    expect(left.length).toBeLessThan(12);
  });

  it('keeps the wording, with the givens in their places', () => {
    const { text } = referenceProblems.find(({ id }) => id === 't2-12')!;
    const { exercise } = exerciseFromText(text, readProblem(text))!;
    const { written } = givensInForce(exercise, {}, numberStyleById(rulesFor(exercise).numberStyle));
    const plain = (told: string): string => told.replace(/\u00a0/g, ' ');
    expect(plain(storyText(exercise.story, written))).toBe(plain(text.slice(0, text.indexOf('\nAmount financed?'))));
    expect(storyText(exercise.story)).toContain('price ${price}');
    expect(exercise.parts.map(({ prompt }) => prompt)).toEqual(['Amount financed?', 'Payment?']);
    expect(exercise.givens!.map(({ name }) => name)).toEqual([
      'price',
      'trade in',
      'deposit',
      'fee',
      'rate',
      'payments',
    ]);
  });

  it('adds the step that a text skips', () => {
    const text =
      'A $28,000 loan at 9.6% compounded monthly has 60 monthly payments in arrears. After 30 payments another lender takes over the balance. It charges 6.6% compounded monthly over the remaining payments. Find the new payment.';
    const { exercise } = exerciseFromText(text, readProblem(text))!;
    expect(exercise.parts.map(({ ask }) => ask.quantity)).toEqual(['balance-after', 'payment']);
    expect(exercise.plans[1]!.draft.slots.amount).toBe('answer a');
    expect(exerciseProblems(exercise, rulesFor(exercise))).toEqual([]);
  });

  it('says of which compounding each part asks', () => {
    const text = 'Find the effective rate equivalent to 7.2% compounded (a) semi-annually, (b) quarterly, (c) monthly.';
    const { exercise } = exerciseFromText(text, readProblem(text))!;
    expect(exercise.parts.map(({ prompt }) => /\((.*)\)/.exec(prompt)?.[1])).toEqual([
      'semi-annually',
      'quarterly',
      'monthly',
    ]);
    expect(exerciseProblems(exercise, rulesFor(exercise))).toEqual([]);
  });

  it('is none while a number is missing', () => {
    const text = 'Find the monthly payment on a loan of $8,000 for 3 years.';
    expect(exerciseFromText(text, readProblem(text))).toBeUndefined();
  });
});
