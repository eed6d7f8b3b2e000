/** "100 is put in each month during the first six years and nothing afterwards": what is there grows on to the end that is asked. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import { placeQuestions } from '../placedQuestions.ts';
import { yearsOf } from '../tokens.ts';
import { readingOfPlans } from './severalPlans.ts';
import { secondPlan } from './stages.ts';

/** "… for 18 years and then no more. How much is in it 7 years after the last deposit?" */
const noMore = /for ⟨t(\d+)⟩,? and then (?:no more|nothing more|nothing)(?![a-z])/;
const afterLast = /^ after (?:the|his|her|their|its) (?:last|final) (?:deposit|contribution|payment)/;

const stopped =
  /(?:during|for|in|over) (?:the )?first ⟨t(\d+)⟩(?: only)?,? (?:and |but |then )*(?:nothing|no more|none)(?: (?:more|further|at all))? (?:is (?:paid in|put in|deposited|added) )?(?:afterwards|after that|thereafter|later)(?![a-z])/;

/** @returns nothing where it is not told that payments stop, or not asked what is there at a later time */
export function readStoppedSaving(page: Page): DraftReading | undefined {
  const found = stopped.exec(page.flat) ?? noMore.exec(page.flat);
  const made = Number(found?.[1] ?? NaN);
  const others = page.tokens.flatMap(({ form }, at) => (form === 'time' && at !== made ? [at] : []));
  const [end, more] = others;
  if (!found || end === undefined || more !== undefined) return undefined;
  const isMore = afterLast.test(page.flat.slice(page.places[end]!.end));
  const years = yearsOf(page, end) - (isMore ? 0 : yearsOf(page, made));
  const questions = placeQuestions(page);
  if (years <= 0 || !questions.every(({ asked }) => asked === 'finalAmount' || asked === 'balance')) return undefined;
  const place = page.places[end]!;
  const first = readPlan(page, { scope: ({ start }) => start !== place.start, as: 'saving', questions: [] });
  const { payment, payments, rate } = first.plan;
  if ((payment ?? 0) === 0 || payments === null || !rate) return undefined;
  const grown = secondPlan(page, { start: place.start, end: place.start }, { years, tokens: [end] }, first);
  if (!grown) return undefined;
  const named = { ...first.plan, finalAmount: null, unknown: 'finalAmount' as const, name: 'first' };
  const owned = questions.map((each) => ({
    ...each,
    asked: 'finalAmount' as const,
    place: undefined,
    owner: 1 as const,
  }));
  return readingOfPlans(
    page,
    [{ ...first, plan: named, read: { ...first.read, missing: [] } }, grown],
    owned,
    () => undefined,
  );
}
