/** "From 25 to 35 she saves; then it is left alone until she is 65": two stages told by three ages. */

import { wholeNumber } from '../paymentCounts.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import type { Role } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { clausesOf, isIn } from './clauses.ts';
import { comparedBy, readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';
import { secondPlan, stopped } from './stages.ts';

export const leavesIt =
  /(?<![a-z])(?:leav(?:es?|ing)|untouched|nothing (?:more|further)|(?:after that|after which|afterwards|thereafter|from then on|then),? (?:he |she |they )?(?:pays? (?:in )?|saves? |puts? in |adds? )?nothing|then nothing more|no (?:more|further) (?:deposits|payments|contributions)|(?:lets?|letting) it|stays? (?:there|in))(?![a-z])/;
/** "until she is 65", "at age 25", "her 30th birthday": no share, no count of payments. */
const age =
  /(?<![a-z])(?:ages?|aged|at|from|until|till|to|is|turns?|turned|her|his|their|by|reaches|since) (\d\d)(?:st|nd|rd|th)?(?![\d%]|[.,]\d| ?(?:%|per|percent|payments?|deposits?|instal|months|quarters|years(?! old)|times|equal|monthly|quarterly))/g;

/** "Ada, 45, saves …" */
const behindName =
  /\p{L}, (\d\d)(?=, )|(?<![a-z])[a-z]*(?:er|or|ist|man|woman|ian|nurse|clerk) of (\d\d)(?=[ ,] ?[a-z])/gu;

interface AgeTold {
  readonly age: number;
  /** The numbers that tell it. */
  readonly tokens: readonly number[];
}

/** The ages that a text tells, from the youngest on. */
export function agesTold(page: Page): AgeTold[] {
  const byAge = new Map<number, number[]>();
  const lower = page.text.toLowerCase();
  for (const found of [...lower.matchAll(age), ...lower.matchAll(behindName)]) {
    const told = found[1] ?? found[2]!;
    const at = found.index + found[0].indexOf(told);
    const tokens = page.tokens.flatMap(({ start, end }, token) => (at >= start && at < end ? [token] : []));
    byAge.set(Number(told), [...(byAge.get(Number(told)) ?? []), ...tokens]);
  }
  return [...byAge].map(([years, tokens]) => ({ age: years, tokens })).sort((one, other) => one.age - other.age);
}

/** @returns nothing where the text does not tell of three ages, saving and leaving alone */
export function readAgedStages(page: Page): DraftReading | undefined {
  if (
    !leavesIt.test(page.flat) ||
    !/(?<![a-z])(?:age|aged|birthday|old|turns|turned|until (?:she|he) is)(?![a-z])/.test(page.flat)
  )
    return undefined;
  const [from, until, end, more] = agesTold(page);
  const isOther = ({ form }: Page['tokens'][number], at: number): boolean =>
    form === 'time' && ![from, until, end].some((each) => each?.tokens.includes(at));
  if (!from || !until || !end || more || page.tokens.some(isOther)) return undefined;
  const questions = placeQuestions(page).map((each) => ({ ...each, place: undefined }));
  if (questions.length === 0 || questions.some(({ asked }) => asked !== 'finalAmount' && asked !== 'balance'))
    return undefined;
  const told = [from, until, end].flatMap(({ tokens }) => tokens.map((at) => page.places[at]!));
  const left = clausesOf(page).find((clause) => leavesIt.test(page.flat.slice(clause.start, clause.end)));
  if (!left) return undefined;
  const isTold = ({ start }: Span): boolean => told.some((each) => each.start === start);
  const saved = readPlan(page, {
    scope: (place) => !isIn([left], place) && !isTold(place),
    as: 'saving',
    questions: [],
  });
  const { payment, rate, paymentsPerYear } = saved.plan;
  if (payment === null || rate === null) return undefined;
  const roles = new Map<number, Role>(saved.roles);
  for (const at of [...from.tokens, ...until.tokens]) roles.set(at, 'duration');
  const first: SolePlan = {
    ...saved,
    roles,
    plan: {
      ...saved.plan,
      name: 'first',
      payments: wholeNumber((until.age - from.age) * paymentsPerYear),
      finalAmount: null,
      unknown: 'finalAmount',
    },
    read: { ...saved.read, missing: [] },
  };
  const then = secondPlan(page, left, { years: end.age - until.age, tokens: end.tokens }, first);
  return (
    then &&
    readingOfPlans(
      page,
      [first, then],
      questions.map((each) => owned(page, each, until, end)),
      (each, all) => comparedBy(page, each, all),
    )
  );
}

/** "What is there at 35?" asks of the first stage. */
function owned(page: Page, question: PlacedQuestion, until: AgeTold, end: AgeTold): Owned {
  const names = ({ tokens }: AgeTold): boolean => tokens.some((at) => isIn([question.unit], page.places[at]!));
  // "How much has he at 50, and at 67?"
  if (names(until) && names(end)) return { ...question, asked: 'finalAmount', owner: 'each' };
  const isThen = names(until) || stopped.test(wordsOf(page, question));
  return { ...question, asked: 'finalAmount', owner: isThen ? 0 : 1 };
}
