/** The second look at the numbers: would any loan, any plan of savings have them? */

import { doubt, lookedAtByNothing, quoteOfToken } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import { paysInterestAlone } from './interestAlone.ts';
import type { Page } from './page.ts';
import { isInPoints } from './ratesInPoints.ts';
import { atOnce, type ReadAsk, type ReadDoubt, type ReadPlan } from './reading.ts';
import { withoutGone } from './restOfSum.ts';

/** @returns what in the plans, or in what they answer, makes no sense */
export const numbersDoubted = (page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] => [
  ...openedWithFirst(draft),
  ...riseTooLarge(draft),
  ...rateTooHigh(asks),
  ...dearerThanPrice(draft, asks),
  ...outOfProportion(page, draft),
  ...belowNothing(asks),
  ...countsSkipped(draft, asks),
  ...loanAsOneSum(page, draft),
  ...paymentOfOneSum(draft),
  ...sumOfEach(page, draft),
  ...moreUnread(page, draft),
  ...toldAndSought(draft, asks),
  ...shareOfRate(page),
  ...lastsAsOneSum(page, draft),
  ...oneSumAsPayments(page, draft),
  ...fewFound(draft, asks),
  ...shareOfNothing(page, draft),
  ...stageUnread(page, draft),
];

/** "The rate rises by 10 %", read as ten points of it. */
const shareOfRate = ({ tokens, text }: Page): ReadDoubt[] =>
  tokens.some(({ inPoints = 0, start, end }) => inPoints > 0.03 && !isInPoints(text.slice(start, end)))
    ? [doubt('rate', 'Is it added to the rate, or is it a share of it?')]
    : [];

/** A loan read as repaid in one sum, of which the text says nothing. */
const loanAsOneSum = (page: Page, { plans }: DraftReading): ReadDoubt[] => {
  const flat = page.sentences.reduce(
    // Interest that is asked for says nothing of how it is paid.
    (all, { asks, text }) => (asks ? all.replace(text, text.replace(/(?<!with |plus |simple )interest/g, '')) : all),
    withoutGone(page),
  );
  const isLoan = /(?<![a-z])(?:borrows?|borrowed|mortgage|lenders?|re-?payments?|repay|loan)(?![a-z])/.test(flat);
  const isOnce =
    /(?<![a-z])(?:one|single|lump|whole|nothing|no|without|maturity|falls? due|due (?:at|after|in)|interest|grows?|accumulat\w*|invest\w*|deposit\w*|owed?s?|owing|debt|note|bill|in full|back|settle\w*|clear\w*|discharge\w*|amounts? to)(?![a-z])/.test(
      flat,
    );
  const isReduced = plans.some(({ links }) => links?.some(({ plus = 0 }) => plus < 0));
  return isLoan && !isOnce && !isReduced && plans.every(({ kind }) => kind === 'lump-sum')
    ? [doubt('kind', 'Is the loan repaid in one sum, or by payments?')]
    : [];
};

/** "6,000 is borrowed at the start of each of four years", read as one sum. */
const sumOfEach = (page: Page, { plans }: DraftReading): ReadDoubt[] =>
  plans.every(({ kind }) => kind === 'lump-sum') &&
  /⟨m\d+⟩ (?:[a-z]+ ){0,3}(?:at the (?:start|beginning|end|close) of |in |for )?(?:each|every one) of (?:the |her |his |their )?(?:(?:first|next|last) )?⟨t\d+⟩/.test(
    page.flat,
  )
    ? [doubt('kind', 'Is this one sum, or one each time?')]
    : [];

/** "How long does the money last?", of one sum that only grows. */
const lastsAsOneSum = ({ sentences }: Page, { plans }: DraftReading): ReadDoubt[] =>
  plans.length > 0 &&
  plans.every(({ kind }) => kind === 'lump-sum') &&
  sentences.some(({ asks, text }) => asks && /(?:how long|when) [^?]*(?: last| used up| run out| empty)\W*$/.test(text))
    ? [doubt('kind', 'What is taken out each time? One sum that grows lasts for ever.')]
    : [];

/** "Which single payment in three years is worth 2,800 today?", read as payments that nothing tells of. */
const oneSumAsPayments = (page: Page, { plans }: DraftReading): ReadDoubt[] =>
  plans.length === 1 &&
  plans.every(({ kind, unknown }) => kind === 'borrowing' && unknown === 'payment') &&
  page.kinds.some(({ says, weight }) => says === 'lump-sum' && weight >= 6) &&
  !page.kinds.some(({ says }) => says === 'borrowing' || says === 'leasing') &&
  page.periods.every(({ use }) => use !== 'frequency') &&
  !/(?<![a-z])(?:payments|instal?ments|rentals?|rent|repay)|⟨n\d+⟩ /.test(page.flat)
    ? [doubt('kind', 'Is this one sum, or are there payments?')]
    : [];

