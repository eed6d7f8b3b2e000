/** A question that asks once more what was asked before it: of another time, or of both. */

import type { Asked } from './lexicon/questions/index.ts';
import type { Question } from './question.ts';
import type { Sentence } from './sentences.ts';

/** "After five years?" asks the same of another time, "Give both." what a choice goes by. */
export const askedOnceMore = (flat: string, before: Question, sentence: Sentence): Asked | undefined =>
  isAgain(sentence.text) ? before.asked : bothOf(flat, before, sentence);

const isAgain = (text: string): boolean =>
  /^(?:and )?what if (?:he|she|they|one|it|you|the [a-z]+) (?:has|have|had|takes?|took|wants?|wanted|gets?|got)(?![a-z])[^?⟨]*⟨t\d+⟩[^?⟨]*\?/.test(
    text,
  ) ||
  /^(?:\(?(?:[a-h]|i{1,3}|iv|v)\)\s*)?(?:and )?when (?:the|it) [^?⟨]{3,30}\?/.test(text) ||
  isAgainAt(text);

const isAgainAt = (text: string): boolean =>
  /^(?:\(?(?:[a-h]|i{1,3}|iv|v)\)\s*)?(?:and )?(?:(?:how much|what)(?: is (?:it|that|there))? )?(?:(?:after|in|at|by|following|once|compounded|convertible)(?![a-z])|(?:to|of|for) (?=⟨p)|of the (?=last|first|⟨o))[^?]{0,50}\?/.test(
    text,
  ) && /⟨[tnoep]\d+⟩|(?:of|in) (?:the|its) (?:last|first)/.test(text);

/** "Which has the higher rate? Give both.": what the choice goes by. */
function bothOf(flat: string, { asked, unit }: Question, { text }: Sentence): Asked | undefined {
  if (asked !== 'choice') return undefined;
  const words = flat.slice(unit.start, unit.end);
  if (!/^\W*(?:give|state|show|find|name|quote|write down|work out|calculate) (?:them )?both\W*$/.test(text))
    return undefined;
  if (/effective|yield/.test(words)) return 'effectiveRate';
  if (/(?<![a-z])rates?(?![a-z])/.test(words)) return 'nominalRate';
  if (/in all|altogether|in total|total/.test(words)) return 'totalPaid';
  return /payment|instal/.test(words) ? 'payment' : undefined;
}
