/** Starter exercises: what paying more saves, in payments, time and interest, and the table that shows it. */

import { ask, asks, change, money, plan, rate, starter, years } from './make.ts';

export const savedStarters = [
  starter({
    title: 'What the net makers save',
    topic: 'extra payments',
    level: 'third',
    story:
      'The net makers repay {amount} at {rate} a year, compounded monthly, over {years} years. With every payment they pay {more} on top; the payments stay as they are.',
    givens: [
      money('amount', '18,000', '14,000..22,000/500'),
      rate('rate', '6.9', '5.7..7.8/0.1'),
      years('years', '5', '4; 5; 6'),
      money('more', '75', '60; 75; 90; 120'),
    ],
    plan: plan(
      'borrow',
      { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: '0' },
      { changes: [change('extra', { amount: 'more', from: '1', to: '400', every: '1' })] },
    ),
    parts: [
      ask('a', 2, 'How many payments are really made?', 'payments-made'),
      ask('b', 2, 'How much sooner is the loan repaid, in years and months?', 'time-saved'),
      ask('c', 3, 'How much interest is saved?', 'interest-saved'),
      asks('d', 6, 'Fill in the first four rows and their totals.', {
        quantity: 'table',
        plan: 'plan',
        columns: [
          { column: 'interest' },
          { column: 'payment', name: 'Payment' },
          { column: 'extra' },
          { column: 'principal', name: 'Paid off' },
          { column: 'closing', name: 'Owed' },
          { column: 'interest-so-far' },
        ],
        totals: true,
        blanks: [
          '*:interest',
          '*:principal',
          '*:closing',
          '*:interest-so-far',
          'total:interest',
          'total:extra',
          'total:principal',
        ],
        args: { from: '1', to: '4' },
      }),
    ],
  }),
];
