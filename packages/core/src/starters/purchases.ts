/** Starter exercises: deposits, trade-ins, fees, balloons and leases. */

import { ask, count, money, plan, rate, starter, sum, years } from './make.ts';

export const purchaseStarters = [
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
      ask('c', 1, 'How much is paid in all, with the balloon?', 'total-with-end'),
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
      ask('b', 2, 'How much would buy the oven out right after rent 24?', 'balance-right-after', {
        args: { after: '24' },
      }),
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
      ask('c', 2, 'How much is still owed right after rent 12?', 'balance-right-after', { args: { after: '12' } }),
      ask('d', 2, 'How much of rent 13 is interest?', 'interest-portion', { args: { from: '13', to: '13' } }),
    ],
  }),
];
