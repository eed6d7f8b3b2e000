/** What holds for both of two terms, what is asked of one plan beside its change, and what days tell. */

import { readProblem } from '../../src/texts/index.ts';
import { answersOf, countOf, owedAfter, paymentOf, savedOf } from './byHand.ts';

describe('two terms and rates told alike', () => {
  it.each([
    'For a $220,000 house with 15% down, a lender offers 30 years at 6.24% or 20 years at 5.88%, both compounded monthly and paid at month end. Find both payments.',
    'A cottage costs $220,000. With 15% down, the rest may be financed over 30 years at 6.24% or over 20 years at 5.88%, both compounded monthly, payments at month end. What is each payment?',
    'Buying a $220,000 flat with $33,000 down, Ilse can choose between 30 years at 6.24% and 20 years at 5.88%, both compounded monthly with month-end payments. Find both payments.',
  ])('share the deposit: %s', (text) => {
    const lent = 220_000 * 0.85;
    expect(answersOf(text)).toEqual([
      expect.closeTo(paymentOf(lent, 0.0624 / 12, 360), 4),
      expect.closeTo(paymentOf(lent, 0.0588 / 12, 240), 4),
    ]);
  });

  it('do not share what only one of them pays', () => {
    const answers = answersOf(
      'The price is £9,000. Either she pays £1,000 down and the rest over 2 years at 6%, or nothing down and everything over 3 years at 7.2%; both compounded monthly with payments at month end. Find both payments.',
    );
    expect(answers).toEqual([
      expect.closeTo(paymentOf(8_000, 0.005, 24), 4),
      expect.closeTo(paymentOf(9_000, 0.006, 36), 4),
    ]);
  });

  it('are not one rate after the other', () => {
    const { plans } = readProblem(
      'A loan of $27,500 is repaid by 60 month-end payments. The rate is 6.9% compounded monthly for the first two years and 8.1% compounded monthly for the remaining three; the payment is adjusted after two years. By how much does the payment rise?',
    );
    expect(plans).toHaveLength(1);
  });
});

describe('payments counted from a change or a moment', () => {
  const i = 0.06 / 12;

  it.each([
    'The payments on a loan of $17,000 at 6% compounded monthly are to be $300 at the end of each month. After 30 payments, the borrower raises them to $400. How many payments of $400 are needed?',
    'A debt of $17,000 at 6% compounded monthly is being repaid with $300 at the end of each month. After 30 such payments she switches to $400 a month. How many of these larger payments are there?',
  ])('of a loan: %s', (text) => {
    expect(answersOf(text)).toEqual([expect.closeTo(countOf(owedAfter(17_000, 300, i, 30), 400, i), 6)]);
  });

  it('of deposits', () => {
    const [count] = answersOf(
      'Dagny saves $200 at the end of each month at 6% compounded monthly. After 24 deposits she raises them to $260. How many deposits of $260 are needed to reach $20,000?',
    );
    const there = savedOf(200, i, 24);
    expect(savedOf(260, i, count!) + there * (1 + i) ** count!).toBeCloseTo(20_000, 4);
  });

  it('after a moment of their own', () => {
    const [count] = answersOf(
      '$60,000 at 6% compounded monthly is repaid by $700 at the end of each month. How many payments are left after three years?',
    );
    expect(count).toBeCloseTo(countOf(60_000, 700, i) - 36, 6);
  });
});

