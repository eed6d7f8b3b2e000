/** "She wins 20,000, spends 5,000 on a boat and invests the rest": what is left of one sum when another is gone. */

import type { FlatText, Span } from './flatText.ts';

export interface RestOfSum {
  /** The token of the sum that came in, and of the one that went. */
  readonly whole: number;
  readonly less: number;
  /** Where it is told what became of the one: no debt that is paid with it, and no rest, is owed in the case. */
  readonly gone: Span;
}

const comesIn =
  '(?:wins?|won|inherits?|inherited|sells?|sold|receives?|received|gets?|got|is left|was left|is paid|was paid|collects?|has|had|retires? with|comes? into|came into)';
const goes =
  '(?:spends?|spent|pays? off|paid off|settles?|clears?|gives?|gave|keeps?|kept|uses?|used|pays?|paid|lends?|donates?|sets? aside|takes?)';
const putIn =
  '(?:invests?|invested|puts?|deposits?|deposited|places?|placed|buys?|bought|lays?|banks?|banked|uses?|leaves?|pays?)';
const rest = '(?:the (?:rest|remainder|balance)|what (?:is|was) left|everything else)(?! of)';
const few = '[^.?!;⟨]{0,60}';

const told = new RegExp(
  `(?<![a-z])${comesIn} ${few}⟨m(\\d+)⟩${few}(?:[.;] (?:she|he|they|it) )?(?<![a-z])(${goes} (?:${few})⟨m(\\d+)⟩)(?:[^?!⟨]|⟨[ea]\\d+⟩){0,80}(?:${putIn} ${few}${rest}|${rest} (?:is|are|was|goes|went|are|she|he|they|it)(?![a-z]))`,
);

/** @returns nothing where no sum is told of which another is gone */
export function restOfSum({ flat }: FlatText): RestOfSum | undefined {
  const found = told.exec(flat);
  if (!found) return undefined;
  const [, whole, said = '', less] = found;
  const start = flat.indexOf(said, found.index);
  return { whole: Number(whole), less: Number(less), gone: { start, end: found.index + found[0].length } };
}
