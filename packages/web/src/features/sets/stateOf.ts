/** How far a set has come, in a word or two. */

import type { ListedSet } from '@hardy-sextant/contract';

export function stateOf({
  assignedAt,
  releasedAt,
  counts,
}: Pick<ListedSet, 'assignedAt' | 'releasedAt' | 'counts'>): string {
  if (!assignedAt) return 'being put together';
  if (releasedAt) return 'marks released';
  return counts.submitted === 0 ? 'assigned' : 'being marked';
}
