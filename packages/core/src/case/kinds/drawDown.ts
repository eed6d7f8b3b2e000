/** Drawing down: a fund earns interest and pays out level payments until an amount is left. */

import { sentenceOf, type Directions, type KindOfCase } from '../kind.ts';
import { solveLevel } from '../solveLevel.ts';
import { borrow } from './borrow.ts';

const drawing: Directions = { plan: 'drawing', pv: -1, pmt: 1, fv: 1 };

export const drawDown: KindOfCase = {
  ...borrow,
  title: 'Drawing down',
  directions: drawing,
  owes: false,
  refinances: false,
  solve: solveLevel(drawing),
  sentence: sentenceOf(`The fund starts with {amount} at {rate} {quote} ,
    pays out {payments} {frequency} payments of {payment} at the {timing} of each {period} ,
    and then still holds {finalAmount} .`),
  slotNames: {
    amount: 'amount at the start',
    rate: 'rate',
    payments: 'number of payments',
    payment: 'each payment',
    finalAmount: 'left at the end',
  },
  flows: { amount: 'paid in', rate: '', payments: '', payment: 'received', finalAmount: 'left in the fund' },
};
