/** Taking back what an import or a row given to a student has written, and doing it again. */

import type { ChangedAnswers, WrittenAnswer } from '@hardy-sextant/contract';
import type { Step } from './useSteps.ts';

export type Rewriting = (body: ChangedAnswers) => Promise<unknown>;

/**
 * The step that takes answers back together with the unmatched rows that belong to them.
 *
 * @param rows rows that were given away (`back`: they are unmatched again) or were new (`away`: they are done)
 */
export function rewriting(
  write: Rewriting,
  written: readonly WrittenAnswer[],
  rows: readonly string[],
  becomes: 'back' | 'away',
): Step {
  return {
    run: async () => {
      const changes = written.map(({ text, was, ...rest }) => ({ ...rest, text: was, was: text }));
      await write({ source: 'undo', changes, rows: rows.map((id) => ({ id, done: becomes === 'away' })) });
      return rewriting(write, changes, rows, becomes === 'away' ? 'back' : 'away');
    },
  };
}