describe('what is asked beside a change, of two ends, and of rents', () => {
  it('tells the interest without the rise from that with it', () => {
    const [before, after, interest] = answersOf(
      'A library borrowed £90,000 at 5.4% compounded monthly over 12 years, payments monthly in arrears. Three years later the rate went up to 6.6%; the library kept the end date. What were the payments before and after? What would the total interest have been without the rise?',
    );
    const payment = paymentOf(90_000, 0.0045, 144);
    expect(before).toBeCloseTo(payment, 4);
    expect(after).toBeCloseTo(paymentOf(owedAfter(90_000, payment, 0.0045, 36), 0.0055, 108), 4);
    expect(interest).toBeCloseTo(144 * payment - 90_000, 3);
  });

  it('looks at the first years and at the last one', () => {
    const i = 0.081 / 12;
    const payment = paymentOf(18_000, i, 72);
    const after = (k: number): number => owedAfter(18_000, payment, i, k);
    expect(
      answersOf(
        'Find the interest paid in the first two years and in the last year of a 6-year loan of $18,000 at 8.1% compounded monthly, paid at month end.',
      ),
    ).toEqual([expect.closeTo(24 * payment - 18_000 + after(24), 4), expect.closeTo(12 * payment - after(60), 4)]);
  });

  it('holds rents against a price due now', () => {
    const { asks } = readProblem(
      'A machine can be rented for 5 years at $900 a month, payable in advance, or bought for $45,000. At 6% compounded monthly, which is cheaper in present value?',
    );
    const rents = 900 * 1.005 * ((1 - 1.005 ** -60) / 0.005);
    expect(rents).toBeGreaterThan(45_000);
    expect(asks.map(({ quantity, answers }) => [quantity, answers[0]])).toEqual([['choice', 1]]);
  });
});

describe('what is paid by a moment, and a share that is left', () => {
  const i = 0.005;
  const payment = paymentOf(10_000, i, 48);
  const loan = 'A loan of £10,000 at 6% compounded monthly is repaid over 4 years at month end.';

  it.each([
    [
      'What has she paid after the 20th payment, and what does she still owe?',
      [20 * payment, owedAfter(10_000, payment, i, 20)],
    ],
    [
      'How much has been paid to the bank after two years, and how much of it was interest?',
      [24 * payment, 24 * payment - 10_000 + owedAfter(10_000, payment, i, 24)],
    ],
    ['What will have been paid in all when the last payment has been made?', [48 * payment]],
  ])('%s', (question, expected) => {
    expect(answersOf(`${loan} ${question}`)).toEqual(expected.map((each) => expect.closeTo(each, 4)));
  });

  it.each([
    ['After how many payments is the balance below half of the loan?', 1 / 2],
    ['When has the debt fallen to a third of what it was?', 1 / 3],
    ['How long does it take until only a quarter of the loan is still owed?', 1 / 4],
  ])('%s', (question, left) => {
    const [count] = answersOf(
      `An $18,000 loan at 6% compounded monthly is repaid with $300 at the end of each month. ${question}`,
    );
    expect(owedAfter(18_000, 300, i, count!)).toBeCloseTo(18_000 * left, 2);
  });

  it('holds two who owe alike to one rate, though one of them pays until it is gone', () => {
    const rate = 0.084 / 12;
    const [most, less] = answersOf(
      "Ada and Berit each owe $9,000 at 8.4% compounded monthly. Ada repays in 36 month-end payments; Berit pays $250 at each month's end until the debt is gone. Who pays more interest, and by how much?",
    );
    const full = Math.floor(countOf(9_000, 250, rate));
    const last = owedAfter(9_000, 250, rate, full) * (1 + rate);
    expect(most).toBe(1);
    expect(less).toBeCloseTo(full * 250 + last - 36 * paymentOf(9_000, rate, 36), 3);
  });
});

describe('days of the calendar', () => {
  const i = 0.09 / 12;
  const payment = paymentOf(6_000, i, 36);

  it.each([
    'On 1 March 2024 Joost takes a loan of €6,000 at 9% compounded monthly, which he repays in 36 equal monthly payments, the first on 1 April 2024. What is still owed right after the payment on 1 December 2025?',
    'On 1 March 2024 Tam borrows €6,000 at 9% compounded monthly, to be repaid by 36 equal payments on the first of each month, beginning on 1 April 2024. What does he owe after the payment on 1 December 2025?',
  ])('count payments from the first, which falls a period after the loan: %s', (text) => {
    expect(answersOf(text)).toEqual([expect.closeTo(owedAfter(6_000, payment, i, 21), 4)]);
  });

  it('count them from the first where the day of the loan is not told', () => {
    const { asks, doubts } = readProblem(
      'A loan of €6,000 at 9% compounded monthly is repaid in 36 equal monthly payments, the first of them on 1 April 2024. What is still owed just after the payment of 1 December 2025?',
    );
    expect(asks[0]?.answers[0]).toBeCloseTo(owedAfter(6_000, payment, i, 21), 4);
    expect(doubts.map(({ about }) => about)).toEqual(['timing']);
  });
});
