/** Whose a question is, where two offers are held against each other. */

import type { Span } from '../flatText.ts';
import { sentenceAt, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import { parallelOffers } from './parallelOffers.ts';
import { wordsOf, type Owner } from './severalPlans.ts';

/** Where the first offer is told, and where the second. */
export type Regions = readonly [Span, Span];

/** What an offer is called. */
export const thing =
  '(?:offer|bank|option|plan|loan|lender|dealer|account|scheme|deal|proposal|shop|way|society|fund|choice|card|quote|quotation|contract|firm|alternative|seller|supplier|union)';
/** Holds for both: not of the second offer alone. */
export const forBoth =
  /(?:^|\s)(?:both|either|(?:what|how much) (?:does|do|is|will|would) each(?= (?:cost|charge|ask|take|bring|come|amount|demand|bear))|each (?:case|loan|offer|bank|plan|one|way|account|option|scheme|deal|lender|card|alternative|choice)|in (?:both|each|either)|(?:with|from|to|of|for|under) each(?: of (?:them|these|the two|the [a-z]+s))?(?=\s*[?.,;])|(?:are|find|give|state|calculate|compute|determine) the ⟨n\d+⟩ (?:⟨e\d+⟩ )?(?:payments|balances|final values|amounts))(?![a-z])/;
/** Of two that are told alike. */
const eachPayment =
  /(?<![a-z])(?:what (?:is|would be)|find|give|state) (?:each|the) (?:⟨e\d+⟩ )?payments?(?! (?:of|for|if|at|under|with)(?![a-z]))/;
const ofEach = /(?<![a-z])(?:under|of|for) (?:both|each|either)(?![a-z])/;

/** Words that ask of both. */
export const isOfEach = (page: Page, text: string): boolean =>
  forBoth.test(text) || (eachPayment.test(text) && parallelOffers(page) !== undefined);

/** Rates that are stated, not asked. */
export const ratesOf = (page: Page): Span[] =>
  page.tokens.flatMap(({ form }, at) =>
    form === 'percent' &&
    !['downPaymentRate', 'finalAmountRate', 'newRate', 'financedRate', 'paymentRise'].includes(
      page.signs[at]?.[0]?.role ?? '',
    )
      ? [page.places[at]!]
      : [],
  );

/** "240 monthly or 720 quarterly": two that are paid at different times. */
export function paidAsOften(page: Page): Regions | undefined {
  const often = '(?:at (?:the (?:end|beginning|start) of )?)?⟨[ea](\\d+)⟩(?: (?:end|beginning|start))?';
  const found = new RegExp(
    `⟨m(\\d+)⟩ ${often}(?:,? (?:or|and|against) (?:else )?|, (?:and |while |but )?[a-z]+ )⟨m(\\d+)⟩ ${often}`,
  ).exec(page.flat);
  const [, one, first, other, second] = (found ?? []).map(Number);
  if (!found || one === undefined || other === undefined || first === undefined || second === undefined)
    return undefined;
  const start = page.places[other]!.start;
  return page.tokens[first]?.value === page.tokens[second]?.value
    ? undefined
    : [
        { start: found.index, end: start },
        { start, end: found.index + found[0].length },
      ];
}

const firstWords = /(?:^|\s)(?:first|lease|rent|flat|a|one|old|former|original|shorter|earlier)(?=[\s,.?)]|$)/;
const secondWords = /(?:^|\s)(?:second|loan|other|reducing|b|two|new|latter|longer|later)(?=[\s,.?)]|$)/;

/** "(a) 9 % compounded monthly to …; (b) 9 % effective to …": a question beside one of two rates is that one's. */
function ownRate(page: Page, { unit }: PlacedQuestion, regions: Regions): 0 | 1 | undefined {
  if (page.tokens.some(({ form }) => form === 'money')) return undefined;
  const rates = ratesOf(page).filter(({ start }) => start >= unit.start && start < unit.end);
  const [rate] = rates;
  if (!rate || rates.length !== 1) return undefined;
  return rate.start >= regions[0].start && rate.start < regions[0].end ? 0 : 1;
}

/** "the rate of offer 2": the one that is named by its number. */
function offerNumbered(page: Page, words: string): 0 | 1 | undefined {
  const numbers = [...words.matchAll(new RegExp(`${thing} [⟨][nl](\\d+)⟩`, 'g'))].map(
    ([, at]) => page.tokens[Number(at)]?.value,
  );
  const [only, more] = new Set(numbers);
  return more === undefined && (only === 1 || only === 2) ? (only === 1 ? 0 : 1) : undefined;
}

/** "What is the payment? By how much would it rise if the rate were 5.28 %?" */
function isBeforeSupposed(page: Page, { unit }: PlacedQuestion, other: Span): boolean {
  const supposed = sentenceAt(page, other);
  const isSupposed = supposed?.asks === true && /(?<![a-z])(?<!what )if(?![a-z])/.test(supposed.text);
  return isSupposed && unit.end <= supposed.start + 1;
}

