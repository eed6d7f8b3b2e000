/** Slips of the idea family: another computation than the one that was asked. */

import { accumulation, discounting, growthLessOne } from '../../annuity/fiveValues.ts';
import { isSaving } from '../../case/kinds.ts';
import { brief, defineSlip, money, percent, type Slip } from '../slip.ts';
import { asks, hasInterest, level, owes } from './conditions.ts';

export const ideaSlips: readonly Slip[] = [
  defineSlip({
    id: 'simple-interest-payment',
    family: 'idea',
    title: 'Simple interest spread over the payments',
    advice: 'Interest is owed only on what is still owed; here it was taken on the whole amount for the whole time.',
    weight: 8,
    applies: (asked) => asks(asked, 'payment') && level(asked) && owes(asked) && hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const years = inputs.n / inputs.p;
      const annual = asked.question.solved.rate.kind === 'periodic' ? inputs.i * inputs.p : inputs.quoted;
      const interest = inputs.amount * annual * years;
      return [
        {
          result: (inputs.amount + interest) / inputs.n,
          did: `Interest was taken on the whole amount for the whole time, ${money(asked, inputs.amount)} × ${percent(asked, annual)} × ${brief(asked, years, 2)} years = ${money(asked, interest)}, and spread over ${brief(asked, inputs.n, 2)} payments.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'simple-for-compound',
    family: 'idea',
    title: 'Simple interest for compound',
    advice: 'Interest is added to the amount and earns interest itself; here it was taken on the first amount only.',
    weight: 8,
    applies: (asked) =>
      asks(asked, 'final-amount', 'amount', 'total-interest', 'balance-after') &&
      level(asked) &&
      hasInterest(asked) &&
      asked.inputs.payment === 0,
    wrongMethod: (inputs, asked) => {
      const { amount, finalAmount, p } = inputs;
      const annual = asked.question.solved.rate.kind === 'periodic' ? inputs.i * p : inputs.quoted;
      const years = (asks(asked, 'balance-after') ? inputs.after : inputs.n) / p;
      const growth = 1 + annual * years;
      const result = asks(asked, 'amount')
        ? finalAmount / growth
        : asks(asked, 'total-interest')
          ? amount * annual * years
          : amount * growth;
      const taken = `${percent(asked, annual)} × ${brief(asked, years, 2)} years`;
      return [{ result, did: `Interest was taken once for the whole time, ${taken} of the first amount.` }];
    },
  }),
  defineSlip({
    id: 'add-on-for-amortized',
    family: 'idea',
    title: 'Add-on charge for an amortized loan',
    advice:
      'The loan is paid off with interest on what is still owed; here the charge was added on as if it were flat.',
    weight: 6,
    applies: (asked) =>
      asks(asked, 'total-interest', 'total-paid', 'finance-charge', 'interest-in', 'left-to-pay') &&
      level(asked) &&
      owes(asked) &&
      hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const annual = asked.question.solved.rate.kind === 'periodic' ? inputs.i * inputs.p : inputs.quoted;
      const charge = (inputs.amount * annual * inputs.n) / inputs.p;
      const payment = (inputs.amount + charge) / inputs.n;
      const results: Partial<Record<string, number>> = {
        'total-interest': charge,
        'finance-charge': charge,
        'total-paid': inputs.amount + charge,
        'interest-in': (charge / inputs.n) * (inputs.to - inputs.from + 1),
        'left-to-pay': payment * (inputs.n - inputs.after),
      };
      const result = results[asked.question.ask.quantity];
      return result === undefined
        ? []
        : [
            {
              result,
              did: `A flat charge of ${money(asked, charge)}, ${percent(asked, annual)} of the whole amount for each year, was taken.`,
            },
          ];
    },
  }),
  defineSlip({
    id: 'amortized-for-add-on',
    family: 'idea',
    title: 'Amortized loan for an add-on charge',
    advice: 'The charge here is flat: a share of the whole amount, however much has been repaid.',
    weight: 9,
    applies: (asked) =>
      !asked.kind.compounds && asks(asked, 'payment', 'finance-charge', 'total-paid', 'total-interest'),
    wrongMethod: (inputs, asked) => {
      const i = inputs.quoted / inputs.p;
      const payment = inputs.amount / discounting(i, inputs.n, inputs.timing);
      const result = asks(asked, 'payment')
        ? payment
        : asks(asked, 'total-paid')
          ? payment * inputs.n
          : payment * inputs.n - inputs.amount;
      return [
        {
          result,
          did: `${percent(asked, inputs.quoted)} was taken as the rate of a loan that is paid off with interest on the balance.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'principal-over-count',
    family: 'idea',
    title: 'Amount divided by the count, no interest',
    advice: 'The amount was shared out over the payments; interest was left out.',
    weight: 8,
    applies: (asked) => asks(asked, 'payment') && (!asked.kind.compounds || hasInterest(asked)),
    wrongMethod: ({ amount, finalAmount, n }, asked) => {
      const whole = isSaving(asked.kind) ? [finalAmount, finalAmount - amount] : [amount, amount - finalAmount];
      return [...new Set(whole)].map((each) => ({
        result: each / n,
        did: `${money(asked, each)} was divided by ${brief(asked, n, 2)}, leaving interest out.`,
      }));
    },
  }),
  defineSlip({
    id: 'single-sum-for-annuity',
    family: 'idea',
    title: 'One sum instead of a row of payments',
    advice: 'The payments were treated as one single sum; each grows or is discounted for its own time.',
    weight: 5,
    applies: (asked) =>
      asks(asked, 'payment', 'amount', 'final-amount') &&
      level(asked) &&
      hasInterest(asked) &&
      (asks(asked, 'payment') || (asked.inputs.payment ?? 0) !== 0),
    wrongMethod: ({ amount, finalAmount, payment = 0, n, i }, asked) => {
      const growth = 1 + growthLessOne(i, n);
      const quantity = asked.question.ask.quantity;
      const results =
        quantity === 'payment'
          ? isSaving(asked.kind)
            ? [finalAmount / growth]
            : [amount * growth, (amount * growth) / n]
          : quantity === 'amount'
            ? [payment / growth]
            : [payment * growth];
      return results.map((result) => ({
        result,
        did: `One sum was ${quantity === 'final-amount' ? 'grown' : 'moved'} over all ${brief(asked, n, 2)} periods, by the factor ${brief(asked, growth, 6)}.`,
      }));
    },
  }),
  defineSlip({
    id: 'annuity-for-single-sum',
    family: 'idea',
    title: 'A row of payments instead of one sum',
    advice: 'There is one sum only, and no row of payments.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'amount', 'final-amount') && level(asked) && hasInterest(asked) && asked.inputs.payment === 0,
    wrongMethod: ({ amount, finalAmount, n, i, timing }, asked) => [
      asks(asked, 'amount')
        ? {
            result: finalAmount * discounting(i, n, timing),
            did: `${money(asked, finalAmount)} was discounted as a payment in every period.`,
          }
        : {
            result: amount * accumulation(i, n, timing),
            did: `${money(asked, amount)} was accumulated as a payment in every period.`,
          },
    ],
  }),
  defineSlip({
    id: 'future-for-present',
    family: 'idea',
    title: 'Future value used for present value',
    advice: 'The payments are worth one thing at the start and another at the end: the wrong one was used.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'payment', 'amount', 'final-amount') &&
      level(asked) &&
      hasInterest(asked) &&
      (asks(asked, 'payment') || (asked.inputs.payment ?? 0) !== 0),
    wrongMethod: (inputs, asked) => {
      const { amount, finalAmount, payment = 0, n, i, timing } = inputs;
      const a = discounting(i, n, timing);
      const s = accumulation(i, n, timing);
      const saving = isSaving(asked.kind);
      const quantity = asked.question.ask.quantity;
      const result =
        quantity === 'payment'
          ? saving
            ? finalAmount / a
            : amount / s
          : quantity === 'amount'
            ? payment * s
            : payment * a;
      return [
        {
          result,
          did:
            saving === (quantity === 'payment') || quantity === 'final-amount'
              ? `The payments were valued at the start (factor ${brief(asked, a, 6)}) instead of at the end.`
              : `The payments were valued at the end (factor ${brief(asked, s, 6)}) instead of at the start.`,
        },
      ];
    },
  }),
];
