/** A plan that was read, as a statement of the Bench: what is still missing keeps it from being one. */

import { roundTo } from '../money/roundMoney.ts';
import type { RateQuote } from '../case/quote.ts';
import { quotedRate } from '../case/quote.ts';
import type { SlotName, Statement, StatementKind } from '../case/statement.ts';
import { kindOf } from '../case/kinds.ts';
import { centRounding, type Change, type TableRounding } from '../table/plan.ts';
import type { ReadChange, ReadKind, ReadPlan, ReadRate } from './reading.ts';

export const statementKindOf: Readonly<Record<ReadKind, StatementKind>> = {
  borrowing: 'borrow',
  saving: 'save',
  'drawing-down': 'draw-down',
  'lump-sum': 'lump-sum',
  leasing: 'lease',
  flat: 'flat',
  convert: 'convert',
};

const nominal = (compounding: number): RateQuote => ({
  kind: 'nominal',
  compounding,
  daysPerYear: 365,
  daysPerPeriod: 30,
});

/** How a rate that was read is quoted, and its number as the quote has it. */
export function quoteOf(
  rate: ReadRate | null,
  paymentsPerYear: number,
  wanted?: number,
): { quote: RateQuote; number?: number } {
  if (!rate) return { quote: nominal(wanted ?? paymentsPerYear) };
  const compounding = rate.compoundingsPerYear ?? paymentsPerYear;
  switch (rate.quoted) {
    case 'effective':
      return { quote: { ...nominal(1), kind: 'effective' }, number: rate.value };
    case 'per-period':
      return compounding === paymentsPerYear
        ? { quote: { ...nominal(compounding), kind: 'periodic' }, number: rate.value }
        : { quote: nominal(compounding), number: roundTo(rate.value * compounding, 12) };
    default:
      return { quote: nominal(compounding), number: rate.value };
  }
}

/** A single sum that changes on the way is saved with payments of nothing. */
const statedAs = ({ kind, changes }: ReadPlan): ReadKind =>
  kind === 'lump-sum' && changes.length > 0 ? 'saving' : kind;

/** Whether its amount comes from a price: one that follows from another plan is no whole price. */
export const isPriced = ({ price, links = [] }: ReadPlan): boolean =>
  price !== undefined && !links.some(({ field }) => field === 'amount');

/**
 * @param wanted how often the rate that is asked for is compounded
 * @param rounding of the payment that a rise is added to, where it has to be found first
 * @returns nothing while a number is missing
 */
export function statementOfPlan(
  plan: ReadPlan,
  wanted?: number,
  rounding: TableRounding = centRounding,
): Statement | undefined {
  const { unknown, amount, payment, finalAmount, charge } = plan;
  const kind = statedAs(plan);
  const { paymentsPerYear, payments } = inWholePeriods(plan);
  const { quote, number } = quoteOf(plan.rate, plan.paymentsPerYear, wanted);
  const isFlat = kind === 'flat';
  const flatRate = charge !== undefined && amount ? charge / amount : plan.rate?.value;
  const all: Readonly<Record<SlotName, number | null | undefined>> = {
    amount,
    rate: isFlat ? flatRate : number,
    payments,
    payment: kind === 'lump-sum' ? undefined : payment,
    finalAmount: isFlat ? undefined : finalAmount,
    converted: undefined,
  };
  const slot: SlotName = kind === 'convert' ? 'converted' : unknown;
  const needed = slotsOf[kind].filter((each) => each !== slot);
  const numbers: Partial<Record<SlotName, number>> = {};
  for (const each of needed) {
    const value = all[each];
    if (value === null || value === undefined) return undefined;
    numbers[each] = value;
  }
  const hasPrice = amount !== null && isPriced(plan);
  return {
    kind: statementKindOf[kind],
    unknown: slot,
    quote,
    paymentsPerYear,
    timing: plan.timing === 'beginning' ? 'begin' : 'end',
    flatBy: charge === undefined ? 'a-year' : 'outright',
    into:
      quote.kind === 'effective' || quote.kind === 'periodic' || (kind === 'convert' && wanted !== undefined)
        ? nominal(wanted ?? paymentsPerYear)
        : { ...nominal(1), kind: 'effective' },
    firstPaymentDate: '',
    numbers,
    changes: plan.changes.flatMap((change) =>
      changeOf(change, plan, () => paymentBefore(change, plan, wanted, rounding)),
    ),
    ...(hasPrice && plan.kind !== 'lump-sum'
      ? {
          buildUp: {
            price: (plan.price ?? 0) - (plan.rebate ?? 0),
            downPayment: plan.downPayment ?? 0,
            tradeIn: plan.tradeIn ?? 0,
            feesAdded: plan.fees ?? 0,
            feesTaken: 0,
            amount,
            proceeds: amount,
          },
        }
      : {}),
  };
}

