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
  /** Where in the flat text a "payment" is written as one of a debt: "instalment", "repayment". */
  readonly owed: readonly Span[];
}

export interface Span {
  readonly start: number;
  readonly end: number;
}

/** Words before a number that say nothing of what it is, and what says the same in short. */
const fillers: readonly { readonly words: RegExp; readonly forms?: string; readonly short: string }[] = [
  {
    words:
      /(?<=[\s(])(?:at least|at most|about|exactly|roughly|only|just|as much as|no less than|no more than|nearly|precisely|a further|as little as|a mere) $/,
    short: '',
  },
  { words: /(?<![a-z])over (?:a|the) (?:term|period|time|course|space|duration) of $/, forms: 't', short: 'over ' },
  { words: /(?<![a-z])for (?:a|the) (?:term|period|time|duration) of $/, forms: 't', short: 'for ' },
  { words: /(?<![a-z])in (?:a|the) (?:course|space) of $/, forms: 't', short: 'over ' },
  { words: /(?<![a-z])(?:with|bearing|carrying) interest at $/, forms: 'p', short: 'at ' },
  {
    words:
      /(?<![a-z])at (?:an? )?(?:(?:annual|yearly|fixed|constant|current) )?(?:interest )?rate (?:of interest )?of $/,
    forms: 'p',
    short: 'at ',
  },
];

/** "You are asked to find", "Help her work out": find. */
const toFind = new RegExp(
  `^(?:(?:you|we) (?:are|were) (?:now |then )?(?:asked|required|expected|told|requested|invited) to|(?:your|the|our) (?:task|job|problem|question|aim) is to|(?:can|could|will|would) you(?: please| now)?|it is (?:required|asked|desired|necessary) to|(?:we|you) (?:want|wish|need|would like|have) to|help (?:[a-z]+ ){1,3}?(?:to )?|your answer should|use (?:[a-z-]+ ){1,5}?to|using (?:[a-z-]+ ){1,5}?,|by means of (?:[a-z-]+ ){1,4}?,) ?(?:find|calculate|compute|determine|work out|state|give|tell (?:him|her|them|me|us)|say|show)(?= (?:the|his|her|their|its|what|how|which|both|each)(?![a-z]))`,
);

const LONGEST_NAME = 64;

/** Words that are read as others; `isOwed` where they are said of a debt. */
const otherNames: readonly { readonly words: RegExp; readonly as: string; readonly isOwed?: true }[] = [
  { words: /^(?:repayment|instal?lment)/, as: 'payment', isOwed: true },
  { words: /^how (?:high|big)(?= (?:is|are|was|were|will|would|must|should|does|do|an?)(?![a-z]))/, as: 'how large' },
  { words: toFind, as: 'find' },
  {
    words:
      /^(?:(?:he|she|they|it|we|i) (?:wants?|would like|wish(?:es)?|needs?) to know|tell (?:him|her|them|me|us)|(?:required|wanted|sought|asked|to find):)(?= (?:the|his|her|their|its|what|how)(?![a-z]))/,
    as: 'find',
  },
];

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
      const other = /[a-z]$/.test(flat) ? undefined : otherName(plain.slice(at, at + LONGEST_NAME));
      if (other) {
        if (other.isOwed) owed.push({ start: flat.length, end: flat.length + other.as.length });
        flat += other.as;
        const last = at + other.length - 1;
        for (let letter = 1; letter < other.as.length; letter += 1) origins.push(at);
        origins.push(last);
        at = last;
        continue;
      }
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
    for (const { words, forms = '', short } of fillers) {
      const found = forms.includes(markLetters[token.form]) || forms === '' ? words.exec(flat.slice(-48)) : null;
      if (!found) continue;
      flat = flat.slice(0, flat.length - found[0].length) + short;
      origins.length = flat.length;
    }
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

function otherName(rest: string): { readonly as: string; readonly isOwed?: true; readonly length: number } | undefined {
  for (const { words, ...name } of otherNames) {
    const found = words.exec(rest);
    if (found) return { ...name, length: found[0].length };
  }
  return undefined;
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
