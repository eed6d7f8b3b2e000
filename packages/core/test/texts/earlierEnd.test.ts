/** An earlier end that is wanted, payments made and to go, and a debt that is followed down to a sum. */

import { describe, expect, it } from '@jest/globals';
import { exerciseFromText, readProblem } from '../../src/texts/index.ts';

const paid = (amount: number, i: number, n: number): number => (amount * i) / (1 - (1 + i) ** -n);
const count = (amount: number, i: number, payment: number): number =>
  -Math.log(1 - (amount * i) / payment) / Math.log(1 + i);
const firstAnswers = (text: string): number[] => readProblem(text).asks.map(({ answers }) => answers[0] ?? NaN);
const MORTGAGE = 'A mortgage of $210,000 at 4.8% compounded monthly runs for 25 years with monthly payments.';

describe('an earlier end', () => {
  it.each([
    ['What payment would end it five years sooner?', paid(210_000, 0.004, 240)],
    ['What must be paid each month to be rid of the loan in 18 years?', paid(210_000, 0.004, 216)],
    ['What payment would end it 60 payments sooner?', paid(210_000, 0.004, 240)],
  ])('has the payment of fewer payments: %s', (question, payment) => {
    expect(firstAnswers(`${MORTGAGE} ${question}`)).toEqual([expect.closeTo(payment, 4)]);
  });

  it('costs so much more each time', () => {
    const more = 'How much more would the owners have to pay each month to be done in 20 years?';
    expect(firstAnswers(`${MORTGAGE} ${more}`)).toEqual([
      expect.closeTo(paid(210_000, 0.004, 240) - paid(210_000, 0.004, 300), 4),
    ]);
  });

  it('keeps its years in the wording of an exercise, since what is left of them is worked out', () => {
    const text = `${MORTGAGE} What payment would end it five years sooner?`;
    const made = exerciseFromText(text, readProblem(text))!;
    expect(made.exercise.givens?.map(({ name }) => name)).toEqual(['amount', 'rate']);
  });

  it('that another payment brings is a told time less one that is found', () => {
    const text = `${MORTGAGE} How much sooner is it repaid if $1,400 a month is paid instead of the regular payment?`;
    const sooner = 25 - count(210_000, 0.004, 1400) / 12;
    expect(firstAnswers(text)).toEqual([expect.closeTo(sooner, 4)]);
    const { exercise } = exerciseFromText(text, readProblem(text))!;
    expect(exercise.parts.map(({ ask }) => ask)).toEqual([
      expect.objectContaining({ quantity: 'years' }),
      { quantity: 'expression', text: 'years - answer a' },
    ]);
  });
});

describe('payments made and payments to go', () => {
  it('are all together', () => {
    const text =
      'The dairy has paid 36 instalments on its loan of $18,000 and has 24 to go. Interest is 7.2% compounded monthly. Find the payment and what is still owed.';
    const payment = paid(18_000, 0.006, 60);
    const owed = (payment * (1 - 1.006 ** -24)) / 0.006;
    expect(firstAnswers(text)).toEqual([expect.closeTo(payment, 4), expect.closeTo(owed, 4)]);
  });
});

describe('a debt that is followed down to a sum', () => {
  it('is followed to its end, too', () => {
    const text =
      'A borrower takes $15,000 at 9.9% compounded monthly and repays $320 at the end of each month. Find the number of payments. After how many payments is the balance first below $7,500?';
    const i = 0.099 / 12;
    const down = Math.log((320 - 7500 * i) / (320 - 15_000 * i)) / Math.log(1 + i);
    expect(firstAnswers(text)).toEqual([expect.closeTo(count(15_000, i, 320), 4), expect.closeTo(down, 4)]);
  });
});