/** "For the first two years …, for the remaining three …": a stage that nothing takes. */
const stageUnread = (page: Page, { roles, plans }: DraftReading): ReadDoubt[] =>
  [...page.flat.matchAll(/(?:for|in|during|over) the (?:next|last|remaining|following|other) ⟨[tn](\d+)⟩/g)].flatMap(
    ([, at]) => {
      const token = Number(at);
      const isTold = plans.length > 1 || plans.some(({ changes }) => changes.length > 0);
      return !roles.has(token) && !isTold ? [lookedAtByNothing(quoteOfToken(page, token), 'text')] : [];
    },
  );

/** Nothing is paid by payments where one sum grows to another. */
const paymentOfOneSum = ({ plans }: DraftReading): ReadDoubt[] =>
  plans.some(({ kind, unknown }) => kind === 'lump-sum' && unknown === 'payment')
    ? [doubt('kind', 'One sum is read to grow to another. What is sought?')]
    : [];

/** Plans that are held against each other by payments that are told, and read to be found. */
const toldAndSought = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(({ quantity }) => quantity === 'choice' || quantity === 'difference') &&
  plans.some(({ kind, unknown, payment }) => kind !== 'convert' && unknown === 'payment' && (payment ?? 0) > 0)
    ? [doubt('payment', 'A payment is told, and read to be found: what is it that is not known?')]
    : [];

/** "… and wants to make 18 more", which nothing counts. */
const moreUnread = (page: Page, { roles }: DraftReading): ReadDoubt[] =>
  page.tokens.flatMap(({ form }, at) => {
    const { start, end } = page.places[at]!;
    const isMore =
      form === 'count' &&
      !roles.has(at) &&
      /(?:makes?|made|pays?|paid|deposits?|draws?) $/.test(page.flat.slice(0, start)) &&
      /^ (?:more|further|others?)(?! than)(?![a-z])/.test(page.flat.slice(end));
    return isMore ? [doubt('payments', `What is ${quoteOfToken(page, at)}?`)] : [];
  });

/** A payment that rises by many times itself: one extra payment is more likely. */
const riseTooLarge = ({ plans }: DraftReading): ReadDoubt[] =>
  plans.flatMap(({ amount, payment, payments, changes }) => {
    const usual = payment ?? (amount && payments ? (amount / payments) * 3 : null);
    const rise = changes.find((each) => each.kind === 'payment' && usual !== null && each.by > 2 * usual);
    const fall = changes.find((each) => each.kind === 'payment' && (each.to ?? Infinity) < -0.6 * each.by);
    if (fall)
      return [doubt('payment', 'Does the payment fall to less than half of what it was, or is that added to it?')];
    return rise?.kind === 'payment'
      ? [doubt('text', `Is ${rise.by} paid once, or is every payment so much larger?`)]
      : [];
  });

/** "A deposit of 4,000 is to become 5,500", read as one each month: two of them would do. */
const fewFound = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(({ quantity, plan, answers }) => {
    const of = plans[plan ?? 0];
    const count = (answers[0] ?? Infinity) * (quantity === 'years' ? (of?.paymentsPerYear ?? 1) : 1);
    const isSought = (quantity === 'payments' || quantity === 'years') && of?.unknown === 'payments';
    return isSought && of?.kind !== 'lump-sum' && of?.changes.length === 0 && count < 2;
  })
    ? [doubt('payments', 'Fewer than two payments are found: is it one sum?')]
    : [];

/** "Her pay of 3,000 allows a payment of 20 % of it": a share of a price, where there is none. */
const shareOfNothing = (page: Page, { plans, roles, asks }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role }]) =>
    role === 'downPaymentRate' &&
    plans.every(({ price }) => price === undefined) &&
    asks.every(({ quantity }) => quantity !== 'price' && quantity !== 'downPayment')
      ? [lookedAtByNothing(quoteOfToken(page, token), 'text')]
      : [],
  );

/** A rate found of more than 80 % a year. */
const rateTooHigh = (asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(({ quantity, answers }) => /^(?:nominal|effective)Rate$/.test(quantity) && (answers[0] ?? 0) > 0.8)
    ? [doubt('rate', 'The rate that fits is more than 80 % a year.')]
    : [];

/** What is lent on a thing is no more than its price. */
const dearerThanPrice = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, answers }) => {
    const price = plans[plan ?? 0]?.price;
    const [found = 0] = answers;
    const isMore = quantity === 'amount' && price !== undefined && found > price * 1.2;
    return isMore ? [doubt('amount', `The amount found is more than the price of ${price}.`)] : [];
  });

