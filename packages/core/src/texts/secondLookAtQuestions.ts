/** The second look at what is asked: is every question read, each as what its words are about? */

import { doubt, notUnderstood, quoteOf, quoteOfToken } from './doubts.ts';
import { tellsWhatIsLeft } from './heardAs.ts';
import type { DraftReading } from './draftReading.ts';
import { originOf, type Span } from './flatText.ts';
import { headOf, heads, needs } from './lexicon/heads.ts';
import { sentenceAt, type Page } from './page.ts';
import type { Question } from './question.ts';
import { oneSum, type ReadAsk, type ReadDoubt, type Role } from './reading.ts';
import { isAnswered, partsIn } from './sentences.ts';

/** "(a) … (b) … (c) …" with fewer questions than parts. */
export function partsMissed({ sentences }: Page, asks: readonly ReadAsk[]): ReadDoubt[] {
  const parts = partsIn(sentences);
  return parts > asks.length
    ? [doubt('asks', `The text has ${parts} parts, and only ${asks.length} of them are read as questions.`)]
    : [];
}

/** "• what is owed after payment 24": a line of its own that asks, and is not taken to. */
export const linesMissed = (page: Page): ReadDoubt[] =>
  page.sentences.flatMap((sentence, at) => {
    const asksBefore = page.sentences.slice(0, at).some(({ asks, text }) => asks || /:\s*$/.test(text));
    const isLine = /^\W*(?:what (?:is|was|will be)|how (?:much|many|large|long)|by how much)(?![a-z])[^?]*$/.test(
      sentence.text,
    );
    return isLine && asksBefore && !sentence.asks ? [notUnderstood(page, sentence)] : [];
  });

const askingWords =
  /(?<![a-z])(?<!of )(?<!(?:clears?|repays?|pays?|pays? off|settles?|finances?|borrows?) )(?<!exceeds? )(?<!than )(?<! on )(?:of what (?:size|amount)|what(?! remains(?! for the| (?:right |just |immediately )?after the last)| it (?:was|is)[,?])|which(?= (?:of|loan|offer|has|rate)| is (?!(?:less|smaller|lower|larger|higher|greater|more|no) |being|now|(?:to be )?(?:re)?paid|amortized|charged|compounded))|how (?:much|many|long|large|big|soon))(?![a-z])/g;

const isToFind =
  /^\W*(?:(?:please|now|then|hence|first) )*(?:find|give|state|calculate|compute|determine|work out|report|what (?:is|are) the)(?![a-z])/;

/** "…, the interest paid in that year, and the time that …" */
const things =
  /(?:(?<=^\W*)(?:[a-z]+ )(?:out |is |are )?|, |,? and |; )(?:also |then )?(?:the|its|his|her|their) (?!rest |remainder |balance (?:in|by|over) )(?:[a-z-]+ |⟨[eno]\d+⟩ ){0,3}?(?:payments?|instal?ments?|interest|balance|total|sum|number|rate|principal|size|time|term|value|cost|price|apr|yield|deposit|difference|saving|increase|growth|change)(?![a-z])(?! (?:being|is|was|are|falling|falls|to be) (?:made|paid|due|payable))/g;

/** "…, principal and balance of the 10th payment": the same without articles. */
const bareThings =
  /(?:, |,? and |; )(?:interest|principal|balance|payment)(?= (?:in|of|on|for|after|at) (?!⟨[mp])|,| and (?:the )?(?:interest|principal|balance|payment|total))/g;

