/** What a read plan says of its changes. */
import { readProblem } from '@hardy-sextant/core/texts';
import { changesInWords } from '../src/features/exercises/text/readWords.ts';

const loan = 'A loan of £9,000 at 7.2% compounded monthly has 48 payments at the end of each month. ';

test.each([
  [
    'After the 20th payment the rate rises to 8.4%; the end date stays.',
    'After payment 20 the rate is 8.4 %; the end stays.',
  ],
  [
    '£500 extra is paid with the 12th payment; the payment stays.',
    '500.00 more comes with payment 12; the payment stays.',
  ],
  ['From the 13th payment on she pays £40 more.', 'From payment 13 on each payment is 40.00 more.'],
  ['After the 12th payment she raises the payment to £300.', 'From payment 13 on each payment is 300.00.'],
  ['Payments 10 to 12 are not made; the end date stays.', 'Payments 10 to 12 are left out; the end stays.'],
])('%s', (told, says) => {
  const [plan] = readProblem(`${loan}${told} How much interest is paid in all?`).plans;
  expect(changesInWords(plan!)).toEqual([says]);
});
