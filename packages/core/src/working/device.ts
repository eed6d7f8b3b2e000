/**
 * A neutral stand-in for any tool with five stored values: it replays a list of entries under an entering style and shows
 * what such a tool would show, values left over from before included. No particular device is meant.
 */

import { fail, ok, type Result } from '../result.ts';
import { writeNumber, type NumberStyle } from '../money/numberStyle.ts';
import { roundCent } from '../money/roundMoney.ts';
import { ratePerPayment, quoteRate } from '../rates/quotedRate.ts';
import type { FiveValues, Timing } from '../annuity/fiveValues.ts';
import { solveFor } from '../annuity/solveFor.ts';
import type { EnteredName, EnteringStyle } from './enteringStyle.ts';

/** What is stored, in the style's own terms: a rate of 6.6 stands for 6.6 % where the style enters percent. */
export interface DeviceState {
  readonly n: number;
  readonly rate: number;
  readonly pv: number;
  readonly pmt: number;
  readonly fv: number;
  readonly paymentsPerYear: number;
  readonly compoundingsPerYear: number;
  readonly timing: Timing;
  /** For styles with all numbers positive: what the amounts are for. */
  readonly purpose: 'paying-off' | 'saving-up';
  /** The number stored away from the five values. */
  readonly memory: number;
}

export type DeviceEntry =
  /** A value; `times` and `over` are pressed after it where the tool turns years into payments and yearly rates into theirs. */
  | {
      readonly put: EnteredName | 'paymentsPerYear' | 'compoundingsPerYear';
      readonly value: number;
      readonly times?: number;
      readonly over?: number;
    }
  | { readonly put: 'timing'; readonly value: Timing }
  | { readonly put: 'purpose'; readonly value: DeviceState['purpose'] }
  | { readonly solve: EnteredName }
  /** Empties the five values; settings stay as they were left. */
  | { readonly clear: 'values' }
  /** Stores the number in sight. */
  | { readonly store: 'in-sight' }
  /** Puts the stored number into one of the five values, with its sign turned where asked. */
  | { readonly recall: EnteredName; readonly turned: boolean }
  /** Reads payments `from` to `to` of the stored plan; a style that moves on only takes how many, from where it stands. */
  | { readonly read: 'interest' | 'principal' | 'balance'; readonly from: number; readonly to: number }
  /** Runs on by so many payments and shows one of the three numbers they come to; the balance where none is named. */
  | { readonly moveOn: number; readonly read?: 'interest' | 'principal' | 'balance' };

export interface DeviceShown {
  readonly state: DeviceState;
  /** The number in sight after this entry, as the tool keeps it. */
  readonly shows?: number;
  /** What `moveOn` has run through. */
  readonly range?: { readonly interest: number; readonly principal: number; readonly balance: number };
}

/** A cleared device: nothing stored, one payment and one compounding a year, end of the period. */
export const clearedDevice: DeviceState = {
  n: 0,
  rate: 0,
  pv: 0,
  pmt: 0,
  fv: 0,
  paymentsPerYear: 1,
  compoundingsPerYear: 1,
  timing: 'end',
  purpose: 'paying-off',
  memory: 0,
};

/**
 * Replays entries.
 *
 * @param start what is stored before the first of them: `clearedDevice`, or values left over
 * @returns what is stored and shown after each entry, or the first one that cannot be answered, with `field` its place
 */
export function replay(
  style: EnteringStyle,
  entries: readonly DeviceEntry[],
  start: DeviceState = clearedDevice,
): Result<DeviceShown[]> {
  const shown: DeviceShown[] = [];
  let state = start;
  let inSight = 0;
  for (const [at, entry] of entries.entries()) {
    const next = enter(style, state, entry, inSight);
    if (!next.ok) return fail(next.problem.code, next.problem.message, { field: String(at) });
    shown.push(next.value);
    state = next.value.state;
    inSight = next.value.shows ?? inSight;
  }
  return ok(shown);
}

function enter(style: EnteringStyle, state: DeviceState, entry: DeviceEntry, inSight: number): Result<DeviceShown> {
  if ('put' in entry) return ok(put(style, state, entry));
  if ('clear' in entry) return ok({ state: { ...state, n: 0, rate: 0, pv: 0, pmt: 0, fv: 0 }, shows: 0 });
  if ('store' in entry) return ok({ state: { ...state, memory: inSight }, shows: inSight });
  if ('recall' in entry) {
    const value = entry.turned ? -state.memory : state.memory;
    return ok({ state: { ...state, [entry.recall]: value }, shows: value });
  }
  if ('solve' in entry) return solve(style, state, entry.solve);
  if ('moveOn' in entry) return moveOn(style, state, entry.moveOn, entry.read);
  const before =
    entry.from > 1 ? run(style, state, entry.from - 1) : ok({ interest: 0, principal: 0, balance: state.pv });
  const through = run(style, state, entry.to);
  if (!before.ok) return before;
  if (!through.ok) return through;
  const shows = entry.read === 'balance' ? through.value.balance : through.value[entry.read] - before.value[entry.read];
  return ok({ state, shows });
}

