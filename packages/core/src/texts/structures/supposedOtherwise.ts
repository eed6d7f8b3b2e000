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
import { follower, without } from './followers.ts';
import { rateThen } from './otherRate.ts';
import { nameOfPlan, ownedQuestions, readingOfPlans, wordsOf, type Owned, type Owner } from './severalPlans.ts';
import { filledBy, isBare, isOnlySupposed, itAgain, supposedIn, type Filled, type Supposed } from './whatIsSupposed.ts';

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
  const all = supposedIn(told);
  if (all.length === 0 || all.some((each) => isChange(told, each))) return undefined;
  const spans = all.map(({ asking: { start, text } }): Span => ({ start, end: start + text.length }));
  const page = withoutNewRates(told);
  const questions = ownedQuestions(page, (each) => ownerOf(page, each, spans)).map(asOfPlan);
  const isNamed = (each: Owned): boolean =>
    each.place?.taken.some(({ token }) => all.some((one) => one.token === token)) ?? false;
  if (questions.some((each) => each.asked === 'choice' || isNamed(each))) return undefined;
  // Of three and more, "each" may be any.
  if (all.length > 1 && questions.some(({ owner }) => owner === 'each')) return undefined;
  const before = questions.filter(({ owner }) => owner === 0);
  const first = readPlan(withoutTimings(page, spans), { scope: without(...spans), questions: before });
  if (!mayBeSupposed(first)) return undefined;
  const heard = questions.filter((each) => !all.some((one) => isOnlySupposed(each, one)));
  const own = all.map((supposed, at) => {
    const span = spans[at]!;
    const until = spans[at + 1]?.start ?? Infinity;
    const after = heard.filter(({ start }) => start >= span.start && start < until);
    const isAgain = itAgain.test(supposed.asking.text) && !after.some((each) => isIn([span], each));
    const asks = { supposed, span, before, after, isAgain };
    return { span, isAgain, isBare: isBare(supposed.asking.text), ...planOtherwise(page, first, asks) };
  });
  const plans = own.flatMap(({ plan }) => plan ?? []);
  // "What would it be over seven years? And at 7 %?": over five, or over seven?
  const isOpen = own.some((each, at) => {
    const before = own[at - 1];
    return (
      before && each.isBare && (each.slot !== before.slot || each.plan?.plan.unknown !== before.plan?.plan.unknown)
    );
  });
  if (plans.length < all.length || isOpen) return undefined;
  const again = own.flatMap(({ isAgain, span, plan }, at) =>
    isAgain && plan ? [itself(span, plan.plan.unknown, at + 1)] : [],
  );
  const asked = own.reduce((each, { isAgain, span }) => (isAgain ? askingNothing(each, span) : each), page);
  const named = plans.map((each, at) =>
    at === 0 ? each : { ...each, plan: { ...each.plan, name: nameOfPlan(at + 1) } },
  );
  return readingOfPlans(
    asked,
    [{ ...first, plan: { ...first.plan, name: 'first' } }, ...named],
    [...heard, ...again].sort((one, other) => one.start - other.start),
    (question) => {
      const at = spans.findLastIndex(({ start }) => question.start >= start);
      const plan = plans[at];
      return plan && comparedWith(page, question, plan.plan.unknown, at + 1);
    },
  );
}

/** More than one thing supposed, each in a question of its own: no other structure knows that. */
export const readSeveralSupposed = (page: Page): DraftReading | undefined =>
  supposedIn(page).length > 1 ? readSupposedOtherwise(page) : undefined;

/** "What is owed after five years? If the rate is then raised to 6 %, …": a change on the way. */
const isChange = (page: Page, { token }: Supposed): boolean =>
  changesOfText(page).some((each: ChangeRead) => each.token === token && (each.after ?? each.afterYears) !== undefined);

interface Asked {
  readonly supposed: Supposed;
  readonly span: Span;
  readonly before: readonly Owned[];
  readonly after: readonly Owned[];
  readonly isAgain: boolean;
}

/** The plan that a question supposes; nothing where it is none of the first one's terms, or seeks what it supposes. */
function planOtherwise(
  page: Page,
  first: SolePlan,
  { supposed, span, before, after, isAgain }: Asked,
): { readonly plan: SolePlan; readonly slot?: Unknown } | undefined {
  const { plan } = first;
  const wanted = [...new Set(after.flatMap((each) => soughtBy(page, each) ?? []))];
  const sought = wanted[0] ?? plan.unknown;
  const filled = isOfOtherKind(page, span, plan) ? undefined : filledBy(page, supposed, plan);
  if (!filled || filled.slot === sought || wanted.length > 1 || (after.length === 0 && !isAgain)) return undefined;
  // "Paying 310 a month she is free in five years. What would clear it in four?" asks of nothing before.
  const isOfBoth = after.some(({ owner }) => owner === 'each' || owner === 'across');
  if (before.length === 0 && ((sought === plan.unknown && !isOfBoth) || plan.rate === null)) return undefined;
  // One sum has no payments.
  if (plan.kind === 'lump-sum' && [filled.slot, sought].includes('payment')) return undefined;
  const isOfAmount = plan.price !== undefined && [filled.slot, sought].includes('amount');
  if (isOfAmount && plan.price !== plan.amount) return undefined;
  const links = [filled.slot, sought].includes(plan.unknown) ? [] : linkOf(plan.unknown);
  const { token } = supposed;
  const then = links && otherwise(page, first, { asking: span, token, filled, before });
  if (!then) return undefined;
  const own = { ...then, ...(isOfAmount ? { price: undefined } : {}), [sought]: null, unknown: sought };
  const roles = token === undefined || !filled.role ? [] : [[token, filled.role] as const];
  return { plan: follower(first, own, links, roles), ...(filled.slot ? { slot: filled.slot } : {}) };
}

/** Of the plan before, of one that is supposed, of each, or across them. */
function ownerOf(page: Page, question: PlacedQuestion, spans: readonly Span[]): Owner {
  const at = spans.findLastIndex(({ start }) => question.start >= start);
  if (at < 0) return 0;
  return question.asked === 'difference' ? 'across' : ofBoth.test(wordsOf(page, question)) ? 'each' : at + 1;
}

/** How payments fall in what is supposed says nothing of the plan before. */
const withoutTimings = (page: Page, spans: readonly Span[]): Page => ({
  ...page,
  timings: page.timings.filter((each) => !isIn(spans, each)),
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

const itself = (sentence: Span, sought: Unknown, owner: number): Owned => ({
  asked: quantitySought[sought],
  start: sentence.start,
  end: sentence.end,
  unit: sentence,
  place: undefined,
  owner,
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
function comparedWith(
  { flat }: Page,
  { unit }: Owned,
  sought: Unknown,
  plan: number,
): { quantity: 'difference'; args: ReadArgs } {
  const words = flat.slice(unit.start, unit.end);
  const isSaved =
    /(?<![a-z])(?:sav(?:e|es|ed)|cheaper|dearer|costs?)(?![a-z])/.test(words) && !/payment|each|⟨[ea]/.test(words);
  const isOfAll = (isSaved || /in all|altogether|total/.test(words)) && !/interest/.test(words);
  const of = isOfAll
    ? 'totalPaid'
    : isOfTime(words) || /interest/.test(words)
      ? comparedOf(words, flat)
      : quantitySought[sought];
  return { quantity: 'difference', args: { of, between: [0, plan] } };
}
