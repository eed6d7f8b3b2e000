/** A plan: the money side of a case. Amounts are positive currency units; the kind says which way they flow. */

import type { Problem } from '../result.ts';
import type { Money, RoundingRule } from '../money/roundMoney.ts';
import { HIGHEST_RATE, LARGEST_AMOUNT, type Timing } from '../annuity/fiveValues.ts';
import { ratePerPayment, frequencyProblem, type QuotedRate } from '../rates/quotedRate.ts';
import { dateProblem } from './calendar.ts';

/**
 * - `loan`: the amount is received; payments are paid until `finalAmount` is owed.
 * - `saving`: the amount is put in; deposits add until `finalAmount` is reached. Its interest is earned.
 * - `drawing`: the amount is put in; payments are taken out until `finalAmount` is left.
 */
export type PlanKind = 'loan' | 'saving' | 'drawing';

export interface TableRounding {
  readonly payment: RoundingRule;
  readonly interest: 'exact' | 'cent';
  /** `clears`: the last payment closes the table at `finalAmount`; `as-others`: the difference stays in the closing balance. */
  readonly last: 'clears' | 'as-others';
}

/** A change to the plan. Payment numbers are 1-based. */
export type Change =
  /** Extra money with payment `from`; with `to` or `every` also later ones. The payment stays as it is. */
  | {
      readonly kind: 'extra';
      readonly from: number;
      readonly to?: number;
      readonly every?: number;
      readonly amount: Money;
    }
  /** From payment `after + 1` another rate; the payment is worked out again over the payments that remain, or stays. */
  | { readonly kind: 'rate'; readonly after: number; readonly rate: QuotedRate; readonly payment: 'again' | 'same' }
  /** From payment `after + 1` another payment. */
  | { readonly kind: 'payment'; readonly after: number; readonly amount: Money }
  /** Only interest is paid through payment `through`; the level payment runs over the rest. */
  | { readonly kind: 'interest-only'; readonly from?: number; readonly through: number }
  /** Nothing is paid through payment `through`; interest is added and the level payment runs over the rest. */
  | { readonly kind: 'deferred'; readonly from?: number; readonly through: number }
  /** More money is received at the start of period `before`. The payment stays unless `payment` is `again`. */
  | { readonly kind: 'draw'; readonly before: number; readonly amount: Money; readonly payment?: 'again' | 'same' };

export interface Plan {
  /** `loan` when left out. */
  readonly kind?: PlanKind;
  readonly amount: Money;
  readonly rate: QuotedRate;
  readonly paymentsPerYear: number;
  /** A count, or `until-cleared` with `payment` given. */
  readonly payments: number | 'until-cleared';
  readonly timing: Timing;
  readonly finalAmount: Money;
  /** The level payment where it is given; worked out and rounded otherwise. */
  readonly payment?: Money;
  readonly rounding: TableRounding;
  readonly changes: readonly Change[];
  /** The date of payment 1, `YYYY-MM-DD`, where rows carry dates. */
  readonly firstPaymentDate?: string;
}

/** A table that never clears stops after so many rows. */
export const MOST_ROWS_UNTIL_CLEARED = 4000;
/** A stated number of payments can be no larger. */
export const MOST_ROWS = 12_000;

/** An end that no savings reach: amounts are below 10¹². */
export const OUT_OF_REACH = 9e11;

export const exactRounding: TableRounding = { payment: 'exact', interest: 'exact', last: 'clears' };
export const centRounding: TableRounding = { payment: 'cent', interest: 'cent', last: 'clears' };

/** What is wrong with a plan, if anything; the field names the input, changes as `changes.2.amount`. */
export function planProblem(plan: Plan): Problem | undefined {
  if (plan === null || typeof plan !== 'object') return { code: 'not-a-number', message: 'A plan is needed.' };
  const kind = plan.kind ?? 'loan';
  if (!['loan', 'saving', 'drawing'].includes(kind)) return problem('kind', 'A plan borrows, saves or draws down.');
  if (plan.timing !== 'end' && plan.timing !== 'begin')
    return problem('timing', 'Payments fall at the end or at the beginning of each period.');
  const noRounding =
    !plan.rounding ||
    !['exact', 'cent', 'cent-up', 'unit', 'unit-up'].includes(plan.rounding.payment) ||
    !['exact', 'cent'].includes(plan.rounding.interest) ||
    !['clears', 'as-others'].includes(plan.rounding.last);
  if (noRounding) return problem('rounding', 'Say how payments, interest and the last payment are rounded.');
  if (!Array.isArray(plan.changes)) return problem('changes', 'The changes must be a list.');
  if (plan.changes.length > 500) return problem('changes', 'A plan takes at most 500 changes.');
  const amounts =
    moneyProblem(plan.amount, 'amount', 'The amount') ??
    moneyProblem(plan.finalAmount, 'finalAmount', 'The final amount') ??
    (plan.payment === undefined ? undefined : moneyProblem(plan.payment, 'payment', 'The payment'));
  if (amounts) return amounts;
  const frequency = frequencyProblem(plan.paymentsPerYear) ?? rateProblem(plan.rate, plan.paymentsPerYear, 'rate');
  if (frequency) return frequency;
  if (plan.payments === 'until-cleared') {
    if (plan.payment === undefined) return problem('payment', 'To run until it is cleared, the plan needs a payment.');
    if (plan.payment === 0 && !plan.changes.some((change) => change?.kind === 'extra' || change?.kind === 'payment'))
      return { code: 'never-repaid', message: 'Without a payment the balance is never cleared.', field: 'payment' };
  } else {
    const count = countProblem(plan.payments, 'payments', MOST_ROWS);
    if (count) return count;
  }
  if (plan.firstPaymentDate !== undefined) {
    const date = dateProblem(plan.firstPaymentDate, 'firstPaymentDate');
    if (date) return date;
  }
  for (const [at, change] of plan.changes.entries()) {
    const wrong = changeProblem(change, plan, `changes.${at}`);
    if (wrong) return wrong;
  }
  return undefined;
}