function put(
  style: EnteringStyle,
  state: DeviceState,
  entry: Extract<DeviceEntry, { readonly put: unknown }>,
): DeviceShown {
  if (typeof entry.value !== 'number') return { state: { ...state, [entry.put]: entry.value } };
  const { times = 1, over = 1 } = 'times' in entry || 'over' in entry ? entry : {};
  const value = (entry.value * times) / over;
  const follows = entry.put === 'paymentsPerYear' && style.can.includes('linked') ? { compoundingsPerYear: value } : {};
  return { state: { ...state, [entry.put]: value, ...follows }, shows: value };
}

/** The five values the stored numbers mean. */
function meant(style: EnteringStyle, state: DeviceState, unknown?: EnteredName): Result<FiveValues> {
  const p = style.setsFrequencies ? state.paymentsPerYear : 1;
  let i = 0;
  if (unknown !== 'rate') {
    const found = meantRate(style, state);
    if (!found.ok) return found;
    i = found.value;
  }
  const saving = state.purpose === 'saving-up';
  const flip = style.signs === 'all-positive';
  return ok({
    n: style.count === 'years' ? state.n * p : state.n,
    i,
    pv: flip && saving ? -state.pv : state.pv,
    pmt: flip ? -state.pmt : state.pmt,
    fv: flip && !saving ? -state.fv : state.fv,
    timing: state.timing,
  });
}

function meantRate(style: EnteringStyle, state: DeviceState): Result<number> {
  switch (style.rate) {
    case 'decimal-a-payment':
      return ok(state.rate);
    case 'percent-a-payment':
      return ok(state.rate / 100);
    case 'percent-a-year':
      return ratePerPayment(
        {
          kind: 'nominal',
          annual: state.rate / 100,
          compoundingsPerYear: style.setsFrequencies ? state.compoundingsPerYear : 1,
        },
        style.setsFrequencies ? state.paymentsPerYear : 1,
      );
  }
}

function solve(style: EnteringStyle, state: DeviceState, asked: EnteredName): Result<DeviceShown> {
  const values = meant(style, state, asked);
  if (!values.ok) return values;
  const found = solveFor(asked === 'rate' ? 'i' : asked, values.value);
  if (!found.ok) return found;
  const stored = inStyle(style, state, asked, found.value);
  if (!stored.ok) return stored;
  return ok({ state: { ...state, [asked]: stored.value }, shows: stored.value });
}

/** A solved value as the style stores and shows it. */
function inStyle(style: EnteringStyle, state: DeviceState, asked: EnteredName, value: number): Result<number> {
  const flip = style.signs === 'all-positive';
  const saving = state.purpose === 'saving-up';
  switch (asked) {
    case 'n': {
      const counted = style.count === 'years' ? value / state.paymentsPerYear : value;
      // A tool that shows whole payments goes up, unless the count is whole but for a rounded payment.
      return ok(style.solvedCount === 'rounded-up' ? Math.ceil(counted - 0.005) : counted);
    }
    case 'rate': {
      if (style.rate === 'decimal-a-payment') return ok(value);
      if (style.rate === 'percent-a-payment') return ok(value * 100);
      const quoted = quoteRate(
        value,
        { kind: 'nominal', annual: 0, compoundingsPerYear: style.setsFrequencies ? state.compoundingsPerYear : 1 },
        style.setsFrequencies ? state.paymentsPerYear : 1,
      );
      return quoted.ok && quoted.value.kind === 'nominal'
        ? ok(quoted.value.annual * 100)
        : fail('out-of-range', 'This rate cannot be quoted by the year.');
    }
    case 'pv':
      return ok(flip && saving ? -value : value);
    case 'pmt':
      return ok(flip ? -value : value);
    case 'fv':
      return ok(flip && !saving ? -value : value);
  }
}

/** Runs the first `count` payments of the stored plan, interest to the cent as the tool's table rounds it. */
function run(
  style: EnteringStyle,
  state: DeviceState,
  count: number,
): Result<{ interest: number; principal: number; balance: number }> {
  const values = meant(style, state);
  if (!values.ok) return values;
  const { i, pv, pmt, timing } = values.value;
  const rounded = (value: number): number => (style.rows === 'cent' ? roundCent(value) : value);
  let balance = pv;
  let interest = 0;
  let principal = 0;
  for (let k = 1; k <= count; k += 1) {
    const base = timing === 'begin' ? balance + pmt : balance;
    const due = rounded(base * i);
    interest += due;
    principal += -(pmt + due);
    balance = balance + due + pmt;
  }
  const flip = style.signs === 'all-positive' && state.purpose === 'saving-up' ? -1 : 1;
  return ok({
    interest: rounded(interest * flip),
    principal: rounded(principal * flip),
    balance: rounded(balance * flip),
  });
}

/** Moves on by `count` payments: shows what they had in them and stores the balance as the new start. */
function moveOn(
  style: EnteringStyle,
  state: DeviceState,
  count: number,
  read: 'interest' | 'principal' | 'balance' = 'balance',
): Result<DeviceShown> {
  const done = run(style, state, count);
  if (!done.ok) return done;
  return ok({ state: { ...state, pv: done.value.balance }, shows: done.value[read], range: done.value });
}

/** A shown number as the tool writes it. */
export function deviceWrites(value: number, style: EnteringStyle, numberStyle: NumberStyle): string {
  return writeNumber(value, style.decimals, numberStyle);
}
