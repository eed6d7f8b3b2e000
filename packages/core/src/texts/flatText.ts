/**
 * A text as patterns look at it: small letters, plain quotes and dashes, and every number or period as a mark, `⟨m3⟩`: its
 * form's letter and its place among the tokens. Each place leads back to the text.
 */

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
}

export interface Span {
  readonly start: number;
  readonly end: number;
}

const fillers =
  /[\s(]((?:at least|at most|about|exactly|roughly|only|just|as much as|no less than|no more than|nearly|precisely|a further|as little as|a mere) )$/;

const shortened = /(?<![a-z])(?:what|how|that|it|there|who|where|she|he)$/;

/** Points that end no sentence. */
const abbreviations =
  /(?<![a-z])(?:comp|pmts?|int|princ|approx|incl|excl|no|nos|mr|mrs|ms|dr|st|resp|vs|e\.g|i\.e|inst|nom|eff|p\.a|p\.m)\.(?=[\s,;)])/g;

/** "the last (smaller) payment" */
const bracketed =
  /\((smaller|larger|reduced|last|final|closing|odd|exact|unrounded|fractional|rounded|partial|equal|level|regular)\)/g;

export function flatten(text: string, tokens: readonly Token[]): FlatText {
  const plain = plainText(text);
  let flat = '';
  const origins: number[] = [];
  const places: Span[] = [];
  let at = 0;
  const copy = (until: number): void => {
    for (; at < until; at += 1) {
      const char = plain.charAt(at);
      if (char === ' ' && flat.endsWith(' ')) continue;
      // "what's" is "what is".
      if (char === "'" && /^'s(?![a-z])/.test(plain.slice(at, at + 3)) && shortened.test(flat)) {
        flat += ' is';
        origins.push(at, at, at + 1);
        at += 1;
        continue;
      }
      flat += char;
      origins.push(at);
    }
  };
  tokens.forEach((token, index) => {
    copy(token.start);
    // Words before a number that say nothing of what it is.
    const filler = fillers.exec(flat.slice(-24));
    if (filler) {
      flat = flat.slice(0, flat.length - filler[1]!.length);
      origins.length = flat.length;
    }
    const mark = `⟨${markLetters[token.form]}${index}⟩`;
    places.push({ start: flat.length, end: flat.length + mark.length });
    flat += mark;
    for (const _ of mark) origins.push(token.start);
    at = token.end;
    // The point of "p.a." may end a sentence, too.
    if (text.charAt(at - 1) === '.' && /^\s+[A-Z(]/.test(text.slice(at))) {
      flat += '.';
      origins.push(at - 1);
    }
  });
  copy(plain.length);
  origins.push(text.length);
  return { flat, tokens, origins, places };
}

/** Same length as the text, so that places stay. */
function plainText(text: string): string {
  return text
    .replace(/[⟨⟩]/g, ' ')
    .replace(/[A-Z]/g, (letter) => letter.toLowerCase())
    .replace(/[’‘]/g, "'")
    .replace(/[“”«»"]/g, ' ')
    .replace(/[–—‑−]/g, '-')
    .replace(/[\u00a0\u202f\u2009\t]/g, ' ')
    .replace(/[•●▪·]/g, ';')
    .replace(bracketed, ' $1 ')
    .replace(abbreviations, (found) => `${found.slice(0, -1)} `);
}

/** What stands in the text at a span of the flat one. */
export function originOf({ origins, places, tokens }: FlatText, span: Span): Span {
  const start = origins[span.start] ?? 0;
  const within = places.findIndex((place) => place.start < span.end && place.end >= span.end);
  const end = within >= 0 ? (tokens[within]?.end ?? 0) : (origins[span.end - 1] ?? 0) + 1;
  return { start, end };
}
