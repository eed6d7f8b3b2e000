/** Plain problems in every pairing of a way to tell and a way to ask, with their numbers in turn: what is read is known. */

import { readProblem } from '../../src/texts/index.ts';
import { askInALine, planInALine } from './reference.ts';

/** How rates are said, how they are quoted, and how often they are compounded. */
const rates = [
  ['6.6% compounded monthly', '0.066/nominal/12', 12],
  ['7.2% a year, compounded quarterly', '0.072/nominal/4', 4],
  ['an annual rate of 5.4% compounded semi-annually', '0.054/nominal/2', 2],
  ['4.8 % convertible monthly', '0.048/nominal/12', 12],
  ['a nominal 8.1% compounded daily', '0.081/nominal/365', 365],
  ['9% interest compounded annually', '0.09/nominal/1', 1],
  ['3.75% per annum compounded quarterly', '0.0375/nominal/4', 4],
] as const;
const amounts = [
  ['$12,400', 12400],
  ['£8,750', 8750],
  ['€31,200', 31200],
  ['18,600 kr', 18600],
  ['$26,550', 26550],
] as const;
const terms = [
  ['4 years', 4],
  ['three years', 3],
  ['10 years', 10],
  ['six years', 6],
] as const;
const periods = [
  ['monthly', 12, 'month'],
  ['quarterly', 4, 'quarter'],
  ['half-yearly', 2, 'half-year'],
] as const;
const timings = [
  ['at the end of each', ''],
  ['at the beginning of every', ' beginning'],
  ['on the last day of each', ''],
  ['on the first day of each', ' beginning'],
  ['at the start of each', ' beginning'],
] as const;

const inTurn = <T>(list: readonly T[], turn: number): T => list[turn % list.length]!;

/** `{amount}` in a text is said as texts say it; in a plan it is the number. */
function numbersAt(turn: number): readonly [Readonly<Record<string, string>>, Readonly<Record<string, string>>] {
  const [rate, quoted, compoundings] = inTurn(rates, turn);
  const [amount, sum] = inTurn(amounts, turn);
  const [term, years] = inTurn(terms, turn);
  const [often, perYear, period] = inTurn(periods, turn);
  const [timing, begins] = inTurn(timings, turn);
  const said = { amount, rate, term, often, when: `${timing} ${period}`, end: `at the end of each ${period}` };
  const count = years * perYear;
  const read = { sum, rate: quoted, n: count, p: perYear, begins, m: compoundings, periods: years * compoundings };
  const asStrings = Object.entries(read).map(([name, value]) => [name, String(value)] as const);
  return [said, Object.fromEntries(asStrings)];
}

const filled = (text: string, values: Readonly<Record<string, string>>): string =>
  text.replace(/\{(\w+)\}/g, (_, name: string) => values[name] ?? name);

interface Family {
  readonly is: string;
  readonly told: readonly string[];
  readonly asked: readonly (readonly [string, string])[];
  readonly plan: string;
}

const loan: Omit<Family, 'is' | 'asked'> = {
  told: [
    'A baker borrows {amount} at {rate} and repays it over {term} by equal {often} payments {when}.',
    'A loan of {amount} at {rate} is repaid over {term} by {often} payments made {when}.',
    'A debt of {amount} is to be paid off in {term} with equal {often} instalments {when}; interest is {rate}.',
    '{amount} is borrowed at {rate} and repaid {when} over {term} in equal {often} amounts.',
  ],
  plan: 'borrowing amount={sum} rate={rate} n={n} p={p}{begins} final=0 ?payment',
};

