/** The tables of the database. Times are ISO text; documents are JSON read through the contract's schemas. */

import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';

const id = () => text('id').primaryKey();
const revision = () => integer('revision').notNull().default(1);
const createdAt = () => text('created_at').notNull();
const updatedAt = () => text('updated_at').notNull();

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
  },
  (table) => [index('cases_updated').on(table.updatedAt)],
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
    /** Put aside: kept and used in sets, but out of the way. */
    archivedAt: text('archived_at'),
  },
  (table) => [index('exercises_updated').on(table.updatedAt)],
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
});

export const classes = sqliteTable('classes', {
  id: id(),
  code: text('code').notNull(),
  title: text('title').notNull(),
  college: text('college').notNull(),
  rules: text('rules', { mode: 'json' }).notNull(),
  revision: revision(),
  createdAt: createdAt(),
  updatedAt: updatedAt(),
});

/** The house rules that hold where no class's do; one row, `default`. */
export const defaultRules = sqliteTable('default_rules', { id: id(), rules: text('rules', { mode: 'json' }).notNull(), revision: revision(), updatedAt: updatedAt() });

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
  },
  (table) => [uniqueIndex('students_number').on(table.classId, table.number)],
);

export const handIns = sqliteTable(
  'hand_ins',
  {
    id: id(),
    exerciseId: text('exercise_id')
      .notNull()
      .references(() => exercises.id, { onDelete: 'cascade' }),
    studentId: text('student_id')
      .notNull()
      .references(() => students.id, { onDelete: 'cascade' }),
    /** Text as handed in, by part. */
    entries: text('entries', { mode: 'json' }).notNull(),
    revision: revision(),
    updatedAt: updatedAt(),
  },
  (table) => [uniqueIndex('hand_ins_once').on(table.exerciseId, table.studentId)],
);
