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
      'how large should (?:it|that) be|borrow|lend|lent|financ|loan|debt|mortgage|afford|price|cost|worth|invest|present|sum|value|need|settle|hand|pay|must it be|be given|should (?:he|she|they) get',
    ),
    goesAgainst: word(
      'each|every|⟨[ea]|per |interest|at the end|after|left|still|total|altogether|in all|payment|rate|more|less',
    ),
  },
  payment: {
    goesWith: word(
      'pay|instal|rent|deposit|withdr|draw|sav|set aside|contribut|allowance|pension|income|sum|each|every|⟨[ea]|(?:they|it|these|those) be\\W*$|one of (?:them|these|those)|is the amount(?![a-z])|^\\W*how (?:big|large)\\W*$',
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
      'each|every|⟨[ea]|interest|borrow|invest|first|now|today|rate|more|less|differ|payment|instal|paid in|deposited|pay (?:you|him|her|them|me|for)',
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

/** "…, given interest of 3 %", "…, if money earns 5 %": what is told behind a question. */
const givenBehind =
  /,? (?:given|if|assuming|when|at|with|where|nominal|the(?= (?:interest|rate|nominal)))(?![a-z])[^?⟨]{0,40}(?<!⟨[^⟩]*)⟨p.*$/;

/** Words that ask for something besides what a plan seeks. */
const asksElse = word(
  'interest|owe|owing|outstanding|left|balance|total|altogether|in all|all told|last|final|closing|smaller|more|less|fewer|differ|extra|cost|charge|cheap|dear|better|sav(?:es?|ed|ing) (?:by|this|that|it)|sooner|earlier|reduce|of (?:it|that|this|which|them)(?! (?:each|must))|both|difference|gain|profit|makes?(?! (?:each|every))|earn|half|halv|lender|the bank|factor|ratio|multipl|proportion|percent|share|part|average|mean|schedule|table|graph|chart|curve|premium|penalt|early|tax|worth it|why|whether|who|which',
);

/** It looks at one payment. */
const looksAtPayment =
  /⟨o\d+⟩ (?:⟨e\d+⟩ )?(?:payment|instal|deposit|withdrawal|rental)|(?:payment|deposit|instal[a-z]+) (?:number )?⟨n/;

/** It looks at one payment, or at a time on the way. */
const looksAt =
  /⟨o\d+⟩ (?:⟨e\d+⟩ )?(?:payment|instal|deposit|withdrawal|rental|month|quarter|year)|(?:payment|deposit|instal[a-z]+|year) (?:number )?⟨n|(?:after|at the end of) (?:year|⟨[nto])/;

/**
 * @param words of a question, as in the flat text
 * @param isAlone nothing else is asked: then it is enough that its words go with nothing else
 */
export function agrees(words: string, unknown: Unknown, isAlone = false): boolean {
  const { goesWith, goesAgainst } = byUnknown[unknown];
  const own = words
    .replace(
      /^[^?]*?(?<![a-z])(?=(?:what|how|which|find|give|state|compute|calculate|determine|work out)(?![a-z]))/,
      '',
    )
    .replace(givenBehind, '')
    .replace(/⟨n\d+⟩(?: times| of them)? (?:altogether|in all|in total)/g, '');
  if (isAlone && (unknown === 'finalAmount' ? looksAtPayment : looksAt).test(own)) return false;
  const head = unknown === 'finalAmount' ? (own.split(/ (?=after|at the end|when|by)/)[0] ?? own) : own;
  if (goesWith.test(head) && !goesAgainst.test(head)) return true;
  return isAlone && !asksElse.test(own) && !(goesAgainst.test(head) && !goesWith.test(head));
}
