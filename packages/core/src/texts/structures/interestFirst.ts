/** "For two years only the interest is paid, then it is repaid over five": what is owed stays, and is repaid by a plan of its own. */

import { wholeNumber } from '../paymentCounts.ts';
import type { DraftReading } from '../draftReading.ts';
import type { AskedPlace } from '../lexicon/placeRecord.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { ReadPlan } from '../reading.ts';
import { without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owned, type Owner } from './severalPlans.ts';
import { yearsOf } from '../tokens.ts';
import { rolesOfTime, toldTime, type ToldTime } from './toldTime.ts';

const onlyInterest =
  /(?:pays?|paid|paying|is|are|due) (?:only|just) (?:the |monthly )?interest|(?:only|just) (?:has to |have to |need |needs to )?pays? (?:the |monthly )?interest|(?:only|just|nothing but) (?:the )?interest (?:is|has to be|must be|need be) paid|interest[- ]only|(?<![a-z])interest only is paid|interest alone (?:on [^.;?]{3,40} )?is paid|interest (?:only|alone) (?=(?:for|in|during|over) [^.?!]{0,40}(?:,|and) then)/g;
const forSoLong =
  /(?:(?:for|during|in|over) (?:the |an? )?|(?:^|[.:;\n] ?)(?:the )?(?=first ))(?:(?:first |initial )?⟨t(\d+)⟩|first year(?! of))/g;
const inThatTime = /(?<![a-z])(?:then|(?:in|during|over) (?:this|that|these|those) (?:time|years|period))(?![a-z])/;
const ofFirst =
  /(?:first|interest payments?|only interest|interest[- ]only|at first|to begin with|until then|before that)|(?:while|when) (?:only|just)/;
/** "What is paid in the first stage and in the second?" */
const ofBoth =
  /(?<![a-z])first (?:stage|phase|part|period|⟨t\d+⟩|one)[^?]* and (?:in|during|for|over|of) the (?:second|other|rest|next|later|following)|(?:each|both)(?: of the)?(?: ⟨n\d+⟩)? (?:stages?|phases?|parts?|periods?)|⟨n\d+⟩ (?:kinds|sorts) of payment|^\W*(?:give|state|find|calculate|compute|determine|what are) (?:the ⟨n\d+⟩|both) payments\W*$|^\W*both payments\W*$/;

/** @returns nothing where no time of interest alone is told, with a time of repaying behind it */
export function readInterestFirst(page: Page): DraftReading | undefined {
  const time = timeOfInterest(page);
  if (!time || !/loan|borrow|debt|mortgage|lent|lends|repa(?:y|id)|owe|payments/.test(page.flat)) return undefined;
  const { token, years } = time;
  const questions = questionsOfStages(page, years);
  const isBehind = isToldBehind(page, time);
  // "… of a 12-year loan …, then repaid over the remaining nine": the whole is told, and what is left of it.
  const isWhole = (at: number): boolean =>
    page.tokens[at]?.form === 'time' &&
    page.tokens.some(
      ({ form }, other) =>
        form === 'time' &&
        other > at &&
        sentenceAt(page, page.places[other]!)?.asks !== true &&
        yearsOf(page, other) + years === yearsOf(page, at),
    );
  const notOfRepaying = page.places.filter(
    ({ start }, at) =>
      at === token || (isBehind && page.tokens[at]?.form === 'time' && (start < time.start || isWhole(at))),
  );
  const sole = readPlan(page, {
    scope: without(...notOfRepaying),
    as: 'borrowing',
    questions: questionsOf(questions, 1),
  });
  const { plan, read } = sole;
  const isKnown = plan.amount !== null && plan.payment === null && plan.rate !== null && plan.finalAmount === 0;
  const count = (plan.payments ?? 0) - (isBehind ? 0 : wholeNumber(years * plan.paymentsPerYear));
  if (!isKnown || count <= 0 || read.missing.length > 0) return undefined;
  const first: ReadPlan = {
    ...plan,
    name: 'interest only',
    payments: wholeNumber(years * plan.paymentsPerYear),
    finalAmount: plan.amount,
    changes: [],
  };
  const roles = new Map([...[...sole.roles].filter(([, role]) => role === 'amount'), ...rolesOfTime(time)]);
  return readingOfPlans(
    page,
    [
      { ...sole, plan: first, roles, changes: [] },
      { ...sole, plan: { ...plan, name: 'repaid', payments: count, changes: [] }, changes: [] },
    ],
    questions,
    () => undefined,
  );
}

const ofRepaying = /(?<![a-z])(?:later|second|equal|these|those)(?![a-z])/;
/** "Monthly interest?": what is paid each time at first. */
const eachInterest =
  /^\W*(?:and )?(?:the )?(?:⟨e\d+⟩ interest|interest (?:each|every|per) (?:month|quarter|year)|interest payments?)\W*$/;

