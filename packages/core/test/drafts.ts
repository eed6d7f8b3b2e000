/** Statements for tests: a kind with the slots that matter, the rest as a new one has it. */
import { emptyDraft, type StatementDraft } from '../src/index.ts';

export const draftOf = (
  kind: StatementDraft['kind'],
  slots: Partial<StatementDraft['slots']>,
  more: Partial<StatementDraft> = {},
): StatementDraft => {
  const empty = emptyDraft(kind);
  return { ...empty, slots: { ...empty.slots, ...slots }, ...more };
};
