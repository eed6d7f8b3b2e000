/** "220 a month for the first 18 months, then 300 until the debt is gone": a payment that is another from a moment on. */

import { groupFound } from './pattern.ts';
import type { ChangeRead } from './changeRead.ts';
import { sentenceAt, tokenAt, type Page } from './page.ts';
import { yearsOf } from './tokens.ts';

const often = '(?:(?: at)? ⟨[ae]\\d+⟩(?:-end| end)?| at (?:the )?(?:end|start|beginning|close) of ⟨[ae]\\d+⟩)*';
const joins =
  '[,;.:]? (?:(?:and|then|but|with|by|after (?:that|which|this)|thereafter|afterwards|from then on|he|she|they|it|pays?|paid|will|can|raises? (?:it|this|that) to),? )+';
/** It goes on until the debt is gone; a time behind it would be its own. */
const onwards =
  '(?= until| till| for as long| as long| thereafter| afterwards| from then on| after that| for the rest| to the end|[.,;?!)]|$)';

const firstThen = new RegExp(
  `⟨m(\\d+)⟩${often}(?: only)? (?:for|during|in|over) (?:(?:the first )?⟨t(\\d+)⟩|the first year)${joins}⟨m(\\d+)⟩${often}${onwards}`,
);
const inFirst = new RegExp(
  `(?<![a-z])(?:for|during|over|in) (?:the first )?⟨t(\\d+)⟩,? [a-z ]{0,24}(?:pays?|paid|paying)(?: only| just)? ⟨m(\\d+)⟩${often}${joins}⟨m(\\d+)⟩${often}${onwards}`,
);
const fromThe = new RegExp(
  `⟨m(\\d+)⟩${often},? (?:at first|to begin with|initially|to start with)[,;]? (?:and |then |but )*⟨m(\\d+)⟩${often},? (?:from|starting with|beginning with|as from) (?:the )?⟨o(\\d+)⟩(?: payment| month| one)?(?! year)`,
);

const firstOnes = new RegExp(
  `first ⟨n(\\d+)⟩ (?:of (?:the|them|these) )?(?:⟨e\\d+⟩ )?payments(?:[^.;?!⟨]| ⟨m\\d+⟩){0,40} (?:are|is|were|of) ⟨m(\\d+)⟩${often}[,;.] (?:and )?(?:from then on|after that|thereafter|afterwards|then|later),? (?:(?:they|it|each|these) )?(?:(?:are|is|were|come to) )?⟨m(\\d+)⟩`,
);

/** @returns nothing where no payment of another size follows, or a time is told for which it is made */
export function steppedPayment(page: Page): ChangeRead | undefined {
  const told = firstThen.exec(page.flat);
  const begun = told ? null : inFirst.exec(page.flat);
  const [one, time, other] = (told ? told.slice(1) : begun ? [begun[2], begun[1], begun[3]] : []).map(Number);
  if (told && !told[2]) return changed(page, Number(told[1]), Number(told[3]), { afterYears: 1, taken: [] });
  if (one !== undefined && time !== undefined && other !== undefined)
    return changed(page, one, other, { afterYears: yearsOf(page, time), taken: [{ token: time, role: 'after' }] });
  const [count, made, then] = (firstOnes.exec(page.flat) ?? []).slice(1).map(Number);
  if (count !== undefined && made !== undefined && then !== undefined)
    return changed(page, made, then, { after: tokenAt(page, count).value, taken: [{ token: count, role: 'after' }] });
  const [first, later, from] = (fromThe.exec(page.flat) ?? []).slice(1).map(Number);
  if (first === undefined || later === undefined || from === undefined) return undefined;
  const after = tokenAt(page, from).value - 1;
  return changed(page, first, later, { after, taken: [{ token: from, role: 'from' }] });
}

/** Only where the first is a payment: nothing else is held against it. */
function changed(
  page: Page,
  instead: number,
  token: number,
  moment: Pick<ChangeRead, 'after' | 'afterYears' | 'taken'>,
): ChangeRead | undefined {
  const [best] = page.signs[instead] ?? [];
  const isPayment = best?.role === 'payment' && tokenAt(page, instead).value !== tokenAt(page, token).value;
  return isPayment ? { token, kind: 'new payment', instead, ...moment } : undefined;
}

const grows: Readonly<Record<string, number>> = { double: 1, treble: 2, triple: 2, twice: 1, 'three times': 2 };
const thePayment = '(?:the|her|his|their|its|each|every|all|this|that)? ?(?:⟨e\\d+⟩ )?(?:payments?|deposits?)';
const multiplied = new RegExp(
  `(?<![a-z])(double|treble|triple)[sd]? (?:${thePayment}|what (?:he|she|they) (?:pays?|paid|puts? in|saves?))|${thePayment} (?:is|are|was|were|be) (double|treble|triple)d|(?<![a-z])pays? (twice|three times) as much`,
);
const momentTold =
  /(?<![a-z])(?:after|once|when|following|with|(from)) (?:the |her |his |their |first )*⟨([tno])(\d+)⟩(?! year)|⟨t(\d+)⟩ later/g;

/** "After three years she doubles the payment": told in words, so that the number of its moment stands for it. */
export function multipliedPayment(page: Page): ChangeRead | undefined {
  const found = multiplied.exec(page.flat);
  const times = grows[groupFound(found) ?? ''];
  const sentence = found && sentenceAt(page, { start: found.index, end: found.index });
  if (!found || !sentence || times === undefined) return undefined;
  const away = (each: RegExpMatchArray): number => Math.abs(sentence.start + (each.index ?? 0) - found.index);
  const told = [...page.flat.slice(sentence.start, sentence.end).matchAll(momentTold)];
  const [nearest] = told.sort((one, other) => away(one) - away(other));
  if (!nearest) return undefined;
  const [, from, form = 't', at, later] = nearest;
  const token = Number(at ?? later);
  const { value } = tokenAt(page, token);
  const moment =
    form === 't' ? { afterYears: yearsOf(page, token) } : { after: from === undefined ? value : value - 1 };
  return { token, kind: 'rise', times, ...moment, taken: [{ token, role: 'after' }] };
}
