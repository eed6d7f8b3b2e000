/**
 * What a person puts into a computation, and what comes out: the same closed forms as the mathematics, but over inputs
 * that may be wrong. Slips change the inputs or the method; nothing here knows of them.
 */

import { roundCent, roundTo } from '../money/roundMoney.ts';
import { quotedNumber, quoteRate, type QuotedRate } from '../rates/quotedRate.ts';
import { accumulation, growthLessOne, type Timing, type Unknown } from '../annuity/fiveValues.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { buildTable } from '../table/buildTable.ts';
import type { Plan } from '../table/plan.ts';
import { isSaving, kindOf } from '../case/kinds.ts';
import { quantities, type Quantity } from '../case/quantities.ts';
import { styleOf, type Question } from '../case/question.ts';
import { readBuildUp } from '../case/readDraft.ts';
import { quotedRate } from '../case/quote.ts';

export interface Inputs {
  readonly n: number;
  /** Rate per payment, a fraction. */
  readonly i: number;
  /** The rate as the case quotes it, a fraction. */
  readonly quoted: number;
  readonly amount: number;
  /** Where the case states one; where it is worked out, from these inputs. */
  readonly payment: number | undefined;
  readonly finalAmount: number;
  readonly timing: Timing;
  /** Payments a year. */
  readonly p: number;
  readonly after: number;
  readonly from: number;
  readonly to: number;
  readonly price: number;
  readonly downPayment: number;
  readonly tradeIn: number;
  readonly feesAdded: number;
  readonly feesTaken: number;
  /** Signs of what comes in and goes out, which a person may get wrong: 1 as they should be. */
  readonly pvSign: 1 | -1;
  readonly pmtSign: 1 | -1;
  readonly fvSign: 1 | -1;
}

/** The right inputs of a question. */
export function inputsOf(question: Question): Inputs {
  const { solved, draft, ask, names } = question;
  const { numbers, values } = solved;
  const built = draft.buildUp ? readBuildUp(draft.buildUp, styleOf(question), names) : undefined;
  const parts = built?.ok ? built.value : { price: numbers.amount, downPayment: 0, tradeIn: 0, feesAdded: 0, feesTaken: 0 };
  return {
    n: solved.unknown === 'payments' ? values.n : numbers.payments,
    i: values.i,
    // A flat charge is quoted as a share of the whole amount; the rate it comes to is another number.
    quoted: kindOf(draft).compounds ? quotedNumber(solved.rate) : numbers.rate,
    amount: numbers.amount,
    payment: solved.unknown === 'payment' ? undefined : numbers.payment,
    finalAmount: numbers.finalAmount,
    timing: values.timing,
    p: draft.paymentsPerYear,
    after: ask.after ?? 0,
    from: ask.from ?? 1,
    to: ask.to ?? 1,
    price: parts.price,
    downPayment: parts.downPayment,
    tradeIn: parts.tradeIn,
    feesAdded: parts.feesAdded,
    feesTaken: parts.feesTaken,
    pvSign: 1,
    pmtSign: 1,
    fvSign: 1,
  };
}

/** Inputs changed; the amount follows where what it is built from changed. */
export function changed(inputs: Inputs, change: Partial<Inputs>): Inputs {
  return { ...inputs, ...change };
}

/**
 * What the inputs give for a quantity, in the answer's unit: usually one number; for readings one with the payment
 * rounded to the cent on the way and one without, as people do either.
 */
export function compute(question: Question, inputs: Inputs, quantity: Quantity = question.ask.quantity): number[] {
  return computed(question, inputs, quantity).filter(Number.isFinite);
}

const slotUnknown: Partial<Record<Quantity, Unknown>> = { payment: 'pmt', amount: 'pv', 'final-amount': 'fv', rate: 'i', payments: 'n', years: 'n' };

