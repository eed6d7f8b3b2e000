/**
 * "What would the payment be over 12 years?", "And if they paid 300, how many …?": the same plan once more with one thing
 * in it that a later question supposes, and with another sought. What the first plan seeks is taken from its answer.
 */

import { agesOf } from '../ages.ts';
import type { ChangeRead } from '../changeRead.ts';
import { changesOfText } from '../changesOfText.ts';
import { comparedOf } from '../comparedOf.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, withoutNewRates, type Page } from '../page.ts';
import { paymentsTold, wholeNumber } from '../paymentCounts.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import { quantitySought } from '../quantitySought.ts';
import type { ReadArgs, ReadLink, ReadPlan, ReadRate, Role, Unknown } from '../reading.ts';
import type { WordRole } from '../lexicon/wordRole.ts';
import type { Sentence } from '../sentences.ts';
import type { SolePlan } from '../solePlan.ts';
import { follow, without } from './followers.ts';
import { rateThen } from './otherRate.ts';
import { ownedQuestions, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const supposes =
  /(?<![a-z])(?:would|if|instead|were|suppose|supposing|assuming|should|what about|for (?:a|an) (?:return|yield|rate) of|had|compare (?:it |this |that )?with|compared with)(?![a-z])/;

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

interface Supposed {
  readonly sentence: Sentence;
  /** The number that is supposed. */
  readonly token: number;
}

/** The first question after another that supposes one number, and no more numbers after it. */
function supposedIn(page: Page): Supposed | undefined {
  const all = page.sentences.filter(({ asks }) => asks);
  const numbers = ({ text }: Span & { text: string }): number[] =>
    [
      ...text.matchAll(
        /⟨[mptn](\d+)⟩(?! (?:⟨e\d+⟩ )?(?:payments?|loans?|cases?|terms?|ways?|plans?)(?= (?:and|then)|\W*$))/g,
      ),
    ].map(([, at]) => Number(at));
  const first = all.findIndex((each) => numbers(each).length > 0 && supposes.test(each.text));
  const sentence = all[first];
  const [token, more] = sentence ? numbers(sentence) : [];
  if (!sentence || token === undefined || more !== undefined || isToldBefore(page, token)) return undefined;
  return page.sentences.some((each) => each.start > sentence.start && numbers(each).length > 0)
    ? undefined
    : { sentence, token };
}

const mayFill: ReadonlySet<WordRole> = new Set<WordRole>([
  'rate',
  'amount',
  'payment',
  'payments',
  'duration',
  'finalAmount',
]);

/** "… than if the rate had stayed at 3.6 %": nothing else. */
const isToldBefore = ({ tokens }: Page, at: number): boolean =>
  tokens.some(({ form, value }, other) => other < at && form === tokens[at]!.form && value === tokens[at]!.value);

const sums = ['amount', 'payment', 'finalAmount'] as const;

/** The sum of the plan that is of its size; where none is, the one that the plan seeks. */
function sumLike(plan: ReadPlan, value: number): (typeof sums)[number] | undefined {
  const apart = (each: (typeof sums)[number]): number => Math.abs(Math.log(value / (plan[each] || NaN)));
  const [nearest] = sums.filter((each) => apart(each) < Math.log(6)).sort((one, other) => apart(one) - apart(other));
  return nearest ?? sums.find((each) => each === plan.unknown);
}

/** "… if she had begun at 22?" */
const isAge = ({ flat, places }: Page, at: number): boolean =>
  /(?:at|aged?|turned|turns|(?:she|he|they) (?:is|are|was|were)) (?:age |the age of )?$/.test(
    flat.slice(0, places[at]!.start),
  );

/** The payments from another age on, or until another. */
function paymentsFromAge(page: Page, token: number, { payments, paymentsPerYear }: ReadPlan): number | undefined {
  const [from, until] = (agesOf(page)?.tokens ?? []).map((at) => tokenAt(page, at).value);
  const age = tokenAt(page, token).value;
  if (from === undefined || until === undefined || payments !== wholeNumber((until - from) * paymentsPerYear))
    return undefined;
  const words = sentenceAt(page, page.places[token]!)?.text ?? '';
  const begins = /(?:beg[aiu]n|begins?|start(?:s|ed)?|wait(?:s|ed)?)(?![a-z])/.test(words);
  const ends = /(?:stop(?:s|ped)?|retire[sd]?|until|till|up to|goes on|went on|ended|ends)(?![a-z])/.test(words);
  // "If she waits until she is 35, …" begins then.
  const years = begins ? until - age : ends ? age - from : 0;
  return years > 0 ? wholeNumber(years * paymentsPerYear) : undefined;
}

/** The slot that a number fills, and with what. */
function filledBy(
  page: Page,
  token: number,
  plan: ReadPlan,
): { slot: Unknown; is: Partial<ReadPlan>; role: Role } | undefined {
  const { form, value } = tokenAt(page, token);
  const [sign] = page.signs[token] ?? [];
  if (sign && sign.weight >= 9 && !mayFill.has(sign.role)) return undefined;
  if (form === 'percent') return { slot: 'rate', is: {}, role: 'rate' };
  if (form === 'count' && isAge(page, token)) {
    const payments = paymentsFromAge(page, token, plan);
    return payments === undefined ? undefined : { slot: 'payments', is: { payments }, role: 'duration' };
  }
  if (form !== 'money') {
    const payments = paymentsTold(page, token, plan.paymentsPerYear);
    return payments === null || payments === plan.payments
      ? undefined
      : { slot: 'payments', is: { payments }, role: form === 'time' ? 'duration' : 'payments' };
  }
  const slot = (sign && sign.weight >= 9 ? sums.find((each) => each === sign.role) : undefined) ?? sumLike(plan, value);
  if (!slot) return undefined;
  return { slot, is: { [slot]: value }, role: slot };
}

/** How a rate is quoted that is not told: as the one that is, or as the one that is sought. */
const rateLike = ({ plan, read }: SolePlan, asked: readonly Owned[]): ReadRate =>
  plan.rate ??
  (asked.some((each) => each.asked === 'effectiveRate')
    ? { value: 0, quoted: 'effective', compoundingsPerYear: 1 }
    : { value: 0, quoted: 'nominal', compoundingsPerYear: read.wanted ?? plan.paymentsPerYear });

/** "What would it be over seven years?" asks again what was asked. */
const itAgain =
  /^\W*(?:⟨l\d+⟩[.)]\s*|\(?[a-h]\)\s*)?(?:and |but )?(?:what|how (?:large|high|much|long|big|many))(?: (?:would|will|could|must|is|are) (?:it|they|that|this)(?: (?:then|now))?(?: (?:be|take|have (?:to be|been)))?)? (?:if|over|for|at|with|in|were|should)(?![a-z])/;

