/** Further tables: people and who is signed in; what students do on their own pages. */

import { index, integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { createdAt, id, updatedAt } from './columns.ts';
import { classes, setId, studentId, students } from './schema.ts';

/** Who works with the book. Nobody has to be in here where it is used on one machine alone. */
export const people = sqliteTable(
  'people',
  {
    id: id(),
    name: text('name').notNull(),
    /** What they sign in with, in small letters. */
    login: text('login').notNull(),
    role: text('role', { enum: ['owner', 'instructor', 'assistant'] }).notNull(),
    /** Hashed; null until the one-time link was used. */
    password: text('password'),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
    removedAt: text('removed_at'),
  },
  (table) => [uniqueIndex('people_login').on(table.login)],
);

/** Which classes an instructor teaches, or an assistant helps in. */
export const classPeople = sqliteTable(
  'class_people',
  {
    classId: text('class_id')
      .notNull()
      .references(() => classes.id, { onDelete: 'cascade' }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
  },
  (table) => [
    primaryKey({ columns: [table.personId, table.classId] }),
    index('class_people_of_class').on(table.classId),
  ],
);

/** Who is signed in where: a person or a student. `id` is the hash of what the browser holds. */
export const sessions = sqliteTable(
  'sessions',
  {
    id: id(),
    personId: text('person_id').references(() => people.id, { onDelete: 'cascade' }),
    studentId: text('student_id').references(() => students.id, { onDelete: 'cascade' }),
    createdAt: createdAt(),
    seenAt: text('seen_at').notNull(),
    endsAt: text('ends_at').notNull(),
  },
  (table) => [index('sessions_of_person').on(table.personId), index('sessions_of_student').on(table.studentId)],
);

/** Links that let a person set a password, once. `id` is the hash of what stands in the link. */
export const oneTimeLinks = sqliteTable(
  'one_time_links',
  {
    id: id(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id, { onDelete: 'cascade' }),
    createdAt: createdAt(),
    endsAt: text('ends_at').notNull(),
    usedAt: text('used_at'),
  },
  (table) => [index('one_time_links_of_person').on(table.personId)],
);

/** A student's own link, to be handed over again: whoever made it may read it. */
export const studentLinks = sqliteTable(
  'student_links',
  {
    studentId: text('student_id')
      .primaryKey()
      .references(() => students.id, { onDelete: 'cascade' }),
    token: text('token').notNull(),
  },
  (table) => [uniqueIndex('student_links_token').on(table.token)],
);

/** A word for a whole classroom, while it is open: with it and a name from the list a student comes in. */
export const classroomCodes = sqliteTable(
  'classroom_codes',
  { setId: setId().primaryKey(), code: text('code').notNull(), endsAt: text('ends_at').notNull() },
  (table) => [uniqueIndex('classroom_codes_code').on(table.code)],
);

/** How often something was tried that must not be tried often. */
export const attempts = sqliteTable('attempts', {
  key: text('key').primaryKey(),
  points: integer('points').notNull(),
  /** Milliseconds since 1970. */
  endsAt: integer('ends_at').notNull(),
});

/** Answers that came after the set was closed: kept, and taken by an instructor or not. */
export const lateAnswers = sqliteTable(
  'late_answers',
  {
    id: id(),
    setId: setId(),
    studentId: studentId(),
    itemId: text('item_id').notNull(),
    entryId: text('entry_id').notNull(),
    text: text('text').notNull(),
    at: text('at').notNull(),
    /** When it was typed, as the student's device says. */
    typedAt: text('typed_at').notNull(),
    doneAt: text('done_at'),
  },
  (table) => [
    index('late_answers_of_set').on(table.setId, table.doneAt),
    index('late_answers_of_student').on(table.studentId),
  ],
);

/** What was done about a set and its marks, by whom and when. */
export const acts = sqliteTable(
  'acts',
  {
    id: id(),
    setId: setId(),
    studentId: text('student_id').references(() => students.id, { onDelete: 'cascade' }),
    at: text('at').notNull(),
    /** The name of who did it, as it was then. */
    by: text('by').notNull(),
    act: text('act').notNull(),
    document: text('document', { mode: 'json' }).notNull(),
  },
  (table) => [index('acts_of_set').on(table.setId, table.at), index('acts_of_student').on(table.studentId)],
);

/** A student's tries at something that is practised: at a practice set, or at one more like an exercise of a set. */
export const practiceRuns = sqliteTable(
  'practice_runs',
  {
    id: id(),
    setId: setId(),
    studentId: studentId(),
    itemId: text('item_id').notNull(),
    /** Whether it is one more like it, with numbers of its own. */
    isMore: integer('is_more', { mode: 'boolean' }).notNull(),
    numbers: text('numbers', { mode: 'json' }).notNull(),
    /** What was answered last, by entry. */
    entries: text('entries', { mode: 'json' }).notNull(),
    /** By part: how often it was tried, how much has been shown, whether it is right. */
    tries: text('tries', { mode: 'json' }).notNull(),
    createdAt: createdAt(),
    updatedAt: updatedAt(),
  },
  (table) => [
    index('practice_runs_of_set').on(table.setId, table.studentId, table.itemId),
    index('practice_runs_of_student').on(table.studentId),
  ],
);
