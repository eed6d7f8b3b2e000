/** Solves a typed statement for its `?` and builds the plan and the table that follow from it. */

import type { Problem, Result } from '../result.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { Scope } from '../money/expression.ts';
import { roundMoney, roundTo } from '../money/roundMoney.ts';
import { convertRate } from '../rates/conversions.ts';
import { quotedNumber, quoteRate, ratePerPayment } from '../rates/quotedRate.ts';
import type { FiveValues } from '../annuity/fiveValues.ts';
import { sayCount, type SaidCount } from '../annuity/sayCount.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Change, Plan, TableRounding } from '../table/plan.ts';
import { readChange, type ChangeField } from './changeDraft.ts';
import { slotsOf, type SlotName, type StatementDraft, type StatementKind } from './draft.ts';
import { solveFlat } from './flatCase.ts';
import { readDraft } from './readDraft.ts';
import { quotedRate } from './quote.ts';
import { solveAmidChanges } from './amidChanges.ts';
import { directions, unknownOf, type SolvedCase, type ValueSlot } from './solved.ts';

/** The number that quotes the same growth in the other way. */
export interface ConvertedRate {
  readonly unknown: 'rate' | 'converted';
  /** A fraction. */
  readonly exact: number;
}

export type CaseOutcome =
  | { readonly state: 'solved'; readonly solved: SolvedCase }
  | { readonly state: 'converted'; readonly converted: ConvertedRate }
  /** Something is not filled in yet. */
  | { readonly state: 'waiting'; readonly missing: readonly SlotName[] }
  /** One sentence a slot, and one a field of a change by the change's id; `whole` where it is about the statement together. */
  | {
      readonly state: 'wrong';
      readonly problems: Readonly<Partial<Record<SlotName | 'whole', Problem>>>;
      readonly changeProblems: Readonly<Record<string, Readonly<Partial<Record<ChangeField | 'whole', Problem>>>>>;
    };

/**
 * Solves a statement.
 *
 * @param rounding how its table rounds
 * @param names what slots may name besides each other: givens, earlier answers
 */
export function solveCase(draft: StatementDraft, rounding: TableRounding, names: Scope = {}): CaseOutcome {
  const read = readDraft(draft, names);
  const changes: Change[] = [];
  const ids: string[] = [];
  const changeProblems: Record<string, Partial<Record<ChangeField | 'whole', Problem>>> = {};
  if (takesChanges(draft.kind))
    for (const change of draft.changes) {
      const found = readChange(change, draft.quote, read.scope, numberStyleById(draft.numberStyle));
      if (found.state === 'wrong') changeProblems[change.id] = found.problems;
      if (found.state === 'read') {
        changes.push(found.change);
        ids.push(change.id);
      }
    }
  if (Object.keys(read.problems).length > 0 || Object.keys(changeProblems).length > 0) return { state: 'wrong', problems: read.problems, changeProblems };
  if (read.missing.length > 0) return { state: 'waiting', missing: read.missing };
  if (draft.kind === 'convert') return convert(draft, read.numbers);
  const solved = draft.kind === 'flat' ? solveFlat(draft, read.numbers, rounding) : solveNumbers(draft, read.numbers, changes, rounding);
  if (solved.ok) return { state: 'solved', solved: solved.value };
  const place = /^changes\.(\d+)(?:\.(\w+))?/.exec(solved.problem.field ?? '');
  const id = place ? ids[Number(place[1])] : undefined;
  if (id !== undefined) return { state: 'wrong', problems: {}, changeProblems: { [id]: { [place?.[2] ?? 'whole']: solved.problem } } };
  return { state: 'wrong', problems: { [slotOf(solved.problem, draft.kind)]: solved.problem }, changeProblems };
}

/** Flat-charge plans and conversions have no changes; leases and all others do. */
export function takesChanges(kind: StatementKind): boolean {
  return kind !== 'flat' && kind !== 'convert';
}

function convert(draft: StatementDraft, numbers: Partial<Record<SlotName, number>>): CaseOutcome {
  const unknown = draft.unknown === 'rate' ? 'rate' : 'converted';
  const [from, into] = unknown === 'converted' ? [quotedRate(draft.quote, numbers.rate ?? 0), draft.into] : [quotedRate(draft.into, numbers.converted ?? 0), draft.quote];
  const found = convertRate(from, quotedRate(into, 0), draft.paymentsPerYear);
  return found.ok
    ? { state: 'converted', converted: { unknown, exact: found.value } }
    : { state: 'wrong', problems: { [unknown === 'converted' ? 'rate' : 'converted']: found.problem }, changeProblems: {} };
}

/** The slot a problem of the mathematics belongs to. */
function slotOf(problem: Problem, kind: StatementKind): SlotName | 'whole' {
  const field = problem.field ?? '';
  const slots = slotsOf[kind];
  const found = slots.find((slot) => slot === field || (slot !== 'converted' && unknownOf[slot] === field));
  return found ?? 'whole';
}

