/** Submissions of a set, what is decided about them, and answers taken in from files. */

import { z } from 'zod';
import type { Accepted, Verdict } from '@hardy-sextant/core';
import { student } from './classes.ts';
import { itemId, keptSet } from './sets.ts';
import { recordId } from './statement.ts';
import { partId } from './exercises.ts';
import { verdict } from './verdicts.ts';

/** Long text is kept and called unreadable. */
const answerText = z.string().max(40_000, 'An answer has at most 40,000 characters.');
/** Text as written, by part; cells of a table as `part.row:column`, entered values as `part.n`. */
export const entryId = z
  .string()
  .regex(/^(?!constructor(?:\.|$))[a-z0-9-]{1,20}(\.[a-z0-9:-]{1,30})?$/, 'An answer belongs to a part.');
/** Texts by entry of one exercise: `a`, `b.3:interest`. */
export const itemEntries = z.record(entryId, answerText);
export const entries = z.record(itemId, itemEntries);
export type SetEntries = z.infer<typeof entries>;

/** A student's own numbers, by place in the set and given. */
export const ownNumbers = z.record(itemId, z.record(z.string(), z.union([z.number(), z.string()])));
export type OwnNumbers = z.infer<typeof ownNumbers>;

export const itemVerdicts: z.ZodType<Readonly<Record<string, readonly Verdict[]>>> = z.record(itemId, z.array(verdict));

const credit = z.number().min(0).max(1);
export const decision = z.object({
  itemId,
  partId,
  credit: credit.optional(),
  comment: z.string().max(4000, 'A comment has at most 4,000 characters.'),
  /** Lines of the rubric that the answer has, where the part is marked by hand. */
  lines: z.array(z.string().min(1).max(20)).max(20).optional(),
});
export type KeptDecision = z.infer<typeof decision>;

export const markedStudent = student.extend({
  entries,
  numbers: ownNumbers,
  /** "A", where the set has versions. */
  version: z.string().max(1).default(''),
  revision: z.number().int(),
  /** Left out where they still have to be worked out. */
  verdicts: itemVerdicts.optional(),
  decisions: z.array(decision),
  /** Where the student answered on their own page: when they submitted it, how late the last answer came, and what that costs in percent. */
  submittedAt: z.string().optional(),
  minutesLate: z.number().int().default(0),
  less: z.number().min(0).max(100).default(0),
  /** What is stored for this student cannot be read by this version; it is left as it is. */
  unreadable: z.literal(true).optional(),
});
export type MarkedStudent = z.infer<typeof markedStudent>;

const match: z.ZodType<Accepted['match']> = z.union([
  z.object({ slips: z.array(z.string().max(60)).min(1).max(3) }),
  z.object({ value: z.number() }),
]);
export const newAccepted = z.object({
  itemId,
  partId,
  match,
  says: z.string().max(400, 'At most 400 characters.'),
  credit,
});
export const keptAccepted = newAccepted.extend({ id: recordId });
export type KeptAccepted = z.infer<typeof keptAccepted>;

/** What stood in an answer before it was written over. */
export const earlierAnswer = z.object({
  itemId,
  entryId,
  text: answerText,
  /** When it was written over, and by what: typed, pasted, a file's name, undo. */
  at: z.string(),
  source: z.string(),
});
export type EarlierAnswer = z.infer<typeof earlierAnswer>;
export const earlierAnswers = z.array(earlierAnswer);

/** A row of an import that matches no student yet, as it was in the file. */
export const unmatchedRow = z.object({
  id: recordId,
  place: z.number().int(),
  source: z.string(),
  student: z.string(),
  entries,
  why: z.string(),
});
export type UnmatchedRow = z.infer<typeof unmatchedRow>;

export const marking = z.object({
  set: keptSet,
  students: z.array(markedStudent),
  accepted: z.array(keptAccepted),
  unmatchedRows: z.array(unmatchedRow),
  /** So many submissions have no verdicts yet. */
  unchecked: z.number().int(),
});
export type Marking = z.infer<typeof marking>;

/** How far the checking has come. */
export const checkProgress = z.object({ checked: z.number().int(), left: z.number().int() });

