/** Two offers held against each other: the text says one, then the other, and what holds for both. */

import { changesOfText } from '../changesOfText.ts';
import { doubt } from '../doubts.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import type { Question } from '../question.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, type Page, type Scope } from '../page.ts';
import { isOfEach, offBesideRate, ownerOf, ratesOf, type Regions } from './offerOwners.ts';
import { leaseAndLoan, regionsOf } from './offerRegions.ts';
import { namesOf } from './twoPeople.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

/** "… than if the rate had stayed at 3.6 %": one loan, with the change and without. */
const asIfUnchanged =
  /than if (?:the (?:interest )?rate|it|nothing) had (?:stayed|remained|not (?:changed|risen|fallen|gone|been raised|been cut)|never changed|changed)|than (?:with|at) an unchanged rate/;

/** @returns nothing where the text does not tell two offers */
export function readOffers(page: Page): DraftReading | undefined {
  const compares =
    page.questions.some(({ asked }) => asked === 'choice' || asked === 'difference') ||
    page.sentences.some(({ asks, text }) => asks && /^\W*(?:⟨l\d+⟩ )?compare(?![a-z])/.test(text));
  const isForBoth = (each: Question): boolean =>
    isOfEach(page, page.flat.slice(each.unit.start, each.unit.end)) ||
    /^\W*(?:for|in|of|with|under) (?:both|each)(?: [a-z]+)?, /.test(sentenceAt(page, each)?.text ?? '');
  const both = page.questions.some(isForBoth);
  const kinds = leaseAndLoan(page);
  // "A flat 6 % a year, or 11 % compounded monthly. What is the true rate of the flat one?"
  const isFlatToo =
    ratesOf(page).length === 2 &&
    page.kinds.some(({ says, weight }) => says === 'flat' && weight >= 9) &&
    page.questions.some(({ asked }) => asked === 'nominalRate') &&
    page.tokens.some(({ form }) => form === 'money');
  // Both payments of a loan whose rate changes.
  const changes = changesOfText(page).some(({ kind }) => kind === 'rate');
  if (changes && ((!compares && !kinds) || asIfUnchanged.test(page.flat))) return undefined;
  // "It may be bought for 18,600 or leased for 36 months": one lease, and its price.
  const orLease =
    /^[^?]*⟨[ptn]\d+⟩[^?]* or (?:else )?(?:(?:lease|rent|hire) it|(?:be )?(?:leased|rented|hired)(?= (?:for|over|at|from) ))(?![a-z])/.test(
      page.flat,
    );
  // "… at (a) 6 % compounded monthly, (b) 7.2 % compounded monthly"
  const isListed = /(?:at|with|if it is) \(?a\) ⟨p\d+⟩[^.?!]*\(?b\) ⟨p\d+⟩/.test(page.flat);
  if (!compares && !both && !kinds && !isFlatToo && !orLease && !isListed) return undefined;
  // "What does the holiday cost her?"
  if (isOfPause(page)) return undefined;
  const told = offBesideRate(page, kinds ?? regionsOf(page));
  const found = told && readTwo(page, told.regions, told.isOthers);
  const names = told && namesOf(page, told.regions);
  // Two people lend their names to their plans.
  const named = names && found?.plans.map((plan, at) => (plan.name ? plan : { ...plan, name: names[at]! }));
  return found && named ? { ...found, plans: named } : found;
}

