/** Questions with the payments and times they name. */

import { placeInTerm } from './agreedTerm.ts';
import { severalPlaces } from './severalPlaces.ts';
import { momentBefore, paidUntil, placeAsked } from './askArgs.ts';
import type { AskedPlace } from './lexicon/placeRecord.ts';
import { yetToPay } from './lexicon/yetToPay.ts';
import { changesOfText } from './changesOfText.ts';
import { meantQuestions } from './meantQuestions.ts';
import type { Span } from './flatText.ts';
import { oncePerPage } from './oncePerPage.ts';
import { sentenceAt, type Page } from './page.ts';
import { pattern } from './pattern.ts';
import { leadOf, paidByThen, paidSoFar, untilThen } from './paidByThen.ts';
import { isTermToldBehind } from './toldBehind.ts';
import type { Question } from './question.ts';

export interface PlacedQuestion extends Question {
  readonly place: AskedPlace | undefined;
}

const looksAt: Readonly<Partial<Record<Question['asked'], 'range' | 'moment'>>> = {
  interest: 'range',
  principal: 'range',
  balance: 'moment',
  leftToPay: 'moment',
  finalAmount: 'moment',
  newPayment: 'moment',
};

/** What was told last is the time until the end; behind it at most the rate. */
const endsLast =
  /(?:for (?:the |an? )?(?:last|remaining|rest|next|following|other|another|further|final)(?![a-z])|for (?:the |another )?⟨t\d+⟩ (?:after|behind) (?:that|this|these|it)|for ⟨[tn]\d+⟩ (?:more|longer|further)(?![a-z])|(?:go|goes|went|going|carry|carries|keep|keeps|continues?)(?: on)? for ⟨t\d+⟩)[^.?!]*[.;]\s*(?:(?:[^.?!⟨]|⟨[pea]\d+⟩)*[.;]\s*)?(?:(?:[^.;?!⟨]|⟨[pea]\d+⟩)*,\s*)?$/;

/** It is told last how much longer payments go on. */
const goesOnLast =
  /(?:go|goes|carry|carries|keep|keeps|continues?)(?: on)? for ⟨t\d+⟩[.;] \W*(?:⟨l\d+⟩\W*|\([a-h]\) )?$/;

/** It asks of the whole time. */
const ofAll = /total|in all|altogether|whole|overall|entire|sum of (?:all )?(?:the )?interest/;

/** A question with its place; one that names several, once for each. */
function withPlaces(page: Page, question: Question): PlacedQuestion[] {
  // "The interest still to be paid after two years."
  const isToCome =
    question.asked === 'interest' && yetToPay.test(page.flat.slice(question.unit.start, question.unit.end));
  const kind = isToCome ? 'moment' : looksAt[question.asked];
  // "Give the two payments": no payment after the second.
  const isPair =
    question.asked === 'newPayment' &&
    /(?:^|[^a-z])(?:the|both) ⟨n\d+⟩ (?:⟨e\d+⟩ )?payments\W*$/.test(
      page.flat.slice(question.unit.start, question.unit.end),
    );
  if (isPair) return [{ ...question, place: undefined }];
  if (!kind)
    return [{ ...question, place: question.asked === 'totalPaid' ? paidUntil(page, question.unit) : undefined }];
  const several = severalPlaces(page, question, kind);
  if (several) return several.map((place) => ({ ...question, place }));
  const place =
    placeInTerm(page, question, kind) ??
    afterPause(page, question, kind) ??
    paidSoFar(page, question) ??
    paidByThen(page, question) ??
    ownPlace(page, question, kind) ??
    untilThen(page, question) ??
    placeAsked(page, openingOf(page, question), kind);
  const isThen =
    kind === 'moment' &&
    (place?.atChange ||
      ((!place || (place.same && page.questions[0] === question)) &&
        (question.asked === 'balance' || question.asked === 'leftToPay'))) &&
    question.asked !== 'newPayment' &&
    changesOfText(page).length === 0;
  const later = kind === 'moment' ? laterThanChange(page, question, place) : undefined;
  if (later) return [{ ...question, place: later }];
  // "… and 3 % for the last four years. What had she then?"
  const isOverHere =
    question.asked === 'finalAmount' &&
    /for the (?:next |following |last )?⟨t\d+⟩ (?:after (?:that|this|it)|that follow|which follow|thereafter),? $/.test(
      page.flat.slice(sentenceAt(page, question)?.start ?? 0, question.start),
    );
  const isOver =
    question.asked === 'finalAmount' &&
    place?.atChange &&
    (endsLast.test(page.flat.slice(0, question.start)) || isTermToldBehind(page, question));
  // "… and payments continue for four more years. What is then owed?"
  const isOverThen =
    question.asked === 'balance' &&
    place?.atChange &&
    goesOnLast.test(page.flat.slice(0, question.start)) &&
    /(?<![a-z])then(?![a-z])/.test(page.flat.slice(question.unit.start, question.unit.end));
  if (isOver || isOverHere || isOverThen) return [{ ...question, place: undefined }];
  const isInAll = kind === 'range' && ofAll.test(page.flat.slice(question.start, question.unit.end));
  const told = (!place || place.atChange) && !isInAll ? paymentToldBefore(page, question, kind) : undefined;
  return [{ ...question, place: told ?? (isThen ? (momentBefore(page, question.start) ?? place) : place) }];
}

