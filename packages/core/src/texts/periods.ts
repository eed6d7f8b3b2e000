/** How often: "monthly", "every two weeks", "twice a year", "per annum". Each phrase is a record. */

import { readNumberWords } from './numberWords.ts';
import type { Token } from './tokens.ts';

interface PeriodPhrase {
  /** Within a regular expression, in small letters. */
  readonly says: string;
  readonly perYear: number;
}

const two = '(?:two|2|second|other)';

/** Adverbs and whole phrases. */
const adverbs: readonly PeriodPhrase[] = [
  { says: 'daily|day by day', perYear: 365 },
  {
    says: `(?:every|each) ${two}[ -]weeks?|every fortnight|each fortnight|once (?:a|every) fortnight|fortnightly|bi-?weekly|two-?weekly|2-weekly|(?:every|each) (?:second|other) (?:monday|tuesday|wednesday|thursday|friday|saturday|sunday)`,
    perYear: 26,
  },
  { says: '(?:every|each) (?:four|4) weeks|four-weekly|4-weekly', perYear: 13 },
  {
    says: '(?:every|each) (?:monday|tuesday|wednesday|thursday|friday|saturday|sunday)|weekly|week by week',
    perYear: 52,
  },
  {
    says: 'twice-monthly|semi-?monthly|half-?monthly|(?:every|each) half-month',
    perYear: 24,
  },
  {
    says: `(?:every|each) ${two}[ -]months?(?: periods?)?|bi-?monthly|two-?monthly`,
    perYear: 6,
  },
  { says: '365-day', perYear: 365 },
  {
    says: '(?:every|each) (?:three|3|third) months?|at (?:three|3)-months? intervals|three-?monthly|3-monthly|quarterly|quarter by quarter',
    perYear: 4,
  },
  { says: '(?:every|each) (?:four|4) months', perYear: 3 },
  {
    says: '(?:(?:every|each) (?:six|6) months|at (?:six|6)-months? intervals)|six-?monthly|6-monthly|semi-?annual(?:ly)?|half-?yearly|half-?annual(?:ly)?|bi-?annual(?:ly)?|semi-?yearly',
    perYear: 2,
  },
  {
    says: 'monthly|month by month|month after month|from month to month|every single month',
    perYear: 12,
  },
  {
    says: '(?:every|each|on every|on each) (?:christmas|birthday|new year|easter|january|february|march|april|may|june|july|august|september|october|november|december|spring|summer|autumn|winter)|yearly|annually|annual|(?:every|each) (?:twelve|12) months|year by year|year on year',
    perYear: 1,
  },
];

const nouns: readonly PeriodPhrase[] = [
  { says: 'half[- ]?years?|semesters?|six months|6 months|(?:six|6)-months? (?:periods?|intervals?)', perYear: 2 },
  { says: 'days?', perYear: 365 },
  { says: 'weeks?', perYear: 52 },
  { says: 'fortnights?|two weeks|2 weeks', perYear: 26 },
  { says: 'half-months?', perYear: 24 },
  { says: '(?:(?:one|1)-)?months?(?: periods?)?', perYear: 12 },
  { says: 'quarters?|three months|(?:three|3)-months? (?:periods?|intervals?)', perYear: 4 },
  { says: 'years?', perYear: 1 },
];

const genitive = "(?:'s|')?";

/** "at month end", "by the month's end": every month. */
const endNouns = nouns.map(({ says, perYear }) => ({
  pattern: new RegExp(`^(?:${says})(?=(?:'s|’s)? end(?![a-z])|-(?:end|start|beginning)(?![a-z]))`),
  perYear,
}));

/** "at month ends"; "36 month ends" are a number of them. */
const atEnds = nouns.map(({ says, perYear }) => ({
  pattern: new RegExp(`^(?:${says})(?=[ -]ends(?![a-z]))`),
  perYear,
}));

