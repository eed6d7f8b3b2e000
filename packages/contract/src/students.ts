/** The student's own page: what it shows, what it sends, and what an instructor sees of it. Nothing here holds a key before marks are released. */

import { z } from 'zod';
import type { PaperBlock, PaperCell, PaperText } from '@hardy-sextant/core';
import { answerFormat, partId } from './exercises.ts';
import { entries, entryId, itemEntries } from './marking.ts';
import { itemId } from './sets.ts';
import { recordId } from './statement.ts';
import { oneLine } from './text.ts';

const paperText = z.object({
  text: z.string(),
  strong: z.literal(true).optional(),
  italic: z.literal(true).optional(),
  tex: z.string().optional(),
  code: z.literal(true).optional(),
  given: z.literal(true).optional(),
}) as z.ZodType<PaperText>;
const paperCell = z.object({
  text: z.string(),
  blank: z.literal(true).optional(),
  words: z.literal(true).optional(),
}) as z.ZodType<PaperCell>;

/** What is shown on paper and on a student's screen. */
export const paperBlock: z.ZodType<PaperBlock> = z.lazy(() =>
  z.discriminatedUnion('kind', [
    z.object({
      kind: z.literal('heading'),
      level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
      text: z.string(),
      beside: z.string().optional(),
    }),
    z.object({
      kind: z.literal('text'),
      pieces: z.array(paperText),
      beside: z.string().optional(),
      soft: z.literal(true).optional(),
    }),
    z.object({ kind: z.literal('list'), ordered: z.boolean(), items: z.array(z.array(paperText)) }),
    z.object({ kind: z.literal('table'), head: z.array(paperCell), rows: z.array(z.array(paperCell)) }),
    z.object({ kind: z.literal('formula'), tex: z.string() }),
    z.object({ kind: z.literal('fields'), fields: z.array(z.object({ label: z.string(), value: z.string() })) }),
    z.object({ kind: z.literal('boxes'), labels: z.array(z.string()) }),
    z.object({ kind: z.literal('room'), height: z.number() }),
    z.object({ kind: z.literal('together'), blocks: z.array(paperBlock) }),
  ]),
) as z.ZodType<PaperBlock>;

const screenTable = z.object({
  head: z.array(z.string()),
  rows: z.array(
    z.object({
      label: z.string(),
      cells: z.array(z.object({ id: z.string().optional(), text: z.string().optional() })),
    }),
  ),
});

export const screenPart = z.object({
  id: partId,
  prompt: z.string(),
  marks: z.number(),
  answer: z.enum(['number', 'choice', 'table', 'relation', 'words']),
  unit: z.string(),
  format: answerFormat,
  table: screenTable.optional(),
  plans: z.array(z.string()).optional(),
});
export type StudentPart = z.infer<typeof screenPart>;

export const screenExercise = z.object({
  title: z.string(),
  story: z.array(paperBlock),
  parts: z.array(screenPart),
});
export type StudentExercise = z.infer<typeof screenExercise>;

/** How far a part has been practised. `shown`: 0 nothing, 1 right or not, 2 what to look at, 3 the cause, 4 the working. */
export const partTries = z.object({
  tries: z.number().int(),
  shown: z.number().int().min(0).max(4),
  right: z.boolean(),
  /** Slips found in what was answered, so that one more like it shows them. */
  slips: z.array(z.string().max(60)).max(6).default([]),
  at: z.string(),
});
export const triesByPart = z.record(partId, partTries);
export type TriesByPart = z.infer<typeof triesByPart>;

/** What is said after a try, as far as it may be told. */
export const tried = z.object({
  partId,
  right: z.boolean(),
  says: z.array(z.string()),
  shown: z.number().int(),
  tries: z.number().int(),
  /** The working with the student's numbers, once it is shown. */
  working: z.array(paperBlock),
});
export type Tried = z.infer<typeof tried>;
/** `more`: shows the next step of what is known about the last try instead of counting another. */
export const trying = z.object({ itemId, partId, entries: itemEntries, more: z.boolean().default(false) });
export type Trying = z.input<typeof trying>;

