/** A second plan that goes on from the first: paid at half and twice as often, called in early, at the rate just found. */

import type { PlacedQuestion } from '../placedQuestions.ts';
import type { Question } from '../question.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { ReadLink, ReadPlan, Role } from '../reading.ts';
import { impliedFrequency } from '../periodUses.ts';
import { withoutRepeats, yearsOf } from '../tokens.ts';
import {
  comparedBy,
  ownedQuestions,
  questionsOf,
  readingOfPlans,
  wordsOf,
  type Across,
  type Owned,
  type Owner,
} from './severalPlans.ts';

export const without =
  (...spans: readonly Span[]) =>
  (place: Span): boolean =>
    !spans.some(({ start, end }) => place.start >= start && place.start < end);

/** The second plan is the first with something else in it. */
export function follow(
  page: Page,
  first: SolePlan,
  questions: readonly Owned[],
  other: Partial<ReadPlan>,
  links: readonly ReadLink[],
  roles: readonly (readonly [number, Role])[],
  across: Across,
): DraftReading {
  return readingOfPlans(page, [first, follower(first, other, links, roles)], questions, across);
}

/** A plan that is the first with something else in it. */
export function follower(
  first: SolePlan,
  other: Partial<ReadPlan>,
  links: readonly ReadLink[],
  roles: readonly (readonly [number, Role])[],
): SolePlan {
  const { links: _, ...own } = first.plan;
  return {
    ...first,
    // A plan that takes nothing from the first has no links.
    plan: { ...own, changes: [], ...other, ...(links.length > 0 ? { links } : {}) },
    read: { ...first.read, missing: [] },
    roles: new Map([...first.roles, ...roles]),
  };
}

/** No other question stands between a place and this one. */
const isFirstOf = ({ questions }: Page, { unit }: Question, from: number): boolean =>
  from <= unit.start && questions.every(({ start }) => start < from || start >= unit.start);

/** "half of it every two weeks". */
export function readHalved(page: Page): DraftReading | undefined {
  const says =
    /(?:^|[\s])half (?:(?:of )?(?:it|this|that)(?![a-z])|(?:of )?(?:each|every|⟨e)|of the(?![a-z])|(?:of )?(?:his|her|their|its)|the|that|this|as much|a)|halv|one-half/.test(
      page.flat,
    );
  const often = page.periods.find(
    ({ use, perYear }) => use === 'frequency' && (perYear === 26 || perYear === 52 || perYear === 24),
  );
  const isMonthly =
    page.periods.some(({ use, perYear }) => use === 'frequency' && perYear === 12) ||
    impliedFrequency(page.flat) === 12 ||
    // A mortgage compounded by the month is paid by the month.
    (page.periods.some(({ use, perYear }) => use === 'compounding' && perYear === 12) && /mortgage/.test(page.flat));
  const half = halfTold(page);
  if ((!says && half === undefined) || !often || !isMonthly) return undefined;
  const questions = ownedQuestions(page, ({ asked }): Owner =>
    asked === 'difference' || asked === 'choice' ? 'across' : asked === 'payment' ? 0 : 1,
  ).map((each) => {
    // "What is paid every two weeks?"
    const isOften = page.periods.some(
      ({ token, perYear }) =>
        perYear === often.perYear &&
        page.places[token]!.start >= each.unit.start &&
        page.places[token]!.start < Math.min(each.unit.end, each.end + 25),
    );
    const asks = /(?<![a-z])(?:what|how|find|determine|calculate|state)(?![a-z])/.test(
      page.flat.slice(each.unit.start, each.end),
    );
    if (each.asked === 'payment' && isOften && asks) return { ...each, owner: 1 as const };
    if (each.owner === 1 && namesMonths(page, each)) return { ...each, owner: 0 as const };
    const words = sentenceAt(page, each)?.text ?? '';
    return each.owner === 1 && /(?:each|either|both) ways?(?![a-z])/.test(words)
      ? { ...each, owner: 'each' as const }
      : each;
  });
  const spans = page.periods.filter(({ perYear }) => perYear === often.perYear);
  const halves = half === undefined ? [] : [half];
  const first = readPlan(page, {
    scope: without(...[...spans.map(({ token }) => token), ...halves].map((token) => page.places[token]!)),
    questions: questionsOf(questions, 0),
  });
  // A payment that is told is halved as it stands.
  const whole = first.plan.payment;
  const links: ReadLink[] = whole === null ? [{ field: 'payment', fromPlan: 0, quantity: 'payment', times: 0.5 }] : [];
  return follow(
    page,
    { ...first, plan: { ...first.plan, name: 'monthly' } },
    questions,
    {
      name: 'more often',
      paymentsPerYear: often.perYear,
      payments: null,
      payment: whole === null ? null : whole / 2,
      unknown: 'payments',
    },
    links,
    halves.map((token) => [token, 'payment'] as const),
    (question, plans) => savedByHalving(page, question, plans),
  );
}

