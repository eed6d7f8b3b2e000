/** A time that a text tells by a mark of its own, or as "the first year", which has none. */

import type { Span } from '../flatText.ts';
import { tokenAt, type Page } from '../page.ts';
import type { Role } from '../reading.ts';
import { yearsOf } from '../tokens.ts';

export interface ToldTime {
  readonly token: number | undefined;
  readonly years: number;
}

/** @param token the number of its mark, as a pattern found it; nothing for "the first year" */
export function toldTime(page: Page, token: string | undefined): ToldTime {
  if (token === undefined) return { token: undefined, years: 1 };
  const at = Number(token);
  const { form, value } = tokenAt(page, at);
  if (form !== 'nth') return { token: at, years: yearsOf(page, at) };
  // "the end of the 25th month"
  const [, unit = ''] = /^ (month|quarter|half-year|year)/.exec(page.flat.slice(page.places[at]!.end)) ?? [];
  return { token: at, years: value * (lengths[unit] ?? NaN) };
}

/** How long a period is, in years. */
export const lengths: Readonly<Record<string, number>> = { month: 1 / 12, quarter: 1 / 4, 'half-year': 1 / 2, year: 1 };

/** Where it stands, if it has a mark. */
export const spansOfTime = (page: Page, { token }: ToldTime): Span[] =>
  token === undefined ? [] : [page.places[token]!];

/** What its mark is, if it has one. */
export const rolesOfTime = ({ token }: ToldTime): (readonly [number, Role])[] =>
  token === undefined ? [] : [[token, 'duration']];
