/** "She wins 20,000, spends 5,000 on a boat and invests the rest": what is left of one sum when another is gone. */

import type { FlatText, Span } from './flatText.ts';

export interface RestOfSum {
  /** The token of the sum that came in, and of the one that went. */
  readonly whole: number;
  readonly less: number;
  /** Where both are told: no debt that is paid with them, and no rest, is owed in the case. */
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

/** What goes each month is a payment. */
const once = '(?! (?:⟨[ea]|at the (?:end|beginning|start)|each|every))';

const told = new RegExp(
  `(?<![a-z])${comesIn} ${few}⟨m(\\d+)⟩${few}(?:[.;] (?:she|he|they|it) )?(?<![a-z])${goes} ${few}⟨m(\\d+)⟩${once}(?:[^?!⟨]|⟨[ea]\\d+⟩){0,80}(?:${putIn} ${few}${rest}|${rest} (?:is|are|was|goes|went|she|he|they|it)(?![a-z]))`,
);

/** @returns nothing where no sum is told of which another is gone */
export function restOfSum({ flat }: FlatText): RestOfSum | undefined {
  const found = told.exec(flat);
  if (!found) return undefined;
  const [all, whole, less] = found;
  return { whole: Number(whole), less: Number(less), gone: { start: found.index, end: found.index + all.length } };
}

/** The flat text with blanks where it tells what became of the one sum: a mortgage that is paid off has no payments here. */
export function withoutGone({ flat, rest }: { readonly flat: string; readonly rest: RestOfSum | undefined }): string {
  if (!rest) return flat;
  const { start, end } = rest.gone;
  return flat.slice(0, start) + ' '.repeat(end - start) + flat.slice(end);
}
