/** Solving a statement of compound interest on level payments: one of the five values from the others. */

import { ok, type Result } from '../result.ts';
import { roundMoney, roundTo } from '../money/roundMoney.ts';
import { quotedNumber, quoteRate, ratePerPayment } from '../rates/quotedRate.ts';
import type { FiveValues } from '../annuity/fiveValues.ts';
import { sayCount } from '../annuity/sayCount.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Plan, TableRounding } from '../table/plan.ts';
import { solveAmidChanges } from './amidChanges.ts';
import type { Directions, KindOfCase } from './kind.ts';
import { quotedRate } from './quote.ts';
import { unknownOf, valueSlot, type SolvedCase, type ValueSlot } from './solved.ts';
import type { Statement } from './statement.ts';

/** The solver of a kind whose money flows these ways. */
export const solveLevel =
  (directions: Directions): KindOfCase['solve'] =>
  (statement, rounding) => {
    const level: Level = { directions, statement, rounding, given: { ...nothing, ...statement.numbers } };
    const unknown = valueSlot(statement.unknown);
    if (statement.changes.length > 0 && unknown !== 'payment') return amidChanges(level, unknown);
    const rate = unknown === 'rate' ? 0 : perPayment(level, level.given.rate);
    if (typeof rate !== 'number') return rate;
    const found = solveFor(unknownOf[unknown], valuesOf(level, level.given, rate));
    if (!found.ok) return found;
    return solvedFrom(level, unknown, { ...valuesOf(level, level.given, rate), [unknownOf[unknown]]: found.value });
  };

type AllNumbers = Readonly<Record<ValueSlot, number>>;

const nothing: AllNumbers = { amount: 0, rate: 0, payments: 0, payment: 0, finalAmount: 0 };

/** A statement on its way to being solved. */
interface Level {
  readonly directions: Directions;
  readonly statement: Statement;
  readonly rounding: TableRounding;
  /** The slots' numbers; the unknown's is not looked at. */
  readonly given: AllNumbers;
}

/** The rate per payment of a rate as the statement quotes it, or why there is none. */
function perPayment({ statement }: Level, rate: number): number | Result<never> {
  const found = ratePerPayment(quotedRate(statement.quote, rate), statement.paymentsPerYear);
  return found.ok ? found.value : found;
}

/** The five values, each with its direction. */
function valuesOf({ directions, statement }: Level, all: AllNumbers, i: number): FiveValues {
  return {
    n: all.payments,
    i,
    pv: directions.pv * all.amount,
    pmt: directions.pmt * all.payment,
    fv: directions.fv * all.finalAmount,
    timing: statement.timing,
  };
}

function planOf({ directions, statement, rounding }: Level, all: AllNumbers): Plan {
  return {
    kind: directions.plan,
    amount: all.amount,
    rate: quotedRate(statement.quote, all.rate),
    paymentsPerYear: statement.paymentsPerYear,
    payments: all.payments,
    timing: statement.timing,
    finalAmount: all.finalAmount,
    // Where the payment is the unknown it is worked out and rounded by the table itself.
    ...(statement.unknown === 'payment' ? {} : { payment: all.payment }),
    rounding,
    changes: statement.changes,
    ...(statement.firstPaymentDate ? { firstPaymentDate: statement.firstPaymentDate } : {}),
  };
}

/** Where the plan changes on the way the real table decides. */
function amidChanges(level: Level, unknown: Exclude<ValueSlot, 'payment'>): Result<SolvedCase> {
  const amid = solveAmidChanges(unknown, planOf(level, level.given), level.statement.quote);
  if (!amid.ok) return amid;
  const { exact, shown, table } = amid.value;
  const numbers = { ...level.given, [unknown]: shown };
  const i = perPayment(level, numbers.rate);
  const values = valuesOf(level, numbers, typeof i === 'number' ? i : 0);
  const rate = quotedRate(level.statement.quote, numbers.rate);
  return { ok: true, value: { unknown, exact, shown, numbers, values, rate, plan: table.plan, table } };
}

/** The case and its table, from the five values with the unknown solved. */
function solvedFrom(level: Level, unknown: ValueSlot, values: FiveValues): Result<SolvedCase> {
  const { statement, directions, rounding } = level;
  const own = inSlotTerms(unknown, values[unknownOf[unknown]], statement, directions);
  if (!own.ok) return own;
  const exact = own.value;
  if (exact < 0 && unknown !== 'rate') return wrongWay(unknown);
  const said = unknown === 'payments' ? sayCount(values, 'rounded-up') : undefined;
  if (said && !said.ok) return said;
  const shown = said ? said.value.count : shownNumber(unknown, exact, rounding);
  const numbers = { ...level.given, [unknown]: shown };
  const built = buildTable(planOf(level, numbers));
  if (!built.ok) return built;
  const table = built.value;
  const { plan } = table;
  const rate = quotedRate(statement.quote, numbers.rate);
  const solved: SolvedCase = { unknown, exact, shown, numbers, values, rate, plan, table };
  if (unknown === 'payment' && level.statement.changes.length > 0) return ok(withLevelPayment(level, solved));
  return ok(said ? { ...solved, said: said.value } : solved);
}

/** What comes before it on the way, a pause or a draw, is in the level payment too: the table has worked it out. */
function withLevelPayment(level: Level, solved: SolvedCase): SolvedCase {
  const shown = solved.table.firstPayment;
  const unrounded = buildTable({
    ...planOf(level, solved.numbers),
    rounding: { ...level.rounding, payment: 'exact' },
  });
  return {
    ...solved,
    exact: unrounded.ok ? unrounded.value.firstPayment : shown,
    shown,
    numbers: { ...solved.numbers, payment: shown },
    values: { ...solved.values, pmt: level.directions.pmt * shown },
  };
}

/** A solved number as it goes into the plan: the payment by its own rule, other money to the cent, rates as they are. */
export function shownNumber(unknown: ValueSlot, exact: number, rounding: TableRounding): number {
  if (unknown === 'rate' || unknown === 'payments') return exact;
  if (unknown === 'payment') return roundMoney(exact, rounding.payment);
  return roundMoney(exact, rounding.payment === 'exact' ? 'exact' : 'cent');
}

function inSlotTerms(unknown: ValueSlot, value: number, statement: Statement, directions: Directions): Result<number> {
  if (unknown === 'rate') {
    const quoted = quoteRate(value, quotedRate(statement.quote, 0), statement.paymentsPerYear);
    return quoted.ok ? { ok: true, value: roundTo(quotedNumber(quoted.value), 15) } : quoted;
  }
  if (unknown === 'payments') return { ok: true, value };
  const direction = { amount: directions.pv, payment: directions.pmt, finalAmount: directions.fv }[unknown];
  return { ok: true, value: value * direction + 0 };
}

function wrongWay(unknown: ValueSlot): Result<never> {
  const messages: Readonly<Record<ValueSlot, string>> = {
    amount: 'With these numbers the amount would flow the other way: less is paid than is owed at the end.',
    payment: 'With these numbers no payment is needed; money would flow the other way.',
    finalAmount:
      'The payments are more than enough: they clear everything before the last one. Ask for the number of payments instead.',
    payments: 'These numbers need no payment at all.',
    rate: '',
  };
  return { ok: false, problem: { code: 'out-of-range', message: messages[unknown], field: unknown } };
}
