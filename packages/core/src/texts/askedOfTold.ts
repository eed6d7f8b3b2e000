/** "The last payment is smaller. How large is it?": a question whose meaning was told before it. */

import type { Span } from './flatText.ts';
import { questionCues, type Asked } from './lexicon/questions/index.ts';
import { bestOf, lexicon, type Match } from './matches.ts';
import type { Sentence } from './sentences.ts';

/** The words that ask, and the words they are about. */
export interface Found {
  readonly question: Omit<Match<Asked>, 'weight'> & { readonly weight?: number };
  readonly piece: Span;
  /** Read by its nouns alone. */
  readonly isSupposed?: true;
}

export const findAsked = lexicon(questionCues);

/** Before "…, and how much …". */
export const headOf = (text: string): string => text.split(/,? and (?=how|what)/)[0] ?? text;

/** "The interest in the 7th payment: how much is it?" */
export function meantInFront(sentence: Sentence): Found | undefined {
  const tail =
    /(?:(?::| -) how (?:much|large|big)|(?::|,| -)(?: and)? (?:how (?:much|large|big) (?:is|are) (?:it|that|they)|what is (?:it|that))) ?\?\s*$/.exec(
      sentence.text,
    );
  // "How large is the debt then, and how large are they?" asks for two.
  const asksFirst = tail !== null && /^\W*(?:how|what|which|find)(?![a-z])/.test(sentence.text.slice(0, tail.index));
  const best = tail && !asksFirst ? bestOf(findAsked(sentence.text.slice(0, tail.index))) : undefined;
  const from = sentence.start;
  return best && { question: { ...best, start: from + best.start, end: from + best.end }, piece: sentence };
}

/** "230 a month for six years would pay off which loan?": what is asked stands at the end. */
export function askedAtEnd(sentence: Sentence): Found | undefined {
  const isAtEnd =
    /^[^?]*⟨m\d+⟩[^?]* (?:which|what|how (?:much|many|large))(?: [a-z]+){1,3}(?:,? (?:if|when) [^?]*)? ?\?\s*$/.test(
      sentence.text,
    );
  const best = isAtEnd ? bestOf(findAsked(sentence.text)) : undefined;
  const from = sentence.start;
  return best && { question: { ...best, start: from, end: from + best.end }, piece: sentence };
}

/** "If she clears the loan after 24 payments, how large a sum is needed?" */
export function clearsEarly(sentence: Sentence): Found | undefined {
  const { text, start, end } = sentence;
  const found =
    /^\W*(?:if|when|should|suppose) [^?]*?(?:clears?|pays?(?: off)?|settles?|repays?|redeems?|wants to (?:clear|pay off|settle|repay)) (?:the (?:loan|debt|mortgage|rest|balance)|it|everything|all that is (?:left|owed|outstanding)|what is left)(?: in full| early)?,? (?:(?:right |just |immediately )?after|at the end of|with|when) [^?]*⟨[nto]\d+⟩[^?]*, (?:what|how (?:much|large))(?: an?)?(?: (?:sum|amount|payment|money))? (?:is (?:needed|required|necessary|due)|(?:does|must|will|would) (?:he|she|they|it|that|this) (?:need|pay|take|cost|have to pay|be))\W*$/.exec(
      text,
    );
  return found ? { question: { says: 'balance', start, end }, piece: sentence } : undefined;
}

/** What may be told in one sentence and asked for as "it" in the next. */
const toldOf: ReadonlySet<Asked> = new Set<Asked>(['lastPayment', 'balance', 'interest', 'principal', 'leftToPay']);

/** "(b) After five years she would like to pay it off." */
const tellsInPart =
  /^\W*\(?(?:[a-h]|i{1,3}|⟨l\d+⟩)[.)]\s+(?:after|when|if|suppose|assume|he|she|they|the (?:borrower|bank|lender|owner|couple))(?![a-z])(?![^?]*(?<![a-z])(?:what|how|find|which)(?![a-z]))[^?]*\.\s*$/;

/** "What is it?" and nothing else. */
export const isIt = /^(?:and )?(?:what|how much|how large) is (?:it|that|this) ?\?\s*$/;