/** What the question's words name, or else what stands before it; what names only the term gives way to that. */
function ownPlace(page: Page, question: Question, kind: 'range' | 'moment'): AskedPlace | undefined {
  const own = placeAsked(page, question.unit, kind);
  const lead = placeAsked(page, leadOf(page, question), kind);
  const [first] = own?.taken ?? [];
  const isTerm =
    first !== undefined &&
    ['time', 'count'].includes(page.tokens[first.token]?.form ?? '') &&
    (/(?:over|for|by|in) $/.test(page.flat.slice(0, page.places[first.token]!.start)) ||
      /^ (?:loan|mortgage|debt|credit|lease|note)(?![a-z])/.test(page.flat.slice(page.places[first.token]!.end)));
  // "If it is paid off after the tenth payment, how much does she pay then?"
  const isThen = own?.same || (own?.atChange && changesOfText(page).length === 0);
  const isTold = (lead?.afterYears ?? lead?.after ?? lead?.leftPayments) !== undefined;
  return (isTerm || isThen) && isTold ? lead : (own ?? lead);
}

/** "The balance of a mortgage over 20 years at 5 %, after 7 years": the words behind it are its place. */
function isPlacedBehind({ flat }: Page, { asked, unit }: Question, next: Question | undefined): boolean {
  const isPlace = (text: string): boolean =>
    /(?<![a-z])(?:after|at the end of|in|once|before) (?:the )?(?:⟨|first)/.test(text);
  return (
    next?.asked === asked &&
    next.unit.start - unit.end < 3 &&
    /^\W*after ⟨t\d+⟩\W*$/.test(flat.slice(next.unit.start, next.unit.end)) &&
    !isPlace(flat.slice(unit.start, unit.end)) &&
    /(?:over|for) ⟨t\d+⟩/.test(flat.slice(unit.start, unit.end))
  );
}

