/** A goal that is passed or missed, deposits that are kept, a payment that does not fit: worked here, apart from core. */

import { answerKey, defaultHouseRules } from '../../src/index.ts';
import { exerciseFromText, readProblem } from '../../src/texts/index.ts';
import { paymentOf, savedOf } from './byHand.ts';
import { rulesFor } from './keys.ts';

/** The exact answer of each part, and what the key of the exercise made of it says. */
function both(text: string): { readonly exact: readonly number[]; readonly keys: readonly string[] } {
  const reading = readProblem(text);
  expect(reading.doubts).toEqual([]);
  const { exercise, leftOut } = exerciseFromText(text, reading)!;
  expect(leftOut).toEqual([]);
  const keys = answerKey(exercise, {}, { ...defaultHouseRules, ...rulesFor(exercise) });
  return {
    exact: reading.asks.map(({ answers }) => answers[0]!),
    keys: keys.map((each) => (each.ok ? each.value.written : each.problem.message)),
  };
}

describe('what is saved towards a goal', () => {
  it('is a whole number of deposits, and what they come to', () => {
    const { exact, keys } = both(
      'Ines puts by €240 at the end of each month at 3.6% compounded monthly. After how many deposits does she first have at least €20,000? How much does she then have?',
    );
    const n = Math.log(1 + (20_000 * 0.003) / 240) / Math.log(1.003);
    expect(exact[0]).toBeCloseTo(n, 6);
    expect(exact[1]).toBeCloseTo(savedOf(240, 0.003, Math.ceil(n)), 4);
    expect(keys).toEqual(['75', '20,152.08']);
  });

  it('is held against the goal, with the deposit that reaches it', () => {
    const { exact, keys } = both(
      'Bruno saves $400 at the end of every month for 10 years at 4.2% compounded monthly because he wants $62,000. How far short will he fall? What should he have saved each month?',
    );
    const reached = savedOf(400, 0.0035, 120);
    expect(exact[0]).toBeCloseTo(62_000 - reached, 4);
    expect(exact[1]).toBeCloseTo((400 * 62_000) / reached, 4);
    // What is there comes first.
    expect(keys).toEqual(['59,525.25', '2,474.75', '416.63']);
  });

  it('is another sum where the rate changes and the deposits stay', () => {
    const { exact } = both(
      'To accumulate $60,000 in 12 years, Emmet makes equal deposits at the end of each month in an account at 3.6% compounded monthly. (a) Find the deposit. (b) After 7 years the rate falls to 3%. If he keeps the same deposits, how much will he have at the end?',
    );
    const deposit = (60_000 * 0.003) / (1.003 ** 144 - 1);
    expect(exact[0]).toBeCloseTo(deposit, 6);
    expect(exact[1]).toBeCloseTo(savedOf(deposit, 0.003, 84) * 1.0025 ** 60 + savedOf(deposit, 0.0025, 60), 4);
  });

  it('by two, one of whom stops and leaves it', () => {
    const { exact } = both(
      'Ada saves £150 a month for 8 years, then lets the money grow for another 12 years. Bea waits 8 years and then saves £150 a month for 12 years. Interest is 4.2 % compounded monthly, deposits at month-end. Who ends up with more? How much more?',
    );
    const ada = savedOf(150, 0.0035, 96) * 1.0035 ** 144;
    expect(exact[1]).toBeCloseTo(Math.abs(ada - savedOf(150, 0.0035, 144)), 4);
  });
});

describe('a fund', () => {
  it('of which another sum could be drawn over a time of its own', () => {
    const { exact } = both(
      'Winifred draws $2,300 at the end of each month from $410,000 at 4.5% compounded monthly. How much is left after 15 years? What could she draw each month if nothing were to be left after 25 years?',
    );
    expect(exact[0]).toBeCloseTo(410_000 * 1.00375 ** 180 - savedOf(2300, 0.00375, 180), 4);
    expect(exact[1]).toBeCloseTo(paymentOf(410_000, 0.00375, 300), 6);
  });

  it('that is left alone afterwards', () => {
    const { exact } = both(
      'Ann deposits $100 at the end of each month for 6 years at 3.6% compounded monthly. What is in the account? What will be in it 4 years later if no more deposits are made?',
    );
    expect(exact).toEqual([
      expect.closeTo(savedOf(100, 0.003, 72), 4),
      expect.closeTo(savedOf(100, 0.003, 72) * 1.003 ** 48, 4),
    ]);
  });

  it('that was worth something some years ago', () => {
    const { exact } = both(
      'The value of a fund was $13,400 four years ago and is $16,950 today. What was its annual growth?',
    );
    expect(exact[0]).toBeCloseTo((16_950 / 13_400) ** (1 / 4) - 1, 8);
  });
});

describe('a payment that is told', () => {
  it('is held against the one that fits', () => {
    const { exact, keys } = both(
      'A loan of $150,000 at 6% compounded monthly is repaid by $1,200 at the end of each month. By how much must the payment rise for the loan to be repaid in 12 years?',
    );
    expect(exact[0]).toBeCloseTo(paymentOf(150_000, 0.005, 144) - 1200, 6);
    expect(keys.at(-1)).toBe('263.78');
  });

  it('goes on to a renewal at another rate', () => {
    const { exact } = both(
      'The Vennings have a mortgage of $268,000 at 4.8% compounded monthly and pay $1,700 at the end of each month. How much is owed after five years? If the rate at renewal is 6%, what payment clears the rest in 17 years?',
    );
    const owed = 268_000 * 1.004 ** 60 - savedOf(1700, 0.004, 60);
    expect(exact[0]).toBeCloseTo(owed, 4);
    expect(exact[1]).toBeCloseTo(paymentOf(owed, 0.005, 204), 5);
  });

  it('is no goal, and no sum that only compares', () => {
    const { asks } = readProblem(
      'A loan of £30,000 at 6% compounded monthly is repaid with equal payments at the end of each month over 10 years. How much more than £30,000 does she pay back?',
    );
    expect(asks.map(({ quantity }) => quantity)).toEqual(['totalInterest']);
  });
});

describe('one sum', () => {
  it.each([
    ['A simple loan: $5,600 for 8 months at 9% simple interest. What has to be repaid?', 5_600 * (1 + 0.06)],
    ['A merchant lends $900 at 6% simple interest for two years. How much does he get back?', 900 * 1.12],
    [
      'Sinead owes $6,000 in 8 months and $4,000 in 20 months. She pays $5,000 now. What payment a year from now settles everything, at 9% compounded monthly?',
      6_000 * 1.0075 ** 4 + 4_000 * 1.0075 ** -8 - 5_000 * 1.0075 ** 12,
    ],
  ])('%s', (text, expected) => expect(both(text).exact[0]).toBeCloseTo(expected, 4));
});

it('what is paid when a loan is paid off on the way, and the interest that is spared, up to the last payment', () => {
  const text =
    'A loan of $4,000 is repaid over 18 months at 9.6% compounded monthly, payments at the end of each month. If she pays the loan off right after the tenth payment, how much does she pay then, and how much interest does she save?';
  const { exact } = both(text);
  const owed = paymentOf(4_000, 0.008, 18) * ((1 - 1.008 ** -8) / 0.008);
  expect(exact[0]).toBeCloseTo(owed, 5);
  expect(exact[1]).toBeCloseTo(8 * paymentOf(4_000, 0.008, 18) - owed, 5);
  const { exercise } = exerciseFromText(text, readProblem(text))!;
  expect(exercise.parts.at(-1)!.prompt).toBe('How much interest is paid from payment 11 to the last?');
});
