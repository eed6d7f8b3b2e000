/** Saving: an amount at the start and level deposits grow to an amount at the end. */

import { sentenceOf, type Directions, type KindOfCase } from '../kind.ts';
import { solveLevel } from '../solveLevel.ts';
import { borrow } from './borrow.ts';

const saving: Directions = { plan: 'saving', pv: -1, pmt: -1, fv: 1 };

export const save: KindOfCase = {
  ...borrow,
  title: 'Saving',
  directions: saving,
  owes: false,
  refinances: false,
  solve: solveLevel(saving),
  sentence: sentenceOf(`The saver starts with {amount} at {rate} {quote} ,
    pays in {payments} {frequency} deposits of {payment} at the {timing} of each {period} ,
    and then has {finalAmount} .`),
  slotNames: {
    amount: 'amount at the start',
    rate: 'rate',
    payments: 'number of deposits',
    payment: 'each deposit',
    finalAmount: 'amount at the end',
  },
  flows: { amount: 'paid in', rate: '', payments: '', payment: 'paid in', finalAmount: 'received' },
};