/** What is told in one of the two sentences before. */
export function meantByTold(
  flat: string,
  sentence: Sentence,
  sentences: readonly Sentence[],
  isUnderstood: boolean,
): Found | undefined {
  const at = sentences.indexOf(sentence);
  const [told, earlier] = [sentences[at - 1], sentences[at - 2]];
  if (!told || (told.asks && !tellsInPart.test(told.text))) return undefined;
  const meant = meantBefore(flat, sentence, told, isUnderstood);
  if (meant || !earlier || earlier.asks) return meant;
  const first = sentences[at - 3];
  for (const each of [earlier, ...(first && !first.asks ? [first] : [])]) {
    const before = meantBefore(flat, sentence, each, isUnderstood);
    if (before?.question.says === 'payment' || before?.question.says === 'finalAmount') return before;
  }
  return undefined;
}

/**
 * "The lender wants the balance after 5 years. How much is that?" asks for what was told just before.
 *
 * @param isUnderstood whether its own words ask for something by themselves
 */
function meantBefore(flat: string, sentence: Sentence, told: Sentence, isUnderstood: boolean): Found | undefined {
  const instead = replacedBy(flat, sentence, told);
  if (instead) return instead;
  // "It is paid off in one go after the 24th payment. What does that take?"
  const early =
    /(?:loan|debt|mortgage|it|everything)(?: is| was| were| to be)? (?:then )?(?:to )?(?:be )?(?:paid off|repaid|settled|cleared|paid out|closed|redeemed|settle|clear|redeem)[^.?!⟨]{0,40}(?:after|with|at the end of)[^.?!⟨]{0,20}⟨[nto]|(?:settle|clear|redeem|close|repay|pay off) (?:the (?:loan|debt|mortgage)|it) (?:early |in full )?(?:after|with|at the end of)[^.?!⟨]{0,20}⟨[nto]/.exec(
      flat.slice(told.start, told.end),
    );
  if (
    early &&
    /^(?:and )?(?:how much|what(?: (?:sum|amount))?) (?:must|has to|does|do|will|would|is|should) (?:(?:that|this|it|he|she|they) )?(?:then )?(?:be (?:paid|needed|required|due)|take|cost|need|needed|required|come to|pay)\W*$/.test(
      headOf(sentence.text),
    )
  )
    return {
      question: { says: 'balance', start: told.start + early.index, end: told.start + early.index + early[0].length },
      piece: told,
    };
  const off = paidOffBefore(flat, sentence, told);
  if (off) return off;
  if (
    !/^(?:\(?(?:[a-h]|i{1,3}|iv|⟨l\d+⟩)\)\s*)?(?:and )?(?:how (?:much|large|big)|(?:how (?:much|large|big)|what) (?:is|was|would|will) (?:that|it|this)(?: (?:sum|amount|payment|pension|withdrawal|income))?(?: be)?|(?:what|which) (?:sums?|amounts?)(?: (?:is|are|was|were) (?:that|this|it|they|these))?|(?:find|calculate|compute|determine|state|work out) (?:it|them|this|that|these|the (?:amount|sum))|(?:how much|what) (?:does|will|must|would|did) (?:he|she|they) (?:need|have to pay|pay|owe)(?: then| for (?:that|this))?)\W*$/.test(
      headOf(sentence.text)
        .replace(/^\W*(?:if|at|with|when) [^?]{0,90}, (?=what |how )/, '')
        .replace(
          /(?<=^\W*(?:(?:find|calculate|compute|determine|work out) (?:it|this|that)|(?:what|which) (?:amount|sum))),? (?:if|when|given) [^?]*$/,
          '',
        ),
    )
  )
    return undefined;
  // "He takes out the same amount at the end of each month. What is it?" Not: what does he owe?
  const regular =
    !/(?<![a-z])owe(?![a-z])/.test(sentence.text) &&
    /an? (?:⟨e\d+⟩ )?income(?![a-z])|the (?:rent|rental|payment|instal?lment|deposit) is (?:due|payable|paid|made) (?=at|each|every|⟨)|with (?:a|one) payment(?![a-z])|the (?:⟨e\d+⟩ )?payment is (?:found|computed|worked out|calculated)|(?:same|equal|fixed|regular|level|⟨e\d+⟩) (?:⟨e\d+⟩(?:-end)? |[a-z]+ )?(?:amounts?|sums?|payments?|deposits?|withdrawals?)(?![a-z])/.exec(
      flat.slice(told.start, told.end),
    );
  const later = setLater.exec(flat.slice(told.start, told.end));
  const meant = later ?? regular;
  const best: Omit<Match<Asked>, 'weight'> | undefined = meant
    ? { says: later ? 'newPayment' : 'payment', start: meant.index, end: meant.index + meant[0].length }
    : bestOf(findAsked(flat.slice(told.start, told.end)));
  if (best && isOfRate(best, flat, told)) return undefined;
  // "The last payment is smaller. How large is it?" is no question for the loan.
  if (!best || (isUnderstood && !meant && !toldOf.has(best.says))) return undefined;
  return { question: { ...best, start: told.start + best.start, end: told.start + best.end }, piece: told };
}