/** A single sum grows over part of a period, too: shorter periods make it whole. */
export function inWholePeriods({
  kind,
  paymentsPerYear,
  payments,
}: ReadPlan): Pick<ReadPlan, 'paymentsPerYear' | 'payments'> {
  if (kind !== 'lump-sum' || payments === null) return { paymentsPerYear, payments };
  const times =
    [1, 2, 3, 4, 6, 12, 52, 365].find((each) => Number.isInteger(Number((payments * each).toFixed(6)))) ?? 1;
  return { paymentsPerYear: paymentsPerYear * times, payments: Number((payments * times).toFixed(6)) };
}

const slotsOf: Readonly<Record<ReadKind, readonly SlotName[]>> = {
  borrowing: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  leasing: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  saving: ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  'drawing-down': ['amount', 'rate', 'payments', 'payment', 'finalAmount'],
  'lump-sum': ['amount', 'rate', 'payments', 'finalAmount'],
  flat: ['amount', 'rate', 'payments', 'payment'],
  convert: ['rate', 'converted'],
};

/** The payment in force before a change: as stated, or found from what else the plan says. */
function paymentBefore(
  { after }: ReadChange,
  plan: ReadPlan,
  wanted: number | undefined,
  rounding: TableRounding,
): number | undefined {
  if (plan.payment !== null) return plan.payment;
  const before = statementOfPlan(
    { ...plan, changes: plan.changes.filter((each) => each.after < after) },
    wanted,
    rounding,
  );
  const solved = before && kindOf(before).solve(before, rounding);
  return solved?.ok ? solved.value.table.rows[Math.max(after, 1) - 1]?.payment : undefined;
}

/** A rise adds to the payment before it. */
function changeOf(change: ReadChange, plan: ReadPlan, before: () => number | undefined): Change[] {
  const { after } = change;
  switch (change.kind) {
    case 'rate': {
      const { quote, number = change.rate.value } = quoteOf(change.rate, plan.paymentsPerYear);
      return [
        {
          kind: 'rate',
          after,
          rate: quotedRate(quote, number),
          payment: change.keep === 'payments' ? 'again' : 'same',
        },
      ];
    }
    case 'extra': {
      const extra: Change = { kind: 'extra', from: after, amount: change.value };
      if (change.keep === 'payment') return [extra];
      // A new payment over the payments that are left: worked out again at the same rate.
      const { quote, number = 0 } = quoteOf(plan.rate, plan.paymentsPerYear);
      return [extra, { kind: 'rate', after, rate: quotedRate(quote, number), payment: 'again' }];
    }
    case 'payment': {
      const payment = change.to ?? sumOf(before(), change.by);
      return payment === undefined ? [] : [{ kind: 'payment', after, amount: roundTo(payment, 10) }];
    }
    case 'skip': {
      const through = after + change.payments;
      const payment = change.keep === 'payment' ? before() : undefined;
      return [
        { kind: 'deferred', from: after + 1, through },
        ...(payment === undefined ? [] : [{ kind: 'payment', after: through, amount: roundTo(payment, 10) } as const]),
      ];
    }
  }
}

const sumOf = (before: number | undefined, by: number): number | undefined =>
  before === undefined ? undefined : before + by;
