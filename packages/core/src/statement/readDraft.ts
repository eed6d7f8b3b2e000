/** From a typed statement to numbers, with a sentence for each slot that cannot be read. */

import { namesOf } from '../records.ts';
import type { Problem } from '../result.ts';
import { numberStyleById, type NumberStyle } from '../money/numberStyle.ts';
import { readEntry, type Entry } from '../money/readEntry.ts';
import { readSlotText, type Named, type Scope } from '../money/expression.ts';
import { roundCent, roundTo } from '../money/roundMoney.ts';
import { LARGEST_AMOUNT } from '../annuity/fiveValues.ts';
import { ratePerPayment } from '../rates/quotedRate.ts';
import type { BuiltUp, SlotName } from '../case/statement.ts';
import type { BuildUp, StatementDraft } from './draft.ts';
import { kindOf } from '../case/kinds.ts';
import { quotedRate } from '../case/quote.ts';

export interface ReadDraft {
  /** Numbers of the slots; the unknown's is left out, as are those that cannot be read. Rates are fractions. */
  readonly numbers: Readonly<Partial<Record<SlotName, number>>>;
  readonly problems: Readonly<Partial<Record<SlotName, Problem>>>;
  /** Slots that are simply not filled in yet. */
  readonly missing: readonly SlotName[];
  /** What the names `price`, `amount`, … stand for. */
  readonly scope: Scope;
}

export const slotWords: Readonly<Record<SlotName, string>> = {
  amount: 'amount',
  rate: 'rate',
  payments: 'number of payments',
  payment: 'payment',
  finalAmount: 'amount at the end',
  converted: 'other rate',
};

/**
 * Reads every slot but the unknown one, in the number style the draft is written in.
 *
 * @param names what else a slot may name: the givens of an exercise, earlier answers. Rates among them are in percent
 */
export function readDraft(draft: StatementDraft, names: Scope = {}): ReadDraft {
  const style = numberStyleById(draft.numberStyle);
  const numbers: Partial<Record<SlotName, number>> = {};
  const problems: Partial<Record<SlotName, Problem>> = {};
  const missing: SlotName[] = [];
  const scope = { ...scopeOf(draft, style, names), ...names };
  for (const slot of kindOf(draft).slots) {
    if (slot === draft.unknown) continue;
    if (slot === 'amount' && draft.buildUp) {
      const built = readBuildUp(draft.buildUp, style, names);
      if (!built.ok) {
        if (built.problem.code === 'blank') missing.push(slot);
        else problems[slot] = { ...built.problem, field: slot };
      } else numbers[slot] = built.value.amount;
      continue;
    }
    const text = draft.slots[slot];
    if (text.trim() === '') {
      missing.push(slot);
      continue;
    }
    const entry = readSlotText(text, scope, style);
    if (!entry.ok) {
      const expression = /[+*/^×÷()]/.test(text);
      problems[slot] = expression
        ? { ...entry.problem, field: slot }
        : {
            ...entry.problem,
            message:
              Object.keys(names).length > 0
                ? `“${text.trim()}” is neither a number nor a given or an answer of this exercise.`
                : `The ${slotWords[slot]} should be a number, and this is not one.`,
            field: slot,
          };
      continue;
    }
    const found = slotNumber(slot, entry.value, draft);
    if (typeof found === 'number') numbers[slot] = found;
    else problems[slot] = { ...found, field: slot };
  }
  return { numbers, problems, missing, scope };
}

/** Names a slot may use: the other slots that hold a plain number, and the price of a build-up. */
function scopeOf(draft: StatementDraft, style: NumberStyle, names: Scope): Scope {
  const scope: Record<string, Named> = {};
  const add = (name: string, text: string): void => {
    const entry = name === 'price' ? readSlotText(text, names, style) : readEntry(text, style);
    if (entry.ok) scope[name] = entry.value.percent ? entry.value.value / 100 : entry.value.value;
  };
  add('amount', draft.slots.amount);
  add('payments', draft.slots.payments);
  if (draft.unknown !== 'payment') add('payment', draft.slots.payment);
  if (draft.buildUp) add('price', draft.buildUp.price);
  return scope;
}

