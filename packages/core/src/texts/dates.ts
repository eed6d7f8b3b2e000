/** Dates of the calendar: the later of two tells how much time has gone by since the earlier. */

import { monthNames } from '../monthNames.ts';
import type { FlatText, Span } from './flatText.ts';
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
  /(?<![a-z])(?:first|from|beginning|starting|repa(?:y|id)|due|back|payable|payments?)(?![a-z])[^.;?!]{0,40}$/.test(
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
  const inTime = [...told].sort((one, other) => one.months - other.months).filter(isOther);
  const [first, second] = inTime;
  const last = inTime.at(-1);
  if (!first || !second || !last || inTime.some(({ day }) => day !== first.day)) return tokens;
  const isFirstPaid = (date: ToldDate): boolean =>
    tokens.some(({ start }, at) => dates[at] === date && firstPaid.test(lower.slice(0, start)));
  const period = monthsOfPeriod(lower);
  // "Borrowed on 1 March, the first payment on 1 April. What is owed after that of 1 December?"
  const isOfThree = inTime.length === 3 && isFirstPaid(second) && second.months - first.months === period;
  if (inTime.length > 2 && !isOfThree) return tokens;
  // Without a day of the loan the first payment comes a period after it.
  const lead = inTime.length === 2 && isFirstPaid(first) && !isPaidOff.test(lower) ? period : 0;
  if (lead === undefined) return tokens;
  const between = last.months - first.months + lead;
  const time = between % 12 === 0 ? { value: between / 12, unit: 'years' } : { value: between, unit: 'months' };
  return tokens.map((each, at) => {
    if (dates[at]?.months === last.months) return { ...each, form: 'time' as const, ...time };
    return isOfThree && dates[at] === second ? { ...each, unit: AFTER_A_PERIOD } : each;
  });
}

/** "…, the first on", "with payments from". */
const firstPaid =
  /(?<![a-z])(?:first(?: of (?:them|which|these))?(?: payment| instal?ment| one)?(?: is| being| falls| falling| due| paid| payable| made)*(?: on)?|(?:payments|instal?ments)(?: [a-z]+){0,6} (?:from|beginning|starting|commencing)(?: on)?|(?:beginning|starting|commencing) on) $/;

/** The unit of the day of a first payment that falls a period after the loan's. */
const AFTER_A_PERIOD = 'a period later';

/** Where days tell that the first payment falls at the end of its period. */
export const endsByDates = ({ tokens, places }: FlatText): (Span & { says: 'end'; weight: number })[] =>
  tokens.flatMap(({ unit }, at) =>
    unit === AFTER_A_PERIOD ? [{ says: 'end' as const, weight: 14, ...places[at]! }] : [],
  );

/** The last of two days is that of the last payment, or of the sale. */
const isPaidOff = /(?:last|final) (?:payment |of them |one )?(?:is |being |falls |due |paid )*on /;

const often: readonly (readonly [number, RegExp])[] = [
  [1, /(?<![a-z])month/],
  [3, /(?<![a-z])quarter/],
  [6, /(?<![a-z])(?:half[- ]year|semi-?annual|six months)/],
  [12, /(?<![a-z])(?:yearly|annual|(?:each|every) year)/],
];

/** The months from one payment to the next, by the word beside the payments; nothing where it is not told. */
function monthsOfPeriod(lower: string): number | undefined {
  const beside =
    /[a-z-]+ (?:payments|instal?ments)(?![a-z])|(?:first|day|end|beginning|start) of (?:each|every) [a-z-]+|(?:payments|instal?ments) (?:are )?(?:made |paid )?(?:monthly|quarterly|half-yearly|yearly)/g;
  const told = [...lower.matchAll(beside)].flatMap(([words]) =>
    often.flatMap(([months, word]) => (word.test(words) ? [months] : [])),
  );
  return new Set(told).size === 1 ? told[0] : undefined;
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