/** Questions with the payments and times they name. */
export const placeQuestions = oncePerPage((page): readonly PlacedQuestion[] => {
  const placed = meantQuestions(page)
    .filter((each, at, all) => !isPlacedBehind(page, each, all[at + 1]))
    .flatMap((question) => withPlaces(page, question));
  // "the principal and the interest in the 25th payment", "what part of payment 97 is interest, and what part principal"
  return placed.map((question, at) => {
    const isWhole = ofAll.test(page.flat.slice(question.start, question.unit.end));
    // "Interest in the first year? In the second?"
    const ordinal = /^\W*(?:and )?(?:how much |what )?(?:in|during) the ⟨o(\d+)⟩(?:,? and)?\W*$/.exec(
      page.flat.slice(question.unit.start, question.unit.end),
    );
    // "What has she paid after the 20th payment, and what does she still owe?"
    const paid = placed[at - 1]?.asked === 'totalPaid' ? placed[at - 1]?.place : undefined;
    if (paid && !question.place && question.asked === 'balance') return { ...question, place: paid };
    const first = placed[at - 1]?.place ?? placed[at - 2]?.place;
    if (ordinal && first?.fromYear !== undefined && first.fromYear === first.toYear) {
      const token = Number(ordinal[1]);
      const year = page.tokens[token]!.value;
      return { ...question, place: { fromYear: year, toYear: year, taken: [{ token, role: 'yearIndex' }] } };
    }
    // "… in the first year? In the last?"
    const isLast = /^\W*(?:and )?(?:how much |what )?(?:in|during) the (?:last|final)(?:,? and)?\W*$/.test(
      page.flat.slice(question.unit.start, question.unit.end),
    );
    if (isLast && first?.fromYear !== undefined && first.fromYear === first.toYear)
      return { ...question, place: { lastYears: 1, taken: [] } };
    const year = yearAsBefore(page, question, placed[at - 1]) ?? timeAsBefore(page, question, placed[at - 1]);
    if (year) return { ...question, place: year };
    const behind = balanceBehind(
      page,
      question,
      [placed[at - 1], placed[at - 2]].find((each) => each?.place),
    );
    if (behind) return { ...question, place: behind };
    if (question.place !== undefined || looksAt[question.asked] !== 'range' || isWhole) return question;
    const own = sentenceAt(page, question);
    const line = lineOf(page, question, placed.slice(at + 1));
    if (line) return { ...question, place: line };
    // "And how much principal?" goes on from the sentence before.
    const goesOn =
      own !== undefined &&
      /^\W*how much is (?:interest|principal|capital)\W*$|^\W*and (?:how|what)(?![a-z])[^⟨]*$|^(?:\(?[a-h]\)|⟨l\d+⟩[.)])?\s*(?:and )?how much (?:principal|interest|capital)\W*$/.test(
        own.text,
      );
    const beside = [placed[at + 1], placed[at - 1]].find(
      (each) =>
        each?.place &&
        each.asked !== question.asked &&
        looksAt[each.asked] === 'range' &&
        (sentenceAt(page, each) === own || (goesOn && each === placed[at - 1])),
    );
    return beside ? { ...question, place: beside.place } : question;
  });
});

/** "The interest, the principal and the balance of payment 10": what stands last in the list names the payment of all. */
function lineOf(page: Page, question: PlacedQuestion, later: readonly PlacedQuestion[]): AskedPlace | undefined {
  const isBare =
    /^\W*(?:what (?:is|are) |find |give |state |show |list |determine |calculate )?(?:the )?(?:interest|principal)(?: (?:part|portion|share))?,?(?: and)?\W*$/;
  if (!isBare.test(page.flat.slice(question.unit.start, question.unit.end))) return undefined;
  const here = later.filter((each) => sentenceAt(page, each) === sentenceAt(page, question));
  const last = here.find(({ place }) => place?.after !== undefined && place.taken.length > 0);
  const isOfPayment =
    last &&
    /(?:of|on|in|for) (?:payment|line|row|instal?ment|month) ⟨n|⟨o\d+⟩ payment/.test(
      page.flat.slice(last.start, last.unit.end),
    );
  return isOfPayment ? { from: last.place!.after!, to: last.place!.after!, taken: last.place!.taken } : undefined;
}

/** "For the 6th payment, give the interest, the principal and the balance": what is owed after it. */
function balanceBehind(
  page: Page,
  { asked, place, unit }: PlacedQuestion,
  before: PlacedQuestion | undefined,
): AskedPlace | undefined {
  const { from, to, taken = [] } = before?.place ?? {};
  const isBare =
    /^\W*(?:and )?(?:the )?(?:outstanding |remaining )?(?:balance|debt)(?: (?:that is |then )?(?:left|remaining|outstanding))?\W*$/;
  const isHere =
    asked === 'balance' &&
    place === undefined &&
    from !== undefined &&
    from === to &&
    taken.length > 0 &&
    sentenceAt(page, unit) === sentenceAt(page, before!.unit);
  return isHere && isBare.test(page.flat.slice(unit.start, unit.end))
    ? { after: from, taken: taken.map(({ token }) => ({ token, role: 'after' })) }
    : undefined;
}

