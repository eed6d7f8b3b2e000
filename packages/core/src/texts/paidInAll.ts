/** What all payments come to, where it is told: their size, their number or the loan follows from it. */

import { roundTo } from '../money/roundMoney.ts';
import { numberOf } from './amountOfTerms.ts';
import type { Page } from './page.ts';
import type { Role } from './reading.ts';
import type { Terms } from './terms.ts';

/** What all payments come to: told as that, or a price on credit without what is paid down. */
export function paidInAll(page: Page, terms: Terms, roles: Map<number, Role>, paidDown = 0): number | null {
  const price = numberOf(page, terms, roles, 'creditPrice');
  return numberOf(page, terms, roles, 'repaid') ?? (price === null ? null : price - paidDown);
}

/** How many equal payments come to so much, where their number is whole. */
export function timesPaid(paid: number | null, payment: number | null): number | undefined {
  if (paid === null || payment === null) return undefined;
  const times = roundTo(paid / payment, 4);
  return Number.isInteger(times) ? times : undefined;
}

/** So many equal payments come to so much. */
export const sharedOut = (paid: number | null, payments: number | undefined): number | null =>
  paid === null || payments === undefined ? null : paid / payments;

/** What is paid beyond the loan is interest, and beyond the interest the loan. */
export const beyond = (paid: number | null, lent: number | null): number | null =>
  paid === null || lent === null ? null : roundTo(paid - lent, 2);