function slotNumber(slot: SlotName, entry: Entry, draft: StatementDraft): number | Problem {
  const { value, percent, unit } = entry;
  if (slot === 'rate' || slot === 'converted') {
    // A rate slot speaks in percent: 6.6 and 6.6 % both are 0.066.
    if (!kindOf(draft).compounds)
      return value < 0 || value > 10_000
        ? { code: 'out-of-range', message: 'A flat charge is from 0 % to 10,000 %.' }
        : value / 100;
    const rate = ratePerPayment(
      quotedRate(slot === 'rate' ? draft.quote : draft.into, value / 100),
      draft.paymentsPerYear,
    );
    return rate.ok ? value / 100 : rate.problem;
  }
  if (slot === 'payments') {
    if (percent) return { code: 'not-a-number', message: 'A number of payments has no percent sign.' };
    const count = value * paymentsPer(unit, draft.paymentsPerYear);
    if (count <= 0) return { code: 'no-payments', message: 'There must be at least one payment.' };
    if (Math.abs(count - roundTo(count, 0)) > 1e-9)
      return { code: 'out-of-range', message: 'The number of payments must come out whole.' };
    if (count > 12_000) return { code: 'out-of-range', message: 'At most 12,000 payments can be put in a table.' };
    return roundTo(count, 0);
  }
  return moneyNumber(entry, slotWords[slot]);
}

function paymentsPer(unit: Entry['unit'], paymentsPerYear: number): number {
  return unit === 'years'
    ? paymentsPerYear
    : unit === 'months'
      ? paymentsPerYear / 12
      : unit === 'weeks'
        ? paymentsPerYear / 52
        : 1;
}

function moneyNumber({ value, percent, unit }: Entry, words: string): number | Problem {
  if (percent) return { code: 'not-a-number', message: `The ${words} is an amount of money, not a percentage.` };
  if (unit) return { code: 'not-a-number', message: `The ${words} is an amount of money, not a time.` };
  if (value < 0)
    return {
      code: 'out-of-range',
      message: `The ${words} cannot be below zero: the words beside it say which way the money goes.`,
    };
  if (value >= LARGEST_AMOUNT)
    return { code: 'out-of-range', message: `The ${words} is too large to keep exact to the cent.` };
  return value;
}

const partWords: Readonly<Record<keyof BuildUp, string>> = {
  price: 'price',
  downPayment: 'down payment',
  tradeIn: 'trade-in',
  feesAdded: 'fees added',
  feesTaken: 'fees taken out',
};

/** Reads a build-up. Parts left empty are nothing; the price is needed. A field in a problem is `buildUp.price` and so on. */
export function readBuildUp(
  buildUp: BuildUp,
  style: NumberStyle,
  names: Scope = {},
): { readonly ok: true; readonly value: BuiltUp } | { readonly ok: false; readonly problem: Problem } {
  const found: Record<keyof BuildUp, number> = { price: 0, downPayment: 0, tradeIn: 0, feesAdded: 0, feesTaken: 0 };
  let share: Pick<BuiltUp, 'downPaymentShare'> = {};
  for (const part of namesOf(partWords)) {
    const text = buildUp[part];
    const field = `buildUp.${part}`;
    if (text.trim() === '') {
      if (part === 'price') return { ok: false, problem: { code: 'blank', message: 'Write the price first.', field } };
      continue;
    }
    const entry = readSlotText(text, part === 'price' ? names : { ...names, price: found.price }, style);
    if (!entry.ok) return { ok: false, problem: { ...entry.problem, field } };
    const { value, percent } = entry.value;
    if (percent && part !== 'downPayment')
      return {
        ok: false,
        problem: { code: 'not-a-number', message: `The ${partWords[part]} should be money.`, field },
      };
    const number = moneyNumber(
      { ...entry.value, percent: false, value: percent ? roundCent((found.price * value) / 100) : value },
      partWords[part],
    );
    if (typeof number !== 'number') return { ok: false, problem: { ...number, field } };
    found[part] = number;
    if (percent) share = { downPaymentShare: value / 100 };
  }
  const amount = roundCent(found.price - found.downPayment - found.tradeIn + found.feesAdded);
  if (amount < 0)
    return {
      ok: false,
      problem: {
        code: 'out-of-range',
        message: 'The down payment and the trade-in come to more than the price: nothing is left to finance.',
        field: 'buildUp.downPayment',
      },
    };
  if (found.feesTaken > amount)
    return {
      ok: false,
      problem: {
        code: 'out-of-range',
        message: 'The fees taken out are more than the amount.',
        field: 'buildUp.feesTaken',
      },
    };
  return { ok: true, value: { ...found, ...share, amount, proceeds: roundCent(amount - found.feesTaken) } };
}

/** The price that leads to an amount financed, for when the amount is what was asked. */
export function priceFor(amount: number, buildUp: BuildUp, style: NumberStyle): number | undefined {
  const number = (text: string): Entry | undefined => {
    const entry = readEntry(text, style);
    return entry.ok ? entry.value : undefined;
  };
  const down = number(buildUp.downPayment);
  const rest = amount + (number(buildUp.tradeIn)?.value ?? 0) - (number(buildUp.feesAdded)?.value ?? 0);
  const price = down?.percent ? rest / (1 - down.value / 100) : rest + (down?.value ?? 0);
  return Number.isFinite(price) && price >= 0 ? roundCent(price) : undefined;
}
