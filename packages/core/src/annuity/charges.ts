/** Flat (add-on) finance charges, and rates that include charges taken from the proceeds. */

import { fail, ok, type Result } from '../result.ts';
import { roundMoney, type Money, type RoundingRule } from '../money/roundMoney.ts';
import { solveFor } from './solveFor.ts';
import { LARGEST_AMOUNT, type Timing } from './fiveValues.ts';

/** The charge as a fraction of the amount financed: outright, or a year times the years. */
export type FlatCharge =
  | { readonly kind: 'outright'; readonly fraction: number }
  | { readonly kind: 'a-year'; readonly fraction: number; readonly years: number };

export interface FlatPlan {
  readonly amount: Money;
  readonly charge: FlatCharge;
  readonly payments: number;
  readonly timing?: Timing;
  readonly paymentRounding?: RoundingRule;
}

export interface FlatResult {
  /** The finance charge, to the cent unless payments are exact. */
  readonly charge: Money;
  readonly total: Money;
  readonly payment: Money;
  /** The rate per payment really charged on the balance owed, a fraction. */
  readonly ratePerPayment: number;
}

/**
 * A flat-charge plan: payment = (amount + charge) / n; the rate really charged is solved for.
 *
 * @param plan amount in currency units, above 0; charge as a fraction, 0 or more
 */
export function flatPlan(plan: FlatPlan): Result<FlatResult> {
  const { amount, charge, payments, timing = 'end', paymentRounding = 'cent' } = plan;
  if (!Number.isFinite(amount))
    return fail('not-a-number', 'The amount financed must be a number.', { field: 'amount' });
  if (amount <= 0 || amount >= LARGEST_AMOUNT)
    return fail('out-of-range', 'The amount financed must be above zero.', { field: 'amount' });
  if (!Number.isInteger(payments) || payments < 1 || payments > 12_000)
    return fail('no-payments', 'The number of payments must be a whole number from 1 to 12,000.', {
      field: 'payments',
    });
  if (!Number.isFinite(charge.fraction))
    return fail('not-a-number', 'The flat charge must be a number.', { field: 'charge' });
  if (charge.fraction < 0 || charge.fraction > 100)
    return fail('out-of-range', 'The flat charge must be from 0 % to 10,000 %.', { field: 'charge' });
  if (charge.kind === 'a-year' && !(charge.years > 0 && charge.years <= 1000))
    return fail('out-of-range', 'The years the flat charge is counted for must be above zero.', { field: 'years' });
  const fraction = charge.kind === 'outright' ? charge.fraction : charge.fraction * charge.years;
  const money = roundMoney(amount * fraction, paymentRounding === 'exact' ? 'exact' : 'cent');
  const total = amount + money;
  const payment = roundMoney(total / payments, paymentRounding);
  const rate = solveFor('i', { n: payments, pv: amount, pmt: -payment, fv: 0, timing });
  if (!rate.ok) return rate;
  return ok({ charge: money, total, payment, ratePerPayment: rate.value });
}

export interface ChargedLoan {
  /** What is repaid with interest. */
  readonly amount: Money;
  /** Fees kept back by the lender, so that `amount − fees` is received. */
  readonly fees: Money;
  readonly payment: Money;
  readonly payments: number;
  readonly finalAmount?: Money;
  readonly timing?: Timing;
}

/** The rate per payment that makes the payments worth what was really received. */
export function rateWithCharges(loan: ChargedLoan): Result<number> {
  const { amount, fees, payment, payments, finalAmount = 0, timing = 'end' } = loan;
  if (!Number.isFinite(fees) || !Number.isFinite(amount))
    return fail('not-a-number', 'The amount and the fees must be numbers.', { field: 'fees' });
  if (fees >= amount)
    return fail('out-of-range', 'The fees must be less than the amount, or nothing is received.', { field: 'fees' });
  return solveFor('i', { n: payments, pv: amount - fees, pmt: -payment, fv: -finalAmount, timing });
}
