/**
 * "What would the payment be over 12 years?", "And if they paid 300, how many …?": the same plan once more with one thing
 * in it that a later question supposes, and with another sought. What the first plan seeks is taken from its answer.
 */

import type { ChangeRead } from '../changeRead.ts';
import { changesOfText } from '../changesOfText.ts';
import { comparedOf } from '../comparedOf.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, tokenAt, withoutNewRates, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import { quantitySought } from '../quantitySought.ts';
import type { ReadArgs, ReadLink, ReadPlan, ReadRate, Unknown } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { rateThen } from './otherRate.ts';
import { ownedQuestions, wordsOf, type Owned, type Owner } from './severalPlans.ts';
import { filledBy, itAgain, supposedIn, type Filled, type Supposed } from './whatIsSupposed.ts';

/** "What are the two payments?" */
const ofBoth =
  /(?<![a-z])(?:both|each|two|⟨n\d+⟩) (?:⟨e\d+⟩ )?(?:payments?|loans?|cases?|terms?|ways?|plans?)(?![a-z])|(?<![a-z])(?:in|for) (?:each|both)(?![a-z])/;

/** What a question seeks in a plan, if it seeks something in it. */
const slotOf: Readonly<Partial<Record<PlacedQuestion['asked'], Unknown>>> = {
  payment: 'payment',
  newPayment: 'payment',
  amount: 'amount',
  finalAmount: 'finalAmount',
  payments: 'payments',
  howLong: 'payments',
  years: 'payments',
  nominalRate: 'rate',
  effectiveRate: 'rate',
};

/** How a rate is quoted that is not told: as the one that is, or as the one that is sought. */
const rateLike = ({ plan, read }: SolePlan, asked: readonly Owned[]): ReadRate =>
  plan.rate ??
  (asked.some((each) => each.asked === 'effectiveRate')
    ? { value: 0, quoted: 'effective', compoundingsPerYear: 1 }
    : { value: 0, quoted: 'nominal', compoundingsPerYear: read.wanted ?? plan.paymentsPerYear });

const sooner = /sooner|earlier|longer|later|fewer|quicker|faster|shorter|how many more|how much time/;

const isOfTime = (words: string): boolean => sooner.test(words) && !/interest|cost|in all|altogether|total/.test(words);

/** @returns nothing where no question supposes one thing otherwise, or the first plan is not whole without it */
export function readSupposedOtherwise(told: Page): DraftReading | undefined {
  const supposed = supposedIn(told);
  if (!supposed) return undefined;
  const { asking, token } = supposed;
  // "What is owed after five years? If the rate is then raised to 6 %, …": a change on the way.
  const isChange = (each: ChangeRead): boolean => each.token === token && (each.after ?? each.afterYears) !== undefined;
  if (changesOfText(told).some(isChange)) return undefined;
  const page = withoutNewRates(told);
  const questions = ownedQuestions(page, (each) => ownerOf(page, each, asking));
  const isPlace = questions.some(({ place }) => place?.taken.some((each) => each.token === token));
  if (isPlace || questions.some(({ asked }) => asked === 'choice')) return undefined;
  const before = questions.filter(({ owner }) => owner === 0);
  const isItAgain = itAgain.test(asking.text);
  // "What if she wants 10,000 to be left?": its own words ask for nothing.
  const isHeard = ({ isSupposed, start }: Owned): boolean =>
    !(isItAgain && isSupposed && start < asking.start + asking.text.length);
  const after = questions.filter((each) => each.owner !== 0 && isHeard(each)).map(asOfPlan);
  const span = { start: asking.start, end: asking.start + asking.text.length };
  const first = readPlan(withoutTimings(page, span), { scope: without(span), questions: before });
  const { plan } = first;
  const isAgain = isItAgain && !after.some((each) => isIn([span], each));
  const wanted = [...new Set(after.flatMap((each) => soughtBy(page, each) ?? []))];
  const sought = wanted[0] ?? plan.unknown;
  const filled = mayBeSupposed(first) && !isOfOtherKind(page, span, plan) ? filledBy(page, supposed, plan) : undefined;
  if (!filled || filled.slot === sought || wanted.length > 1 || (after.length === 0 && !isAgain)) return undefined;
  // "Paying 310 a month she is free in five years. What would clear it in four?" asks of nothing before.
  const isOfBoth = after.some(({ owner }) => owner !== 1);
  if (before.length === 0 && ((sought === plan.unknown && !isOfBoth) || plan.rate === null)) return undefined;
  // One sum has no payments.
  if (plan.kind === 'lump-sum' && [filled.slot, sought].includes('payment')) return undefined;
  const isOfAmount = plan.price !== undefined && [filled.slot, sought].includes('amount');
  if (isOfAmount && plan.price !== plan.amount) return undefined;
  const links = [filled.slot, sought].includes(plan.unknown) ? [] : linkOf(plan.unknown);
  const then = links && otherwise(page, first, { asking: span, token, filled, before });
  return (
    then &&
    follow(
      isAgain ? askingNothing(page, span) : page,
      { ...first, plan: { ...plan, name: 'first' } },
      [...before, ...(isAgain ? [itself(span, sought)] : []), ...after],
      { ...then, ...(isOfAmount ? { price: undefined } : {}), [sought]: null, unknown: sought },
      links,
      token === undefined || !filled.role ? [] : [[token, filled.role]],
      (question) => comparedWith(page, question, sought),
    )
  );
}