const openness = z.enum(['before', 'open', 'late', 'closed']);

/** A set in a student's list. */
export const studentSet = z.object({
  id: recordId,
  title: z.string(),
  purpose: z.enum(['marks', 'practice']),
  openness,
  /** When it is due for this student. */
  dueAt: z.string().optional(),
  submittedAt: z.string().optional(),
  answered: z.number().int(),
  parts: z.number().int(),
  released: z.boolean(),
});
export type StudentSet = z.infer<typeof studentSet>;

export const studentHome = z.object({
  name: z.string(),
  className: z.string(),
  now: z.string(),
  sets: z.array(studentSet),
});
export type StudentHome = z.infer<typeof studentHome>;

/** Where a set stands for a student: answered by every request, since rules may change while somebody writes. */
export const studentState = z.object({
  /** The server's clock. */
  now: z.string(),
  openness,
  dueAt: z.string().optional(),
  late: z.boolean(),
  lessADay: z.number(),
  extraMinutes: z.number().int(),
  submittedAt: z.string().optional(),
  receipt: z.string().optional(),
  /** When the last answer came that counts. */
  answeredAt: z.string().optional(),
  released: z.boolean(),
});
export type StudentState = z.infer<typeof studentState>;

export const studentFile = z.object({ id: recordId, itemId, name: z.string(), size: z.number(), at: z.string() });
export type StudentFile = z.infer<typeof studentFile>;

export const studentPage = z.object({
  setId: recordId,
  title: z.string(),
  className: z.string(),
  name: z.string(),
  number: z.string(),
  purpose: z.enum(['marks', 'practice']),
  tools: z.boolean(),
  /** Whether the numbers are this student's own. */
  ownNumbers: z.boolean(),
  numberStyle: z.string(),
  /** How the class's tool wants numbers. */
  entering: z.object({
    rate: z.enum(['percent-a-year', 'percent-a-payment', 'decimal-a-payment']),
    signs: z.enum(['cash-flow', 'all-positive']),
    labels: z.object({
      n: z.string(),
      rate: z.string(),
      pv: z.string(),
      pmt: z.string(),
      fv: z.string(),
      paymentsPerYear: z.string(),
      compoundingsPerYear: z.string(),
    }),
  }),
  /** How the class rounds, in a sentence. */
  rounding: z.string(),
  state: studentState,
  exercises: z.array(screenExercise.extend({ itemId })),
  entries,
  files: z.array(studentFile),
  practice: z.record(itemId, triesByPart),
});
export type StudentPage = z.infer<typeof studentPage>;

const answerText = z.string().max(40_000, 'An answer has at most 40,000 characters.');

/** Answers on their way: `was` is what the device saw there, so that a text from another device is never written over silently. */
export const studentAnswer = z.object({
  itemId,
  entryId,
  text: answerText,
  was: answerText,
  /** When it was typed, by the device's clock set right by the server's. */
  typedAt: z.iso.datetime(),
});
export type StudentAnswer = z.infer<typeof studentAnswer>;
export const studentAnswers = z.object({
  answers: z.array(studentAnswer).min(1).max(2000),
  /** In which part the student is. */
  place: z.string().max(60).default(''),
});

export const answersTaken = z.object({
  state: studentState,
  /** Answers where another text stands that this device has not seen; nothing was written there. */
  conflicts: z.array(z.object({ itemId, entryId, theirs: answerText })),
  /** Answers that came after the set was closed: kept, and not counted unless an instructor takes them. */
  tooLate: z.array(z.object({ itemId, entryId })),
  /** Answers to parts that are not in the set, and never were. */
  gone: z.array(z.object({ itemId, entryId })),
});
export type AnswersTaken = z.infer<typeof answersTaken>;

/** What is submitted is what the server has: the device says how many answers it knows of. */
export const submittingSet = z.object({ answers: z.number().int().min(0) });
export const studentFileSent = z.object({
  itemId,
  name: oneLine(200, 'A file name has at most 200 characters.').min(1, 'A file has a name.'),
  data: z.base64('A file comes as base64 text.').max(8_000_000, 'A file has at most 6 MB.'),
});

