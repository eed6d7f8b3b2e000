/** From a typed statement to numbers, with a sentence for each slot that cannot be read. */

import type { Problem } from '../result.ts';
import { readEntry } from '../money/readEntry.ts';
import { LARGEST_AMOUNT } from '../annuity/fiveValues.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import type { QuotedRate } from '../rates/quotedRate.ts';
import { ratePerPayment } from '../rates/quotedRate.ts';
import { slotNames, type RateQuote, type SlotName, type StatementDraft } from './draft.ts';

/** Numbers of the slots; the unknown's is left out, as are those that cannot be read. */
export interface StatementNumbers {
  readonly amount?: number;
  /** The number quoted, a fraction. */
  readonly rate?: number;
  readonly payments?: number;
  readonly payment?: number;
  readonly finalAmount?: number;
}

export interface ReadDraft {
  readonly numbers: StatementNumbers;
  readonly problems: Readonly<Partial<Record<SlotName, Problem>>>;
  /** Slots that are simply not filled in yet. */
  readonly missing: readonly SlotName[];
}

const names: Readonly<Record<SlotName, string>> = {
  amount: 'amount',
  rate: 'rate',
  payments: 'number of payments',
  payment: 'payment',
  finalAmount: 'amount at the end',
};

/** Reads every slot but the unknown one. */
export function readDraft(draft: StatementDraft, style: NumberStyle): ReadDraft {
  const numbers: Partial<Record<SlotName, number>> = {};
  const problems: Partial<Record<SlotName, Problem>> = {};
  const missing: SlotName[] = [];
  for (const slot of slotNames) {
    if (slot === draft.unknown) continue;
    const text = draft.slots[slot];
    if (text.trim() === '') {
      missing.push(slot);
      continue;
    }
    const entry = readEntry(text, style);
    if (!entry.ok) {
      problems[slot] = { ...entry.problem, message: `The ${names[slot]} should be a number, and this is not one.`, field: slot };
      continue;
    }
    const found = slotNumber(slot, entry.value, draft);
    if (typeof found === 'number') numbers[slot] = found;
    else problems[slot] = { ...found, field: slot };
  }
  return { numbers, problems, missing };
}

function slotNumber(slot: SlotName, entry: { value: number; percent: boolean; unit?: string }, draft: StatementDraft): number | Problem {
  const { value, percent, unit } = entry;
  if (slot === 'rate') {
    // A rate slot speaks in percent: 6.6 and 6.6 % both are 0.066.
    const rate = ratePerPayment(quotedRate(draft.quote, value / 100), draft.paymentsPerYear);
    return rate.ok ? value / 100 : rate.problem;
  }
  if (slot === 'payments') {
    if (percent) return { code: 'not-a-number', message: 'A number of payments has no percent sign.' };
    const perUnit = unit === 'years' ? draft.paymentsPerYear : unit === 'months' ? draft.paymentsPerYear / 12 : unit === 'weeks' ? draft.paymentsPerYear / 52 : 1;
    const count = value * perUnit;
    if (count <= 0) return { code: 'no-payments', message: 'There must be at least one payment.' };
    if (Math.abs(count - Math.round(count)) > 1e-9) return { code: 'out-of-range', message: 'The number of payments must come out whole.' };
    if (count > 12_000) return { code: 'out-of-range', message: 'At most 12,000 payments can be put in a table.' };
    return Math.round(count);
  }
  if (percent) return { code: 'not-a-number', message: `The ${names[slot]} is an amount of money, not a percentage.` };
  if (unit) return { code: 'not-a-number', message: `The ${names[slot]} is an amount of money, not a time.` };
  if (value < 0) return { code: 'out-of-range', message: `The ${names[slot]} cannot be below zero: the words beside it say which way the money goes.` };
  if (value >= LARGEST_AMOUNT) return { code: 'out-of-range', message: `The ${names[slot]} is too large to keep exact to the cent.` };
  return value;
}

/** A rate as quoted in a statement with a number in it. */
export function quotedRate(quote: RateQuote, number: number): QuotedRate {
  switch (quote.kind) {
    case 'nominal':
      return { kind: 'nominal', annual: number, compoundingsPerYear: quote.compounding };
    case 'effective':
      return { kind: 'effective', annual: number };
    case 'periodic':
      return { kind: 'periodic', perPayment: number };
    case 'daily':
      return { kind: 'daily', annual: number, daysPerYear: quote.daysPerYear, daysPerPeriod: quote.daysPerPeriod };
  }
}
