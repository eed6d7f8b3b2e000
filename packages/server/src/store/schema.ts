/** The tables of the database. Times are ISO text; documents are JSON read through the contract's schemas. */

import { blob, index, integer, primaryKey, real, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { createdAt, id, updatedAt } from './columns.ts';

const revision = () => integer('revision').notNull().default(1);
/** What a search looks through, in small letters; empty where it has not been worked out yet (`services/searched.ts`). */
const words = () => text('words').notNull().default('');
/** What a list is filtered by, as a JSON array of names. */
const labels = () => text('labels').notNull().default('[]');
/** Which set it belongs to; it goes with the set. */
export const setId = () =>
  text('set_id')
    .notNull()
    .references(() => sets.id, { onDelete: 'cascade' });
/** Whose it is; it goes with the student. */
export const studentId = () =>
  text('student_id')
    .notNull()
    .references(() => students.id, { onDelete: 'cascade' });

export const cases = sqliteTable(
  'cases',
  {
    id: id(),
    title: text('title').notNull(),
    document: text('document', { mode: 'json' }).notNull(),
    revision: revision(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
    /** When it was deleted; it can be brought back. */
    deletedAt: text('deleted_at'),
    words: words(),
    labels: labels(),
  },
  (table) => [
    index('cases_listed').on(table.deletedAt, table.updatedAt),
    index('cases_labels').on(table.deletedAt, table.labels),
  ],
);

export const exercises = sqliteTable(
  'exercises',
  {
    id: id(),
    title: text('title').notNull(),
    document: text('document', { mode: 'json' }).notNull(),
    revision: revision(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
    deletedAt: text('deleted_at'),
    /** Archive: kept and used in sets, but out of the way. */
    archivedAt: text('archived_at'),
    /** The house rules it is written under; students' keys follow those of their class. */
    rulesId: text('rules_id').notNull().default('default'),
    /** What lists show of it, so that they read no document; null where it cannot be read. */
    inShort: text('in_short', { mode: 'json' }),
    words: words(),
    labels: labels(),
  },
  (table) => [
    index('exercises_listed').on(table.deletedAt, table.updatedAt),
    index('exercises_labels').on(table.deletedAt, table.labels),
  ],
);

/** Earlier states of exercises, one a revision. */
export const exerciseRevisions = sqliteTable(
  'exercise_revisions',
  {
    id: id(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    document: text('document', { mode: 'json' }).notNull(),
    at: text('at').notNull(),
  },
  (table) => [uniqueIndex('exercise_revisions_once').on(table.exerciseId, table.revision)],
);

/** Entering styles that instructors have made; the shipped ones are core's. */
export const enteringStyles = sqliteTable('entering_styles', {
  id: id(),
  title: text('title').notNull(),
  document: text('document', { mode: 'json' }).notNull(),
  revision: revision(),
  createdAt: createdAt(),
  updatedAt: updatedAt(),
  deletedAt: text('deleted_at'),
  words: words(),
  labels: labels(),
});

export const classes = sqliteTable(
  'classes',
  {
    id: id(),
    code: text('code').notNull(),
    title: text('title').notNull(),
    college: text('college').notNull(),
    term: text('term').notNull().default(''),
    /** The house rules it follows. */
    rulesId: text('rules_id').notNull().default('default'),
    revision: revision(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
    deletedAt: text('deleted_at'),
    /** Out of the way, with its sets. */
    archivedAt: text('archived_at'),
    words: words(),
  },
  (table) => [index('classes_listed').on(table.deletedAt, table.code)],
);

/** Sets of house rules by name. The usual one, `default`, is core's own until it is first changed. */
export const houseRules = sqliteTable('house_rules', {
  id: id(),
  title: text('title').notNull(),
  document: text('document', { mode: 'json' }).notNull(),
  revision: revision(),
  createdAt: createdAt(),
  updatedAt: updatedAt(),
  deletedAt: text('deleted_at'),
  words: words(),
  labels: labels(),
});

export const students = sqliteTable(
  'students',
  {
    id: id(),
    classId: text('class_id')
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    /** The college's own number for the student. */
    number: text('number').notNull(),
    /** When the student left the class; answers and marks stay. */
    withdrawnAt: text('withdrawn_at'),
    /** Which part of the class; empty where it has none. */
    section: text('section').notNull().default(''),
  },
  (table) => [
    uniqueIndex('students_number').on(table.classId, table.number),
    index('students_here').on(table.classId, table.withdrawnAt),
  ],
);

/** Exercises given to a class together. */
export const sets = sqliteTable(
  'sets',
  {
    id: id(),
    classId: text('class_id')
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    title: text('title').notNull(),
    document: text('document', { mode: 'json' }).notNull(),
    revision: revision(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
    deletedAt: text('deleted_at'),
    assignedAt: text('assigned_at'),
    releasedAt: text('released_at'),
    archivedAt: text('archived_at'),
    /** Counts, kept in the transaction that changes them (`recount`): lists read no submissions. */
    submitted: integer('submitted').notNull().default(0),
    toLookAt: integer('to_look_at').notNull().default(0),
    unmatched: integer('unmatched').notNull().default(0),
    words: words(),
  },
  (table) => [index('sets_of_class').on(table.classId), index('sets_listed').on(table.deletedAt, table.updatedAt)],
);

/** Which exercises a set has, as its document says: for the way back, from an exercise to its sets. */
export const setExercises = sqliteTable(
  'set_exercises',
  { setId: setId(), exerciseId: text('exercise_id').notNull() },
  (table) => [
    primaryKey({ columns: [table.setId, table.exerciseId] }),
    index('set_exercises_of_exercise').on(table.exerciseId),
  ],
);

/** What students got: each exercise of a set as it was when it was assigned. */
export const assignedExercises = sqliteTable(
  'assigned_exercises',
  {
    id: id(),
    setId: setId(),
    itemId: text('item_id').notNull(),
    exerciseId: text('exercise_id').notNull(),
    document: text('document', { mode: 'json' }).notNull(),
    exerciseRevision: integer('exercise_revision').notNull(),
    keptAgainst: integer('kept_against'),
    /** When the exercise was removed from the set; the answers to it stay. */
    removedAt: text('removed_at'),
  },
  (table) => [uniqueIndex('assigned_exercises_once').on(table.setId, table.itemId)],
);

/** One student's answers to a set, with the numbers they were given and what was judged of them. */
export const submissions = sqliteTable(
  'submissions',
  {
    id: id(),
    setId: setId(),
    studentId: studentId(),
    /** A student's own numbers, by place in the set. */
    numbers: text('numbers', { mode: 'json' }).notNull(),
    /** Which version of the set the student has: A, B, …; empty where it has none. */
    version: text('version').notNull().default(''),
    /** Text as submitted, by place in the set and entry. */
    entries: text('entries', { mode: 'json' }).notNull(),
    revision: revision(),
    updatedAt: updatedAt(),
    /** Verdicts by place, and what they were worked out from; another fingerprint now means they are out of date. */
    verdicts: text('verdicts', { mode: 'json' }),
    checkedAs: text('checked_as'),
    /** Answers without a known cause that nobody has decided on. */
    open: integer('open').notNull().default(0),
    /** The code on the student's paper of the set; empty where it has not been worked out yet. */
    code: text('code').notNull().default(''),
    /** When the student first opened it, and was last seen in it, and in which part (`e1/a`). */
    openedAt: text('opened_at'),
    seenAt: text('seen_at'),
    place: text('place').notNull().default(''),
    /** When the student submitted it, and the receipt's number. */
    submittedAt: text('submitted_at'),
    receipt: text('receipt').notNull().default(''),
    /** When the last answer came that counts, where the student typed it. */
    answeredAt: text('answered_at'),
    /** Minutes after the due time that this student has more than others. */
    extraMinutes: integer('extra_minutes').notNull().default(0),
  },
  (table) => [
    uniqueIndex('submissions_once').on(table.setId, table.studentId),
    index('submissions_of_student').on(table.studentId),
    index('submissions_code').on(table.code),
    index('submissions_checked').on(table.setId, table.checkedAs),
  ],
);

/** What an instructor decided for one answer. */
export const decisions = sqliteTable(
  'decisions',
  {
    id: id(),
    setId: setId(),
    studentId: studentId(),
    itemId: text('item_id').notNull(),
    partId: text('part_id').notNull(),
    credit: real('credit'),
    comment: text('comment').notNull(),
    /** Lines of a rubric, where the part is marked by hand. */
    lines: text('lines', { mode: 'json' }),
    updatedAt: updatedAt(),
  },
  (table) => [
    uniqueIndex('decisions_once').on(table.setId, table.studentId, table.itemId, table.partId),
    index('decisions_of_student').on(table.studentId),
  ],
);

/** Answers accepted as another reading for everyone. */
export const acceptedReadings = sqliteTable(
  'accepted_readings',
  { id: id(), setId: setId(), document: text('document', { mode: 'json' }).notNull(), updatedAt: updatedAt() },
  (table) => [index('accepted_readings_of_set').on(table.setId)],
);

/** Answers as they stood before they were written over, one a change. */
export const earlierAnswers = sqliteTable(
  'earlier_answers',
  {
    id: id(),
    setId: setId(),
    studentId: studentId(),
    itemId: text('item_id').notNull(),
    entryId: text('entry_id').notNull(),
    text: text('text').notNull(),
    /** When it was written over, and what did: typed, pasted, a file's name, undo. */
    at: text('at').notNull(),
    source: text('source').notNull(),
  },
  (table) => [
    index('earlier_answers_of_set').on(table.setId, table.studentId),
    index('earlier_answers_of_student').on(table.studentId),
  ],
);

/** Rows of imports that match no student yet, as they came. */
export const unmatchedRows = sqliteTable(
  'unmatched_rows',
  {
    id: id(),
    setId: setId(),
    document: text('document', { mode: 'json' }).notNull(),
    updatedAt: updatedAt(),
    /** When it was given to a student or put away; it can be brought back. */
    doneAt: text('done_at'),
  },
  (table) => [index('unmatched_rows_of_set').on(table.setId)],
);

/** Which column of a file is what, by the names of its columns. */
export const columnMatchings = sqliteTable('column_matchings', {
  id: id(),
  document: text('document', { mode: 'json' }).notNull(),
  updatedAt: updatedAt(),
});

/** What students read about a slip, in the instructor's own words. */
export const slipTexts = sqliteTable('slip_texts', {
  id: id(),
  text: text('text').notNull(),
  revision: revision(),
  updatedAt: updatedAt(),
});

/** Worksheets that students submitted: the file as it came, and what was found in it. */
export const worksheets = sqliteTable(
  'worksheets',
  {
    id: id(),
    setId: setId(),
    itemId: text('item_id').notNull(),
    /** Nobody's where none of the class fits. */
    studentId: text('student_id').references(() => students.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    bytes: blob('bytes', { mode: 'buffer' }).notNull(),
    size: integer('size').notNull(),
    summary: text('summary', { mode: 'json' }).notNull(),
    /** What it answers, as a student would type it. */
    entries: text('entries', { mode: 'json' }),
    /** Where things stand in it, as somebody said it. */
    mapping: text('mapping', { mode: 'json' }),
    revision: revision(),
    createdAt: createdAt(),
    deletedAt: text('deleted_at'),
  },
  (table) => [
    index('worksheets_of_set').on(table.setId, table.itemId, table.deletedAt),
    index('worksheets_of_student').on(table.studentId),
  ],
);
