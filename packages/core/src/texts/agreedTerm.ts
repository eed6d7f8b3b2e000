/** A mortgage agreed for some years and amortized over more: the shorter time is a moment, and no term of the payments. */

import { groupFound } from './pattern.ts';
import type { FlatText, Span } from './flatText.ts';
import type { AskedPlace } from './lexicon/placeRecord.ts';
import { yearsOf } from './tokens.ts';

const amortized = /amorti[sz]|(?<![a-z])renew/;
const agreed =
  /⟨t(\d+)⟩ (?:(?:closed|fixed|open|initial|first|renewable|mortgage|fixed-rate) )*term(?![a-z])|(?<![a-z])(?:(?:comes?|is|are) (?:up )?for renewal|(?:must|has to|is to|needs to|will) be renewed|(?:is|are) (?:renewed|renewable)|renews) (?:after|at the end of|in) ⟨t(\d+)⟩|(?<![a-z])term(?: of the [a-z]+)?(?: is| of| was|:|,| being| will be| lasts| runs)*(?: the| an?)?(?: first| initial)? ⟨t(\d+)⟩/g;
const ofTerm =
  /(?:(?:end|close|expiry|expiration) of (?:the|this|that|its|her|his|their)|(?:when|once|as) (?:the|this|that|its|her|his|their)|(?:during|over|in|within|throughout) (?:the|this|that|its|her|his|their)|(?:before|until|after|by) the) (?:[a-z]+ )?(?:⟨t\d+⟩ )?(?:mortgage )?term(?! of the (?:loan|debt)(?![a-z]))(?![a-z])|(?:at|on|upon|of|for|before|until|needs?|comes? up for) (?:the |its )?renewal|(?<![a-z])at maturity(?![a-z])|when (?:it|the (?:mortgage|loan)) (?:is up for|comes up for|must be|is to be|is) renew/;
const renews =
  /(?<![a-z])renew|(?:end|close|expiry) of (?:the|an?|this|that|its|her|his|their) (?:⟨t\d+⟩ )?(?:[a-z]+ )?term(?! of)(?![a-z])/;

export interface AgreedTerm {
  readonly years: number;
  /** The numbers that tell it, first and again. */
  readonly tokens: readonly number[];
}

/** @returns the time for which the terms of a loan are agreed, where it is repaid over a longer one */
export function agreedTermOf(page: FlatText): AgreedTerm | undefined {
  if (!amortized.test(page.flat)) return undefined;
  const told = [...page.flat.matchAll(agreed)].map((found) => Number(groupFound(found)));
  const [first] = told;
  if (first === undefined) return undefined;
  const years = yearsOf(page, first);
  const isLonger = page.tokens.some(({ form }, at) => form === 'time' && yearsOf(page, at) > years + 1e-9);
  if (!isLonger || told.some((at) => yearsOf(page, at) !== years)) return undefined;
  return { years, tokens: told };
}

/** What a question looks at that speaks of the end of that time, or of all of it. */
export function placeInTerm(
  page: FlatText,
  { unit }: { readonly unit: Span },
  kind: 'range' | 'moment',
): AskedPlace | undefined {
  const words = page.flat.slice(unit.start, unit.end);
  const term = ofTerm.test(words) ? agreedTermOf(page) : undefined;
  if (!term) return undefined;
  const taken = term.tokens.map((token) => ({ token, role: 'after' as const }));
  return kind === 'moment' ? { afterYears: term.years, taken } : { fromYear: 1, toYear: term.years, taken };
}

/** When a rate changes that changes as the loan is renewed. */
export function renewalOf(
  page: FlatText,
  { start, end }: Span,
): { afterYears: number; taken: { token: number; role: 'after' }[] } | undefined {
  const term = renews.test(page.flat.slice(start, end)) ? agreedTermOf(page) : undefined;
  return term && { afterYears: term.years, taken: term.tokens.map((token) => ({ token, role: 'after' as const })) };
}