/** "… at the end of the third year, and the principal repaid in the fourth": years, as before. */
function yearAsBefore(
  page: Page,
  { place, unit }: PlacedQuestion,
  before: PlacedQuestion | undefined,
): AskedPlace | undefined {
  const [taken] = place?.taken ?? [];
  const told = before?.place?.taken[0];
  if (!taken || !told || place?.from === undefined || place.from !== place.to) return undefined;
  const isYear = new RegExp(`⟨o${told.token}⟩ year`).test(page.flat);
  const isBare = new RegExp(`(?:in|during|over|of) the ⟨o${taken.token}⟩\\W*$`).test(
    page.flat.slice(unit.start, unit.end),
  );
  const isHere = sentenceAt(page, unit) === sentenceAt(page, before!.unit);
  return isYear && isBare && isHere
    ? { fromYear: place.from, toYear: place.from, taken: [{ token: taken.token, role: 'yearIndex' }] }
    : undefined;
}

/** "(a) after ten years, (b) after thirteen": years, as before. */
function timeAsBefore(
  page: Page,
  { place, unit }: PlacedQuestion,
  before: PlacedQuestion | undefined,
): AskedPlace | undefined {
  const isBare = /^\W*(?:and )?(?:what |how much )?(?:after|in) ⟨n\d+⟩\W*$/.test(page.flat.slice(unit.start, unit.end));
  return isBare && place?.after !== undefined && before?.place?.afterYears !== undefined
    ? { afterYears: place.after, taken: place.taken }
    : undefined;
}

/** "After five years she raises it. What has she three years later?" */
function laterThanChange(page: Page, { unit }: Question, place: AskedPlace | undefined): AskedPlace | undefined {
  const isLater = /⟨t\d+⟩ (?:later|after that)(?![a-z])/.test(page.flat.slice(unit.start, unit.end));
  const [change] = isLater && place?.afterYears !== undefined ? changesOfText(page) : [];
  return change?.afterYears === undefined
    ? undefined
    : { ...place!, afterYears: place!.afterYears! + change.afterYears };
}

const justMade = pattern(
  '(?:payment (?:number )?{n}|the {o} (?:<e> )?@payment)(?:(?!nothing)[^.?!]){0,90} (?:has (?:just )?been (?:made|paid)|is (?:made|paid|due)|falls due)',
);

/** "Payment 30 has just been made. Split it into interest and principal." */
function paymentToldBefore(page: Page, { start }: Question, kind: 'range' | 'moment'): AskedPlace | undefined {
  justMade.lastIndex = 0;
  const found = justMade.exec(page.flat.slice(0, start));
  const token = Number(found?.[1] ?? found?.[2]);
  if (!found) return undefined;
  const { value } = page.tokens[token]!;
  return kind === 'moment'
    ? { after: value, taken: [{ token, role: 'after' }] }
    : { from: value, to: value, taken: [{ token, role: 'from' }] };
}

/** "… pays nothing for a year. What is owed at the end of that year?" */
function afterPause(page: Page, { unit }: Question, kind: 'range' | 'moment'): AskedPlace | undefined {
  const said = page.flat.slice(unit.start, unit.end);
  if (kind !== 'moment' || !/(?:end|close) of (?:that|this|the|those|these)(?![a-z])/.test(said)) return undefined;
  const skips = changesOfText(page).filter((each) => each.kind === 'skip');
  // "… at the end of those six months?"
  const again = Number(/(?:end|close) of (?:those|these|the) ⟨[tn](\d+)⟩(?: months)?(?![a-z])/.exec(said)?.[1] ?? NaN);
  const isAgain = skips.some(({ token }) => page.tokens[again]?.value === page.tokens[token]?.value);
  const isNamed =
    /(?:end|close) of (?:(?:that|this) (?:year|time|period|quarter)|(?:that|this|the) (?:half-year|pause))(?![a-z])/.test(
      said,
    );
  if (skips.length === 0 || !(isAgain || isNamed)) return undefined;
  return { atChange: true, taken: isAgain ? [{ token: again, role: 'after' }] : [] };
}

/** "After paying 40 of 84 payments she wants to know …, … and …": what opens a sentence holds for all it asks. */
function openingOf({ flat, questions, sentences }: Page, { unit }: Question): Span {
  const sentence = sentences.find(({ start, end }) => start <= unit.start && end >= unit.end);
  const start = sentence?.start ?? unit.start;
  const first = questions.find((each) => each.unit.start >= start)?.unit.start ?? start;
  const isMoment = /^\W*(?:after|once|when|following)(?![a-z])/.test(flat.slice(start, first));
  return { start, end: isMoment ? first : start };
}
