/** A payment that is found, and later raised by a sum. */

import { checkSubmission, rightKinds } from '../../src/index.ts';
import { exerciseFromText, readProblem } from '../../src/texts/index.ts';
import { rulesFor } from './keys.ts';

describe('a rise on a payment that has to be found', () => {
  const { asks, statements, doubts } = readProblem(
    'A loan of £24,000 at 7.44% compounded monthly takes 60 month-end payments. After 12 of them the borrower raises the payment by £100. Find the payment, and how many payments there are in all.',
  );

  it('is added to it, rounded in the statement and exact in the answers', () => {
    expect(doubts).toEqual([]);
    expect(asks.map(({ quantity }) => quantity)).toEqual(['payment', 'payments']);
    const [payment] = asks[0]!.answers;
    // What is owed after 12 payments, paid off at the payment and 100.
    const i = 0.0744 / 12;
    const owed = 24000 * (1 + i) ** 12 - (payment! * ((1 + i) ** 12 - 1)) / i;
    const more = -Math.log(1 - (owed * i) / (payment! + 100)) / Math.log(1 + i);
    expect(asks[1]!.answers.some((each) => Math.abs(each - (12 + more)) < 1e-6)).toBe(true);
    expect(statements[0]?.changes).toEqual([{ kind: 'payment', after: 12, amount: 580.23 }]);
  });
});

describe('a rise on a payment that is told', () => {
  it('saves interest against the payments that there would be without it', () => {
    const { asks, doubts } = readProblem(
      'Ada pays £310 at the end of each month on a loan of £15,800 at 7.8% compounded monthly. After the 20th payment she pays £45 more each month. How many payments are there in all? How much interest does she save?',
    );
    expect(doubts).toEqual([]);
    expect(asks.map(({ quantity }) => quantity)).toEqual(['payments', 'difference']);
    // 63 payments without the rise, the last smaller: 3,454.04 of interest; 3,212.54 with it.
    const saved = asks[1]!.answers;
    expect(saved[0]).toBeCloseTo(241.5, 2);
    expect(saved.filter((each) => Math.abs(each - 241.5) > 0.2)).toEqual([]);
  });
});

describe('a plan whose last payment would be next to nothing', () => {
  const text =
    'A loan of £110,000 at 5.4% compounded monthly is repaid by £1,050 at the end of each month. From the 49th payment on £200 more is paid. By how many payments is the loan shortened?';
  const reading = readProblem(text);

  it('has one payment more or not, without the change: a student who counts it is as right as one who does not', () => {
    // 142.0024 payments as it stands, 124.03 with more.
    expect(reading.asks[0]!.answers).toEqual([17, 18]);
    const { exercise } = exerciseFromText(text, reading)!;
    const verdicts = ['17', '18', '16'].map((said) => {
      const [verdict] = checkSubmission(exercise, {}, { [exercise.parts[0]!.id]: said }, rulesFor(exercise));
      return rightKinds.includes(verdict!.kind);
    });
    expect(verdicts).toEqual([true, true, false]);
  });
});

describe('a higher payment that a later question supposes', () => {
  const { plans, asks, doubts } = readProblem(
    'A 25-year mortgage of £210,000 has a rate of 4.44% compounded monthly. (a) What is the month-end payment? (b) How much is owed after 10 years? (c) How long would the loan take if £200 more were paid each month from the start?',
  );
  const i = 0.0444 / 12;
  const payment = (210000 * i) / (1 - (1 + i) ** -300);

  it('leaves what is asked before it as it is', () => {
    expect(doubts).toEqual([]);
    expect(plans).toHaveLength(2);
    const [first, owed, long] = asks;
    expect(first?.answers.every((each) => Math.abs(each - payment) < 0.01)).toBe(true);
    expect(owed?.answers[0]).toBeCloseTo((payment * (1 - (1 + i) ** -180)) / i, 4);
    expect(long?.answers[0]).toBeCloseTo(-Math.log(1 - (210000 * i) / (payment + 200)) / Math.log(1 + i), 6);
  });
});
