/** A sum today for payments that begin later: it first grows, then it is drawn down. */

import type { DraftReading } from '../draftReading.ts';
import { wholeNumber } from '../changesOfText.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import type { Page } from '../page.ts';
import type { ReadPlan } from '../reading.ts';
import { yearsOf } from '../terms.ts';
import { without } from './followers.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfTwo } from './twoPlans.ts';

const later =
  /(?:starting|beginning|commencing|the first(?: [a-z]+){0,4}?) (?:in )?(?:exactly )?⟨t(\d+)⟩ (?:from (?:now|today)|hence|from then)/;

/** @returns nothing where payments begin at once, or end their periods: then the first says when they begin */
export function readDeferred(page: Page): DraftReading | undefined {
  const found = later.exec(page.flat);
  const token = Number(found?.[1]);
  if (!found || yearsOf(page, token) <= 1) return undefined;
  const questions = ownedQuestions(page, () => 1);
  if (questions.length !== 1 || questions[0]?.asked !== 'amount') return undefined;
  const place = page.places[token]!;
  const drawn = readPlan(page, { scope: without(place), as: 'drawing-down', questions: questionsOf(questions, 0) });
  const { plan } = drawn;
  const { rate } = plan;
  if (plan.timing !== 'beginning' || plan.payment === null || plan.payments === null || !rate) return undefined;
  const perYear = rate.compoundingsPerYear ?? 1;
  const grown: ReadPlan = {
    ...plan,
    kind: 'lump-sum',
    name: 'growing',
    amount: null,
    paymentsPerYear: perYear,
    payments: wholeNumber(yearsOf(page, token) * perYear),
    payment: 0,
    timing: 'end',
    finalAmount: null,
    unknown: 'amount',
    links: [{ field: 'finalAmount', fromPlan: 0, quantity: 'amount' }],
  };
  const first: SolePlan = {
    ...drawn,
    plan: { ...plan, name: 'drawing', unknown: 'amount' },
    read: { ...drawn.read, missing: [] },
  };
  const second: SolePlan = { ...first, plan: grown, roles: new Map([[token, 'duration']]) };
  return readingOfTwo(page, [first, second], questions, (question, plans) => comparedBy(page, question, plans));
}
