/** What a problem asks, in the order of its text, before it is known which case it is asked of. */

import type { FlatText, Span } from './flatText.ts';
import {
  askedAtEnd,
  clearsEarly,
  findAsked,
  headOf,
  isIt,
  meantByTold,
  meantInFront,
  type Found,
} from './askedOfTold.ts';
import { choiceIn } from './choiceAsked.ts';
import { askedOnceMore } from './askedOnceMore.ts';
import { askedTwice } from './askedTwice.ts';
import { ofFamily } from './familyAsked.ts';
import type { Question } from './question.ts';
import { supposedCues } from './lexicon/questions/supposed.ts';
import type { Asked } from './lexicon/questions/index.ts';
import { bestOf, lexicon, type Match } from './matches.ts';
import { isAnswered, piecesOf, tellsInPart, type Piece, type Sentence } from './sentences.ts';

const findSupposed = lexicon(supposedCues);

/** "…, month-end payments?", "…, judged by the effective rate?", "…, the last one being smaller, …" tell. */
const isTerm =
  /^\W*(?:(?:⟨n\d+⟩ )?(?:equal )?⟨e\d+⟩-end payments|⟨n\d+⟩ (?:equal )?(?:⟨e\d+⟩ )?payments|(?:judged|judging|measured|compared|ranked|going) by [^?.]*|which (?:charges|asks|pays|earns|bears|gives|wants|takes|carries) ⟨p\d+⟩[^?]*|the last (?:one |payment )?(?:being|is|perhaps|possibly|may be)(?: perhaps| possibly)? (?:a )?(?:smaller|less)(?: one)?)\W*$/;

/** "(Payments at month end.)" asks nothing. */
const remarks =
  /^\((?![^)]*\?)(?!the payment (?:is|must|has) (?:to )?be found)(?!(?:[a-z]{1,4}|\d|⟨l\d+⟩)\))(?![^)]*; (?:give|find|state|name) )(?!(?:find|begin|start|state|give|say|work|calculate|compute|determine|leave|also|count|first|take|round)(?![a-z]))/;

export interface Questions {
  readonly questions: readonly Question[];
  /** Pieces that ask for something that is not understood. */
  readonly unread: readonly Span[];
}

export function readQuestions({ flat }: FlatText, sentences: readonly Sentence[]): Questions {
  const questions: Question[] = [];
  const unread: Span[] = [];
  for (const sentence of sentences) {
    if (!sentence.asks || remarks.test(sentence.text) || isOnlyTold(sentence, sentences)) continue;
    if (isAnswered(sentence, sentences) || tellsInPart(sentence, sentences)) continue;
    const pieces = piecesOf(sentence);
    const { found: all, missed } = askedIn(flat, sentence, pieces);
    const found = all.filter(({ piece }, at) => at === 0 || !isTerm.test(flat.slice(piece.start, piece.end)));
    const before = questions.at(-1);
    const again = found.length === 0 && before ? askedOnceMore(flat, before, sentence) : undefined;
    if (again) found.push({ question: { says: again, start: sentence.start, end: sentence.end }, piece: sentence });
    // "The balance after two years is asked for. …. What is it?" asks once.
    const isSame =
      isIt.test(sentence.text) && before !== undefined && !/\?/.test(flat.slice(before.start, sentence.start));
    const meant =
      meantInFront(sentence) ??
      clearsEarly(sentence) ??
      (again || isSame ? undefined : meantByTold(flat, sentence, sentences, isHeadFound(sentence, found)));
    if (meant?.piece === sentence) found.length = 0;
    else if (meant && isHeadFound(sentence, found)) found.shift();
    if (meant) found.unshift(meant);
    const isMeant = (piece: Span): boolean =>
      meant !== undefined && (meant.piece === sentence || isInHead(sentence, piece));
    const isAside = sentence.text.startsWith('(');
    const other = choiceIn(sentence, found) ?? (found.length === 0 ? askedAtEnd(sentence) : undefined);
    if (other) found.unshift(other);
    const isLost =
      found.length === 0 && !isAside && !isSame && (pieces.some(({ asks }) => asks) || isPlainQuestion(sentence.text));
    const lost: readonly Span[] = isLost
      ? [sentence]
      : isAside || again
        ? []
        : missed.filter((piece) => !isMeant(piece) && !isPartOf(flat, piece, found));
    unread.push(...lost);
    found.push(...lost.flatMap((piece) => supposedIn(flat, piece)));
    found.sort((one, other) => one.piece.start - other.piece.start);
    questions.push(...questionsOf(flat, sentence, keptOf(flat, found)));
  }
  // A comparison that is announced and then asked is asked where it is asked.
  const choices = questions.filter(({ asked }) => asked === 'choice');
  const isAsked = ({ unit }: Question): boolean =>
    /(?:payment|instal|interest|total|amount)[^?]*\?|^(?:and )?which (?:one )?(?:has|is|costs|takes) [^?⟨]{0,30}(?:payment|rate|interest|total)/.test(
      flat.slice(unit.start, unit.end + 1),
    );
  const kept = questions.filter((each) => each.asked !== 'choice' || each === choices.at(-1) || isAsked(each));
  const single = kept
    .filter((each) => !isRestated(flat, each))
    .flatMap((each, at): Question[] => timeAsked(flat, each, kept[at + 1]));
  // "Compare: …" before the choice that is asked.
  const isHead = ({ start, end }: Span): boolean =>
    single.length > 0 && /^\W*compare(?![a-z])/.test(flat.slice(start, end));
  const lost = unread.filter((each) => !isHead(each));
  const mayStand = ({ isSupposed, unit }: Question): boolean =>
    !isSupposed || lost.some(({ start }) => start === unit.start);
  return { questions: inOrder(flat, single.filter(mayStand)).map((each) => askedSince(flat, each)), unread: lost };
}

