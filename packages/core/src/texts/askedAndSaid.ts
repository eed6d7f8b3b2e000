/** The second look at what is asked, though a plan states it already. */

import { choice, doubt, kindNames, missingNames } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import type { Page } from './page.ts';
import type { ReadAsk, ReadDoubt, ReadKind, ReadPlan, ReadQuantity, Unknown } from './reading.ts';

/** What is asked, though the plan states it. */
export function saidAndAsked(
  page: Page,
  { plans, roles, asks: drafted }: DraftReading,
  asks: readonly ReadAsk[],
): ReadDoubt[] {
  // "25 % of the price is due at the end. How much is that?"
  const isShare = [...roles.values()].some(({ role }) => role === 'finalAmountRate');
  return asks.flatMap((ask, at) => {
    const plan = ask.plan === null ? undefined : plans[ask.plan];
    const place = drafted[at]?.place;
    const unit = page.questions.find(({ start }) => start === place?.start)?.unit ?? place;
    const said = plan && saidBy(plan, ask, unit ? page.flat.slice(unit.start, unit.end) : '');
    return plan && said && !(isShare && ask.quantity === 'finalAmount')
      ? [doubt('kind', `This is read to say ${said}, and to ask for it.`, otherKinds(plan.kind))]
      : [];
  });
}

export const otherKinds = (taken: ReadKind): ReturnType<typeof choice>[] =>
  (['borrowing', 'saving', 'drawing-down', 'lump-sum'] as const)
    .filter((kind) => kind !== taken)
    .map((kind) => choice(kindNames[kind], { kind }));

/** In words, what a plan states of what it is asked. */
function saidBy(plan: ReadPlan, { quantity, args }: ReadAsk, words: string): string | undefined {
  const { kind, rate, unknown, changes } = plan;
  if (kind === 'flat' && quantity === 'nominalRate' && args?.as === 'flat' && rate?.quoted === 'flat')
    return 'the flat rate';
  if (kind === 'convert' || quantity === 'nominalRate' || quantity === 'effectiveRate') {
    const isSame =
      quantity === 'effectiveRate'
        ? rate?.quoted === 'effective'
        : quantity === 'nominalRate' &&
          rate?.quoted === 'nominal' &&
          rate.compoundingsPerYear === args?.compoundingsPerYear;
    // The rate of a loan or fund that is told is not found from it.
    const isTold = kind === 'convert' ? unknown === 'rate' : unknown !== 'rate' && changes.length === 0 && !plan.fees;
    return isSame && isTold ? missingNames.rate : undefined;
  }
  const slot = slotOf[quantity];
  if (slot === undefined || slot === unknown || args?.after !== undefined) return undefined;
  const isFinanced = /loan|mortgage|borrow|financ|credit|lent|principal|advance|debt|the amount(?![a-z])/.test(words);
  if (slot === 'amount' && plan.price !== undefined && plan.price !== plan.amount && isFinanced) return undefined;
  if (plan.links?.some(({ field }) => field === slot)) return undefined;
  if (plan.paidInAll !== undefined && (kind === 'flat' || slot === 'payment' || slot === 'payments')) return undefined;
  if (slot === 'payments' && changes.some((each) => each.kind === 'payment' || each.keep === 'payment'))
    return undefined;
  return missingNames[slot];
}

const slotOf: Readonly<Partial<Record<ReadQuantity, Unknown>>> = {
  amount: 'amount',
  payments: 'payments',
  years: 'payments',
  payment: 'payment',
  finalAmount: 'finalAmount',
};
