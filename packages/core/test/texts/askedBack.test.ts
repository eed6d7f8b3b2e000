/** What could be meant otherwise is asked back: each text has one doubt, and its words say which. */

import { describe, expect, test } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';

const loan =
  'Ada borrows £12,000 at 7.2% compounded monthly and repays it with equal payments at the end of each month for 5 years.';

const askedBack: readonly (readonly [text: string, says: RegExp])[] = [
  [`${loan} How much principal is repaid by the 10th payment?`, /this one payment repays, or all/],
  [`${loan} How much interest does she pay after the third year?`, /until then, or from then on/],
  [`${loan} How much interest is paid between the 12th and the 24th payment?`, /the first of these payments count/],
  [`${loan} How much remains to be paid after two years?`, /owed then, or the sum of the payments/],
  [`${loan} Calculate the total cost of the loan.`, /the interest, or all that is paid/],
  [
    "Monthly instalments of $640 in arrears; 25 years; 6.6% compounded monthly. Loan? Of that first year's instalments, how much is interest?",
    /that year, or of the whole time/,
  ],
  [
    `${loan} After 2 years the rate rises to 8.4% compounded monthly. What is the payment?`,
    /before the change .* or the one after/,
  ],
  [`${loan} After 2 years the rate rises by 10%. What is the new payment?`, /added to the rate, or is it a share/],
  [`${loan} Draw up the lines of the table for payments 1, 20 and 40: interest, principal, balance.`, /What is 20\?/],
  [`${loan} Find the interest and the principal in payments 1, 2 and 3.`, /What does this ask/],
  [
    `${loan} After 2 years she raises the payment to £60. How many payments are made in all?`,
    /less than half of what it was/,
  ],
  [
    'Dana has £90,000 in a fund that earns 4.8% compounded monthly. Living costs her £900. How long does the money last?',
    /What is taken out each time/,
  ],
  [
    'A company replaces a machine in five years. It will cost $72,000 then, less $9,500 for the old one. How much must be set aside at the end of each half-year at 4.8% compounded semi-annually?',
    /What is \$9,500\?/,
  ],
  [
    'Gudrun has two debts at 6% compounded monthly, 24 payments of €150 left on one and 36 payments of €220 left on the other, all at month-end. What single sum pays off both today?',
    /two debts that are paid off together/,
  ],
  [
    'Vera inherits £18,000 and invests a third of it for 5 years at 4% compounded quarterly. What does it become?',
    /a share of a sum/,
  ],
  [
    '$7,500 is needed in 4 years. Half of it comes from a single deposit now; the other half from equal month-end deposits. With 3.9% compounded monthly, find the monthly deposit.',
    /a share of a sum/,
  ],
  [
    'An amount of £60,000 pays school fees of £5,000 at the start of each term, three terms a year. How many terms are covered at 4.5% compounded three times a year?',
    /each term of a year/,
  ],
  [
    'What quarterly deposit over 10 years provides €1,500 at the end of each month over the following 10 years at 4% compounded quarterly?',
    /What does this ask/,
  ],
  [
    'A fund of £600,000 pays a prize of £40,000 at the beginning of each year at 3.5% effective. For how many full years can it be paid, and what remains right after the last full prize?',
    /More is asked/,
  ],
  [
    'A fund of £4,000 earns an effective 5% a year. What effective rate does it earn, and what is in it after three years?',
    /to say the interest rate, and to ask for it/,
  ],
  [
    'For the next six years Ada saves £100 at the end of each month at 3% compounded monthly; over the last two the account is closed. What has she after four years?',
    /What is two\?/,
  ],
  [
    'Lena puts 5% of her salary of €4,200 a month aside, at the end of every month, at 3.6% compounded monthly. What has she after twelve years?',
    /a share of what somebody earns/,
  ],
  [
    'Kilian saves £300 at the end of each quarter. He has saved for five years when the rate goes up from 3.2% to 4% (both compounded quarterly). What does he have after a further five years?',
    /What does this ask/,
  ],
  [
    'From age 40 to 65 she saves £200 at the end of each month at 5% compounded monthly. From 65 to 70 she leaves it there. What has she at 70?',
    /What is 70\?/,
  ],
  [
    'When Finn was born, his aunt placed £2,000 in a fund at 5% effective. On each birthday from the 1st to the 17th his father adds £400. What is in the fund on his 18th birthday?',
    /What is 1st\?/,
  ],
  [
    'Ten payments of €730 fall at quarter-ends, the last today. The rate is 4.8% compounded quarterly. What are they worth today?',
    /payments that are over/,
  ],
  [`${loan} What percentage of the first payment is interest?`, /asked as a fraction/],
  [`${loan} Find the payment, rounded up to the next full pound.`, /a rounding of its own/],
  [
    'Ten friends share a loan of £12,500 at 5.7% compounded monthly over 4 years. What does each pay at the end of every month?',
    /a sum that several share/,
  ],
  [
    'The balance after three years of a five-year loan of £14,000 at 7.5% compounded monthly (month-end) is to be settled at once, with a penalty of 2% of it. What does she have to pay?',
    /a penalty/,
  ],
  [
    'A debt of £6,000 at 9% compounded monthly is repaid by £200 at the end of each month in the first year and equal payments in the second. What are these?',
    /other payments behind the first/,
  ],
  [
    'Dora deposits $450 at the end of each month for 25 years at 5.4% compounded monthly; the bank charges 1% of the final sum when she draws it. What does she get?',
    /a charge on what is paid out/,
  ],
  [
    'She saves $100 at the end of each month at 3.6% compounded monthly and doubles her deposit each year. What is there after 3 years?',
    /growing payments/,
  ],
  [
    'A loan of $50,000 at 6% compounded monthly over 10 years, month-end. What is the payment? What effective rate is paid if there is a fee of $900?',
    /hold for what is asked before it/,
  ],
  [
    'A debt of £25,000 at 6% compounded monthly must be paid in two equal sums, one at the end of the first year and one at the end of the third. How large are they?',
    /sums at days of their own/,
  ],
  [
    'A loan of £30,000 at 6% compounded monthly over 10 years, month-end. After 3 years the rate rises to 7% compounded monthly. If the payment stays, how many payments are there in all? How much more is paid in total than if the term had been kept?',
    /the other way to go on/,
  ],
];

describe('asked back', () => {
  test.each(askedBack.map(([text, says]) => [text, says] as const))('%s', (text, says) => {
    const [first] = readProblem(text).doubts;
    expect(first?.says).toMatch(says);
  });

  test('what is told in points, and what is paid down, is not', () => {
    const points = readProblem(
      `${loan} After 2 years the rate rises by 1.2 percentage points. What is the new payment?`,
    );
    expect(points.doubts).toEqual([]);
    expect(points.plans[0]?.changes).toMatchObject([{ kind: 'rate', rate: { value: 0.084 } }]);
    expect(points.uses.find(({ role }) => role === 'newRate')?.value).toBeCloseTo(0.012, 12);
    const down = readProblem(
      'A bank lends at 6% compounded monthly over 4 years with month-end payments. The van costs £24,000 and they pay 20% down. Find the payment.',
    );
    expect(down.plans).toMatchObject([{ downPayment: 4800 }]);
  });
});
