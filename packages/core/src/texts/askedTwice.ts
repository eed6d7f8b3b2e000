/** Questions that ask for two things in one breath: "the payment before and after", "each month, and in all". */

import type { Found } from './askedOfTold.ts';
import type { Span } from './flatText.ts';
import type { Question } from './question.ts';
import type { Sentence } from './sentences.ts';

interface Asking {
  readonly flat: string;
  /** The question as it is read. */
  readonly own: Question;
  readonly piece: Span;
  readonly sentence: Sentence;
  /** What else its sentence asks. */
  readonly others: readonly Found[];
}

/** @returns the question; or the two that it asks, in their order */
export function askedTwice(asking: Asking): Question[] {
  for (const read of ways) {
    const both = read(asking);
    if (both) return both;
  }
  return [asking.own];
}

const ways: readonly ((asking: Asking) => Question[] | undefined)[] = [
  oldAndNew,
  paymentAndNew,
  choiceAndHowMuch,
  eachAndInAll,
  thenAndNow,
  whatItConsistsOf,
  compoundedTwoWays,
  nominalAndEffective,
];

const wordsOf = ({ flat, own }: Asking): string => flat.slice(own.unit.start, own.unit.end);

/** "What is the new payment, and what was the old one?" in one: "the old and the new payment". */
function oldAndNew(asking: Asking): Question[] | undefined {
  const { own, sentence } = asking;
  const isBoth =
    own.asked === 'newPayment' &&
    (/before and after/.test(wordsOf(asking)) ||
      /(?:old|original|former) and (?:the |her |his |their )?new/.test(sentence.text));
  const whole = { start: sentence.start, end: own.unit.end };
  return isBoth ? [{ ...own, asked: 'payment', start: sentence.start, unit: whole }, own] : undefined;
}

function paymentAndNew(asking: Asking): Question[] | undefined {
  const { own, sentence, others } = asking;
  const isBoth =
    own.asked === 'payment' && others.every(({ question }) => !isOfPayment(question.says)) && asksBoth(asking);
  return isBoth ? [own, { ...own, asked: 'newPayment', end: sentence.end }] : undefined;
}

const isOfPayment = (says: Question['asked']): boolean => says === 'payment' || says === 'newPayment';

/** "What is the payment before and after?", "What are the two payments?" of a loan whose rate changes. */
function asksBoth({ flat, own, piece, sentence }: Asking): boolean {
  const isAround =
    /before and (?:what )?after|and (?:then |what )?after(?:wards)?|in the first [a-z]+,? and (?:what )?(?:later|afterwards|then)|first,? and (?:what )?(?:later|afterwards|then)/.test(
      flat.slice(piece.start, sentence.end),
    );
  const isTwo = /(?:two|both) (?:⟨e\d+⟩ )?payments|⟨n\d+⟩ payments/.test(flat.slice(piece.start, own.end + 12));
  const changes =
    /rate[^.?!]{0,40}(?:falls|rises|rose|fell|changes|raised|lowered|goes (?:up|down)|went (?:up|down)|drops|cut|reduced|increased)/.test(
      flat,
    ) ||
    /for the first ⟨t[^.?!]*(?:rate|⟨p)[^?]*(?:then|after)/.test(flat) ||
    /(?:payment|instal?lment)s? (?:is|are) (?:then |now )?(?:lowered|reduced|recalculated|adjusted)/.test(flat);
  return isAround || (isTwo && changes);
}

/** "Which is cheaper by how much?" */
function choiceAndHowMuch(asking: Asking): Question[] | undefined {
  const { own, others } = asking;
  const isBoth =
    own.asked === 'choice' &&
    others.every(({ question }) => question.says !== 'difference') &&
    /(?:cheaper|dearer|better|more|less|lower|higher|ahead),? by (?:how much|what)/.test(wordsOf(asking));
  return isBoth ? [own, { ...own, asked: 'difference' }] : undefined;
}

