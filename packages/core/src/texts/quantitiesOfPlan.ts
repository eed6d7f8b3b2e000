/** What a solved plan answers for each quantity: every number that a convention gives, the exact one first. */

import { convertRate } from '../rates/conversions.ts';
import { inputsOf } from '../case/inputs.ts';
import { quantities } from '../case/quantities.ts';
import type { Ask, Quantity } from '../case/quantity.ts';
import { askSolved } from '../case/question.ts';
import type { SolvedCase } from '../case/solved.ts';
import type { Statement } from '../case/statement.ts';
import type { ReadArgs, ReadPlan, ReadQuantity } from './reading.ts';
import { inWholePeriods } from './statementOfPlan.ts';

export interface SolvedPlan {
  readonly plan: ReadPlan;
  readonly statement: Statement;
  readonly solved: SolvedCase;
}

type Read = (from: SolvedPlan, args: ReadArgs) => number[];

const range = ({ from = 1, to = 1 }: ReadArgs): Omit<Ask, 'quantity'> => ({ from, to });

/** One record a quantity; those across plans are `answers.ts`'. */
const readers: Readonly<Partial<Record<ReadQuantity, Read>>> = {
  amount: ({ plan, solved }) => [plan.unknown === 'amount' ? solved.exact : solved.numbers.amount],
  finalAmount: ({ plan, solved }) =>
    plan.unknown !== 'finalAmount'
      ? [solved.numbers.finalAmount]
      : [plan.changes.length > 0 ? solved.table.closing : solved.exact],
  payment: (from, { after }) => {
    if (after !== undefined) return paymentAfter(from, after);
    // "She pays 100 more from the first on": the payment is that without it, and what she pays.
    const rise = from.plan.changes.find((each) => each.kind === 'payment' && each.after === 0);
    const paid =
      from.plan.unknown === 'payment'
        ? numbersOf(from, { quantity: 'payment' }).slice(0, 1)
        : [from.solved.table.firstPayment];
    return rise?.kind === 'payment' ? [...paid.map((each) => each - rise.by), ...paid] : paid;
  },
  payments: (from, args) => {
    if (from.plan.changes.length > 0) return withChangesCount(from);
    return from.plan.unknown === 'payments' ? countsOf(from.solved.exact, args) : [from.solved.table.count];
  },
  years: ({ plan, solved }, args) => {
    const exact = (plan.unknown === 'payments' ? solved.exact : solved.table.count) / plan.paymentsPerYear;
    // Where interest is added once a year, a year that is not over counts as a whole one, too.
    return plan.paymentsPerYear === 1 && plan.unknown === 'payments' ? countsOf(exact, args) : [exact];
  },
  effectiveRate: (from) => [from.solved.flat ? from.solved.flat.effective : rateAs(from, 1)],
  ratePerPayment: ({ solved }) => [solved.flat ? solved.flat.ratePerPayment : solved.values.i],
  nominalRate: (from, { as, compoundingsPerYear = from.plan.paymentsPerYear }) => [
    as === 'flat' ? flatRateOf(from) : rateAs(from, compoundingsPerYear),
  ],
  totalPaid: (from, { include, only, ...args }) => {
    const { plan, solved } = from;
    const down = include?.includes('downPayment') ? (plan.downPayment ?? 0) + (plan.tradeIn ?? 0) : 0;
    if (args.to !== undefined)
      return numbersOf(from, { quantity: 'paid-in', ...range(args) }).map((each) => each + down);
    const start = include?.includes('amount') ? solved.numbers.amount : 0;
    const isPaidOut = plan.kind === 'saving' || plan.kind === 'drawing-down';
    const closing = isPaidOut || only === 'payments' ? 0 : solved.numbers.finalAmount;
    const paid = [
      ...runOn(from).map((each) => each.paid),
      ...numbersOf(from, { quantity: 'total-paid' }),
      ...lastAsOthers(from),
    ];
    return paid.map((each) => each + down + start + closing);
  },
  totalInterest: (from) => {
    const { totalPaid, totalInterest } = from.solved.table;
    return [
      ...runOn(from).map(({ paid }) => paid - totalPaid + totalInterest),
      ...numbersOf(from, { quantity: 'total-interest' }),
      ...lastAsOthers(from).map((paid) => paid - totalPaid + totalInterest),
    ];
  },
  financeCharge: (from) =>
    numbersOf(from, { quantity: 'finance-charge' }).map(
      (each) => each + (from.solved.flat ? 0 : (from.plan.fees ?? 0)),
    ),
  balanceAfter: (from, args) => balances(from, args),
  interestIn: (from, args) => inPayments(from, args, 'interest-in', 'interest-portion'),
  principalIn: (from, args) => inPayments(from, args, 'principal-in', 'principal-portion'),
  leftToPay: (from, { k = 0 }) => leftToPay(from, k),
  lastPayment: (from, { include }) => {
    const { plan, solved } = from;
    if (!include?.includes('finalAmount'))
      return [...runOn(from).map(({ last }) => last), ...numbersOf(from, { quantity: 'last-payment' })];
    return [solved.table.firstPayment + (plan.unknown === 'finalAmount' ? solved.exact : solved.numbers.finalAmount)];
  },
  downPayment: ({ plan, solved }) => {
    const isSought = plan.unknown === 'amount' && plan.price !== undefined;
    return [isSought ? (plan.price ?? 0) - solved.exact - (plan.tradeIn ?? 0) : (plan.downPayment ?? NaN)];
  },
  // What is paid down and what is borrowed.
  price: ({ plan: { price, downPayment = 0, downShare = 0, tradeIn = 0, fees = 0 }, solved }) => [
    price ?? (solved.exact + downPayment + tradeIn - fees) / (1 - downShare),
  ],
};

