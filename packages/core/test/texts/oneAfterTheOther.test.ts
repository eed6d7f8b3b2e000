/** Stages that follow one another: a sum that is joined by deposits later, a payment that rises, a rate of its own in the second. */

import { readProblem } from '../../src/texts/index.ts';
import { answersOf, countOf, savedOf, worthOf } from './byHand.ts';

describe('what is read of stages', () => {
  it('lets a sum grow alone before deposits join it', () => {
    const i = 0.033 / 12;
    const end = 5_000 * (1 + i) ** 96 + savedOf(120, i, 60);
    for (const text of [
      'Clara puts €5 000 into an account at 3,3 % compounded monthly. Three years later she begins to add €120 at the end of each month, for five years. What is there at the end?',
      'Clara invests $5,000 at 3.3% compounded monthly. Three years later she begins to add $120 at the end of each month. What is there five years after that?',
      'A sum of $5,000 lies for three years at 3.3% compounded monthly; for the next five years $120 is added at the end of each month. How much is there then?',
    ])
      expect(answersOf(text)).toEqual([expect.closeTo(end, 4)]);
  });

  it('takes the loan from the payments agreed on, and counts those that are made', () => {
    const i = 0.084 / 12;
    const [loan, count] = answersOf(
      'A five-year loan at 8.4% compounded monthly has month-end payments of $512.40. From the 25th payment on the borrower pays $100 more each month. What was the loan? How many payments are there in all?',
    );
    const owed = worthOf(512.4, i, 60);
    const then = owed * (1 + i) ** 24 - savedOf(512.4, i, 24);
    expect(loan).toBeCloseTo(owed, 4);
    expect(count).toBeCloseTo(24 + countOf(then, 612.4, i), 4);
  });

  it('counts all payments where it does not ask for those to come', () => {
    const i = 0.108 / 12;
    const [count] = answersOf(
      'A £7,500 loan at 10.8% compounded monthly is repaid by £160 a month for the first year, then £220 a month until it is repaid. How many payments are needed?',
    );
    const then = 7_500 * (1 + i) ** 12 - savedOf(160, i, 12);
    expect(count).toBeCloseTo(12 + countOf(then, 220, i), 6);
  });

  it('adds the interest of both stages, with a sum that was there first', () => {
    const i = 0.042 / 12;
    const end = (12_000 * (1 + i) ** 48 + savedOf(150, i, 48)) * (1 + i) ** 72;
    const [there, interest] = answersOf(
      'An account holds $12,000. For four years $150 is added at each month-end; after that nothing is added for another six years. Interest: 4.2% compounded monthly. What is the final balance, and how much interest was earned in all?',
    );
    expect(there).toBeCloseTo(end, 4);
    expect(interest).toBeCloseTo(end - 12_000 - 48 * 150, 4);
  });

  it('doubts a loan of which the text does not say how it is repaid', () => {
    const { doubts } = readProblem(
      'A couple borrowed $186,000 for 30 years at 6.3% compounded monthly. How much interest would they save if the loan were for 20 years instead?',
    );
    expect(doubts.map(({ says }) => says)).toEqual(['Is the loan repaid in one sum, or by payments?']);
  });
});
