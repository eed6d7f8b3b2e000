/** Exercises as they are stored and carried: the open format of docs/formats.md. Older versions are upgraded when read. */

import { z } from 'zod';
import {
  plainStory,
  quantityIds,
  tableColumns,
  type Exercise,
  type Given,
  type Limit,
  type Part,
  type PartAsk,
  type Story,
  type StoryNode,
} from '@hardy-sextant/core';
import { usualRulesId } from './houseRules.ts';
import { askedOfList, filter, listPage } from './lists.ts';
import { recordId, revision, statementDraft } from './statement.ts';
import { hasControls } from './text.ts';

export const partId = z
  .string()
  .regex(/^(?!constructor$)[a-z0-9-]{1,20}$/, 'A part is named with small letters and digits.');
const planId = z.string().min(1).max(40);
const text = z.string().max(200, 'At most 200 characters.');
const quantity = z.enum(quantityIds);

const MOST_STORY_NODES = 3000;
const MOST_IN_A_FILE = 2000;
const DEEPEST_STORY = 12;

const storyNode: z.ZodType<StoryNode> = z.lazy(() =>
  z.object({
    type: z.enum([
      'doc',
      'paragraph',
      'text',
      'bulletList',
      'orderedList',
      'listItem',
      'table',
      'tableRow',
      'tableCell',
      'tableHeader',
      'hardBreak',
      'given',
      'formula',
    ]),
    text: z.string().max(20_000).optional(),
    attrs: z
      .record(
        z.string().max(40),
        z.union([z.string().max(2000), z.number(), z.boolean(), z.null(), z.array(z.number()).max(40)]),
      )
      .optional(),
    marks: z
      .array(z.object({ type: z.enum(['bold', 'italic']) }))
      .max(4)
      .optional(),
    content: z.array(storyNode).max(1000).optional(),
  }),
);

function sizeOf(node: StoryNode, depth = 1): { nodes: number; depth: number } {
  return (node.content ?? [])
    .map((child) => sizeOf(child, depth + 1))
    .reduce((sum, each) => ({ nodes: sum.nodes + each.nodes, depth: Math.max(sum.depth, each.depth) }), {
      nodes: 1,
      depth,
    });
}

/** A story; version 1 had plain text. */
export const story: z.ZodType<Story> = z.union([
  z
    .string()
    .max(20_000, 'A story has at most 20,000 characters.')
    .transform((plain): Story => plainStory(plain)),
  storyNode.refine(
    (node) => sizeOf(node).nodes <= MOST_STORY_NODES && sizeOf(node).depth <= DEEPEST_STORY,
    'The story is too long or too deep.',
  ),
]);

const given: z.ZodType<Given> = z.object({
  name: z.string().max(40, 'A name has at most 40 characters.'),
  kind: z.enum(['money', 'rate', 'count', 'years', 'words']),
  now: text,
  vary: z.discriminatedUnion('by', [
    z.object({ by: z.literal('fixed') }),
    z.object({ by: z.literal('range'), from: text, to: text, step: text }),
    z.object({ by: z.literal('list'), values: z.string().max(2000, 'A list has at most 2,000 characters.') }),
    z.object({ by: z.literal('expression'), text }),
  ]),
  decimals: z.number().int().min(0).max(6).optional(),
  unit: z.string().max(30).optional(),
});

const limit: z.ZodType<Limit> = z.object({
  of: z.union([z.object({ part: partId }), z.object({ given: z.string().max(40) })]),
  least: z.number().optional(),
  most: z.number().optional(),
  whole: z.boolean().optional(),
});

const args = z
  .object({
    after: text.optional(),
    from: text.optional(),
    to: text.optional(),
    below: text.optional(),
    paying: text.optional(),
  })
  .optional();

