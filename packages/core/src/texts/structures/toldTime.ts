/** A time that a text tells by a mark of its own, or as "the first year", which has none. */

import type { Span } from '../flatText.ts';
import type { Page } from '../page.ts';
import type { Role } from '../reading.ts';
import { yearsOf } from '../tokens.ts';

export interface ToldTime {
  readonly token: number | undefined;
  readonly years: number;
}

/** @param token the number of its mark, as a pattern found it; nothing for "the first year" */
export const toldTime = (page: Page, token: string | undefined): ToldTime =>
  token === undefined ? { token: undefined, years: 1 } : { token: Number(token), years: yearsOf(page, Number(token)) };

/** Where it stands, if it has a mark. */
export const spansOfTime = (page: Page, { token }: ToldTime): Span[] =>
  token === undefined ? [] : [page.places[token]!];

/** What its mark is, if it has one. */
export const rolesOfTime = ({ token }: ToldTime): (readonly [number, Role])[] =>
  token === undefined ? [] : [[token, 'duration']];
