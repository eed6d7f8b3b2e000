/** "For the first ten of 25 years she saves 200. What must she save from then on to have 150,000?": two stages to one goal. */

import { agesOf } from '../ages.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { Role } from '../reading.ts';
import { yearsOf } from '../tokens.ts';
import { agesTold } from './agedStages.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const firstStage = /(?:for|during|in|over) (?:the |his |her |their )?first ⟨t(\d+)⟩/;
const later =
  /(?<![a-z])(?:from then on|after (?:that|this)|afterwards|thereafter|then|in the (?:remaining|other|following)|over the (?:remaining|rest|other)|for the (?:remaining|rest|other))(?![a-z])/;
const saves =
  /(?<![a-z])(?:sav(?:e|es|ed|ing)|deposit(?:s|ed)?|puts? (?:aside|away|by|in)|sets? aside|pa(?:ys?|id) in)(?![a-z])/;

interface Stages {
  /** The time of the first, and how long both last, in years. */
  readonly first: number;
  readonly whole: number;
  /** The numbers that tell how long both last, or the second. */
  readonly tokens: readonly number[];
}

/** How long the stages last: by their times, or by ages. */
function stagesOf(page: Page): Stages | undefined {
  const first = Number(firstStage.exec(page.flat)?.[1] ?? NaN);
  if (!(first >= 0)) return undefined;
  const others = page.tokens.flatMap(({ form }, at) => (form === 'time' && at !== first ? [at] : []));
  const years = (at: number): number => yearsOf(page, at);
  const ages = agesTold(page);
  const [from, until, end, more] = ages;
  // "He is 30 … for the first ten years … when he is 40 … at 65"
  const isOfStages = from && until && end && !more && until.age - from.age === years(first);
  const byAge = isOfStages ? end.age - from.age : agesOf(page)?.years;
  if (byAge !== undefined && others.length === 0)
    return { first, whole: byAge, tokens: ages.flatMap(({ tokens }) => tokens) };
  const isRest = (at: number): boolean =>
    /(?:remaining|other|following|next) $/.test(page.flat.slice(0, page.places[at]!.start));
  const [one, other, third] = others;
  if (one === undefined || third !== undefined) return undefined;
  const rest = others.find(isRest);
  const whole = rest === undefined ? years(one) : years(first) + years(rest);
  // Where all three are told, they go together.
  const isClash =
    other !== undefined && (rest === undefined || others.some((at) => at !== rest && years(at) !== whole));
  return isClash ? undefined : { first, whole, tokens: others };
}

/** @returns nothing where no payment of a first time is told, or none is asked of the time behind it, to a goal */
export function readSavedTwice(page: Page): DraftReading | undefined {
  const stages = stagesOf(page);
  const [one, other, third] = page.tokens.flatMap(({ form }, at) => (form === 'money' ? [at] : []));
  if (!stages || one === undefined || other === undefined || third !== undefined || !saves.test(page.flat))
    return undefined;
  // Nobody saves more each time than the goal.
  const goal = tokenAt(page, one).value > tokenAt(page, other).value ? one : other;
  const { first, whole, tokens } = stages;
  const told = sentenceAt(page, page.places[first]!);
  const isSought = (each: PlacedQuestion): boolean =>
    (each.asked === 'payment' || each.asked === 'newPayment') && later.test(wordsOf(page, each));
  const questions = ownedQuestions(page, (each): Owner => (isSought(each) ? 1 : 0)).map((each): Owned => ({
    ...each,
    asked: each.owner === 1 ? 'payment' : each.asked === 'balance' ? 'finalAmount' : each.asked,
    place: undefined,
  }));
  const isOpen = questions.some(({ owner }) => owner === 1) && told?.asks === false;
  if (!isOpen || questions.some(({ owner, asked }) => owner === 0 && asked !== 'finalAmount')) return undefined;
  const outside = [goal, ...tokens].map((at) => page.places[at]!);
  const start = readPlan(page, { scope: without(...outside), as: 'saving', questions: [], isAgeless: true });
  const { plan, read } = start;
  const { payment, rate, paymentsPerYear } = plan;
  const payments = wholeNumber(yearsOf(page, first) * paymentsPerYear);
  const more = wholeNumber(whole * paymentsPerYear) - payments;
  if ((payment ?? 0) <= 0 || !rate || plan.changes.length > 0 || !(more > 0)) return undefined;
  const roles = new Map<number, Role>([
    ...start.roles,
    [first, 'duration'],
    ...tokens.map((at) => [at, 'duration'] as const),
  ]);
  return follow(
    page,
    {
      ...start,
      roles,
      plan: { ...plan, name: 'first', payments, finalAmount: null, unknown: 'finalAmount' },
      read: { ...read, missing: [] },
    },
    questions,
    {
      name: 'then',
      amount: null,
      payments: more,
      payment: null,
      finalAmount: tokenAt(page, goal).value,
      unknown: 'payment',
    },
    [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount' }],
    [[goal, 'finalAmount']],
    () => undefined,
  );
}