/** "How many monthly payments would there have been?" */
function namesMonths(page: Page, { unit }: PlacedQuestion): boolean {
  const often = /⟨e(\d+)⟩/.exec(page.flat.slice(unit.start, unit.end))?.[1];
  return often !== undefined && tokenAt(page, Number(often)).value === 12;
}

/** "Instead of 1,284.40 each month she pays 642.20 every two weeks": the token of the half, where it is told. */
function halfTold(page: Page): number | undefined {
  const found = /instead of (?:paying )?⟨m(\d+)⟩[^.?!]{0,60} pays? ⟨m(\d+)⟩|⟨m(\d+)⟩ ⟨e\d+⟩ instead of ⟨m(\d+)⟩/.exec(
    page.flat,
  );
  const [whole, half] = found ? [found[1] ?? found[4], found[2] ?? found[3]].map(Number) : [];
  if (whole === undefined || half === undefined) return undefined;
  return Math.abs(tokenAt(page, whole).value - 2 * tokenAt(page, half).value) < 0.011 ? half : undefined;
}

function savedByHalving(page: Page, question: Owned, plans: readonly ReadPlan[]): ReturnType<Across> {
  const words = wordsOf(page, question);
  const of = /interest/.test(words)
    ? 'totalInterest'
    : /years|sooner|earlier|time|long/.test(words)
      ? 'years'
      : comparedBy(page, question, plans).args.of;
  return { quantity: 'difference', args: { ...(of ? { of } : {}), between: [0, 1] } };
}

/** "… with payment 84" counts no payments of the long loan. */
const paymentsNamed = (page: Page): Span[] =>
  page.places.filter(
    ({ start }, at) => page.tokens[at]?.form === 'count' && /payment $/.test(page.flat.slice(0, start)),
  );

/** Lengths of time that may be terms. */
const lengthsOf = (page: Page): number[] =>
  page.tokens.flatMap(({ form }, at) =>
    form === 'time' &&
    page.signs[at]?.[0]?.role !== 'ignored' &&
    (page.signs[at]?.[0]?.role !== 'interval' || yearsOf(page, at) > 1)
      ? [at]
      : [],
  );

const asSpread =
  /(?:as if|as though|figured (?:on|over|as|for)|set (?:as|on|for) (?:an?|the)|schedule|amorti[sz]ed|amorti[sz]es? (?:it|the (?:debt|loan|mortgage)) over|amorti[sz]ation|reckoned (?:as|over)|as for|calculated (?:on|over|as|for)|worked out (?:on|over|as|for)|based on|spread (?:over|as|out)|spreads? (?:it |⟨m\d+⟩ )?(?:over|out)|computed (?:on|over|as|for)|payment schedule|over a)(?![a-z])/;
const calledIn =
  /(?:called in|(?<![a-z])(?:rest|remainder|balance|residue)[^.?!⟨]{0,16} (?:due|payable|paid) (?:with|at|after|in)|wants all that is (?:still |then )?(?:outstanding|owed)|(?:balance|rest|remainder|it) is (?:then )?called|call(?:s|ed)? (?:it |the (?:loan|balance|debt) )?in|calls in (?:the|its|what)|due in full|falls? due|comes? due|becomes? due|matures?|renew\w*|must (?:then )?be (?:paid off|repaid|refinanced|settled)|is (?:then )?(?:due|payable|to be (?:paid|repaid))|paid off in (?:full|one)|balance (?:is )?(?:then )?(?:due|paid)|(?:wants?|asks? for|demands?) (?:the|its|all the) (?:balance|rest|money|remainder)(?: back)?|balloon|everything (?:outstanding|still owed|that is left)|has to be (?:paid|repaid)|must be paid|what is (?:then )?(?:still )?owed)(?![a-z])/;

