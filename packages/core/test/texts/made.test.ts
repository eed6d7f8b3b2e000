/** Exercises made of problems: the wording kept, the key that of the reading. */

import { exerciseProblems, givensInForce, numberStyleById, storyText } from '../../src/index.ts';
import { exerciseFromText, readProblem, titleOf } from '../../src/texts/index.ts';
import { cases, hasSteps, keyHolds, keyHoldsSomewhere, rulesFor } from './keys.ts';
import { referenceProblems } from './reference.ts';

const solvable = referenceProblems.filter(({ problem }) => problem === undefined);

const told = cases.flatMap(({ texts }) => texts);

describe('an exercise made of a text', () => {
  it.each(told)('%s stands, with its key', (text) => {
    const reading = readProblem(text);
    const made = exerciseFromText(text, reading)!;
    expect(exerciseProblems(made.exercise, rulesFor(made.exercise), true)).toEqual([]);
    keyHoldsSomewhere(reading, made);
  });

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

  it.each([
    ['12) The net loft is priced at $36,000. The sail makers pay $6,000 down.', 'The net loft is priced'],
    ['Ada borrows £12,000 at 7.2% compounded monthly.', 'Ada borrows £12,000 at 7.2% compounded'],
    ['Two sums, one question. Nell puts $2,000 away.', 'Two sums, one question'],
    ['The weaving guild, which has 31 members, buys a loom.', 'The weaving guild'],
    ['A press worth $20,000 is leased for 4 years.', 'A press'],
    ['A 25-year mortgage of £210,000 has a rate of 4.4% compounded monthly.', 'A 25-year mortgage of £210,000'],
    ['Bruno saves $400 at the end of every month for 10 years at 4.2%.', 'Bruno saves $400'],
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

  it.each([
    [
      'Three years into a six-year loan of €21,000 at 6.9% compounded monthly (month-end payments), the borrower gets an offer of 5.1% compounded monthly for what is left. What would the new payment be? What does the change save in all?',
      '(years × 12 - 36) × answer b - (years × 12 - 36) × answer c',
    ],
    [
      'A student loan of $32,000 at 4.8% compounded monthly: during the 3 years of study nothing is paid. Then it is to be paid off in 10 years, at each month’s end. What is the payment? What does the loan cost in interest?',
      '(years 2 × 12) × answer b - amount',
    ],
  ])('asks of %s what all payments come to, with the payments found before', (text, sum) => {
    const { exercise, leftOut } = exerciseFromText(text, readProblem(text))!;
    expect(leftOut).toEqual([]);
    expect(exercise.parts.at(-1)!.ask).toEqual({ quantity: 'expression', text: sum });
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