/** "She wishes to pay off the loan. How much must she pay?" */
function paidOffBefore(flat: string, sentence: Sentence, told: Sentence): Found | undefined {
  const off =
    /(?:re)?(?:pay|pays|paying|clear|clears|settle|settles)(?: off| back)? (?:the (?:whole |entire |remaining )?(?:loan|debt|mortgage|rest|remainder|balance|thing)|what (?:is|was) (?:still |then )?(?:left|owed|owing|outstanding)|it|everything|all)(?![a-z])|is (?:then )?(?:paid|repaid|settled|cleared)(?: off| back)? (?:in|by|with) (?:one|a single) (?:sum|payment|amount) (?:right |just |immediately )?after(?![a-z])|(?:rest|remainder|balance|loan|debt|mortgage|all that is owed|(?<![a-z])it)(?: \([^)]*\))? is (?:then )?(?:paid|repaid|settled|cleared)(?: off| back)? (?:in|by|with) (?:one|a single) (?:sum|payment|amount)/.exec(
      flat.slice(told.start, told.end),
    );
  // "They repay it by one payment at the end of every year.": each of them is asked.
  const isRegular =
    off !== null &&
    /^,? (?:by|in|with) [^.?!]{0,40}(?:⟨e\d+⟩|each|every)/.test(
      flat.slice(told.start + off.index + off[0].length, told.end),
    );
  if (
    off &&
    !isRegular &&
    /^(?:and )?(?:how (?:much|large|big) is (?:that|it|this)(?: (?:sum|amount|payment))?(?= ?[,?(]|$)|what is (?:that|this) (?:sum|amount|payment)(?= ?[,?(]|$)|(?:how much|what) (?:must|does|do|will|would) (?:he|she|they) (?:(?:have to |need to )?pay|need)(?![a-z])(?! (?:each|every|⟨[ea])))/.test(
      headOf(sentence.text),
    )
  )
    return {
      question: { says: 'balance', start: told.start + off.index, end: told.start + off.index + off[0].length },
      piece: told,
    };
  return undefined;
}

/** "Two debts … are replaced by a single payment in two years. Money is worth 6 %. What is it?" */
function replacedBy(flat: string, sentence: Sentence, told: Sentence): Found | undefined {
  const isOne =
    /(?:replac|exchang|substitut|combin)[a-z]* (?:by|for|with|into) (?:a single|one) (?:payment|sum|amount)/.test(
      flat.slice(told.start, told.end),
    );
  return isOne && isIt.test(headOf(sentence.text))
    ? { question: { says: 'finalAmount', start: sentence.start, end: sentence.end }, piece: sentence }
    : undefined;
}

/** "Afterwards the payment is set so that the loan still ends on time. What is it?" */
const setLater =
  /(?:afterwards|thereafter|from then on|then|after (?:that|this)),? the (?:⟨e\d+⟩ )?payments? (?:is|are) (?:set|raised|adjusted|chosen|fixed|changed|increased|recalculated)(?! to ⟨)/;

/** What is told of a rate asks for nothing: "2.8 % a year with quarterly interest". */
const isOfRate = ({ says }: Pick<Match<Asked>, 'says'>, flat: string, { start, end }: Span): boolean =>
  (/rate/i.test(says) && flat.includes('⟨m')) ||
  (says === 'interest' && /⟨p\d+⟩[^.?!]{0,30}interest|interest (?:of|at) ⟨p/.test(flat.slice(start, end)));
