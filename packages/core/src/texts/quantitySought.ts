/** What is asked where a plan's one open slot is asked for. */

import type { ReadQuantity, Unknown } from './reading.ts';

export const quantitySought = {
  amount: 'amount',
  rate: 'nominalRate',
  payments: 'payments',
  payment: 'payment',
  finalAmount: 'finalAmount',
} as const satisfies Readonly<Record<Unknown, ReadQuantity>>;