/** "Vendor 1: …. Vendor 2: …, first payment today": a timing that the second has in a sentence of its own is not the first one's. */
const isTimedAlone = ({ flat, timings }: Page, [one, other]: Regions): boolean =>
  timings.some(({ start }) => start >= other.start && start < other.end) &&
  timings.every(({ start }) => start >= other.start && start < other.end) &&
  /[.;:][\s(]*$/.test(flat.slice(one.start, other.start)) &&
  !/(?<![a-z])(?:both|each|either|all|always|again|too|also)(?![a-z])/.test(flat.slice(other.start, other.end));

const untimed = (like: SolePlan): SolePlan => ({ ...like, terms: { ...like.terms, timing: undefined } });

/** A pause is told, and no choice asked: what is compared is the plan with it and without it. */
export const isOfPause = (page: Page): boolean =>
  page.questions.every(({ asked }) => asked !== 'choice') && changesOfText(page).some(({ kind }) => kind === 'skip');

/** The questions with the offer that each is of; a new payment is the second's. */
function questionsOfTwo(page: Page, regions: Regions): Owned[] {
  const hasNew = page.questions.some(({ asked }) => asked === 'newPayment');
  return ownedQuestions(page, (question) => {
    const isOld =
      hasNew &&
      question.asked === 'payment' &&
      /(?<![a-z])(?:old|present|first)(?![a-z])/.test(wordsOf(page, question));
    return isOld ? 0 : ownerOf(page, question, regions);
  })
    .map((each) => (each.asked === 'newPayment' ? { ...each, asked: 'payment' as const } : each))
    .map((each) => (namesTerm(page, each, regions) ? { ...each, place: undefined } : each))
    .filter((each, at, all) => all.findIndex((other) => isSame(each, other)) === at);
}

/**
 * Reads two plans whose places are known.
 *
 * @param isOthers whether a place belongs to the other plan wherever it stands
 * @param known what both are, where that is known
 */
export function readTwo(
  page: Page,
  regions: Regions,
  isOthers: (place: Span, plan: 0 | 1) => boolean = () => false,
  known?: SolePlan['plan']['kind'],
): DraftReading | undefined {
  const questions = questionsOfTwo(page, regions);
  const scopeOf = (plan: 0 | 1): Scope => {
    const other = regions[plan === 0 ? 1 : 0];
    return (place) => (place.start < other.start || place.start >= other.end) && !isOthers(place, plan);
  };
  const read = (plan: 0 | 1, like?: SolePlan, as?: SolePlan['plan']['kind']): SolePlan =>
    readPlan(page, {
      scope: scopeOf(plan),
      kindScope: kindScopeOf(plan),
      questions: isOneSum(page, regions[plan]) ? asAmount(questionsOf(questions, plan)) : questionsOf(questions, plan),
      ...(like ? { like: like.terms } : {}),
      ...asKind(page, regions[plan], as ?? known),
    });
  const kindScopeOf = (plan: 0 | 1): Scope => {
    const scope = scopeOf(plan);
    const own = regions[plan];
    if (page.kinds.some(({ start, weight }) => weight >= 6 && start >= own.start && start < own.end))
      return ({ start }) => start >= own.start && start < own.end;
    const told = page.kinds.some((place) => scope(place) && !isAsked(page, place.start));
    // "… or at 11.4 % compounded monthly. What rate is the flat offer?"
    const isCompound =
      page.tokens.some(({ form }) => form === 'money') &&
      /compound|convertible|reducing/.test(page.flat.slice(own.start, own.end));
    // "A flat-rate loan: 8 % …. A friend offers 14 % compounded monthly": what is compounded is not flat.
    const flat = new Set(page.kinds.flatMap(({ says, start }) => (says === 'flat' ? [start] : [])));
    const isFlat = ({ start }: Span): boolean => isCompound && flat.has(start);
    return told || isCompound ? (place) => scope(place) && !isFlat(place) && !isAsked(page, place.start) : scope;
  };
  const first = read(0);
  const told = read(1, first);
  // Without its own sums it is the same kind of case as the first.
  // "She needs 60,000. Bank A lends it at …, bank B at …": what is needed is lent by both.
  const isLent =
    first.plan.kind === 'borrowing' &&
    told.plan.kind === 'saving' &&
    !page.kinds.some(
      ({ start, weight, says }) =>
        says === 'saving' && weight >= 6 && start >= regions[1].start && start < regions[1].end,
    );
  const isBare =
    first.plan.kind !== 'convert' &&
    (isLent ||
      told.plan.kind === 'convert' ||
      (first.plan.kind !== 'flat' && !page.kinds.some((each) => scopeOf(1)(each))));
  const other = sought(withTheRest(page, first, isBare ? read(1, first, first.plan.kind) : told, regions[1]));
  const second = untilGone(page, first, other, regions[1]);
  const completed = atThePrice(read(0, isTimedAlone(page, regions) ? untimed(second) : second), second);
  const reading = readingOfPlans(page, [completed, second], questions, (question, plans) =>
    comparedBy(page, question, plans),
  );
  return isPaidInOne(completed, second)
    ? { ...reading, doubts: [...reading.doubts, doubt('downPayment', 'Is the deposit paid in both cases?')] }
    : reading;
}

/** "She pays 3,900 and gets the rest at 3.9 %; a bank would take 6.3 %, but then 900 is taken off": the deposit may hold for both. */
const isPaidInOne = ({ plan: one }: SolePlan, { plan: other }: SolePlan): boolean =>
  one.downPayment !== undefined &&
  other.downPayment === undefined &&
  other.rebate !== undefined &&
  one.price === other.price;

/** "It costs 23,500. Nothing down …, or 3,500 down …": what the first lends is the price that the second pays of. */
const atThePrice = (first: SolePlan, { plan: { price, downPayment } }: SolePlan): SolePlan =>
  price !== undefined && downPayment !== undefined && first.plan.price === undefined && first.plan.amount === price
    ? { ...first, plan: { ...first.plan, price } }
    : first;

const savesMore = /(?<![a-z])(?:saves|accumulates|builds up) (?:the )?(?:more|most)(?![a-z])/;

/** The kind that is told of both: one sum, or savings ("Which saves more?"). */
function asKind(page: Page, region: Span, as: SolePlan['plan']['kind'] | undefined): { as?: SolePlan['plan']['kind'] } {
  if (as) return { as };
  if (isOneSum(page, region)) return { as: 'lump-sum' };
  const isSaved =
    page.questions.some(
      ({ asked, unit }) => asked === 'choice' && savesMore.test(page.flat.slice(unit.start, unit.end)),
    ) && !/(?<![a-z])(?:loan|debt|borrow\w*|interest|mortgage)(?![a-z])/.test(page.flat);
  return isSaved ? { as: 'saving' } : {};
}

/** "one deposit today, or month-end deposits": of the one sum the amount is asked. */
function isOneSum({ kinds }: Page, { start, end }: Span): boolean {
  const own = kinds.filter((each) => each.start >= start && each.start < end);
  return own.some(
    ({ says, weight }) => says === 'lump-sum' && weight >= 9 && own.every((other) => other.weight <= weight),
  );
}

const asAmount = (questions: readonly Owned[]): Owned[] =>
  questions.map((each) => (each.asked === 'payment' ? { ...each, asked: 'amount' } : each));

/** "… or lease it for 890 a month": a payment that is told is not sought, what it is worth is. */
const sought = (read: SolePlan): SolePlan =>
  read.plan.kind === 'leasing' && read.plan.unknown === 'payment' && read.plan.payment !== null
    ? { ...read, plan: { ...read.plan, price: undefined, amount: null, unknown: 'amount' } }
    : read;

/** "Both owe 9,000 at 8.4 %. Ada repays in 36 payments; Berit pays 250 a month until it is gone": the rate holds for both, the term does not. */
function untilGone(page: Page, { plan: { rate } }: SolePlan, other: SolePlan, { start, end }: Span): SolePlan {
  const isOwn = (forms: readonly string[]): boolean =>
    page.tokens.some(
      ({ form }, at) => forms.includes(form) && page.places[at]!.start >= start && page.places[at]!.end <= end,
    );
  const isOpen =
    other.plan.unknown === 'rate' && other.plan.payment !== null && rate !== null && rate.quoted !== 'flat';
  const asksRate = page.questions.some(({ asked }) => /Rate$|ratePerPayment/.test(asked));
  if (!isOpen || asksRate || isOwn(['time', 'count', 'percent'])) return other;
  return { ...other, plan: { ...other.plan, rate, payments: null, unknown: 'payments' } };
}

/** "If instead the rest were borrowed …": what is left of the price when the first plan's deposit is paid. */
function withTheRest(page: Page, { plan: one }: SolePlan, other: SolePlan, region: Span): SolePlan {
  const { plan } = other;
  const isRest = /(?<![a-z])the (?:same )?(?:rest|remainder|balance)(?! of)(?![a-z])/.test(
    page.flat.slice(region.start, region.end),
  );
  const whole = one.price ?? one.amount;
  const isWhole = plan.downPayment === undefined && whole !== null && (plan.price === whole || plan.amount === whole);
  if (!isRest || !isWhole || one.downPayment === undefined || one.amount === null) return other;
  return { ...other, plan: { ...plan, price: whole, downPayment: one.downPayment, amount: one.amount } };
}

/** "The interest over 15 years and over 30": the terms themselves are no places in them. */
const namesTerm = (page: Page, { place }: Owned, regions: Regions): boolean =>
  place?.taken.some(({ token }) => regions.some(({ start }) => start === page.places[token]!.start)) ?? false;

const isSame = (one: Owned, other: Owned): boolean =>
  one.asked === other.asked && one.start === other.start && one.owner === other.owner && one.place === other.place;

/** It stands in a question, not in what is told. */
const isAsked = (page: Page, at: number): boolean =>
  page.questions.some(({ unit }) => at >= unit.start && at < unit.end);
