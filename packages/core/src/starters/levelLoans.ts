/** Starter exercises: level loans and what is asked of them, from the harbour town of Kestrel Bay. */

import { ask, asks, count, money, plan, rate, starter, years } from './make.ts';

const level = plan('borrow', {
  amount: 'amount',
  rate: 'rate',
  payments: 'years × 12',
  payment: '?',
  finalAmount: '0',
});

export const levelLoanStarters = [
  starter({
    title: 'The kiln shed loan, with other numbers',
    topic: 'payment',
    story:
      'The potters of Kestrel Bay build a shed for their new kiln. Their co-operative borrows {amount} at {rate} a year, compounded monthly, and repays it over {years} years with equal payments at the end of each month.',
    givens: [
      money('amount', '48,000', '36,000..60,000/500'),
      rate('rate', '6.6', '5.4..7.8/0.1'),
      years('years', '5', '4; 5; 6'),
    ],
    plan: level,
    parts: [
      ask('a', 3, 'Find the monthly payment.', 'payment'),
      ask('b', 2, 'How much interest is paid in all?', 'total-interest'),
    ],
  }),
  starter({
    title: 'A net loft for the fishers',
    topic: 'payment',
    story:
      'The fishers rebuild their net loft and borrow {amount} at {rate} a year, compounded quarterly. They repay it with equal payments at the end of each quarter for {years} years.',
    givens: [
      money('amount', '15,600', '12,000..19,000/200'),
      rate('rate', '7.2', '6..8.4/0.2'),
      years('years', '6', '4; 5; 6; 7'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'years × 4', payment: '?', finalAmount: '0' },
      { perYear: 4 },
    ),
    parts: [ask('a', 3, 'Find the quarterly payment.', 'payment')],
  }),
  starter({
    title: 'The chandlery’s weekly plan',
    topic: 'payment',
    level: 'second',
    story:
      'The chandlery lends a boat owner {amount} for new rigging, at {rate} a year compounded monthly. It is repaid in {weeks} weekly payments.',
    givens: [
      money('amount', '3,900', '2,800..5,200/100'),
      rate('rate', '9.6', '8.4..12/0.3'),
      count('weeks', '104', '78; 104; 130'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'weeks', payment: '?', finalAmount: '0' },
      { perYear: 52, compounding: 12 },
    ),
    parts: [
      ask('a', 2, 'Find the rate for one week, in percent with four decimals.', 'rate-per-payment', {
        format: { kind: 'percent', decimals: 4 },
      }),
      ask('b', 3, 'Find the weekly payment.', 'payment'),
    ],
  }),
  starter({
    title: 'What the smokehouse can borrow',
    topic: 'amount',
    story:
      'The smokehouse can spare {payment asked} at the end of each month for {years} years. The bank asks {rate} a year, compounded monthly.',
    givens: [
      money('payment asked', '420', '320..560/10'),
      years('years', '4', '3; 4; 5'),
      rate('rate', '6.9', '5.7..8.1/0.1'),
    ],
    plan: plan('borrow', {
      amount: '?',
      rate: 'rate',
      payments: 'years × 12',
      payment: 'payment asked',
      finalAmount: '0',
    }),
    parts: [ask('a', 3, 'How much can be borrowed?', 'amount'), ask('b', 1, 'How much is paid in all?', 'total-paid')],
  }),
  starter({
    title: 'The rate behind the pump house offer',
    topic: 'rate',
    level: 'second',
    story:
      'For a pump of {amount} the maker offers {months} payments of {payment asked} at the end of each month. The rate is not printed on the offer.',
    givens: [
      money('amount', '7,400', '6,800..8,000/100'),
      count('months', '36'),
      money('payment asked', '235', '= amount × 0.0318'),
    ],
    limits: [{ of: { part: 'a' }, least: 2, most: 20 }],
    plan: plan('borrow', {
      amount: 'amount',
      rate: '?',
      payments: 'months',
      payment: 'payment asked',
      finalAmount: '0',
    }),
    parts: [
      ask('a', 3, 'Find the nominal rate a year, compounded monthly.', 'rate'),
      ask('b', 2, 'Find the effective rate a year.', 'effective'),
    ],
  }),
  starter({
    title: 'How long for the slipway',
    topic: 'count',
    level: 'second',
    story:
      'The sailing club owes {amount} for its slipway at {rate} a year, compounded monthly, and pays {payment asked} at the end of each month until it is cleared.',
    givens: [
      money('amount', '21,000', '17,000..25,000/500'),
      rate('rate', '6', '4.8..7.2/0.3'),
      money('payment asked', '450', '380..520/10'),
    ],
    limits: [{ of: { part: 'a' }, least: 24, most: 96 }],
    plan: plan('borrow', { amount: 'amount', rate: 'rate', payments: '?', payment: 'payment asked', finalAmount: '0' }),
    parts: [
      ask('a', 3, 'How many payments are needed? Count the last, smaller one too.', 'payments'),
      ask('b', 1, 'How long does that take, in years and months?', 'years'),
      ask('c', 2, 'How much is the last payment?', 'last-payment'),
    ],
  }),
  starter({
    title: 'Owed on the fish market hall',
    topic: 'balance',
    level: 'second',
    story:
      'The fish market borrowed {amount} at {rate} a year, compounded monthly, for {years} years, with equal payments at the end of each month.',
    givens: [
      money('amount', '64,000', '52,000..76,000/1,000'),
      rate('rate', '5.4', '4.5..6.6/0.1'),
      years('years', '8', '6; 8; 10'),
      count('after', '36', '24; 36; 48'),
    ],
    plan: level,
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 3, 'How much is owed right after payment {after}?', 'balance-after', {
        args: { after: 'after' },
        readings: [
          {
            id: 'left',
            says: 'What is left to pay, interest still to come included.',
            ask: { quantity: 'left-to-pay', plan: 'plan', args: { after: 'after' } },
            credit: 0.33,
          },
        ],
      }),
      ask('c', 2, 'How much is still to be paid after payment {after}?', 'left-to-pay', { args: { after: 'after' } }),
    ],
  }),
  starter({
    title: 'The second year of the cold store',
    topic: 'payment range',
    level: 'second',
    story:
      'The cold store is paid off over {years} years: {amount} at {rate} a year, compounded monthly, equal payments at the end of each month.',
    givens: [
      money('amount', '33,000', '27,000..39,000/500'),
      rate('rate', '6.3', '5.1..7.5/0.1'),
      years('years', '5', '4; 5; 6'),
    ],
    plan: level,
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 2, 'How much interest is in the payments of the second year (13 to 24)?', 'interest-in', {
        args: { from: '13', to: '24' },
      }),
      ask('c', 2, 'How much principal is repaid in the second year?', 'principal-in', {
        args: { from: '13', to: '24' },
      }),
    ],
  }),
  starter({
    title: 'Payment 7 of the sail loft loan',
    topic: 'payment range',
    story:
      'The sail loft repays {amount} at {rate} a year, compounded monthly, in {months} equal payments at the end of each month.',
    givens: [
      money('amount', '9,600', '7,600..11,600/200'),
      rate('rate', '7.5', '6..9/0.3'),
      count('months', '36', '24; 36; 48'),
    ],
    plan: plan('borrow', { amount: 'amount', rate: 'rate', payments: 'months', payment: '?', finalAmount: '0' }),
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 2, 'How much of payment 7 is interest?', 'interest-in', { args: { from: '7', to: '7' } }),
      ask('c', 2, 'How much of payment 7 is principal?', 'principal-in', { args: { from: '7', to: '7' } }),
    ],
  }),
  starter({
    title: 'What the lighthouse stair costs in all',
    topic: 'total and interest',
    story:
      'A new stair for the old lighthouse: {amount} borrowed at {rate} a year, compounded monthly, repaid over {years} years at the end of each month.',
    givens: [
      money('amount', '12,500', '9,500..15,500/250'),
      rate('rate', '5.9', '4.7..7.1/0.1'),
      years('years', '4', '3; 4; 5'),
    ],
    plan: level,
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 1, 'How much is paid in all?', 'total-paid'),
      ask('c', 1, 'How much of it is interest?', 'total-interest'),
      ask('d', 1, 'How much is the last payment?', 'last-payment'),
    ],
  }),
  starter({
    title: 'Four years or six for the ferry',
    topic: 'comparing',
    level: 'second',
    story:
      'The ferry company can repay {amount} at {rate} a year, compounded monthly, over four years or over six, at the end of each month.',
    givens: [money('amount', '38,000', '30,000..46,000/500'), rate('rate', '6.4', '5.2..7.6/0.1')],
    plans: [
      {
        id: 'short',
        name: 'four years',
        draft: plan('borrow', { amount: 'amount', rate: 'rate', payments: '48', payment: '?', finalAmount: '0' }),
      },
      {
        id: 'long',
        name: 'six years',
        draft: plan('borrow', { amount: 'amount', rate: 'rate', payments: '72', payment: '?', finalAmount: '0' }),
      },
    ],
    parts: [
      ask('a', 2, 'Find the payment over four years.', 'payment', { plan: 'short' }),
      ask('b', 2, 'Find the payment over six years.', 'payment', { plan: 'long' }),
      asks('c', 2, 'How much more interest is paid over six years?', {
        quantity: 'difference',
        of: 'total-interest',
        plan: 'long',
        other: 'short',
      }),
    ],
  }),
  starter({
    title: 'Two offers for the community solar roof',
    topic: 'comparing',
    level: 'third',
    story:
      'For its solar roof of {amount} the community has two offers over {years} years. The harbour bank asks {rate} a year, compounded monthly, and monthly payments. The island bank asks {other rate} a year, compounded quarterly, and quarterly payments.',
    givens: [
      money('amount', '62,000', '52,000..72,000/1,000'),
      years('years', '8', '6; 8; 10'),
      rate('rate', '5.4', '4.8..6/0.1'),
      rate('other rate', '5.9', '= rate + 0.5'),
    ],
    plans: [
      { id: 'harbour', name: 'harbour bank', draft: level },
      {
        id: 'island',
        name: 'island bank',
        draft: plan(
          'borrow',
          { amount: 'amount', rate: 'other rate', payments: 'years × 4', payment: '?', finalAmount: '0' },
          { perYear: 4 },
        ),
      },
    ],
    parts: [
      ask('a', 2, 'Find the monthly payment to the harbour bank.', 'payment', { plan: 'harbour' }),
      ask('b', 2, 'Find the quarterly payment to the island bank.', 'payment', { plan: 'island' }),
      ask('c', 1, 'Find the effective rate of the harbour bank.', 'effective', { plan: 'harbour' }),
      asks('d', 2, 'Which offer costs less in all, and how much does it cost?', {
        quantity: 'choice',
        of: 'total-paid',
        plans: ['harbour', 'island'],
        prefer: 'less',
      }),
    ],
  }),
  starter({
    title: 'A quarter of a percent for the rope works',
    topic: 'comparing',
    story:
      'The rope works borrows {amount} for {years} years, paid at the end of each month. One lender asks {rate} a year, another {other rate}, both compounded monthly.',
    givens: [
      money('amount', '27,000', '21,000..33,000/500'),
      years('years', '5', '4; 5; 6'),
      rate('rate', '6.5', '5.5..7.5/0.25'),
      rate('other rate', '6.25', '= rate - 0.25'),
    ],
    plans: [
      { id: 'one', name: 'the first lender', draft: level },
      {
        id: 'other',
        name: 'the other lender',
        draft: plan('borrow', {
          amount: 'amount',
          rate: 'other rate',
          payments: 'years × 12',
          payment: '?',
          finalAmount: '0',
        }),
      },
    ],
    parts: [
      ask('a', 2, 'Find the payment to the first lender.', 'payment', { plan: 'one' }),
      asks('b', 2, 'How much less is each payment to the other lender?', {
        quantity: 'difference',
        of: 'payment',
        plan: 'one',
        other: 'other',
      }),
    ],
  }),
];
