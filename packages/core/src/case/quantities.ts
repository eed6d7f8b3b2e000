/** What can be asked of a case: every quantity, one record each, with its words, its unit and how it is read off. */

import { fail, ok, type Result } from '../result.ts';
import type { Scope } from '../money/expression.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { convertRate } from '../rates/conversions.ts';
import { quotedNumber, quoteRate } from '../rates/quotedRate.ts';
import { rateWithCharges } from '../annuity/charges.ts';
import { recurrenceOf, term } from '../annuity/recurrence.ts';
import { refinance, type Refinancing, type RefinancingResult } from '../table/compare.ts';
import { balanceAfter, leftToPay, stretch } from '../table/readings.ts';
import type { StatementDraft } from './draft.ts';
import { quotedRate } from './quote.ts';
import { readBuildUp, type BuiltUp } from './readDraft.ts';
import { isSaving, kindOf } from './kinds.ts';
import type { SolvedCase, ValueSlot } from './solved.ts';

/** In the order they are offered. */
export const quantityIds = [
  'payment',
  'amount',
  'final-amount',
  'rate',
  'payments',
  'years',
  'balance-after',
  'left-to-pay',
  'interest-in',
  'principal-in',
  'paid-in',
  'total-interest',
  'total-paid',
  'total-price',
  'last-payment',
  'finance-charge',
  'amount-financed',
  'down-payment',
  'rate-per-payment',
  'nominal',
  'effective',
  'rate-with-charges',
  'term',
  'converted',
  'refinanced-payment',
  'refinancing-saves',
  'paid-for-itself',
] as const;

export type Quantity = (typeof quantityIds)[number];

export type QuantityUnit = 'money' | 'percent' | 'count' | 'years';

/** The numbers a quantity needs besides the case: payment numbers, counted from 1. */
export type AskArgument = 'after' | 'from' | 'to';

/** What is asked of a case, with its arguments as numbers. */
export interface Ask {
  readonly quantity: Quantity;
  readonly after?: number;
  readonly from?: number;
  readonly to?: number;
  /** For the quantities of a refinancing. */
  readonly refinancing?: Refinancing | undefined;
}

/** What a quantity is read off. */
export interface AskedCase {
  readonly draft: StatementDraft;
  readonly solved: SolvedCase;
  readonly ask: Ask;
  /** What the statement's slots may name, with the numbers in force. */
  readonly names: Scope;
}

interface QuantityRecord {
  /** "the balance after a payment", for choosing. */
  readonly title: string;
  readonly unit: QuantityUnit;
  readonly needs: readonly AskArgument[];
  /** The slot it is the `?` of; otherwise the case is solved as it is stated. */
  readonly slot?: ValueSlot;
  /** Needs a refinancing beside the case. */
  readonly refinancing?: boolean;
  /** Whether it can be asked of a statement. */
  readonly applies: (draft: StatementDraft) => boolean;
  /** In the answer's own unit: money, percent (6.6, not 0.066), payments, years; unrounded unless the plan rounds it. */
  readonly read: (asked: AskedCase) => Result<number>;
  /** In words, with its arguments. */
  readonly words: (ask: Ask) => string;
}

const percent = (fraction: Result<number>): Result<number> => (fraction.ok ? ok(roundTo(fraction.value * 100, 13)) : fraction);
const anyPlan = (draft: StatementDraft): boolean => kindOf(draft).hasTable;
const pays = (draft: StatementDraft): boolean => kindOf(draft).pays;
const owes = (draft: StatementDraft): boolean => kindOf(draft).owes;
const level = (draft: StatementDraft): boolean => kindOf(draft).level;
const builtUp = (draft: StatementDraft): boolean => owes(draft) && draft.buildUp !== undefined;

function builtUpOf({ draft, names }: AskedCase): Result<BuiltUp> {
  if (!draft.buildUp) return fail('out-of-range', 'This needs a price: build the amount up from one.', { field: 'amount' });
  return readBuildUp(draft.buildUp, numberStyleById(draft.numberStyle), names);
}

function slotRecord(slot: ValueSlot, title: string, unit: QuantityUnit, applies: QuantityRecord['applies'], read: QuantityRecord['read']): QuantityRecord {
  return { title, unit, needs: [], slot, applies, read, words: () => title };
}

