/** Several places in one question: "in the first payment, and in the last", "after five years and after ten". */

import type { AskedPlace } from './lexicon/placeRecord.ts';
import type { Page } from './page.ts';
import { pattern } from './pattern.ts';
import type { Question } from './question.ts';
import { yearsIn, yearsOf } from './tokens.ts';

type Looks = 'range' | 'moment';

/** So many places are asked one by one at most. */
const MOST_EACH = 12;

const pair = pattern(
  '(?<!between )(?<!between the )(?:the )?(first|{o})(?: (?:<e> )?(@payment|@deposit|month|year))?(?: (?:is|was|goes to|are) (?:interest|principal|capital))?(?:,? and|,(?= how much)) (?:(?:how much|what)(?: (?:goes|is|was))? )?(?:(?:in|of|after|for|with) )?(?:the )?(last|final|{o})(?: (?:<e> )?(@payment|@deposit|month|year|one))?',
);
const three =
  /⟨o(\d+)⟩,? (?:(?:in|of) )?(?:the )?⟨o(\d+)⟩,? and (?:(?:in|of) )?(?:the )?(?:⟨o(\d+)⟩ (?:⟨e\d+⟩ )?(payment|instal|deposit|year)|(?:last|final)(?= (?:payment|instal?ment|one|of)(?![a-z])))/;
const threeCounts = /after ⟨n(\d+)⟩,? ⟨n(\d+)⟩,? and ⟨n(\d+)⟩ (?:⟨e\d+⟩ )?(payment|instal|deposit)/;
const numbered = pattern(
  '(@year|@payment|month) {n},? and (?:(?:in|of|after|for|with) (?:@year |@payment |month )?|@year |@payment |month ){n}(?! (?:payments|years|months))',
);
/** "Payment 1, payment 60 and payment 120", "years 1, 4 and 8": more than two. */
const listed =
  /(payment|instal[a-z]+|month|year|deposit|withdrawal)s? ⟨n(\d+)⟩(?:,? (?:and )?(?:(?:in|of|after|for|with) )?(?:the )?(?:payment|instal[a-z]+|month|year|deposit|withdrawal)?s? ?⟨n\d+⟩){2,}/;

function numbersListed(page: Page, text: string, kind: Looks): AskedPlace[] | undefined {
  const [all, noun] = listed.exec(text) ?? [];
  return all === undefined
    ? undefined
    : [...all.matchAll(/⟨n(\d+)⟩/g)].map(([, token]) => placeAt(page, kind, Number(token), noun === 'year'));
}

/** "after 2, 3 and 4 years" */
function timesInARow(page: Page, text: string): AskedPlace[] | undefined {
  const found = /(?:after|at the end of|in) (⟨t\d+⟩(?:, ⟨t\d+⟩)+,? and ⟨t\d+⟩)/.exec(text)?.[1];
  return found === undefined
    ? undefined
    : [...found.matchAll(/⟨t(\d+)⟩/g)].map(([, token]) => {
        const at = Number(token);
        return { afterYears: yearsOf(page, at), taken: [{ token: at, role: 'after' as const }] };
      });
}

const times = pattern('(?:after|in) {t},? and (?:(?:again|then) )?(?:after|in) (?:{t}|{a})');

/** "By the first 12 payments, and by the last 12" */
const endsPair =
  /(?:in|by|of|during|over) the first ⟨n(\d+)⟩(?: (?:⟨e\d+⟩ )?(?:payments|deposits|months))?,? and (?:how much )?(?:in|by|of|during|over)? ?the last ⟨n(\d+)⟩/;

/** "During the first five years, and during the last five years" */
const yearsPair =
  /(?:in|during|over|within) the first ⟨t(\d+)⟩,? and (?:how much )?(?:in|during|over|within)? ?the last (?:⟨t(\d+)⟩|year(?![a-z]))/;

function bothEnds(page: Page, text: string): AskedPlace[] | undefined {
  const years = yearsPair.exec(text);
  const early = Number(years?.[1]);
  const late = years?.[2] === undefined ? undefined : Number(years[2]);
  if (years)
    return [
      { fromYear: 1, toYear: yearsOf(page, early), taken: [{ token: early, role: 'to' }] },
      late === undefined
        ? { lastYears: 1, taken: [] }
        : { lastYears: yearsOf(page, late), taken: [{ token: late, role: 'from' }] },
    ];
  const [one, other] = (endsPair.exec(text) ?? []).slice(1).map(Number);
  if (one === undefined || other === undefined) return undefined;
  return [
    { from: 1, to: page.tokens[one]!.value, taken: [{ token: one, role: 'to' }] },
    { lastPayments: page.tokens[other]!.value, taken: [{ token: other, role: 'from' }] },
  ];
}

/** "the 1st, the 40th and the 80th payment", "in the 1st, in the 40th and in the last of 60 payments" */
function threeNamed(page: Page, text: string, kind: Looks): AskedPlace[] | undefined {
  const found = three.exec(text);
  const places = placesOf(page, kind, found, 4);
  if (!places || found?.[3] !== undefined) return places;
  return kind === 'range' ? [...places, { isLast: true, taken: [] }] : undefined;
}

