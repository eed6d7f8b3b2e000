/** What is there right after a payment, where payments come first: its period is not yet over. */

import { answerKeyOf, defaultHouseRules, must } from '../../src/index.ts';
import { exerciseFromText, readProblem } from '../../src/texts/index.ts';

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

describe('an exercise from them', () => {
  const lease =
    'A press worth $20,000 is leased for 4 years at 6% compounded monthly, the rent due on the first of each month.';
  it.each([
    [`${saving.replace('.', ' for 5 years.')} What is there right after the 20th deposit?`, 'balance-right-after', 0],
    [`${saving.replace('.', ' for 5 years.')} What is there after the 20th deposit?`, 'balance-right-after', 1],
    [`${saving.replace('.', ' for 5 years.')} What is there after 2 years?`, 'balance-after', 0],
    [`${lease} What is the rent? How much of the 13th rent is interest?`, 'interest-portion', 0],
    [`${lease} What is the rent? How much interest is paid in the second year?`, 'interest-in', 0],
  ])('%s', (text, quantity, readings) => {
    const reading = readProblem(text);
    const { exercise, leftOut } = exerciseFromText(text, reading)!;
    expect(leftOut).toEqual([]);
    const part = exercise.parts.at(-1)!;
    expect(part).toMatchObject({ ask: { quantity } });
    expect(part.readings ?? []).toHaveLength(readings);
    const keyed = must(answerKeyOf(exercise, part.id, {}, defaultHouseRules));
    expect(reading.asks.at(-1)?.answers.map((each) => each.toFixed(2))).toContain(keyed.written.replace(/,/g, ''));
  });

  it('looks just before a payment at the end of the period before it', () => {
    const [, ask] = readProblem(`${lease} What is the rent? What is owed just before the 13th rent is paid?`).asks;
    const rent = 20_000 / 1.005 / ((1 - 1.005 ** -48) / 0.005);
    const owed = 20_000 * 1.005 ** 12 - (rent * 1.005 * (1.005 ** 12 - 1)) / 0.005;
    expect(ask?.answers).toContainEqual(expect.closeTo(owed, 6));
    expect(ask?.answers).not.toContainEqual(expect.closeTo(owed / 1.005, 2));
  });
});