export const studentFeedback = z.object({ blocks: z.array(paperBlock), total: z.string() });
export const morePractice = z.object({
  id: recordId,
  exercise: screenExercise,
  entries: itemEntries,
  tries: triesByPart,
});
export type MorePractice = z.infer<typeof morePractice>;

/** Coming in: with a link, a code on a paper, or a classroom's code and a name. */
export const comingIn = z.union([
  z.object({ link: z.string().min(10).max(80) }),
  z.object({ code: z.string().min(4).max(20), number: z.string().max(60).optional() }),
  z.object({ classroom: z.string().min(4).max(20), studentId: recordId, number: z.string().max(60) }),
]);
export type ComingIn = z.infer<typeof comingIn>;
export const cameIn = z.object({ name: z.string(), setId: recordId.optional() });
export const classroomAsked = z.object({ code: z.string().min(4).max(20) });
/** Names alone, so that each finds their own; the college's number proves it. */
export const classroomList = z.object({
  title: z.string(),
  className: z.string(),
  students: z.array(z.object({ id: recordId, name: z.string() })),
});
export type ClassroomList = z.infer<typeof classroomList>;

/** One student while a set runs, as the instructor sees it. */
export const liveStudent = z.object({
  id: recordId,
  name: z.string(),
  number: z.string(),
  section: z.string(),
  openedAt: z.string().optional(),
  seenAt: z.string().optional(),
  /** In which part: `e1/a`. */
  place: z.string(),
  answered: z.number().int(),
  answeredAt: z.string().optional(),
  submittedAt: z.string().optional(),
  extraMinutes: z.number().int(),
  minutesLate: z.number().int(),
  openness,
  /** Answers that came after it was closed. */
  tooLate: z.number().int(),
});
export type LiveStudent = z.infer<typeof liveStudent>;

export const act = z.object({ at: z.string(), by: z.string(), act: z.string(), who: z.string(), says: z.string() });
export const live = z.object({
  now: z.string(),
  dueAt: z.string().optional(),
  parts: z.number().int(),
  classroom: z.object({ code: z.string(), endsAt: z.string() }).optional(),
  students: z.array(liveStudent),
  /** What was done about the set, the newest first. */
  acts: z.array(act),
});
export type Live = z.infer<typeof live>;

/** What an instructor does about students while a set runs. */
export const liveAct = z.discriminatedUnion('act', [
  z.object({
    act: z.literal('extra-time'),
    studentIds: z.array(recordId).min(1).max(2000),
    minutes: z.number().int().min(0).max(40_000),
  }),
  /** Submits for them what they have so far. */
  z.object({ act: z.literal('submit'), studentIds: z.array(recordId).min(1).max(2000) }),
  /** Takes a submission back, so that it can be changed and submitted again. */
  z.object({ act: z.literal('reopen'), studentIds: z.array(recordId).min(1).max(2000) }),
  /** Counts what came after the set was closed, or leaves it out for good. */
  z.object({ act: z.literal('take-late'), studentIds: z.array(recordId).min(1).max(2000) }),
  z.object({ act: z.literal('leave-late'), studentIds: z.array(recordId).min(1).max(2000) }),
  /** Makes another link: the one before, and where it is open, are worth nothing from now on. */
  z.object({ act: z.literal('new-link'), studentIds: z.array(recordId).min(1).max(1) }),
  z.object({ act: z.literal('open-classroom') }),
  z.object({ act: z.literal('close-classroom') }),
]);
export type LiveAct = z.input<typeof liveAct>;

/** Links and codes to hand out. */
export const studentCodes = z.object({
  students: z.array(
    z.object({
      id: recordId,
      name: z.string(),
      number: z.string(),
      section: z.string(),
      token: z.string(),
      code: z.string(),
    }),
  ),
});
export type StudentCodes = z.infer<typeof studentCodes>;