const ask: z.ZodType<PartAsk> = z.union([
  z.object({ quantity, plan: planId, args }),
  z.object({ quantity: z.literal('difference'), of: quantity, plan: planId, other: planId, args }),
  z.object({ quantity: z.literal('expression'), text, args }),
  z.object({ quantity: z.literal('relation'), plan: planId, args }),
  z.object({
    quantity: z.literal('by-hand'),
    rubric: z
      .array(z.object({ id: z.string().min(1).max(20), says: z.string().max(400), marks: z.number().min(0).max(1000) }))
      .max(20, 'A rubric takes at most 20 lines.')
      .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, 'Two lines have one name.'),
    args,
  }),
  z.object({
    quantity: z.literal('table'),
    plan: planId,
    blanks: z.array(z.string().regex(/^(\d{1,5}|\*|total):[a-z-]{1,20}$/)).max(2000),
    columns: z
      .array(z.object({ column: z.enum(tableColumns), name: z.string().max(30).optional() }))
      .min(1, 'A table has at least one column.')
      .max(tableColumns.length)
      .refine((all) => new Set(all.map(({ column }) => column)).size === all.length, 'Each column stands once.')
      .optional(),
    totals: z.boolean().optional(),
    args,
  }),
  z.object({
    quantity: z.literal('choice'),
    of: quantity,
    plans: z.array(planId).max(10),
    prefer: z.enum(['less', 'more']),
    args,
  }),
]);

export const answerFormat = z
  .object({
    kind: z.enum(['money', 'percent', 'count', 'years-months', 'number']),
    decimals: z.number().int().min(0).max(10),
    up: z.boolean().optional(),
    down: z.boolean().optional(),
  })
  .refine(({ up, down }) => !(up && down), 'An answer is rounded up or down, not both ways.');

/** Marks below one, an empty prompt and the like are kept: they only keep the exercise from being assigned. */
export const exercisePart: z.ZodType<Part> = z.object({
  id: partId,
  prompt: z.string().max(2000, 'A prompt has at most 2,000 characters.'),
  marks: z
    .number('Marks are a number.')
    .min(0, 'Marks cannot be below zero.')
    .max(1000, 'A part has at most 1,000 marks.'),
  ask,
  format: answerFormat,
  tolerance: z.number().min(0).optional(),
  readings: z
    .array(z.object({ id: z.string().max(40), says: z.string().max(400), ask, credit: z.number().min(0).max(1) }))
    .max(12)
    .optional(),
  earlier: z.enum(['rounded', 'exact']).optional(),
});

export const exercise: z.ZodType<Exercise> = z.object({
  title: z.string().max(160, 'A title has at most 160 characters.'),
  topic: z.string().max(60).optional(),
  level: z.enum(['first', 'second', 'third']).optional(),
  story,
  givens: z.array(given).max(40, 'An exercise takes at most 40 givens.').optional(),
  limits: z.array(limit).max(60).optional(),
  plans: z
    .array(z.object({ id: planId, name: z.string().max(60).optional(), draft: statementDraft }))
    .min(1)
    .max(10, 'An exercise takes at most 10 plans.'),
  parts: z.array(exercisePart).max(40, 'An exercise takes at most 40 parts.'),
});

/** Version 1 counted payments up without saying so. */
function fromFirst(document: { schemaVersion: 1 | 2; exercise: Exercise }): ExerciseDocument {
  if (document.schemaVersion === 2) return { schemaVersion: 2, exercise: document.exercise };
  const parts = document.exercise.parts.map((part): Part =>
    part.format.kind === 'count' && part.format.decimals === 0
      ? { ...part, format: { ...part.format, up: true } }
      : part,
  );
  return { schemaVersion: 2, exercise: { ...document.exercise, parts } };
}

export interface ExerciseDocument {
  readonly schemaVersion: 2;
  readonly exercise: Exercise;
}
export const exerciseDocument = z
  .object({ schemaVersion: z.union([z.literal(1), z.literal(2)]), exercise })
  .transform(fromFirst);

/** A document that comes in; what is stored already is read as it is. */
export const incomingExercise = exerciseDocument.refine(({ exercise: { title } }) => !hasControls(title), {
  path: ['exercise', 'title'],
  message: 'A character that cannot be seen stands in the title; type it again.',
});
/** `rulesId` names the house rules the exercise is written under. */
export const newExercise = z.object({ document: incomingExercise, rulesId: recordId.default(usualRulesId) });
export const changedExercise = z.object({ document: incomingExercise, revision });
export const keptExercise = z.object({
  document: exerciseDocument,
  id: recordId,
  revision,
  updatedAt: z.string(),
  archived: z.boolean().default(false),
  rulesId: recordId.default(usualRulesId),
});
export type NewExercise = z.infer<typeof newExercise>;
export type ChangedExercise = z.infer<typeof changedExercise>;
export type KeptExercise = z.infer<typeof keptExercise>;

