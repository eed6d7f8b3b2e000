/** "If the end date stays, what is the new payment? If the payment stays instead, how many remain?": one change, both ways. */

import { keepsEnd, keepsPayment } from '../changesOfText.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import { asAsked, momentOf, rangeOf } from '../placesInPlan.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import type { ReadChange, ReadPlan } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { paymentsAfterChange, stillToMake } from './stillToMake.ts';
import { readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

/** With the same end, with the same payment, with each, or as it was before the change. */
type Way = 'end' | 'payment' | 'each' | 'before';

const counts: ReadonlySet<string> = new Set(['payments', 'howLong', 'years', 'lastPayment']);

/** @returns nothing where not both the new payment and the number of old ones are asked, or nothing says that a payment stays */
export function readKeptEither(page: Page): DraftReading | undefined {
  if (!says(keepsPayment, page.flat)) return undefined;
  const placed = placeQuestions(page);
  const told = waysOf(page, placed);
  if (!told.includes('end') || !told.includes('payment')) return undefined;
  const sole = readPlan(page, { questions: placed.filter((_, at) => told[at] === 'before') });
  const { plan, read } = sole;
  const [change, more] = plan.changes;
  const isOne = change !== undefined && more === undefined && (change.kind === 'rate' || change.kind === 'extra');
  if (!isOne || plan.kind !== 'borrowing' || plan.payments === null || plan.payment !== null) return undefined;
  if (read.missing.length > 0 || (plan.unknown !== 'payment' && plan.unknown !== 'payments')) return undefined;
  const kept = { ...plan, unknown: 'payment' as const, changes: [keeping(change, 'payments')], name: 'same end' };
  const same = { ...kept, changes: [keeping(change, 'payment')], name: 'same payment' };
  const ways = placed.map((each, at): Way => (isByThen(each, kept, change.after) ? 'before' : told[at]!));
  const isThen = placed.map((each, at) => ways[at] === 'payment' && isStillToMake(page, each));
  const then = isThen.includes(true) ? paymentsAfterChange(same, same.changes[0]!) : undefined;
  const isWhole = placed.some((_, at) => ways[at] === 'each' || (ways[at] === 'payment' && !isThen[at]));
  const plans: readonly ReadPlan[] = [kept, ...(isWhole ? [same] : []), ...(then ? [then] : [])];
  const questions = placed.map((each, at): Owned => {
    if (isThen[at]) return { ...each, asked: 'payments', place: undefined, owner: plans.length - 1 };
    // "The payment if the term is kept" is the new one.
    const isNew = ways[at] === 'end' && each.asked === 'payment' && says(keepsEnd, wordsOf(page, each));
    const asked = isNew ? ('newPayment' as const) : each.asked;
    return { ...each, asked, owner: ways[at] === 'each' ? 'each' : ways[at] === 'payment' ? 1 : 0 };
  });
  const named = placed.flatMap(({ place }) => (place?.taken ?? []).map(({ token, role }) => [token, role] as const));
  const roles = new Map([...named, ...sole.roles]);
  const all = plans.map((each): SolePlan => ({ ...sole, plan: each, roles }));
  return readingOfPlans(page, all, questions, () => undefined);
}

/** Until the change both ways are one. */
function isByThen({ place }: PlacedQuestion, plan: ReadPlan, after: number): boolean {
  const asked = asAsked(plan, 0, undefined);
  const last = rangeOf(place, asked, {})?.to ?? momentOf(place, asked);
  return last !== undefined && last <= after;
}

/** Whether words stand in a text; they are looked for from its beginning each time. */
const says = (words: RegExp, text: string): boolean => text.search(words) >= 0;

const keeping = (change: ReadChange, keep: 'payments' | 'payment'): ReadChange => ({ ...change, keep }) as ReadChange;

const isStillToMake = (page: Page, each: PlacedQuestion): boolean =>
  (each.asked === 'payments' || each.asked === 'howLong') && stillToMake.test(wordsOf(page, each));

/** "If the payment stays the same, how many are saved?": what is supposed in front of the only question of its sentence. */
function supposedBefore(page: Page, each: PlacedQuestion, placed: readonly PlacedQuestion[]): string {
  const sentence = sentenceAt(page, each);
  const isOnly = placed.filter((other) => sentenceAt(page, other) === sentence).length === 1;
  const lead = sentence && isOnly ? page.flat.slice(sentence.start, each.start) : '';
  return /^\W*(?:⟨l\d+⟩\W*|\([a-h]\) )?(?:and )?(?:if|when|should|suppose)(?![a-z])/.test(lead) ? lead : '';
}

/** By its own words, by a part that it names, by what is asked, or as the question before it. */
function waysOf(page: Page, placed: readonly PlacedQuestion[]): Way[] {
  const ways: Way[] = [];
  for (const each of placed) {
    const words = `${supposedBefore(page, each, placed)} ${wordsOf(page, each)}`;
    const [ends, pays] = [says(keepsEnd, words), says(keepsPayment, words)];
    const told = ends === pays ? undefined : ends ? 'end' : 'payment';
    const meant = each.asked === 'newPayment' ? 'end' : counts.has(each.asked) ? 'payment' : undefined;
    const named = partNamed(page, each, placed);
    ways.push(
      /(?<![a-z])(?:each|either|both) (?:way|case)s?(?![a-z])/.test(words)
        ? 'each'
        : ((named === undefined ? told : ways[named]) ?? meant ?? ways.at(-1) ?? 'before'),
    );
  }
  return ways;
}

/** "How much interest is saved under (a)?": the place of the question that is called so. */
function partNamed({ flat }: Page, { unit }: PlacedQuestion, placed: readonly PlacedQuestion[]): number | undefined {
  // A letter begins the next piece.
  const said = flat.slice(unit.start, unit.end + 2);
  const named = /(?<![a-z])(?:under|in|of|with)(?: case| part| way)? \(([a-h])\)/.exec(said)?.[1];
  if (named === undefined) return undefined;
  const label = new RegExp(`(?<![a-z])${named}\\)\\W*$`);
  const at = placed.findIndex((each) => label.test(flat.slice(0, each.start)));
  return at < 0 ? undefined : at;
}
