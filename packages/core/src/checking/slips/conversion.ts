/** Slips of the rate family: a rate turned into another one by the wrong step. */

import { discounting, growthLessOne } from '../../annuity/fiveValues.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { changed } from '../../case/inputs.ts';
import { quotedRate } from '../../case/quote.ts';
import { quotedNumber, quoteRate } from '../../rates/quotedRate.ts';
import { brief, defineSlip, money, percent, type Asked, type Slip, type WrongResult } from '../slip.ts';
import { asks, hasInterest, level, owes } from './conditions.ts';

/** How often a year interest is added, as the rate is quoted; 1 for an effective rate, nothing where it is not counted. */
function compoundings({ question: { solved } }: Asked): number | undefined {
  const { rate } = solved;
  if (rate.kind === 'effective') return 1;
  return rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous' ? rate.compoundingsPerYear : undefined;
}

/** The rate is known and goes into the computation, also where what it comes to for a payment is asked. */
const converts = (asked: Asked): boolean =>
  asked.kind.compounds &&
  (asked.question.solved.unknown !== 'rate' || !asked.kind.hasTable) &&
  hasInterest(asked) &&
  !asks(asked, 'amount-financed', 'down-payment', 'rate', 'rate-with-charges', 'nominal', 'effective', 'converted');

/** 360 is too near to 365 to be told apart. */
const counts: readonly number[] = [2, 4, 6, 12, 24, 26, 52, 365];

/** A nominal rate for another count of compoundings than the right one, from an effective rate; in percent. */
const nominalsFor = (asked: Asked, effective: number, right: number): WrongResult[] =>
  counts
    .filter((count) => count !== right)
    .map((count) => ({
      result: count * Math.expm1(Math.log1p(effective) / count) * 100,
      did: `${percent(asked, effective)} effective was turned into a rate compounded ${count} times a year, not ${right}.`,
    }));

/** The effective rates that a nominal one comes to with other counts of compoundings than the right one. */
const effectivesFor = (asked: Asked, nominal: number, right: number): { effective: number; did: string }[] =>
  counts
    .filter((count) => count !== right)
    .map((count) => ({
      effective: growthLessOne(nominal / count, count),
      did: `${percent(asked, nominal)} was taken as compounded ${count} times a year, not ${right}.`,
    }));

export const conversionSlips: readonly Slip[] = [
  defineSlip({
    id: 'exponent-upside-down',
    family: 'rate',
    title: 'Exponent upside down',
    advice: 'A year is made of its periods: the rate for one period is a root of the year’s growth, not a power of it.',
    weight: 6,
    applies: (asked) => converts(asked) && ![undefined, asked.inputs.p].includes(compoundings(asked)),
    wrongInputs: (inputs, asked) => {
      const m = compoundings(asked) ?? inputs.p;
      const i = growthLessOne(inputs.quoted / m, inputs.p / m);
      return i < 10
        ? [
            {
              inputs: changed(inputs, { i }),
              did: `The rate for each ${frequencyOf(inputs.p).period} was made with the exponent ${brief(asked, inputs.p / m, 4)} instead of ${brief(asked, m / inputs.p, 4)}: ${percent(asked, i)}.`,
            },
          ]
        : [];
    },
  }),
  defineSlip({
    id: 'converted-with-wrong-count',
    family: 'rate',
    title: 'Converted with another count of compoundings',
    advice: 'Count how often a year interest is added to the balance: that is the exponent.',
    weight: 6.5,
    applies: (asked) =>
      asked.kind.compounds &&
      hasInterest(asked) &&
      (asked.question.solved.unknown !== 'rate' || !asked.kind.hasTable) &&
      asks(asked, 'effective', 'nominal', 'converted'),
    wrongMethod: (inputs, asked) => {
      const { statement, ask } = asked.question;
      const from = asked.question.solved.rate;
      const effective = growthLessOne(inputs.i, inputs.p);
      const m = compoundings(asked);
      const read = from.kind === 'nominal' && m !== undefined && m > 1 ? effectivesFor(asked, inputs.quoted, m) : [];
      if (ask.quantity === 'effective') return read.map((each) => ({ result: each.effective * 100, did: each.did }));
      if (ask.quantity === 'nominal') return nominalsFor(asked, effective, inputs.p);
      const into = quotedRate(statement.into, 0);
      const again = read.flatMap((each): WrongResult[] => {
        const found = quoteRate(each.effective, into, 1);
        return found.ok ? [{ result: quotedNumber(found.value) * 100, did: each.did }] : [];
      });
      return into.kind === 'nominal' && into.compoundingsPerYear !== 'continuous'
        ? [...again, ...nominalsFor(asked, effective, into.compoundingsPerYear)]
        : again;
    },
  }),
  defineSlip({
    id: 'share-of-monthly-payment',
    family: 'rate',
    title: 'A share of the monthly payment',
    advice: 'Payments that fall more often pay off sooner: work out the rate and the count for their own period.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'payment') &&
      level(asked) &&
      owes(asked) &&
      hasInterest(asked) &&
      [24, 26, 52].includes(asked.inputs.p),
    wrongMethod: (inputs, asked) => {
      const months = (inputs.n / inputs.p) * 12;
      const share = inputs.p === 52 ? 4 : 2;
      const rates = [Math.expm1((Math.log1p(inputs.i) * inputs.p) / 12), inputs.quoted / 12];
      return [...new Set(rates)].map((i) => {
        const end = inputs.finalAmount * Math.exp(-months * Math.log1p(i));
        const monthly = (inputs.amount - end) / discounting(i, months, inputs.timing);
        return {
          result: monthly / share,
          did: `The monthly payment, ${money(asked, monthly)}, was divided by ${share}.`,
        };
      });
    },
  }),
  defineSlip({
    id: 'flat-rate-for-rate',
    family: 'idea',
    title: 'A flat rate given for the rate',
    advice: 'Interest is owed on what is still owed, which falls: the rate is about twice what a flat charge would be.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'rate', 'nominal', 'effective', 'rate-with-charges') &&
      level(asked) &&
      owes(asked) &&
      asked.kind.compounds &&
      asked.inputs.amount > 0 &&
      (asked.question.solved.unknown === 'rate' || asks(asked, 'rate-with-charges')),
    wrongMethod: ({ n, amount, finalAmount, payment, p }, asked) => {
      const { solved } = asked.question;
      const interest = n * (payment ?? solved.table.firstPayment) + finalAmount - amount;
      const time = solved.rate.kind === 'periodic' && !asks(asked, 'nominal', 'effective') ? n : n / p;
      const flat = interest / amount / time;
      return [
        {
          result: flat * 100,
          did: `${money(asked, interest)} of interest is ${percent(asked, flat)} of the whole amount for each ${time === n ? 'period' : 'year'}; what is owed falls all the time.`,
        },
      ];
    },
  }),
];
