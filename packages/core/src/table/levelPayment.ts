/** The level payment of a plan, and how far rounding may carry a table. */

import { accumulation, growthLessOne } from '../annuity/fiveValues.ts';
import type { Money } from '../money/roundMoney.ts';
import type { Plan } from './plan.ts';

/**
 * The level payment that brings a balance to a final amount, unrounded:
 * `(balance·(1+i)^n − final) / ((1+i·b)·((1+i)^n − 1)/i)`.
 *
 * @param payments over how many payments, at least 1
 */
export function levelPayment(balance: Money, final: Money, i: number, payments: number, begin: boolean): Money {
  if (i <= 0)
    return (
      (balance - final + balance * growthLessOne(i, payments)) / accumulation(i, payments, begin ? 'begin' : 'end')
    );
  // Discounted, so that a long table at a high rate does not overflow.
  const back = -growthLessOne(i, -payments);
  const plain = ((balance - final * (1 - back)) * i) / back;
  return begin ? plain / (1 + i) : plain;
}

/** As much as rounding alone can move savings by the end of row k: half a cent a row, grown, and half a cent of the final amount. */
export function roundingRoom(
  { rounding, finalAmount, amount }: Pick<Plan, 'rounding' | 'finalAmount' | 'amount'>,
  i: number,
  k: number,
): Money {
  const rows = rounding.interest === 'cent' ? accumulation(Math.max(0, i), k, 'end') : 0;
  return 0.005 * (rows + 1) + 1e-9 * (amount + finalAmount);
}
