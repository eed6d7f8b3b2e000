/**
 * Target search: the value of one input that brings one output of the real table, rounding included, to a target.
 * Inputs and outputs are records; adding one adds a record.
 */

import { namesOf } from '../records.ts';
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

export const targetInputs = namesOf(inputs);
export const targetOutputs = namesOf(outputs);

/**
 * Searches in steps that can be watched and stopped: yields the share done, returns the outcome.
 * First looks over the whole range for where the output crosses the target, then halves that part of the range down to
 * the input's own step (a cent, a whole payment), all over real tables.
 */
export function* targetSearch(ask: TargetAsk): Generator<number, Result<TargetFound>> {
  const problem = askProblem(ask);
  if (problem) return { ok: false, problem };
  const { reach, target } = ask;
  const { whole } = outputs[reach.output];
  const search = searchOf(ask);
  const { seen, bracket } = yield* lookOver(search);
  let best = seen;
  if (best && best.gap !== 0 && bracket) best = yield* halve(search, bracket, whole);
  if (!best) return fail('not-reached', 'No value in this range gives a table at all.', { field: 'vary' });
  if (best.gap === 0 && whole) best = yield* firstOfRun(search, best);
  const exact = Math.abs(best.gap) <= tolerance(reach, target);
  if (!bracket && !exact)
    return fail(
      'not-reached',
      `Within the range this output only comes to ${roundTo(best.gap + target, 2)}; the target is out of reach.`,
      { field: 'target' },
    );
  yield 1;
  return ok({ value: best.value, reached: best.gap + target, exact, plan: best.plan, table: best.table });
}

interface Look {
  readonly value: number;
  /** What the output is above the target. */
  readonly gap: number;
  readonly table: Table;
  readonly plan: Plan;
}

interface Search {
  readonly from: number;
  readonly to: number;
  /** The input's own step: a cent, a whole payment. */
  readonly step: number;
  /** A real table with the input at a value; undefined where there is none. */
  readonly at: (value: number) => Look | undefined;
}

function searchOf({ plan, vary, reach, target, from, to }: TargetAsk): Search {
  const record = inputs[vary.input];
  const change = 'change' in vary ? plan.changes[vary.change] : undefined;
  const after = 'after' in reach ? reach.after : 0;
  const { read } = outputs[reach.output];
  const [low, high] = record.bounds(plan);
  const decimals = record.step === 1 ? 0 : record.step === 0.01 ? 2 : 6;
  const at = (asked: number): Look | undefined => {
    const value = roundTo(asked, decimals);
    const changed = record.set(plan, value, change);
    const table = buildTable(changed);
    if (!table.ok) return undefined;
    const gap = read(table.value, after) - target;
    return Number.isFinite(gap) ? { value, gap, table: table.value, plan: changed } : undefined;
  };
  return { from: roundTo(from ?? low, decimals), to: roundTo(to ?? high, decimals), step: record.step, at };
}

interface Bracket {
  readonly a: Look;
  readonly b: Look;
}

/** Looks over the whole range for the nearest value and for where the output crosses the target. */
function* lookOver({ from, to, step, at }: Search): Generator<number, { seen?: Look; bracket?: Bracket }> {
  const looks = step === 1 ? Math.min(240, Math.max(1, to - from)) : 96;
  let seen: Look | undefined;
  let before: Look | undefined;
  for (let look = 0; look <= looks; look += 1) {
    // Denser towards the low end, where most sensible values lie.
    const share = step === 1 ? look / looks : (look / looks) ** 3;
    const here = at(from + (to - from) * share);
    if (here && (!seen || Math.abs(here.gap) < Math.abs(seen.gap))) seen = here;
    if (here?.gap === 0) break;
    if (seen && here && before && here.gap > 0 !== before.gap > 0) return { seen, bracket: { a: before, b: here } };
    if (here) before = here;
    yield (0.6 * (look + 1)) / (looks + 1);
  }
  return seen ? { seen } : {};
}

/** Halves the part of the range in which the target is crossed, down to the input's own step. */
function* halve({ step, at }: Search, { a: low, b: high }: Bracket, whole: boolean): Generator<number, Look> {
  let [a, b] = [low, high];
  for (let halving = 0; halving < 80 && Math.abs(b.value - a.value) > step * 1.5; halving += 1) {
    const middle = at((a.value + b.value) / 2);
    yield 0.6 + (0.4 * (halving + 1)) / 80;
    if (!middle || middle.value === a.value || middle.value === b.value) break;
    if (middle.gap > 0 === a.gap > 0) a = middle;
    else b = middle;
  }
  // Of two neighbours the one that keeps to the target is meant ("finishes in 48", "under 700"); else the nearer.
  const keeps = whole ? [a, b].find((end) => end.gap < 0) : undefined;
  const nearer = Math.abs(a.gap) <= Math.abs(b.gap) ? a : b;
  return [a, b].find((end) => end.gap === 0) ?? keeps ?? nearer;
}

/** Of the values that give the same whole output, the smallest: the least extra that still finishes in 48. */
function* firstOfRun({ at, from, step }: Search, hit: Look): Generator<number, Look> {
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