/** "spread as if for 30 years, but called in after seven". */
export function readCalledIn(page: Page): DraftReading | undefined {
  const spread = asSpread.exec(page.flat);
  const called = calledIn.exec(page.flat);
  const times = lengthsOf(page);
  const [long, ...others] = [...times].sort((one, other) => yearsOf(page, other) - yearsOf(page, one));
  if (
    !spread ||
    !called ||
    long === undefined ||
    page.signs.some((each) => each[0]?.role === 'newRate' || each[0]?.role === 'extra')
  )
    return undefined;
  const later = others.filter((at) => yearsOf(page, at) < yearsOf(page, long));
  const near = [...later].sort(
    (one, other) => distance(page, one, called.index) - distance(page, other, called.index),
  )[0];
  const hasBalloon = page.signs.some((each) => each.some(({ role, weight }) => role === 'finalAmount' && weight >= 9));
  // "… but the balance is due with the 60th payment"
  const nths = nthsOf(page);
  const [nth, more] = withoutRepeats(page, nths);
  const counted = near === undefined && more === undefined ? nth : undefined;
  const end = near ?? counted;
  // "What is owed when five years remain?" calls nothing in.
  const remains =
    end !== undefined &&
    /^ (?:still )?(?:remain|are left|left|to go|to run)(?![a-z])/.test(page.flat.slice(page.places[end]!.end));
  if (end === undefined || remains || hasBalloon) return undefined;
  const questions = ownedQuestions(page, ({ asked }): Owner => (asked === 'payment' ? 0 : 1));
  const skipped = later.map((at) => page.places[at]!);
  const first = readPlan(page, {
    scope: without(...skipped, ...paymentsNamed(page)),
    questions: questionsOf(questions, 0),
  });
  const years = counted === undefined ? yearsOf(page, end) : tokenAt(page, counted).value;
  const payments =
    counted !== undefined && !isYear(page, counted) ? years : wholeNumber(years * first.plan.paymentsPerYear);
  const named: readonly (readonly [number, Role])[] = [
    [end, counted === undefined ? 'duration' : 'payments'],
    ...nths.filter((at) => at !== end && tokenAt(page, at).value === payments).map((at) => [at, 'payments'] as const),
  ];
  const found = follow(
    page,
    { ...first, plan: { ...first.plan, name: 'as spread' } },
    questions,
    { name: 'as called in', payments, payment: null, finalAmount: null, unknown: 'finalAmount' },
    [{ field: 'payment', fromPlan: 0, quantity: 'payment' }],
    named,
    () => undefined,
  );
  return {
    ...found,
    asks: found.asks.map((ask) =>
      ask.quantity === 'balanceAfter' && ask.plan === 1
        ? { quantity: 'finalAmount' as const, plan: 1, place: ask.place }
        : ask.quantity === 'lastPayment'
          ? { ...ask, args: { include: ['finalAmount'] } }
          : ask,
    ),
  };
}

/** The payments and years that are named by their number. */
const nthsOf = (page: Page): number[] =>
  page.tokens.flatMap(({ form }, at) => (form === 'nth' || isYear(page, at) ? [at] : []));

/** "At the end of year 6", "… of the sixth year". */
const isYear = ({ flat, places }: Page, at: number): boolean =>
  /(?<![a-z])year $/.test(flat.slice(0, places[at]!.start)) || /^ year(?![a-z])/.test(flat.slice(places[at]!.end));

const distance = ({ places }: Page, at: number, from: number): number => Math.abs((places[at]?.start ?? 0) - from);

