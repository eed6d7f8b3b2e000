/** Solves a typed statement for its `?` and builds the plan and the table that follow from it. */

import type { Problem, Result } from '../result.ts';
import { roundMoney, roundTo } from '../money/roundMoney.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { quotedNumber, quoteRate, ratePerPayment, type QuotedRate } from '../rates/quotedRate.ts';
import type { FiveValues, Unknown } from '../annuity/fiveValues.ts';
import { sayCount, type SaidCount } from '../annuity/sayCount.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable, type Table } from '../table/buildTable.ts';
import type { Plan, PlanKind, TableRounding } from '../table/plan.ts';
import { slotNames, type SlotName, type StatementDraft, type StatementKind } from './draft.ts';
import { quotedRate, readDraft } from './readDraft.ts';

/** Which way each amount flows, seen from the borrower's or saver's pocket. */
interface Directions {
  readonly plan: PlanKind;
  readonly pv: 1 | -1;
  readonly pmt: 1 | -1;
  readonly fv: 1 | -1;
}

export const directions: Readonly<Record<StatementKind, Directions>> = {
  borrow: { plan: 'loan', pv: 1, pmt: -1, fv: -1 },
  lease: { plan: 'loan', pv: 1, pmt: -1, fv: -1 },
  save: { plan: 'saving', pv: -1, pmt: -1, fv: 1 },
  'draw-down': { plan: 'drawing', pv: -1, pmt: 1, fv: 1 },
};

const unknownOf: Readonly<Record<SlotName, Unknown>> = { amount: 'pv', rate: 'i', payments: 'n', payment: 'pmt', finalAmount: 'fv' };

export interface SolvedCase {
  readonly unknown: SlotName;
  /** In the slot's own terms, unrounded: money positive, the rate as quoted and a fraction, payments maybe fractional. */
  readonly exact: number;
  /** As it goes into the plan: money rounded, payments whole. */
  readonly shown: number;
  /** For payments: how the count is said. */
  readonly said?: SaidCount;
  /** All slots' numbers, the solved one in it as shown. */
  readonly numbers: Readonly<Record<SlotName, number>>;
  /** The five values with the unknown exact. */
  readonly values: FiveValues;
  readonly rate: QuotedRate;
  readonly plan: Plan;
  readonly table: Table;
}

export type CaseOutcome =
  | { readonly state: 'solved'; readonly solved: SolvedCase }
  /** Something is not filled in yet. */
  | { readonly state: 'waiting'; readonly missing: readonly SlotName[] }
  /** One sentence a slot; `whole` where it is about the statement together. */
  | { readonly state: 'wrong'; readonly problems: Readonly<Partial<Record<SlotName | 'whole', Problem>>> };

/**
 * Solves a statement.
 *
 * @param rounding how its table rounds
 * @param style how its numbers are written
 */
export function solveCase(draft: StatementDraft, rounding: TableRounding, style: NumberStyle): CaseOutcome {
  const read = readDraft(draft, style);
  if (Object.keys(read.problems).length > 0) return { state: 'wrong', problems: read.problems };
  if (read.missing.length > 0) return { state: 'waiting', missing: read.missing };
  const solved = solveNumbers(draft, read.numbers as Partial<Record<SlotName, number>>, rounding);
  return solved.ok ? { state: 'solved', solved: solved.value } : { state: 'wrong', problems: { [slotOf(solved.problem)]: solved.problem } };
}

/** The slot a problem of the mathematics belongs to. */
function slotOf(problem: Problem): SlotName | 'whole' {
  const field = problem.field ?? '';
  if ((slotNames as readonly string[]).includes(field)) return field as SlotName;
  const found = (Object.keys(unknownOf) as SlotName[]).find((slot) => unknownOf[slot] === field);
  return found ?? 'whole';
}

/** Solves with the slots' numbers already read. */
export function solveNumbers(draft: StatementDraft, numbers: Partial<Record<SlotName, number>>, rounding: TableRounding): Result<SolvedCase> {
  const { unknown, timing, paymentsPerYear } = draft;
  const way = directions[draft.kind];
  const known = (slot: SlotName): number => numbers[slot] ?? 0;

  let i = 0;
  if (unknown !== 'rate') {
    const rate = ratePerPayment(quotedRate(draft.quote, known('rate')), paymentsPerYear);
    if (!rate.ok) return rate;
    i = rate.value;
  }
  const four = { n: known('payments'), i, pv: way.pv * known('amount'), pmt: way.pmt * known('payment'), fv: way.fv * known('finalAmount'), timing };
  const found = solveFor(unknownOf[unknown], four);
  if (!found.ok) return found;
  const values: FiveValues = { ...four, [unknownOf[unknown]]: found.value };

  const own = inSlotTerms(unknown, found.value, draft);
  if (!own.ok) return own;
  const exact = own.value;
  if (exact < 0 && unknown !== 'rate') return wrongWay(unknown);

  let said: SaidCount | undefined;
  if (unknown === 'payments') {
    const count = sayCount(values, 'rounded-up');
    if (!count.ok) return count;
    said = count.value;
  }
  const shown = said ? said.count : unknown === 'rate' ? exact : roundMoney(exact, unknown === 'payment' ? rounding.payment : rounding.payment === 'exact' ? 'exact' : 'cent');
  const all = { ...(numbers as Record<SlotName, number>), [unknown]: shown };
  const rate = quotedRate(draft.quote, all.rate);
  const plan: Plan = {
    kind: way.plan,
    amount: all.amount,
    rate,
    paymentsPerYear,
    payments: all.payments,
    timing,
    finalAmount: all.finalAmount,
    // Where the payment is the unknown it is worked out and rounded by the table itself.
    ...(unknown === 'payment' ? {} : { payment: all.payment }),
    rounding,
    changes: [],
  };
  const table = buildTable(plan);
  if (!table.ok) return table;
  return { ok: true, value: { unknown, exact, shown, ...(said ? { said } : {}), numbers: all, values, rate, plan, table: table.value } };
}

function inSlotTerms(unknown: SlotName, value: number, draft: StatementDraft): Result<number> {
  const way = directions[draft.kind];
  if (unknown === 'rate') {
    const quoted = quoteRate(value, quotedRate(draft.quote, 0), draft.paymentsPerYear);
    return quoted.ok ? { ok: true, value: roundTo(quotedNumber(quoted.value), 15) } : quoted;
  }
  const signed = unknown === 'payments' ? value : value * way[unknownOf[unknown] as 'pv' | 'pmt' | 'fv'];
  return { ok: true, value: signed + 0 };
}

function wrongWay(unknown: SlotName): Result<never> {
  const messages: Readonly<Record<SlotName, string>> = {
    amount: 'With these numbers the amount would flow the other way: less is paid than is owed at the end.',
    payment: 'With these numbers no payment is needed; money would flow the other way.',
    finalAmount: 'The payments are more than enough: they clear everything before the last one. Ask for the number of payments instead.',
    payments: 'These numbers need no payment at all.',
    rate: '',
  };
  return { ok: false, problem: { code: 'out-of-range', message: messages[unknown], field: unknown } };
}