/** "The balloon, that is what is owed after payment 120" says again what is asked. */
const isRestated = (flat: string, { start }: Question): boolean =>
  /^that is,? (?:to say,? )?what/.test(flat.slice(start));

/** "How long, in years" is one question; "when, in payments and in years" is two. */
function timeAsked(flat: string, each: Question, next: Question | undefined): Question[] {
  if (each.asked !== 'howLong' || next?.asked !== 'years') return [each];
  return /in (?:payments|months) and/.test(flat.slice(each.start, next.end)) ? [{ ...each, asked: 'payments' }] : [];
}

/** "Eight years ago 3,200 was put away. What is its value now?", "… What is it then worth?": the end, not the start. */
function askedSince(flat: string, each: Question): Question {
  const words = flat.slice(each.unit.start, each.unit.end);
  const isNow = /⟨t\d+⟩ ago(?![a-z])/.test(flat) && /(?:value|worth)[^?]* (?:now|today)(?![a-z])/.test(words);
  const isThen =
    /(?<![a-z])(?:grow|invest|deposit|put|place|sav|leave|left)[a-z]*(?![a-z])/.test(flat) &&
    /(?<![a-z])then (?:be )?worth|worth (?:then|at the end|afterwards|in the end)(?![a-z])/.test(words);
  return each.asked === 'amount' &&
    (isNow || isThen) &&
    !/loan|debt|mortgage|borrow|lent|ow(?:e|es|ed)(?![a-z])|⟨e\d+⟩ payment/.test(flat)
    ? { ...each, asked: 'finalAmount' }
    : each;
}

/** What the pieces of a sentence ask, each with the words up to the next; payments before and after a change are two. */
function questionsOf(flat: string, sentence: Sentence, kept: readonly Found[]): Question[] {
  return kept.flatMap(({ question, piece, isSupposed }, index): Question[] => {
    const end = kept[index + 1]?.piece.start ?? sentence.end;
    const unit = { start: piece.start, end };
    const place = { start: piece.start, end: question.end, unit };
    const own: Question = { asked: question.says, ...place, ...(isSupposed ? { isSupposed } : {}) };
    return askedTwice({ flat, own, piece, sentence, others: kept.filter((each) => each.piece !== piece) });
  });
}

/** "Compare two loans of 30,000: …", with what to compare asked behind it. */
const isOnlyTold = ({ text, start }: Sentence, sentences: readonly Sentence[]): boolean =>
  /^\W*compare(?![a-z])/.test(text) &&
  /⟨m\d+⟩/.test(text) &&
  /⟨p\d+⟩/.test(text) &&
  sentences.some((other) => other.start > start && other.asks);

/** "What is the difference between the payment over 20 years and the payment over 25?": one question. */
const isOfDifference = (flat: string, { piece }: Found, found: readonly Found[]): boolean =>
  found.some(
    ({ question, piece: other }) =>
      (question.says === 'difference' || /difference/.test(flat.slice(question.start, question.end))) &&
      other.start < piece.start &&
      /between (?:[^,;?!]|⟨[a-z]\d+⟩)* and $/.test(flat.slice(other.start, piece.start)) &&
      /^(?:the|its|her|his|their|that) /.test(flat.slice(piece.start)),
  );

