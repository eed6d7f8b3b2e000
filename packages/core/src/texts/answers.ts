/** Every right number of a question: the plan solved and run under each rounding that is used. */

import { NEAR_WHOLE } from '../annuity/sayCount.ts';
import { kindOf } from '../case/kinds.ts';
import { roundTo } from '../money/roundMoney.ts';
import { centRounding, exactRounding, type TableRounding } from '../table/plan.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Compared, ReadArgs, ReadAsk, ReadPlan, ReadQuantity } from './reading.ts';
import { ofPlan, type SolvedPlan } from './quantitiesOfPlan.ts';
import { statementOfPlan } from './statementOfPlan.ts';

/** The first is the exact one. */
const roundings: readonly TableRounding[] = [exactRounding, { ...centRounding, interest: 'exact' }, centRounding];

type Asked = Pick<ReadAsk, 'quantity' | 'plan' | 'args'>;

/** The plans solved under one rounding; nothing where one cannot be. */
export type SolvedPlans = readonly (SolvedPlan | undefined)[];

/** @param wanted how often the rates that are asked for are compounded, by plan */
export function solvePlans(
  plans: readonly ReadPlan[],
  wanted: readonly (number | undefined)[],
  rounding: TableRounding = exactRounding,
): SolvedPlans {
  const solved: (SolvedPlan | undefined)[] = [];
  plans.forEach((plan, at) => {
    const linked = withLinks(plan, solved);
    const statement = linked && statementOfPlan(linked, wanted[at], rounding);
    const found = statement && kindOf(statement).solve(statement, rounding);
    solved.push(linked && statement && found?.ok ? { plan: linked, statement, solved: found.value } : undefined);
  });
  return solved;
}

/** The first payment of a plan as if nothing changed on the way: in cents, as it is paid. */
export function paymentUnchanged(plan: ReadPlan, wanted: number | undefined): number | undefined {
  const [found] = solvePlans([{ ...plan, changes: [] }], [wanted]);
  return found && roundTo(found.solved.table.firstPayment, 2);
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
    if (field === 'ratePerPayment') linked = { ...linked, rate };
    else if (field === 'payments') linked = { ...linked, payments: Math.ceil(value - NEAR_WHOLE) };
    else linked = { ...linked, [field]: value * times + plus };
  }
  return linked;
}

/** The exact number first, then what rounding on the way makes of it. */
export function answersOf(plans: readonly ReadPlan[], wanted: readonly (number | undefined)[], ask: Asked): number[] {
  const found: number[] = [];
  for (const rounding of roundings) {
    const solved = solvePlans(plans, wanted, rounding);
    for (const value of valuesOf(solved, ask))
      if (
        Number.isFinite(value) &&
        !found.some((each) => Math.abs(each - value) <= 1e-9 * Math.max(1, Math.abs(value)))
      )
        found.push(value);
  }
  return [...found, ...withoutEnd(plans, ask, found)];
}

/** "The total of the rentals": the payments alone are meant as often as all of it, with what falls due at the end. */
function withoutEnd(plans: readonly ReadPlan[], { quantity, plan }: Asked, totals: readonly number[]): number[] {
  const { kind, finalAmount } = (plan === null ? undefined : plans[plan]) ?? { kind: 'convert', finalAmount: 0 };
  const isOwed = (kind === 'borrowing' || kind === 'leasing') && (finalAmount ?? 0) > 0;
  return quantity === 'totalPaid' && isOwed ? totals.map((each) => each - (finalAmount ?? 0)) : [];
}

/** What each side of a choice or a difference comes to. */
export function sidesOf(plans: readonly ReadPlan[], wanted: readonly (number | undefined)[], ask: Asked): number[] {
  if (ask.quantity !== 'choice' && ask.quantity !== 'difference') return [];
  const solved = solvePlans(plans, wanted);
  const { by = 'totalPaid', of = 'totalPaid', between = [], include } = ask.args ?? {};
  if (ask.quantity === 'choice')
    return solved.map((each) => (each ? (ofPlan(each, by, include ? { include } : {})[0] ?? NaN) : NaN));
  return between.map((each) => comparedOf(solved, ask.plan, of, each)[0] ?? NaN);
}

function valuesOf(solved: SolvedPlans, { quantity, plan, args = {} }: Asked): number[] {
  if (quantity === 'choice') return choiceOf(solved, args);
  if (quantity === 'difference') return differenceOf(solved, plan, args);
  const of = plan === null ? undefined : solved[plan];
  return of ? ofPlan(of, quantity, args) : [];
}

/** The index of the plan with the least or most of a quantity. */
function choiceOf(solved: SolvedPlans, { by = 'totalPaid', want = 'least', include }: ReadArgs): number[] {
  const values = solved.map((each) => (each ? ofPlan(each, by, include ? { include } : {})[0] : undefined));
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
  if (first.length === 0 || second.length === 0) return [];
  // "24 payments against 31.37, or 32": a number that is whole already is so in each way.
  const last = Math.max(first.length, second.length) - 1;
  const at = (values: readonly number[], index: number): number => values[Math.min(index, values.length - 1)]!;
  return Array.from({ length: last + 1 }, (_, index) => Math.abs(at(first, index) - at(second, index)));
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
  if (of === 'payments' || of === 'years') {
    return wholeCounts(from, compared).map((count) => (of === 'years' ? count / from.plan.paymentsPerYear : count));
  }
  return compared === 'withChanges' ? ofPlan(from, of).slice(0, 1) : ofPlan(from, of);
}

/** Whole payments; a last one of next to nothing counts, or does not. */
function wholeCounts(from: SolvedPlan, compared: 'asStated' | 'withChanges'): number[] {
  const { table, unknown, exact } = from.solved;
  const counts = (first: number, part: number): number[] => [
    ...new Set([first, Math.ceil(part - NEAR_WHOLE), Math.ceil(part - 1e-9)]),
  ];
  if (compared === 'asStated') return counts(table.count, unknown === 'payments' ? exact : table.count);
  // A payment that stays though the rate rises clears later than the table's last row.
  const [part = table.count, whole = table.count] = ofPlan(from, 'payments');
  return counts(whole, part);
}

function withoutChanges({ plan, statement, solved }: SolvedPlan): SolvedPlan | undefined {
  // What is there at the end is another sum then, and the number of payments another one.
  if (['finalAmount', 'payments'].includes(plan.unknown) && plan.links === undefined)
    return solvePlans([{ ...plan, changes: [] }], [undefined])[0];
  const table = buildTable({ ...solved.plan, changes: [] });
  if (!table.ok) return undefined;
  return {
    plan: { ...plan, changes: [] },
    statement: { ...statement, changes: [] },
    solved: { ...solved, table: table.value, plan: table.value.plan },
  };
}
