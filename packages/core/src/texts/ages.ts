/** A term told by two ages: "from her 30th birthday until she is 65". */

import { tokenAt, type Page } from './page.ts';

const age = '⟨[no](\\d+)⟩(?: birthday| years? old)?';
const between = new RegExp(
  `(?:[a-z],|at|from|aged?|of|since|turns?|turned|is|on|starting|beginning)(?: (?:the|her|his|their))?(?: age(?: of)?)? ${age}` +
    '[^?!]{0,120}?(?:until|till|to|at|up to|when|on)(?: (?:the|her|his|their|age|of|she|he|they|is|are|turns?|reach(?:es)?|retires?|retirement|at|aged?))* ' +
    age,
);

/** @returns the years between the two ages, where the text tells a term by them */
export function yearsBetweenAges(page: Page): number | undefined {
  const found = between.exec(page.flat);
  if (!found) return undefined;
  const [from, to] = [tokenAt(page, Number(found[1])).value, tokenAt(page, Number(found[2])).value];
  return from >= 10 && to <= 110 && to > from && /birthday|age|old|until|till|retire/.test(found[0])
    ? to - from
    : undefined;
}
