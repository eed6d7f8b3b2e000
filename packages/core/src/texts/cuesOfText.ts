/** The words that decided something, as the reading says them. */

import type { DraftReading } from './draftReading.ts';
import { originOf, type Span } from './flatText.ts';
import type { Page } from './page.ts';
import type { ReadCue } from './reading.ts';

/** Each span once for what it says; the longest where one holds another that says the same. */
export function cuesOfText(page: Page, { plans, asks }: Pick<DraftReading, 'plans' | 'asks'>): ReadCue[] {
  const kinds = new Set(plans.map(({ kind }) => kind));
  const timings = new Set(plans.map(({ timing }) => timing));
  const found: { span: Span; says: string }[] = [
    ...page.kinds.filter(({ says }) => kinds.has(says)).map((span) => ({ span, says: `kind=${span.says}` })),
    ...page.timings.filter(({ says }) => timings.has(says)).map((span) => ({ span, says: `timing=${span.says}` })),
    ...page.quotings.map((span) => ({ span, says: `quoted=${span.says}` })),
    ...page.periods.flatMap((period) => {
      const says =
        period.use === 'rate' ? (period.perYear === 1 ? '' : 'quoted=per-period') : `${period.use}=${period.perYear}`;
      return says === '' ? [] : [{ span: period, says }];
    }),
    ...asks.map(({ quantity, place, plan }) => ({
      span: place,
      says: `${plan !== null && plans[plan]?.unknown === quantity ? 'unknown' : 'asks'}=${quantity}`,
    })),
  ];
  // What is settled by hand has no words of its own.
  const told = found.filter(({ span }) => span.end > span.start);
  const isHeld = (at: number): boolean => {
    const { span, says } = told[at]!;
    return told.some((other, index) => {
      const holds = index !== at && other.says === says && other.span.start <= span.start && other.span.end >= span.end;
      const isSame = other.span.start === span.start && other.span.end === span.end;
      return holds && (!isSame || index < at);
    });
  };
  const kept = told.filter((_, at) => !isHeld(at));
  return kept
    .map(({ span, says }) => ({ ...trimmed(page.text, originOf(page, span)), says }))
    .map(({ start, end, says }) => ({ quote: page.text.slice(start, end), start, says }))
    .filter(({ quote }) => quote !== '')
    .sort((one, other) => one.start - other.start);
}

/** Without blanks and commas at its ends. */
function trimmed(text: string, { start, end }: Span): Span {
  const quote = text.slice(start, end);
  const before = /^[\s,;:(]*/.exec(quote)?.[0].length ?? 0;
  const after = /[\s,;:)]*$/.exec(quote)?.[0].length ?? 0;
  return { start: start + before, end: Math.max(start + before, end - after) };
}
