/** "… lends the rest over 3 years at 8.4 % or over 5 years at 9 %": two terms and two rates, and all else holds for both. */

import type { Span } from '../flatText.ts';
import { oncePerPage } from '../oncePerPage.ts';

const words = '[^⟨.;:?!\\n]{0,40}';
const often = `(?:${words}⟨[ea]\\d+⟩){0,3}${words}`;
const termFirst = `⟨t\\d+⟩${words}⟨p\\d+⟩`;
const rateFirst = `⟨p\\d+⟩${often}⟨t\\d+⟩`;
const turn = '(?:[,;]? (?:or(?: else)?|and|against|versus)(?: (?:for|over|with|at|of|in|a|an|one|another))*)';

const parallel = [termFirst, rateFirst].map((told) => new RegExp(`(${told})(${often}?${turn} )(${told})`));

/** "Either 1,000 down and the rest over 2 years, or …": what is paid belongs to the first alone. */
const ofFirst = /(?<![a-z])(?:either|first|one)(?![a-z])[^.?!]*⟨m\d+⟩[^.?!]*$/;

/** "6.9 % for the first two years and 8.1 % for the remaining three": one loan. */
const oneAfterOther = /(?<![a-z])(?:first|next|remaining|then|last|initial|after|thereafter)(?![a-z])/;

/** @returns where each is told, from its term and rate on; nothing where they are not told alike */
export const parallelOffers = oncePerPage(({ flat }): readonly [Span, Span] | undefined => {
  for (const toldAlike of parallel) {
    const found = toldAlike.exec(flat);
    if (!found || oneAfterOther.test(found[0])) continue;
    const [, first = '', between = '', second = ''] = found;
    const sentence =
      flat
        .slice(0, found.index)
        .split(/[.?!] /)
        .at(-1) ?? '';
    if (ofFirst.test(sentence)) return undefined;
    const middle = found.index + first.length;
    const behind = middle + between.length;
    return [
      { start: found.index, end: middle },
      { start: behind, end: behind + second.length },
    ];
  }
  return undefined;
});
