/** "After three years", said in all the ways there are, means the same wherever it stands. */

import { describe, expect, test } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';
import { askInALine, planInALine } from './reference.ts';

/** Of payments by the month over five years: all of them the moment after payment 36. */
const moments =
  `after three years | after 36 months | after 36 payments | after the 36th payment | immediately after the 36th payment
once 36 payments have been made | when 36 payments have been made | as soon as 36 payments have been made | with 36 payments made
after making 36 payments | after having made 36 payments | when she has made 36 payments | after the first 36 payments
after 36 of these payments | after 36 of the 60 payments | with 36 of the 60 payments made | after payment number 36 | after payment 36
following the 36th payment | upon making the 36th payment | at the time of the 36th payment | at month 36 | at the end of month 36
at the end of the 36th month | at the end of the third year | at the end of year 3 | by the end of the third year | after year 3
when the third year is over | at the close of the third year | on completion of the third year | on the third anniversary
after the payment at the end of the third year | after the last payment of the third year | at the end of 3 years | 3 years later
three years on | in three years | in three years' time | three years from now | after three full years | after 12 quarters
when three years have passed | once three years have gone by | after three years have elapsed | when three years are over
three years into the term | after a period of three years | at the three-year mark | after the first three years | after 3 years of payments
after 3 of the 5 years | when 3 of the 5 years have passed | after 36 of the 60 months | with 2 of the 5 years left
with two years to go | with 24 payments to go | with 24 payments still to be made | with 24 payments remaining | with 24 payments left
when 24 payments remain | when two years remain | when two years are left | with 24 months left to run | two years before the end
24 months before the end | two years before the last payment | at the start of the fourth year | at the beginning of year 4`
    .split(/ \| |\n/)
    .map((each) => each.trim());

const loan =
  'Ada borrows £12,000 at 7.2% compounded monthly and repays it over 5 years by equal payments at the end of each month.';
const saving = 'Cleo saves £200 at the end of each month for 5 years at 4.8% compounded monthly.';
const begun = (moment: string): string => moment.charAt(0).toUpperCase() + moment.slice(1);

const cases: Readonly<Record<string, (moment: string) => string>> = {
  'what is owed': (at) => `${loan} How much is owed ${at}?`,
  'what is owed, asked behind it': (at) => `${loan} ${begun(at)}, how much does she still owe?`,
  'what clears it': (at) => `${loan} What sum would pay off her loan ${at}?`,
  'interest until then': (at) => `${loan} How much interest has she paid ${at}?`,
  'principal until then': (at) => `${loan} How much of the principal has she repaid ${at}?`,
  'a balance with a balloon': (at) =>
    `A van costing £20,000 is financed over 5 years at 7.2% compounded monthly with monthly payments and a balloon of £5,000 with the last payment. What is the balance ${at}?`,
  'another rate': (at) =>
    `${loan} ${begun(at)} the rate rises to 8.4% compounded monthly. What is the new monthly payment?`,
  'an extra payment': (at) =>
    `Ada's £12,000 loan at 7.2% compounded monthly has 60 equal monthly payments. ${begun(at)}, she pays an extra £1,000. If she keeps the same payment, how many more payments will she make?`,
  'a higher payment': (at) =>
    `Ada's £12,000 loan at 7.2% compounded monthly is to be repaid by 60 equal monthly payments. ${begun(at)} she raises her payment by £50 a month. How many more payments are needed?`,
  'a pause': (at) =>
    `${loan} ${begun(at)} she stops paying for 6 months. How much does she owe at the end of those six months?`,
  'another loan': (at) =>
    `${loan} ${begun(at)} the balance is refinanced at 6% compounded monthly, with 24 monthly payments. What is the new payment?`,
  'what is saved': (at) => `${saving} How much is in the account ${at}?`,
  'what is saved, asked behind it': (at) => `${saving} ${begun(at)}, what is the account worth?`,
  'an end to the saving': (at) =>
    `${saving} ${begun(at)} she stops paying in and leaves the money in the account. How much has she at the end of the 5 years?`,
  'a sum added': (at) =>
    `${saving} ${begun(at)} she adds a bonus of £1,500. How much does she have at the end of the 5 years?`,
  'a higher deposit': (at) =>
    `${saving} ${begun(at)} she raises her payments to £250. How much has she at the end of the 5 years?`,
  'what is left of a fund': (at) =>
    `A fund of £50,000 earning 4.8% compounded monthly pays out equal amounts at the end of each month for 5 years. How much is left in the fund ${at}?`,
};

const read = (text: string) => {
  const { plans, asks, doubts } = readProblem(text);
  return { reading: `${plans.map(planInALine).join(' ; ')} || ${asks.map(askInALine).join(' ; ')}`, doubts };
};

/** Of payments by the month, the first of which falls seven months from now. */
const begins =
  `the first payment being due in 7 months | the first payment falling due 7 months from now | deferred for six months
with the first payment 7 months from today | the first payment to be made at the end of seven months | the first 7 months from now
deferred six months | the first one at the end of 7 months | the first payment being made 7 months hence | the first of them in 7 months
with the first payment due 7 months from today | the first payment coming after 7 months | the first in 7 months' time
the first payment at the end of the 7th month | with a deferral period of six months | first payment in 7 months
where the first payment is made after 7 months | after a deferment of six months`
    .split(/ \| |\n/)
    .map((each) => each.trim());

const deferred: Readonly<Record<string, (begin: string) => string>> = {
  'of a debt': (begin) =>
    `Ada buys furniture for £6,000 on credit at 9% compounded monthly. She pays by 24 equal monthly payments, ${begin}. What is the payment?`,
  'of a contract': (begin) =>
    `A contract pays £750 at the end of each month for 4 years, ${begin}. At 6.6% compounded monthly, what is the contract worth today?`,
  'of a fund': (begin) =>
    `Ada has £90,000 in a fund at 6.6% compounded monthly. She will draw equal amounts at the end of each month for 10 years, ${begin.replaceAll('payment', 'withdrawal')}. How much is each?`,
};

describe('a moment said in many ways', () => {
  test('there are many', () => expect(moments.length).toBeGreaterThan(60));

  test.each(Object.entries(cases))('%s', (_, told) => {
    const { reading, doubts } = read(told('after 3 years'));
    expect(doubts).toEqual([]);
    expect(reading).toMatch(/36|n=24/);
    const others = moments.filter((moment) => {
      const other = read(told(moment));
      return other.reading !== reading || other.doubts.length > 0;
    });
    expect(others).toEqual([]);
  });
});

describe('payments that begin later, said in many ways', () => {
  test.each(Object.entries(deferred))('%s', (_, told) => {
    const { reading, doubts } = read(told(begins[0]!));
    expect(doubts).toEqual([]);
    expect(reading).toMatch(/n=6 p=12/);
    const others = begins.filter((begin) => {
      const other = read(told(begin));
      return other.reading !== reading || other.doubts.length > 0;
    });
    expect(others).toEqual([]);
  });
});
