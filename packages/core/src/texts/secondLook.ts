/** A reading without a doubt, looked at once more: does it ask what it says, and hear all that the text tells? */

import { isBirthdayTold } from './ages.ts';
import { answersOf } from './answers.ts';
import { otherKinds, saidAndAsked } from './askedAndSaid.ts';
import { doubt, lookedAtByNothing, missingNames, quoteOfToken, timingChoices } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import { tellingWords } from './lexicon/telling.ts';
import { openAsked } from './openQuestions.ts';
import { sentenceAt, tokenAt, type Page } from './page.ts';
import { pattern } from './pattern.ts';
import type { ReadAsk, ReadDoubt, ReadKind, ReadPlan } from './reading.ts';
import { changesInDoubt, nothingBetween, rateOfChanged } from './secondLookAtChanges.ts';
import { listsInDoubt } from './secondLookAtLists.ts';
import { numbersDoubted } from './secondLookAtNumbers.ts';
import { rolesInDoubt } from './secondLookAtRoles.ts';
import { sumsInDoubt } from './secondLookAtSums.ts';
import {
  askedByOtherTime,
  askedInTwo,
  askedOnce,
  askedOtherwise,
  comparedMissed,
  linesMissed,
  partsMissed,
  partsOfPayment,
  questionsMissed,
} from './secondLookAtQuestions.ts';
import { yearsOf } from './tokens.ts';

/** @returns what makes the reading doubtful; nothing where it holds */
export function secondLook(page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const [first] = [
    ...saidAndAsked(page, draft, asks),
    ...rolesInDoubt(page, draft, asks),
    ...sumsInDoubt(page, draft),
    ...startsLater(page, draft),
    ...firstUnheard(page, draft),
    ...unheard(page, draft, asks),
    ...partsMissed(page, asks),
    ...linesMissed(page),
    ...listsInDoubt(page, draft),
    ...questionsMissed(page, draft),
    ...askedInTwo(page, asks),
    ...openAsked(page, asks),
    ...partsOfPayment(page, draft),
    ...(draft.plans.length === 1 ? askedOnce(page, asks) : []),
    ...afterTheEnd(draft, asks),
    ...beyondTheEnd(draft, asks),
    ...atNoTime(asks),
    ...nothingBetween(asks),
    ...soughtUnasked(page, draft, asks),
    ...turnedRound(page, draft),
    ...endAsStart(page, draft),
    ...numbersDoubted(page, draft, asks),
    ...askedOtherwise(page, draft),
    ...askedByOtherTime(page, draft),
    ...comparedMissed(page, draft),
    ...ratesAlone(page, draft),
    ...planUnasked(draft, asks),
    ...ageLost(page, draft),
    ...savedAndOwed(page, draft),
    ...startInQuestion(page, draft),
    ...closingMiscounted(page, draft),
    ...priceOfOne(page),
    ...rateOfChanged(draft, asks),
    ...changesInDoubt(page, draft, asks),
    ...lastLikeOthers(page, draft, asks),
  ];
  return first ? [first] : [];
}

/** Words that tell of something the reading has nothing of. */
function unheard(page: Page, { plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const isAside = (at: number): boolean => page.asides.some(({ start, end }) => at >= start && at < end);
  return tellingWords.flatMap(({ words, says, isHeard }) => {
    if (page.flat.search(words) < 0) return [];
    const isTold = [...page.flat.matchAll(new RegExp(words, 'g'))].some(({ index }) => !isAside(index));
    if (!isTold || isHeard({ plans, asks })) return [];
    return [doubt('text', `The text tells of ${says}, of which nothing is read.`)];
  });
}

const firstIs = pattern(
  '(?:(?:first|beginning|starting|begin|start|commencing)(?: [a-z]+){0,4}|first payment (?:of|on) (?:an?|the|her|his|their) [^.?!]{0,70} (?:is|falls) (?:made|due|paid)) (?:only )?(?:in |after )?{t} (?:from now|later|hence|after|from (?:today|then))',
);

/** A first payment that falls later than after one period. */
function startsLater(page: Page, { plans }: DraftReading): ReadDoubt[] {
  const [plan] = plans;
  if (plans.length !== 1 || !plan || plan.changes.length > 0) return [];
  return [...page.flat.matchAll(firstIs)].flatMap((found) =>
    yearsOf(page, Number(found[1])) * plan.paymentsPerYear > 1.1
      ? [doubt('text', 'The text tells of payments that begin later, of which nothing is read.')]
      : [],
  );
}

const firstFalls =
  /(?:the|its|their|with the|her|his) first (?:of (?:them|which|these|the (?:payments|rentals|instal[a-z]+|deposits|withdrawals))|one|payment|rental|instal?ment|deposit|withdrawal)?,? ?(?:is |being |falls |falling |to be |comes )?(?:due |paid |payable |made |taken )?(?:at|on|when|upon) (?!(?:she|he|they|it)(?![a-z])|the (?:same|usual|regular)|payment|(?:the )?(?:end|close|last))/g;

/** "…, the first at the fair": when payments fall is told in words that are not understood. */
const firstUnheard = (page: Page, { plans }: DraftReading): ReadDoubt[] =>
  plans.length === 1 && plans.some(({ kind, payments }) => kind !== 'lump-sum' && kind !== 'convert' && payments !== 1)
    ? [...page.flat.matchAll(firstFalls)].flatMap(({ index, 0: words }) => {
        const isHeard = page.timings.some(({ start, end }) => start < index + words.length + 24 && end > index);
        return isHeard ? [] : [doubt('timing', 'When does the first payment fall?', timingChoices(plans[0]!.timing))];
      })
    : [];

/** What is owed, without a time. */
const atNoTime = (asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(({ quantity, args }) => (quantity === 'balanceAfter' || quantity === 'leftToPay') && args?.k === undefined)
    ? [doubt('after', 'After which payment is that asked?')]
    : [];

/** What is owed after the last payment is nothing: the moment was not understood. */
function afterTheEnd({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  return asks.flatMap(({ quantity, plan, args }) => {
    const payments = plan === null ? null : (plans[plan]?.payments ?? null);
    const k = args?.k;
    const isLooked = quantity === 'balanceAfter' || quantity === 'leftToPay';
    return isLooked &&
      payments !== null &&
      k !== undefined &&
      k >= payments &&
      (quantity === 'leftToPay' || plans[plan ?? 0]?.unknown !== 'finalAmount')
      ? [doubt('after', `This is read to ask what is owed after payment ${k} of ${payments}.`)]
      : [];
  });
}

/** "The interest in payments 1 to 300" of a plan that has 120. */
const beyondTheEnd = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, args }) => {
    const of = plan === null ? undefined : plans[plan];
    const [payments, to] = [of?.payments ?? null, args?.to];
    const isLooked = quantity === 'interestIn' || quantity === 'principalIn';
    return isLooked && of?.changes.length === 0 && payments !== null && to !== undefined && to > payments
      ? [doubt('to', `This is read to ask of payment ${to}, and there are ${payments}.`)]
      : [];
  });

