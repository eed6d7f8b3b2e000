/** Sums written without their currency, in a text that has one elsewhere. */

import type { Token } from './tokens.ts';

/** What may stand behind a sum written without its currency. */
const behindSum =
  /^(?:\s*(?:[.,;:)?!\n]|$)|\s+(?:at|each|every|per|a|an|in|on|from|to|for|and|or|is|was|are|with|now|today|down|over|when|the|by|if|when|borrowed|lent|left|monthly|quarterly|yearly|weekly)(?![a-z]))/;

/** "hand over 1,500 at each year's end", "36 payments of 294.60": money, where no word says of what. */
export function asMoney(each: Token, lower: string): Token {
  const written = lower.slice(each.start, each.end);
  const isLarge = each.form === 'count' && /\d[.,\s'’]\d{3}$|\d[.,]\d\d$/.test(written) && each.value >= 10;
  const isNumbered = /(?:no|nos|number|account|population|of|seats|holds|has|with)\.? $/.test(
    lower.slice(0, each.start),
  );
  return isLarge && !isNumbered && behindSum.test(lower.slice(each.end)) ? { ...each, form: 'money' } : each;
}
