/** Sets: exercises given to a class together. */

import { z } from 'zod';
import { exercise } from './exercises.ts';
import { recordId, revision } from './statement.ts';

export const itemId = z.string().regex(/^[a-z0-9-]{1,20}$/, 'A place in a set is named with small letters and digits.');
const day = z.union([z.literal(''), z.iso.date('This is not a date.')]);

/** An exercise's place in a set. */
export const setItem = z.object({
  id: itemId,
  exerciseId: recordId,
  /** What the exercise counts in this set; the sum of its parts when left out. */
  marks: z.number('Marks are a number.').positive('Marks are above zero.').max(1000, 'An exercise has at most 1,000 marks.').optional(),
});
export type SetItem = z.infer<typeof setItem>;

export const setDocument = z.object({
  schemaVersion: z.literal(1),
  items: z
    .array(setItem)
    .max(30, 'A set takes at most 30 exercises.')
    .refine((items) => new Set(items.map(({ id }) => id)).size === items.length, 'Two places of a set have one name.'),
  /** One set of numbers for all, or each student their own. */
  numbers: z.enum(['same', 'own']),
  given: day,
  due: day,
});
export type SetDocument = z.infer<typeof setDocument>;

const title = z.string().trim().min(1, 'A set has a title.').max(160, 'A title has at most 160 characters.');
export const newSet = z.object({ classId: recordId, title, document: setDocument });
export type NewSet = z.infer<typeof newSet>;
export const changedSet = z.object({ title, document: setDocument, revision });
export type ChangedSet = z.infer<typeof changedSet>;

/** What students got: the exercise as it was when the set was given out. */
export const setCopy = z.object({
  itemId,
  exercise,
  /** The exercise's revision it was taken from. */
  revision: z.number().int(),
  /** The exercise's revision now; another one than `revision` means it was changed since. Zero where it was deleted. */
  latest: z.number().int(),
  /** The later revision that the instructor chose not to follow. */
  keptAgainst: z.number().int().optional(),
});
export type SetCopy = z.infer<typeof setCopy>;

export const setCounts = z.object({
  students: z.number().int(),
  handedIn: z.number().int(),
  /** Answers without a known cause that nobody has decided on. */
  toLookAt: z.number().int(),
  /** Rows of imports that belong to nobody yet. */
  unmatched: z.number().int(),
});

export const keptSet = z.object({
  id: recordId,
  classId: recordId,
  title: z.string(),
  document: setDocument,
  revision,
  givenOutAt: z.string().optional(),
  releasedAt: z.string().optional(),
  updatedAt: z.string(),
  copies: z.array(setCopy),
  counts: setCounts,
});
export type KeptSet = z.infer<typeof keptSet>;

/** A set in a list, without what was given out. */
export const listedSet = keptSet.omit({ copies: true });
export type ListedSet = z.infer<typeof listedSet>;
export const listedSets = z.array(listedSet);

/** What becomes of a set when an exercise in it was changed after it was given out. */
export const followChange = z.object({
  /** `keep`: nothing. `re-key`: the same story and numbers, judged by the new key. `give-anew`: the new exercise, with new numbers where each has their own. */
  how: z.enum(['keep', 're-key', 'give-anew']),
  /** The exercise's revision that is meant. */
  latest: z.number().int(),
});
export type FollowChange = z.infer<typeof followChange>;

export const releasing = z.object({ released: z.boolean() });
