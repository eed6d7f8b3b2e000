/** What a statement shows and says. */
import type { CaseOutcome, Scope, StatementDraft, TableRounding } from '@hardy-sextant/core';

export interface StatementProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly rounding: TableRounding;
  readonly onChange: (draft: StatementDraft, what: string) => void;
  /** What slots may name besides each other: the givens and answers of an exercise. */
  readonly names?: Scope;
}
