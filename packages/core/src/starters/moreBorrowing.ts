/** Starter exercises: flat charges, refinancing, recurrences, tables to fill in, targets. */

import { ask, asks, count, money, plan, rate, starter, sum, words, years } from './make.ts';

const level = plan('borrow', {
  amount: 'amount',
  rate: 'rate',
  payments: 'years × 12',
  payment: '?',
  finalAmount: '0',
});

export const moreBorrowingStarters = [
  starter({
    title: 'The bicycle workshop’s add-on plan',
    topic: 'flat charge',
    level: 'second',
    story:
      'A bicycle workshop finances tools of {amount} with a flat charge of {rate} a year on the whole amount, over {years} years, in equal payments at the end of each month.',
    givens: [
      money('amount', '3,600', '2,800..4,400/100'),
      rate('rate', '7.5', '6..9/0.5'),
      years('years', '2', '2; 3'),
    ],
    plan: plan('flat', { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?' }),
    parts: [
      ask('a', 1, 'Find the finance charge.', 'finance-charge'),
      ask('b', 2, 'Find the monthly payment.', 'payment'),
      ask('c', 3, 'Find the effective rate really charged.', 'effective'),
    ],
  }),
  starter({
    title: 'One tenth on top',
    topic: 'flat charge',
    story:
      'The net maker sells on account: {charge} of the {amount} is added, and the sum is paid in {months} equal monthly payments.',
    givens: [
      money('amount', '1,500', '1,200..1,900/50'),
      rate('charge', '10', '8; 10; 12'),
      count('months', '12', '10; 12; 18'),
    ],
    plan: plan('flat', { amount: 'amount', rate: 'charge', payments: 'months', payment: '?' }, { outright: true }),
    parts: [
      ask('a', 2, 'Find each payment.', 'payment'),
      ask('b', 3, 'Find the nominal rate a year, compounded monthly, really charged.', 'nominal'),
    ],
  }),
  starter({
    title: 'Refinancing the community hall',
    topic: 'refinancing',
    level: 'third',
    story:
      'The hall was financed with {amount} at {rate} a year, compounded monthly, over {years} years. After payment 36 another bank offers {new rate}, with costs of {costs} added to what is owed, over the months that remain.',
    givens: [
      money('amount', '75,000', '65,000..85,000/1,000'),
      rate('rate', '7.4', '7..8/0.1'),
      years('years', '10', '8; 10; 12'),
      rate('new rate', '5.6', '= rate - 1.8'),
      money('costs', '900', '600..1,200/100'),
    ],
    plans: [
      { id: 'plan', name: 'the old loan', draft: level },
      {
        id: 'new',
        name: 'the new loan',
        draft: plan('borrow', {
          amount: 'answer b + costs',
          rate: 'new rate',
          payments: 'years × 12 − 36',
          payment: '?',
          finalAmount: '0',
        }),
      },
    ],
    parts: [
      ask('a', 2, 'Find the old payment.', 'payment'),
      ask('b', 2, 'How much is owed after payment 36?', 'balance-after', { args: { after: '36' } }),
      ask('c', 2, 'Find the new payment.', 'payment', { plan: 'new' }),
      sum('d', 2, 'How much less is paid over the rest of the time?', '(years × 12 − 36) × (answer a − answer c)'),
    ],
  }),
  starter({
    title: 'The balance as a recurrence',
    topic: 'recurrence',
    level: 'second',
    story:
      'The value of a loan follows V₀ = {amount}, and each month V is multiplied by 1 plus the monthly rate and lowered by d = {payment asked}. The rate is {rate} a year, compounded monthly.',
    givens: [
      money('amount', '5,000', '4,000..6,000/100'),
      money('payment asked', '230', '200..260/10'),
      rate('rate', '8.4', '6..10.8/0.6'),
    ],
    plan: plan('borrow', {
      amount: 'amount',
      rate: 'rate',
      payments: '12',
      payment: 'payment asked',
      finalAmount: '?',
    }),
    parts: [
      ask('a', 1, 'Find V₁.', 'term', { args: { after: '1' } }),
      ask('b', 2, 'Find V₆.', 'term', { args: { after: '6' } }),
      ask('c', 2, 'Find V₁₂.', 'term', { args: { after: '12' } }),
      ask('d', 1, 'Give the multiplier R with six decimals.', 'multiplier', {
        format: { kind: 'number', decimals: 6 },
      }),
      asks(
        'e',
        3,
        'State the recurrence: where it starts, and how each term follows from the one before.',
        { quantity: 'relation', plan: 'plan' },
        { kind: 'number', decimals: 4 },
      ),
    ],
  }),
  starter({
    title: 'Fill in the first rows of the jetty loan',
    topic: 'table',
    level: 'second',
    story:
      'The jetty loan: {amount} at {rate} a year, compounded monthly, {months} equal payments at the end of each month. Interest is rounded to the cent in each row.',
    givens: [
      money('amount', '8,000', '6,400..9,600/100'),
      rate('rate', '6.6', '5.4..7.8/0.3'),
      count('months', '24', '18; 24; 36'),
    ],
    plan: plan('borrow', { amount: 'amount', rate: 'rate', payments: 'months', payment: '?', finalAmount: '0' }),
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      asks('b', 6, 'Fill in the first three rows of the table.', {
        quantity: 'table',
        plan: 'plan',
        blanks: ['*:interest', '*:principal', '*:closing'],
        args: { from: '1', to: '3' },
      }),
    ],
  }),
  starter({
    title: 'The last rows of the awning plan',
    topic: 'table',
    level: 'third',
    story:
      'The tea room pays for its awning: {amount} at {rate} a year, compounded monthly, in 6 equal payments at the end of each month.',
    givens: [money('amount', '1,250', '1,000..1,500/25'), rate('rate', '7.2', '6..9.6/0.6')],
    plan: plan('borrow', { amount: 'amount', rate: 'rate', payments: '6', payment: '?', finalAmount: '0' }),
    parts: [
      asks('a', 8, 'Fill in the whole table. The last payment closes it.', {
        quantity: 'table',
        plan: 'plan',
        blanks: [],
        args: { from: '1', to: '6' },
      }),
    ],
  }),
  starter({
    title: 'A payment the ice works can bear',
    topic: 'target',
    level: 'second',
    story:
      'The ice works can pay {payment asked} at the end of each month for {years} years at {rate} a year, compounded monthly. The machine costs {price}.',
    givens: [
      money('payment asked', '700', '600..800/20'),
      years('years', '5', '4; 5; 6'),
      rate('rate', '6.8', '5.8..7.8/0.2'),
      money('price', '42,000', '= payment asked × years × 12'),
    ],
    plan: plan('borrow', {
      amount: '?',
      rate: 'rate',
      payments: 'years × 12',
      payment: 'payment asked',
      finalAmount: '0',
    }),
    parts: [
      ask('a', 3, 'How much can be financed with that payment?', 'amount'),
      sum('b', 2, 'How large a deposit is needed?', 'price − answer a'),
    ],
  }),
  starter({
    title: 'What it costs in all, thing by thing',
    topic: 'total and interest',
    story:
      'The {thing} of the harbour school is paid for with {amount} at {rate} a year, compounded monthly, over {years} years.',
    givens: [
      words('thing', 'workbench', 'workbench; loom; printing press; sail drill'),
      money('amount', '6,600', '5,000..8,000/100'),
      rate('rate', '6', '5.4..7.2/0.2'),
      years('years', '3', '2; 3; 4'),
    ],
    plan: level,
    parts: [
      ask('a', 2, 'Find the monthly payment for the {thing}.', 'payment'),
      ask('b', 1, 'How much interest is paid in all?', 'total-interest'),
    ],
  }),
];
