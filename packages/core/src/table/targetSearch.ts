/**
 * Target search over real tables: it looks over the whole range for where the output crosses the target, then closes in
 * there, down to the input's own step (a cent, a whole payment), by the way that is asked.
 */

import { fail, ok, type Result } from '../result.ts';
import { writeBrief } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { buildTable, type Table } from './buildTable.ts';
import type { Plan } from './plan.ts';
import { halving, roundAround, straightLine } from './nextTry.ts';
import { targetInputRecords, targetOutputRecords, targetProblem, type TargetAsk, type TargetOutput } from './target.ts';

/** One try, and what it brought the output to. */
export interface Trial {
  readonly value: number;
  readonly reached: number;
}

export interface TargetFound {
  /** The input's value: money to the cent, rates to a ten-thousandth of a percent, counts whole. */
  readonly value: number;
  readonly reached: number;
  /** False when the target itself can't be hit and `value` gives the nearest that can. */
  readonly exact: boolean;
  readonly plan: Plan;
  readonly table: Table;
  /** The tries that closed in, in order. */
  readonly trials: readonly Trial[];
  /** By the exact way: the value with all its digits, on a table in which nothing is rounded. */
  readonly unrounded?: number;
  /** Another value in the range that reaches the target too. */
  readonly another?: number;
  /** The last payment was taken like the others: one that settles would leave nothing to search for. */
  readonly lastAsOthers?: true;
}

/**
 * Searches in steps that can be watched and stopped: yields the share done, returns the outcome.
 *
 * @returns what was found; a problem's field is `vary`, `reach`, `target`, `from` or `to`
 */
export function* targetSearch(asked: TargetAsk): Generator<number, Result<TargetFound>> {
  const problem = targetProblem(asked);
  if (problem) return { ok: false, problem };
  const { ask, lastAsOthers } = withLastSeen(asked);
  const { reach, target } = ask;
  const { whole } = targetOutputRecords[reach.output];
  const search = searchOf(ask);
  const { seen, brackets } = yield* lookOver(search);
  if (!seen) return fail('not-reached', 'No value in this range gives a table at all.', { field: 'vary' });
  const found: Closed[] = [];
  // Where an output jumps it crosses the target without reaching it: the next crossing may.
  for (const bracket of brackets.slice(0, MOST_CROSSINGS)) {
    found.push(yield* closeIn(search, ask, bracket));
    if (whole || found.filter(({ jumps }) => !jumps).length > 1) break;
  }
  const crossing = found.find(({ jumps }) => !jumps) ?? found[0];
  const met = seen.gap === 0 && !crossing ? { best: seen, trials: [trialOf(seen, target)] } : undefined;
  let closed: Pick<Closed, 'best' | 'trials' | 'unrounded'> = crossing ?? met ?? { best: seen, trials: [] };
  if (closed.best.gap === 0 && whole) closed = { ...closed, best: yield* firstOfRun(search, closed.best) };
  const { best, trials, unrounded } = closed;
  const exact = Math.abs(best.gap) <= tolerance(reach, target);
  if (!crossing && !exact)
    return fail(
      'not-reached',
      `Within the range this output only comes to ${writeBrief(best.gap + target, 0, 2)}; the target is out of reach.`,
      { field: 'target' },
    );
  const another = found.find((each) => each !== crossing && !each.jumps && !crossing?.jumps);
  yield 1;
  return ok({
    value: best.value,
    reached: tidy(best.gap + target),
    exact,
    plan: best.plan,
    table: best.table,
    trials,
    ...(unrounded === undefined ? {} : { unrounded }),
    ...(another ? { another: another.best.value } : {}),
    ...(lastAsOthers ? { lastAsOthers } : {}),
  });
}

/** More crossings than these are not looked into. */
const MOST_CROSSINGS = 6;

