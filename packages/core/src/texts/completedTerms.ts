/** What a plan leaves out and another of the same text says. */

import type { Asked } from './lexicon/questions/index.ts';
import type { Terms } from './terms.ts';

/** Terms with what another plan of the text says where these say nothing. */
export function completed(terms: Terms, like: Terms, asked: ReadonlySet<Asked>): Terms {
  const money = { ...terms.money };
  const hasAmount = money.amount !== undefined || money.price !== undefined;
  const isBuilt = money.rebate !== undefined || money.downPayment !== undefined || money.tradeIn !== undefined;
  const amount = like.money.price ?? like.money.amount;
  // What another puts in once is not in savings of which the deposits are told.
  const isSavedEach = terms.kind === 'saving' && money.payment !== undefined;
  if (!hasAmount && amount && !asked.has('amount') && !isSavedEach)
    money[isBuilt || like.money.price ? 'price' : 'amount'] = amount;
  const isFull = hasAmount && rateIsTold(terms) && (terms.counts.length > 0 || terms.times.length > 0);
  // Savings that lead to different sums are of the same deposits.
  const mustBeSame = terms.kind === 'saving' && !money.finalAmount && !like.money.finalAmount;
  if (
    !isFull &&
    !money.payment &&
    !asked.has('payment') &&
    like.money.payment &&
    (mustBeSame || (asked.size > 0 && !asked.has('difference')))
  )
    money.payment = like.money.payment;
  const hasCount = terms.counts.length > 0 || terms.times.length > 0;
  // Rents and a price make a rate of their own.
  const isLeaseTold = terms.kind === 'leasing' && money.payment !== undefined && money.finalAmount !== undefined;
  // So do an amount and payments that are told.
  const isAllTold =
    terms.kind === 'borrowing' &&
    money.payment !== undefined &&
    terms.counts.length > 0 &&
    (money.amount ?? money.price) !== undefined;
  return {
    ...terms,
    money,
    ...(hasCount ? {} : { counts: like.counts, times: like.times }),
    ...(terms.saysFrequency || !like.saysFrequency
      ? {}
      : { paymentsPerYear: like.paymentsPerYear, saysFrequency: true }),
    // Rents in advance say nothing of a loan.
    ...(terms.timing === undefined && !(like.kind === 'leasing' && terms.kind === 'borrowing')
      ? { timing: like.timing }
      : {}),
    rate:
      terms.rate.token === undefined && !asked.has('nominalRate') && !isLeaseTold && !isAllTold
        ? like.rate
        : terms.rate,
  };
}

const rateIsTold = ({ rate }: Terms): boolean => rate.token !== undefined;