function changeProblem(change: Change, plan: Plan, field: string): Problem | undefined {
  if (change === null || typeof change !== 'object') return problem(field, 'A change must say what it changes.');
  const last = plan.payments === 'until-cleared' ? MOST_ROWS_UNTIL_CLEARED : plan.payments;
  const within = (value: number | undefined, name: string, least: number): Problem | undefined =>
    value === undefined
      ? undefined
      : Number.isInteger(value) && value >= least && value <= last
        ? undefined
        : {
            code: typeof value === 'number' && Number.isFinite(value) ? 'out-of-range' : 'not-a-number',
            message: `This must be a whole payment number from ${least} to ${last}.`,
            field: `${field}.${name}`,
          };
  switch (change.kind) {
    case 'extra':
      return (
        within(change.from ?? NaN, 'from', 1) ??
        within(
          change.to === undefined || plan.payments !== 'until-cleared' ? undefined : Math.min(change.to, last),
          'to',
          1,
        ) ??
        (change.to !== undefined && !(Number.isInteger(change.to) && change.to >= change.from)
          ? problem(`${field}.to`, 'The last extra payment cannot come before the first.')
          : undefined) ??
        (change.every !== undefined && !(Number.isInteger(change.every) && change.every >= 1)
          ? problem(`${field}.every`, 'Every how many payments must be a whole number from 1.')
          : undefined) ??
        moneyProblem(change.amount, `${field}.amount`, 'The extra payment')
      );
    case 'rate':
      if (change.payment !== 'again' && change.payment !== 'same')
        return problem(`${field}.payment`, 'The payment is worked out again, or stays the same.');
      if (change.payment === 'again' && plan.payments === 'until-cleared')
        return problem(`${field}.payment`, 'To work the payment out again, the plan needs a number of payments.');
      return within(change.after ?? NaN, 'after', 0) ?? rateProblem(change.rate, plan.paymentsPerYear, `${field}.rate`);
    case 'payment':
      return (
        within(change.after ?? NaN, 'after', 0) ?? moneyProblem(change.amount, `${field}.amount`, 'The new payment')
      );
    case 'interest-only':
    case 'deferred':
      if (change.kind === 'interest-only' && plan.kind === 'saving')
        return problem(field, 'A saving plan has no interest to pay.');
      if ((change.from ?? 1) > change.through) return problem(`${field}.through`, 'The period ends before it begins.');
      return within(change.from, 'from', 1) ?? within(change.through ?? NaN, 'through', change.from ?? 1);
    case 'draw':
      if (change.payment === 'again' && plan.payments === 'until-cleared')
        return problem(`${field}.payment`, 'To work the payment out again, the plan needs a number of payments.');
      return (
        within(change.before ?? NaN, 'before', 1) ??
        moneyProblem(change.amount, `${field}.amount`, 'The amount received')
      );
    default:
      return problem(field, 'This kind of change is not known.');
  }
}

function rateProblem(rate: QuotedRate, paymentsPerYear: number, field: string): Problem | undefined {
  const found = ratePerPayment(rate, paymentsPerYear);
  if (!found.ok) return { ...found.problem, field };
  return found.value < HIGHEST_RATE ? undefined : problem(field, 'A rate per payment must be below 1,000 %.');
}

function moneyProblem(value: unknown, field: string, name: string): Problem | undefined {
  if (typeof value !== 'number' || !Number.isFinite(value))
    return { code: 'not-a-number', message: `${name} must be a number.`, field };
  if (value < 0) return problem(field, `${name} cannot be below zero: the words say which way it flows.`);
  if (value >= LARGEST_AMOUNT) return problem(field, `${name} is too large to keep exact to the cent.`);
  return undefined;
}

function countProblem(value: unknown, field: string, most: number): Problem | undefined {
  if (typeof value !== 'number' || !Number.isFinite(value))
    return { code: 'not-a-number', message: 'The number of payments must be a number.', field };
  if (value < 1) return { code: 'no-payments', message: 'There must be at least one payment.', field };
  if (!Number.isInteger(value)) return problem(field, 'The number of payments must be whole.');
  return value > most
    ? problem(field, `At most ${most.toLocaleString('en')} payments can be put in a table.`)
    : undefined;
}

function problem(field: string, message: string): Problem {
  return { code: 'out-of-range', message, field };
}