/** Runs the search to its end. */
export function searchTarget(ask: TargetAsk): Result<TargetFound> {
  const search = targetSearch(ask);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/** A last payment that settles leaves the same at the end whatever is tried: to search for what is left it is like the others. */
function withLastSeen(ask: TargetAsk): { readonly ask: TargetAsk; readonly lastAsOthers?: true } {
  const { plan, reach, vary, target } = ask;
  if (reach.output !== 'closing' || plan.payments === 'until-cleared' || vary.input === 'finalAmount') return { ask };
  const finalAmount = target >= 0 ? target : plan.finalAmount;
  const seen = { ...plan, finalAmount, rounding: { ...plan.rounding, last: 'as-others' as const } };
  return { ask: { ...ask, plan: seen }, ...(plan.rounding.last === 'clears' ? { lastAsOthers: true } : {}) };
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
  readonly decimals: number;
  readonly target: number;
  /** A real table with the input at a value; undefined where there is none. */
  readonly at: (value: number) => Look | undefined;
}

function searchOf(ask: TargetAsk): Search {
  const { plan, vary, from, to, target } = ask;
  const { step, bounds } = targetInputRecords[vary.input];
  const [low, high] = bounds(plan);
  const decimals = step === 1 ? 0 : step === 0.01 ? 2 : 6;
  const at = (value: number): Look | undefined => lookAt(ask, roundTo(value, decimals));
  return { from: roundTo(from ?? low, decimals), to: roundTo(to ?? high, decimals), step, decimals, target, at };
}

/** The table with the input at a value as it is. */
function lookAt({ plan, vary, reach, target }: TargetAsk, value: number): Look | undefined {
  const change = 'change' in vary ? plan.changes[vary.change] : undefined;
  const changed = targetInputRecords[vary.input].set(plan, value, change);
  const table = buildTable(changed);
  if (!table.ok) return undefined;
  const gap = targetOutputRecords[reach.output].read(table.value, 'after' in reach ? reach.after : 0) - target;
  return Number.isFinite(gap) ? { value, gap, table: table.value, plan: changed } : undefined;
}

/** Two values between which the output crosses the target. */
interface Bracket {
  readonly a: Look;
  readonly b: Look;
}

/** Looks over the whole range for the nearest value and for every place where the output crosses the target. */
function* lookOver({
  from,
  to,
  step,
  at,
}: Search): Generator<number, { readonly seen?: Look; readonly brackets: readonly Bracket[] }> {
  const looks = step === 1 ? Math.min(240, Math.max(1, to - from)) : 96;
  const brackets: Bracket[] = [];
  let seen: Look | undefined;
  let before: Look | undefined;
  for (let look = 0; look <= looks; look += 1) {
    // Denser towards the low end, where most sensible values lie.
    const share = step === 1 ? look / looks : (look / looks) ** 3;
    const here = at(from + (to - from) * share);
    if (here && (!seen || Math.abs(here.gap) < Math.abs(seen.gap))) seen = here;
    if (here && before && here.value !== before.value && here.gap > 0 !== before.gap > 0)
      brackets.push({ a: before, b: here });
    if (here) before = here;
    yield (0.6 * (look + 1)) / (looks + 1);
  }
  return seen ? { seen, brackets } : { brackets };
}

/** Where a search has closed in. */
interface Closed {
  readonly best: Look;
  readonly trials: readonly Trial[];
  readonly unrounded?: number;
  /** The output jumps over the target between two neighbours. */
  readonly jumps: boolean;
}

function* closeIn(search: Search, ask: TargetAsk, bracket: Bracket): Generator<number, Closed> {
  const exactly = ask.by === 'exact' && search.step !== 1 ? closeExactly(search, ask, bracket) : undefined;
  return exactly ?? (yield* closeToStep(search, ask, bracket));
}

/** Closes in by tries, down to the input's own step. */
function* closeToStep(search: Search, ask: TargetAsk, bracket: Bracket): Generator<number, Closed> {
  const { step, at, target } = search;
  const next = ask.by === 'trial' ? straightLine() : halving;
  const { whole } = targetOutputRecords[ask.reach.output];
  let { a, b } = begun(search, bracket);
  let last: Look | undefined;
  const trials = [trialOf(a, target), trialOf(b, target)];
  for (let tries = 0; tries < MOST_TRIES && Math.abs(b.value - a.value) > step * 1.5; tries += 1) {
    const wanted = next(a, b, last);
    const inside = Math.min(Math.max(wanted, Math.min(a.value, b.value) + step), Math.max(a.value, b.value) - step);
    const here = at(inside);
    yield 0.6 + (0.4 * (tries + 1)) / MOST_TRIES;
    if (!here || here.value === a.value || here.value === b.value) break;
    trials.push(trialOf(here, target));
    if (here.gap > 0 === a.gap > 0) a = here;
    else b = here;
    last = here;
    if (here.gap === 0 && !whole) break;
  }
  const best = chosenOf(a, b, ask);
  return { best, trials: endingAt(best, trials, target), jumps: jumpsBetween(a, b, bracket) };
}

const MOST_TRIES = 80;

/**
 * Of two neighbours the one that keeps to the target is meant: "finishes in 48", "under 700", the first payment by which
 * nothing is left; else the nearer.
 */
function chosenOf(a: Look, b: Look, { reach, vary }: TargetAsk): Look {
  const { whole } = targetOutputRecords[reach.output];
  const ends = a.value < b.value ? [a, b] : [b, a];
  const keeps = whole
    ? ends.find(({ gap }) => gap < 0)
    : reach.output === 'closing' && vary.input === 'payments'
      ? ends[1]
      : undefined;
  return ends.find(({ gap }) => gap === 0) ?? keeps ?? (Math.abs(a.gap) <= Math.abs(b.gap) ? a : b);
}

/** A person begins with round numbers: two digits, on either side. */
function begun({ step, at }: Search, { a, b }: Bracket): Bracket {
  if (step === 1) return { a, b };
  const [low, high] = a.value < b.value ? [a, b] : [b, a];
  const [down, up] = roundAround(low.value, high.value, step).map(at);
  return down && up && down.value !== up.value && down.gap > 0 === low.gap > 0 && up.gap > 0 === high.gap > 0
    ? { a: down, b: up }
    : { a: low, b: high };
}

/** Neighbours that still lie far apart: no value between them would come nearer. */
function jumpsBetween(a: Look, b: Look, bracket: Bracket): boolean {
  const apart = Math.abs(a.gap - b.gap);
  return apart > 1 && apart > 0.2 * Math.abs(bracket.a.gap - bracket.b.gap) && bracket.a.table.plan.payments !== 1;
}

/**
 * On a table in which nothing is rounded what is left moves in a straight line with a payment or an amount: two tries give
 * the value. Where the third is off, as with a rate, the search goes on to the last digit.
 */
function closeExactly(search: Search, ask: TargetAsk, bracket: Bracket): Closed | undefined {
  const { target } = search;
  const unrounded = {
    ...ask,
    plan: { ...ask.plan, rounding: { ...ask.plan.rounding, payment: 'exact' as const, interest: 'exact' as const } },
  };
  const at = (value: number): Look | undefined => lookAt(unrounded, value);
  const ends = begun(search, bracket);
  let [a, b] = [at(ends.a.value), at(ends.b.value)];
  if (!a || !b || a.gap > 0 === b.gap > 0) return undefined;
  const trials = [trialOf(a, target), trialOf(b, target)];
  const next = straightLine();
  let last: Look | undefined;
  const noise = 1e-13 * (Math.abs(target) + ask.plan.amount + ask.plan.finalAmount);
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const here = at(next(a, b, last));
    if (!here) return undefined;
    trials.push(trialOf(here, target));
    last = here;
    if (Math.abs(here.gap) <= noise || here.value === a.value || here.value === b.value) break;
    if (here.gap > 0 === a.gap > 0) a = here;
    else b = here;
  }
  const real = last && search.at(last.value);
  if (!last || !real) return undefined;
  return { best: real, trials, unrounded: last.value, jumps: Math.abs(last.gap) > Math.max(1e-6, noise * 1e4) };
}

const trialOf = ({ value, gap }: Look, target: number): Trial => ({ value, reached: tidy(gap + target) });

/** The run of tries ends at what was found, also where that was one of the earlier ones. */
function endingAt(best: Look, trials: readonly Trial[], target: number): Trial[] {
  return [...trials.filter(({ value }) => value !== best.value), trialOf(best, target)];
}

/** Adding the target and taking it away again leaves dust. */
const tidy = (value: number): number => (Math.abs(value) < 1e9 ? roundTo(value, 9) : value);

/** Of the values that give the same whole output, the smallest: the least extra that still finishes in 48. */
function* firstOfRun({ at, from, step }: Search, hit: Look): Generator<number, Look> {
  let low = from - step;
  let best = hit;
  for (let tries = 0; tries < MOST_TRIES && best.value - low > step * 1.5; tries += 1) {
    const middle = at((low + best.value) / 2);
    yield 0.9;
    if (middle && middle.value === best.value) break;
    if (middle?.gap === 0) best = middle;
    else low = middle ? middle.value : (low + best.value) / 2;
  }
  return best;
}

function tolerance(reach: TargetOutput, target: number): number {
  return targetOutputRecords[reach.output].whole ? 0 : Math.max(0.005, Math.abs(target) * 1e-12);
}
