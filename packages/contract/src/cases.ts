/** Kept cases. */

import { z } from 'zod';
import { askedOfList, filter, listPage } from './lists.ts';
import { oneLine } from './text.ts';
import { recordId, revision, statementDraft, variation } from './statement.ts';

export const caseTitle = oneLine(120, 'A name has at most 120 characters.').min(1, 'Give the case a name.');

/** Another plan of the same borrower, put together with the case's own. */
export const togetherPart = z.object({
  id: z.string().min(1).max(40),
  name: z.string().max(120),
  draft: statementDraft,
  /** Periods that pass before it begins. */
  startsAfter: z.string().max(20),
});
export type TogetherPart = z.infer<typeof togetherPart>;

/** What is stored of a case, beside its title. Version 1 had the statement alone. */
export const caseDocument = z.object({
  schemaVersion: z.union([z.literal(1), z.literal(2)]).transform((): 2 => 2),
  draft: statementDraft,
  variations: z.array(variation).max(24, 'A case takes at most 24 variations.').default([]),
  together: z.array(togetherPart).max(12, 'At most 12 other plans can be put together.').default([]),
  tags: z.array(z.string().trim().min(1).max(40)).max(20).default([]),
  /** Whose house rules apply: a class's id, or `default`. */
  rules: recordId.default('default'),
});
export type CaseDocument = z.infer<typeof caseDocument>;

/** The id is made by whoever states the case, so that its address holds before it is first kept. */
export const newCase = z.object({ id: z.uuid().optional(), title: caseTitle, document: caseDocument });
export type NewCase = z.infer<typeof newCase>;

export const changedCase = z.object({ title: caseTitle, document: caseDocument, revision });
export type ChangedCase = z.infer<typeof changedCase>;

export const keptCase = z.object({
  title: z.string(),
  document: caseDocument,
  id: recordId,
  revision,
  updatedAt: z.string(),
});
export type KeptCase = z.infer<typeof keptCase>;

export const askedOfCases = askedOfList.extend({ tag: filter });
export type AskedOfCases = z.infer<typeof askedOfCases>;

/** A page of cases, and every tag that a case has. */
export const casePage = listPage(keptCase).extend({ tags: z.array(z.string()) });
export type CasePage = z.infer<typeof casePage>;