/** What lists show of an exercise, as it is stored beside it. */
export const exerciseInList = z.object({
  title: z.string(),
  /** The beginning of its story with its numbers. */
  summary: z.string(),
  topic: z.string().optional(),
  level: z.enum(['first', 'second', 'third']).optional(),
  parts: z.number().int(),
  marks: z.number(),
  /** Whether its numbers differ from draw to draw. */
  varies: z.boolean(),
});
export type ExerciseInList = z.infer<typeof exerciseInList>;

/** An exercise without its story and parts. */
export const exerciseInShort = exerciseInList.extend({
  id: recordId,
  archived: z.boolean(),
  updatedAt: z.string(),
});
export type ExerciseInShort = z.infer<typeof exerciseInShort>;

/** An exercise in a list. */
export const listedExercise = exerciseInShort.extend({
  /** The sets it came into last, and whether there are more. */
  sets: z.object({ newest: z.array(z.object({ id: recordId, title: z.string() })), more: z.boolean() }),
});
export type ListedExercise = z.infer<typeof listedExercise>;

/** `used`: the id of a set it is in, or `none`. `archived`: only those that are. */
export const askedOfExercises = askedOfList.extend({
  topic: filter,
  level: filter,
  asks: filter,
  used: filter,
  archived: z.enum(['yes', 'no']).default('no'),
});
export type AskedOfExercises = z.infer<typeof askedOfExercises>;

/** A page of exercises, and everything that an exercise asks for. */
export const exercisePage = listPage(listedExercise).extend({ asks: z.array(z.string()) });
export type ExercisePage = z.infer<typeof exercisePage>;

/** An earlier state of an exercise. */
export const exerciseRevision = z.object({ revision: z.number().int(), document: exerciseDocument, at: z.string() });
export const exerciseRevisions = z.array(exerciseRevision);
export type ExerciseRevision = z.infer<typeof exerciseRevision>;

export const archiving = z.object({ archived: z.boolean() });

/** Which exercises go into a file: those named, or all that a list asked like this would show. */
export const chosenExercises = z.union([
  z.object({
    ids: z.array(recordId).min(1).max(MOST_IN_A_FILE, `At most ${MOST_IN_A_FILE} exercises go into one file.`),
  }),
  z.object({ asked: askedOfExercises }),
]);
export type ChosenExercises = z.input<typeof chosenExercises>;

/** The file exercises travel in. */
export const EXERCISE_FORMAT = 'hardy-sextant-exercises';
export const exerciseFile = z.object({
  format: z.literal(EXERCISE_FORMAT),
  version: z.literal(2),
  exercises: z.array(exercise).max(MOST_IN_A_FILE),
});
export type ExerciseFile = z.infer<typeof exerciseFile>;

/** What an import has taken, and what is wrong with the rest, by its place in the file. */
export const importReport = z.object({
  taken: z.array(keptExercise),
  /** What is there already, word for word: its place in the file, and what it is in the library. */
  same: z.array(z.object({ place: z.number().int(), id: z.string() })),
  refused: z.array(
    z.object({
      place: z.number().int(),
      title: z.string(),
      problems: z.array(z.object({ path: z.string(), message: z.string() })),
    }),
  ),
});
export type ImportReport = z.infer<typeof importReport>;

/** The file before its exercises are looked at one by one. */
export const looseExerciseFile = z.object({
  format: z.literal(EXERCISE_FORMAT, 'This is not a file of exercises.'),
  version: z.number().int().min(1).max(2, 'This file was made by a newer version.'),
  exercises: z.array(z.unknown()).max(MOST_IN_A_FILE, `At most ${MOST_IN_A_FILE} exercises come in one file.`),
});
