/** What a doubtful text could be meant to say: read as another kind, or with one number in another place, until everything fits. */

import { choice, doubt, kindNames, roleNames } from './doubts.ts';
import type { Page } from './page.ts';
import type { ProblemReading, ReadDoubt, ReadKind, ReadPlan } from './reading.ts';
import { settledSigns, type Settled, type SettledRole } from './settled.ts';

/** One thing settled that the text leaves open, and the doubt that stays. */
interface Otherwise {
  readonly settled: Settled;
  /** The doubt in words; nothing where what was settled plays no part in the reading. */
  readonly says: (read: ProblemReading) => string | undefined;
}

/** As many are tried, the likeliest first. */
const MOST = 14;

/**
 * @param read reads a page to the end
 * @returns the first reading in which everything fits, with the doubt whether it is meant so; the one given where none does
 */
export function readOtherwise(
  page: Page,
  reading: ProblemReading,
  read: (page: Page) => ProblemReading,
): ProblemReading {
  if (!isOpen(reading) || isByHand(page.settled)) return reading;
  for (const { settled, says } of otherwise(page, reading).slice(0, MOST)) {
    const all = { ...page.settled, ...settled };
    const other = read({ ...page, settled: all, signs: settledSigns(page.signs, page.tokens, settled) });
    const said = fits(other) && other.asks.length >= reading.asks.length ? says(other) : undefined;
    if (said) return { ...other, doubts: [taken(said, settled, reading.doubts)] };
  }
  return reading;
}

/**
 * Something is missing, or has no place: what is asked in words that are not understood is no matter of its numbers, nor is
 * how often a loan is repaid.
 */
const isOpen = ({ doubts, plans }: ProblemReading): boolean =>
  doubts.length > 0 &&
  doubts.every(({ about }) => !['asks', 'rate', 'timing', 'compounding', 'after'].includes(about)) &&
  !(plans[0]?.kind === 'borrowing' && doubts.some(({ about }) => about === 'frequency'));

const isByHand = ({ values: _, marks: __, ...rest }: Settled): boolean => Object.keys(rest).length > 0;

const fits = ({ asks, doubts, plans }: ProblemReading): boolean =>
  plans.length > 0 && doubts.length === 0 && asks.length > 0 && asks.every(({ answers }) => answers.length > 0);

/** The doubt in words, with what is taken as its first choice, and what was open before behind it. */
function taken(says: string, { kind, roles = {} }: Settled, open: readonly ReadDoubt[]): ReadDoubt {
  const sets: Record<string, string> = kind
    ? { kind }
    : Object.fromEntries(Object.entries(roles).map(([at, role]) => [`role@${at}`, role]));
  // What was read first is not right as it is.
  const others = open
    .flatMap(({ choices }) => choices)
    .filter((each) => !isSame(each.sets, sets) && each.sets['asRead'] === undefined);
  return doubt('text', says, [choice('It is right as it is', sets), ...others]);
}

const isSame = (one: Readonly<Record<string, string>>, other: Readonly<Record<string, string>>): boolean =>
  Object.keys(one).length === Object.keys(other).length && Object.keys(one).every((key) => one[key] === other[key]);

function otherwise(page: Page, { plans: [plan, more] }: ProblemReading): Otherwise[] {
  return [...(plan && !more ? ofOtherKind(page, plan) : []), ...inOtherPlaces(page)];
}

const unlike: Readonly<Partial<Record<ReadKind, readonly ReadKind[]>>> = {
  borrowing: ['saving', 'lump-sum'],
  saving: ['drawing-down', 'borrowing', 'lump-sum'],
  'drawing-down': ['saving', 'lump-sum'],
  'lump-sum': ['saving', 'borrowing'],
};

/** The kinds of which the words say hardly less than of the one that is read. */
function ofOtherKind(page: Page, { kind }: ReadPlan): Otherwise[] {
  // What is paid so often is no single sum.
  const isPaid = page.periods.some(({ use }) => use === 'frequency');
  const said = (each: ReadKind): number =>
    Math.max(0, ...page.kinds.flatMap(({ says, weight }) => (says === each ? [weight] : [])));
  return (unlike[kind] ?? [])
    .filter((each) => !(isPaid && each === 'lump-sum') && !(each === 'borrowing' && said(each) === 0))
    .filter((each) => said(kind) - said(each) < MOST_LESS)
    .map((each) => ({
      settled: { kind: each },
      says: () => `Only as ${kindNames[each]} does everything fit. Is that meant?`,
    }));
}

/** What else the words say of a number, the closest to what they say most first; a sum of which they say nothing may be the price. */
function inOtherPlaces(page: Page): Otherwise[] {
  const found = page.tokens.flatMap(({ form, start }, at) => {
    if (form !== 'money' && form !== 'percent' && form !== 'count') return [];
    const [first, ...others] = page.signs[at] ?? [];
    if (!first) return form === 'money' ? [{ less: MOST_LESS, settled: { roles: { [start]: 'price' as const } } }] : [];
    return others.flatMap(({ role, weight }) => {
      const less = first.weight - weight;
      const isLikely = weight >= LEAST && less <= MOST_LESS && role in roleNames;
      return isLikely ? [{ less, settled: { roles: { [start]: role as SettledRole } } }] : [];
    });
  });
  return found
    .sort((one, other) => one.less - other.less)
    .map(({ settled }) => ({ settled, says: (reading) => inItsPlace(reading, Number(Object.keys(settled.roles)[0])) }));
}

/** The doubt about a number in the place that the reading has for it. @param start where it begins in the text */
function inItsPlace({ uses }: ProblemReading, start: number): string | undefined {
  const use = uses.find((each) => each.start === start);
  return use && `Only with ${use.quote} as ${roleNames[use.role]} does everything fit. Is that meant?`;
}

/** How much words must say of a number, that it is tried so, and how much less than of what they say most. */
const LEAST = 5;
const MOST_LESS = 6;
