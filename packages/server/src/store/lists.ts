/** Pages of lists: the newest first, found by their words and labels. */

import { and, asc, count, desc, eq, inArray, isNull, sql, type Column, type SQL } from 'drizzle-orm';
import { PAGE_SIZE } from '@hardy-sextant/contract';
import type { Queries } from './database.ts';
import { cases, exercises } from './schema.ts';

export interface AskedPage {
  readonly find: string;
  /** Counted from 1. */
  readonly page: number;
}

export interface Page<Row> {
  readonly rows: Row[];
  /** How many fit in all. */
  readonly total: number;
}

/** Where a page lies among all rows. */
export const placeOf = ({ page }: AskedPage): { readonly limit: number; readonly offset: number } => ({
  limit: PAGE_SIZE,
  offset: (page - 1) * PAGE_SIZE,
});

/** The text that is searched: small letters, one space between words. */
export const searchedText = (...texts: readonly string[]): string =>
  texts.join(' ').toLowerCase().replace(/\s+/g, ' ').trim();

/** Every word that is looked for occurs in one of the columns. */
export function hasWords(columns: readonly Column[], find: string): SQL[] {
  const text = sql.join([...columns], sql.raw(" || ' ' || "));
  return searchedText(find)
    .split(' ')
    .filter((word) => word !== '')
    .map((word) => sql`instr(${text}, ${word}) > 0`);
}

type ListedTable = typeof cases | typeof exercises;

export type AskedLabels = AskedPage & { readonly labels: readonly string[] };

/** Which records stand on a page; what is left out is not read. */
async function idsOfPage(
  queries: Queries,
  table: ListedTable,
  asked: AskedLabels,
  more: readonly SQL[],
): Promise<{ ids: string[]; total: number }> {
  const where = and(
    isNull(table.deletedAt),
    ...hasWords([table.words], asked.find),
    ...asked.labels.map((label) => sql`instr(${table.labels}, ${JSON.stringify(label)}) > 0`),
    ...more,
  );
  const { limit, offset } = placeOf(asked);
  const [rows, [all]] = await Promise.all([
    queries
      .select({ id: table.id })
      .from(table)
      .where(where)
      .orderBy(desc(table.updatedAt), asc(table.id))
      .limit(limit)
      .offset(offset),
    queries.select({ total: count() }).from(table).where(where),
  ]);
  return { ids: rows.map(({ id }) => id), total: all?.total ?? 0 };
}

/** Rows in the order of their ids. */
function inOrder<Row extends { readonly id: string }>(ids: readonly string[], rows: readonly Row[]): Row[] {
  const byId = new Map(rows.map((row) => [row.id, row]));
  return ids.flatMap((id) => byId.get(id) ?? []);
}

export type CaseRow = typeof cases.$inferSelect;
export type ExerciseRow = typeof exercises.$inferSelect;
/** An exercise as a list shows it; its document stays where it is. */
export type ExerciseInListRow = Pick<ExerciseRow, 'id' | 'title' | 'inShort' | 'archivedAt' | 'updatedAt' | 'revision'>;

export async function pageOfCases(queries: Queries, asked: AskedLabels): Promise<Page<CaseRow>> {
  const { ids, total } = await idsOfPage(queries, cases, asked, []);
  const rows = ids.length === 0 ? [] : await queries.select().from(cases).where(inArray(cases.id, ids));
  return { rows: inOrder(ids, rows), total };
}

/** `used`: the id of a set that has them, `none` for those in no set that is there, or empty. */
export type AskedExercises = AskedLabels & { readonly archived: boolean; readonly used: string };

export const idsOfExercises = (queries: Queries, asked: AskedExercises): Promise<{ ids: string[]; total: number }> =>
  idsOfPage(queries, exercises, asked, exerciseFilters(asked));

export async function pageOfExercises(queries: Queries, asked: AskedExercises): Promise<Page<ExerciseInListRow>> {
  const { ids, total } = await idsOfExercises(queries, asked);
  return { rows: await exercisesInList(queries, ids), total };
}

