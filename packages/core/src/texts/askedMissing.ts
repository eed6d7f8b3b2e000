/** A question whose words no cue knows asks for the one thing that is missing. */

import { doubt, missingNames } from './doubts.ts';
import type { DraftAsk } from './draftReading.ts';
import { agrees } from './lexicon/agreeing.ts';
import type { Page } from './page.ts';
import { quantitySought, seeksPrice } from './quantitySought.ts';
import type { ReadDoubt, ReadQuantity } from './reading.ts';
import { isRepaidAtOnce } from './repaidAtOnce.ts';
import type { SolePlan } from './solePlan.ts';

/** @returns what is asked, and a doubt where the words do not agree; `agreed` where they do */
export function withTheMissing(
  page: Page,
  { plan, read }: SolePlan,
  found: DraftAsk[],
): { asks: DraftAsk[]; doubts: ReadDoubt[]; agreed?: boolean } {
  const supposed = new Set(page.questions.flatMap(({ isSupposed, unit }) => (isSupposed ? [unit.start] : [])));
  const [unread] = page.unread.filter(({ start }) => !supposed.has(start));
  const isOpen =
    read.missing.length === 0 && (plan.kind === 'convert' ? found.length === 0 : plan[plan.unknown] === null);
  const sought: ReadQuantity =
    plan.kind === 'convert'
      ? plan.rate?.quoted === 'effective'
        ? 'nominalRate'
        : 'effectiveRate'
      : isRepaidAtOnce(page, plan)
        ? 'totalPaid'
        : quantitySought[plan.unknown];
  const isAsked = found.some(
    ({ quantity }) =>
      quantity === sought ||
      (sought === 'nominalRate' && /rate/i.test(quantity)) ||
      (sought === 'payments' && quantity === 'years') ||
      (sought === 'finalAmount' && quantity === 'balanceAfter'),
  );
  if (!isOpen || isAsked || (found.length > 0 && !unread)) return { asks: found, doubts: [] };
  const last = page.sentences.at(-1);
  const place = unread ?? { start: last?.start ?? 0, end: last?.end ?? page.flat.length };
  // Its words say so, too.
  const words = page.flat.slice(place.start, place.end);
  // "What is the selling price?", where something is paid down: that, and what is borrowed.
  const isOfPrice = seeksPrice(plan) && /(?<![a-z])(?:prices?|costs?|worth|value)(?![a-z])/.test(words);
  const ask: DraftAsk = {
    quantity: isOfPrice ? 'price' : sought,
    plan: 0,
    place,
    ...(sought === 'nominalRate' ? { args: { compoundingsPerYear: read.wanted ?? plan.paymentsPerYear } } : {}),
  };
  const asksAll = [...found, ask].sort((one, other) => one.place.start - other.place.start);
  const isSingle = unread ? page.unread.length === 1 : page.unread.length === 0 && last?.asks === true;
  const isAlone = found.length === 0 && page.sentences.filter(({ asks }) => asks).length === 1;
  // What the case is has to be told by more than a word that may mean anything.
  const isSure = plan.kind === 'lump-sum' || page.kinds.some(({ says, weight }) => says === plan.kind && weight >= 5);
  if (isSingle && agrees(words, plan.unknown, isAlone && isSure)) return { asks: asksAll, doubts: [], agreed: true };
  const says = `The question is not understood: it is taken to ask for what is missing, ${missingNames[plan.unknown]}.`;
  return { asks: asksAll, doubts: [doubt('asks', says)] };
}