/** "She opens it with 150 and pays in 150 at the start of each month": the first of them, or besides. */
const openedWithFirst = ({ plans }: DraftReading): ReadDoubt[] =>
  plans.flatMap(({ kind, timing, amount, payment }) =>
    kind === 'saving' && timing === 'beginning' && amount !== null && amount > 0 && amount === payment
      ? [doubt('amount', `Is the ${amount} at the start the first payment, or is it there besides?`)]
      : [],
  );

/** A payment or an amount below nothing, or a difference of nothing. */
const belowNothing = (asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(
    ({ quantity, answers, args }) =>
      (['payment', 'lastPayment', 'amount', 'payments', 'totalInterest', 'financeCharge'].includes(quantity) &&
        (answers[0] ?? 0) < -0.01) ||
      (quantity === 'difference' && args?.of !== 'payments' && args?.of !== 'years' && answers[0] === 0),
  )
    ? [doubt('answers', 'An answer is nothing, or less than that: something may be read the wrong way round.')]
    : [];

/** What is left of a price to be financed. */
const financedOf = ({ price = 0, downPayment = 0, tradeIn = 0, rebate = 0, fees = 0 }: ReadPlan): number =>
  price - downPayment - tradeIn - rebate + fees;

/** Numbers that no loan and no plan of savings would have. */
function outOfProportion(page: Page, { plans }: DraftReading): ReadDoubt[] {
  return plans.flatMap((plan) => {
    const late = plan.changes.find(({ after }) => plan.payments !== null && after >= plan.payments);
    if (late) return [doubt('after', `A change after payment ${late.after} comes when the plan has ended.`)];
    const { kind, amount, payment, payments, finalAmount, rate, price } = plan;
    if (
      price !== undefined &&
      amount === null &&
      plan.links?.some(({ field, plus }) => field === 'amount' && plus !== price)
    )
      return [doubt('amount', `What is ${price}? The amount follows from what was before.`)];
    if (price !== undefined && amount !== null && amount < price && Math.abs(amount - financedOf(plan)) > 0.005)
      return [doubt('amount', `The price of ${price} and the amount of ${amount} do not go together.`)];
    const { paidInAll } = plan;
    const paidByAll = kind !== 'flat' && payment !== null && payments !== null ? payment * payments : paidInAll;
    if (paidInAll !== undefined && paidByAll !== undefined && Math.abs(paidByAll - paidInAll) > 0.005 * paidInAll)
      return [doubt('payment', `${payments} payments of ${payment} do not come to ${paidInAll}.`)];
    // "He repays 450 by monthly payments. What was the loan?": in all, or each time?
    const isInAll =
      /(?<![a-z])(?:in all|in total|total|altogether|all told|overall|sum of|add(?:s|ing)? up|amount(?:s|ed|ing) to)/;
    if (paidInAll !== undefined && amount === null && !isInAll.test(page.flat))
      return [doubt('payment', `Is ${paidInAll} paid each time, or in all?`)];
    const owes = kind === 'borrowing' || kind === 'leasing' || kind === 'flat';
    const paid = (payment ?? 0) > 0 && (owes || kind === 'drawing-down') && (amount ?? 0) > 0 ? amount : null;
    if (paid !== null && (payment ?? 0) > paid)
      return [doubt('amount', `A payment of ${payment} is not less than the amount of ${paid}.`)];
    // Interest alone is paid at first: another plan begins with all that is left.
    const goesOn = plans.some((other) => other !== plan && other.amount === finalAmount);
    const left = finalAmount ?? 0;
    if (owes && amount !== null && amount > 0 && (goesOn || paysInterestAlone(page) ? left > amount : left >= amount))
      return [
        doubt('finalAmount', `What is left at the end, ${finalAmount}, is not less than the amount of ${amount}.`),
      ];
    if (payments !== null && payments < 2 && kind !== 'lump-sum' && kind !== 'convert' && plan.name !== atOnce)
      return [doubt('payments', 'This is read as a plan of fewer than two payments.')];
    if (kind === 'saving' && finalAmount !== null && finalAmount > 0 && (payment ?? 0) > finalAmount)
      return [doubt('payment', `A payment of ${payment} is not less than the amount of ${finalAmount} it leads to.`)];
    const yearly = rate?.quoted === 'per-period' ? rate.value * (rate.compoundingsPerYear ?? 1) : (rate?.value ?? 0);
    return yearly > 0.6 ? [doubt('rate', 'This is read as a rate of more than 60 % a year.')] : [];
  });
}

/** How many payments there are, of a plan that leaves some out and goes on longer for it. */
const countsSkipped = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(
    ({ quantity, plan }) =>
      quantity === 'payments' &&
      plans[plan ?? 0]?.changes.some((change) => change.kind === 'skip' && change.keep === 'payment'),
  )
    ? [doubt('payments', 'The payments that are left out are counted here, too.')]
    : [];
