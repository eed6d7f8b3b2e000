/** "985 a month repay it over 25 years: how large is the loan? After 6 years the rate falls …": what is sought knows of no change, and of no pause. */

import { placeQuestions } from '../placedQuestions.ts';
import { changesOfText } from '../changesOfText.ts';
import type { DraftReading } from '../draftReading.ts';
import { asksLoanAlone, readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import type { ReadChange, ReadLink } from '../reading.ts';
import { momentOf, type AskedPlan } from '../placesInPlan.ts';
import { follow } from './followers.ts';
import { ownedQuestions, type Owned } from './severalPlans.ts';

const link: readonly ReadLink[] = [{ field: 'amount', fromPlan: 0, quantity: 'amount' }];
const asksCount: ReadonlySet<string> = new Set(['payments', 'howLong', 'years', 'lastPayment']);

/** @returns nothing where no amount is sought, or the changes belong to what it is sought of */
export function readAmountThenChanged(page: Page): DraftReading | undefined {
  const isPaused = changesOfText(page).some(({ kind }) => kind === 'skip');
  const isTold = page.signs.some(([sign]) => sign?.role === 'newRate' || sign?.role === 'paymentRise');
  if (!isPaused && !isTold) return undefined;
  const placed = placeQuestions(page);
  // What is sought alone is sought with the change.
  if (asksLoanAlone(placed.map(({ asked }) => asked))) return undefined;
  const sole = readPlan(page, { questions: placed });
  const { plan, read } = sole;
  const [change] = plan.changes;
  const isSought = plan.unknown === 'amount' && plan.kind === 'borrowing' && plan.payment !== null;
  if (!isSought || !change || change.kind === 'extra' || plan.payments === null || read.missing.length > 0)
    return undefined;
  // "From the 25th payment on she pays 100 more": what was lent is what the payments agreed on are worth.
  const isOpen = change.kind === 'payment' || change.keep === 'payment';
  const isCounted = isOpen && placed.some(({ asked }) => asksCount.has(asked));
  if (isOpen && !isCounted) return undefined;
  const before: AskedPlan = { plan: { ...plan, changes: [] }, index: 0, wanted: read.wanted };
  const questions = ownedQuestions(page, (each) => {
    const isBefore = each.asked === 'amount' || isByThen(momentOf(each.place, before), each.asked, change);
    return isBefore ? 0 : 1;
  }).map((each): Owned => (each.owner === 1 && each.asked === 'payment' ? { ...each, asked: 'newPayment' } : each));
  return follow(
    page,
    { ...sole, plan: { ...plan, name: 'as agreed', changes: [] } },
    questions,
    {
      name: 'with the change',
      amount: null,
      changes: plan.changes,
      ...(isCounted ? { payments: null, unknown: 'payments' } : { payment: null, unknown: 'payment' }),
    },
    link,
    [],
    () => undefined,
  );
}

/** What is owed by the moment of the change. */
const isByThen = (k: number | undefined, asked: string, { after }: ReadChange): boolean =>
  k !== undefined && k <= after && ['balance', 'interest', 'principal'].includes(asked);