/** What is converted is not asked, unless a question of its own asks for it. */
function keptOf(flat: string, all: readonly Found[]): readonly Found[] {
  const found = all.filter((each) => !isOfDifference(flat, each, all));
  const converts = found.find(({ question }) => question.weight === CONVERTS);
  if (!converts) return found;
  return found.filter(
    (each) =>
      each.question.weight === CONVERTS ||
      !/Rate|rate/.test(each.question.says) ||
      isSecondTarget(flat, each.piece) ||
      ('heads' in each.piece && each.piece.heads === true),
  );
}

/** "… and then to a nominal rate": one more rate to convert to. */
const isSecondTarget = (flat: string, { start }: Span): boolean =>
  /^\s*(?:and |then |also )*(?:(?:in)?to|as) (?:an?|the|one) /.test(flat.slice(start, start + 40));

/** Words before its mark, and no choice between numbers. */
const isPlainQuestion = (text: string): boolean =>
  /^\W*(?:[a-z⟨⟩0-9'-]+\W+)*[a-z⟨⟩0-9'-]+ ?\?\s*$/.test(text) && !/ or |compare|⟨[mp]/.test(text);

/** What the pieces of a sentence ask, each its strongest; and the pieces that ask for something that is not understood. */
function askedIn(flat: string, sentence: Sentence, pieces: readonly Piece[]): { found: Found[]; missed: Span[] } {
  const found: Found[] = [];
  const missed: Span[] = [];
  pieces.forEach((piece, at) => {
    const words = flat.slice(piece.start, piece.end);
    if (at > 0 && isTerm.test(words)) return;
    if (!piece.opens || toldOfRate.test(words) || (onlyTells.test(words) && at + 1 < pieces.length)) return;
    const limit = pieces.slice(at + 1).find((each) => each.asks || isListed(flat, each))?.start ?? sentence.end;
    const from = piece.start + (/^[\s,]*/.exec(flat.slice(piece.start, limit))?.[0].length ?? 0);
    const best = bestAsked(
      flat.slice(from, limit),
      findAsked(flat.slice(from, limit).replace(/\s\(?[a-h]\)\s*$/, ', ')).filter(
        ({ start, end }) =>
          from + start < opensUntil(flat, piece) &&
          !takesWhat.test(flat.slice(Math.max(0, from + start - 24), from + start)) &&
          !(
            /(?:deposit|payment)$/.test(flat.slice(from + start, from + end)) &&
            / included/.test(flat.slice(from + end, from + end + 14))
          ) &&
          // "find n: pv 8,900; pmt 265 monthly"
          !(
            /^(?:pmt|pv|fv)$/.test(flat.slice(from + start, from + end).trim()) &&
            /^ ?[=:]? ?⟨[nm]/.test(flat.slice(from + end, from + end + 8))
          ) &&
          // "12,800 owed; … payment?"
          !(
            /^owed|^owing/.test(flat.slice(from + start, from + end)) &&
            /⟨[mn]\d+⟩ (?:is |are )?$/.test(flat.slice(0, from + start))
          ) &&
          !/^ (?:number |no\.? )?⟨n\d+⟩[:,]/.test(flat.slice(from + end, from + end + 16)) &&
          (piece.asks ||
            // "Present value at 4.8 %?"
            /^\W*(?:and )?(?:the )?(?:(?:present|accumulated|future|final|current|discounted) (?:value|worth|amount)|(?:value|worth) (?:today|now))[^?]{0,50}\?\s*$/.test(
              sentence.text,
            ) ||
            /(?:wanted|sought|required)$/.test(flat.slice(from + start, from + end)) ||
            !/^(?: of| is| at|:| =)* ⟨[mp]|^ = ⟨n/.test(flat.slice(from + end, from + end + 8))),
      ),
    );
    const isWhole =
      best?.says === 'totalPaid' &&
      found.at(-1)?.question.says === 'interest' &&
      isTimeAlone(flat.slice(from, piece.end));
    // The question before it says as much already.
    const last = found.at(-1)?.question;
    const isCovered = best !== undefined && last?.says === best.says && last.end > from + best.start;
    if (best && isCovered) return;
    if (best && !isWhole) found.push({ question: { ...best, start: from + best.start, end: from + best.end }, piece });
    else if (found.length > 0 && isTimeAlone(flat.slice(from, piece.end))) againAt(flat, piece, found);
    else if (piece.heads || (piece.opens && piece.lists && isNounPhrase(flat.slice(from, piece.end))))
      missed.push(piece);
  });
  return { found, missed };
}

/** "If she refinances what she still owes": that asks nothing. */
const takesWhat =
  /(?:refinanc(?:e|es|ed|ing)|repa(?:y|ys|id)|pays? (?:off|back)|transfers?|moves?|borrows?|settles?|clears?|takes? over|replaces?) $/;

/** "What is the payment if the rate is 6 % …?": what stands before "if", where something does. */
function bestAsked(words: string, matches: readonly Match<Asked>[]): Match<Asked> | undefined {
  const supposed = / if (?!so )(?=[^?]*⟨[mptn]\d+⟩)/.exec(words)?.index ?? Infinity;
  const before = matches.filter(({ end }) => end <= supposed);
  return bestOf(ofFamily(words, before.length > 0 ? before : matches));
}

/** "Determine a) …", "Calculate: …": what to find comes behind it. */
const onlyTells =
  /^\W*(?:(?:and|then|please|now) )*(?:find|determine|calculate|compute|state|give|work out|show|report|evaluate)(?: the following)?\W*(?:\(?(?:[a-h]|i{1,3})\)|⟨l\d+⟩[.)]?)?\W*$/;