/** Solves with the slots' numbers already read. */
export function solveNumbers(draft: StatementDraft, numbers: Partial<Record<SlotName, number>>, changes: readonly Change[], rounding: TableRounding): Result<SolvedCase> {
  const { timing, paymentsPerYear } = draft;
  const unknown = draft.unknown as ValueSlot;
  const way = directions[draft.kind];
  const known = (slot: ValueSlot): number => numbers[slot] ?? 0;

  let i = 0;
  if (unknown !== 'rate') {
    const rate = ratePerPayment(quotedRate(draft.quote, known('rate')), paymentsPerYear);
    if (!rate.ok) return rate;
    i = rate.value;
  }
  const four = { n: known('payments'), i, pv: way.pv * known('amount'), pmt: way.pmt * known('payment'), fv: way.fv * known('finalAmount'), timing };
  const base = (all: Readonly<Record<ValueSlot, number>>): Plan => ({
    kind: way.plan,
    amount: all.amount,
    rate: quotedRate(draft.quote, all.rate),
    paymentsPerYear,
    payments: all.payments,
    timing,
    finalAmount: all.finalAmount,
    // Where the payment is the unknown it is worked out and rounded by the table itself.
    ...(unknown === 'payment' ? {} : { payment: all.payment }),
    rounding,
    changes,
    ...(draft.firstPaymentDate ? { firstPaymentDate: draft.firstPaymentDate } : {}),
  });
  const given = { amount: 0, rate: 0, payments: 0, payment: 0, finalAmount: 0, ...numbers } as Record<ValueSlot, number>;

  if (changes.length > 0 && unknown !== 'payment') {
    const amid = solveAmidChanges(unknown, base(given), draft);
    if (!amid.ok) return amid;
    const { exact, shown, table } = amid.value;
    const all = { ...given, [unknown]: shown };
    const rate = ratePerPayment(quotedRate(draft.quote, all.rate), paymentsPerYear);
    const values: FiveValues = { n: all.payments, i: rate.ok ? rate.value : 0, pv: way.pv * all.amount, pmt: way.pmt * all.payment, fv: way.fv * all.finalAmount, timing };
    return { ok: true, value: { unknown, exact, shown, numbers: all, values, rate: quotedRate(draft.quote, all.rate), plan: table.plan, table } };
  }

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
  const shown = said ? said.count : shownNumber(unknown, exact, rounding);
  const all = { ...given, [unknown]: shown };
  const table = buildTable(base(all));
  if (!table.ok) return table;
  if (unknown === 'payment' && changes.length > 0) {
    // What comes before it on the way, a pause or a draw, is in the level payment too: the table has worked it out.
    const unrounded = buildTable({ ...base(all), rounding: { ...rounding, payment: 'exact' } });
    const level = table.value.firstPayment;
    const plan = table.value.plan;
    return {
      ok: true,
      value: {
        unknown,
        exact: unrounded.ok ? unrounded.value.firstPayment : level,
        shown: level,
        numbers: { ...all, payment: level },
        values: { ...values, pmt: way.pmt * level },
        rate: quotedRate(draft.quote, all.rate),
        plan,
        table: table.value,
      },
    };
  }
  return {
    ok: true,
    value: { unknown, exact, shown, ...(said ? { said } : {}), numbers: all, values, rate: quotedRate(draft.quote, all.rate), plan: table.value.plan, table: table.value },
  };
}

/** A solved number as it goes into the plan: the payment by its own rule, other money to the cent, rates as they are. */
export function shownNumber(unknown: ValueSlot, exact: number, rounding: TableRounding): number {
  if (unknown === 'rate' || unknown === 'payments') return exact;
  if (unknown === 'payment') return roundMoney(exact, rounding.payment);
  return roundMoney(exact, rounding.payment === 'exact' ? 'exact' : 'cent');
}

function inSlotTerms(unknown: ValueSlot, value: number, draft: StatementDraft): Result<number> {
  const way = directions[draft.kind];
  if (unknown === 'rate') {
    const quoted = quoteRate(value, quotedRate(draft.quote, 0), draft.paymentsPerYear);
    return quoted.ok ? { ok: true, value: roundTo(quotedNumber(quoted.value), 15) } : quoted;
  }
  const signed = unknown === 'payments' ? value : value * way[unknownOf[unknown] as 'pv' | 'pmt' | 'fv'];
  return { ok: true, value: signed + 0 };
}

function wrongWay(unknown: ValueSlot): Result<never> {
  const messages: Readonly<Record<ValueSlot, string>> = {
    amount: 'With these numbers the amount would flow the other way: less is paid than is owed at the end.',
    payment: 'With these numbers no payment is needed; money would flow the other way.',
    finalAmount: 'The payments are more than enough: they clear everything before the last one. Ask for the number of payments instead.',
    payments: 'These numbers need no payment at all.',
    rate: '',
  };
  return { ok: false, problem: { code: 'out-of-range', message: messages[unknown], field: unknown } };
}