function stretchRecord(title: string, applies: QuantityRecord['applies'], part: 'interest' | 'principal' | 'paid'): QuantityRecord {
  return {
    title: `${title} in a stretch`,
    unit: 'money',
    needs: ['from', 'to'],
    applies,
    words: ({ from, to }) => (from === to ? `${title} in payment ${from}` : `${title} in payments ${from} to ${to}`),
    read: ({ solved, ask: { from = 1, to = 1 } }) => {
      const found = stretch(solved.table, from, to);
      return found.ok ? ok(found.value[part]) : found;
    },
  };
}

function afterRecord(title: string, words: string, applies: QuantityRecord['applies'], read: (asked: AskedCase, after: number) => Result<number>): QuantityRecord {
  return { title: `${title} a payment`, unit: 'money', needs: ['after'], applies, words: ({ after }) => `${words} ${after}`, read: (asked) => read(asked, asked.ask.after ?? 0) };
}

function whole(title: string, unit: QuantityUnit, applies: QuantityRecord['applies'], read: QuantityRecord['read']): QuantityRecord {
  return { title, unit, needs: [], applies, read, words: () => title };
}

function refinancingRecord(title: string, unit: QuantityUnit, read: (result: RefinancingResult) => Result<number>): QuantityRecord {
  return {
    title,
    unit,
    needs: [],
    refinancing: true,
    applies: (draft) => kindOf(draft).refinances,
    words: () => title,
    read: ({ solved, ask }) => {
      if (!ask.refinancing) return fail('blank', 'Say how it is refinanced: after which payment, at what rate, over how many payments.', { field: 'refinancing' });
      const found = refinance(solved.table, ask.refinancing);
      return found.ok ? read(found.value) : found;
    },
  };
}

/** Inside a table's rows, or a sentence. */
function within(after: number, { table }: SolvedCase): Result<number> {
  return Number.isInteger(after) && after >= 0 && after <= table.count
    ? ok(after)
    : fail('out-of-range', `The table has ${table.count} payments: ask about one from 0 to ${table.count}.`, { field: 'after' });
}

