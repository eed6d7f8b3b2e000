/** "As stated, but…": a variation repeats the case and names only what differs. */

import { namesOf } from '../records.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Result } from '../result.ts';
import { numberStyleById, writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import { readEntry } from '../money/readEntry.ts';
import { readSlotText } from '../money/expression.ts';
import type { Timing } from '../annuity/fiveValues.ts';
import type { Table } from '../table/buildTable.ts';
import {
  differenceOf,
  figuresOf,
  refinance,
  type PlanFigures,
  type Refinancing,
  type RefinancingResult,
} from '../table/compare.ts';
import { quotedNumber } from '../rates/quotedRate.ts';
import type { Plan, TableRounding } from '../table/plan.ts';
import type { ChangeDraft } from './changeDraft.ts';
import type { SlotName } from '../case/statement.ts';
import type { StatementDraft } from './draft.ts';
import { frequencyOf } from '../case/frequency.ts';
import { kindOf } from '../case/kinds.ts';
import { quotedRate, type RateQuote } from '../case/quote.ts';
import { allProblems } from './question.ts';
import { solveCase, type CaseOutcome } from './solveCase.ts';

/** Refinancing after a payment, as typed. The rate is quoted as the statement's. */
export interface RefinancingDraft {
  readonly after: string;
  readonly rate: string;
  readonly payments: string;
  readonly costs: string;
  readonly costsPaid: 'added' | 'cash';
}

export interface Variation {
  readonly id: string;
  /** Slots that differ, as typed. */
  readonly slots: Readonly<Partial<Record<SlotName, string>>>;
  readonly timing?: Timing;
  readonly paymentsPerYear?: number;
  readonly quote?: RateQuote;
  /** Where the statement asks for the rate: the rate that was found stays, and the payment is asked; the payment stays otherwise. */
  readonly atRate?: 'found';
  /** Changes to the plan beyond the statement's. */
  readonly changes: readonly ChangeDraft[];
  readonly refinancing?: RefinancingDraft;
}

/**
 * The statement a variation goes out from: with the rate that was found where it keeps that.
 *
 * @param stated the plan the statement comes to
 */
export function variedFrom(draft: StatementDraft, variation: Variation, stated: Pick<Plan, 'rate'>): StatementDraft {
  if (!keepsRate(draft, variation)) return draft;
  const rate = `${writeBrief(quotedNumber(stated.rate) * 100, 2, 12, numberStyleById(draft.numberStyle))} %`;
  return { ...draft, unknown: 'payment', slots: { ...draft.slots, rate } };
}

/** Whether a variation may keep the rate that was found: it names neither the rate nor the payment. */
export const mayKeepRate = ({ unknown }: Pick<StatementDraft, 'unknown'>, { slots, quote }: Variation): boolean =>
  unknown === 'rate' && slots.rate === undefined && slots.payment === undefined && quote === undefined;

const keepsRate = (draft: StatementDraft, variation: Variation): boolean =>
  variation.atRate === 'found' && mayKeepRate(draft, variation);

/**
 * The statement a variation means. A slot it names that was the unknown makes the number of payments the unknown (or
 * the payment, where the number was named): a named payment asks how long it takes.
 */
export function applyVariation(draft: StatementDraft, variation: Variation): StatementDraft {
  const named = namesOf(variation.slots);
  const slots = { ...draft.slots, ...variation.slots };
  let unknown = draft.unknown;
  if (named.includes(unknown)) {
    const { slots } = kindOf(draft);
    const asked: readonly SlotName[] = ['payments', 'payment', ...slots];
    unknown = asked.find((slot) => slots.includes(slot) && !named.includes(slot)) ?? unknown;
  }
  const paymentsPerYear = variation.paymentsPerYear ?? draft.paymentsPerYear;
  let quote = variation.quote ?? draft.quote;
  if (paymentsPerYear !== draft.paymentsPerYear) {
    if (!variation.quote && quote.compounding === draft.paymentsPerYear)
      quote = { ...quote, compounding: paymentsPerYear };
    // The term in years stays: 60 monthly payments are 260 weekly ones.
    if (!named.includes('payments')) {
      const count = readEntry(draft.slots.payments, numberStyleById(draft.numberStyle));
      if (count.ok && !count.value.unit)
        slots.payments = String(roundTo((count.value.value / draft.paymentsPerYear) * paymentsPerYear, 0));
    }
  }
  const { buildUp, ...rest } = draft;
  return {
    ...rest,
    // An amount that is named stands on its own.
    ...(buildUp && !named.includes('amount') ? { buildUp } : {}),
    slots,
    unknown,
    paymentsPerYear,
    quote,
    timing: variation.timing ?? draft.timing,
    // A change of the same id takes the place of the statement's own.
    changes: [
      ...draft.changes.map((change) => variation.changes.find(({ id }) => id === change.id) ?? change),
      ...variation.changes.filter(({ id }) => !draft.changes.some((change) => change.id === id)),
    ],
  };
}

export type VariedOutcome =
  | {
      readonly ok: true;
      readonly outcome: Extract<CaseOutcome, { state: 'solved' }>;
      readonly table: Table;
      readonly figures: PlanFigures;
      readonly difference: PlanFigures;
      readonly refinanced?: RefinancingResult;
    }
  | { readonly ok: false; readonly says: string; readonly waiting: boolean };

/**
 * Works out a variation and its differences to the statement.
 *
 * @param stated the statement's own table
 */
export function solveVariation(
  draft: StatementDraft,
  variation: Variation,
  stated: Table,
  rounding: TableRounding,
): VariedOutcome {
  const outcome = solveCase(applyVariation(variedFrom(draft, variation, stated.plan), variation), rounding);
  if (outcome.state === 'waiting') return { ok: false, says: 'Fill in what differs.', waiting: true };
  if (outcome.state === 'wrong') {
    const [problem] = allProblems(outcome);
    return { ok: false, says: problem?.message ?? 'This cannot be worked out.', waiting: false };
  }
  if (outcome.state === 'converted')
    return { ok: false, says: 'A conversion has no table to compare.', waiting: false };
  let { table } = outcome.solved;
  let refinanced: RefinancingResult | undefined;
  if (variation.refinancing) {
    const done = refinanceDraft(variation.refinancing, draft, table);
    if (done === 'waiting') return { ok: false, says: 'Fill in the new rate and number of payments.', waiting: true };
    if (!done.ok) return { ok: false, says: done.problem.message, waiting: false };
    refinanced = done.value;
    table = refinanced.table;
  }
  const first = figuresOf(stated);
  const figures = refinanced
    ? joined(outcome.solved.table, refinanced, variation.refinancing!, draft)
    : figuresOf(table);
  return {
    ok: true,
    outcome,
    table,
    figures,
    difference: differenceOf(figures, first),
    ...(refinanced ? { refinanced } : {}),
  };
}

/** The numbers of a refinancing as typed; nothing while some are not filled in. The count may be typed in years. */
export function readRefinancing(typed: RefinancingDraft, draft: StatementDraft): Refinancing | undefined {
  const style = numberStyleById(draft.numberStyle);
  const number = (text: string, empty?: number): number | undefined => {
    if (text.trim() === '') return empty;
    const entry = readSlotText(text, {}, style);
    return entry.ok
      ? entry.value.unit === 'years'
        ? entry.value.value * draft.paymentsPerYear
        : entry.value.value
      : NaN;
  };
  const [after, rate, payments, costs] = [
    number(typed.after),
    number(typed.rate),
    number(typed.payments),
    number(typed.costs, 0),
  ];
  if (after === undefined || rate === undefined || payments === undefined || costs === undefined) return undefined;
  return { after, rate: quotedRate(draft.quote, rate / 100), payments, costs, costsPaid: typed.costsPaid };
}

function refinanceDraft(
  typed: RefinancingDraft,
  draft: StatementDraft,
  old: Table,
): Result<RefinancingResult> | 'waiting' {
  const read = readRefinancing(typed, draft);
  return read ? refinance(old, read) : 'waiting';
}

/** What is paid in all when a loan is refinanced on the way: the old payments so far, the new ones, costs in cash. */
function joined(old: Table, { table }: RefinancingResult, typed: RefinancingDraft, draft: StatementDraft): PlanFigures {
  const style = numberStyleById(draft.numberStyle);
  const numberOf = (text: string): number => {
    const entry = readSlotText(text, {}, style);
    return entry.ok ? entry.value.value : 0;
  };
  const after = numberOf(typed.after);
  const costs = numberOf(typed.costs);
  const before = old.rows.slice(0, after);
  const paidBefore = before.reduce((sum, row) => sum + row.payment + row.extra, 0);
  const interestBefore = before.reduce((sum, row) => sum + row.interest, 0);
  const own = figuresOf(table);
  return {
    ...own,
    count: after + own.count,
    years: (after + own.count) / draft.paymentsPerYear,
    totalPaid: paidBefore + own.totalPaid + (typed.costsPaid === 'cash' ? costs : 0),
    totalInterest: interestBefore + own.totalInterest,
  };
}

/**
 * A variation in a few words: "in 72 payments", and what differs.
 *
 * @param numberStyle id of the style its texts are written in
 * @param style how it is said
 */
export function describeVariation(
  numberStyle: string,
  variation: Variation,
  style: NumberStyle,
): { readonly title: string; readonly only: string } {
  const written = numberStyleById(numberStyle);
  const parts: string[] = [];
  const differs: string[] = [];
  const say = (slot: SlotName, words: (shown: string) => string, name: string): void => {
    const text = variation.slots[slot];
    if (text === undefined) return;
    const entry = readSlotText(text, {}, written);
    const shown = !entry.ok
      ? text || '…'
      : slot === 'rate'
        ? writePercent(entry.value.value / 100, style)
        : slot === 'payments'
          ? entry.value.unit
            ? text.trim()
            : writeBrief(entry.value.value, 0, 2, style)
          : writeMoney(entry.value.value, style);
    parts.push(words(shown));
    differs.push(name);
  };
  say('amount', (shown) => `for ${shown}`, 'the amount');
  say('rate', (shown) => `at ${shown}`, 'the rate');
  say('payments', (shown) => (/[a-z]/i.test(shown) ? `over ${shown}` : `in ${shown} payments`), 'the count');
  say('payment', (shown) => `paying ${shown}`, 'the payment');
  say('finalAmount', (shown) => `to end at ${shown}`, 'the end');
  if (variation.paymentsPerYear !== undefined) {
    parts.push(`paid ${frequencyOf(variation.paymentsPerYear).adverb}`);
    differs.push('the frequency');
  }
  if (variation.quote !== undefined) {
    parts.push(variation.quote.kind === 'nominal' ? 'compounded otherwise' : 'rate quoted otherwise');
    differs.push('the quoting');
  }
  if (variation.timing !== undefined) {
    parts.push(`paid at the ${variation.timing === 'end' ? 'end' : 'beginning'}`);
    differs.push('the timing');
  }
  if (variation.atRate === 'found') parts.push('at the rate found');
  for (const change of variation.changes) {
    parts.push(changeWords(change));
    differs.push('a change');
  }
  if (variation.refinancing) {
    parts.push(`refinanced after ${variation.refinancing.after || '…'}`);
    differs.push('what follows');
  }
  if (parts.length === 0) return { title: 'the same again', only: 'nothing differs yet' };
  return {
    title: parts.join(', '),
    only: differs.length === 1 ? `only ${differs[0]} differs` : `${differs.length} things differ`,
  };
}

function changeWords(change: ChangeDraft): string {
  const text = (field: keyof ChangeDraft['texts']): string => change.texts[field]?.trim() || '…';
  switch (change.kind) {
    case 'extra':
      return `${text('amount')} extra`;
    case 'extras':
      return 'extra payments by a list';
    case 'rate':
      return `${text('rate').replace(/%$/, '').trim()} % after ${text('after')}${change.payment === 'same' ? ', same payment' : ''}`;
    case 'payment':
      return `${text('amount')} after ${text('after')}`;
    case 'interest-only':
      return `only interest through ${text('through')}`;
    case 'deferred':
      return `nothing through ${text('through')}`;
    case 'draw':
      return `${text('amount')} more before ${text('before')}`;
  }
}
