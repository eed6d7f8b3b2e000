/** Borrowing: an amount is received and paid back with interest on what is still owed. */

import { owing, sentenceOf, type KindOfCase } from '../kind.ts';
import { solveLevel } from '../solveLevel.ts';

export const borrow: KindOfCase = {
  title: 'Borrowing',
  slots: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  asks: 'payment',
  timing: 'end',
  directions: owing,
  hasTable: true,
  compounds: true,
  level: true,
  pays: true,
  owes: true,
  takesChanges: true,
  refinances: true,
  solve: solveLevel(owing),
  sentence: sentenceOf(`The borrower receives {amount} at {rate} {quote} ,
    repays {payments} {frequency} payments of {payment} at the {timing} of each {period} ,
    and then owes {finalAmount} .`),
  slotNames: {
    amount: 'amount received',
    rate: 'rate',
    payments: 'number of payments',
    payment: 'each payment',
    finalAmount: 'still owed at the end',
  },
  flows: { amount: 'received', rate: '', payments: '', payment: 'paid out', finalAmount: 'still to be paid' },
};
