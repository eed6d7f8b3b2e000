/** Clauses of a text, to tell which plan each belongs to. */

import type { Span } from '../flatText.ts';
import type { Page } from '../page.ts';

const cut =
  /[,.;:?!\n]\s*|(?<!from|until|till|by)\s(?=then\s)|\s(?=(?:are |is )?followed by\s|and then\s|so that\s|and\s|from then on\s|after (?:he|she|they) retires?\s|from which\s|after which\s|but\s|as much as\s|what (?:he|she|they) needs?\s|enough to\s|in order to\s|to be able to\s|so as to\s|to (?:take out|draw|withdraw)\s|to provide[,\s]|(?:are|is) to (?:pay for|provide|fund|finance|support|yield)\s|once (?:he|she|they) (?:retires?|stops?)\s|wants? ⟨m\d+⟩)/g;

export function clausesOf({ flat }: Page): Span[] {
  const clauses: Span[] = [];
  let start = 0;
  for (const found of flat.matchAll(cut)) {
    const end = found.index + found[0].length;
    if (end > start) clauses.push({ start, end });
    start = end;
  }
  if (start < flat.length) clauses.push({ start, end: flat.length });
  return clauses;
}

export const isIn = (spans: readonly Span[], { start }: Span): boolean =>
  spans.some((each) => start >= each.start && start < each.end);
