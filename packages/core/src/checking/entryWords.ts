/** Words around a number as students write them: what it is called, that it is about so much, for how long; and what a tool shows instead of one. */

/** "PMT = ", "x =", "a)", "payment: " */
const LABEL = /^(?:[a-z]\)|\(?[a-z][a-z .]{0,24}?\)?\s*[:=])\s*(?=[^=\s])/i;
const ABOUT = /^(?:[≈~≅]|(?:about|approximately|approx\.?|around|roughly|circa|ca\.?)(?=[\s\d$€£]))\s*/i;
/** "per month", "/month", "a month", "monthly", "p.a." */
const EVERY =
  /\s*(?:(?:\/|\b(?:per|a|an|each|every))\s*(?:months?|mo|quarters?|years?|yr|annum|weeks?|wk|fortnight|half-year|payments?|pmt|periods?|days?)|\b(?:monthly|quarterly|yearly|annually|weekly|p\.?\s?a\.?))$/i;

/** A number without the words around it; the rest is for whoever reads numbers. */
export function withoutWords(text: string): string {
  let rest = text.trim();
  for (const before of [LABEL, ABOUT, LABEL]) rest = rest.replace(before, '').trim();
  // A stop ends the sentence, not the number.
  rest = rest.replace(/(?<=[\d\w%)])[.;,]+$/, '').trim();
  const plain = rest.replace(EVERY, '').trim();
  return /\d/.test(plain) ? plain : rest;
}

/** What calculators and worksheets show where there is no number. */
const SHOWN =
  /^(?:error\b.{0,20}|err(?:or)?[ .:]*\d*|e|#(?:num|div\/0|value|ref|name\??|n\/a|null)!?\??|nan|no (?:solution|sign change)|not? (?:defined|a number)|undefined|overflow|infinity|∞|math error|syntax error)[.!]?$/i;

/** Whether a text is an error that a tool shows. */
export function isShownError(text: string): boolean {
  return SHOWN.test(text.trim());
}

/** The one number in a text that cannot be read as a whole. */
export function guessedIn(text: string): string | undefined {
  const numbers = text.match(/\d[\d.,'’]*(?:\s*%)?/g) ?? [];
  return numbers.length === 1 ? numbers[0]?.replace(/[.,]+$/, '') : undefined;
}