/** The amount is missing, and nobody asks for it. */
function soughtUnasked(page: Page, { plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const [plan] = plans;
  // With its payments alone it follows from them.
  const sums = new Set(
    page.tokens.flatMap(({ form, value }) => (form === 'money' && value !== plan?.finalAmount ? [value] : [])),
  );
  const isPayment = page.signs.every(
    (each, at) =>
      page.tokens[at]?.form !== 'money' || !each.some(({ role, weight }) => role === 'amount' && weight >= 7),
  );
  if (plan?.payment && plan.payments && plan.rate && sums.size === 1 && plans.length === 1 && isPayment) return [];
  const isAsked = asks.some(({ quantity }) => ['amount', 'downPayment', 'price'].includes(quantity));
  return plans.length === 1 && plan?.unknown === 'amount' && plan.kind !== 'convert' && !isAsked
    ? [doubt('amount', `The text does not say ${missingNames.amount}, and does not ask for it.`)]
    : [];
}

/** What reads like a sum at the start, taken as the end of a saving. */
function turnedRound(page: Page, { plans, roles }: DraftReading): ReadDoubt[] {
  return [...roles].flatMap(([token, { role, plan }]) => {
    const signs = page.signs[token] ?? [];
    const isTurned =
      role === 'finalAmount' &&
      !/sinking fund/.test(page.flat) &&
      plans[plan ?? 0]?.kind === 'saving' &&
      signs[0]?.role === 'amount' &&
      signs[0].weight >= 8 &&
      !signs.some((sign) => sign.role === 'finalAmount');
    const quote = quoteOfToken(page, token);
    return isTurned
      ? [doubt('kind', `Is ${quote} there at the start, or is it to be reached?`, otherKinds('saving'))]
      : [];
  });
}

/** "40 laptops at 830 each": the price of one. */
const priceOfOne = (page: Page): ReadDoubt[] =>
  [...page.flat.matchAll(ofEach)].map(([, token]) => {
    const quote = quoteOfToken(page, Number(token));
    return doubt(quote, `Is ${quote} the price of one? It is taken as that of all.`);
  });

const ofEach =
  /⟨n\d+⟩ (?:[a-z-]+ ){1,4}(?<!(?:payments?|deposits?|instal?ments?|rents?|rentals?) )(?:at|for|costing|priced at) ⟨m(\d+)⟩ (?:each(?! (?:month|quarter|week|year|half))|apiece|a piece)(?! ⟨)/g;

/** "47 payments of 450 and a last one": as many as the numbers make. */
const closingMiscounted = (page: Page, { plans, wanted, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role, plan }]) => {
    const of = plans[plan ?? 0];
    if (role !== 'payments' || of?.payments !== null || of.unknown !== 'payments') return [];
    const { value } = tokenAt(page, token);
    const [, whole] = answersOf(plans, wanted, { quantity: 'payments', plan: plan ?? 0 });
    return whole === value || whole === value + 1
      ? []
      : [doubt('payments', `The text says ${value} payments, and the numbers make ${whole ?? 'none'}.`)];
  });

