/**
 * What a target search asks: the value of one input that brings one output of the real table, rounding included, to a
 * target. Inputs and outputs are records; adding one adds a record. The search itself is in `targetSearch.ts`.
 */

import { namesOf } from '../records.ts';
import type { Problem, Result } from '../result.ts';
import { withQuotedNumber } from '../rates/quotedRate.ts';
import type { Table } from './buildTable.ts';
import { MOST_ROWS_UNTIL_CLEARED, type Change, type Plan } from './plan.ts';
import { balanceAfter, leftAtEnd, leftToPay } from './figures.ts';

/** The input that may move. `change` inputs name the place of the change in the plan's list. */
export type TargetInput =
  | { readonly input: 'amount' | 'rate' | 'payment' | 'payments' | 'finalAmount' | 'extra' }
  | { readonly input: 'change-amount' | 'change-rate' | 'change-after'; readonly change: number };

export type TargetOutput =
  | { readonly output: 'payment' | 'last-payment' | 'count' | 'total-paid' | 'total-interest' | 'closing' }
  | { readonly output: 'balance-after' | 'left-to-pay'; readonly after: number };

export interface TargetAsk {
  readonly plan: Plan;
  readonly vary: TargetInput;
  readonly reach: TargetOutput;
  readonly target: number;
  /** Where to look; sensible bounds when left out. */
  readonly from?: number;
  readonly to?: number;
  /** How it closes in; by halving when left out. */
  readonly by?: ClosingIn;
}

/**
 * - `trial`: each try where a straight line through the two nearest tries meets the target;
 * - `halving`: each try in the middle of what is left;
 * - `exact`: on a table in which nothing is rounded, to the last digit; then rounded and seen in the real table.
 */
export type ClosingIn = 'trial' | 'halving' | 'exact';

export interface TargetInputRecord {
  readonly step: number;
  readonly bounds: (plan: Plan) => readonly [number, number];
  readonly set: (plan: Plan, value: number, change?: Change) => Plan;
}

export const targetInputRecords: Readonly<Record<TargetInput['input'], TargetInputRecord>> = {
  amount: {
    step: 0.01,
    bounds: ({ amount, payment = 0 }) => [0, Math.max(amount, payment * 400, 1) * 100],
    set: (plan, amount) => ({ ...plan, amount }),
  },
  finalAmount: {
    step: 0.01,
    bounds: ({ amount, finalAmount }) => [0, Math.max(amount, finalAmount, 1) * 100],
    set: (plan, finalAmount) => ({ ...plan, finalAmount }),
  },
  rate: {
    step: 1e-6,
    bounds: () => [0, 2],
    set: (plan, rate) => ({ ...plan, rate: withQuotedNumber(plan.rate, rate) }),
  },
  payment: {
    step: 0.01,
    bounds: ({ amount, finalAmount }) => [0, Math.max(amount, finalAmount, 1) * 3],
    set: (plan, payment) => ({ ...plan, payment }),
  },
  payments: { step: 1, bounds: () => [1, 1200], set: (plan, payments) => ({ ...plan, payments }) },
  extra: {
    step: 0.01,
    bounds: ({ amount, finalAmount }) => [0, Math.max(amount, finalAmount, 1) * 2],
    set: (plan, amount) => ({
      ...plan,
      changes: [
        ...plan.changes,
        {
          kind: 'extra',
          from: 1,
          to: plan.payments === 'until-cleared' ? MOST_ROWS_UNTIL_CLEARED : plan.payments,
          amount,
        },
      ],
    }),
  },
  'change-amount': {
    step: 0.01,
    bounds: ({ amount }) => [0, Math.max(amount, 1) * 3],
    set: (plan, amount, change) => replace(plan, change, { amount }),
  },
  'change-rate': {
    step: 1e-6,
    bounds: () => [0, 2],
    set: (plan, rate, change) =>
      change && 'rate' in change ? replace(plan, change, { rate: withQuotedNumber(change.rate, rate) }) : plan,
  },
  'change-after': {
    step: 1,
    bounds: ({ payments }) => [0, payments === 'until-cleared' ? 600 : payments],
    set: (plan, at, change) =>
      !change
        ? plan
        : replace(
            plan,
            change,
            'after' in change
              ? { after: at }
              : 'before' in change
                ? { before: at }
                : 'through' in change
                  ? { through: at }
                  : { from: at },
          ),
  },
};

function replace(plan: Plan, change: Change | undefined, more: Partial<Record<string, unknown>>): Plan {
  return { ...plan, changes: plan.changes.map((each) => (each === change ? ({ ...each, ...more } as Change) : each)) };
}

export interface TargetOutputRecord {
  /** Whole outputs move in steps: nearest reachable is a matter of course. */
  readonly whole: boolean;
  readonly read: (table: Table, after: number) => number;
}

export const targetOutputRecords: Readonly<Record<TargetOutput['output'], TargetOutputRecord>> = {
  payment: { whole: false, read: (table) => table.firstPayment },
  'last-payment': { whole: false, read: (table) => table.lastPayment },
  count: { whole: true, read: (table) => table.count },
  'total-paid': { whole: false, read: (table) => table.totalPaid },
  'total-interest': { whole: false, read: (table) => table.totalInterest },
  closing: { whole: false, read: leftAtEnd },
  'balance-after': { whole: false, read: (table, after) => valueOr(balanceAfter(table, after)) },
  'left-to-pay': { whole: false, read: (table, after) => valueOr(leftToPay(table, after)) },
};

function valueOr(result: Result<number>): number {
  return result.ok ? result.value : NaN;
}

export const targetInputs = namesOf(targetInputRecords);
export const targetOutputs = namesOf(targetOutputRecords);

/** What is wrong with what is asked, if anything; the field names it. */
export function targetProblem({ plan, vary, reach, target, from, to }: TargetAsk): Problem | undefined {
  if (!targetInputRecords[vary?.input])
    return { code: 'out-of-range', message: 'Choose what may move.', field: 'vary' };
  if (!targetOutputRecords[reach?.output])
    return { code: 'out-of-range', message: 'Choose what must be reached.', field: 'reach' };
  if (!Number.isFinite(target))
    return { code: 'not-a-number', message: 'The target must be a number.', field: 'target' };
  for (const [field, value] of [
    ['from', from],
    ['to', to],
  ] as const)
    if (value !== undefined && !Number.isFinite(value))
      return { code: 'not-a-number', message: 'The range must be numbers.', field };
  if (from !== undefined && to !== undefined && from > to)
    return { code: 'out-of-range', message: 'The range is the wrong way round.', field: 'to' };
  if ('change' in vary && !plan?.changes?.[vary.change])
    return { code: 'out-of-range', message: 'That change is not in the plan.', field: 'vary' };
  if (vary.input === 'payments' && plan.payments === 'until-cleared')
    return {
      code: 'out-of-range',
      message: 'This plan runs until it is cleared; its number of payments is a result.',
      field: 'vary',
    };
  if (vary.input === 'payment' && reach.output === 'payment')
    return { code: 'out-of-range', message: 'The payment cannot be both moved and reached.', field: 'reach' };
  return undefined;
}
