/** What a reading has heard of a text: whether some change, price, deposit or last sum shows in it. */

import type { ReadAsk, ReadPlan } from '../reading.ts';

export interface Heard {
  readonly plans: readonly ReadPlan[];
  readonly asks: readonly ReadAsk[];
}

export const changes =
  (...kinds: readonly string[]) =>
  ({ plans }: Heard): boolean =>
    plans.length > 1 || plans.some((plan) => plan.changes.some(({ kind }) => kinds.includes(kind)));

export const has =
  (field: 'downPayment' | 'tradeIn' | 'rebate' | 'fees') =>
  ({ plans, asks }: Heard): boolean =>
    plans.some((plan) => plan[field] !== undefined || (field === 'downPayment' && plan.downShare !== undefined)) ||
    asks.some(({ quantity }) => quantity === field);

export const endsOwing = ({ plans }: Heard): boolean => plans.some(({ finalAmount }) => (finalAmount ?? 0) > 0);

/** The sum received is smaller than the loan. */
export const lessReceived = (heard: Heard): boolean =>
  has('rebate')(heard) || heard.plans.some(({ links }) => links?.some(({ plus = 0 }) => plus < 0) ?? false);
