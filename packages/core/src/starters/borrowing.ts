/** Starter exercises: borrowing, from the harbour town of Kestrel Bay. */

import { ask, asks, change, count, money, plan, rate, starter, sum, words, years } from './make.ts';

const level = plan('borrow', {
  amount: 'amount',
  rate: 'rate',
  payments: 'years × 12',
  payment: '?',
  finalAmount: '0',
});

export const borrowingStarters = [
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
  starter({
    title: 'Oyster rafts with a trade-in',
    topic: 'deposit and trade-in',
    level: 'second',
    story:
      'New oyster rafts cost {price}. The growers pay {down} down, trade their old rafts in for {old rafts}, and finance the rest at {rate} a year, compounded monthly, over {years} years.',
    givens: [
      money('price', '31,500', '27,000..36,000/500'),
      rate('down', '10', '10; 15; 20'),
      money('old rafts', '4,200', '3,000..5,400/200'),
      rate('rate', '7.2', '6..8.4/0.2'),
      years('years', '4', '3; 4; 5'),
    ],
    plan: plan(
      'borrow',
      { rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
      { buildUp: { price: 'price', downPayment: 'down', tradeIn: 'old rafts' } },
    ),
    parts: [
      ask('a', 1, 'How much is paid down?', 'down-payment'),
      ask('b', 1, 'How much is financed?', 'amount-financed'),
      ask('c', 2, 'Find the monthly payment.', 'payment'),
      ask('d', 2, 'What do the rafts cost in all, with what was paid down and the trade-in?', 'total-price'),
    ],
  }),
  starter({
    title: 'A deposit on the delivery trolley',
    topic: 'deposit and trade-in',
    story:
      'The bakery buys a delivery trolley for {price} and pays {deposit} at once. The rest is financed at {rate} a year, compounded monthly, in {months} payments at the end of each month.',
    givens: [
      money('price', '5,400', '4,600..6,200/100'),
      money('deposit', '900', '600..1,200/100'),
      rate('rate', '8.1', '6.9..9.3/0.3'),
      count('months', '24', '18; 24; 30'),
    ],
    plan: plan('borrow', {
      amount: 'price - deposit',
      rate: 'rate',
      payments: 'months',
      payment: '?',
      finalAmount: '0',
    }),
    parts: [
      ask('a', 1, 'How much is financed?', 'amount-financed'),
      ask('b', 2, 'Find the monthly payment.', 'payment'),
      sum('c', 1, 'What does the trolley cost in all?', 'deposit + months × answer b'),
    ],
  }),
  starter({
    title: 'A fee on the mooring loan',
    topic: 'effective and nominal',
    level: 'third',
    story:
      'A lender states a loan of {amount} at {rate} a year, compounded monthly, in {months} payments at the end of each month, and keeps a fee of {fee} back when it pays out.',
    givens: [
      money('amount', '10,000', '8,000..12,000/500'),
      rate('rate', '6', '5.4..7.2/0.3'),
      count('months', '36', '24; 36'),
      money('fee', '300', '200..400/50'),
    ],
    plan: plan(
      'borrow',
      { rate: 'rate', payments: 'months', payment: '?', finalAmount: '0' },
      { buildUp: { price: 'amount', feesTaken: 'fee' } },
    ),
    parts: [
      ask('a', 2, 'Find the monthly payment.', 'payment'),
      ask('b', 3, 'Find the rate a year, compounded monthly, that the fee makes of it.', 'rate-with-charges'),
    ],
  }),
  starter({
    title: 'A balloon on the harbour crane',
    topic: 'balloon',
    level: 'second',
    story:
      'The harbour buys a crane for {amount} at {rate} a year, compounded monthly. For {years} years it pays the same at the end of each month; then {balloon} is still owed and paid at once.',
    givens: [
      money('amount', '84,000', '72,000..96,000/1,000'),
      rate('rate', '6.2', '5.2..7.2/0.1'),
      years('years', '6', '5; 6; 7'),
      money('balloon', '25,200', '= amount × 0.3'),
    ],
    plan: plan('borrow', {
      amount: 'amount',
      rate: 'rate',
      payments: 'years × 12',
      payment: '?',
      finalAmount: 'balloon',
    }),
    parts: [
      ask('a', 3, 'Find the monthly payment.', 'payment'),
      ask('b', 2, 'How much interest is paid in all?', 'total-interest'),
    ],
  }),
  starter({
    title: 'What is left on the dredger',
    topic: 'balloon',
    level: 'second',
    story:
      'A dredger of {amount} is financed at {rate} a year, compounded monthly, with {payment asked} at the end of each month for {years} years. What is then still owed is paid in one sum.',
    givens: [
      money('amount', '56,000', '50,000..62,000/1,000'),
      rate('rate', '5.8', '5..6.6/0.1'),
      money('payment asked', '700', '620..760/10'),
      years('years', '5', '4; 5'),
    ],
    plan: plan('borrow', {
      amount: 'amount',
      rate: 'rate',
      payments: 'years × 12',
      payment: 'payment asked',
      finalAmount: '?',
    }),
    parts: [ask('a', 3, 'How much is the sum at the end?', 'final-amount')],
  }),
  starter({
    title: 'The bakery oven on a lease',
    topic: 'lease',
    level: 'second',
    story:
      'A bakery oven worth {amount} is leased for {years} years at {rate} a year, compounded monthly. The rent is paid in advance, at the beginning of each month, and the oven may then be bought for its residual of {residual}.',
    givens: [
      money('amount', '18,500', '15,500..21,500/500'),
      years('years', '3', '3; 4'),
      rate('rate', '8.4', '7.2..9.6/0.3'),
      money('residual', '3,700', '= amount × 0.2'),
    ],
    plan: plan('lease', {
      amount: 'amount',
      rate: 'rate',
      payments: 'years × 12',
      payment: '?',
      finalAmount: 'residual',
    }),
    parts: [
      ask('a', 3, 'Find the monthly rent.', 'payment'),
      ask('b', 2, 'How much would buy the oven out after rent 24?', 'balance-after', { args: { after: '24' } }),
    ],
  }),
  starter({
    title: 'The projector lease',
    topic: 'lease',
    story:
      'The choir hall leases lights worth {amount} for {months} months at {rate} a year, compounded monthly, rent in advance at the beginning of each month, nothing owed after.',
    givens: [
      money('amount', '4,800', '3,800..5,800/100'),
      count('months', '24', '18; 24; 36'),
      rate('rate', '9', '7.8..10.2/0.3'),
    ],
    plan: plan('lease', { amount: 'amount', rate: 'rate', payments: 'months', payment: '?', finalAmount: '0' }),
    parts: [
      ask('a', 3, 'Find the monthly rent.', 'payment'),
      ask('b', 1, 'How much rent is paid in all?', 'total-paid'),
    ],
  }),
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