export const quantities: Readonly<Record<Quantity, QuantityRecord>> = {
  payment: slotRecord('payment', 'the payment', 'money', pays, ({ solved }) =>
    ok(solved.flat || (solved.plan.changes.length === 0 && solved.plan.rounding.payment === 'exact') ? solved.exact : solved.table.firstPayment),
  ),
  amount: slotRecord('amount', 'the amount at the start', 'money', anyPlan, ({ solved }) => ok(solved.exact)),
  'final-amount': slotRecord('finalAmount', 'the amount at the end', 'money', level, ({ solved }) => ok(solved.exact)),
  rate: slotRecord('rate', 'the rate, as the case quotes it', 'percent', anyPlan, ({ solved }) => percent(ok(solved.exact))),
  payments: slotRecord('payments', 'the number of payments', 'count', anyPlan, ({ solved }) =>
    ok(solved.said?.isWhole ? solved.said.count : solved.flat ? solved.shown : solved.exact),
  ),
  years: {
    title: 'the time in years',
    unit: 'years',
    needs: [],
    slot: 'payments',
    applies: anyPlan,
    words: () => 'the time in years',
    read: ({ solved, draft }) => ok((solved.said && !solved.said.isWhole ? solved.exact : solved.shown) / draft.paymentsPerYear),
  },
  'rate-per-payment': whole(
    'the rate per payment',
    'percent',
    () => true,
    ({ solved }) => percent(ok(solved.values.i)),
  ),
  nominal: whole(
    'the nominal rate a year',
    'percent',
    () => true,
    ({ solved, draft }) =>
      percent(convertRate({ kind: 'periodic', perPayment: solved.values.i }, { kind: 'nominal', annual: 0, compoundingsPerYear: draft.paymentsPerYear }, draft.paymentsPerYear)),
  ),
  effective: whole(
    'the effective rate a year',
    'percent',
    () => true,
    ({ solved, draft }) => percent(convertRate({ kind: 'periodic', perPayment: solved.values.i }, { kind: 'effective', annual: 0 }, draft.paymentsPerYear)),
  ),
  'rate-with-charges': whole('the rate with charges, as the case quotes it', 'percent', builtUp, (asked) => {
    const built = builtUpOf(asked);
    if (!built.ok) return built;
    const { solved, draft } = asked;
    const i = rateWithCharges({
      amount: solved.numbers.amount,
      fees: built.value.feesTaken,
      payment: solved.table.firstPayment,
      payments: solved.numbers.payments,
      finalAmount: solved.numbers.finalAmount,
      timing: draft.timing,
    });
    if (!i.ok) return i;
    const quoted = quoteRate(i.value, solved.rate, draft.paymentsPerYear);
    return quoted.ok ? percent(ok(quotedNumber(quoted.value))) : quoted;
  }),
  'balance-after': afterRecord('the balance after', 'the balance after payment', anyPlan, ({ solved }, after) => {
    const place = within(after, solved);
    return place.ok ? balanceAfter(solved.table, after) : place;
  }),
  'left-to-pay': afterRecord('what is left to pay after', 'what is left to pay after payment', owes, ({ solved }, after) => {
    const place = within(after, solved);
    return place.ok ? leftToPay(solved.table, after) : place;
  }),
  term: afterRecord('the term of the recurrence after', 'term V of the recurrence, number', level, ({ solved, draft }, after) => {
    const place = within(after, solved);
    if (!place.ok) return place;
    const { numbers, values } = solved;
    const stated = recurrenceOf(numbers.amount, values.i, solved.table.firstPayment, values.timing, isSaving(kindOf(draft)));
    return stated.ok ? term(stated.value, after) : stated;
  }),
  'interest-in': stretchRecord('the interest', anyPlan, 'interest'),
  'principal-in': stretchRecord('the principal', pays, 'principal'),
  'paid-in': stretchRecord('what is paid', pays, 'paid'),
  'total-paid': whole('the total of the payments', 'money', pays, ({ solved }) => ok(roundTo(solved.table.totalPaid, 6))),
  'total-interest': whole('the total interest', 'money', anyPlan, ({ solved }) => ok(roundTo(solved.table.totalInterest, 6))),
  'last-payment': whole('the last payment', 'money', pays, ({ solved }) => ok(solved.table.lastPayment)),
  'total-price': whole('the total price with what was paid down', 'money', builtUp, (asked) => {
    const built = builtUpOf(asked);
    return built.ok ? ok(roundTo(asked.solved.table.totalPaid + built.value.downPayment + built.value.tradeIn + asked.solved.numbers.finalAmount, 6)) : built;
  }),
  'amount-financed': whole('the amount financed', 'money', owes, ({ solved }) => ok(solved.numbers.amount)),
  'down-payment': whole('the down payment', 'money', builtUp, (asked) => {
    const built = builtUpOf(asked);
    return built.ok ? ok(built.value.downPayment) : built;
  }),
  'finance-charge': whole('the finance charge', 'money', owes, (asked) => {
    const { solved, draft } = asked;
    if (solved.flat) return ok(solved.flat.charge);
    const built = draft.buildUp ? builtUpOf(asked) : undefined;
    if (built && !built.ok) return built;
    return ok(roundTo(solved.table.totalInterest + (built?.value.feesTaken ?? 0), 6));
  }),
  'refinanced-payment': refinancingRecord('the payment after refinancing', 'money', ({ table }) => ok(table.firstPayment)),
  'refinancing-saves': refinancingRecord('what refinancing saves in all', 'money', ({ saves }) => ok(saves)),
  'paid-for-itself': refinancingRecord('the payment by which refinancing has paid for itself', 'count', ({ paidForItselfAfter }) =>
    paidForItselfAfter === undefined ? fail('not-reached', 'It never pays for itself.', { field: 'refinancing' }) : ok(paidForItselfAfter),
  ),
  converted: whole(
    'the same rate, quoted the other way',
    'percent',
    (draft) => !kindOf(draft).hasTable,
    ({ solved, draft }) => percent(convertRate({ kind: 'periodic', perPayment: solved.values.i }, quotedRate(draft.into, 0), draft.paymentsPerYear)),
  ),
};

/** The quantity a statement's `?` asks for. */
export function quantityOfSlot(slot: ValueSlot): Quantity {
  return ({ payment: 'payment', amount: 'amount', finalAmount: 'final-amount', rate: 'rate', payments: 'payments' } as const)[slot];
}

/** "the balance after payment 24" */
export function askInWords(ask: Ask): string {
  return quantities[ask.quantity].words(ask);
}
