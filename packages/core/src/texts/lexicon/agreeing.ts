/**
 * A question whose words no cue knows asks for the one thing that is missing. Where its words go with that, and with
 * nothing else, it is no guess.
 */

import type { Unknown } from '../reading.ts';

interface Agreeing {
  readonly goesWith: RegExp;
  readonly goesAgainst: RegExp;
}

const word = (words: string): RegExp => new RegExp(`(?<![a-z])(?:${words})`);

const byUnknown: Readonly<Record<Unknown, Agreeing>> = {
  amount: {
    goesWith: word(
      'borrow|lend|lent|financ|loan|mortgage|afford|price|cost|worth|invest|present|sum|value|need|settle|hand|pay|must it be|be given|should (?:he|she|they) get',
    ),
    goesAgainst: word(
      'each|every|⟨[ea]|per |interest|at the end|after|left|still|total|altogether|in all|payment|rate|more|less',
    ),
  },
  payment: {
    goesWith: word(
      'pay|instal|rent|deposit|withdr|draw|sav|set aside|contribut|allowance|pension|income|sum|each|every|⟨[ea]|(?:they|it|these|those) be\\W*$|one of (?:them|these|those)|is the amount(?![a-z])',
    ),
    goesAgainst: word(
      'interest|owe|left|balance|total|altogether|in all|how (?:long|many)|last|final|rate|more|less|differ|after|extra|price|cost',
    ),
  },
  finalAmount: {
    goesWith: word(
      'have|what has|worth|grow|value|become|total|sum|amount|accumul|account|fund|there|get|receive|collect|come to',
    ),
    goesAgainst: word(
      'each|every|⟨[ea]|interest|borrow|invest|first|now|today|rate|more|less|differ|payment|instal|paid in|deposited',
    ),
  },
  payments: {
    goesWith: word('how (?:long|many|soon)|when|time|years|months|term|until'),
    goesAgainst: word('interest|owe|balance|rate|more|less|fewer|sooner|⟨t|last|how much'),
  },
  rate: {
    goesWith: word('rate|yield|return|per ?cent|apr'),
    goesAgainst: word('how much|balance|total|paid|each|difference|effective'),
  },
};

/** "…, given interest of 3 %": what is told behind a question. */
const givenBehind =
  /,? (?:given|if|assuming|when|at|with|nominal|the) (?:(?:that|an?|the) )?(?:interest |rate |nominal )*(?:(?:is|of|at|rate) )*⟨p.*$/;

/** @param words of a question, as in the flat text */
export function agrees(words: string, unknown: Unknown): boolean {
  const { goesWith, goesAgainst } = byUnknown[unknown];
  const own = words.replace(givenBehind, '');
  return goesWith.test(own) && !goesAgainst.test(own);
}