const sooner = /sooner|earlier|longer|later|fewer|quicker|faster|shorter|how many more|how much time/;

const isOfTime = (words: string): boolean => sooner.test(words) && !/interest|cost|in all|altogether|total/.test(words);

/** @returns nothing where no question supposes one other number, or the first plan is not whole without it */
export function readSupposedOtherwise(told: Page): DraftReading | undefined {
  const supposed = supposedIn(told);
  if (!supposed) return undefined;
  const { sentence, token } = supposed;
  // "What is owed after five years? If the rate is then raised to 6 %, …": a change on the way.
  const isChange = (each: ChangeRead): boolean => each.token === token && (each.after ?? each.afterYears) !== undefined;
  if (changesOfText(told).some(isChange)) return undefined;
  const page = withoutNewRates(told);
  const questions = ownedQuestions(page, ({ start, asked }): Owner =>
    start < sentence.start ? 0 : asked === 'difference' ? 'across' : 1,
  ).map((each): Owned => (each.owner === 1 && ofBoth.test(wordsOf(page, each)) ? { ...each, owner: 'each' } : each));
  const isPlace = questions.some(({ place }) => place?.taken.some((each) => each.token === token));
  if (isPlace || questions.some(({ asked }) => asked === 'choice')) return undefined;
  const before = questions.filter(({ owner }) => owner === 0);
  const after = questions.filter(({ owner }) => owner !== 0).map(asOfPlan);
  const isOfBoth = after.some(({ owner }) => owner !== 1);
  const first = readPlan(page, { scope: without(sentence), questions: before });
  const { plan } = first;
  const isAgain = after.length === 0 && itAgain.test(sentence.text);
  const wanted = [...new Set(after.flatMap((each) => soughtBy(page, each) ?? []))];
  const sought = wanted[0] ?? plan.unknown;
  const filled = mayBeSupposed(first) && !isOfOtherKind(page, sentence, plan) ? filledBy(page, token, plan) : undefined;
  if (!filled || filled.slot === sought || wanted.length > 1 || (after.length === 0 && !isAgain)) return undefined;
  // "Paying 310 a month she is free in five years. What would clear it in four?" asks of nothing before.
  if (before.length === 0 && ((sought === plan.unknown && !isOfBoth) || plan.rate === null)) return undefined;
  if (plan.price !== undefined && [filled.slot, sought].includes('amount')) return undefined;
  const links = [filled.slot, sought].includes(plan.unknown) ? [] : linkOf(plan.unknown);
  if (!links) return undefined;
  const rate =
    filled.slot === 'rate'
      ? { rate: rateThen(page, sentence, rateLike(first, before), tokenAt(page, token).value) }
      : {};
  return follow(
    isAgain ? askingNothing(page, sentence) : page,
    { ...first, plan: { ...plan, name: 'first' } },
    [...before, ...(isAgain ? [itself(sentence, sought)] : after)],
    { name: 'then', ...filled.is, ...rate, [sought]: null, unknown: sought },
    links,
    [[token, filled.role]],
    (question) => comparedWith(page, question, sought),
  );
}

/** A plan of which one thing alone is sought, whose payments stay as they are. */
const mayBeSupposed = ({ plan, read }: SolePlan): boolean =>
  read.missing.length === 0 &&
  plan.changes.length === 0 &&
  plan[plan.unknown] === null &&
  (plan.price === undefined || plan.price === plan.amount) &&
  plan.kind !== 'convert' &&
  plan.kind !== 'flat';

/** "What does she need? If she retires in 25 years, what must she save?": another plan, and not this one. */
const isOfOtherKind = ({ kinds }: Page, { start, end }: Span, { kind }: ReadPlan): boolean =>
  kinds.some((each) => each.start >= start && each.start < end && (each.says === 'saving') !== (kind === 'saving')) &&
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
  const isOfTimeOrMoney = isOfTime(words) || /interest|in all|altogether|total/.test(words);
  const of = isOfTimeOrMoney ? comparedOf(words, flat) : quantitySought[sought];
  return { quantity: 'difference', args: { of, between: [0, 1] } };
}
