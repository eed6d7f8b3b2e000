/**
 * A text as patterns look at it: small letters, plain quotes and dashes, and every number or period as a mark, `⟨m3⟩`: its
 * form's letter and its place among the tokens. Each place leads back to the text.
 */

import { beforeNumbers, sameWordsAt } from './lexicon/sameWords.ts';
import type { Token, TokenForm } from './tokens.ts';

export const markLetters: Readonly<Record<TokenForm, string>> = {
  money: 'm',
  percent: 'p',
  time: 't',
  nth: 'o',
  count: 'n',
  calendar: 'y',
  label: 'l',
  every: 'e',
  per: 'a',
};

export interface FlatText {
  readonly flat: string;
  readonly tokens: readonly Token[];
  /** Where in the text each place of the flat one stands; one more at the end. */
  readonly origins: readonly number[];
  /** Where in the flat text each token's mark begins and ends. */
  readonly places: readonly Span[];
  /** Where in the flat text a "payment" is written as one of a debt: "instalment", "repayment". */
  readonly owed: readonly Span[];
}

export interface Span {
  readonly start: number;
  readonly end: number;
}

const shortened = /(?<![a-z])(?:what|how|that|it|there|who|where|she|he)$/;

/** Points that end no sentence. */
const abbreviations =
  /(?<![a-z])(?:comp|pmts?|int|princ|approx|incl|excl|no|nos|mr|mrs|ms|dr|st|resp|vs|e\.g|i\.e|inst|nom|eff|p\.a|p\.m)\.(?=[\s,;)])/g;

/** "What, to the nearest cent, is the payment?" "To two decimals, how much is it?" */
const aside =
  /(?<=(?<![a-z])(?:what|how much|how large|find|calculate|compute|determine|state|give|work out)), (?!(?:and|or|but) )(?![a-z ]*(?<![a-z])(?:all|total|altogether|together|if|each|what|which|how|who)(?![a-z]))[a-z ]{3,40},(?= )|(?<=(?:^|[.?!;:)])\s*)(?:correct |rounded )?to (?:the nearest|two|2) [a-z ]{3,24}, (?=what|how|find|calculate|determine)/g;

/** "the last (smaller) payment" */
const bracketed =
  /\((smaller|larger|reduced|last|final|closing|odd|exact|unrounded|fractional|rounded|partial|equal|level|regular|flat|simple|nominal|effective)\)/g;

const persons = /(?:^|[^a-z])(?:i|you|he|she|it|we|they|who|what|how|that|there)$/;
const cutVerbs: Readonly<Record<string, string>> = { d: 'would', ll: 'will', ve: 'have', re: 'are' };

/** "what's" is "what is"; "she'd like", "they'll pay", "you've saved". */
function cutShort(flat: string, rest: string): { readonly word: string; readonly length: number } | undefined {
  if (/^'s(?![a-z])/.test(rest) && shortened.test(flat)) return { word: 'is', length: 2 };
  const [found, cut = ''] = persons.test(flat) ? (/^'(d|ll|ve|re)(?![a-z])/.exec(rest) ?? []) : [];
  const word = cutVerbs[cut];
  return found !== undefined && word !== undefined ? { word, length: found.length } : undefined;
}

/** What stands before a number, as short as it may be. */
function shortenedBefore(token: Token, flat: string, plain: string): string {
  return beforeNumbers.reduce((before, { words, forms = '', quote, short }) => {
    const isMeant =
      (forms.includes(markLetters[token.form]) || forms === '') &&
      quote?.test(plain.slice(token.start, token.end)) !== false;
    const found = isMeant ? words.exec(before.slice(-48)) : null;
    return found ? before.slice(0, before.length - found[0].length) + short : before;
  }, flat);
}

export function flatten(text: string, tokens: readonly Token[]): FlatText {
  const plain = plainText(text);
  let flat = '';
  const origins: number[] = [];
  const places: Span[] = [];
  const owed: Span[] = [];
  let at = 0;
  const copy = (until: number): void => {
    for (; at < until; at += 1) {
      const char = plain.charAt(at);
      if (char === ' ' && flat.endsWith(' ')) continue;
      const other = /[a-z]$/.test(flat) ? undefined : sameWordsAt(plain, at);
      // No number is read over.
      if (other && at + other.length <= until) {
        if (other.isOwed) owed.push({ start: flat.length, end: flat.length + other.as.length });
        flat += other.as;
        const last = at + other.length - 1;
        for (let letter = 1; letter < other.as.length; letter += 1) origins.push(at);
        origins.push(last);
        at = last;
        continue;
      }
      const whole = cutShort(flat, plain.slice(at, at + 5));
      if (whole) {
        flat += ` ${whole.word}`;
        for (let letter = 0; letter <= whole.word.length; letter += 1)
          origins.push(at + Math.min(letter, whole.length - 1));
        at += whole.length - 1;
        continue;
      }
      flat += char;
      origins.push(at);
    }
  };
  tokens.forEach((token, index) => {
    copy(token.start);
    flat = shortenedBefore(token, flat, plain);
    while (origins.length < flat.length) origins.push(token.start);
    origins.length = flat.length;
    const mark = `⟨${markLetters[token.form]}${index}⟩`;
    places.push({ start: flat.length, end: flat.length + mark.length });
    flat += mark;
    for (const _ of mark) origins.push(token.start);
    at = token.end;
    // The point of "p.a." may end a sentence, too.
    if (text.charAt(at - 1) === '.' && /^\s+(?:[A-Z]|\([A-Z]|\([a-h]\))/.test(text.slice(at))) {
      flat += '.';
      origins.push(at - 1);
    }
  });
  copy(plain.length);
  origins.push(text.length);
  return { flat, tokens, origins, places, owed };
}

/** Same length as the text, so that places stay. */
function plainText(text: string): string {
  return (
    text
      .replace(/[⟨⟩]/g, ' ')
      .replace(/[A-Z]/g, (letter) => letter.toLowerCase())
      .replace(/[’‘]/g, "'")
      .replace(/[“”«»"]/g, ' ')
      .replace(/[–—‑−]/g, '-')
      .replace(/[\u00a0\u202f\u2009\t]/g, ' ')
      .replace(/[•●▪·]/g, ';')
      .replace(aside, (found) => ' '.repeat(found.length))
      // "Amount borrowed – $31,000."
      .replace(/(?<=(?:^|[.;\n])[ \t]*[a-z][a-z ]{2,30}) - (?=[£$€\d])/g, ':  ')
      .replace(bracketed, ' $1 ')
      .replace(abbreviations, (found) => `${found.slice(0, -1)} `)
  );
}

/** What stands in the text at a span of the flat one. */
export function originOf({ origins, places, tokens }: FlatText, span: Span): Span {
  const start = origins[span.start] ?? 0;
  const within = places.findIndex((place) => place.start < span.end && place.end >= span.end);
  const end = within >= 0 ? (tokens[within]?.end ?? 0) : (origins[span.end - 1] ?? 0) + 1;
  return { start, end };
}
