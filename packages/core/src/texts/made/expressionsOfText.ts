/** Parts that core has no question for, and that follow from an answer and the text's own numbers. */

import type { Part } from '../../exercise/exercise.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import {
  atOnce,
  type ProblemReading,
  type ReadArgs,
  type ReadAsk,
  type ReadPlan,
  type ReadQuantity,
  type Role,
} from '../reading.ts';
import type { TextGiven } from './givensOfText.ts';

interface ExpressionToMake {
  readonly asks: readonly ReadAsk[];
  readonly drafts: readonly (StatementDraft | undefined)[];
  readonly givens: readonly TextGiven[];
}

const owesFees = ({ kind, fees }: ReadPlan): boolean => kind !== 'flat' && fees !== undefined;

/** The payment of this plan is sought. */
const isOfPayment = (plan: ReadPlan | undefined): boolean => plan?.unknown === 'payment';

/** One plan states the payment or what is there at the end, the other seeks it. */
export const isToldAgainst = (of: ReadQuantity, plans: readonly ReadPlan[]): of is 'payment' | 'finalAmount' =>
  plans.length === 2 &&
  (of === 'finalAmount' ||
    (of === 'payment' &&
      plans.some(({ unknown, payment }) => unknown === 'rate' || (unknown !== 'payment' && payment !== null)))) &&
  plans.filter(({ unknown }) => unknown === of).length === 1;

/** One plan states how long it lasts, the other seeks it. */
export const isTimeToldAgainst = (of: ReadQuantity, plans: readonly ReadPlan[]): boolean =>
  (of === 'payments' || of === 'years') &&
  plans.length === 2 &&
  plans.filter(({ unknown }) => unknown === 'payments').length === 1;

/** What is asked of a plan, before it is a part. */
interface AskOfPlan {
  readonly plan: number;
  readonly quantity: ReadQuantity;
  readonly args?: ReadArgs;
}

/** What a plan pays in all is worked out from its payment, where that is sought. */
export const paidEachTime = (of: AskOfPlan, plans: readonly ReadPlan[]): AskOfPlan[] =>
  (of.quantity === 'leftToPay' || of.quantity === 'totalPaid') && !of.args?.include && isOfPayment(plans[of.plan])
    ? [{ plan: of.plan, quantity: 'payment' }]
    : [];

/** What an answer is worked out from: the loan before a price, the interest before a charge with its fee. */
export function stepBefore(
  { quantity, plan }: Pick<ReadAsk, 'quantity' | 'plan'>,
  of: ReadPlan,
): AskOfPlan | undefined {
  if (plan === null) return undefined;
  if (quantity === 'price' && of.price === undefined) return { plan, quantity: 'amount' };
  if (quantity === 'downPayment' && of.unknown === 'amount' && of.price !== undefined)
    return { plan, quantity: 'amount' };
  return quantity === 'financeCharge' && owesFees(of) ? { plan, quantity: 'totalInterest' } : undefined;
}

const isOfWorth = ({ quantity, args }: Pick<ReadAsk, 'quantity' | 'args'>): boolean =>
  (quantity === 'choice' && args?.by === 'price') || (quantity === 'difference' && args?.of === 'price');

/** "14,000 down and 1,150 a month, or 64,000 now": what the payments of each are worth, and that with what is paid down. */
export const worthsBefore = (ask: Pick<ReadAsk, 'quantity' | 'args'>, plans: readonly ReadPlan[]): AskOfPlan[] =>
  isOfWorth(ask)
    ? plans.flatMap(({ downPayment, name }, plan): AskOfPlan[] => [
        ...(name === atOnce ? [] : [{ plan, quantity: 'amount' as const }]),
        ...(downPayment === undefined ? [] : [{ plan, quantity: 'price' as const }]),
      ])
    : [];

/** What these steps ask, by their part. */
export function worthPrompts({
  asks,
  plans,
}: Pick<ProblemReading, 'asks' | 'plans'>): Readonly<Record<string, string>> {
  if (!asks.some(isOfWorth)) return {};
  return Object.fromEntries(
    asks.flatMap(({ part, quantity, plan }) => {
      const { name = `plan ${(plan ?? 0) + 1}` } = plans[plan ?? 0] ?? {};
      const of = name === 'payments' ? '' : ` of “${name}”`;
      if (quantity === 'amount') return [[part, `What are the payments${of} worth today?`]];
      return quantity === 'price' ? [[part, `What is that with what is paid down?`]] : [];
    }),
  );
}

/** @returns the text of an answer that follows from another; nothing where core asks it, or nobody can */
export function expressionOf(ask: ReadAsk, of: ReadPlan, to: ExpressionToMake): string | undefined {
  const before = stepBefore(ask, of);
  const step = to.asks.find(({ quantity, plan }) => plan === before?.plan && quantity === before?.quantity);
  const answer = `answer @${step?.part ?? ''}`;
  const named = (role: Role, value: number): string =>
    to.givens.find(({ use }) => use.role === role && use.value === value)?.given.name ?? String(value);
  const draft = to.drafts[ask.plan ?? 0];
  switch (ask.quantity) {
    case 'price': {
      if (!step) return undefined;
      const { downPayment, downShare, tradeIn, fees } = of;
      const more = [
        ...(downPayment === undefined ? [] : [` + ${named('downPayment', downPayment)}`]),
        ...(tradeIn === undefined ? [] : [` + ${named('tradeIn', tradeIn)}`]),
        ...(fees === undefined ? [] : [` - ${named('fee', fees)}`]),
      ].join('');
      const sum = `${answer}${more}`;
      return downShare === undefined ? sum : `(${sum}) / (1 - ${named('downPaymentRate', downShare)})`;
    }
    case 'downPayment': {
      // What the price is above the loan.
      const { price, tradeIn } = of;
      if (!step || price === undefined) return undefined;
      return `${named('price', price)} - ${answer}${tradeIn === undefined ? '' : ` - ${named('tradeIn', tradeIn)}`}`;
    }
    case 'financeCharge':
      return step && of.fees !== undefined ? `${answer} + ${named('fee', of.fees)}` : undefined;
    case 'payment': {
      // "Half of it is paid every two weeks. How much is that?"
      const isTaken = of.unknown !== 'payment' && of.links?.some(({ field }) => field === 'payment');
      return isTaken && ask.args === undefined ? draft?.slots.payment : undefined;
    }
    case 'finalAmount':
      // "25 % of the price is due at the end. How much is that?"
      return of.unknown !== 'finalAmount' && of.kind !== 'saving' ? draft?.slots.finalAmount : undefined;
    default:
      return undefined;
  }
}

/** Where all that is paid is told, the payment and its number are given by it, and are worked out from it. */
export function sharedOf(
  { quantity, args }: ReadAsk,
  { paidInAll }: ReadPlan,
  { slots, unknown }: StatementDraft,
): { text: string; usual: string; format: Part['format'] } | undefined {
  if (paidInAll === undefined || args) return undefined;
  if (quantity === 'payment' && unknown !== 'payment')
    return { text: slots.payment, usual: 'What is the payment?', format: { kind: 'money', decimals: 2 } };
  if (quantity === 'payments' && unknown !== 'payments')
    return { text: slots.payments, usual: 'How many payments are there?', format: { kind: 'count', decimals: 0 } };
  return undefined;
}