/** @returns nothing where a question looks at one place, or at none */
export function severalPlaces(page: Page, { unit }: Question, kind: Looks): AskedPlace[] | undefined {
  const text = page.flat.slice(unit.start, unit.end);
  return (
    eachOfFirst(page, text, kind) ??
    (kind === 'range' ? (yearsListed(page, text) ?? bothEnds(page, text) ?? andBehind(page, text)) : undefined) ??
    numbersListed(page, text, kind) ??
    threeNamed(page, text, kind) ??
    (kind === 'moment' ? (placesOf(page, kind, threeCounts.exec(text), 4) ?? timesInARow(page, text)) : undefined) ??
    firstAndLast(page, text, kind) ??
    (kind === 'moment' ? timesPair(page, text) : undefined) ??
    placesOf(page, kind, first(numbered, text), 1)
  );
}

/** "at the end of each of the first three years", "in each of the first four payments" */
function eachOfFirst(page: Page, text: string, kind: Looks): AskedPlace[] | undefined {
  const found = /each of (?:the|its|her|his|their) first ⟨([nt])(\d+)⟩(?: (payments|years|months))?/.exec(text);
  const token = Number(found?.[2]);
  const { value = NaN, unit = '' } = page.tokens[token] ?? {};
  const isYear = unit === 'years' || found?.[3] === 'years';
  if (!found || !(value <= MOST_EACH) || !(isYear || found[3] === 'payments')) return undefined;
  return Array.from({ length: value }, (_, at): AskedPlace => {
    const own = at + 1;
    if (kind === 'moment')
      return { ...(isYear ? { afterYears: own } : { after: own }), taken: [{ token, role: 'after' }] };
    return isYear
      ? { fromYear: own, toYear: own, taken: [{ token, role: 'yearIndex' }] }
      : { from: own, to: own, taken: [{ token, role: 'to' }] };
  });
}

const aYear = /(?:in|of|during) the (?:(first)|(last|final)|⟨o(\d+)⟩) year/g;

/** "in the first year, in the fifth year and in the last year" */
function yearsListed(page: Page, text: string): AskedPlace[] | undefined {
  const found = [...text.matchAll(aYear)];
  return found.length > 2
    ? found.map(([, one, last, token]): AskedPlace => {
        if (token !== undefined) return placeAt(page, 'range', Number(token), true);
        return last === undefined && one ? { fromYear: 1, toYear: 1, taken: [] } : { lastYears: 1, taken: [] };
      })
    : undefined;
}

/** "In the second year and in the following one": the year behind the one that is named. */
function andBehind(page: Page, text: string): AskedPlace[] | undefined {
  const [, one, token] =
    /(?:in|of|during|over) the (?:(first)|⟨o(\d+)⟩) year,? and (?:(?:in|of|during|over) )?the (?:(?:following|next)(?: year| one)?|(?:year|one) after(?: (?:that|it))?)\W*$/.exec(
      text,
    ) ?? [];
  if (one === undefined && token === undefined) return undefined;
  const named =
    token === undefined ? { fromYear: 1, toYear: 1, taken: [] } : placeAt(page, 'range', Number(token), true);
  return [named, { nextYears: 1, taken: [] }];
}

function first(words: RegExp, text: string): RegExpExecArray | null {
  words.lastIndex = 0;
  return words.exec(text);
}

/** @param noun which group says whether years are counted */
function placesOf(page: Page, kind: Looks, found: RegExpExecArray | null, noun: number): AskedPlace[] | undefined {
  if (!found) return undefined;
  const isYear = found[noun] === 'year' || found[noun] === 'years';
  return found.flatMap((each, at) =>
    at > 0 && at !== noun && /^\d+$/.test(each) ? [placeAt(page, kind, Number(each), isYear)] : [],
  );
}

function placeAt(page: Page, kind: Looks, token: number, isYear: boolean): AskedPlace {
  const { value } = page.tokens[token]!;
  if (kind === 'moment')
    return { ...(isYear ? { afterYears: value } : { after: value }), taken: [{ token, role: 'after' }] };
  return isYear
    ? { fromYear: value, toYear: value, taken: [{ token, role: 'yearIndex' }] }
    : { from: value, to: value, taken: [{ token, role: 'from' }] };
}

function firstAndLast(page: Page, text: string, kind: Looks): AskedPlace[] | undefined {
  const found = first(pair, text);
  if (!found) return undefined;
  const [, , one, noun, , other, last] = found;
  const isYear = (noun ?? last) === 'year';
  if (other === undefined && kind === 'moment') return undefined;
  const opening: AskedPlace = isYear ? { fromYear: 1, toYear: 1, taken: [] } : { from: 1, to: 1, taken: [] };
  const closing: AskedPlace = isYear ? { lastYears: 1, taken: [] } : { isLast: true, taken: [] };
  const at = (token: string | undefined, otherwise: AskedPlace): AskedPlace =>
    token === undefined ? otherwise : placeAt(page, kind, Number(token), isYear);
  return [at(one, kind === 'moment' ? { after: 1, taken: [] } : opening), at(other, closing)];
}

/** "After half a year and after a year". */
function timesPair(page: Page, text: string): AskedPlace[] | undefined {
  const found = first(times, text);
  return found
    ? [found[1], found[2] ?? found[3]].map((at) => {
        const token = Number(at);
        const { form, value, unit } = page.tokens[token]!;
        const years = form === 'time' ? value * (yearsIn[unit] ?? NaN) : 1 / value;
        return { afterYears: years, taken: form === 'time' ? [{ token, role: 'after' as const }] : [] };
      })
    : undefined;
}