/** "What is the effective rate of 9 %, interest charged monthly?" */
const toldOfRate = /^\W*(?:interest (?:is )?(?:charged|compounded|added|credited|reckoned) ⟨e\d+⟩|which payment\))\W*$/;

/** "What has it (a) after 6 years, (b) after 10?": the same, each time. */
const isTimeAlone = (text: string): boolean =>
  /^\W*(?:(?:and )?(?:what|how much) )?(?:after|in|at the end of|by|once) (?:the )?(?:first |end of )?⟨[tno]\d+⟩(?: payments?| year| month| instal?ments?)?\W*$/.test(
    text,
  ) ||
  /^\W*when (?:the|it|they|he|she) [^?⟨]{3,30}\W*$/.test(text) ||
  /^\W*(?:and )?(?:at|in) the (?:very )?end\W*$/.test(text) ||
  /^\W*(?:in|during|over) (?:year ⟨n\d+⟩|the (?:⟨o\d+⟩|first|last|final) year)\W*$/.test(text) ||
  /^\W*(?:and )?(?:altogether|in all|in total|over the whole (?:term|time|life))\W*$/.test(text);

function againAt(flat: string, piece: Piece, found: Found[]): void {
  const last = found.at(-1)!;
  const isWhole = /^\W*(?:and )?(?:altogether|in (?:all|total))(?![a-z])/.test(flat.slice(piece.start, piece.end));
  if (
    !isWhole &&
    !/(?:(?:after|in|at the end of|once|within|during|over|by|of|for|with|payment|year|month|the) (?:the )?(?:first |last |next )?|^\W*)⟨[tno]\d+⟩|(?:first|last|final) (?:year|month|payment|instal|deposit)/.test(
      flat.slice(last.piece.start, piece.start),
    )
  )
    found.pop();
  const { start, end } = piece;
  found.push({ question: { ...last.question, start, end }, piece });
}

/** What words that no cue knows may ask. */
function supposedIn(flat: string, piece: Span): Found[] {
  const words = flat.slice(piece.start, piece.end);
  const isTold = /⟨[mp]/.test(words) && !/\?/.test(flat.slice(piece.start, piece.end + 1));
  const best = isTold ? undefined : bestOf(findSupposed(words));
  if (!best) return [];
  const place = { start: piece.start + best.start, end: piece.start + best.end };
  return [{ question: { ...best, ...place }, piece, isSupposed: true }];
}

/** "…, the total paid and …": the next of a list of what to find. */
const isListed = (flat: string, { start, end, opens, lists }: Piece): boolean =>
  opens &&
  lists &&
  /^\s*(?:and )?(?:(?:the|his|her|their|its) |(?:total|effective|nominal|final|outstanding|remaining) (?=[a-z])|(?:all|everything) (?:that|he|she|they) |(?=(?:principal|balance)(?: (?:part|portion|share))?(?: (?:in|of|on|after|for|and)|,)))(?:[a-z ]|⟨[one]\d+⟩){4,60}(?:[,.?;]|\s*and |$)/.test(
    flat.slice(start, end),
  );

