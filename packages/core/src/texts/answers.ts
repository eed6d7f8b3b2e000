/** Every right number of a question: the plan solved and run under each rounding that is used. */

import { convertRate } from '../rates/conversions.ts';
import { kindOf } from '../case/kinds.ts';
import { inputsOf } from '../case/inputs.ts';
import { quantities } from '../case/quantities.ts';
import type { Ask, Quantity } from '../case/quantity.ts';
import { askSolved } from '../case/question.ts';
import type { SolvedCase } from '../case/solved.ts';
import type { Statement } from '../case/statement.ts';
import { centRounding, exactRounding, type TableRounding } from '../table/plan.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Compared, ReadArgs, ReadAsk, ReadPlan, ReadQuantity } from './reading.ts';
import { statementOfPlan } from './statementOfPlan.ts';

/** The first is the exact one. */
const roundings: readonly TableRounding[] = [exactRounding, { ...centRounding, interest: 'exact' }, centRounding];

type Asked = Pick<ReadAsk, 'quantity' | 'plan' | 'args'>;

interface SolvedPlan {
  readonly plan: ReadPlan;
  readonly statement: Statement;
  readonly solved: SolvedCase;
}

/** The plans solved under one rounding; nothing where one cannot be. */
export type SolvedPlans = readonly (SolvedPlan | undefined)[];

/** @param wanted how often the rates that are asked for are compounded, by plan */
export function solvePlans(plans: readonly ReadPlan[], wanted: readonly (number | undefined)[], rounding: TableRounding = exactRounding): SolvedPlans {
  const solved: (SolvedPlan | undefined)[] = [];
  plans.forEach((plan, at) => {
    const linked = withLinks(plan, solved);
    const statement = linked && statementOfPlan(linked, wanted[at]);
    const found = statement && kindOf(statement).solve(statement, rounding);
    solved.push(linked && statement && found?.ok ? { plan: linked, statement, solved: found.value } : undefined);
  });
  return solved;
}

/** Why the first plan that cannot be solved has no answer, in a sentence. */
export function whyNot(plans: readonly ReadPlan[], wanted: readonly (number | undefined)[]): string | undefined {
  for (const [at, plan] of plans.entries()) {
    const statement = plan.links ? undefined : statementOfPlan(plan, wanted[at]);
    const found = statement && kindOf(statement).solve(statement, exactRounding);
    if (found && !found.ok) return found.problem.message;
  }
  return undefined;
}

/** Puts what earlier plans answer in its place. */
function withLinks(plan: ReadPlan, earlier: SolvedPlans): ReadPlan | undefined {
  let linked = plan;
  for (const { field, fromPlan, quantity, args, plus = 0, times = 1 } of plan.links ?? []) {
    const from = earlier[fromPlan];
    const [value] = from ? ofPlan(from, quantity, args) : [];
    if (value === undefined) return undefined;
    const rate = { value, quoted: 'per-period', compoundingsPerYear: plan.paymentsPerYear } as const;
    linked = field === 'ratePerPayment' ? { ...linked, rate } : { ...linked, [field]: value * times + plus };
  }
  return linked;
}

/** The exact number first, then what rounding on the way makes of it. */
export function answersOf(plans: readonly ReadPlan[], wanted: readonly (number | undefined)[], ask: Asked): number[] {
  const found: number[] = [];
  for (const rounding of roundings) {
    const solved = solvePlans(plans, wanted, rounding);
    for (const value of valuesOf(solved, ask))
      if (Number.isFinite(value) && !found.some((each) => Math.abs(each - value) <= 1e-9 * Math.max(1, Math.abs(value)))) found.push(value);
  }
  return found;
}

function valuesOf(solved: SolvedPlans, { quantity, plan, args = {} }: Asked): number[] {
  if (quantity === 'choice') return choiceOf(solved, args);
  if (quantity === 'difference') return differenceOf(solved, plan, args);
  const of = plan === null ? undefined : solved[plan];
  return of ? ofPlan(of, quantity, args) : [];
}

