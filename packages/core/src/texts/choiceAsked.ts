/** Which is better, asked by naming both: "Will 2,000 at 5 % or 2,050 at 4.6 % be worth more?" */

import type { Found } from './askedOfTold.ts';
import type { Sentence } from './sentences.ts';

/** "Will 2,000 at 5 % or 2,050 at 4.6 % be worth more?" */
const eitherOr =
  /^[^?]*(?<![a-z])(?:will|would|is|are|does|do) [^?]* or [^?]*(?<![a-z])(?:more|cheaper|dearer|better|larger|higher|less|best)(?: for (?:an?|the) [a-z]+)? ?\?|^\W*should [^?]* (?:take|choose|accept|prefer) [^?]* or [^?]*\?/;

/** "Is the loan cheaper at bank A or at bank B, and by how much?" */
const cheaperOr = /^\W*(?:is|are|would|will|does|do) [^?]*(?<![a-z])(?:cheaper|dearer|better)(?![a-z])[^?]* or [^?]*\?/;

/** "Which is cheaper?", asked by naming both. */
export function choiceIn(sentence: Sentence, found: readonly Found[]): Found | undefined {
  const words = found.length === 0 ? eitherOr : cheaperOr;
  if (!words.test(sentence.text) || found.some(({ question }) => question.says !== 'difference')) return undefined;
  const end = found[0]?.piece.start ?? sentence.end;
  return { question: { says: 'choice', start: sentence.start, end }, piece: { ...sentence, end } };
}
