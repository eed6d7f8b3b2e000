/** "24 payments, the first twelve of 200, the last twelve of 350: what was lent?": payments of two sizes, and the sum they are worth. */

import { roundTo } from '../../money/roundMoney.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { paymentsTold } from '../paymentCounts.ts';
import type { ReadPlan, Role } from '../reading.ts';
import { without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf } from './severalPlans.ts';

const words = '(?:[^.;?!⟨]|⟨[ea]\\d+⟩){0,48}?';
const of = '(?:of|at|are|being|were|come to|amount to)';
const over = '(?:for|in|during|over) (?:the |his |her |their |another )?';
const next = '(?:second|next|following|last|remaining|other|final|further|later)';
const then = '(?:[,;] ?(?:and )?(?:then )?|[,;]? (?:and|then|followed by)(?: then)?,? )';

/** Size and number of the first payments, and of those behind them. */
const twoSizes: readonly RegExp[] = [
  // "the first twelve of 200, the last twelve of 350"
  new RegExp(
    `first ⟨n(?<many>\\d+)⟩ (?:(?:[a-z]+|⟨e\\d+⟩) )*?${of} ⟨m(?<one>\\d+)⟩(?: each)?${then}(?:the )?${next} (?:⟨n(?<more>\\d+)⟩ )?(?:(?:[a-z]+|⟨e\\d+⟩) )*?${of} ⟨m(?<other>\\d+)⟩`,
  ),
  // "The first 20 payments are 1,500 each, the others 1,000 each."
  new RegExp(
    `first ⟨n(?<many>\\d+)⟩ (?:(?:[a-z]+|⟨e\\d+⟩) )*?${of} ⟨m(?<one>\\d+)⟩(?: each)?${then}(?:the )?(?:others|rest(?: of them)?|remaining ones|later ones|remainder),? (?:${of} )?⟨m(?<other>\\d+)⟩`,
  ),
  // "twelve payments of 200 and then twelve of 350"
  new RegExp(
    `⟨n(?<many>\\d+)⟩ (?:(?:[a-z-]+|⟨e\\d+⟩(?:-end)?) )*?(?:payments?|instal?ments|rents|rentals) of ⟨m(?<one>\\d+)⟩(?: each)?${words}${then}(?:by )?(?:a further |another |the )?⟨n(?<more>\\d+)⟩ (?:(?:[a-z]+|⟨e\\d+⟩) )*?of ⟨m(?<other>\\d+)⟩`,
  ),
  // "30 payments of 410 and a last one of 250"
  new RegExp(
    `⟨n(?<many>\\d+)⟩ (?:(?:[a-z-]+|⟨e\\d+⟩(?:-end)?) )*?(?:payments?|instal?ments)(?: at the (?:end|beginning|start) of (?:⟨e\\d+⟩|the (?:month|quarter|year)))? of ⟨m(?<one>\\d+)⟩(?: each)?,? and (?:then )?(?:by )?(?:a|one) (?<single>smaller |last |final )+(?:smaller |last |final |odd |one |payment |instal?ment )*of ⟨m(?<other>\\d+)⟩(?! (?:together |along )?with)`,
  ),
  // "200 a month in the first year and 350 a month in the second"
  new RegExp(
    `⟨m(?<one>\\d+)⟩ ${words}${over}(?:first )?(?:⟨t(?<many>\\d+)⟩|year)${then}${words}⟨m(?<other>\\d+)⟩ ${words}${over}(?:${next} |the ⟨o\\d+⟩ )?(?:⟨t(?<more>\\d+)⟩|year|(?:second|⟨o\\d+⟩)(?= ?[.,;?]))`,
  ),
  // "for 12 years 5,000 …; for the following 8 years 8,000"
  new RegExp(
    `for ⟨t(?<many>\\d+)⟩,? ${words}⟨m(?<one>\\d+)⟩(?: each| ⟨[ea]\\d+⟩)*[;.,] ?${words}for (?:the |another )?${next} ⟨t(?<more>\\d+)⟩,? ${words}⟨m(?<other>\\d+)⟩`,
  ),
];

interface Sizes {
  readonly one: number;
  readonly other: number;
  /** Tokens of a number or a time; nothing for "the first year", or for as many as before. */
  readonly many: number | undefined;
  readonly more: number | undefined;
  /** Behind the first there is only one. */
  readonly isSingle: boolean;
}

function sizesIn({ flat }: Page): Sizes | undefined {
  for (const each of twoSizes) {
    const { one, other, many, more, single } = each.exec(flat)?.groups ?? {};
    const token = (at: string | undefined): number | undefined => (at === undefined ? undefined : Number(at));
    if (one !== undefined && other !== undefined)
      return {
        one: Number(one),
        other: Number(other),
        many: token(many),
        more: token(more),
        isSingle: single !== undefined,
      };
  }
  return undefined;
}

/** @returns nothing where one size is told, or something else than the sum is asked */
export function readTwoSizes(page: Page): DraftReading | undefined {
  const sizes = sizesIn(page);
  // "What was the debt?"
  const questions = ownedQuestions(page, () => 0).map((each) =>
    each.asked === 'balance' && /(?<![a-z])what was (?:the|her|his|their) (?:debt|loan)\W*$/.test(wordsOf(page, each))
      ? { ...each, asked: 'amount' as const, place: undefined }
      : each,
  );
  if (!sizes || !questions.some(({ asked }) => asked === 'amount')) return undefined;
  const { one, other, many, more, isSingle } = sizes;
  const told = [other, many, more].filter((each) => each !== undefined);
  const sole = readPlan(page, {
    scope: without(...told.map((each) => page.places[each]!)),
    questions: questionsOf(questions, 0),
  });
  const { plan } = sole;
  const [payment, later] = [one, other].map((each) => tokenAt(page, each).value);
  const isOpen = plan.amount === null && plan.payment === payment && plan.rate !== null && plan.changes.length === 0;
  if (
    !isOpen ||
    payment === undefined ||
    later === undefined ||
    (plan.kind !== 'borrowing' && plan.kind !== 'drawing-down')
  )
    return undefined;
  const count = (at: number | undefined): number =>
    at === undefined ? plan.paymentsPerYear : paymentsTold(page, at, plan.paymentsPerYear);
  const first = count(many);
  const second = isSingle
    ? 1
    : more === undefined && many !== undefined && tokenAt(page, many).form === 'count'
      ? (plan.payments ?? NaN) - first
      : count(more);
  // All of them are told as well: then there are as many.
  const isClash = plan.payments !== null && plan.payments !== first + second;
  if (!(first > 0) || !(second > 0) || isClash) return undefined;
  const whole: ReadPlan = {
    ...plan,
    payments: first + second,
    unknown: 'amount',
    changes: [{ kind: 'payment', after: first, by: roundTo(later - payment, 2), to: later }],
  };
  const roleOf = (at: number): Role => (tokenAt(page, at).form === 'time' ? 'duration' : 'payments');
  const roles = new Map([
    ...sole.roles,
    [other, 'paymentRise'] as const,
    ...[many, more].flatMap((at) => (at === undefined ? [] : [[at, roleOf(at)] as const])),
  ]);
  return readingOfPlans(
    page,
    [{ ...sole, plan: whole, read: { ...sole.read, missing: [] }, roles }],
    questions,
    () => undefined,
  );
}
