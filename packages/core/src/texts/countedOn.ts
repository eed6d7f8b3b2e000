/** How many payments there are where a text tells the times before and behind a change. */

import type { ChangeRead } from './changeRead.ts';
import { isMore, isThenFor } from './momentOfChange.ts';
import { paymentAfter, wholeNumber } from './paymentCounts.ts';
import { sentenceAt, type Page } from './page.ts';
import type { PlanRead } from './planOfTerms.ts';
import { yearsOf } from './tokens.ts';

/** "4,000 now and each year for nine more years": the first comes before the nine. */
const isNowAndMore = ({ flat, text, tokens }: Page): boolean => {
  const [, next, token] =
    /(?:now|today|at once|immediately),? and (?:then |again )?⟨e\d+⟩ (?:for|over|during) (the next |another )?⟨t(\d+)⟩/.exec(
      flat,
    ) ?? [];
  const told = tokens[Number(token ?? -1)];
  return told !== undefined && (next !== undefined || / (?:more|further) /.test(text.slice(told.start, told.end)));
};

/** "After five years she raises it, and goes on for another five": the term is both. */
export function countedOn(page: Page, changes: readonly ChangeRead[], { plan, roles }: PlanRead): number | null {
  const [first] = changes;
  if (!first && plan.payments !== null && plan.timing === 'beginning' && isNowAndMore(page)) return plan.payments + 1;
  const tellsTwo =
    page.tokens.filter(({ form }, at) => form === 'time' && !sentenceAt(page, page.places[at]!)?.asks).length === 2;
  const goesOn = [...roles].some(([at, role]) => {
    const { start, end } = page.places[at]!;
    const [before, behind] = [page.flat.slice(0, start), page.flat.slice(end)];
    const isNext =
      /(?:another|further|(?:(?:goes|going|carries|went) on|continues?|keeps(?: on)?)(?: depositing| saving| paying| to (?:save|pay|deposit))? for|(?:for|during|in|over) the (?:next|following)) $/.test(
        before,
      ) || /^ (?:more(?![a-z])|(?:after|behind) (?:that|these|this|them)(?![a-z]))/.test(behind);
    // "… for the first six years, for the last four years 140."
    const isLast =
      /(?:for|during|in|over) the (?:last|remaining|other) $/.test(before) && first?.kind === 'new payment' && tellsTwo;
    // "400 for six years, then 250 for four years"
    const isThen =
      first?.kind === 'new payment' &&
      /(?:then|after that|afterwards|thereafter|followed by)[^.?!⟨]{0,40} ⟨m\d+⟩[^.?!]{0,50} for $/.test(before) &&
      tellsTwo;
    // "… is moved to an account at 4.8 %, where it stays for five years"
    const isThere =
      first?.kind === 'rate' && /where (?:it|they) (?:then )?(?:stays?|remains?|lies?) for $/.test(before);
    return (
      (role === 'duration' || (role === 'payments' && first?.kind === 'new payment')) &&
      (isNext || isLast || isThen || isThere || isMore(page, at) || isThenFor(page, first?.token ?? -1, at))
    );
  });
  const more = changes.flatMap(({ taken }) => taken.map(({ token }) => token)).find((token) => isMore(page, token));
  const made = first && paymentAfter(first, plan.paymentsPerYear);
  if (made === undefined || !(goesOn || more !== undefined) || plan.payments === null) return plan.payments;
  // "4.2 % for six years. Then it drops to 3 % while the deposits go on for four more years."
  const behind = more === undefined ? undefined : wholeNumber(yearsOf(page, more) * plan.paymentsPerYear);
  return (behind ?? plan.payments) + made;
}
