/** Leasing: goods are taken and paid for in rents, usually in advance, down to a residual. */

import { owing, sentenceOf, type KindOfCase } from '../kind.ts';
import { borrow } from './borrow.ts';

export const lease: KindOfCase = {
  ...borrow,
  title: 'Leasing',
  timing: 'begin',
  directions: owing,
  refinances: false,
  sentence: sentenceOf(`The lessee takes goods worth {amount} at {rate} {quote} ,
    pays {payments} {frequency} rents of {payment} at the {timing} of each {period} ,
    and may then buy for the residual of {finalAmount} .`),
  slotNames: {
    amount: 'value of the goods',
    rate: 'rate',
    payments: 'number of rents',
    payment: 'each rent',
    finalAmount: 'residual',
  },
  flows: { amount: 'received', rate: '', payments: '', payment: 'paid out', finalAmount: 'paid out at the end' },
};
