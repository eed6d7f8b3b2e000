/** "Gus saves for 10 years and leaves it for 20 more; Ned saves nothing for 10 years, then for 20. Who has more?": one of two in stages. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import type { Sentence } from '../sentences.ts';
import type { SolePlan } from '../solePlan.ts';
import { yearsOf } from '../tokens.ts';
import { isIn } from './clauses.ts';
import { comparedBy, ownedQuestions, readingOfPlans, type Owned } from './severalPlans.ts';
import { secondPlan } from './stages.ts';

const leaves =
  /for ⟨t\d+⟩[^.;?!⟨]{0,60}(?<![a-z])(?:then|after that|afterwards|before)(?![a-z])[^.;?!⟨]{0,60} for (?:another |a further |the next |the following )?⟨t(\d+)⟩(?: more)?\W*$/;
const letsLie =
  /(?<![a-z])(?:leav(?:es|ing)|left|lets?|letting|keeps?|keeping|lie|stays?|grows?|growing|untouched)(?![a-z])/;
const waits =
  /(?<![a-z])(?:nothing|not|waits?)(?![a-z])[^.;?!⟨]{0,24}(?:for|during|in|after)? ?(?:the )?(?:first )?⟨t(\d+)⟩[^.;?!⟨]{0,24}(?<![a-z])(?:then|after that|afterwards|before)(?![a-z])/;

const whoSaves =
  /(?<!\p{L})(\p{Lu}\p{Ll}+) (?:saves|waits|puts|deposits|invests|pays|sets|lays|starts|begins|contributes)(?!\p{L})/u;

/** @returns nothing where not two of them save, one in stages, or something else is asked than who has more */
export function readTwoSavers(page: Page): DraftReading | undefined {
  const asksWho = page.questions.some(({ asked }) => asked === 'choice' || asked === 'difference');
  const told = page.sentences.filter((each) => !each.asks && sumsIn(page, each) > 0);
  const [one, other, third] = told;
  if (!asksWho || !one || !other || third || told.some((each) => sumsIn(page, each) !== 1)) return undefined;
  const first = saverOf(page, one, other, 0);
  const second = first && saverOf(page, other, one, first.length);
  if (!second || first.length + second.length === 2) return undefined;
  const all = [...first, ...second];
  const [here, there] = [first.length - 1, all.length - 1];
  const questions = ownedQuestions(page, ({ asked }) =>
    asked === 'choice' || asked === 'difference' ? 'across' : 'each',
  );
  if (questions.some(({ owner }) => owner !== 'across')) return undefined;
  return readingOfPlans(page, all, questions, (question: Owned, plans) => {
    const ask = comparedBy(page, question, plans);
    // The least of all is a stage.
    if (ask.args?.want === 'least') return undefined;
    return ask.quantity === 'choice'
      ? { ...ask, args: { ...ask.args, by: 'finalAmount' } }
      : { ...ask, args: { ...ask.args, of: 'finalAmount', between: [here, there] } };
  });
}

const sumsIn = ({ tokens, places }: Page, sentence: Sentence): number =>
  tokens.filter(({ form }, at) => form === 'money' && isIn([sentence], places[at]!)).length;

/** What one of them saves, and what becomes of it where it is left alone. */
function saverOf(page: Page, own: Sentence, others: Sentence, from: number): SolePlan[] | undefined {
  const left = letsLie.test(own.text) ? leaves.exec(own.text)?.[1] : undefined;
  const before = waits.exec(own.text)?.[1];
  const outside = [left, before].flatMap((each) => (each === undefined ? [] : [page.places[Number(each)]!]));
  const name = whoSaves.exec(page.text.slice(page.origins[own.start] ?? 0, page.origins[own.end - 1]))?.[1];
  const sole = readPlan(page, {
    scope: (place) => !isIn([others], place) && !outside.some(({ start }) => start === place.start),
    as: 'saving',
    questions: [],
  });
  const { plan } = sole;
  if (plan.payment === null || plan.payments === null || plan.rate === null || plan.changes.length > 0)
    return undefined;
  const saved: SolePlan = {
    ...sole,
    plan: {
      ...plan,
      name: name ?? (from === 0 ? 'the first' : 'the other'),
      finalAmount: null,
      unknown: 'finalAmount',
    },
    read: { ...sole.read, missing: [] },
    roles: new Map([...sole.roles, ...(before === undefined ? [] : [[Number(before), 'from' as const] as const])]),
  };
  if (left === undefined) return [saved];
  const place = page.places[Number(left)]!;
  const time = { years: yearsOf(page, Number(left)), tokens: [Number(left)] };
  const grown = secondPlan(page, { start: place.start, end: place.start }, time, saved, from);
  return grown && [saved, { ...grown, plan: { ...grown.plan, name: `${saved.plan.name}, later` } }];
}