/** Longest first where one begins another. */
const everyPattern = [
  // "each January 1st", "on 31 December of every year"
  {
    pattern:
      /^(?:(?:each|every) (?:january (?:1st|1|first)|(?:1st|1|first) (?:of )?january|new year(?:'s day)?|december (?:31st|31)|(?:31st|31) (?:of )?december)|(?:january (?:1st|1|first)|(?:1st|1|first) (?:of )?january|december (?:31st|31)|(?:31st|31) (?:of )?december),? (?:of )?(?:each|every) year)(?![a-z0-9])/,
    perYear: 1,
  },
  ...adverbs.map(({ says, perYear }) => ({ pattern: new RegExp(`^(?:${says})(?![a-z])`), perYear })),
  ...nouns.map(({ says, perYear }) => ({
    pattern: new RegExp(`^(?:each|every)(?: and every)?(?: single| whole| full)? (?:${says})${genitive}(?![a-z])`),
    perYear,
  })),
  ...endNouns,
  // "at the end of each of the next 48 months": the number that follows counts them.
  ...nouns.map(({ says, perYear }) => ({
    pattern: new RegExp(`^each of the (?:next|following|coming|first) (?=[a-z0-9-]+ (?:${says})(?![a-z]))`),
    perYear,
  })),
  // "at the start of each of the following months"
  ...nouns.map(({ says, perYear }) => ({
    pattern: new RegExp(`^each of the (?:next|following|coming) (?=[a-z])(?:${says})(?<=s)(?![a-z])`),
    perYear,
  })),
];
const perPattern = [
  { pattern: /^(?:per annum|p\.? ?a\.?(?![a-z])|an? annum|pa(?![a-z]))/, perYear: 1 },
  { pattern: /^(?:p\.m\.|pcm(?![a-z])|per calendar month|a calendar month)/, perYear: 12 },
  ...nouns.map(({ says, perYear }) => ({
    pattern: new RegExp(
      `^(?:(?:per|\\/) ?(?:${says})(?![a-z])(?! and (?:a|\\())|an? ?(?:${says})(?![a-z])(?! (?:and (?:a|\\()|later|after(?! (?:[a-z]+|\\d+) (?:years|months|quarters)(?![a-z]))|before|ago|of|from (?:now(?! on)|today(?! on)|then(?! on)|the(?![a-z])(?! (?:end|start|beginning|first|next|fund|account|money|savings|pot|capital|trust|legacy|inheritance)(?![a-z]))|that|this|signing|purchase|delivery))))`,
    ),
    perYear,
  })),
];

/** "twice yearly", "three times in every year", "12 times a year": as often as the number says in its period. */
const timesIn =
  /^(?:(once|twice|thrice)|(two|three|four|five|six|twelve|\d{1,3})(?: times| compoundings))(?: (?:per|an?|each|every|in (?:an?|each|every|the)) (?:(?:single|full|calendar|whole) )?(year|annum|quarter|month|week)| (year|annual|quarter|month|week)ly)(?![a-z])/;
const timesNamed: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3 };
const inAYear: Readonly<Record<string, number>> = { year: 1, annum: 1, annual: 1, quarter: 4, month: 12, week: 52 };

/** "four equal payments a year": the number says how often. */
const paymentsIn =
  /^(two|three|four|six|twelve|\d{1,3})(?= (?:(?:equal|level|regular|fixed|identical|even) ){0,2}(?:payments|instal?lments|deposits|rentals|withdrawals) (?:per|an?|each|every|in (?:each|every)) year(?![a-z]))/;

function timesAt(here: string, at: number): Token | undefined {
  const [number] = paymentsIn.exec(here) ?? [];
  const often = number === undefined ? undefined : (readNumberWords(number)?.value ?? Number(number));
  if (number !== undefined && often !== undefined)
    return { form: 'every', start: at, end: at + number.length, value: often, unit: '' };
  const [all = '', word, count = '', period, adverb = ''] = timesIn.exec(here) ?? [];
  if (all === '') return undefined;
  const times = timesNamed[word ?? ''] ?? readNumberWords(count)?.value ?? Number(count);
  const value = times * (inAYear[period ?? adverb] ?? 1);
  return { form: 'every', start: at, end: at + all.length, value, unit: '' };
}

const askedOf =
  /(?<![a-z])(?:owe[sd]?|owing|left|outstanding|balance|interest|principal)(?: [a-z]+){0,4} (?:at the end of |in |during |after |for )$/;

/** "What is owed at the end of each of the first three years?": times that are asked of, and not how often is paid. */
export const isAskedOfEach = (before: string): boolean => askedOf.test(before);

/** @param lower the text in small letters; @param at where a word begins */
export function periodAt(lower: string, at: number): Token | undefined {
  const here = lower.slice(at, at + 60);
  if (/^each of the first/.test(here) && isAskedOfEach(lower.slice(0, at))) return undefined;
  const often = timesAt(here, at);
  if (often) return often;
  const isAtEnds = /(?:^|[^a-z])(?:at|on|by) $/.test(lower.slice(0, at));
  for (const { pattern, perYear } of isAtEnds ? [...everyPattern, ...atEnds] : everyPattern) {
    const found = pattern.exec(here);
    if (found) return { form: 'every', start: at, end: at + found[0].length, value: perYear, unit: '' };
  }
  for (const { pattern, perYear } of perPattern) {
    const found = pattern.exec(here);
    if (found) return { form: 'per', start: at, end: at + found[0].length, value: perYear, unit: '' };
  }
  return ofRest(here, lower, at);
}

const afterFirst =
  /^an? (month|quarter|week|year)(?= after(?: that| this|wards)(?: until| till| for as long|[.,;?!]|$))/;

/** "160 a month for the first year and 220 a month after that": as often as before, no month later. */
function ofRest(here: string, lower: string, at: number): Token | undefined {
  const [words, period = ''] = afterFirst.exec(here) ?? [];
  if (words === undefined) return undefined;
  const isOfRest = new RegExp(
    `\\d ?(?:[€$£]|[a-z]+)? ${words} (?:for|during|in|over) (?:the )?first [^.?!]*\\d ?(?:[€$£]|[a-z]+)? $`,
  ).test(lower.slice(0, at));
  return isOfRest
    ? { form: 'per', start: at, end: at + words.length, value: inAYear[period] ?? 1, unit: '' }
    : undefined;
}
