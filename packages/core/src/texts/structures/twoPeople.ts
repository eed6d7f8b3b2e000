/** Two people who save or borrow each in their own way: "Ada puts 2,000 …; Bea puts 12 in at the end of every month …". */

import type { Span } from '../flatText.ts';
import type { Page } from '../page.ts';
import type { Regions } from './offerOwners.ts';

const asksWho = /(?<![a-z])(?:who|whose|which (?:one )?of (?:them|the two))(?![a-z])/;
const turn =
  /(?:; |(?:[,:] |\s)(?:while|whereas|but|and) |: |, )(?=((?:her|his|their|the other|the second) (?:[a-z]+ )?)?[a-z])/g;

/** @returns where each is told, if just two of them have sums of their own and it is asked who has more */
export function regionsOfTwo(page: Page): Regions | undefined {
  const isAsked = page.questions.some(
    ({ asked, unit }) => asked === 'choice' && asksWho.test(page.flat.slice(unit.start, unit.end)),
  );
  if (!isAsked) return undefined;
  const told = page.sentences.filter(({ asks }) => !asks).flatMap((each) => clausesOf(page, each));
  const [one, other, third] = told.filter((each) => hasSum(page, each));
  if (!one || !other || third || [one, other].some((each) => isInStages(page, each))) return undefined;
  return [one, other];
}

/** "Ada puts …", "Bea saves …": what the two are called, where both are. */
export function namesOf({ text, origins }: Page, regions: Regions): readonly [string, string] | undefined {
  const [one, other] = regions.map(({ start }) => name.exec(text.slice(origins[start] ?? 0))?.[1]);
  return one !== undefined && other !== undefined && one !== other ? [one, other] : undefined;
}

const name =
  /^\W*(\p{Lu}\p{Ll}+) (?:puts|saves|deposits|invests|borrows|owes|pays|has|lends|takes|draws|earns|starts|begins|wants)(?!\p{L})/u;

/** The clauses of a sentence that begin with somebody. */
function clausesOf(page: Page, { start, end }: Span): Span[] {
  const starts = [...page.flat.slice(start, end).matchAll(turn)].flatMap((found) => {
    const at = start + found.index + found[0].length;
    return found[1] !== undefined || isName(page, at) ? [at] : [];
  });
  const all = [start, ...starts];
  return all.map((each, at) => ({ start: each, end: all[at + 1] ?? end }));
}

/** "… for ten years and then leaves it alone for thirty": no single plan. */
function isInStages({ flat }: Page, { start, end }: Span): boolean {
  // "Bea waits ten years, then pays …": one plan that begins later.
  const words = flat.slice(start, end).replace(/(?<![a-z])waits?(?: for)? ⟨t\d+⟩,? (?:and )?(?:only )?then /, '');
  return /(?<![a-z])(?:then|after that|afterwards)(?![a-z])/.test(words) && [...words.matchAll(/⟨t/g)].length > 1;
}

/** It is written with a capital. */
const isName = ({ text, origins }: Page, at: number): boolean => /^\p{Lu}/u.test(text.slice(origins[at] ?? 0));

const hasSum = ({ tokens, places }: Page, { start, end }: Span): boolean =>
  places.some((place, at) => place.start >= start && place.start < end && tokens[at]?.form === 'money');
