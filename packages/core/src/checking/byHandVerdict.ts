/** The verdict of a part that a person marks. */

import type { Entries, Verdict } from './verdict.ts';

/** Open until somebody decides; blank where nothing of the exercise was submitted. */
export function byHandVerdict(partId: string, entries: Entries): Verdict {
  const isBlank = Object.values(entries).every((text) => text.trim() === '');
  return { partId, kind: isBlank ? 'blank' : 'by-hand', credit: 0, explanations: [] };
}
