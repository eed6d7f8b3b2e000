/** Dates of the calendar: the later of two tells how much time has gone by since the earlier. */

import { monthNames } from '../monthNames.ts';
import type { Token } from './tokens.ts';

const names = monthNames.map((name) => name.slice(0, 3));
const month = `(${names.join('|')})[a-z]*`;
const dayFirst = new RegExp(`^(\\d{1,2})(?:st|nd|rd|th)? (?:of )?${month}\\.?,? ((?:19|20)\\d\\d)$`);
const monthFirst = new RegExp(`^${month}\\.?(?: (\\d{1,2})(?:st|nd|rd|th)?,?)? ((?:19|20)\\d\\d)$`);
/** Without a year: "on 1 May …, the first on 1 June". */
const yearless = new RegExp(
  `^(?:(\\d{1,2})(?:st|nd|rd|th)? (?:of )?${month}|${month}\\.? (\\d{1,2})(?:st|nd|rd|th)?)\\.?$`,
);
const inDigits = /^((?:19|20)\d\d)-(\d\d)-(\d\d)$/;

interface ToldDate {
  /** Since the year 0. */
  readonly months: number;
  /** 0 where none is told. */
  readonly day: number;
}

const dateOf = (year: string, name: number, day: string): ToldDate => ({
  months: Number(year) * 12 + name,
  day: Number(day),
});

function readDate(words: string): ToldDate | undefined {
  const [, day = '', name = '', year] = dayFirst.exec(words) ?? [];
  if (year) return dateOf(year, names.indexOf(name), day);
  const [, first = '', dayBehind = '0', yearBehind] = monthFirst.exec(words) ?? [];
  if (yearBehind) return dateOf(yearBehind, names.indexOf(first), dayBehind);
  const [, inYear, inMonth = '', onDay = ''] = inDigits.exec(words) ?? [];
  return inYear ? dateOf(inYear, Number(inMonth) - 1, onDay) : undefined;
}

/** "…, the first on 1 June", "due on 1 June": what falls on the last of them is paid. */
const isOfPayments = (dates: readonly Token[], lower: string): boolean =>
  /(?<![a-z])(?:first|from|beginning|starting|repa(?:y|id)|due|back|payable)(?![a-z])[^.;?!]{0,40}$/.test(
    lower.slice(0, dates.at(-1)?.start ?? 0),
  );

/** Days without a year, in the order in which they are told: each in the year of the one before, or in the next. */
function yearlessDates(words: readonly string[]): ToldDate[] | undefined {
  const dates: ToldDate[] = [];
  for (const each of words) {
    const [, day = '', name = '', other = '', dayBehind = ''] = yearless.exec(each) ?? [];
    const at = names.indexOf(name || other);
    if (at < 0) return undefined;
    const before = dates.at(-1)?.months ?? 0;
    dates.push({
      months: at < before % 12 ? before - (before % 12) + 12 + at : before - (before % 12) + at,
      day: Number(day || dayBehind),
    });
  }
  return dates;
}

/**
 * "Borrowed on 1 March 2021 …, what is owed on 1 March 2024?": the later date is a time of three years.
 *
 * @param lower the text in small letters
 * @returns the tokens as they are unless two dates are told, whole months apart
 */
export function timesBetweenDates(tokens: readonly Token[], lower: string): readonly Token[] {
  const isDate = ({ form }: Token): boolean => form === 'calendar';
  const words = tokens.filter(isDate).map(({ start, end }) => lower.slice(start, end));
  const inOrder =
    (isOfPayments(tokens.filter(isDate), lower) ? yearlessDates(words) : undefined) ?? words.map(readDate);
  let next = 0;
  const dates = tokens.map((each) => (isDate(each) ? inOrder[next++] : undefined));
  const told = dates.filter((date) => date !== undefined);
  const [first, last] = [...told].sort((one, other) => one.months - other.months).filter(isOther);
  const isTwo = told.every(({ months }) => months === first?.months || months === last?.months);
  if (!first || !last || !isTwo || first.day !== last.day) return tokens;
  const between = last.months - first.months;
  const time = between % 12 === 0 ? { value: between / 12, unit: 'years' } : { value: between, unit: 'months' };
  return tokens.map((each, at) =>
    dates[at]?.months === last.months ? { ...each, form: 'time' as const, ...time } : each,
  );
}

const isOther = ({ months }: ToldDate, at: number, all: readonly ToldDate[]): boolean =>
  all.findIndex((each) => each.months === months) === at;

const months = [...monthNames, 'sept', ...names].join('|');
const written = new RegExp(
  `^(?:\\d{1,2}(?:st|nd|rd|th)? (?:of )?(?:${months})(?:\\.|\\b)(?:,? (?:19|20)\\d\\d)?|(?:${months})\\.? \\d{1,2}(?:st|nd|rd|th)?\\b(?![.,]\\d|\\s?%| per ?cent)(?:,? (?:19|20)\\d\\d)?|(?:${months})\\.? (?:19|20)\\d\\d|(?:19|20)\\d\\d-\\d\\d-\\d\\d|\\d{1,2}/\\d{1,2}/(?:19|20)?\\d\\d)(?!,? (?:of )?(?:each|every) year)`,
  'i',
);

/** A date, or a year of the calendar. */
export function calendarAt(text: string, at: number): Token | undefined {
  const date = written.exec(text.slice(at, at + 30));
  if (date) return { form: 'calendar', start: at, end: at + date[0].length, value: 0, unit: '' };
  const year = /^(?:1[6-9]|20)\d\d(?![\d.,]\d|\d|\s?[%€£$k])/.exec(text.slice(at, at + 8));
  const before = text.slice(Math.max(0, at - 12), at);
  const isYear = /(?:\b(?:in|since|of|from|until|founded|opened|built|by|early|late|year|est\.?|dated)|'|\()\s*$/i.test(
    before,
  );
  const counts = /^\s*(?:dollars|euros|pounds|payments|per|month)/i.test(text.slice(at + 4));
  return year && isYear && !counts
    ? { form: 'calendar', start: at, end: at + 4, value: Number(year[0]), unit: '' }
    : undefined;
}
