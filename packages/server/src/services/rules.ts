/** House rules by name: made, changed, deleted, and read for the classes and exercises that follow them. */

import { defaultHouseRules, type HouseRules } from '@hardy-sextant/core';
import {
  houseRulesDocument,
  usualRulesId,
  type ChangedRules,
  type KeptRules,
  type NewRules,
} from '@hardy-sextant/contract';
import type { Database, Queries } from '../store/database.ts';
import {
  deleteDocument,
  findAnyDocument,
  findDocument,
  insertDocument,
  updateDocument,
  type DocumentRow,
} from '../store/documents.ts';
import { findRulesOfClass, listFollowers, listRules as listRows } from '../store/rules.ts';
import { houseRules } from '../store/schema.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { stored } from './stored.ts';

type NamedRules = Pick<KeptRules, 'id' | 'name' | 'rules' | 'revision'>;

/** The usual rules until they are first changed. */
const shipped: NamedRules = { id: usualRulesId, name: 'Usual', rules: defaultHouseRules, revision: 1 };

const documentOf = (rules: HouseRules) => ({ schemaVersion: 1, rules });

/** What is stored of a set of house rules, read; nothing stored stands for the usual ones. */
export function toRules(row: DocumentRow | null | undefined): NamedRules {
  if (!row) return shipped;
  const { rules } = stored(houseRulesDocument, row.document, 'set of house rules');
  return { id: row.id, name: row.title, rules, revision: row.revision };
}

/** The usual ones first, the others by name; deleted ones only while a class follows them, and none that cannot be read. */
export async function listRules(queries: Queries): Promise<KeptRules[]> {
  const [rows, followers] = await Promise.all([listRows(queries), listFollowers(queries)]);
  const classesOf = (id: string): KeptRules['classes'] =>
    followers.filter(({ rulesId }) => rulesId === id).map(({ rulesId: _theirs, ...each }) => each);
  const read = rows
    .filter(({ document }) => houseRulesDocument.safeParse(document).success)
    .map((row) => ({ ...toRules(row), classes: classesOf(row.id), deleted: row.deletedAt !== null }));
  const usual = read.find(({ id }) => id === usualRulesId) ?? { ...shipped, classes: classesOf(usualRulesId) };
  const others = read.filter(({ id, deleted, classes }) => id !== usualRulesId && (!deleted || classes.length > 0));
  return [usual, ...others.map(({ deleted: _deleted, ...each }) => each)];
}

/** The rules a class follows. */
export async function rulesOf(queries: Queries, classId: string): Promise<HouseRules> {
  const row = await findRulesOfClass(queries, classId);
  if (!row) throw new NotFound('class');
  return toRules(row.rules).rules;
}

/** Some rules by their ids; the usual ones stand for those that are not there any more. */
export async function rulesById(queries: Queries, ids: Iterable<string>): Promise<Map<string, NamedRules>> {
  const found = new Map<string, NamedRules>();
  for (const id of new Set(ids)) found.set(id, toRules(await findDocument(queries, houseRules, id)));
  return found;
}

/** Refuses rules that are not there to be picked. */
export async function canBePicked(queries: Queries, rulesId: string): Promise<void> {
  if (rulesId === usualRulesId || (await findDocument(queries, houseRules, rulesId))) return;
  throw new Invalid('These house rules are not there any more.', [
    { path: 'rulesId', message: 'Pick other house rules: these were deleted.' },
  ]);
}

async function readRules(queries: Queries, id: string): Promise<KeptRules> {
  const found = (await listRules(queries)).find((each) => each.id === id);
  if (!found) throw new NotFound('set of house rules');
  return found;
}

export async function makeRules(database: Database, { name, rules }: NewRules): Promise<KeptRules> {
  return database.transaction(async (writes) => {
    const { id } = await insertDocument(writes, houseRules, { title: name, document: documentOf(rules) });
    return readRules(writes, id);
  });
}

export async function changeRules(
  database: Database,
  id: string,
  { name, rules, revision }: ChangedRules,
): Promise<KeptRules> {
  return database.transaction(async (writes) => {
    if (id === usualRulesId && !(await findAnyDocument(writes, houseRules, id)))
      await insertDocument(writes, houseRules, { title: shipped.name, document: documentOf(shipped.rules) }, id);
    const before = await readRules(writes, id);
    const values = { title: name ?? before.name, document: documentOf(rules) };
    if (!(await updateDocument(writes, houseRules, id, revision, values)))
      throw new Stale('set of house rules', before);
    return readRules(writes, id);
  });
}

/** Puts them into the bin. Exercises written under them are under the usual ones until they are back. */
export async function removeRules(database: Database, id: string): Promise<void> {
  await database.transaction(async (writes) => {
    if (id === usualRulesId)
      throw new Invalid('These rules stay: they hold wherever no others are picked. They can be changed.');
    const { classes } = await readRules(writes, id);
    if (classes.length > 0)
      throw new Invalid(
        `${classes.map(({ code }) => code).join(', ')} ${classes.length === 1 ? 'follows' : 'follow'} these rules. Pick other rules for ${classes.length === 1 ? 'that class' : 'those classes'} first.`,
      );
    if (!(await deleteDocument(writes, houseRules, id))) throw new NotFound('set of house rules');
  });
}
