/** What happens where a reference is not fixed: copied down it slides, and the column fills with what it meets. */

import { roundCent } from '../../money/roundMoney.ts';
import type { TaughtInput, TaughtSheet } from './taughtSheet.ts';
import type { Forgotten, ForgottenRow } from './drawn.ts';

/** The row that is copied; its own references are right. */
const COPIED = 2;
const SHOWN_ROWS = 3;

interface Slid {
  readonly at: string;
  readonly holds: string;
  /** Not a number where text stands in the cell. */
  readonly value: number;
}

interface Shown {
  readonly input: (input: TaughtInput) => string;
  readonly money: (value: number) => string;
}

/**
 * The rate or the payment not fixed: the payments below, what they read then, and what comes of it.
 *
 * @param inCents whether the interest is rounded
 */
export function forgottenFixing(
  sheet: TaughtSheet,
  id: 'rate' | 'payment',
  inCents: boolean,
  shown: Shown,
): Forgotten | undefined {
  const input = sheet.input(id);
  if (!input || sheet.count < COPIED + 1) return undefined;
  const rows: ForgottenRow[] = [];
  // In advance the interest is taken on what is there once the payment is made.
  const begin = /\([A-Z]\d+[-+]/.test(sheet.row(1).interest?.formula ?? '');
  let before = sheet.row(COPIED).after?.value ?? NaN;
  for (let k = COPIED + 1; k <= Math.min(sheet.count, COPIED + SHOWN_ROWS); k += 1) {
    const slid = slidTo(sheet, input, k - COPIED, shown);
    const own = { rate: sheet.input('rate')?.value ?? NaN, payment: sheet.input('payment')?.value ?? NaN };
    const read = { ...own, [id]: slid.value };
    const out = read.payment + (sheet.row(k).extra?.value ?? 0);
    const sign = sheet.saving ? 1 : -1;
    const base = begin ? before + sign * out : before;
    const exact = base * read.rate * perPayment(sheet);
    const interest = inCents ? roundCent(exact) : exact;
    const value = id === 'rate' ? interest : read.payment;
    rows.push({
      payment: k,
      reads: `${slid.at} · ${slid.holds}`,
      shows: Number.isFinite(value) ? shown.money(value) : 'an error: text is no number',
    });
    if (!Number.isFinite(value)) break;
    before = before + sign * out + interest;
  }
  const holds = id === 'rate' ? 'the rate' : `the ${sheet.words.paid === 'deposit' ? 'deposit' : 'payment'}`;
  return {
    at: input.at,
    holds,
    says: `If ${input.at} is not fixed and row ${COPIED} is copied down, ${rows.map(({ payment, reads }) => `payment ${payment} reads ${reads.replace(' · ', ', ')}`).join('; ')}.`,
    rows,
  };
}

/** What the rate a year is divided by in the formula of the interest; 1 where the cell holds the rate for one payment. */
function perPayment(sheet: TaughtSheet): number {
  const divided = /\$\d+\/(\d+)/.exec(sheet.row(1).interest?.formula ?? '')?.[1];
  return divided === undefined ? 1 : 1 / Number(divided);
}

/** The cell so many lines below an input, and what is in it. */
function slidTo(sheet: TaughtSheet, from: TaughtInput, by: number, { input: write, money }: Shown): Slid {
  const line = Number(from.at.slice(1)) + by;
  const at = `B${line}`;
  const found = sheet.inputs.find((each) => each.at === at);
  if (found) return { at, holds: `${found.label} ${write(found)}`, value: found.value };
  if (line === sheet.head) return { at, holds: `the title “${sheet.words.before}”`, value: NaN };
  if (line > sheet.head) {
    const value = sheet.row(line - sheet.head).before?.value ?? NaN;
    return { at, holds: `${sheet.words.before} payment ${line - sheet.head}, ${money(value)}`, value };
  }
  return { at, holds: 'an empty cell', value: 0 };
}