/** The index of the plan with the least or most of a quantity. */
function choiceOf(solved: SolvedPlans, { by = 'totalPaid', want = 'least' }: ReadArgs): number[] {
  const values = solved.map((each) => (each ? ofPlan(each, by)[0] : undefined));
  if (values.length < 2 || values.some((each) => each === undefined)) return [];
  const known = values.map((each) => each ?? NaN);
  return [known.indexOf(want === 'least' ? Math.min(...known) : Math.max(...known))];
}

/** Plans pairwise as each convention gives them; with and without changes as any of them do. */
function differenceOf(solved: SolvedPlans, plan: number | null, { of = 'totalPaid', between }: ReadArgs): number[] {
  const [one, other] = between ?? [];
  if (one === undefined || other === undefined) return [];
  const first = comparedOf(solved, plan, of, one);
  const second = comparedOf(solved, plan, of, other);
  if (one === 'asStated' || other === 'asStated') return first.flatMap((a) => second.map((b) => Math.abs(a - b)));
  return first.flatMap((a, at) => (second[at] === undefined ? [] : [Math.abs(a - second[at])]));
}

function comparedOf(solved: SolvedPlans, plan: number | null, of: ReadQuantity, compared: Compared): number[] {
  if (typeof compared === 'number') return solved[compared] ? ofPlan(solved[compared], of) : [];
  if (typeof compared === 'object') {
    const from = solved[compared.plan];
    return from ? ofPlan(from, compared.quantity, compared.args) : [];
  }
  const stated = plan === null ? undefined : solved[plan];
  const from = stated && compared === 'asStated' ? withoutChanges(stated) : stated;
  if (!from) return [];
  const { count } = from.solved.table;
  if (of === 'payments' || of === 'years') return [of === 'years' ? count / from.plan.paymentsPerYear : count];
  return compared === 'withChanges' ? ofPlan(from, of).slice(0, 1) : ofPlan(from, of);
}

function withoutChanges({ plan, statement, solved }: SolvedPlan): SolvedPlan | undefined {
  const table = buildTable({ ...solved.plan, changes: [] });
  if (!table.ok) return undefined;
  return { plan: { ...plan, changes: [] }, statement: { ...statement, changes: [] }, solved: { ...solved, table: table.value, plan: table.value.plan } };
}

/** Quantities of core that are read as they are. */
const straight: Readonly<Partial<Record<ReadQuantity, Quantity>>> = {
  payment: 'payment',
  amount: 'amount-financed',
  interestIn: 'interest-in',
  principalIn: 'principal-in',
  leftToPay: 'left-to-pay',
  financeCharge: 'finance-charge',
  lastPayment: 'last-payment',
  downPayment: 'down-payment',
};