/** What is asked of each stage: a balance is one of repaying, counted from when that begins. */
function questionsOfStages(page: Page, years: number): Owned[] {
  // "… after the first three years" comes later.
  const isFirst = firstAsked(page);
  // "What is owed ten years after the start?", "What is owed after 60 of the later payments?"
  const placeOf = (question: PlacedQuestion): AskedPlace | undefined => {
    const { place } = question;
    if (ofRepaying.test(wordsOf(page, question))) return place;
    return place?.afterYears !== undefined && place.afterYears > years
      ? { ...place, afterYears: place.afterYears - years }
      : undefined;
  };
  return ownedQuestions(page, (question): Owner => {
    if (question.asked === 'interest' && eachInterest.test(wordsOf(page, question))) return 0;
    if (question.asked === 'balance' && placeOf(question)) return 1;
    if (question.asked !== 'payment' && question.asked !== 'newPayment') return 'across';
    if (ofBoth.test(wordsOf(page, question))) return 'each';
    return isFirst(question) ? 0 : 1;
  }).map((each) => ({
    ...each,
    asked: each.asked === 'newPayment' || each.owner === 0 ? ('payment' as const) : each.asked,
    place: each.asked === 'balance' ? placeOf(each) : undefined,
  }));
}

/** Which questions ask of the time of interest alone. */
function firstAsked(page: Page): (question: PlacedQuestion) => boolean {
  const payments = page.questions.filter(({ asked }) => asked === 'payment' || asked === 'newPayment');
  // "What is the payment then? And afterwards?"
  const isThen = (question: PlacedQuestion): boolean =>
    question.start === payments[0]?.start && payments.length > 1 && inThatTime.test(wordsOf(page, question));
  return (question) =>
    isThen(question) ||
    // "What does he pay in the first year, and what later?" asks for both in one breath.
    (!(question.asked === 'newPayment' && question.start === payments[0]?.start) &&
      ofFirst.test(
        wordsOf(page, question).replace(/(?:after|once|when|behind|following) (?:the |these |those )?first /g, ''),
      ));
}

interface TimeOfInterest extends ToldTime {
  readonly start: number;
}

/** For how long interest alone is paid: the time that stands nearest in its sentence. */
function timeOfInterest(page: Page): TimeOfInterest | undefined {
  for (const only of page.flat.matchAll(onlyInterest)) {
    const told = page.sentences.find(({ start, end }) => start <= only.index && end > only.index);
    const times = [...(told?.text ?? '').matchAll(forSoLong)].map((found): TimeOfInterest => ({
      ...toldTime(page, found[1]),
      start: (told?.start ?? 0) + found.index,
    }));
    const away = ({ start }: TimeOfInterest): number => Math.abs(start - only.index);
    const [nearest] = times.sort((one, other) => away(one) - away(other));
    if (nearest) return nearest;
  }
  return undefined;
}

/** "A loan over 20 years …; then payments clear it by the end of the 20 years": the whole, named once more. */
const isWholeAgain = (page: Page, at: number, start: number): boolean =>
  page.tokens[at]?.form === 'time' &&
  /(?:end of|within|in|after) (?:the|these|those|its) $/.test(page.flat.slice(0, page.places[at]!.start)) &&
  page.tokens.some(
    ({ form }, other) =>
      form === 'time' && page.places[other]!.start < start && yearsOf(page, other) === yearsOf(page, at),
  );

/** "The whole life of the loan is 18 years." */
const isNamedWhole = (page: Page, at: number): boolean =>
  /(?:whole|entire|total|full|overall) (?:life|term|time|duration|period)(?: of [a-z ]{3,20})? (?:is|being|comes to|of|will be) $|(?:in all|altogether|all told),? (?:for |over |the loan (?:runs|lasts)(?: for)? )?$/.test(
    page.flat.slice(0, page.places[at]!.start),
  );

/** Whether the time of repaying is told behind the time of interest; what stands before it is the whole term then. */
const isToldBehind = (page: Page, { token, start }: TimeOfInterest): boolean =>
  page.tokens.some(({ form }, at) => {
    if (isWholeAgain(page, at, start) || isNamedWhole(page, at)) return false;
    if (sentenceAt(page, page.places[at]!)?.asks) return false;
    const tells = form === 'time' || (form === 'count' && page.signs[at]?.[0]?.role === 'payments');
    // "the first 3 years of a 20-year mortgage": the whole.
    const isOfWhole = /^⟨t\d+⟩ of (?:an?|the|its|his|her|their) ⟨t(\d+)⟩/.exec(
      page.flat.slice(page.places[token!]?.start ?? start),
    );
    return tells && at !== token && page.places[at]!.start > start && Number(isOfWhole?.[1] ?? -1) !== at;
  });