/** It asks in so many words, and sets no choice between numbers. */
const isQuestion = {
  test: (text: string): boolean =>
    !/ or /.test(text) &&
    (/^\W*(?:and )?(?:how (?:much|many|long|large|big)|what (?!if)|which)(?![a-z])[^?]*\?/.test(text) ||
      (/^[^(⟨](?:[^?⟨]|⟨[eap]\d+⟩){0,45}\?\W*$/.test(text) && !/(?<![a-z])if(?![a-z])/.test(text)) ||
      // "64 deposits of 350 are worth how much at the end?"
      /(?:is|are|be|becomes?|makes?|costs?|comes? to|pays?) (?:worth )?(?:how (?:much|many|large)|what)(?![a-z])[^?]*\?\W*$/.test(
        text,
      )),
};

const timesAsked: readonly string[] = ['payments', 'howLong', 'years'];

const isAlike = (one: string, other: string): boolean =>
  one === other || (timesAsked.includes(one) && timesAsked.includes(other));

/** "How many withdrawals are there? How long will the fund last?" is one question. */
const isAskedTwice = (page: Page, { start, end }: Span): boolean =>
  page.questions.some((each) => {
    // "How long will it last? Express it in years."
    if (
      each.asked === 'payments' &&
      /how many,?(?: there are| are there| are needed| are)? if the last|number (?:when|if) the last/.test(
        page.flat.slice(start, end),
      )
    )
      return true;
    if (each.asked === 'years' && /how (?:long|soon)/.test(page.flat.slice(start, end))) return true;
    const isHere = each.start >= start && each.start < end;
    const alike = timesAsked.includes(each.asked) ? timesAsked : [];
    return isHere && page.questions.some((other) => other !== each && alike.includes(other.asked));
  });

const sameAsked = (asked: Question['asked']): Question['asked'] => (asked === 'newPayment' ? 'payment' : asked);

/** "What rate do I need? And if I add 500, what rate then?": asked twice, and read once. */
export function askedOnce(page: Page, asks: readonly ReadAsk[]): ReadDoubt[] {
  return page.questions.flatMap((each, at) => {
    const sentence = sentenceAt(page, each);
    const before = page.questions.slice(0, at).find(({ asked }) => sameAsked(asked) === sameAsked(each.asked));
    // "What is the payment? A fee is taken first: what is the payment then?"
    const isLater = each.asked === 'newPayment' && before?.asked === 'payment';
    const isSupposed =
      isLater || (sentence !== undefined && /(?<![a-z])(?:if|suppose|instead)(?![a-z])/.test(sentence.text));
    const isOnce = asks.filter(({ quantity }) => quantity === sameAsked(each.asked)).length < 2;
    // "If it is paid off after the tenth, how much does she pay then?": what is owed.
    const isOwed = asks.some(
      ({ quantity, start }) => quantity === 'balanceAfter' && start === originOf(page, each).start,
    );
    return before && isSupposed && isOnce && !isOwed && sentenceAt(page, before) !== sentence
      ? [notUnderstood(page, each.unit)]
      : [];
  });
}

const bothAsked =
  /(?<![a-z])both (?:present )?(?:values|payments|rates|totals|amounts|prices|balances|sums)(?![a-z])|(?<![a-z])what did (?:he|she|they) pay, (?:and )?what do(?:es)? (?:he|she|they) pay(?![a-z])/;

/** "Give both present values", of which one is read. */
const bothMissed = (page: Page, asks: readonly ReadAsk[]): ReadDoubt[] =>
  page.sentences.flatMap((sentence) => {
    const isOne =
      asks.every(({ quantity, args }) => quantity !== 'payment' || args?.after === undefined) &&
      new Set(asks.map(({ plan }) => plan)).size < 2;
    // "One runs five years, the other … What is the payment on each?"
    const isEach =
      /(?<![a-z])each(?![a-z])/.test(sentence.text) &&
      /(?<![a-z])one(?![a-z])[^?]*(?<![a-z])the other(?![a-z])/.test(page.flat);
    return sentence.asks && (isEach || bothAsked.test(sentence.text)) && isOne ? [notUnderstood(page, sentence)] : [];
  });

/** "Payment 1? … Payment 2?", of which one is read. */
export const askedInTwo = (page: Page, asks: readonly ReadAsk[]): ReadDoubt[] => [
  ...bothMissed(page, asks),
  ...numberedMissed(page, asks),
  ...eachAsOne(page, asks),
];

const ofTimes: ReadonlySet<string> = new Set(['totalInterest', 'interestIn', 'principalIn', 'balanceAfter']);

/** "How much interest is paid in each year?", of which one sum is read. */
const eachAsOne = (page: Page, asks: readonly ReadAsk[]): ReadDoubt[] => {
  const isEach = page.sentences.some(
    ({ asks: isAsking, text }) =>
      isAsking &&
      (/(?:interest|principal|owed?|owes|balance|left)(?: [a-z]+){0,4} (?:at the end of|in|during|after|for) each of (?:the|its|her|his|their) first/.test(
        text,
      ) ||
        [...text.matchAll(/(?:interest|principal)(?: [a-z]+){0,4} (?:in|during) ⟨e(\d+)⟩\W*$/g)].some(
          ([, token]) => page.tokens[Number(token)]?.value === 1,
        )),
  );
  return isEach && asks.filter(({ quantity }) => ofTimes.has(quantity)).length === 1
    ? [doubt('asks', 'One number is read where one is asked of each. Is the one meant?')]
    : [];
};

const numberedMissed = (page: Page, asks: readonly ReadAsk[]): ReadDoubt[] => {
  const numbered = page.questions.filter(
    ({ asked, unit }) => asked === 'payment' && /^\W*payment ⟨[nl]\d+⟩\W*$/.test(page.flat.slice(unit.start, unit.end)),
  );
  const read = asks.filter(({ quantity }) => quantity === 'payment').length;
  return numbered.slice(read).map(({ unit }) => notUnderstood(page, unit));
};

/** "Principal and interest in payment 9 are sought", of which one is read; "… the principal and interest of it", read of more than one payment. */
export const partsOfPayment = (page: Page, { asks }: DraftReading): ReadDoubt[] =>
  page.sentences.flatMap((sentence) => {
    const named = bothParts.exec(sentence.text);
    const own = asks.filter(({ place }) => place.start >= sentence.start && place.start < sentence.end);
    const parts = own.filter(({ quantity }) => /^(?:principalIn|interestIn)$/.test(quantity));
    const interest = parts.filter(({ quantity }) => quantity === 'interestIn').length;
    const isBoth = interest * 2 === parts.length;
    const isOfOne = parts.every(({ args }) => args?.from === args?.to);
    return named &&
      parts.length > 0 &&
      (!isBoth || (!isOfOne && (named[1] !== undefined || parts.some(({ args }) => args?.from === args?.to))))
      ? [notUnderstood(page, sentence)]
      : [];
  });

const bothParts =
  /(?<![a-z])(?<!total )(?:principal and (?:the )?interest|interest and (?:the )?principal)(?: (?:parts?|portions?|shares?|components?))?(?: (?:in|of) (it|this|that)(?! [a-z⟨]))?(?![a-z])/;

/** What it asks is read from the sentence before or behind it. */
const isSaidBefore = ({ sentences }: Page, at: number): boolean =>
  /^\W*(?:and )?(?:what|how (?:much|large|big|long)) (?:is|are|was|would|will) (?:it|that|they|this)/.test(
    sentences[at]!.text,
  );

/** Where its words begin. */
const startOfWord = ({ index, 0: words }: RegExpMatchArray): number =>
  (index ?? 0) + (/^[,;]? ?(?:and )?/.exec(words)?.[0].length ?? 0);

/** "Find what the account holds after 4 years, and the interest." */
function thingsToFind(sentence: string): number {
  const text = sentence.replace(/,? (?:the )?(?:⟨o\d+⟩ )?(?:payment|one)(?: being)? included/, '');
  const told = text.split(/(?<![a-z])(?:if|which|whose|when|provided)(?![a-z])/)[0] ?? text;
  const asked = [...told.matchAll(askingWords)].filter(({ index }) => !/^how many there are/.test(told.slice(index)));
  const starts = [...told.matchAll(things), ...told.matchAll(bareThings), ...asked].map(startOfWord);
  // "… if the rate is 6 % and the payments fall at month ends?" tells.
  const named = / if [^?]*⟨[mptn]\d+⟩/.test(text) ? told : text;
  return Math.max([...named.matchAll(things)].length, new Set(starts).size);
}

/** "Payment on A? On B?" */
const isOfOther =
  /^\W*(?:and )?(?:on|for|with|of|under) (?:the (?:other|second|latter)|(?:loan |offer |plan |bank )?(?:[a-z]|⟨l\d+⟩))\W*$/;

/** "What …, and how much …?" of which only one is read. */
export const questionsMissed = (page: Page, draft: DraftReading): ReadDoubt[] => [
  ...questionsUnread(page, draft),
  ...supposedTaken(page, draft),
  ...supposedBesides(page, draft),
];

function questionsUnread(page: Page, { asks, plans }: DraftReading): ReadDoubt[] {
  return page.sentences.flatMap(({ start, end, text }, at) => {
    // "He pays off the balance. How much does he pay?" asks for what was told before.
    const [earlier, before] = [page.sentences[at - 2], page.sentences[at - 1]];
    const told = [before, earlier].slice(0, before?.asks ? 0 : earlier?.asks ? 1 : 2);
    const from = told.reduce((least, each) => each?.start ?? least, start);
    const own = asks.filter(({ place }) => place.start >= from && place.start < end).length;
    const words = text.includes('?') ? [...text.matchAll(askingWords)].length : 0;
    const isOther =
      plans.length > 1 &&
      /(?<![a-z])(?:if|for|at|with|what)(?![a-z])[^?]*(?:⟨[mp]|at the (?:beginning|start|end) of)|^\W*of the same|^\W*(?:and )?how (?:large|much) (?:over|for) ⟨t|^\W*(?:and )?had (?:she|he|they) (?:paid|saved|put)(?![a-z])|(?<![a-z])if(?![a-z])/.test(
        text,
      );
    if (
      own === 0 &&
      isQuestion.test(text) &&
      !isAnswered(page.sentences[at]!, page.sentences) &&
      !isOther &&
      !(plans.length > 1 && isOfOther.test(text) && asks.some(({ plan }) => plan === 1)) &&
      !isSaidBefore(page, at) &&
      !isAskedTwice(page, { start, end })
    )
      return [doubt('asks', `What does this ask: “${quoteOf(page, { start, end })}”?`)];
    const isBetween = /difference[^?]*(?<![a-z])between(?![a-z])/.test(text);
    const toFind = isToFind.test(text) && !/^\W*give the exact/.test(text) && !isBetween;
    const semicolons = /^\W*(?:required|wanted|sought|to find|find):/.test(text) ? text.split(';').length : 0;
    const listed = Math.max(semicolons, toFind ? thingsToFind(text) : 0);
    // "A 5.5 % loan of 6,400 – payment, and the nominal rate behind it?"
    const isPair = own === 1 && nounAndMore.test(text);
    // What was asked before, in a list of what there is, is asked once.
    const again = page.questions.filter(
      (each) =>
        each.start >= start &&
        each.start < end &&
        page.questions.some((other) => other.start < start && isAlike(other.asked, each.asked)),
    ).length;
    return own > 0 && (words > own || listed > own + again || isPair)
      ? [doubt('asks', `More is asked than is read of this: “${quoteOf(page, { start, end })}”`)]
      : [];
  });
}

const nounAndMore =
  /(?: -|:) (?:the )?(?:payment|instal[a-z]+|rent(?:al)?|deposit),? and the (?:[a-z-]+ ){0,3}(?:rate|interest|balance|total|debt)(?![a-z])[^?]*\?/;

/** "How much is paid each year?" of a plan that pays by the month. */
export const askedByOtherTime = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, place }) => {
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const own = page.periods.filter(({ use, token }) => {
      const { start } = page.places[token]!;
      return use === 'frequency' && unit && start >= unit.start && start < unit.end;
    });
    const paid = plans[plan ?? 0]?.paymentsPerYear;
    const isOfPayment =
      quantity === 'payment' ||
      (quantity === 'payments' &&
        unit &&
        /(?:what|which) (?:equal )?payment(?! number)/.test(page.flat.slice(unit.start, unit.end)));
    return unit && isOfPayment && own.length > 0 && own.every(({ perYear }) => perYear !== paid)
      ? [notUnderstood(page, unit)]
      : [];
  });