/** The question that is asked at the rate that was found. */
function askedAtRate(page: Page, words: number, asksRate: number | undefined): Question | undefined {
  const told = sentenceAt(page, { start: words, end: words });
  // "At that rate, what is owed after two years, and how large a loan could be had for 350 a month?"
  return (
    page.questions.find(
      (each) =>
        each.start >= words &&
        sentenceAt(page, each) === told &&
        /⟨m/.test(page.flat.slice(each.unit.start, each.unit.end)),
    ) ??
    page.questions.find(({ unit, start }) => start >= words - 60 && unit.end > words && start !== asksRate) ??
    // "Her second loan has the same rate but payments of 420. … How much was the second loan?"
    page.questions.find(
      ({ unit, start }) =>
        told?.asks === false &&
        start > told.end - 1 &&
        start !== asksRate &&
        /second|other|new/.test(page.flat.slice(unit.start, unit.end)),
    )
  );
}

/** "… how many more years …?": from what there is now. */
const countsFromNow = ({ flat }: Page, { unit }: Question): boolean =>
  /how (?:many more|many further|much longer)/.test(flat.slice(unit.start, unit.end));

/** "Using that rate, what could be borrowed against £550 a month over the same time". */
export function readAtFoundRate(page: Page): DraftReading | undefined {
  const words =
    /(?:using|at|with|on|for|assuming|given|has|have|carries|bears) (?:that|this|the same|the found|such a) (?:same |very )?(?:interest )?rate|at the (?:[a-z]+ )?rate (?:this|that|it) implies/.exec(
      page.flat,
    );
  const asksRate = page.questions.find(
    ({ asked }) => asked === 'nominalRate' || asked === 'ratePerPayment' || asked === 'effectiveRate',
  );
  if (!words || (!asksRate && !/implies/.test(words[0]))) return undefined;
  const told = sentenceAt(page, { start: words.index, end: words.index });
  const inside = askedAtRate(page, words.index, asksRate?.start);
  if (!inside) return undefined;
  const region: Span =
    told && !told.asks && inside.start >= told.end - 1
      ? told
      : { start: isFirstOf(page, inside, words.index) ? words.index : inside.unit.start, end: inside.unit.end };
  const owns = (form: string): boolean =>
    page.places.some((place, at) => !without(region)(place) && tokenAt(page, at).form === form);
  // "At this rate, what would she have to pay to be finished in 20 years?": the same loan over another time.
  const isOtherTerm = !owns('money') && owns('time') && inside.asked === 'payment';
  if (!owns('money') && !isOtherTerm) return undefined;
  const questions = ownedQuestions(page, ({ start }: PlacedQuestion): Owner => (start === inside.start ? 1 : 0));
  const first = readPlan(page, { scope: without(region), questions: questionsOf(questions, 0) });
  const second = readPlan(page, {
    scope: (place) => !without(region)(place) || sentenceAt(page, place) === undefined,
    as: first.plan.kind,
    questions: questionsOf(questions, 1),
    like: { ...first.terms, money: {} },
  });
  const plan: ReadPlan = {
    ...second.plan,
    name: 'second',
    paymentsPerYear: first.plan.paymentsPerYear,
    payments: second.plan.payments ?? first.plan.payments,
    timing: first.plan.timing,
    rate: null,
    links: [{ field: 'ratePerPayment', fromPlan: 0, quantity: 'ratePerPayment' }],
  };
  const sought = plan.payment !== null ? ('amount' as const) : ('payment' as const);
  // "How many years would it take to reach 12,000 at that rate?": what was put in is the same.
  const isReached = first.plan.kind === 'lump-sum' && ['years', 'payments', 'howLong'].includes(inside.asked);
  const own: Partial<ReadPlan> = isReached
    ? {
        amount: countsFromNow(page, inside) ? first.plan.finalAmount : first.plan.amount,
        finalAmount: plan.amount ?? plan.finalAmount,
        payments: null,
        unknown: 'payments',
      }
    : isOtherTerm
      ? { amount: first.plan.amount, payment: null, unknown: 'payment' }
      : { unknown: sought };
  const linked: SolePlan = { ...second, plan: { ...plan, ...own }, read: { ...second.read, missing: [] } };
  return readingOfPlans(
    page,
    [{ ...first, plan: { ...first.plan, name: 'first' } }, linked],
    questions,
    (question, plans) => comparedBy(page, question, plans),
  );
}
