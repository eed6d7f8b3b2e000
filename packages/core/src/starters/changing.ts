/** Starter exercises: plans that change on the way. */

import { ask, asks, change, count, money, plan, rate, starter, sum, years } from './make.ts';

const level = plan('borrow', {
  amount: 'amount',
  rate: 'rate',
  payments: 'years × 12',
  payment: '?',
  finalAmount: '0',
});

export const changingStarters = [
  starter({
    title: 'A little more each month',
    topic: 'extra payments',
    level: 'third',
    story:
      'The weavers repay {amount} at {rate} a year, compounded monthly, over {years} years. From the first payment on they add {more} to each payment.',
    givens: [
      money('amount', '22,000', '18,000..26,000/500'),
      rate('rate', '6.6', '5.7..7.5/0.1'),
      years('years', '5', '5; 6'),
      money('more', '50', '40; 50; 60; 80'),
    ],
    plans: [
      { id: 'plain', name: 'without the extra', draft: level },
      {
        id: 'more',
        name: 'with the extra',
        draft: plan(
          'borrow',
          { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
          { changes: [change('extra', { amount: 'more', from: '1', to: '400', every: '1' })] },
        ),
      },
    ],
    parts: [
      ask('a', 2, 'Find the payment without the extra.', 'payment', { plan: 'plain' }),
      ask('b', 3, 'How much is owed after payment 24 with the extra?', 'balance-after', {
        plan: 'more',
        args: { after: '24' },
      }),
      asks('c', 2, 'How much interest does the extra save?', {
        quantity: 'difference',
        of: 'total-interest',
        plan: 'plain',
        other: 'more',
      }),
    ],
  }),
  starter({
    title: 'A good season, once',
    topic: 'extra payments',
    level: 'second',
    story:
      'The mussel growers owe {amount} at {rate} a year, compounded monthly, over {years} years. After a good season they pay {once} on top of payment 12; the payments stay as they are.',
    givens: [
      money('amount', '30,000', '24,000..36,000/500'),
      rate('rate', '6', '5.1..6.9/0.1'),
      years('years', '5', '4; 5; 6'),
      money('once', '3,000', '2,000..4,000/250'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
      { changes: [change('extra', { amount: 'once', from: '12', to: '', every: '' })] },
    ),
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 3, 'How much is owed right after payment 12, the extra included?', 'balance-after', {
        args: { after: '12' },
      }),
    ],
  }),
  starter({
    title: 'The ferry refit, with a rate review',
    topic: 'changing rates',
    level: 'third',
    story:
      'The island ferry needs a refit. The co-op borrows {amount} for {years} years at {rate} a year, compounded monthly, and repays it monthly. After 18 payments the lender raises the rate to {new rate}.',
    givens: [
      money('amount', '26,800', '22,000..32,000/200'),
      rate('rate', '5.7', '4.8..6.6/0.1'),
      years('years', '4', '4; 5; 6'),
      rate('new rate', '7.2', '= rate + 1.5'),
    ],
    plans: [
      { id: 'plan', name: 'before the review', draft: level },
      {
        id: 'after',
        name: 'after the review',
        draft: plan('borrow', {
          amount: 'answer b',
          rate: 'new rate',
          payments: 'years × 12 − 18',
          payment: '?',
          finalAmount: '0',
        }),
      },
    ],
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 3, 'How much is owed after 18 payments?', 'balance-after', {
        args: { after: '18' },
        readings: [
          {
            id: 'left',
            says: 'What is left to pay, interest still to come included.',
            ask: { quantity: 'left-to-pay', plan: 'plan', args: { after: '18' } },
            credit: 0.3333,
          },
        ],
      }),
      ask('c', 3, 'Find the new monthly payment.', 'payment', { plan: 'after' }),
      sum('d', 2, 'How much more is paid because of the change?', '(years × 12 − 18) × (answer c − answer a)'),
    ],
  }),
  starter({
    title: 'A rate that falls',
    topic: 'changing rates',
    level: 'third',
    story:
      'The boat builders borrow {amount} for {years} years at {rate} a year, compounded monthly. After payment 24 the rate falls to {new rate} and the payment is worked out again over what remains.',
    givens: [
      money('amount', '40,000', '34,000..46,000/500'),
      years('years', '6', '5; 6; 8'),
      rate('rate', '7.2', '6.6..7.8/0.1'),
      rate('new rate', '6.2', '= rate - 1'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
      { changes: [change('rate', { after: '24', rate: 'new rate' })] },
    ),
    parts: [
      ask('a', 2, 'Find the first payment.', 'payment'),
      ask('b', 2, 'How much is owed after payment 36?', 'balance-after', { args: { after: '36' } }),
      ask('c', 2, 'How much interest is paid in all?', 'total-interest'),
    ],
  }),
  starter({
    title: 'Only interest while the roof goes on',
    topic: 'interest-only and deferred',
    level: 'third',
    story:
      'The guest house borrows {amount} at {rate} a year, compounded monthly, for {years} years. For the first 12 months it pays only the interest; then the loan is repaid in equal payments over the months that remain.',
    givens: [
      money('amount', '36,000', '30,000..42,000/500'),
      rate('rate', '6.6', '5.4..7.8/0.3'),
      years('years', '5', '5; 6; 7'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
      { changes: [change('interest-only', { from: '1', through: '12' })] },
    ),
    parts: [
      ask('a', 2, 'How much is paid in each of the first 12 months?', 'paid-in', { args: { from: '1', to: '1' } }),
      ask('b', 3, 'Find the payment from month 13 on.', 'payment'),
      ask('c', 2, 'How much interest is paid in all?', 'total-interest'),
    ],
  }),
  starter({
    title: 'Nothing to pay until the season opens',
    topic: 'interest-only and deferred',
    level: 'third',
    story:
      'The kayak hire borrows {amount} at {rate} a year, compounded monthly. For the first 6 months nothing is paid and the interest is added; then it is repaid in equal monthly payments, so that all is over after {years} years.',
    givens: [
      money('amount', '14,400', '12,000..17,000/200'),
      rate('rate', '7.8', '6.6..9/0.3'),
      years('years', '4', '3; 4; 5'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
      { changes: [change('deferred', { from: '1', through: '6' })] },
    ),
    parts: [
      ask('a', 2, 'How much is owed after 6 months?', 'balance-after', { args: { after: '6' } }),
      ask('b', 3, 'Find the payment from month 7 on.', 'payment'),
    ],
  }),
  starter({
    title: 'The boatyard, built in stages',
    topic: 'staged draws',
    level: 'third',
    story:
      'A boatyard draws {first} at once, {second} before payment 3 and {third} before payment 5. Interest is added every day at {rate} a year, in months of 30 days (365 a year). For 6 months nothing is paid; then all is repaid in equal payments through month {months}.',
    givens: [
      money('first', '24,000', '20,000..28,000/1,000'),
      money('second', '18,000', '14,000..22,000/1,000'),
      money('third', '9,000', '7,000..11,000/500'),
      rate('rate', '9.1', '8.1..10.1/0.1'),
      count('months', '54', '42; 54; 66'),
    ],
    plan: plan(
      'borrow',
      { amount: 'first', rate: 'rate', payments: 'months', payment: '?', finalAmount: '0' },
      {
        daily: true,
        changes: [
          change('draw', { amount: 'second', before: '3' }),
          change('draw', { amount: 'third', before: '5' }),
          change('deferred', { from: '1', through: '6' }),
        ],
      },
    ),
    parts: [
      ask('a', 1, 'Find the rate for a month of 30 days, in percent with four decimals.', 'rate-per-payment', {
        format: { kind: 'percent', decimals: 4 },
      }),
      ask('b', 3, 'How much is owed after 6 months?', 'balance-after', { args: { after: '6' } }),
      ask('c', 3, 'Find the payment from month 7 on.', 'payment'),
    ],
  }),
];