function computed(question: Question, inputs: Inputs, quantity: Quantity): number[] {
  const { draft, solved } = question;
  const { n, i, p } = inputs;
  if (!kindOf(draft).compounds) return flat(question, inputs, quantity);
  switch (quantity) {
    case 'rate-per-payment':
      return [(solved.unknown === 'rate' ? solvedRate(question, inputs) : i) * 100];
    case 'nominal':
      return [(solved.unknown === 'rate' && kindOf(draft).hasTable ? solvedRate(question, inputs) : i) * p * 100];
    case 'effective':
      return [growthLessOne(solved.unknown === 'rate' && kindOf(draft).hasTable ? solvedRate(question, inputs) : i, p) * 100];
    case 'converted': {
      const into = quoteRate(i, quotedRate(draft.into, 0), p);
      return into.ok ? [quotedNumber(into.value) * 100] : [];
    }
    case 'amount-financed':
      return [inputs.amount];
    case 'down-payment':
      return [inputs.downPayment];
    case 'rate-with-charges': {
      const payment = solved.table.firstPayment;
      const found = solveFor('i', { n, pv: inputs.amount - inputs.feesTaken, pmt: -payment, fv: -inputs.finalAmount, timing: inputs.timing });
      return found.ok ? quoteBack(question, found.value) : [];
    }
    case 'refinanced-payment':
    case 'refinancing-saves':
    case 'paid-for-itself':
      return [];
    default:
  }
  const unknown = slotUnknown[quantity];
  if (solved.plan.changes.length > 0) return fromTable(question, inputs, quantity);
  if (unknown) {
    const value = solveUnknown(question, inputs, unknown);
    if (value === undefined) return [];
    if (unknown === 'i') return quoteBack(question, value);
    if (unknown === 'n') return [quantity === 'years' ? value / p : value];
    return [value];
  }
  return payments(question, inputs).flatMap((payment) => reading(question, inputs, payment, quantity) ?? []);
}

/** One of the five values from the others, as a positive amount with its way; undefined where there is none. */
export function solveUnknown({ draft }: Question, inputs: Inputs, unknown: Unknown): number | undefined {
  const way = kindOf(draft).directions;
  const found = solveFor(unknown, {
    n: inputs.n,
    i: inputs.i,
    pv: way.pv * inputs.pvSign * inputs.amount,
    pmt: way.pmt * inputs.pmtSign * (inputs.payment ?? 0),
    fv: way.fv * inputs.fvSign * inputs.finalAmount,
    timing: inputs.timing,
  });
  if (!found.ok) return undefined;
  return unknown === 'n' || unknown === 'i' ? found.value : found.value * way[unknown];
}

function solvedRate(question: Question, inputs: Inputs): number {
  return solveUnknown(question, inputs, 'i') ?? NaN;
}

function quoteBack({ solved, draft }: Question, i: number): number[] {
  const quoted = quoteRate(i, solved.rate, draft.paymentsPerYear);
  return quoted.ok ? [quotedNumber(quoted.value) * 100] : [];
}

/** The payment to go on with: as the case states it, or worked out from the inputs, to the cent and with all its digits. */
export function payments(question: Question, inputs: Inputs): number[] {
  if (inputs.payment !== undefined) return [inputs.payment];
  const exact = solveUnknown(question, inputs, 'pmt');
  if (exact === undefined || !Number.isFinite(exact)) return [];
  const rounded = roundCent(exact);
  return rounded === exact ? [exact] : [rounded, exact];
}

/** What is owed, saved or left after k payments, by the closed form. */
export function balanceAt({ draft }: Question, inputs: Inputs, payment: number, k: number): number {
  const saving = isSaving(kindOf(draft));
  const grown = inputs.pvSign * inputs.amount * (1 + growthLessOne(inputs.i, k));
  const paid = inputs.pmtSign * payment * accumulation(inputs.i, k, inputs.timing);
  return saving ? grown + paid : grown - paid;
}