const families: readonly Family[] = [
  {
    is: 'the payment of a loan',
    ...loan,
    asked: [
      ['Find the payment.', 'payment'],
      ['How much is each payment?', 'payment'],
      ['Determine the payment required.', 'payment'],
      ['What does each payment come to?', 'payment'],
      ['Find the payment and the total interest.', 'payment;totalInterest'],
      ['What is the payment, and how much is still owed after 5 payments?', 'payment;balanceAfter k:5'],
    ],
  },
  {
    is: 'what is owed and paid on the way',
    ...loan,
    asked: [
      ['What is the balance after the 4th payment?', 'balanceAfter k:4'],
      ['How much is still owed after 5 payments?', 'balanceAfter k:5'],
      ['How much of the 3rd payment is interest?', 'interestIn from:3 to:3'],
      ['By how much does the 3rd payment reduce the debt?', 'principalIn from:3 to:3'],
      ['How much interest is paid in all?', 'totalInterest'],
      ['What is the sum of all payments?', 'totalPaid'],
      ['What does the loan cost in interest?', 'totalInterest'],
    ],
  },
  {
    is: 'what deposits come to',
    told: [
      'A farmer saves {amount} {when} for {term} at {rate}.',
      '{amount} is paid into a fund {when} for {term}. The fund earns {rate}.',
      'For {term} Ana puts {amount} into a savings plan {when}. Interest is {rate}.',
      'An account earning {rate} receives {often} deposits of {amount} {when} for {term}.',
      'Ana deposits {amount} {when} for {term} into an account paying {rate}.',
    ],
    asked: [
      ['How much is in the account at the end?', 'finalAmount'],
      ['What is the balance at the end?', 'finalAmount'],
      ['How much money is there in the end?', 'finalAmount'],
      ['What does the fund amount to?', 'finalAmount'],
      ['To how much do the deposits grow?', 'finalAmount'],
    ],
    plan: 'saving amount=0 rate={rate} n={n} p={p} payment={sum}{begins} ?finalAmount',
  },
  {
    is: 'what a sum grows to',
    told: [
      'A club invests {amount} for {term} at {rate}.',
      'A sum of {amount} earns {rate} for {term}.',
      'Ana puts {amount} in an account at {rate} and leaves it there for {term}.',
    ],
    asked: [
      ['What is it worth at the end?', 'finalAmount'],
      ['What does it grow to?', 'finalAmount'],
      ['How much will it have become?', 'finalAmount'],
    ],
    plan: 'lump-sum amount={sum} rate={rate} n={periods} p={m} ?finalAmount',
  },
  {
    is: 'what a sum is worth before',
    told: [
      'What sum must be invested now at {rate} to have {amount} in {term}?',
      'Find the present value of {amount} due in {term} at {rate}.',
      'What principal grows to {amount} in {term} at {rate}?',
      'How much must Ana invest at {rate} to have {amount} {term} from now?',
    ],
    asked: [['', 'amount']],
    plan: 'lump-sum rate={rate} n={periods} p={m} final={sum} ?amount',
  },
  {
    is: 'a deposit towards a sum',
    told: [
      'What must be deposited {when} for {term} at {rate} to accumulate {amount}?',
      'A club wants to have {amount} in {term}. Equal deposits are made {when} in an account earning {rate}. How much is each deposit?',
      'To have {amount} in {term}, what equal amount must be saved {when} at {rate}?',
    ],
    asked: [['', 'payment']],
    plan: 'saving amount=0 rate={rate} n={n} p={p}{begins} final={sum} ?payment',
  },
  {
    is: 'what a fund pays',
    told: [
      'A fund of {amount} earns {rate}. Equal sums are withdrawn {when} for {term} until nothing is left. How much is each withdrawal?',
      'How much can be drawn {when} for {term} from a fund of {amount} at {rate}?',
      'A retired teacher lives on savings of {amount} invested at {rate}. He takes out the same amount {when} for {term}. What is it?',
    ],
    asked: [['', 'payment']],
    plan: 'drawing-down amount={sum} rate={rate} n={n} p={p}{begins} final=0 ?payment',
  },
  {
    is: 'a loan with a fee',
    told: [
      'A loan of {amount} with a fee of $250 added to it is repaid over {term} at {rate} by payments {when}. Find the payment.',
    ],
    asked: [['', 'payment']],
    plan: 'borrowing fees=250 amount={sum+250} rate={rate} n={n} p={p}{begins} final=0 ?payment',
  },
];

describe.each(families)('$is', ({ told, asked, plan }) => {
  const pairs = told.flatMap((tells) => asked.map(([asks, ask]) => ({ text: `${tells} ${asks}`.trim(), ask })));
  const turns = 2 * rates.length;
  it.each(pairs)('$text', ({ text, ask }) => {
    const failed = Array.from({ length: turns }, (_, turn) => {
      const [said, read] = numbersAt(turn);
      const problem = filled(text, said);
      const { plans, asks, doubts } = readProblem(problem);
      const want = filled(plan.replace('{sum+250}', String(Number(read['sum']) + 250)), read);
      const got = plans.map(planInALine).join('; ');
      const isRight = got === want && asks.map(askInALine).join(';') === ask && doubts.length === 0;
      return isRight ? [] : [`${problem} → ${got}: ${asks.map(askInALine).join(';')} ${doubts[0]?.says ?? ''}`];
    }).flat();
    expect(failed).toEqual([]);
  });
});
