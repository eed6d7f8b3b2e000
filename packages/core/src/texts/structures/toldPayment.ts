/** "They pay 1,050 a month. If they could refinance at 5.1 %, by how much would it fall?": a told payment against one that is sought. */

import type { DraftReading } from '../draftReading.ts';
import { comparedOf } from '../comparedOf.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, withoutNewRates, type Page } from '../page.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { rateThen } from './otherRate.ts';
import { ownedQuestions, questionsOf, wordsOf, type Owner } from './severalPlans.ts';

const supposes = /(?<![a-z])(?:if|could|were|would|suppose|instead)(?![a-z])/;

/** @returns nothing where the told payment is not that of the whole debt, or where no other rate is supposed */
export function readToldPayment(page: Page): DraftReading | undefined {
  const told = withoutNewRates(page);
  const rates = told.tokens.flatMap(({ form }, at) =>
    form === 'percent' && !['downPaymentRate', 'finalAmountRate'].includes(told.signs[at]?.[0]?.role ?? '') ? [at] : [],
  );
  const [rate] = rates;
  const sentence = rate === undefined || rates.length > 1 ? undefined : sentenceAt(told, told.places[rate]!);
  if (rate === undefined || !sentence?.asks || !supposes.test(sentence.text)) return undefined;
  const once = askingNothing(told, sentence);
  const questions = ownedQuestions(told, (question): Owner => {
    if (question.asked === 'difference') return 'across';
    // "What rate did she pay, and what would the payment be at 5 %?"
    return !isIn([sentence], question) || /Rate$/.test(question.asked) ? 0 : 1;
  }).map((each) => (each.asked === 'newPayment' ? { ...each, asked: 'payment' as const } : each));
  const first = readPlan(once, { scope: without(sentence), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isTold = plan.amount !== null && (plan.payment ?? 0) > 0 && plan.payments !== null && plan.unknown === 'rate';
  const asksOther = questions.some(
    ({ asked, owner }) => owner !== 0 && (asked === 'payment' || asked === 'difference'),
  );
  if (!isTold || !asksOther || read.missing.length > 0) return undefined;
  const nominal = { value: 0, quoted: 'nominal', compoundingsPerYear: read.wanted ?? plan.paymentsPerYear } as const;
  return follow(
    told,
    { ...first, plan: { ...plan, name: 'as it is' } },
    questions,
    {
      name: 'then',
      rate: rateThen(told, sentence, nominal, tokenAt(told, rate).value),
      payment: null,
      unknown: 'payment',
    },
    [],
    [[rate, 'rate']],
    (question) => {
      const words = wordsOf(told, question);
      const isEach = /payment|⟨[ea]\d+⟩/.test(words) && !/interest|total|in all|altogether/.test(words);
      return {
        quantity: 'difference',
        args: { of: isEach ? 'payment' : comparedOf(words, page.flat), between: [0, 1] },
      };
    },
  );
}