/** What one plan answers; nothing where the quantity needs two. */
export const ofPlan = (from: SolvedPlan, quantity: ReadQuantity, args: ReadArgs = {}): number[] =>
  readers[quantity]?.(from, args) ?? [];

/** The number the table gives, then those of the closed form. */
function numbersOf({ statement, solved }: SolvedPlan, ask: Ask): number[] {
  const answered = askSolved({ statement, solved }, ask, solved.plan.rounding);
  if (!answered.ok) return [];
  const closed =
    statement.changes.length === 0 ? quantities[ask.quantity].closedForm(inputsOf(answered.value), answered.value) : [];
  return [answered.value.exact, ...closed];
}

const countsOf = (exact: number, { count }: ReadArgs): number[] => [
  exact,
  ...(count === 'full' ? [Math.floor(exact + 1e-9)] : [Math.ceil(exact - 1e-9)]),
];

/** All payments where changes fall on the way, the last like the one before it. */
function lastAsOthers({ statement, solved: { table } }: SolvedPlan): number[] {
  const [before, last] = table.rows.slice(-2);
  if (statement.changes.length === 0 || !before || !last || Math.abs(before.payment - last.payment) > 1) return [];
  return [table.totalPaid - last.payment + before.payment];
}

/** With changes: the payments before the last and the part of one that the last is. */
function withChangesCount({ solved: { table } }: SolvedPlan): number[] {
  const last = table.rows.at(-1);
  const before = table.rows.at(-2);
  const part =
    last && before && last.payment > 0 && before.payment > 0 ? exactPart(last.opening, before.payment, last.rate) : 1;
  const count = table.count - 1 + part;
  return part > 1 + 1e-9 ? [count, Math.ceil(count), table.count] : [count, table.count];
}

/** A payment that stays though more falls due clears later than planned: the payments go on, the last is smaller. */
function runOn({ statement, solved: { table } }: SolvedPlan): { readonly last: number; readonly paid: number }[] {
  const [before, last] = table.rows.slice(-2);
  if (statement.changes.length === 0 || !before || !last || last.payment < before.payment * 1.5) return [];
  const part = exactPart(last.opening, before.payment, last.rate);
  if (!Number.isFinite(part)) return [];
  const more = Math.ceil(part - 1e-9) - 1;
  let owed = last.opening;
  for (let at = 0; at < more; at += 1) owed = owed * (1 + last.rate) - before.payment;
  const closing = owed * (1 + last.rate);
  return [{ last: closing, paid: table.totalPaid - last.payment + more * before.payment + closing }];
}