/** "(a) the payment; (b) the charge; (c) what payment a bank asking 9.6 % would want": of the other rate only that is asked. */
function beforeOther(page: Page, question: PlacedQuestion): 0 | 1 | undefined {
  const [one, other, third] = ratesOf(page);
  const asking = (rate: Span): Span | undefined =>
    page.questions.find(({ unit }) => rate.start >= unit.start && rate.start < unit.end)?.unit;
  const told = other && asking(other);
  if (!one || !told || third || asking(one) || sentenceAt(page, one)?.asks) return undefined;
  return question.unit.start === told.start ? 1 : question.unit.start < told.start ? 0 : undefined;
}

/** @returns the offer a question is of; each, or across both */
export function ownerOf(page: Page, question: PlacedQuestion, [one, other]: Regions): Owner {
  if (question.asked === 'newPayment') return 1;
  if (question.asked === 'choice' || question.asked === 'difference') return 'across';
  // The true rate is asked of the flat charge.
  const heads = [one, other].map((each) => sentenceAt(page, each)?.start ?? each.start);
  const [isFlat, isFlatToo] = [one, other].map(({ start, end }, at) =>
    /flat|add-?on/.test(page.flat.slice(Math.min(start, Math.max(heads[at]!, at === 0 ? 0 : one.end)), end)),
  );
  const words = wordsOf(page, question);
  if (question.asked === 'nominalRate' && isFlat !== isFlatToo && !ofEach.test(words)) return isFlat ? 0 : 1;
  // "What is paid over 24 months, and what would be saved over 18?": it names the one.
  const named = [one, other].filter((each) => each.start >= question.unit.start && each.end <= question.unit.end);
  const isSameSentence = sentenceAt(page, one) === sentenceAt(page, other);
  if (named.length === 1 && isSameSentence && !/^\W*compare(?![a-z])/.test(sentenceAt(page, question)?.text ?? ''))
    return named[0] === one ? 0 : 1;
  // "Give the effective rates of 1.4 % a month and of 17.2 % a year" asks of both.
  const isIn = ({ start }: Span): boolean => start >= question.unit.start && start < question.unit.end;
  if (ratesOf(page).filter(isIn).length > 1) return 'each';
  const rate = ownRate(page, question, [one, other]);
  if (rate !== undefined) return rate;
  // "… and the effective cost of the second."
  const last =
    /(?:of|for|with|under|in|at|from) the (first|former|second|latter|other)(?: (?:one|loan|offer|plan|option|deal|bank))?\W*$/.exec(
      words,
    )?.[1];
  if (last && !forBoth.test(words)) return /first|former/.test(last) ? 0 : 1;
  if ([words, sentenceAt(page, question)?.text ?? ''].some((text) => isOfEach(page, text))) return 'each';
  if (isBeforeSupposed(page, question, other)) return 0;
  const asked = beforeOther(page, question);
  if (asked !== undefined) return asked;
  if (/(?<![a-z])pay(?:s|ing)? (?:now|at present|so far|today)(?![a-z])/.test(words)) return 0;
  const numbered = offerNumbered(page, words);
  if (numbered !== undefined) return numbered;
  const texts = [page.flat.slice(one.start, one.end), page.flat.slice(other.start, other.end)];
  const isOf = (at: 0 | 1): boolean => {
    const names = [
      /leas/,
      /loan|borrow/,
      /flat/,
      /compound|reducing/,
      /bank/,
      /dealer/,
      /union/,
      /maker/,
      /shop/,
    ].filter((name) => name.test(words) && name.test(texts[at]!) && !name.test(texts[1 - at]!));
    const mark =
      (at === 0 ? firstWords : secondWords).test(words) && !(at === 0 ? secondWords : firstWords).test(words);
    return (
      names.length > 0 ||
      (mark &&
        new RegExp(`(?:${thing}|under|in|for|of) \\(?(?:a(?= ?[,.;:?)]|$| and | or )|b|one|two)(?![a-z])`).test(words))
    );
  };
  if (isOf(0) && !isOf(1)) return 0;
  if (isOf(1) && !isOf(0)) return 1;
  return 'each';
}

/** "2,000 cashback or 1.9 % finance; with the cashback she borrows at 5.9 %": what comes off is not of the first rate. */
export function offBesideRate(
  page: Page,
  regions: Regions | undefined,
): { readonly regions: Regions; readonly isOthers?: (place: Span, plan: 0 | 1) => boolean } | undefined {
  if (!regions) return undefined;
  const [rate] = ratesOf(page);
  const [off, another] = page.places.filter((_, at) => /^rebate/.test(page.signs[at]?.[0]?.role ?? ''));
  const or =
    off && rate && !another && rate.start < regions[1].start
      ? /,? or (?!else to )[^.?!]*$/.exec(page.flat.slice(off.end, Math.max(off.end, rate.start)))
      : null;
  if (!or || !off) return { regions };
  const [first, second] = regions;
  const start = Math.max(first.start, off.end + or.index);
  return {
    regions: [{ start, end: first.end }, second],
    isOthers: (place, plan) => plan === 0 && place.start === off.start,
  };
}
