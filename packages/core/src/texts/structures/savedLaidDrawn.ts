/** "She saves for 15 years, leaves it for five, and draws it down over ten": three stages, of which the second only grows. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { Page } from '../page.ts';
import type { ReadPlan } from '../reading.ts';
import { groupFound } from '../pattern.ts';
import { yearsOf } from '../tokens.ts';
import { readPhases } from './phases.ts';

const lies =
  /(?:then |thereafter |afterwards |after that )?(?:stays?|remains?|lies?|is left|is kept|leaves? (?:it|the (?:money|fund|sum|savings))|lets? (?:it|the (?:money|fund|sum|savings))(?: [a-z]+)?)(?: [a-z]+){0,4} for (?:another |a further |the (?:next|following) )?⟨t(\d+)⟩(?: more)?(?: at the same rate| at that rate| untouched)?,?|(?:touch(?:es|ed)?|adds?|added) (?:nothing|neither)[^.;?!⟨]{0,30} for (?:another |a further )?⟨t(\d+)⟩/;

/** The page as if the clause between the two were not there. */
const without = (page: Page, token: number, { start, end }: Span): Page => {
  const isOutside = (each: Span): boolean => each.start < start || each.start >= end;
  return {
    ...page,
    signs: page.signs.map((each, at) => (at === token ? [{ role: 'ignored', weight: 99, start, end }] : each)),
    tokens: page.tokens.map((each, at) => (at === token ? { ...each, form: 'calendar' } : each)),
    kinds: page.kinds.filter(isOutside),
  };
};

/** @returns nothing where nothing lies still between saving and drawing down */
export function readSavedLaidDrawn(page: Page): DraftReading | undefined {
  const found = lies.exec(page.flat);
  const token = Number(groupFound(found) ?? NaN);
  if (!found || !(token >= 0)) return undefined;
  const both = readPhases(without(page, token, { start: found.index, end: found.index + found[0].length }));
  const [saved, drawn, third] = both?.plans ?? [];
  if (!both || third || saved?.kind !== 'saving' || drawn?.kind !== 'drawing-down' || both.doubts.length > 0)
    return undefined;
  // Where the sum at the start of drawing is sought first, what lies still is counted backwards: no plan of ours.
  if (saved.payment === null || !saved.rate) return undefined;
  const perYear = saved.rate.compoundingsPerYear ?? 1;
  const between: ReadPlan = {
    ...saved,
    kind: 'lump-sum',
    name: 'lying',
    amount: null,
    paymentsPerYear: perYear,
    payments: wholeNumber(yearsOf(page, token) * perYear),
    payment: 0,
    timing: 'end',
    finalAmount: null,
    unknown: 'finalAmount',
    links: [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount' }],
  };
  const moved = (drawn.links ?? []).map((link) => ({ ...link, fromPlan: 1 }));
  const last = (plan: number | null): number | null => (plan === 1 ? 2 : plan);
  const isAcross = both.asks.some(({ plan }) => plan === null);
  if (isAcross) return undefined;
  return {
    ...both,
    plans: [saved, between, { ...drawn, links: moved }],
    wanted: [both.wanted[0], undefined, both.wanted[1]],
    asks: both.asks.map((ask) => ({ ...ask, plan: last(ask.plan) })),
    roles: new Map([
      ...[...both.roles].map(([at, each]) => [at, each.plan === 1 ? { ...each, plan: 2 } : each] as const),
      [token, { role: 'duration' as const, plan: 1 }],
    ]),
  };
}
