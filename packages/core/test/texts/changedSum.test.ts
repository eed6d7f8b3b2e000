/** A single sum that changes on the way: another rate, more put in. */

import { describe, expect, it } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';

const answered = (text: string): number | undefined => readProblem(text).asks[0]?.answers[0];

describe('a single sum that changes on the way', () => {
  it('grows at the first rate, and then at the second', () => {
    const text =
      'Interest: 4% the first three years, 5% afterwards, both compounded annually. What does £10,000 become in eight years?';
    expect(answered(text)).toBeCloseTo(10000 * 1.04 ** 3 * 1.05 ** 5, 6);
  });

  it('has the second rate compounded as the text says', () => {
    const text =
      '€45,000 is deposited at 3.24% compounded quarterly. Five years later the rate is changed to 2.88% compounded monthly. What is the value of the deposit 12 years after it was made?';
    expect(answered(text)).toBeCloseTo(45000 * 1.0081 ** 20 * 1.0024 ** 84, 6);
  });

  it('takes in what is added', () => {
    const text =
      '$11,000 is invested at 5.2% compounded quarterly. After three years another $4,000 is added. How much is there after eight years?';
    expect(answered(text)).toBeCloseTo(11000 * 1.013 ** 32 + 4000 * 1.013 ** 20, 6);
  });

  it('is smaller before more is put in, and larger after it', () => {
    const text =
      'Norbert invested $5,200 for 7 years at 6% compounded quarterly. After 5 years he added $3,000. What was the balance after 5 years? What is there at the end?';
    const [then, end] = readProblem(text).asks.map(({ answers }) => answers);
    expect(then?.[0]).toBeCloseTo(5200 * 1.015 ** 20, 6);
    expect(then?.[1]).toBeCloseTo(5200 * 1.015 ** 20 + 3000, 6);
    expect(end?.[0]).toBeCloseTo((5200 * 1.015 ** 20 + 3000) * 1.015 ** 8, 6);
  });

  it('grows for the time between two times that are told as gone by', () => {
    const text =
      'Some 7 years ago, Norbert invested $5,200 at 6% compounded quarterly. Two years ago he added $3,000. What is his balance today?';
    expect(answered(text)).toBeCloseTo((5200 * 1.015 ** 20 + 3000) * 1.015 ** 8, 6);
  });
});

describe('savings looked at before a deposit', () => {
  it('are without it', () => {
    const text =
      'Ana saves $100 at the end of each month for 7 years at 6% compounded monthly. What is the balance just before the 24th deposit?';
    expect(answered(text)).toBeCloseTo(100 * ((1.005 ** 24 - 1) / 0.005 - 1), 6);
  });
});