/** One answer written, with what stood there. */
export const writtenAnswer = z.object({ studentId: recordId, itemId, entryId, text: answerText, was: answerText });
export type WrittenAnswer = z.infer<typeof writtenAnswer>;

/** Answers typed or pasted, all of one action; they are written together or not at all. */
export const changedAnswers = z.object({
  /** What writes them; earlier answers say it. */
  source: z.string().max(200).default('typed'),
  /** Unmatched rows that this takes back or brings back, where it undoes an import or a row given to a student. */
  rows: z
    .array(z.object({ id: recordId, done: z.boolean() }))
    .max(5000)
    .default([]),
  changes: z
    .array(
      z.object({
        studentId: recordId,
        itemId,
        entryId,
        text: answerText,
        /** What the writer saw there; another text in its place is a change made elsewhere. */
        was: answerText.optional(),
      }),
    )
    .max(20_000, 'At most 20,000 answers can be written at once.'),
});
export type ChangedAnswers = z.input<typeof changedAnswers>;

export const changedStudents = z.array(markedStudent);

/** Decisions and accepted readings of one action. Left-out credit and an empty comment take a decision back. */
export const changedDecisions = z.object({
  decisions: z
    .array(
      decision.extend({
        studentId: recordId,
        /** What the writer saw there; another decision in its place is one made elsewhere. */
        was: decision.pick({ credit: true, comment: true, lines: true }),
      }),
    )
    .max(20_000)
    .default([]),
  accept: z.array(newAccepted).max(100).default([]),
  /** Accepted readings taken back. */
  takeBack: z.array(recordId).max(100).default([]),
});
export type ChangedDecisions = z.infer<typeof changedDecisions>;

/** What decisions changed: the students they are about as they are now, and the readings accepted for everyone where those changed. */
export const decidedReport = z.object({ students: z.array(markedStudent), accepted: z.array(keptAccepted).optional() });
export type DecidedReport = z.infer<typeof decidedReport>;

/** A file's or pasted block's rows after its columns were matched. */
export const importedAnswers = z.object({
  /** What it was, for the list of what could not be matched: a file's name, or "pasted". */
  source: z.string().max(200),
  rows: z
    .array(z.object({ place: z.number().int().min(0), student: z.string().max(400), entries }))
    .min(1, 'There are no rows in it.')
    .max(5000, 'At most 5,000 rows come in at once.'),
});
export type ImportedAnswers = z.infer<typeof importedAnswers>;

export const importedReport = z.object({
  /** Students whose answers changed, and how many answers did. */
  students: z.number().int(),
  changed: z.number().int(),
  same: z.number().int(),
  kept: z.array(unmatchedRow),
  /** What was written, and the unmatched rows that are new: undoing takes both back. */
  written: z.array(writtenAnswer),
  newRows: z.array(recordId),
});
export type ImportedReport = z.infer<typeof importedReport>;

export const assignedRow = z.object({ studentId: recordId });
/** What giving a row to a student changed: the student, and the rows that are left. */
export const assignedReport = z.object({
  students: z.array(markedStudent),
  unmatchedRows: z.array(unmatchedRow),
  written: z.array(writtenAnswer),
});
export type AssignedReport = z.infer<typeof assignedReport>;

/** Which column of a file is what, remembered by the names of the columns. */
export const columnMatching = z.object({
  columns: z.array(z.string().max(200)).max(400),
  /** For each column: the student, an entry (`e1/a`, `e1/a.n`), or nothing. */
  roles: z.array(z.string().max(80)).max(400),
});
export type ColumnMatching = z.infer<typeof columnMatching>;
export const columnMatchings = z.array(columnMatching);

/** What students read about a slip, in the instructor's own words; for all classes. */
export const slipText = z.object({
  slipId: z.string().min(1).max(60),
  text: z.string().max(2000, 'At most 2,000 characters.'),
  revision: z.number().int().min(0),
});
export type SlipText = z.infer<typeof slipText>;
export const slipTexts = z.array(slipText);
export const changedSlipText = z.object({ text: slipText.shape.text, revision: z.number().int().min(0) });