/** "How much is saved each month, and in all?" */
function eachAndInAll(asking: Asking): Question[] | undefined {
  const found = /^([^?]*⟨[ea]\d+⟩),? and (?:in all|altogether|in total|over the whole)(?![a-z])/.exec(wordsOf(asking));
  const { asked } = asking.own;
  if (!found || (asked !== 'difference' && asked !== 'payment')) return undefined;
  return partedAt(asking, found[1]!.length, asked === 'payment' ? 'totalPaid' : asked);
}

/** "What does the 10th payment consist of?": interest and principal. */
function whatItConsistsOf(asking: Asking): Question[] | undefined {
  const { own } = asking;
  const isMade =
    /(?:payment|instal?lment)(?: number ⟨n\d+⟩| ⟨n\d+⟩)? (?:consists? of|(?:is )?(?:made up|composed) of|breaks? down into)/.test(
      wordsOf(asking),
    );
  return own.asked === 'payment' && isMade
    ? [
        { ...own, asked: 'interest' },
        { ...own, asked: 'principal' },
      ]
    : undefined;
}

/** "What is the rate, compounded (a) annually, (b) monthly?" */
function compoundedTwoWays(asking: Asking): Question[] | undefined {
  const words = wordsOf(asking);
  const found = /^([^?]*(?:compounded|convertible)[^?⟨]{0,12}⟨e\d+⟩)((?:[^?⟨]{0,14}⟨e\d+⟩)+)\W*$/.exec(words);
  if (asking.own.asked !== 'nominalRate' || !found) return undefined;
  // "… monthly, quarterly and half-yearly": one for each.
  const ends = [...words.matchAll(/⟨e\d+⟩/g)]
    .map(({ index, 0: mark }) => index + mark.length)
    .filter((at) => at >= found[1]!.length);
  const { start, end } = asking.own.unit;
  return ends.map((to, at) => {
    const from = at === 0 ? start : start + ends[at - 1]!;
    const until = at === ends.length - 1 ? end : start + to;
    return { ...asking.own, ...(at === 0 ? {} : { start: from, end: until }), unit: { start: from, end: until } };
  });
}

/** "And per year, nominal and effective?" */
function nominalAndEffective(asking: Asking): Question[] | undefined {
  const { own, others, sentence } = asking;
  const isBoth =
    own.asked === 'effectiveRate' &&
    others.every(({ question }) => question.says !== 'nominalRate') &&
    /(?<![a-z])nominal(?:ly)?,? and (?:as an? |the )?effective(?:ly)?\W*$/.test(sentence.text);
  return isBoth ? [{ ...own, asked: 'nominalRate' }, own] : undefined;
}

/** "What are they worth at the end of the 20 years, and today?" */
function thenAndNow(asking: Asking): Question[] | undefined {
  const { asked } = asking.own;
  const words = wordsOf(asking);
  const last =
    /^([^?]*(?:just|right|immediately|directly|straight) after (?:the|her|his|its) (?:last|final|⟨o\d+⟩) [a-z]+),? and (?:what )?(?:at the end|⟨[ta]\d+⟩ later|(?:an?|one) [a-z-]+ later)/.exec(
      words,
    );
  if (asked === 'finalAmount' && last) return partedAt(asking, last[1]!.length, 'finalAmount');
  const now = /^([^?]*),? and (?:what )?(?:today|now|at (?:the|their) (?:start|beginning|outset))\W*$/.exec(words);
  if (asked === 'finalAmount' && now) return partedAt(asking, now[1]!.length, 'amount');
  const then = /^([^?]*),? and (?:what )?(?:at (?:the|their) (?:very )?end|after ⟨t\d+⟩|in ⟨t\d+⟩)[^?]{0,24}\W*$/.exec(
    words,
  );
  return asked === 'amount' && then && /worth|value/.test(words)
    ? partedAt(asking, then[1]!.length, 'finalAmount')
    : undefined;
}

/** Its words up to a place, and what is asked from there on. */
function partedAt({ own }: Asking, length: number, asked: Question['asked']): Question[] {
  const { start, end } = own.unit;
  const at = start + length;
  return [
    { ...own, unit: { start, end: at } },
    { ...own, asked, start: at, end, unit: { start: at, end } },
  ];
}
