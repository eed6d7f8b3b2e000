/**
 * What a person puts into a computation, and what the five values make of it: the same closed forms as the mathematics,
 * but over inputs that may be wrong. Slips change the inputs or the method; nothing here knows of them.
 */

import { roundCent } from '../money/roundMoney.ts';
import { quotedNumber, quoteRate } from '../rates/quotedRate.ts';
import { accumulation, growthLessOne, type Unknown } from '../annuity/fiveValues.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { isSaving, kindOf } from './kinds.ts';
import type { AskedCase, Inputs } from './quantity.ts';

/** The right inputs of a question. */
export function inputsOf({ solved, statement, ask }: AskedCase): Inputs {
  const { numbers, values } = solved;
  const plain = { price: numbers.amount, downPayment: 0, tradeIn: 0, feesAdded: 0, feesTaken: 0 };
  const { price, downPayment, tradeIn, feesAdded, feesTaken } = statement.buildUp ?? plain;
  return {
    n: solved.unknown === 'payments' ? values.n : numbers.payments,
    i: values.i,
    // A flat charge is quoted as a share of the whole amount; the rate it comes to is another number.
    quoted: kindOf(statement).compounds ? quotedNumber(solved.rate) : numbers.rate,
    amount: numbers.amount,
    payment: solved.unknown === 'payment' ? undefined : numbers.payment,
    finalAmount: numbers.finalAmount,
    timing: values.timing,
    p: statement.paymentsPerYear,
    after: ask.after ?? 0,
    from: ask.from ?? 1,
    to: ask.to ?? 1,
    price,
    downPayment,
    tradeIn,
    feesAdded,
    feesTaken,
    pvSign: 1,
    pmtSign: 1,
    fvSign: 1,
  };
}

/** Inputs with some of them changed. */
export function changed(inputs: Inputs, change: Partial<Inputs>): Inputs {
  return { ...inputs, ...change };
}

/** One of the five values from the others, as a positive amount with its way; undefined where there is none. */
export function solveUnknown(
  { statement }: Pick<AskedCase, 'statement'>,
  inputs: Inputs,
  unknown: Unknown,
): number | undefined {
  const { directions } = kindOf(statement);
  const found = solveFor(unknown, {
    n: inputs.n,
    i: inputs.i,
    pv: directions.pv * inputs.pvSign * inputs.amount,
    pmt: directions.pmt * inputs.pmtSign * (inputs.payment ?? 0),
    fv: directions.fv * inputs.fvSign * inputs.finalAmount,
    timing: inputs.timing,
  });
  if (!found.ok) return undefined;
  return unknown === 'n' || unknown === 'i' ? found.value : found.value * directions[unknown];
}

/** A rate per payment as the case quotes it, in percent; nothing where it cannot be quoted so. */
export function quoteBack({ solved, statement }: AskedCase, i: number): number[] {
  const quoted = quoteRate(i, solved.rate, statement.paymentsPerYear);
  return quoted.ok ? [quotedNumber(quoted.value) * 100] : [];
}

/** The payment to go on with: as the case states it, or worked out from the inputs, to the cent and with all its digits. */
export function payments(asked: Pick<AskedCase, 'statement'>, inputs: Inputs): number[] {
  if (inputs.payment !== undefined) return [inputs.payment];
  const exact = solveUnknown(asked, inputs, 'pmt');
  if (exact === undefined || !Number.isFinite(exact)) return [];
  const rounded = roundCent(exact);
  return rounded === exact ? [exact] : [rounded, exact];
}

/** What is owed, saved or left after k payments, by the closed form. */
export function balanceAt(
  { statement }: Pick<AskedCase, 'statement'>,
  inputs: Inputs,
  payment: number,
  k: number,
): number {
  const grown = inputs.pvSign * inputs.amount * (1 + growthLessOne(inputs.i, k));
  const paid = inputs.pmtSign * payment * accumulation(inputs.i, k, inputs.timing);
  return isSaving(kindOf(statement)) ? grown + paid : grown - paid;
}
