/** Kept cases. */

import { z } from 'zod';
import { recordId, revision, statementDraft } from './statement.ts';

export const caseTitle = z.string().trim().min(1, 'Give the case a name.').max(120, 'A name has at most 120 characters.');

/** What is stored of a case, beside its title. `schemaVersion` is raised when the shape changes. */
export const caseDocument = z.object({ schemaVersion: z.literal(1), draft: statementDraft });
export type CaseDocument = z.infer<typeof caseDocument>;

export const newCase = z.object({ title: caseTitle, document: caseDocument });
export type NewCase = z.infer<typeof newCase>;

export const changedCase = newCase.extend({ revision });
export type ChangedCase = z.infer<typeof changedCase>;

export const keptCase = newCase.extend({ id: recordId, revision, updatedAt: z.string() });
export type KeptCase = z.infer<typeof keptCase>;

export const keptCases = z.array(keptCase);
