/** A moment of change that is counted from the end: "with 36 payments still to be made". */

import type { Moment } from './changeRead.ts';
import type { Span } from './flatText.ts';
import { tokenAt, type Page } from './page.ts';
import { wholeNumber } from './paymentCounts.ts';
import { yearsOf } from './tokens.ts';

const leftToMake =
  /(?:with|when|once|at the time when) (?:there are )?⟨([nt])(\d+)⟩ (?:of (?:the |its |her |his |their )?⟨([nt])\d+⟩ )?(?:(?:⟨e\d+⟩(?:-end)? )?payments )?(?:are )?(?:still |yet )?(?:to (?:be made|make|go|come|run)|left|remaining|outstanding|remain)(?![a-z])/;

/** "With 36 payments still to be made the rate is cut": counted from the end. */
export function whenLeft(page: Page, within: Span): Moment | undefined {
  const found = leftToMake.exec(page.flat.slice(within.start, within.end));
  const token = Number(found?.[2]);
  if (!found) return undefined;
  const taken = [{ token, role: 'after' as const }];
  const terms = page.signs.flatMap(([sign], at) =>
    at !== token && (sign?.role === 'duration' || sign?.role === 'payments') ? [at] : [],
  );
  const often = (page.periods.find(({ use }) => use === 'frequency') ?? page.periods[0])?.perYear ?? NaN;
  const counts = terms.flatMap((at) => (page.tokens[at]?.form === 'count' ? [tokenAt(page, at).value] : []));
  const years = Math.max(0, ...terms.map((at) => (page.tokens[at]?.form === 'time' ? yearsOf(page, at) : 0)));
  // "two years", "2 of the 5 years"
  if (found[1] === 't' || found[3] === 't') {
    const left = found[1] === 't' ? yearsOf(page, token) : tokenAt(page, token).value;
    const whole = years > 0 || counts.length === 0 ? years : Math.max(...counts) / often;
    return whole > left ? { afterYears: whole - left, taken } : undefined;
  }
  const timed = wholeNumber(years * often);
  const after = Math.max(...counts, ...(timed > 0 ? [timed] : [])) - tokenAt(page, token).value;
  return after > 0 ? { after, taken } : undefined;
}