/** "How many months with 900?": a sum in a question, taken as what is there at the start because it stands behind "with". */
const startInQuestion = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role, plan }]) => {
    const { form } = tokenAt(page, token);
    const weight = page.signs[token]?.find((sign) => sign.role === role)?.weight ?? 0;
    const isAsked = sentenceAt(page, page.places[token]!)?.asks === true;
    const isWith = /(?<![a-z])with $/.test(page.flat.slice(0, page.places[token]!.start));
    const quote = quoteOfToken(page, token);
    return role === 'amount' &&
      form === 'money' &&
      weight <= 5 &&
      isAsked &&
      isWith &&
      plans[plan ?? 0]?.kind === 'saving'
      ? [doubt(quote, `What is ${quote}?`)]
      : [];
  });

/** Words of saving, and none of owing or drawing, of what is read as a debt or a fund. */
const savedAndOwed = (page: Page, { plans }: DraftReading): ReadDoubt[] => {
  const [plan] = plans;
  const says = (kind: ReadKind): boolean => page.kinds.some((each) => each.says === kind && each.weight >= 5);
  const isSaved =
    says('saving') &&
    /(?<![a-z])(?:saves?|saving|deposits?|aside|pays? in(?:to)?|puts?|into (?:an?|the|her|his|their))(?![a-z])/.test(
      page.flat,
    );
  const isOther = (['borrowing', 'drawing-down', 'leasing', 'flat'] as const).some(says);
  return plans.length === 1 && plan?.kind === 'borrowing' && plan.price === undefined && isSaved && !isOther
    ? [doubt('kind', 'This sounds like saving, and is read as borrowing.', otherKinds('borrowing'))]
    : [];
};

/** Only rates are held against each other, though sums are told. */
const ratesAlone = ({ tokens }: Page, { plans }: DraftReading): ReadDoubt[] =>
  plans.length > 1 && plans.some(({ kind }) => kind === 'convert') && tokens.some(({ form }) => form === 'money')
    ? [doubt('kind', 'The text tells of sums of money, of which nothing is read.')]
    : [];

/** A last payment of a plan whose payments are all alike, though nothing is said of rounding. */
const lastLikeOthers = (page: Page, { plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, args }) => {
    const of = plans[plan ?? 0];
    const isAlike = of?.unknown === 'payment' && of.changes.length === 0 && !args?.include && of.kind !== 'flat';
    return quantity === 'lastPayment' && isAlike && !/round|cent(?![a-z])|penny|pence/.test(page.flat)
      ? [doubt('asks', 'The last payment is asked, and all payments are alike.')]
      : [];
  });

/** What reads like an end, taken as the start of a saving that leads to a price. */
const endAsStart = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role, plan }]) => {
    const [sign] = page.signs[token] ?? [];
    const isTurned =
      role === 'amount' && plans[plan ?? 0]?.kind === 'saving' && sign?.role === 'finalAmount' && sign.weight >= 9;
    const quote = quoteOfToken(page, token);
    return isTurned
      ? [doubt('kind', `Is ${quote} there at the start, or is it to be reached?`, otherKinds('saving'))]
      : [];
  });

/** "After four years she withdraws 3,000 but goes on saving": read as drawing of which nothing is asked. */
function planUnasked({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const isUnasked = ({ kind, unknown, links }: ReadPlan, at: number): boolean =>
    kind === 'drawing-down' &&
    unknown === 'finalAmount' &&
    links !== undefined &&
    asks.every(({ plan }) => plan !== at);
  return plans.some(isUnasked)
    ? [doubt('text', 'The text is read to tell of more than is asked. Is all of it read as it is meant?')]
    : [];
}

/** "If she waits until she is 40 to begin": an age in a question that nothing takes. */
function ageLost(page: Page, { roles, plans }: DraftReading): ReadDoubt[] {
  const found = [
    ...page.flat.matchAll(
      /(?:(?:he|she|they) (?:is|are|turns?|reach(?:es)?)|(?<=(?:what|how)(?![a-z])[^?]*) at) ⟨n(\d+)⟩(?! (?:⟨e|payments|months|years)|,? ⟨t\d+⟩ (?:from (?:now|today)|hence|later))/g,
    ),
  ];
  // "From 25 to 60 …. What is there on the day she is 60?" says again what is told.
  const isTold = (at: number): boolean =>
    isBirthdayTold(page, page.tokens[at]!.value) ||
    page.tokens.some((each, other) => other !== at && roles.has(other) && each.value === page.tokens[at]!.value) ||
    page.tokens.some(
      ({ form, start, end }, other) =>
        other < at &&
        form === 'time' &&
        new RegExp(`(?<!\\d)${page.tokens[at]!.value}(?!\\d)`).test(page.text.slice(start, end)),
    );
  // Of one plan after another the age is the end of both.
  const lost = found.find(
    ([words, at]) =>
      (plans.length === 1 || !/^\W*at /.test(words)) &&
      !roles.has(Number(at)) &&
      !isTold(Number(at)) &&
      sentenceAt(page, page.places[Number(at)]!)?.asks,
  );
  return lost ? [lookedAtByNothing(quoteOfToken(page, Number(lost[1])), 'text')] : [];
}
