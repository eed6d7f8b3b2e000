/** What a text asks of one plan, as a question of core. */

import type { AskTexts } from '../../exercise/exercise.ts';
import type { Quantity } from '../../case/quantity.ts';
import { isOfOnePayment } from '../quantitiesOfPlan.ts';
import { isOnTop } from './changesInDraft.ts';
import type { ReadArgs, ReadAsk, ReadPlan, ReadQuantity } from '../reading.ts';

/** What is asked of one plan and is a quantity of core, as it is. */
export const sameInCore: Readonly<Partial<Record<ReadQuantity, Quantity>>> = {
  payment: 'payment',
  payments: 'payments',
  years: 'years',
  finalAmount: 'final-amount',
  effectiveRate: 'effective',
  ratePerPayment: 'rate-per-payment',
  totalInterest: 'total-interest',
  financeCharge: 'finance-charge',
  lastPayment: 'last-payment',
};

/** What is asked of core, and other meanings that are right too. */
export interface CoreAsk {
  readonly quantity: Quantity;
  readonly args?: AskTexts;
  readonly also?: Quantity;
}

/** @returns nothing where core has no such question */
export function coreAsk(
  { part, quantity, args = {} }: ReadAsk,
  plan: ReadPlan,
  { asks, prompts }: { readonly asks: readonly ReadAsk[]; readonly prompts: Readonly<Record<string, string>> },
): CoreAsk | undefined {
  const owesMore = (plan.kind === 'borrowing' || plan.kind === 'leasing') && (plan.finalAmount ?? 1) !== 0;
  switch (quantity) {
    case 'amount':
      return { quantity: plan.unknown === 'amount' ? 'amount' : 'amount-financed' };
    case 'payment':
      // A plan whose payment is raised from the first one on has no part for the payment without that.
      if (!isOnTop(plan, asks) && plan.changes.some(({ kind, after }) => kind === 'payment' && after === 0))
        return undefined;
      return args.after === undefined
        ? { quantity }
        : { quantity: 'paid-in', args: range(args.after + 1, args.after + 1) };
    case 'years':
      return plan.changes.length > 0 ? undefined : { quantity };
    case 'payments':
      return { quantity: plan.changes.length > 0 ? 'payments-made' : 'payments' };
    case 'nominalRate':
      return nominalAsk(args, plan);
    case 'ratePerPayment':
      return { quantity: 'rate-per-payment' };
    case 'totalPaid':
      return totalAsk(args, plan, owesMore);
    case 'balanceAfter':
      // What is owed before the payment or the extra payment that falls then is no part of its own.
      if (args.k !== undefined && plan.timing === 'beginning') return inAdvance(args.k, args.moment, prompts[part]);
      return args.k === undefined || args.moment === 'beforePayment' || args.moment === 'beforeExtra'
        ? undefined
        : { quantity: 'balance-after', args: { after: String(args.k) } };
    case 'leftToPay':
      return args.k === undefined || owesMore
        ? undefined
        : { quantity: 'left-to-pay', args: { after: String(args.k) } };
    case 'interestIn':
    case 'principalIn':
      return {
        quantity:
          ofPayments[plan.timing === 'beginning' && isOfOnePayment(plan, args) ? 'portion' : 'periods'][quantity],
        args: range(args.from ?? 1, args.to ?? 1),
      };
    case 'lastPayment':
      return args.include ? undefined : { quantity: 'last-payment' };
    case 'downPayment':
      return plan.unknown === 'amount' ? undefined : { quantity: 'down-payment' };
    case 'financeCharge':
      return plan.fees ? undefined : { quantity: 'finance-charge' };
    default: {
      const id = sameInCore[quantity];
      return id ? { quantity: id } : undefined;
    }
  }
}

/** What is in payments that come first, or runs up in their periods. */
const ofPayments = {
  portion: { interestIn: 'interest-portion', principalIn: 'principal-portion' },
  periods: { interestIn: 'interest-in', principalIn: 'principal-in' },
} as const;

/** With a residual or a deposit it is the price in all, where there is a price; what is paid until a moment is of the first payments. */
function totalAsk({ include, only, from = 1, to }: ReadArgs, plan: ReadPlan, owesMore: boolean): CoreAsk | undefined {
  if (include?.includes('amount')) return undefined;
  if (to !== undefined) return include ? undefined : { quantity: 'paid-in', args: range(from, to) };
  if (include?.includes('downPayment')) return plan.price === undefined ? undefined : { quantity: 'total-price' };
  return { quantity: owesMore && only === undefined ? 'total-with-end' : 'total-paid' };
}

const namesPayment =
  /(?:after|once|when|with) (?:(?!years?|months?|quarters?)[\w’'-]+ ){0,5}(?:payments?|deposits?|rents?|rentals?|installments?|instalments?|withdrawals?|contributions?)/i;

const isAtOnce = /(?:right|just|immediately|directly|straight) after|as soon as|has (?:just been|just|come in)/i;

/** A balance where payments come first: right after payment k where that is meant, else when its period is over. */
function inAdvance(k: number, moment: ReadArgs['moment'], prompt = ''): CoreAsk | undefined {
  const after = { after: String(k) };
  if (moment === 'justAfterPayment' || (namesPayment.test(prompt) && isAtOnce.test(prompt)))
    return { quantity: 'balance-right-after', args: after };
  if (moment !== undefined || k < 1) return undefined;
  return namesPayment.test(prompt)
    ? { quantity: 'balance-right-after', args: after, also: 'balance-after' }
    : { quantity: 'balance-after', args: after };
}

const range = (from: number, to: number): AskTexts => ({ from: String(from), to: String(to) });

/** The rate as the plan quotes it, where that is how it is asked. */
function nominalAsk({ as, compoundingsPerYear: m }: ReadArgs, plan: ReadPlan): { quantity: Quantity } | undefined {
  if (as === 'flat') return { quantity: 'flat-rate' };
  if (plan.kind === 'convert') return { quantity: 'converted' };
  if (plan.kind === 'flat') return m === plan.paymentsPerYear ? { quantity: 'nominal' } : undefined;
  if (plan.unknown === 'rate') return { quantity: 'rate' };
  return m === plan.paymentsPerYear ? { quantity: 'nominal' } : undefined;
}
