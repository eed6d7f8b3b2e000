/** A plan with all that it was read from. */

import type { ChangeRead } from './changeRead.ts';
import type { PlacedQuestion } from './placedQuestions.ts';
import type { PlanRead } from './planOfTerms.ts';
import type { ReadPlan, Role } from './reading.ts';
import type { Terms } from './terms.ts';

export interface SolePlan {
  readonly terms: Terms;
  readonly read: PlanRead;
  readonly plan: ReadPlan;
  readonly questions: readonly PlacedQuestion[];
  readonly changes: readonly ChangeRead[];
  readonly roles: ReadonlyMap<number, Role>;
}
