/** Sets: exercises given to a class together. */

import { z } from 'zod';
import { exercise, exerciseInShort } from './exercises.ts';
import { askedOfList, filter, listPage } from './lists.ts';
import { recordId, revision } from './statement.ts';
import { oneLine } from './text.ts';

/** Made anew for each exercise that is added, and never used for another. */
export const itemId = z
  .string()
  .regex(/^(?!constructor$)[a-z0-9-]{1,20}$/, 'A place in a set is named with small letters and digits.');
const day = z.union([z.literal(''), z.iso.date('This is not a date.')]);

/** An exercise's place in a set. */
export const setItem = z.object({
  id: itemId,
  exerciseId: recordId,
  /** What the exercise counts in this set; the sum of its parts when left out. */
  marks: z
    .number('Marks are a number.')
    .positive('Marks are above zero.')
    .max(1000, 'An exercise has at most 1,000 marks.')
    .optional(),
});
export type SetItem = z.infer<typeof setItem>;

export const MOST_EXERCISES = 30;

export const setDocument = z.object({
  schemaVersion: z.literal(1),
  items: z
    .array(setItem)
    .max(MOST_EXERCISES, `A set takes at most ${MOST_EXERCISES} exercises.`)
    .refine((items) => new Set(items.map(({ id }) => id)).size === items.length, 'Two places of a set have one name.'),
  /** One set of numbers for all, each student their own, or a few versions that are as hard as each other. */
  numbers: z.enum(['same', 'own', 'versions']),
  /** How many versions there are, where there are any. */
  versions: z.number().int().min(2, 'At least two versions.').max(6, 'At most six versions.').default(2),
  given: day,
  due: day,
  /** At what time of that day, on the server's clock; the end of the day where it is empty. */
  dueTime: z
    .union([z.literal(''), z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time is written as 17:00.')])
    .default(''),
  /** Whether students answer on their own page. */
  online: z.boolean().default(false),
  /** For marks, or to practise: then each answer is judged at once, and marks count only where they are wanted. */
  purpose: z.enum(['marks', 'practice']).default('marks'),
  /** Whether answers that come after it was due are taken, and what each begun day costs, in percent. */
  late: z.boolean().default(true),
  lessADay: z.number('Percent is a number.').min(0, 'At least nothing.').max(100, 'At most all of it.').default(0),
  /** Whether students have the class's tool and a worksheet pad beside the questions. */
  tools: z.boolean().default(true),
});
export type SetDocument = z.infer<typeof setDocument>;

/** A set that nothing is said of yet. */
export const emptySet: SetDocument = {
  schemaVersion: 1,
  items: [],
  numbers: 'same',
  versions: 2,
  given: '',
  due: '',
  dueTime: '',
  online: false,
  purpose: 'marks',
  late: true,
  lessADay: 0,
  tools: true,
};

const title = oneLine(160, 'A title has at most 160 characters.').min(1, 'A set has a title.');
export const newSet = z.object({ classId: recordId, title, document: setDocument });
export type NewSet = z.infer<typeof newSet>;
/** A set copied for a class: its exercises as they are now, to be put together and given anew. */
export const copiedSet = z.object({ classId: recordId, title, given: day, due: day });
export type CopiedSet = z.infer<typeof copiedSet>;
export const changedSet = z.object({ title, document: setDocument, revision });
export type ChangedSet = z.infer<typeof changedSet>;

/** What students got: the exercise as it was when the set was assigned. */
export const assignedExercise = z.object({
  itemId,
  exercise,
  /** The exercise's revision it was taken from. */
  revision: z.number().int(),
  /** The exercise's revision now; another one than `revision` means it was changed since. Zero where it was deleted. */
  latest: z.number().int(),
  /** The later revision that the instructor chose not to follow. */
  keptAgainst: z.number().int().optional(),
  /** So many students have answered something in it. */
  answered: z.number().int().default(0),
});
export type AssignedExercise = z.infer<typeof assignedExercise>;

/** An exercise that was removed after the set was assigned: its answers are kept with it, and it can be put back. */
export const removedExercise = z.object({
  itemId,
  exerciseId: recordId,
  title: z.string(),
  answered: z.number().int(),
});

export const setCounts = z.object({
  students: z.number().int(),
  submitted: z.number().int(),
  /** Answers without a known cause that nobody has decided on. */
  toLookAt: z.number().int(),
  /** Rows of imports that match no student yet. */
  unmatched: z.number().int(),
});

export const keptSet = z.object({
  id: recordId,
  classId: recordId,
  title: z.string(),
  document: setDocument,
  revision,
  assignedAt: z.string().optional(),
  releasedAt: z.string().optional(),
  archived: z.boolean().default(false),
  updatedAt: z.string(),
  assignedExercises: z.array(assignedExercise),
  /** The exercises of its places as they are now; one that was deleted is missing. */
  exercises: z.array(exerciseInShort).default([]),
  removed: z.array(removedExercise).default([]),
  counts: setCounts,
});
export type KeptSet = z.infer<typeof keptSet>;

/** A set in a list, without what is in it. */
export const listedSet = keptSet
  .omit({ assignedExercises: true, exercises: true, removed: true })
  .extend({ className: z.string() });
export type ListedSet = z.infer<typeof listedSet>;

export const askedOfSets = askedOfList.extend({
  /** A class's id. */
  class: filter,
  /** `open`: not assigned yet. `waiting`: somebody has to do something about it. */
  state: z.enum(['', 'open', 'waiting']).default(''),
  /** Only those that are archived, by themselves or with their class. */
  archived: z.enum(['yes', 'no']).default('no'),
  /** A set's id: other sets, assigned, that have an exercise of it. */
  beside: filter,
});
export type AskedOfSets = z.infer<typeof askedOfSets>;
export const setPage = listPage(listedSet);
export type SetPage = z.infer<typeof setPage>;

/** What a set that was assigned holds and in which order changes only by one of these, each of which says what it does. */
export const changedContents = z.object({
  revision,
  change: z.discriminatedUnion('act', [
    /** Every student gets the exercise too. */
    z.object({ act: z.literal('add'), item: setItem }),
    /** Nobody is asked it any more; the answers to it are kept with it, and do not count. */
    z.object({ act: z.literal('remove'), itemId }),
    /** A removed exercise is asked again, with its numbers and answers. */
    z.object({ act: z.literal('put-back'), itemId }),
    /** The same exercises in another order. */
    z.object({ act: z.literal('order'), itemIds: z.array(itemId).max(MOST_EXERCISES) }),
  ]),
});
export type ChangedContents = z.infer<typeof changedContents>;

/** What becomes of a set when an exercise in it was changed after it was assigned. */
export const followChange = z.object({
  /** `keep`: nothing. `regrade`: the same story and numbers, judged by the new key. `reissue`: the new exercise, with new numbers where each has their own. */
  how: z.enum(['keep', 'regrade', 'reissue']),
  /** The exercise's revision that is meant. */
  latest: z.number().int(),
});
export type FollowChange = z.infer<typeof followChange>;

export const assigning = z.object({ revision });
/** How many students' numbers have been drawn; zero of zero where nothing is going on. */
export const drawProgress = z.object({ done: z.number().int(), of: z.number().int() });
/** `anyway`: also while answers are still to be looked at. */
export const releasing = z.object({ released: z.boolean(), revision, anyway: z.boolean().default(false) });
export type Releasing = z.input<typeof releasing>;
