/** Words by which a question names the payments behind those that were looked at before. */

import { place, type PlaceRecord } from './placeRecord.ts';

export const behind: readonly PlaceRecord[] = [
  place('(?:the|her|his|their|its) (?:very )?next (?:<e> )?(?:@payment|@deposit)', [], () => ({ isNext: true })),
  place('(?:the|her|his|their|its) (?:next|following) {n} (?:<e> )?(?:@payment|@deposit)', ['to'], ([count]) => ({
    nextPayments: count!,
  })),
  place('(?:the|her|his|their|its) (?:next|following) {t}', ['to'], (_, [years]) => ({ nextYears: years! })),
  place('(?:the|her|his|their|its) (?:(?:next|following) @year|@year after (?:that|this|it))', [], () => ({
    nextYears: 1,
  })),
];
