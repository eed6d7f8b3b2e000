/** Several rates without a plan: each is converted, and they are held against each other. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import type { Regions } from './offers.ts';
import { follow, without } from './followers.ts';
import { readTwo } from './offers.ts';
import { ownedQuestions } from './twoPlans.ts';

/** One rate, compounded so often or so often: "11 % compounded (a) monthly, (b) daily". */
function readTwoCompoundings(page: Page): DraftReading | undefined {
  const [one, other, third] = page.periods.filter(({ use }) => use === 'compounding');
  const isEffective = page.questions.length > 0 && page.questions.every(({ asked }) => asked === 'effectiveRate');
  if (!isEffective || !one || !other || third || one.perYear === other.perYear) return undefined;
  const questions = ownedQuestions(page, () => 'each');
  const first = readPlan(page, { scope: without(page.places[other.token]!), as: 'convert', questions });
  const { rate } = first.plan;
  if (rate?.quoted !== 'nominal') return undefined;
  const { perYear } = other;
  const then = { rate: { ...rate, compoundingsPerYear: perYear }, paymentsPerYear: perYear };
  return follow(page, first, questions, then, [], [], () => undefined);
}

/** @returns nothing where the text has money, or not two rates */
export function readTwoRates(page: Page): DraftReading | undefined {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' ? [page.places[at]!] : []));
  const isSum = (at: number): boolean =>
    ['amount', 'price', 'payment', 'finalAmount'].includes(page.signs[at]?.[0]?.role ?? '');
  const hasMoney = page.tokens.some(({ form }, at) => form === 'money' || (form === 'count' && isSum(at)));
  const [one, other] = rates;
  if (!hasMoney && one && !other) return readTwoCompoundings(page);
  if (hasMoney || rates.length !== 2 || !one || !other) return undefined;
  const between = page.flat.slice(one.end, other.start);
  const cut = Math.max(
    between.lastIndexOf(' or '),
    between.lastIndexOf(' and '),
    between.lastIndexOf('; '),
    between.lastIndexOf(', '),
    between.lastIndexOf(' with '),
    between.lastIndexOf('\n'),
  );
  const turn = cut < 0 ? other.start : one.end + cut;
  const end = page.sentences.find((each) => each.start <= other.start && each.end > other.start)?.end ?? other.end;
  const regions: Regions = [
    { start: 0, end: turn },
    { start: turn, end },
  ];
  return readTwo(page, regions);
}
