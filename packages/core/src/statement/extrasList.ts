/** Irregular extra payments as a list: one a line, or parted by semicolons; a payment's number and an amount, or a rule. */

import { monthNames } from '../monthNames.ts';
import { readEntry } from '../money/readEntry.ts';
import { roundTo } from '../money/roundMoney.ts';
import { writeMoney, type NumberStyle } from '../money/numberStyle.ts';
import { paymentDate } from '../table/calendar.ts';

export interface ExtraPayment {
  readonly payment: number;
  readonly amount: number;
}

export interface UnreadLine {
  /** Counted from 1. */
  readonly line: number;
  readonly text: string;
  readonly why: string;
}

export interface ReadExtras {
  /** By payment number; two of one payment are added up. */
  readonly extras: readonly ExtraPayment[];
  readonly unread: readonly UnreadLine[];
}

/** When payments fall, for rules such as "every January". */
export interface ExtrasCalendar {
  /** `YYYY-MM-DD`, or nothing. */
  readonly firstPaymentDate: string;
  readonly paymentsPerYear: number;
  /** The number of the last payment that is planned, where it is known. */
  readonly last?: number;
}

/** A list takes at most so many extra payments. */
export const MOST_EXTRAS = 500;
/** Rules go on to here where the last payment is not known. */
const LAST_BY_RULE = 480;

/** Reads a list; lines that cannot be read are named, and the rest is kept. */
export function readExtras(text: string, style: NumberStyle, calendar: ExtrasCalendar): ReadExtras {
  const found = new Map<number, number>();
  const unread: UnreadLine[] = [];
  text.split(/[\n;]/).forEach((each, at) => {
    const line = each.trim();
    if (line === '') return;
    const read = readLine(line, style, calendar);
    if (typeof read === 'string') unread.push({ line: at + 1, text: line, why: read });
    else for (const { payment, amount } of read) found.set(payment, roundTo((found.get(payment) ?? 0) + amount, 6));
  });
  const extras = [...found].map(([payment, amount]) => ({ payment, amount })).sort((a, b) => a.payment - b.payment);
  if (extras.length <= MOST_EXTRAS) return { extras, unread };
  const why = `A list takes at most ${MOST_EXTRAS} extra payments; there are ${extras.length}.`;
  return { extras: extras.slice(0, MOST_EXTRAS), unread: [...unread, { line: MOST_EXTRAS + 1, text: '', why }] };
}

const RULE =
  /^every\s+(?:(\d{1,4})(?:\s*(?:th|st|nd|rd))?(?:\s+payments?)?(?:\s+from(?:\s+payment)?\s+(\d{1,5}))?|([a-z]+))\s*[:\t ]\s*(.+)$/i;
const SINGLE = /^(?:payment\s+)?(\d{1,5})\s*(?:[:\t]|\s)\s*(.+)$/i;

/** The list with each amount written otherwise; payment numbers, and lines that are none, stay as they are. */
export function mapAmounts(text: string, change: (amount: string) => string): string {
  return text.replace(/[^\n;]+/g, (line) => {
    const amount = RULE.exec(line.trim())?.[4] ?? SINGLE.exec(line.trim())?.[2];
    return amount === undefined ? line : `${line.trimEnd().slice(0, -amount.length)}${change(amount)}`;
  });
}

/** "12: 500", "12 500", "every 12 from 3: 500", "every January: 500"; a sentence where it is none of them. */
function readLine(line: string, style: NumberStyle, calendar: ExtrasCalendar): ExtraPayment[] | string {
  const rule = RULE.exec(line);
  const single = SINGLE.exec(line);
  const written = rule?.[4] ?? single?.[2];
  if (written === undefined) return 'A payment’s number and an amount are expected, such as 12: 500.';
  const entry = readEntry(written.replace(/^[:=]\s*/, ''), style);
  if (!entry.ok) return `“${written}” is no amount.`;
  const amount = entry.value.value;
  if (entry.value.percent || !(amount >= 0)) return 'An extra payment is an amount of money, not below zero.';
  if (rule) {
    const places =
      rule[3] === undefined
        ? stepping(Number(rule[1]), Number(rule[2] ?? rule[1]), calendar.last ?? LAST_BY_RULE)
        : monthly(rule[3], calendar);
    return typeof places === 'string' ? places : places.map((payment) => ({ payment, amount }));
  }
  const payment = Number(single?.[1]);
  if (payment < 1) return 'Payments are counted from 1.';
  const { last = payment } = calendar;
  return payment <= last ? [{ payment, amount }] : `The last payment is payment ${last}.`;
}

function stepping(every: number, from: number, last: number): number[] | string {
  if (every < 1 || from < 1) return 'Payments are counted from 1.';
  const places: number[] = [];
  for (let k = from; k <= last; k += every) places.push(k);
  return places;
}

/** The first payment that falls in a month, each year. */
function monthly(
  name: string,
  { firstPaymentDate, paymentsPerYear, last = LAST_BY_RULE }: ExtrasCalendar,
): number[] | string {
  const month = monthNames.findIndex((each) => each.startsWith(name.toLowerCase()) && name.length >= 3) + 1;
  if (month === 0) return `“${name}” is no month.`;
  if (firstPaymentDate === '') return 'To know the months, give the date of payment 1 above the table.';
  const places: number[] = [];
  let year = '';
  for (let k = 1; k <= last; k += 1) {
    const date = paymentDate(firstPaymentDate, paymentsPerYear, k);
    if (Number(date.slice(5, 7)) !== month || date.slice(0, 4) === year) continue;
    year = date.slice(0, 4);
    places.push(k);
  }
  return places;
}

/** The list with the extra payment of one row set, or taken out where it is nothing; what cannot be read stays as it was typed. */
export function withExtra(
  text: string,
  payment: number,
  amount: number,
  style: NumberStyle,
  calendar: ExtrasCalendar,
): string {
  const { extras, unread } = readExtras(text, style, calendar);
  const others = extras.filter((each) => each.payment !== payment);
  const all = amount === 0 ? others : [...others, { payment, amount }].sort((a, b) => a.payment - b.payment);
  return [
    ...all.map((each) => `${each.payment}: ${writeMoney(each.amount, style, 2)}`),
    ...unread.map((each) => each.text),
  ]
    .filter((line) => line !== '')
    .join('\n');
}

/** "seven extra payments, 3,400.00 in all" */
export function extrasInWords(extras: readonly ExtraPayment[], style: NumberStyle): string {
  const sum = extras.reduce((total, { amount }) => total + amount, 0);
  const count = extras.length < counted.length ? (counted[extras.length] ?? '') : String(extras.length);
  return `${count} extra ${extras.length === 1 ? 'payment' : 'payments'}, ${writeMoney(sum, style)} in all`;
}

const counted = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
