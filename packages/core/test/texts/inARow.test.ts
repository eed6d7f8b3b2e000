/** Terms and sizes of payments in a row, savings that are paid down, a rate of nothing: read, with answers worked out here. */

import { draftsInNumbers, readProblem } from '../../src/texts/index.ts';
import { answersOf, paymentOf, savedOf } from './byHand.ts';

function expectNear(found: readonly number[], expected: readonly number[]): void {
  expect(found).toHaveLength(expected.length);
  expected.forEach((each, at) => expect(found[at]).toBeCloseTo(each, 5));
}

describe('in a row', () => {
  const i = 0.072 / 12;

  it.each([
    'Three loans of £24,000 at 7.2% compounded monthly run 36, 48 or 60 months, with payments at the end of each month. Give each payment, and say how much more interest the longest costs than the shortest.',
    'Loans of £24,000 at 7.2% compounded monthly are offered over 3, 4 or 5 years with month-end payments. Find the payment for each term and the extra interest of the longest over the shortest.',
  ])('three terms: %s', (text) => {
    const [short, middle, long] = [36, 48, 60].map((n) => paymentOf(24000, i, n));
    expectNear(answersOf(text), [short!, middle!, long!, 60 * long! - 36 * short!]);
  });

  it('three ends of one sum', () => {
    const text = 'A deposit of $5,000 earns 7.2% compounded monthly. What is it worth after 5, 10 and 15 years?';
    expectNear(
      answersOf(text),
      [60, 120, 180].map((n) => 5000 * (1 + i) ** n),
    );
  });

  it('three moments of one loan', () => {
    const text =
      'What is owed after 2, 3 and 4 years on £90,000 at 7.2% compounded monthly, repaid over 15 years by month-end payments?';
    const each = paymentOf(90000, i, 180);
    expectNear(
      answersOf(text),
      [24, 36, 48].map((k) => 90000 * (1 + i) ** k - savedOf(each, i, k)),
    );
  });

  it('three sizes of deposits', () => {
    const text =
      'Ada saves €90 at the end of each month for the first three years, €140 for the next three and €200 for the last four, at 7.2 % compounded monthly all the time. How much has she at the end?';
    const end = (deposit: number, n: number, left: number): number => savedOf(deposit, i, n) * (1 + i) ** left;
    expectNear(answersOf(text), [end(90, 36, 84) + end(140, 36, 48) + end(200, 48, 0)]);
  });

  it('three sizes of payments on a loan', () => {
    const text =
      'A loan at 7.2 % compounded monthly has the following payments at month-end: £200 for 12 months, £250 for the next 12, £300 for the last 12. How much was lent?';
    const worth = (each: number, from: number): number => savedOf(each, i, 12) * (1 + i) ** -(from + 12);
    expectNear(answersOf(text), [worth(200, 0) + worth(250, 12) + worth(300, 24)]);
  });
});

it('what is saved is paid down, and the rest borrowed', () => {
  const text =
    'A family saves 400 € at the end of every month for 9 years at 3 % compounded monthly. Then they buy a house for 260 000 €, paying what they have saved and borrowing the rest for 20 years at 3,9 % compounded monthly (payments at month-end). Find their savings, the loan and the monthly payment.';
  const saved = savedOf(400, 0.03 / 12, 108);
  expectNear(answersOf(text), [saved, 260000 - saved, paymentOf(260000 - saved, 0.039 / 12, 240)]);
  // What is lent is the rest, on the page as well.
  expect(draftsInNumbers(text, readProblem(text))[1]!.slots.amount.replace(/\s/g, '')).toBe('210476,296391');
});

it.each([
  'A sofa for $3,780 is paid in 12 interest-free month-end payments. What is each payment?',
  'A dealer lends $3,780 without interest, repaid in 12 equal monthly instalments. How much is an instalment?',
])('no interest: %s', (text) => expectNear(answersOf(text), [315]));

describe('what a sum is by how often it is paid', () => {
  const says = (text: string): string[] => readProblem(text).doubts.map((each) => each.says);

  it('a second extra payment of the same size is no repetition', () => {
    const text =
      'A loan of £60,000 at 7.8% compounded monthly over ten years, month-end payments that never change. With the 24th payment £6,000 extra is paid, with the 48th another £6,000. How many payments are made?';
    const { plans, doubts } = readProblem(text);
    expect(doubts).toEqual([]);
    expect(plans[0]!.changes.map(({ after }) => after)).toEqual([24, 48]);
  });

  it('“how many more years” at the rate that was found are counted from now', () => {
    const text =
      'The £7,200 that Ada put into bonds nine years ago is £10,050 today. What effective annual rate is that, and at that rate how many more years will it take to get to £12,000?';
    const rate = (10050 / 7200) ** (1 / 9) - 1;
    expectNear(answersOf(text), [rate, Math.log(12000 / 10050) / Math.log(1 + rate)]);
  });

  it('“how many more” from the start of what has begun is doubted', () =>
    expect(
      says(
        'Two years ago Ada put away £4,000 at 5% compounded monthly. How many more years does it take until there are £6,000?',
      ),
    ).not.toEqual([]));

  it('a remark in brackets behind the question says nothing', () =>
    expect(
      says(
        'A press costs €72,000; 20 % is paid down, the rest over seven years in half-yearly payments in arrears at 5.6 % compounded half-yearly. What is each payment? (Delivery takes 3 weeks.)',
      ),
    ).toEqual([]));
});
