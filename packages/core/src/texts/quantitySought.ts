/** What is asked where a plan's one open slot is asked for. */

import type { ReadPlan, ReadQuantity, Unknown } from './reading.ts';

export const quantitySought = {
  amount: 'amount',
  rate: 'nominalRate',
  payments: 'payments',
  payment: 'payment',
  finalAmount: 'finalAmount',
} as const satisfies Readonly<Record<Unknown, ReadQuantity>>;

/** What is sought is a price: something is paid down on it, and it is not told. */
export const seeksPrice = ({ unknown, price, downPayment, downShare, tradeIn }: ReadPlan): boolean =>
  unknown === 'amount' && price === undefined && (downPayment ?? downShare ?? tradeIn) !== undefined;
