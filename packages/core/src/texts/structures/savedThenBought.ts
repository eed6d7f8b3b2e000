/** "She saves 400 a month for 9 years, then buys a house for 260,000, paying what she has saved and borrowing the rest." */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, withoutNewRates, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { ReadPlan } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { isIn } from './clauses.ts';
import { rateSpans } from './phaseSpans.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owner } from './severalPlans.ts';

const savings =
  /(?<![a-z])(?:(?:what|all|everything|whatever)(?: that)? (?:he|she|they|it|the [a-z]+) (?:has|have|had|will have)? ?(?:then )?saved|(?:the|her|his|their|its) (?:savings|(?:saved|whole|accumulated) (?:sum|amount|money)|fund|balance|account)|the (?:money|sum|amount) (?:saved|in the (?:account|fund)))(?![a-z])/;
const theRest =
  /(?:borrow|mortgage|loan|financ|lent)[a-z]*[^.?!⟨]{0,30}(?<![a-z])(?:rest|remainder|difference|missing)|(?<![a-z])(?:rest|remainder|difference)(?![a-z])[^.?!⟨]{0,50}(?:borrow|mortgage|loan|financ|lent)/;
const saves = /(?<![a-z])(?:sav(?:e|es|ed|ing)|deposits?|puts?|pays? in|sets? aside)(?![a-z])/;
const ofSavings = /(?<![a-z])(?:sav(?:e|ed|ings?)|fund|account|put in|deposits?)(?![a-z])/;

/** @returns nothing where the text does not save first and then pay a price with it */
export function readSavedThenBought(told: Page): DraftReading | undefined {
  const page = withoutNewRates(told);
  const bought = boughtIn(page);
  if (!bought) return undefined;
  const shared = rateSpans(page);
  const ownerOf = (question: PlacedQuestion): Owner =>
    question.asked === 'finalAmount' ||
    (['interest', 'balance', 'amount'].includes(question.asked) && ofSavings.test(wordsOf(page, question)))
      ? 0
      : 1;
  const questions = ownedQuestions(page, ownerOf).map((each) =>
    each.owner === 0 && each.asked !== 'interest' ? { ...each, asked: 'finalAmount' as const, place: undefined } : each,
  );
  const read = (at: 0 | 1): SolePlan =>
    readPlan(page, {
      scope: (place) =>
        at === 0
          ? place.start < bought.start || isIn(shared, place)
          : place.start >= bought.start || isIn(shared, place),
      as: at === 0 ? 'saving' : 'borrowing',
      questions: questionsOf(questions, at),
    });
  const [saved, loan] = [read(0), read(1)];
  const { price } = loan.plan;
  const isSaved = (saved.plan.payment ?? 0) > 0 && saved.plan.payments !== null && saved.plan.rate !== null;
  const isWhole = price !== undefined && loan.plan.amount === price && loan.plan.changes.length === 0;
  if (!isSaved || !isWhole || saved.plan.changes.length > 0) return undefined;
  const rest: ReadPlan = {
    ...loan.plan,
    name: 'loan',
    amount: null,
    links: [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount', times: -1, plus: price }],
  };
  const end: ReadPlan = { ...saved.plan, name: 'savings', finalAmount: null, unknown: 'finalAmount' };
  return readingOfPlans(
    page,
    [
      { ...saved, plan: end },
      { ...loan, plan: rest },
    ],
    questions,
    () => undefined,
  );
}

/** From where on the text tells of buying, with the price, the savings and the rest that is borrowed. */
function boughtIn(page: Page): Span | undefined {
  const first = page.sentences.find(({ asks }) => asks)?.start ?? page.flat.length;
  const tells = page.sentences.filter(({ asks, text }) => !asks && savings.test(text) && theRest.test(text));
  const [sentence] = tells;
  if (!sentence) return undefined;
  const isPrice = (at: number): boolean =>
    page.signs[at]?.some(({ role, weight }) => role === 'price' && weight >= 9) ?? false;
  const from = page.sentences.find(
    ({ start, end }) =>
      end <= sentence.end &&
      page.tokens.some((_, at) => isPrice(at) && page.places[at]!.start >= start && page.places[at]!.start < end),
  );
  const before = page.flat.slice(0, from?.start ?? 0);
  const isSaved =
    saves.test(before) &&
    page.tokens.some((_, at) => tokenAt(page, at).form === 'money' && page.places[at]!.end <= before.length);
  return from && isSaved ? { start: from.start, end: first } : undefined;
}
