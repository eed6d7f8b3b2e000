/** "The wheel costs 46,000 now and prices rise 3 % a year. What will it cost in 8 years, and what must be put away for it?" */

import { groupFound } from '../pattern.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Span } from '../flatText.ts';
import { tokenAt, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import { dearerPrice, type ReadLink, type ReadPlan, type Role } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { yearsOf } from '../tokens.ts';
import { without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

const between =
  '(?: (?:of [a-z ]{1,24}?|are|is|was|were|will|expected|likely|thought|assumed|to|be|have been|each year|every year))*?';
const climbs =
  '(?:rises?|rising|climbs?|climbing|increases?|increasing|goes up|go up|going up|gets? dearer|becomes? dearer)';
const by = '(?: (?:by|at|about|roughly|a rate of|an average of))*';
/** Prices grow, and what is saved grows as well: "it grows at 5 %" tells of no price. */
const dearer = new RegExp(
  [
    `(?<![a-z])(?:prices?|costs?|fees)${between} (?:${climbs}|grows?|growing)${by} ⟨p(\\d+)⟩`,
    `(?<![a-z])(?:it|which|that)${between} ${climbs}${by} ⟨p(\\d+)⟩`,
    '⟨p(\\d+)⟩(?: ⟨[ea]\\d+⟩)? (?:dearer|more expensive|inflation)',
    '(?:inflation|dearer)[^.?!⟨]{0,20} ⟨p(\\d+)⟩',
  ].join('|'),
);
const priced =
  /(?:costs?|priced at|price (?:is|of)|price today (?:is|of)|sells? for|worth|sold (?:for|at)|(?:buy|replace|purchase|build) [^.?!⟨]{1,40} for) ⟨m(\d+)⟩|⟨m(\d+)⟩ (?:now|today|at present|at today's prices|at current prices)/;
const isPutAway =
  /(?<![a-z])(?:sinking fund|fund|account|deposits?|sav(?:e|es|ed|ing)|puts? (?:away|aside|by|in)|pa(?:y|ys|id|ying)[^.?!]{0,20} in(?:to)?|invest(?:s|ed)?|set(?:s|ting)? (?:aside|by)|lay (?:by|aside))(?![a-z])/;

/** @returns nothing where no price of today and no rise of prices with a time is told, or nothing is put away for it */
export function readDearerThen(page: Page): DraftReading | undefined {
  const [rise, price] = [tokenIn(dearer.exec(page.flat)), tokenIn(priced.exec(page.flat))];
  const times = page.tokens.flatMap(({ form }, at) => (form === 'time' ? [at] : []));
  const [years = NaN, other] = [...new Set(times.map((at) => yearsOf(page, at)))];
  if (rise === undefined || price === undefined || other !== undefined || !(years > 0)) return undefined;
  if (!isPutAway.test(page.flat)) return undefined;
  const questions = ownedQuestions(page, (each) => (isOfPrice(page, each) ? 0 : 1)).map((each): Owned =>
    each.owner === 0 ? { ...each, asked: 'finalAmount', place: undefined } : each,
  );
  const put = putAway(page, [page.places[price]!, withPeriod(page, rise)], questionsOf(questions, 1));
  if (!put || !questions.some(({ owner }) => owner === 1)) return undefined;
  const grown: ReadPlan = {
    kind: 'lump-sum',
    name: dearerPrice,
    amount: tokenAt(page, price).value,
    rate: { value: tokenAt(page, rise).value, quoted: 'effective', compoundingsPerYear: 1 },
    paymentsPerYear: 1,
    payments: years,
    payment: 0,
    timing: 'end',
    finalAmount: null,
    changes: [],
    unknown: 'finalAmount',
  };
  const roles = new Map<number, Role>([
    [price, 'amount'],
    [rise, 'rate'],
    ...times.map((at) => [at, 'duration'] as const),
  ]);
  const read = { ...put.read, wanted: undefined, missing: [] };
  return readingOfPlans(page, [{ ...put, plan: grown, roles, read }, put], questions, () => undefined);
}

const tokenIn = (found: RegExpExecArray | null): number | undefined => {
  const token = groupFound(found);
  return token === undefined ? undefined : Number(token);
};

/** "What will it cost then?" */
const isOfPrice = (page: Page, question: PlacedQuestion): boolean =>
  question.asked !== 'payment' && /(?<![a-z])(?:costs?|price)(?![a-z])/.test(wordsOf(page, question));

/** A rate with the "a year" behind it. */
function withPeriod({ flat, places }: Page, rate: number): Span {
  const { start, end } = places[rate]!;
  return { start, end: end + (/^(?: ⟨[ae]\d+⟩)?/.exec(flat.slice(end))?.[0].length ?? 0) };
}

/** The deposits, or the one sum, that come to the price. */
function putAway(page: Page, out: readonly Span[], questions: readonly Owned[]): SolePlan | undefined {
  const isOnce = questions.some(({ asked }) => asked === 'amount');
  const put = readPlan(page, { scope: without(...out), as: isOnce ? 'lump-sum' : 'saving', questions });
  const { plan } = put;
  if (!plan.rate || plan.payments === null || plan.changes.length > 0) return undefined;
  if (plan.finalAmount !== null || (!isOnce && plan.payment !== null)) return undefined;
  const links: ReadLink[] = [{ field: 'finalAmount', fromPlan: 0, quantity: 'finalAmount' }];
  return {
    ...put,
    plan: { ...plan, name: 'put away', unknown: isOnce ? 'amount' : 'payment', links },
    read: { ...put.read, missing: [] },
  };
}
