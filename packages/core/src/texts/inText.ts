/** A reading laid over its text: pieces in order, each with what it is. */

import type { ProblemReading, ReadCue, ReadUse } from './reading.ts';

export type TextPiece =
  | { readonly is: 'words'; readonly text: string; readonly start: number }
  | { readonly is: 'number'; readonly text: string; readonly start: number; readonly use: ReadUse }
  | { readonly is: 'aside'; readonly text: string; readonly start: number }
  | { readonly is: 'cue'; readonly text: string; readonly start: number; readonly cue: ReadCue };

/**
 * Numbers go before cues, and cues that begin sooner before others; what is covered is not said again. Labels of parts
 * are plain words.
 */
export function inText(
  text: string,
  { uses, ignores, cues }: Pick<ProblemReading, 'uses' | 'ignores' | 'cues'>,
): TextPiece[] {
  const numbers: TextPiece[] = [
    ...uses.map((use): TextPiece => ({ is: 'number', text: use.quote, start: use.start, use })),
    ...ignores.flatMap(({ quote, start, isLabel }): TextPiece[] =>
      isLabel ? [] : [{ is: 'aside', text: quote, start }],
    ),
  ];
  const taken: TextPiece[] = [...numbers];
  const isFree = (start: number, end: number): boolean =>
    taken.every((each) => end <= each.start || start >= each.start + each.text.length);
  for (const cue of [...cues].sort((one, other) => strength(other) - strength(one)))
    if (isFree(cue.start, cue.start + cue.quote.length))
      taken.push({ is: 'cue', text: cue.quote, start: cue.start, cue });
  taken.sort((one, other) => one.start - other.start);
  const pieces: TextPiece[] = [];
  let at = 0;
  for (const each of taken) {
    if (each.start < at) continue;
    if (each.start > at) pieces.push({ is: 'words', text: text.slice(at, each.start), start: at });
    pieces.push(each);
    at = each.start + each.text.length;
  }
  if (at < text.length) pieces.push({ is: 'words', text: text.slice(at), start: at });
  return pieces;
}

/** What is asked is shown before what decides, and that before the kind. */
const strength = ({ says }: ReadCue): number => (/^(?:asks|unknown)/.test(says) ? 3 : says.startsWith('kind') ? 1 : 2);