function ofPlan(from: SolvedPlan, quantity: ReadQuantity, args: ReadArgs = {}): number[] {
  const { plan, solved } = from;
  const read = (id: Quantity, ask: Omit<Ask, 'quantity'> = {}): number[] => numbersOf(from, { quantity: id, ...ask });
  switch (quantity) {
    case 'amount':
      return plan.unknown === 'amount' ? [solved.exact] : [solved.numbers.amount];
    case 'finalAmount':
      return plan.unknown === 'finalAmount' ? [plan.changes.length > 0 ? solved.table.closing : solved.exact] : [solved.numbers.finalAmount];
    case 'payment':
      return args.after !== undefined ? paymentAfter(from, args.after) : plan.unknown === 'payment' ? [read('payment')[0] ?? NaN] : [solved.table.firstPayment];
    case 'payments':
      return plan.changes.length > 0 ? withChangesCount(from) : plan.unknown === 'payments' ? countsOf(solved.exact, args) : [solved.table.count];
    case 'years':
      return [(plan.unknown === 'payments' ? solved.exact : solved.table.count) / plan.paymentsPerYear];
    case 'effectiveRate':
      return [solved.flat ? solved.flat.effective : rateAs(from, 1)];
    case 'ratePerPayment':
      return [solved.flat ? solved.flat.ratePerPayment : solved.values.i];
    case 'nominalRate':
      return args.as === 'flat' ? [flatRateOf(from)] : [rateAs(from, args.compoundingsPerYear ?? plan.paymentsPerYear)];
    case 'totalPaid': {
      const down = args.include?.includes('downPayment') ? (plan.downPayment ?? 0) + (plan.tradeIn ?? 0) : 0;
      const closing = plan.kind === 'saving' || plan.kind === 'drawing-down' ? 0 : solved.numbers.finalAmount;
      return [...read('total-paid'), ...lastAsOthers(from)].map((each) => each + down + closing);
    }
    case 'totalInterest':
      return [...read('total-interest'), ...lastAsOthers(from).map((paid) => paid - solved.table.totalPaid + solved.table.totalInterest)];
    case 'balanceAfter':
      return balances(from, args);
    case 'interestIn':
    case 'principalIn':
      return read(quantity === 'interestIn' ? 'interest-in' : 'principal-in', { from: args.from ?? 1, to: args.to ?? 1 });
    case 'leftToPay':
      return leftToPay(from, args.k ?? 0);
    case 'lastPayment':
      return args.include?.includes('finalAmount') ? [solved.table.firstPayment + (plan.unknown === 'finalAmount' ? solved.exact : solved.numbers.finalAmount)] : read('last-payment');
    case 'financeCharge':
      return read('finance-charge').map((each) => each + (solved.flat ? 0 : (plan.fees ?? 0)));
    case 'downPayment':
      return [plan.unknown === 'amount' && plan.price !== undefined ? plan.price - solved.exact - (plan.tradeIn ?? 0) : (plan.downPayment ?? NaN)];
    default: {
      const id = straight[quantity];
      return id ? read(id) : [];
    }
  }
}

/** The number the table gives, then those of the closed form. */
function numbersOf({ statement, solved }: SolvedPlan, ask: Ask): number[] {
  const answered = askSolved({ statement, solved }, ask, solved.plan.rounding);
  if (!answered.ok) return [];
  const closed = statement.changes.length === 0 ? quantities[ask.quantity].closedForm(inputsOf(answered.value), answered.value) : [];
  return [answered.value.exact, ...closed];
}

const countsOf = (exact: number, { count }: ReadArgs): number[] => [exact, ...(count === 'full' ? [Math.floor(exact + 1e-9)] : [Math.ceil(exact - 1e-9)])];

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
  const part = last && before && last.payment > 0 && before.payment > 0 ? exactPart(last.opening, before.payment, last.rate) : 1;
  return [table.count - 1 + part, table.count];
}

/** So much of a payment settles what is owed, at interest for that part of the period. */
const exactPart = (owed: number, payment: number, i: number): number => (i === 0 ? owed / payment : -Math.log1p((-owed * i) / payment) / Math.log1p(i));

function paymentAfter({ solved: { table } }: SolvedPlan, after: number): number[] {
  const row = table.rows[after];
  return row ? [row.payment] : [];
}

/** Just after a payment; where payments come first, also at the end of its period. */
function balances(from: SolvedPlan, { k = 0, moment }: ReadArgs): number[] {
  const { solved } = from;
  const read = k === 0 ? [solved.numbers.amount] : numbersOf(from, { quantity: 'balance-after', after: k });
  // An extra payment that comes with it is made before or after one looks.
  const extra = solved.table.rows[k - 1]?.extra ?? 0;
  const exact = extra > 0 ? [...read.map((each) => each + extra), ...read] : read;
  const i = solved.table.rows[k - 1]?.rate ?? solved.values.i;
  if (solved.plan.timing !== 'begin') {
    const payment = solved.table.rows[k - 1]?.payment ?? 0;
    return moment === 'beforePayment' ? exact.map((each) => each + payment) : exact;
  }
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
  const found = convertRate({ kind: 'periodic', perPayment: i }, { kind: 'nominal', annual: 0, compoundingsPerYear }, plan.paymentsPerYear);
  return found.ok ? found.value : NaN;
}

function flatRateOf({ solved, plan }: SolvedPlan): number {
  const years = solved.numbers.payments / plan.paymentsPerYear;
  const charge = solved.flat ? solved.flat.charge : solved.table.totalInterest;
  return charge / solved.numbers.amount / years;
}
