/** A rate that is told by how much it is above or below another: "1.2 percentage points higher". */

import type { FlatText } from './flatText.ts';
import type { Token } from './tokens.ts';

/** "1.2 percentage points", and not "1.2 %". */
export const isInPoints = (words: string): boolean => /points?$/i.test(words);

const isTo = /(?<![a-z])(?:to|at|from|of) $/;
/** Whose rate it is. "They pay 20 % down" tells of none, where points do. */
const ofPoints =
  /(?<![a-z])(?:rate|interest|it|they|bank|lender)(?: [a-z]+){0,4} (?:by )?$|(?:raises?|increases?|puts up|lowers?|cuts?|reduces?)(?: [a-z]+){0,3} by $/;
const ofRate = /(?<![a-z])rate(?: of interest)?(?: [a-z]+){0,4} (?:by )?$/;
const above = /^ (?:higher|more|above)(?![a-z])/;
const below = /^ (?:lower|less|below)(?![a-z])/;
const falls =
  /(?<![a-z])(?:lower(?:s|ed)?|falls?|fell|drops?|dropped|cuts?|reduc[a-z]+|decreas[a-z]+|goes down|went down|brings? down|sinks?)(?![a-z])[^.;?!]*$/;
/** "by 0.25 percentage points each year": more than once. */
const eachTime = /^(?: higher| lower)? (?:⟨[ea]\d+⟩|each|every|per)/;
const isRate =
  /^(?: ⟨[ea]\d+⟩| (?:nominal|effective|interest|a year))*,? (?:compounded|convertible|effective)|^ ⟨[ea]\d+⟩/;
const rateBefore = /(?:rate|interest|at|charges?|earns?|pays?)(?: (?:is|of|at|=))* $/;

/** The same text; a rate told in points is a rate, and `inPoints` keeps what is told of it. */
export function pointsAsRates(text: FlatText, said: string): FlatText {
  const { flat, tokens, places } = text;
  let base: number | undefined;
  const read = tokens.map((token, at): Token => {
    if (token.form !== 'percent') return token;
    const { start, end } = places[at]!;
    const before = /[^.;?!]*$/.exec(flat.slice(0, start))![0];
    const after = flat.slice(end, end + 24);
    const inWords = isInPoints(said.slice(token.start, token.end));
    const isMore = inWords ? !isTo.test(before) : / by $/.test(before) || above.test(after) || below.test(after);
    const whose = inWords ? ofPoints : ofRate;
    const isNext = isMore && base !== undefined && whose.test(before) && !eachTime.test(after);
    if (!isNext) {
      if (!isMore && (isRate.test(after) || rateBefore.test(before))) base = token.value;
      return token;
    }
    const isLess = below.test(after) || (!above.test(after) && falls.test(before));
    const value = Number((base! + (isLess ? -1 : 1) * token.value).toFixed(12));
    return { ...token, value, inPoints: token.value };
  });
  return { ...text, tokens: read };
}
