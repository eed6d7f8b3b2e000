/** A flat charge: a share of the whole amount, spread over the payments however much has been repaid. */

import { owing, sentenceOf, type KindOfCase } from '../kind.ts';
import { solveFlat } from '../flatCase.ts';

export const flat: KindOfCase = {
  title: 'Flat charge',
  slots: ['amount', 'rate', 'payments', 'payment'],
  asks: 'payment',
  timing: 'end',
  directions: owing,
  hasTable: true,
  compounds: false,
  level: false,
  pays: true,
  owes: true,
  takesChanges: false,
  refinances: false,
  solve: solveFlat,
  sentence: sentenceOf(`The buyer finances {amount} with a flat charge of {rate} {flatBy} ,
    and pays {payments} {frequency} payments of {payment} at the {timing} of each {period} .`),
  slotNames: {
    amount: 'amount financed',
    rate: 'flat charge',
    payments: 'number of payments',
    payment: 'each payment',
  },
  flows: { amount: 'received', payment: 'paid out' },
};
