/** Dates of payments: a first date and a frequency. Plain `YYYY-MM-DD` text; no clock, no time zones. */

import { roundTo } from '../money/roundMoney.ts';
import type { Problem } from '../result.ts';

/** What is wrong with a date, if anything. */
export function dateProblem(text: unknown, field: string): Problem | undefined {
  const match = typeof text === 'string' ? /^(\d{4})-(\d{2})-(\d{2})$/.exec(text) : null;
  if (!match) return { code: 'not-a-number', message: 'Write the date as year-month-day, such as 2027-03-31.', field };
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
  if (year < 1900 || year > 2900 || month < 1 || month > 12 || day < 1 || day > daysInMonth(year, month))
    return { code: 'out-of-range', message: 'There is no such day in the calendar.', field };
  return undefined;
}

/**
 * The date of payment k. Frequencies that divide the year into months keep the day of the first date, or the last day
 * of a shorter month, without drifting (31 January, 28 February, 31 March). 24 a year alternates that day with the
 * day fifteen days on. 52 and 26 count 7 and 14 days; any other frequency divides a 365-day year evenly.
 *
 * @param first date of payment 1, valid
 * @param number 1-based
 */
export function paymentDate(first: string, paymentsPerYear: number, number: number): string {
  const year = Number(first.slice(0, 4));
  const month = Number(first.slice(5, 7));
  const day = Number(first.slice(8, 10));
  const periods = number - 1;
  if (12 % paymentsPerYear === 0) return monthsOn(year, month, day, (periods * 12) / paymentsPerYear);
  if (paymentsPerYear === 24) {
    const whole = monthsOn(year, month, day, Math.floor(periods / 2));
    return periods % 2 === 0 ? whole : halfMonthOn(whole, day);
  }
  const days =
    paymentsPerYear === 52
      ? 7 * periods
      : paymentsPerYear === 26
        ? 14 * periods
        : roundTo((periods * 365) / paymentsPerYear, 0);
  return isoDate(new Date(Date.UTC(year, month - 1, day + days)));
}

function monthsOn(year: number, month: number, day: number, months: number): string {
  const at = month - 1 + months;
  const y = year + Math.floor(at / 12);
  const m = (at % 12) + 1;
  return `${String(y).padStart(4, '0')}-${pad(m)}-${pad(Math.min(day, daysInMonth(y, m)))}`;
}

function halfMonthOn(date: string, day: number): string {
  const [y = NaN, m = NaN, d = NaN] = date.split('-').map(Number);
  if (day <= 15) {
    const later = day === 15 ? daysInMonth(y, m) : day + 15;
    return `${date.slice(0, 8)}${pad(Math.min(later, daysInMonth(y, m)))}`;
  }
  const next = monthsOn(y, m, 1, 1);
  return d >= 28 && day >= 30 ? `${next.slice(0, 8)}15` : `${next.slice(0, 8)}${pad(day - 15)}`;
}

function daysInMonth(year: number, month: number): number {
  return new Date(Date.UTC(year, month, 0)).getUTCDate();
}

function isoDate(date: Date): string {
  return date.toISOString().slice(0, 10);
}

function pad(value: number): string {
  return String(value).padStart(2, '0');
}
