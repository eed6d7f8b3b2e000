/** How far a set has come, in a word or two. */

import type { ListedSet } from '@hardy-sextant/contract';

export function stateOf({
  givenOutAt,
  releasedAt,
  counts,
}: Pick<ListedSet, 'givenOutAt' | 'releasedAt' | 'counts'>): string {
  if (!givenOutAt) return 'being put together';
  if (releasedAt) return 'marks released';
  return counts.handedIn === 0 ? 'given out' : 'being marked';
}
