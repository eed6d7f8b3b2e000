/** Where in its plan a question looks, and how a record of words that say so is made. */

import { pattern } from '../pattern.ts';
import type { ReadArgs } from '../reading.ts';

/** Where in the plan a question looks; counts are payments, times are in years. */
export interface AskedPlace {
  readonly after?: number;
  readonly afterYears?: number;
  readonly from?: number;
  readonly to?: number;
  /** The years, counted from 1. */
  readonly fromYear?: number;
  readonly toYear?: number;
  /** The last so many years. */
  readonly lastYears?: number;
  readonly lastPayments?: number;
  /** From there to the end. */
  readonly toEnd?: true;
  /** So many years before the end. */
  readonly leftYears?: number;
  /** The first or the last payment of this year. */
  readonly firstInYear?: number;
  readonly lastInYear?: number;
  /** So many payments before the end. */
  readonly leftPayments?: number;
  /** When this part of the term is over. */
  readonly part?: number;
  /** Half of the term. */
  readonly half?: 'first' | 'second';
  /** The last payment. */
  readonly isLast?: boolean;
  /** "those five years", "in them", "when the rate changes": as the question before, or the change, says. */
  readonly same?: boolean;
  /** "by then": all until what was looked at before. */
  readonly isUntil?: boolean;
  /** "Of that payment": the one that the question before names. */
  readonly isThat?: boolean;
  /** The payment behind the one that was looked at before. */
  readonly isNext?: boolean;
  /** "The following year", "the next 12 payments": so many behind what was looked at before. */
  readonly nextYears?: number;
  readonly nextPayments?: number;
  readonly atChange?: boolean;
  readonly moment?: NonNullable<ReadArgs['moment']>;
  /** The numbers that are taken, with what each is. */
  readonly taken: readonly { readonly token: number; readonly role: 'after' | 'from' | 'to' | 'yearIndex' }[];
}

export interface PlaceRecord {
  readonly words: RegExp;
  readonly read: (numbers: readonly number[], years: readonly number[]) => Omit<AskedPlace, 'taken'>;
  readonly roles: readonly ('after' | 'from' | 'to' | 'yearIndex')[];
}

export const place = (words: string, roles: PlaceRecord['roles'], read: PlaceRecord['read']): PlaceRecord => ({
  words: pattern(words),
  roles,
  read,
});