/** What a sentence asks first is understood. */
const isHeadFound = (sentence: Sentence, [first]: readonly Found[]): boolean =>
  first !== undefined && isInHead(sentence, first.piece);

const isInHead = ({ start, text }: Sentence, piece: Span): boolean => piece.start < start + headOf(text).length;

/** "the total of it": a noun in a list of what to find. */
const isNounPhrase = (text: string): boolean =>
  (!text.includes('⟨') &&
    (/^\s*(?:(?:and|also|then) )*(?:the|his|her|its|their|total) [a-z -]{3,40}[.,;?]?\s*$/.test(text) ||
      /^\s*(?:interest|balance|principal|rate|charge|amount|number) [a-z -]{3,40};\s*$/.test(text))) ||
  /^\s*(?:(?:and|also|then) )*(?:the|his|her|its|their) (?:total )?(?:interest|balance|debt|principal|payment|total|sum|amount|value)(?: [a-z]+){1,4} ⟨[tno]\d+⟩[.,;?]?\s*$/.test(
    text,
  );

/** A conjunction at a piece's end begins the next one. */
const opensUntil = (flat: string, { start, end }: Span): number =>
  end - (/\s*(?:and|then|also|but|plus)\s*$/.exec(flat.slice(start, end))?.[0].length ?? 0);

/** A tail of a question that is understood: "…, in years", "(to the cent)". */
function isPartOf(flat: string, piece: Span, found: readonly { piece: Span; question: Span }[]): boolean {
  const text = flat.slice(piece.start, piece.end).trim();
  return (
    text.length < 12 ||
    /^(?:and )?how (?:much|many|long|large),?$|^find out\W*$|^with the same (?:payments|terms)\W*$/.test(text) ||
    (found.length > 0 && /^is (?:the [a-z]+|it|he|she) (?:cleared|repaid|paid off|over|gone|free)\W*$/.test(text)) ||
    (found.length > 0 && /^(?:and )?(?:how much|what) (?:in|of) the (?:last|final|⟨o\d+⟩)[^?]{0,12}\W*$/.test(text)) ||
    /^(?:find|give|state|what (?:is|are|was|were)) the (?:old|first) and$|^solve for the (?:unknown|missing)[a-z ]{0,12}\W*$/.test(
      text,
    ) ||
    (found.length > 0 && /^(?:and )?what (?:afterwards|later|then|after)\W*$/.test(text)) ||
    /^(?:compounded|convertible)(?![a-z])/.test(text) ||
    (found.length > 0 &&
      /^(?:and )?the (?:end date|term|payment|number of payments|time|rate) (?:stays?|remains?|is kept|is unchanged|does not)/.test(
        text,
      )) ||
    /^(?:make out|draw up|set out|set up|write out|complete|construct|prepare|fill in)(?![a-z]).*:$/.test(text) ||
    /^(?:and )?the last (?:one |payment )?(?:being|is|perhaps|possibly|may be)(?![a-z])/.test(text) ||
    /^(?:convert|express|turn|change)(?![a-z]).*(?<![a-z])(?:to|into|as)\W*$/.test(text) ||
    (/^(?:convert|express|turn|change)(?![a-z])/.test(text) && found.length > 0) ||
    found.some(({ question }) => piece.start >= question.start && piece.start < question.end) ||
    /^(?:\W*(?:find|calculate|compute|determine|work out|state|give|show|say|then|and|also|compare|complete(?: the following)?|please|in turn|in order|one by one|for each[a-z ]*))*\W*$/.test(
      text,
    )
  );
}

/** The weight of cues that convert a rate: what is converted is not asked. */
const CONVERTS = 13;

/** "(Find the payment first.)" comes first. */
function inOrder(flat: string, questions: readonly Question[]): Question[] {
  const isFirst = ({ unit }: Question): boolean =>
    /(?<!the |one |its |each )first[.)]*\s*$|(?:begin|start) with|^\W*first,? (?:find|compute|work|calculate|state)/.test(
      flat.slice(unit.start, unit.end + 1).trim(),
    ) && /^\W*(?:first,? )?(?:find|begin|start|work|compute|calculate|state)/.test(flat.slice(unit.start, unit.end));
  const first = questions.findIndex(isFirst);
  return first < 0 ? [...questions] : [...questions.slice(first), ...questions.slice(0, first)];
}
