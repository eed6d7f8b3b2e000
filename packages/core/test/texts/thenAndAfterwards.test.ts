/** What a moment or a change leaves behind it: interest to come, payments after a pause, both payments, deposits that go on. */

import { answersOf, countOf, owedAfter, paymentOf, savedOf, worthOf } from './byHand.ts';

describe('interest on either side of a moment', () => {
  const loan = 'A £30,000 loan at 6.6% compounded monthly, 5 years, month-end payments.';
  const i = 0.066 / 12;
  const payment = paymentOf(30_000, i, 60);
  const owed = owedAfter(30_000, payment, i, 24);
  const toCome = 36 * payment - owed;

  it.each([
    'How much interest has still to be paid after the 24th payment?',
    'What interest is still to come after two years?',
    'Two years on, what total interest will be paid over the rest of the term?',
  ])('to come: %s', (asked) => {
    expect(answersOf(`${loan} ${asked}`)).toEqual([expect.closeTo(toCome, 4)]);
  });

  it('saved by settling then', () => {
    expect(answersOf(`${loan} What is owed after 2 years? How much interest is saved by paying it off then?`)).toEqual([
      expect.closeTo(owed, 4),
      expect.closeTo(toCome, 4),
    ]);
  });

  it.each([
    ['What is owed after 2 years? How much interest is in the next 12 payments?', owed],
    ['What is owed after 24 payments, and what interest is paid in the following year?', owed],
  ])('in the year behind it: %s', (asked, then) => {
    const later = owedAfter(30_000, payment, i, 36);
    expect(answersOf(`${loan} ${asked}`)).toEqual([
      expect.closeTo(then, 4),
      expect.closeTo(12 * payment - (then - later), 4),
    ]);
  });

  it('of a loan that was settled', () => {
    expect(
      answersOf(
        `${loan} Right after the 24th payment the loan was settled. How much settles it? How much interest was paid in all?`,
      ),
    ).toEqual([expect.closeTo(owed, 4), expect.closeTo(24 * payment - (30_000 - owed), 4)]);
  });

  it('of the whole, in some of its years', () => {
    expect(
      answersOf(`${loan} What is the total interest, and how much of it is paid in the last three years?`),
    ).toEqual([expect.closeTo(60 * payment - 30_000, 4), expect.closeTo(toCome, 4)]);
  });
});

describe('a payment before and after', () => {
  const i = 0.06 / 12;
  const first = paymentOf(20_000, i, 72);

  it('a change of rate, with the difference of the two', () => {
    const later = paymentOf(owedAfter(20_000, first, i, 24), 0.05 / 12, 48);
    expect(
      answersOf(
        'A loan of £20,000 over 6 years at 6% compounded monthly, month-end. After 2 years the rate falls to 5% and the payment is adjusted. Give the first payment, the later payment and the difference.',
      ),
    ).toEqual([expect.closeTo(first, 4), expect.closeTo(later, 4), expect.closeTo(first - later, 4)]);
  });

  it('a pause, counted behind it', () => {
    const owed = owedAfter(20_000, first, i, 12) * (1 + i) ** 4;
    expect(
      answersOf(
        'Sigrid borrowed £20,000 at 6% compounded monthly over 72 months. After 12 payments she pays nothing for 4 months, interest being added to the debt, and then goes on with the old payment until the loan is paid off. How many more payments are there after the pause?',
      ),
    ).toEqual([expect.closeTo(countOf(owed, first, i), 6)]);
  });
});

describe('deposits', () => {
  it.each([
    'Savings of £400 a month at the end of the month earn 4.2% compounded monthly for 6 years. Then the rate drops to 3% while the deposits go on for 4 more years. What is the final amount?',
    'She saves £400 at the end of each month. After 6 years at 4.2% compounded monthly the rate falls to 3%; she continues to save for four further years. What does she have?',
    'Deposits of £400 each month-end earn 4.2% compounded monthly during six years; after that 3%, and the deposits are kept up for four more years. How large is the fund?',
  ])('go on at another rate: %s', (text) => {
    const there = savedOf(400, 0.042 / 12, 72);
    expect(answersOf(text)).toEqual([expect.closeTo(there * (1 + 0.03 / 12) ** 48 + savedOf(400, 0.03 / 12, 48), 4)]);
  });

  it('are followed by larger ones', () => {
    const there = savedOf(600, 0.008, 24);
    expect(
      answersOf(
        'Deposits at the end of each quarter of €600 for 6 years are followed by deposits of €900 for 4 years. Interest: 3.2% compounded quarterly. Balance after 6 years; after 10?',
      ),
    ).toEqual([expect.closeTo(there, 4), expect.closeTo(there * 1.008 ** 16 + savedOf(900, 0.008, 16), 4)]);
  });

  it('pay for what is drawn afterwards', () => {
    expect(
      answersOf(
        'How much must be deposited at the end of each quarter for 10 years so that afterwards €1,500 can be withdrawn at the end of each quarter for 10 years? The account pays 4% compounded quarterly throughout.',
      ),
    ).toEqual([expect.closeTo(worthOf(1_500, 0.01, 40) / savedOf(1, 0.01, 40), 4)]);
  });

  it('with what was there first', () => {
    expect(
      answersOf(
        'Dana has $7,200 in her account and adds $310 at the end of every month for six years at 3.84% compounded monthly. How much of her own money is in it then?',
      ),
    ).toEqual([7_200 + 72 * 310]);
  });
});

describe('what is told of one of two', () => {
  it('is not told of the other', () => {
    const answers = answersOf(
      'Vendor 1: €28,000 over 60 months at 4.4% compounded monthly. Vendor 2: the same sum over 60 months, first payment today, at 4.8% compounded monthly. Find both payments.',
    );
    expect(answers).toEqual([
      expect.closeTo(paymentOf(28_000, 0.044 / 12, 60), 4),
      expect.closeTo(paymentOf(28_000, 0.004, 60) / 1.004, 4),
    ]);
  });
});

describe('sums', () => {
  it('in crowns are no thousands', () => {
    expect(
      answersOf(
        'A debt of 180 000 Kč at 9,6 % compounded monthly is repaid over 5 years by month-end payments. Find the payment.',
      ),
    ).toEqual([expect.closeTo(paymentOf(180_000, 0.008, 60), 4)]);
  });

  it.each([
    [
      'at their start',
      'What should a lender hand out today for £415 at each month end for 7 years at 8.4% compounded monthly?',
      0,
    ],
    [
      'at their end',
      'Payments of £415 at the end of each month for 7 years are to be replaced by one payment made with the last of them. Find it at 8.4% compounded monthly.',
      84,
    ],
  ])('of payments gathered in one %s', (_, text, periods) => {
    expect(answersOf(text)).toEqual([expect.closeTo(worthOf(415, 0.007, 84) * 1.007 ** periods, 3)]);
  });
});