/** Of the plan before, of the one that is supposed, of each, or across them. */
function ownerOf(page: Page, question: PlacedQuestion, { start }: Supposed['asking']): Owner {
  if (question.start < start) return 0;
  return question.asked === 'difference' ? 'across' : ofBoth.test(wordsOf(page, question)) ? 'each' : 1;
}

/** How payments fall in what is supposed says nothing of the plan before. */
const withoutTimings = (page: Page, { start, end }: Span): Page => ({
  ...page,
  timings: page.timings.filter((each) => each.start < start || each.start >= end),
});

interface Otherwise {
  readonly asking: Span;
  readonly token: number | undefined;
  readonly filled: Filled;
  readonly before: readonly Owned[];
}

/** The terms that are not those of the plan before; nothing where a flat charge is held against another. */
function otherwise(
  page: Page,
  first: SolePlan,
  { asking, token, filled, before }: Otherwise,
): Partial<ReadPlan> | undefined {
  const isRate = filled.slot === 'rate' && token !== undefined;
  const rate = isRate ? rateThen(page, asking, rateLike(first, before), tokenAt(page, token).value) : undefined;
  const isFlat = first.plan.kind === 'flat';
  // "Had he borrowed at 11.5 % compounded monthly instead …": what is compounded is not flat.
  if (isFlat && (!rate || rate.quoted === 'flat')) return undefined;
  return { name: 'then', ...filled.is, ...(rate ? { rate } : {}), ...(isFlat ? { kind: 'borrowing' } : {}) };
}

/** A plan of which one thing alone is sought, whose payments stay as they are. */
const mayBeSupposed = ({ plan, read }: SolePlan): boolean =>
  read.missing.length === 0 && plan.changes.length === 0 && plan[plan.unknown] === null && plan.kind !== 'convert';

/** "What does she need? If she retires in 25 years, what must she save?": another plan, and not this one. */
const isOfOtherKind = ({ kinds }: Page, { start, end }: Span, { kind }: ReadPlan): boolean =>
  kinds.some(
    (each) =>
      each.weight >= 5 && each.start >= start && each.start < end && (each.says === 'saving') !== (kind === 'saving'),
  ) &&
  (kind === 'saving' || kind === 'drawing-down');

/** A payment that is supposed is no later one. */
const asOfPlan = (each: Owned): Owned =>
  each.asked === 'newPayment' ? { ...each, asked: 'payment', place: undefined } : each;

const itself = (sentence: Span, sought: Unknown): Owned => ({
  asked: quantitySought[sought],
  start: sentence.start,
  end: sentence.end,
  unit: sentence,
  place: undefined,
  owner: 1,
});

/** "… how many payments sooner?" seeks the number of payments. */
const soughtBy = ({ flat }: Page, { asked, unit }: Owned): Unknown | undefined =>
  asked === 'difference' && isOfTime(flat.slice(unit.start, unit.end)) ? 'payments' : slotOf[asked];

/** What the first plan found, where the second needs it; nothing where it cannot be taken over. */
function linkOf(found: Unknown): ReadLink[] | undefined {
  if (found === 'payments') return undefined;
  const field = found === 'rate' ? 'ratePerPayment' : found;
  return [{ field, fromPlan: 0, quantity: field }];
}

/** What is held against each other, where a question asks by how much the two differ. */
function comparedWith({ flat }: Page, { unit }: Owned, sought: Unknown): { quantity: 'difference'; args: ReadArgs } {
  const words = flat.slice(unit.start, unit.end);
  const isSaved =
    /(?<![a-z])(?:sav(?:e|es|ed)|cheaper|dearer|costs?)(?![a-z])/.test(words) && !/payment|each|⟨[ea]/.test(words);
  const isOfAll = (isSaved || /in all|altogether|total/.test(words)) && !/interest/.test(words);
  const of = isOfAll
    ? 'totalPaid'
    : isOfTime(words) || /interest/.test(words)
      ? comparedOf(words, flat)
      : quantitySought[sought];
  return { quantity: 'difference', args: { of, between: [0, 1] } };
}
