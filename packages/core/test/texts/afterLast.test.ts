/** What is there right after a payment, where payments come first: its period is not yet over. */

import { readProblem } from '../../src/texts/index.ts';

const saving = 'Lena pays £100 at the beginning of each month at 6% compounded monthly.';
/** What n payments come to when the last one has just been made. */
const after = (n: number): number => (100 * (1.005 ** n - 1)) / 0.005;

describe('payments that come first', () => {
  it.each([
    [`${saving} What is there right after the 20th deposit?`, after(20)],
    [`${saving} What is there just after the last of 24 deposits?`, after(24)],
    [
      'Lena pays £100 at the beginning of each month into a fund at 6% compounded monthly. What is in it one month after the 20th deposit?',
      after(20) * 1.005,
    ],
    [
      'Lena has £2,000 and adds £100 at the beginning of each month at 6% compounded monthly. What is there right after the 20th deposit?',
      2000 * 1.005 ** 19 + after(20),
    ],
  ])('%s', (text, answer) => {
    const { asks, doubts } = readProblem(text);
    expect(doubts).toEqual([]);
    expect(asks.map(({ answers }) => answers[0])).toEqual([expect.closeTo(answer, 6)]);
  });

  it('looks at both ends of a period where the words leave it open', () => {
    const [ask] = readProblem(`${saving} What is there after the 20th deposit?`).asks;
    expect(ask?.answers).toContainEqual(expect.closeTo(after(20), 6));
    expect(ask?.answers).toContainEqual(expect.closeTo(after(20) * 1.005, 6));
  });
});
