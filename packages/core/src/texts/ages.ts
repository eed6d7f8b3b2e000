/** A term told by two ages: "from her 30th birthday until she is 65". */

import { tokenAt, type Page } from './page.ts';

const age = '⟨[no](\\d+)⟩(?: birthday| years? old)?';
const between = new RegExp(
  `(?:[a-z],|at|from|aged?|of|since|turns?|turned|is|on|starting|beginning)(?: (?:the|her|his|their))?(?: age(?: of)?)? ${age}` +
    '[^?!]{0,120}?(?:until|till|to|at|up to|when|on)(?: (?:the|her|his|their|age|of|she|he|they|is|are|turns?|reach(?:es)?|retires?|retirement|at|aged?))* ' +
    age,
);

export interface Ages {
  readonly years: number;
  /** The numbers that tell them. */
  readonly tokens: readonly number[];
}

/** @returns the years between two ages, where the text tells a term by them */
export function agesOf(page: Page): Ages | undefined {
  const found = between.exec(page.flat);
  if (!found) return undefined;
  const tokens = [Number(found[1]), Number(found[2])];
  const [from = 0, to = 0] = tokens.map((at) => tokenAt(page, at).value);
  return from >= 10 && to <= 110 && to > from && /birthday|age|old|until|till|retire/.test(found[0])
    ? { years: to - from, tokens }
    : undefined;
}
