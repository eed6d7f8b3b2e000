/**
 * Target search: the value of one input that brings one output of the real table, rounding included, to a target.
 * Inputs and outputs are records; adding one adds a record.
 */

import { fail, ok, type Problem, type Result } from '../result.ts';
import { roundTo } from '../money/roundMoney.ts';
import { withQuotedNumber } from '../rates/quotedRate.ts';
import { buildTable, type Table } from './buildTable.ts';
import { MOST_ROWS_UNTIL_CLEARED, type Change, type Plan } from './plan.ts';
import { balanceAfter, leftToPay } from './figures.ts';

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
}

export interface TargetFound {
  /** The input's value: money to the cent, rates to a ten-thousandth of a percent, counts whole. */
  readonly value: number;
  readonly reached: number;
  /** False when the target itself can't be hit and `value` gives the nearest that can. */
  readonly exact: boolean;
  readonly plan: Plan;
  readonly table: Table;
}

interface InputRecord {
  readonly step: number;
  readonly bounds: (plan: Plan) => readonly [number, number];
  readonly set: (plan: Plan, value: number, change?: Change) => Plan;
}

const inputs: Readonly<Record<TargetInput['input'], InputRecord>> = {
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

interface OutputRecord {
  /** Whole outputs move in steps: nearest reachable is a matter of course. */
  readonly whole: boolean;
  readonly read: (table: Table, after: number) => number;
}

const outputs: Readonly<Record<TargetOutput['output'], OutputRecord>> = {
  payment: { whole: false, read: (table) => table.firstPayment },
  'last-payment': { whole: false, read: (table) => table.lastPayment },
  count: { whole: true, read: (table) => table.count },
  'total-paid': { whole: false, read: (table) => table.totalPaid },
  'total-interest': { whole: false, read: (table) => table.totalInterest },
  closing: { whole: false, read: (table) => table.closing },
  'balance-after': { whole: false, read: (table, after) => valueOr(balanceAfter(table, after)) },
  'left-to-pay': { whole: false, read: (table, after) => valueOr(leftToPay(table, after)) },
};

function valueOr(result: Result<number>): number {
  return result.ok ? result.value : NaN;
}

export const targetInputs = Object.keys(inputs) as readonly TargetInput['input'][];
export const targetOutputs = Object.keys(outputs) as readonly TargetOutput['output'][];

/**
 * Searches in steps that can be watched and stopped: yields the share done, returns the outcome.
 * First looks over the whole range for where the output crosses the target, then halves that part of the range down to
 * the input's own step (a cent, a whole payment), all over real tables.
 */
export function* targetSearch(ask: TargetAsk): Generator<number, Result<TargetFound>> {
  const problem = askProblem(ask);
  if (problem) return { ok: false, problem };
  const { plan, vary, reach, target } = ask;
  const record = inputs[vary.input];
  const change = 'change' in vary ? plan.changes[vary.change] : undefined;
  const after = 'after' in reach ? reach.after : 0;
  const { read } = outputs[reach.output];
  const [low, high] = record.bounds(plan);
  const decimals = record.step === 1 ? 0 : record.step === 0.01 ? 2 : 6;
  const from = roundTo(ask.from ?? low, decimals);
  const to = roundTo(ask.to ?? high, decimals);

  const at = (value: number): { value: number; gap: number; table: Table; plan: Plan } | undefined => {
    const changed = record.set(plan, roundTo(value, decimals), change);
    const table = buildTable(changed);
    if (!table.ok) return undefined;
    const reached = read(table.value, after);
    return Number.isFinite(reached)
      ? { value: roundTo(value, decimals), gap: reached - target, table: table.value, plan: changed }
      : undefined;
  };

  const looks = record.step === 1 ? Math.min(240, Math.max(1, to - from)) : 96;
  let best: ReturnType<typeof at>;
  let bracket: { a: NonNullable<ReturnType<typeof at>>; b: NonNullable<ReturnType<typeof at>> } | undefined;
  let before: ReturnType<typeof at>;
  for (let look = 0; look <= looks; look += 1) {
    // Denser towards the low end, where most sensible values lie.
    const share = record.step === 1 ? look / looks : (look / looks) ** 3;
    const here = at(from + (to - from) * share);
    if (here && (!best || Math.abs(here.gap) < Math.abs(best.gap))) best = here;
    if (here?.gap === 0) break;
    if (here && before && here.gap > 0 !== before.gap > 0) {
      bracket = { a: before, b: here };
      break;
    }
    if (here) before = here;
    yield (0.6 * (look + 1)) / (looks + 1);
  }
  if (best && best.gap !== 0 && bracket) {
    let { a, b } = bracket;
    for (let step = 0; step < 80 && Math.abs(b.value - a.value) > record.step * 1.5; step += 1) {
      const middle = at((a.value + b.value) / 2);
      yield 0.6 + (0.4 * (step + 1)) / 80;
      if (!middle || middle.value === a.value || middle.value === b.value) break;
      if (middle.gap > 0 === a.gap > 0) a = middle;
      else b = middle;
    }
    const hits = [a, b].filter((end) => end.gap === 0);
    // Of two neighbours the one that keeps to the target is meant ("finishes in 48", "under 700"); else the nearer.
    best =
      hits[0] ??
      (outputs[reach.output].whole ? [a, b].find((end) => end.gap < 0) : undefined) ??
      (Math.abs(a.gap) <= Math.abs(b.gap) ? a : b);
  }
  if (!best) return fail('not-reached', 'No value in this range gives a table at all.', { field: 'vary' });
  if (best.gap === 0 && outputs[reach.output].whole) best = yield* firstOfRun(at, best, from, record.step);
  if (!bracket && best.gap !== 0 && Math.abs(best.gap) > tolerance(reach, target))
    return fail(
      'not-reached',
      `Within the range this output only comes to ${roundTo(best.gap + target, 2)}; the target is out of reach.`,
      { field: 'target' },
    );
  yield 1;
  return ok({
    value: best.value,
    reached: best.gap + target,
    exact: Math.abs(best.gap) <= tolerance(reach, target),
    plan: best.plan,
    table: best.table,
  });
}

type Look = { value: number; gap: number; table: Table; plan: Plan };

/** Of the values that give the same whole output, the smallest: the least extra that still finishes in 48. */
function* firstOfRun(
  at: (value: number) => Look | undefined,
  hit: Look,
  from: number,
  step: number,
): Generator<number, Look> {
  let low = from - step;
  let best = hit;
  for (let halving = 0; halving < 80 && best.value - low > step * 1.5; halving += 1) {
    const middle = at((low + best.value) / 2);
    yield 0.9;
    if (middle && middle.value === best.value) break;
    if (middle?.gap === 0) best = middle;
    else low = middle ? middle.value : (low + best.value) / 2;
  }
  return best;
}

function tolerance(reach: TargetOutput, target: number): number {
  return outputs[reach.output].whole ? 0 : Math.max(0.005, Math.abs(target) * 1e-12);
}

/** Runs the search to its end. */
export function searchTarget(ask: TargetAsk): Result<TargetFound> {
  const search = targetSearch(ask);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

function askProblem({ plan, vary, reach, target, from, to }: TargetAsk): Problem | undefined {
  if (!inputs[vary?.input]) return { code: 'out-of-range', message: 'Choose what may move.', field: 'vary' };
  if (!outputs[reach?.output]) return { code: 'out-of-range', message: 'Choose what must be reached.', field: 'reach' };
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