/** "How much sooner …?", "What does she save by it?": held against something, and read to ask for one thing alone. */
const comparing =
  /(?<![a-z])(?:how (?:much|many|long)|by what|what)(?![a-z])[^?⟨]{0,30}(?<![a-z])(?:sooner|earlier|fewer|lower|higher|cheaper|dearer|longer|less|saved?|saves)(?![a-z])/;

export const comparedMissed = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, place }) => {
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const words = unit ? headOf(page.flat.slice(unit.start, unit.end)) : '';
    const of = plan === null ? undefined : plans[plan];
    const isOwed = of !== undefined && ['borrowing', 'leasing', 'flat'].includes(of.kind);
    // "How much interest is saved by settling it?" is asked of one plan as it stands.
    const isComparable =
      ['payment', 'payments', 'years', 'totalPaid'].includes(quantity) ||
      (['totalInterest', 'financeCharge'].includes(quantity) && (plans.length > 1 || (of?.changes.length ?? 0) > 0));
    const isSooner = /(?<![a-z])(?:sooner|earlier|fewer)(?![a-z])/.test(words);
    return unit && (isOwed || isSooner) && isComparable && comparing.test(words) ? [notUnderstood(page, unit)] : [];
  });

/** "How much of the mortgage is still owed", read to ask for the payment. */
export const askedOtherwise = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ quantity, place, plan }) => {
    // Sums at several days in one: "What is the payment?"
    if (plan !== null && plans[plan]?.name === oneSum) return [];
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const known = heads[quantity];
    const head = unit && known ? headOf(page.flat.slice(unit.start, unit.end)) : '';
    const isLeft =
      quantity === 'amount' &&
      /(?<![a-z])ow(?:e|es|ed|ing)(?![a-z])/.test(head) &&
      (/^\W*how much had(?![a-z])/.test(head) || tellsWhatIsLeft.test(page.flat));
    const isOther = !isLeft && known?.goesAgainst.test(head) === true && !known.goesWith.test(head);
    const need = needs[quantity];
    const words = unit ? page.flat.slice(unit.start, unit.end) : '';
    // "… (a) in year 1, (b) in year 4", "Give both.": what is asked stands before.
    const isAgain =
      /^\W*(?:[a-z]+ ){1,3}both\W*$|^\W*(?:and )?(?:how much (?:is (?:it|that) )?)?(?:in|during|over|through|for|altogether)(?![a-z])/.test(
        words,
      );
    const isUnsaid = unit !== undefined && !isAgain && need?.test(words) === false;
    return unit && (isOther || isUnsaid) ? [notUnderstood(page, unit)] : [];
  });

