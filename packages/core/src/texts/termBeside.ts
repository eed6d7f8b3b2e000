/** A term that stands beside a change is no moment of it: "on a loan for 12 years, 10,000 is paid with the 60th payment". */

import { tokenAt, type Page } from './page.ts';

export const isTermLike = (page: Page, at: number): boolean =>
  page.signs[at]?.some(({ role, weight }) => (role === 'duration' && weight >= 7) || role === 'payments') ?? false;

/** "with the 60th payment" */
const isAtPayment = ({ flat, places }: Page, at: number): boolean =>
  /(?<![a-z])(?:with|after|on|at) the $/.test(flat.slice(0, places[at]!.start)) &&
  /^ (?:⟨e\d+⟩ )?payment/.test(flat.slice(places[at]!.end));

/**
 * @param found the numbers that may tell the moment
 * @param at one of them
 */
export const isTermBeside = (page: Page, found: readonly { readonly at: number }[], at: number): boolean =>
  isTermLike(page, at) &&
  /(?<![a-z])(?:for|over) $/.test(page.flat.slice(0, page.places[at]!.start)) &&
  found.some((each) => tokenAt(page, each.at).form === 'nth' && isAtPayment(page, each.at));