/** A reading of a level plan with a payment. */
export function reading(question: Question, inputs: Inputs, payment: number, quantity: Quantity): number | undefined {
  const saving = isSaving(kindOf(question.draft));
  const { n, amount, finalAmount } = inputs;
  const total = n * payment;
  switch (quantity) {
    case 'balance-after':
    case 'term':
      return balanceAt(question, inputs, payment, inputs.after);
    case 'left-to-pay':
      return (n - inputs.after) * payment + finalAmount;
    case 'paid-in':
      return (inputs.to - inputs.from + 1) * payment;
    case 'principal-in':
    case 'interest-in': {
      const moved = balanceAt(question, inputs, payment, inputs.to) - balanceAt(question, inputs, payment, inputs.from - 1);
      const paid = (inputs.to - inputs.from + 1) * payment;
      if (quantity === 'principal-in') return saving ? moved : -moved;
      return saving ? moved - paid : paid + moved;
    }
    case 'total-paid':
      return total;
    case 'total-interest':
      return saving ? finalAmount - amount - total : total - amount + finalAmount;
    case 'finance-charge':
      return total - amount + finalAmount + inputs.feesTaken;
    case 'total-price':
      return total + inputs.downPayment + inputs.tradeIn + finalAmount;
    case 'last-payment': {
      const before = balanceAt(question, inputs, payment, Math.ceil(n) - 1);
      return inputs.timing === 'begin' ? before - finalAmount / (1 + inputs.i) : before * (1 + inputs.i) - finalAmount;
    }
    default:
      return undefined;
  }
}

/** With changes on the way the whole table is run with the inputs. */
function fromTable(question: Question, inputs: Inputs, quantity: Quantity): number[] {
  const { solved, ask, draft } = question;
  if (quantities[quantity].slot && quantities[quantity].slot !== 'payment' && quantities[quantity].slot !== 'payments') return [];
  const n = roundTo(inputs.n, 0);
  const rate: QuotedRate = inputs.i === solved.values.i ? solved.plan.rate : { kind: 'periodic', perPayment: inputs.i };
  if (!(n >= 1) || inputs.amount < 0 || inputs.finalAmount < 0) return [];
  const plan: Plan = {
    ...solved.plan,
    amount: inputs.amount,
    finalAmount: inputs.finalAmount,
    timing: inputs.timing,
    rate,
    payments: n,
    ...(inputs.payment === undefined ? {} : { payment: inputs.payment }),
    // A change after the last payment of a wrong count is never reached.
    changes: solved.plan.changes.filter((change) =>
      'after' in change ? change.after < n : 'through' in change ? change.through < n : 'before' in change ? change.before <= n : change.from <= n,
    ),
  };
  const table = buildTable(plan);
  if (!table.ok) return [];
  const found = quantities[quantity].read({
    draft,
    solved: { ...solved, plan, table: table.value, exact: table.value.firstPayment, shown: table.value.count },
    ask: { ...ask, after: inputs.after, from: inputs.from, to: inputs.to },
    names: question.names,
  });
  return found.ok ? [found.value] : [];
}

/** Flat charges: on the whole amount for the whole time. */
function flat(question: Question, inputs: Inputs, quantity: Quantity): number[] {
  const { draft, solved } = question;
  const { amount, n, quoted, p } = inputs;
  const time = draft.flatBy === 'a-year' ? n / p : 1;
  const charge = amount * quoted * time;
  const payment = inputs.payment ?? (amount + charge) / n;
  const rate = (): number => {
    const found = solveFor('i', { n, pv: amount, pmt: -roundCent(payment), fv: 0, timing: inputs.timing });
    return found.ok ? found.value : NaN;
  };
  switch (quantity) {
    case 'payment':
      return [(amount + charge) / n];
    case 'finance-charge':
    case 'total-interest':
      return solved.unknown === 'payment' ? [charge, roundCent(payment) * n - amount] : [payment * n - amount];
    case 'total-paid':
      return [payment * n, roundCent(payment) * n];
    case 'total-price':
      return [payment * n + inputs.downPayment + inputs.tradeIn];
    case 'amount-financed':
      return [amount];
    case 'down-payment':
      return [inputs.downPayment];
    case 'rate':
      return [(((payment * n) / amount - 1) / time) * 100];
    case 'amount':
      return [(payment * n) / (1 + quoted * time)];
    case 'payments':
      return [draft.flatBy === 'a-year' ? amount / (payment - (amount * quoted) / p) : (amount * (1 + quoted)) / payment];
    case 'rate-per-payment':
      return [rate() * 100];
    case 'nominal':
      return [rate() * p * 100];
    case 'effective':
      return [growthLessOne(rate(), p) * 100];
    case 'balance-after':
    case 'interest-in':
    case 'principal-in':
    case 'left-to-pay':
    case 'paid-in': {
      const value = reading(question, { ...inputs, i: solved.values.i }, payment, quantity);
      return value === undefined ? [] : [value];
    }
    default:
      return [];
  }
}