/** Those of some exercises that are there, as lists show them. */
export async function exercisesInList(queries: Queries, ids: readonly string[]): Promise<ExerciseInListRow[]> {
  if (ids.length === 0) return [];
  const { id, title, inShort, archivedAt, updatedAt, revision } = exercises;
  const rows = await queries
    .select({ id, title, inShort, archivedAt, updatedAt, revision })
    .from(exercises)
    .where(and(inArray(exercises.id, [...ids]), isNull(exercises.deletedAt)));
  return inOrder(ids, rows);
}

const inSetsThatAreThere = sql`
  SELECT 1 FROM set_exercises JOIN sets ON sets.id = set_exercises.set_id AND sets.deleted_at IS NULL
  JOIN classes ON classes.id = sets.class_id AND classes.deleted_at IS NULL
  WHERE set_exercises.exercise_id = exercises.id`;

function exerciseFilters({ archived, used }: AskedExercises): SQL[] {
  return [
    archived ? sql`${exercises.archivedAt} IS NOT NULL` : sql`${exercises.archivedAt} IS NULL`,
    ...(used === 'none' ? [sql`NOT EXISTS (${inSetsThatAreThere})`] : []),
    ...(used !== '' && used !== 'none'
      ? [sql`${exercises.id} IN (SELECT exercise_id FROM set_exercises WHERE set_id = ${used})`]
      : []),
  ];
}

/** Every label that a record of a table has, in the order of the alphabet. */
export async function labelsOf(queries: Queries, table: ListedTable): Promise<string[]> {
  const rows = await queries.selectDistinct({ labels: table.labels }).from(table).where(isNull(table.deletedAt));
  return [...new Set(rows.flatMap(({ labels }) => JSON.parse(labels) as string[]))].sort((a, b) => a.localeCompare(b));
}

/** An exercise that is there, with whether it is archived. */
export async function findExercise(queries: Queries, id: string): Promise<ExerciseRow | undefined> {
  const [row] = await findExercises(queries, [id]);
  return row;
}

/** Those of some exercises that are there. */
export async function findExercises(queries: Queries, ids: readonly string[]): Promise<ExerciseRow[]> {
  const found: ExerciseRow[] = [];
  for (let at = 0; at < ids.length; at += MOST_NAMED) {
    const some = and(inArray(exercises.id, ids.slice(at, at + MOST_NAMED)), isNull(exercises.deletedAt));
    found.push(...(await queries.select().from(exercises).where(some)));
  }
  return found;
}

/** So many ids are named in one statement. */
const MOST_NAMED = 200;

export interface InSets {
  readonly newest: { readonly id: string; readonly title: string }[];
  /** Whether there are more than those. */
  readonly more: boolean;
}

/** For some exercises: the few sets that each came into last. */
export async function setsOfExercises(
  queries: Queries,
  ids: readonly string[],
  shown: number,
): Promise<ReadonlyMap<string, InSets>> {
  if (ids.length === 0) return new Map();
  const rows = await queries.all<{ id: string; found: string }>(sql`
    SELECT exercises.id AS id, (
      SELECT json_group_array(json_object('id', id, 'title', title)) FROM (
        SELECT sets.id AS id, sets.title AS title FROM set_exercises
        JOIN sets ON sets.id = set_exercises.set_id AND sets.deleted_at IS NULL
        JOIN classes ON classes.id = sets.class_id AND classes.deleted_at IS NULL
        WHERE set_exercises.exercise_id = exercises.id ORDER BY set_exercises.rowid DESC LIMIT ${shown + 1}
      )
    ) AS found FROM exercises WHERE exercises.id IN ${ids}`);
  return new Map(
    rows.map(({ id, found }) => {
      const sets = JSON.parse(found) as InSets['newest'];
      return [id, { newest: sets.slice(0, shown), more: sets.length > shown }];
    }),
  );
}

/** The documents of all exercises with a title. */
export async function documentsTitled(queries: Queries, title: string): Promise<{ id: string; document: unknown }[]> {
  return queries
    .select({ id: exercises.id, document: exercises.document })
    .from(exercises)
    .where(and(isNull(exercises.deletedAt), eq(exercises.title, title)));
}