/** So much of a payment settles what is owed, at interest for that part of the period. */
const exactPart = (owed: number, payment: number, i: number): number =>
  i === 0 ? owed / payment : -Math.log1p((-owed * i) / payment) / Math.log1p(i);

function paymentAfter({ solved: { table } }: SolvedPlan, after: number): number[] {
  const row = table.rows[after];
  return row ? [row.payment] : [];
}

/** By the periods; where payments come first also what is in the payments: that first, of one alone. */
function inPayments(from: SolvedPlan, args: ReadArgs, byPeriod: Quantity, portion: Quantity): number[] {
  const ofPeriods = numbersOf(from, { quantity: byPeriod, ...range(args) });
  if (from.solved.plan.timing !== 'begin') return ofPeriods;
  const ofPayments = numbersOf(from, { quantity: portion, ...range(args) });
  return isOfOnePayment(from.plan, args) ? [...ofPayments, ...ofPeriods] : [...ofPeriods, ...ofPayments];
}

/** Whether it is about one payment, and not about a year of them. */
export const isOfOnePayment = ({ paymentsPerYear }: ReadPlan, { from, to }: ReadArgs): boolean =>
  from === to && paymentsPerYear > 1;

/** Just after a payment; where payments come first, also at the end of its period. */
function balances(from: SolvedPlan, { k = 0, moment }: ReadArgs): number[] {
  const { solved } = from;
  const read = k === 0 ? [solved.numbers.amount] : numbersOf(from, { quantity: 'balance-after', after: k });
  // An extra payment that comes with it is made before or after one looks.
  const extra = solved.table.rows[k - 1]?.extra ?? 0;
  // What is paid lowers a debt, and raises what is saved.
  const sign = ['saving', 'lump-sum'].includes(from.plan.kind) ? -1 : 1;
  const before = read.map((each) => each + sign * extra);
  const both = extra > 0 && moment !== 'beforeExtra' ? [...before, ...read] : before;
  const exact = moment === 'afterExtra' ? read : both;
  const i = solved.table.rows[k - 1]?.rate ?? solved.values.i;
  if (solved.plan.timing !== 'begin') {
    const payment = solved.table.rows[k - 1]?.payment ?? 0;
    return moment === 'beforePayment' ? exact.map((each) => each + sign * payment) : exact;
  }
  // Just before a payment the period before it is over.
  if (moment === 'beforePayment')
    return k < 2 ? [solved.numbers.amount] : numbersOf(from, { quantity: 'balance-after', after: k - 1 });
  const after = exact.map((each) => each / (1 + i));
  return moment === 'justAfterPayment' ? after : [...after, ...exact];
}

/** The payments still to be made, with what is left at the end. */
function leftToPay({ solved }: SolvedPlan, k: number): number[] {
  const { rows, firstPayment, count } = solved.table;
  const rest = rows.slice(k).reduce((sum, { payment, extra }) => sum + payment + extra, 0);
  return [rest, (count - k) * firstPayment];
}

/** The nominal rate a year that grows as fast, compounded so often. */
function rateAs({ solved, plan }: SolvedPlan, compoundingsPerYear: number): number {
  const i = solved.flat ? solved.flat.ratePerPayment : solved.values.i;
  const found = convertRate(
    { kind: 'periodic', perPayment: i },
    { kind: 'nominal', annual: 0, compoundingsPerYear },
    inWholePeriods(plan).paymentsPerYear,
  );
  return found.ok ? found.value : NaN;
}

function flatRateOf({ solved, plan }: SolvedPlan): number {
  const years = solved.numbers.payments / plan.paymentsPerYear;
  const charge = solved.flat ? solved.flat.charge : solved.table.totalInterest;
  return charge / solved.numbers.amount / years;
}
