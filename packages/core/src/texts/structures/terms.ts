/** The same over two times: "three years or five?" */

import type { DraftReading } from '../draftReading.ts';
import type { Page } from '../page.ts';
import { readTwo } from './offers.ts';

export function readTwoTerms(page: Page): DraftReading | undefined {
  const compares = page.questions.some(({ asked }) => asked === 'difference' || asked === 'choice');
  const each = /(?:^|[^a-z])(?:each|both|either|compare)(?![a-z])/.test(page.flat);
  const rates = page.tokens.filter(
    ({ form }, at) => form === 'percent' && page.signs[at]?.[0]?.role !== 'downPaymentRate',
  ).length;
  if ((!compares && !each) || rates !== 1) return undefined;
  const times = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && page.signs[at]?.[0]?.role !== 'ignored' ? [at] : [],
  );
  for (const [index, one] of times.entries()) {
    const other = times[index + 1];
    if (other === undefined) continue;
    const [first, second] = [page.places[one]!, page.places[other]!];
    const between = page.flat.slice(first.end, second.start);
    if (
      !/(?:^|[\s,])(?:or|versus|rather than|instead of|compared with|against|and|than|with (?:that|those) of|with (?:⟨e\d+⟩ )?payments|loan with an?)(?:[\s]|$)/.test(
        between,
      ) ||
      between.length > 90 ||
      /[.?!]/.test(between)
    )
      continue;
    if (page.tokens[one]!.value === page.tokens[other]!.value) continue;
    // The time that is named once more is still the one or the other.
    const isOthers = (place: { start: number }, plan: 0 | 1): boolean => {
      const at = page.places.findIndex(({ start }) => start === place.start);
      const value = page.tokens[plan === 0 ? other : one]!.value;
      return page.tokens[at]?.form === 'time' && page.tokens[at].value === value;
    };
    return readTwo(page, [first, second], isOthers);
  }
  return undefined;
}
