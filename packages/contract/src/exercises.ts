/** Exercises, and the answers a class gives to one. */

import { z } from 'zod';
import type { Exercise } from '@hardy-sextant/core';
import { recordId, revision, statementDraft } from './statement.ts';
import { student } from './classes.ts';

const partId = z.string().regex(/^[a-z0-9-]{1,20}$/, 'A part is named with small letters and digits.');

export const exercisePart = z.object({
  id: partId,
  prompt: z.string().trim().min(1, 'Say what is asked.').max(2000),
  marks: z.number('Marks are a number.').positive('A part needs marks above zero.').max(1000, 'A part has at most 1,000 marks.'),
  ask: z.object({ quantity: z.enum(['payment', 'amount', 'final-amount', 'rate', 'payments']), plan: z.string().max(40) }),
  format: z.object({ kind: z.enum(['money', 'percent', 'count']), decimals: z.number().int().min(0).max(10) }),
});

export const exercise: z.ZodType<Exercise> = z.object({
  title: z.string().trim().min(1, 'Give the exercise a title.').max(160, 'A title has at most 160 characters.'),
  story: z.string().max(20_000, 'A story has at most 20,000 characters.'),
  plans: z
    .array(z.object({ id: z.string().min(1).max(40), draft: statementDraft }))
    .min(1)
    .max(10),
  parts: z.array(exercisePart).min(1, 'An exercise needs a part.').max(40),
});

export const exerciseDocument = z.object({ schemaVersion: z.literal(1), exercise });
export type ExerciseDocument = z.infer<typeof exerciseDocument>;

export const newExercise = z.object({ document: exerciseDocument });
export const changedExercise = newExercise.extend({ revision });
export const keptExercise = newExercise.extend({ id: recordId, revision, updatedAt: z.string() });
export type NewExercise = z.infer<typeof newExercise>;
export type ChangedExercise = z.infer<typeof changedExercise>;
export type KeptExercise = z.infer<typeof keptExercise>;
export const keptExercises = z.array(keptExercise);

/** Text as written, by part. Long text is kept and called unreadable. */
export const entries = z.record(partId, z.string().max(40_000, 'An answer has at most 40,000 characters.'));

export const handIn = z.object({ studentId: recordId, entries, revision: z.number().int().min(0) });
export type HandIn = z.infer<typeof handIn>;

export const classAnswers = z.object({ students: z.array(student), handIns: z.array(handIn) });
export type ClassAnswers = z.infer<typeof classAnswers>;

/** Answers typed or pasted, all of one action; they are written together or not at all. */
export const changedAnswers = z.object({
  changes: z
    .array(z.object({ studentId: recordId, partId, text: z.string().max(40_000, 'An answer has at most 40,000 characters.') }))
    .min(1)
    .max(5000, 'At most 5,000 answers can be written at once.'),
});
export type ChangedAnswers = z.infer<typeof changedAnswers>;
