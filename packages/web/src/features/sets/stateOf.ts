/** How far a set has come, in a word or two. */

import type { ListedSet } from '@hardy-sextant/contract';
import { say } from '../../words/say.ts';

export function stateOf({
  assignedAt,
  releasedAt,
  counts,
}: Pick<ListedSet, 'assignedAt' | 'releasedAt' | 'counts'>): string {
  if (!assignedAt) return say('being put together');
  if (releasedAt) return say('marks released');
  return counts.submitted === 0 ? 'assigned' : say('being marked');
}