const supposesMore = /^\W*(?:and |but )?(?:what )?if [^?]*⟨m(\d+)⟩[^?]*\?\s*$/;

/** "What has she after five years? And if she put in 1,000 at once?": what is only supposed is in no plan by itself. */
const supposedTaken = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  page.sentences.flatMap((sentence) => {
    const token = Number(supposesMore.exec(sentence.text)?.[1] ?? NaN);
    const isAsked = /(?<![a-z])(?:what|how|find|which)(?![a-z])/.test(
      sentence.text.replace(/^\W*(?:and )?what if/, ''),
    );
    const isBefore = page.questions.some(({ start }) => start < sentence.start);
    const isAlone = plans.length === 1 && plans.every(({ changes }) => changes.length === 0);
    return roles.has(token) && !isAsked && isBefore && isAlone ? [notUnderstood(page, sentence)] : [];
  });

const besides: ReadonlySet<Role> = new Set<Role>(['fee', 'downPayment', 'finalAmount', 'rebate', 'tradeIn']);

/** "What is the payment? What rate is paid if there is a fee of 900?": does it hold for what is asked before? */
const supposedBesides = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role }]) => {
    const place = page.places[token]!;
    const sentence = sentenceAt(page, place);
    const isSupposed =
      plans.length === 1 &&
      besides.has(role) &&
      sentence?.asks === true &&
      /(?<![a-z])(?:if|suppose|were)(?![a-z])[^?]*$/.test(page.flat.slice(sentence.start, place.start)) &&
      page.questions.some(({ start }) => start < sentence.start);
    const quote = quoteOfToken(page, token);
    return isSupposed ? [doubt(quote, `Does ${quote} hold for what is asked before it, too?`)] : [];
  });
