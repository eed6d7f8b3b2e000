/** For how long: which times are the plan's term, which are moments that a question names, and where a term is told elsewhere. */

import type { Ages } from './ages.ts';
import { growthIn } from './growth.ts';
import type { Asked } from './lexicon/questions/index.ts';
import type { Page } from './page.ts';
import { momentOf } from './placesInPlan.ts';
import type { PlacedQuestion } from './placedQuestions.ts';
import type { ReadPlan, Role } from './reading.ts';
import type { Terms } from './terms.ts';
import { yearsOf } from './tokens.ts';

/** Whether the text says for how long, besides the moments it asks about; or asks how long, with everything else said. */
export function tellsTerm(
  page: Page,
  terms: Terms,
  moments: readonly PlacedQuestion[],
  asked: ReadonlySet<Asked>,
): boolean {
  const { money, rate, times, counts } = terms;
  const isAsked = (['payments', 'years', 'howLong', 'lastPayment'] as const).some((each) => asked.has(each));
  // "What is it worth in 10 years? How many years until it has doubled?"
  const isLed = money.payment !== undefined || growthIn(page) !== undefined;
  const isPaid = isLed && (money.amount ?? money.price) !== undefined;
  const isMoment = (at: number): boolean =>
    moments.some(({ place }) => place?.taken.some(({ token }) => token === at) ?? false);
  return (isAsked && isPaid && rate.token !== undefined) || [...times, ...counts].some((at) => !isMoment(at));
}

/** "What is it after six years? After twelve?": the latest is the term. */
export function allButLatest(page: Page, moments: readonly PlacedQuestion[]): PlacedQuestion[] {
  const yearsAt = ({ place }: PlacedQuestion): number => place?.afterYears ?? 0;
  const latest = Math.max(...moments.map(yearsAt));
  return moments.filter((each) => yearsAt(each) > 0 && yearsAt(each) < latest && page.questions.length > 1);
}

/** "Three years later": its number alone is no moment. */
export const isMoved = (page: Page, { place }: PlacedQuestion): boolean =>
  place?.afterYears !== undefined &&
  place.taken.some(({ token }) => page.tokens[token]?.form === 'time' && yearsOf(page, token) !== place.afterYears);

/** A moment before the term is over. */
export function isOnTheWay(page: Page, { place }: PlacedQuestion, { times, paymentsPerYear }: Terms): boolean {
  const years = place?.afterYears ?? (place?.after === undefined ? undefined : place.after / paymentsPerYear);
  return years !== undefined && times.some((at) => yearsOf(page, at) > years + 1e-9);
}

/**
 * How many payments there are, where neither a count nor a time says so.
 *
 * @param ages that tell the time of this plan, if any do
 * @param roles takes the numbers that tell it
 */
export function countedElsewhere(
  ages: Ages | undefined,
  questions: readonly PlacedQuestion[],
  terms: Terms,
  roles: Map<number, Role>,
): number | undefined {
  for (const at of ages?.tokens ?? []) roles.set(at, 'duration');
  if (!ages) return countFromQuestion(questions, terms);
  // Where the text does not tell, the last birthday's payment is taken, and asked for.
  const isPaidOnLast = ages.onLast === 'paid' || (ages.onLast === 'unsaid' && terms.paymentsPerYear === 1);
  return ages.years * terms.paymentsPerYear + (isPaidOnLast ? 1 : 0);
}

/** Where only balances are asked, the latest is that of the last payment. */
function countFromQuestion(questions: readonly PlacedQuestion[], { paymentsPerYear }: Terms): number | undefined {
  if (questions.some(({ asked }) => asked === 'payments' || asked === 'years' || asked === 'howLong')) return undefined;
  const moments = questions.flatMap(({ asked, place }) => {
    const isMoment = asked === 'balance' || asked === 'finalAmount';
    const k = isMoment && momentOf(place, { plan: { paymentsPerYear } as ReadPlan, index: 0, wanted: undefined });
    return typeof k === 'number' ? [k] : [];
  });
  const latest = Math.max(...moments);
  // What is looked at later makes it no end.
  const isLater = questions.some(({ place }) => (place?.to ?? (place?.toYear ?? 0) * paymentsPerYear) > latest);
  return moments.length > 0 && !isLater ? latest : undefined;
}
