/** "Over 36, 48 or 60 months: what is the payment in each, and how much more interest does the longest cost?" */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, withoutNewRates, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { ReadArgs, ReadPlan } from '../reading.ts';
import { yearsOf } from '../tokens.ts';
import { follower, without } from './followers.ts';
import {
  comparedBy,
  nameOfPlan,
  ownedQuestions,
  questionsOf,
  readingOfPlans,
  wordsOf,
  type Owned,
} from './severalPlans.ts';

/** Times or counts of payments in a row, three or more. */
const inARow =
  /⟨([nt])\d+⟩(?:, (?:over )?⟨\1\d+⟩)+,? (?:or|and) (?:over |even )?⟨\1\d+⟩(?: (?:⟨e\d+⟩(?:-end)? )?(?:payments|instal))?/g;

const asked: ReadonlySet<string> = new Set([
  'payment',
  'interest',
  'financeCharge',
  'totalPaid',
  'amount',
  'finalAmount',
  'difference',
  'choice',
]);

const ofEnds = /(?<![a-z])(?:longest|shortest|first|last|most|least|largest|smallest)(?![a-z])/;

/** @returns nothing where no row of times is told, or something is asked that is none of each */
export function readSeveralTerms(told: Page): DraftReading | undefined {
  const page = withoutNewRates(told);
  const row = rowOf(page);
  const rates = page.tokens.filter(({ form }) => form === 'percent').length;
  if (!row || rates !== 1) return undefined;
  const all = ownedQuestions(page, ({ asked: what }) =>
    what === 'difference' || what === 'choice' ? 'across' : 'each',
  );
  if (all.length === 0 || all.some((each) => !asked.has(each.asked))) return undefined;
  // A time that a question names is a moment, and no term.
  if (all.some((each) => names(row, each) && !isEnd(page, each, row))) return undefined;
  const questions = all.map((each) => (names(row, each) ? { ...each, place: undefined } : each));
  // Behind the last of them stands what is counted.
  const last = readPlan(page, {
    scope: without(...row.slice(0, -1).map((at) => page.places[at]!)),
    questions: questionsOf(questions, 0),
  });
  const { plan, read } = last;
  if (read.missing.length > 0 || plan.payments === null || plan.changes.length > 0) return undefined;
  const plans = row.map((at, index) =>
    follower(
      last,
      { name: nameOfPlan(index), payments: paymentsIn(page, at, plan.paymentsPerYear) },
      [],
      [[at, tokenAt(page, at).form === 'time' ? 'duration' : 'payments']],
    ),
  );
  return readingOfPlans(page, plans, questions, (question, all) =>
    question.asked === 'choice' ? comparedBy(page, question, all) : betweenEnds(page, question, all),
  );
}

const names = (row: readonly number[], { place }: Owned): boolean =>
  place?.taken.some(({ token }) => row.includes(token)) ?? false;

/** "What is it worth after 5, 10 and 15 years?": each is an end, where no other time is told. */
const isEnd = (page: Page, question: Owned, row: readonly number[]): boolean =>
  question.asked === 'finalAmount' &&
  page.tokens.every(
    ({ form, unit }, at) => (form !== 'time' && form !== 'count') || row.includes(at) || unit === 'days',
  );

/** The one row of three times or more, as tokens. */
function rowOf(page: Page): number[] | undefined {
  const [found, more] = [...page.flat.matchAll(inARow)];
  const tokens = [...(found?.[0].matchAll(/⟨[nt](\d+)⟩/g) ?? [])].map(([, at]) => Number(at));
  const isCount = found?.[1] === 'n' && !/(?:payments|instal)$/.test(found[0]);
  const isAsked = tokens.some((at) => page.signs[at]?.some(({ role, weight }) => role === 'after' && weight >= 9));
  return found && !more && !isCount && !isAsked ? tokens : undefined;
}

const paymentsIn = (page: Page, at: number, perYear: number): number =>
  tokenAt(page, at).form === 'time' ? wholeNumber(yearsOf(page, at) * perYear) : tokenAt(page, at).value;

/** "… how much more interest does the longest cost than the shortest?" */
function betweenEnds(
  page: Page,
  question: Owned,
  plans: readonly ReadPlan[],
): { quantity: 'difference'; args: ReadArgs } | undefined {
  const { of } = comparedBy(page, question, plans).args;
  return of && ofEnds.test(wordsOf(page, question))
    ? { quantity: 'difference', args: { of, between: [0, plans.length - 1] } }
    : undefined;
}
