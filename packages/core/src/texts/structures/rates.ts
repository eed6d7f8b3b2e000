/** Several rates without a plan: each is converted, and they are held against each other. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import type { PeriodUse } from '../periodUses.ts';
import { quoteOfToken } from '../doubts.ts';
import type { ReadPlan } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { without } from './followers.ts';
import type { Regions } from './offerOwners.ts';
import { readTwo } from './offers.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans } from './severalPlans.ts';

/** One rate, compounded so often or so often: "11 % compounded (a) monthly, (b) daily". */
function readCompoundings(page: Page): DraftReading | undefined {
  const uses = page.periods.filter(({ use }) => use === 'compounding');
  const isEffective = page.questions.length > 0 && page.questions.every(({ asked }) => asked === 'effectiveRate');
  const often = uses.map(({ perYear }) => perYear);
  if (!isEffective || uses.length < 2 || new Set(often).size < uses.length) return undefined;
  const questions = ownedQuestions(page, () => 'each');
  const others = uses.slice(1).map(({ token }) => page.places[token]!);
  const first = readPlan(page, { scope: without(...others), as: 'convert', questions });
  const { rate } = first.plan;
  if (rate?.quoted !== 'nominal') return undefined;
  const compounded = ({ token, perYear }: PeriodUse): SolePlan => {
    const plan: ReadPlan = {
      ...first.plan,
      name: quoteOfToken(page, token),
      rate: { ...rate, compoundingsPerYear: perYear },
      paymentsPerYear: perYear,
    };
    return { ...first, plan };
  };
  return readingOfPlans(page, uses.map(compounded), questions, () => undefined);
}

/** Where the words of the next rate begin. */
function cutBetween({ flat }: Page, one: Span, other: Span): number {
  const between = flat.slice(one.end, other.start);
  const cut = Math.max(...[' or ', ' and ', '; ', ', ', ' with ', '\n'].map((mark) => between.lastIndexOf(mark)));
  return cut < 0 ? other.start : one.end + cut;
}

/** Three rates and more, each with its own words: "bank A 5.85 % quarterly, bank B 5.8 % monthly, bank C …". */
function readManyRates(page: Page, rates: readonly Span[]): DraftReading | undefined {
  const isRate = ({ asked }: Page['questions'][number]): boolean => asked === 'choice' || asked === 'effectiveRate';
  if (!page.questions.every(isRate)) return undefined;
  const starts = rates.map((rate, at) => (at === 0 ? 0 : cutBetween(page, rates[at - 1]!, rate)));
  const last = rates.at(-1)!;
  const until = page.sentences.find(({ start, end }) => start <= last.start && end > last.start)?.end ?? last.end;
  const questions = ownedQuestions(page, ({ asked }) => (asked === 'choice' ? 'across' : 'each'));
  const plans = starts.map((start, at) =>
    readPlan(page, {
      scope: (place) => place.start >= start && place.start < (starts[at + 1] ?? until),
      as: 'convert',
      questions: questionsOf(questions, at),
    }),
  );
  const named = plans.map(({ plan, ...rest }, at) => ({
    ...rest,
    plan: { ...plan, name: quoteOfToken(page, page.places.indexOf(rates[at]!)) },
  }));
  const isStated = plans.every(
    ({ plan, terms }) => plan.rate && (terms.rate.compounding || plan.rate.quoted !== 'nominal'),
  );
  return isStated ? readingOfPlans(page, named, questions, (each, all) => comparedBy(page, each, all)) : undefined;
}

/** @returns nothing where the text has money, or rates that are not told one by one */
export function readRates(page: Page): DraftReading | undefined {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' ? [page.places[at]!] : []));
  const isSum = (at: number): boolean =>
    ['amount', 'price', 'payment', 'finalAmount'].includes(page.signs[at]?.[0]?.role ?? '');
  const hasMoney = page.tokens.some(({ form }, at) => form === 'money' || (form === 'count' && isSum(at)));
  const [one, other] = rates;
  if (!hasMoney && one && !other) return readCompoundings(page);
  if (hasMoney || !one || !other) return undefined;
  if (rates.length > 2) return readManyRates(page, rates);
  const turn = cutBetween(page, one, other);
  const end = page.sentences.find((each) => each.start <= other.start && each.end > other.start)?.end ?? other.end;
  const regions: Regions = [
    { start: 0, end: turn },
    { start: turn, end },
  ];
  const isConverted = page.questions.some(({ asked }) => asked === 'effectiveRate');
  return readTwo(asRates(page), regions, undefined, isConverted ? 'convert' : undefined);
}

/** "Which is better, and what are both?" asks for no payments, and without money "for a borrower" tells of no loan. */
const asRates = (page: Page): Page => ({
  ...page,
  kinds: page.kinds.filter(({ says }) => says === 'convert'),
  questions: page.questions.map((each) =>
    each.asked === 'payment' || each.asked === 'finalAmount' ? { ...each, asked: 'effectiveRate' } : each,
  ),
});
