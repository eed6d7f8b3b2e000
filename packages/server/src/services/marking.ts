/** Marking a set: answers in, verdicts, decisions. */

import { createHash } from 'node:crypto';
import type { Entries, HouseRules, Numbers, Verdict } from '@hardy-sextant/core';
import {
  entries as entriesSchema,
  itemShare,
  itemVerdicts,
  keptAccepted,
  keptRow,
  markedParts,
  ownNumbers,
  type ChangedAnswers,
  type ChangedDecisions,
  type ImportedAnswers,
  type ImportedReport,
  type KeptAccepted,
  type KeptRow,
  type KeptSet,
  type MarkedStudent,
  type Marking,
  type SetEntries,
} from '@hardy-sextant/contract';
import type { CheckedJob } from '../checking/checkJob.ts';
import type { Checker } from '../checking/checker.ts';
import { listStudents, type StudentRow } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import {
  deleteAccepted,
  deleteKeptRows,
  insertAccepted,
  insertKeptRows,
  listAccepted,
  listDecisions,
  listHandIns,
  listKeptRows,
  putDecisions,
  writeEntries,
  writeOpen,
  writeVerdicts,
  type DecisionRow,
  type HandInRow,
} from '../store/handIns.ts';
import { touchSet } from '../store/sets.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { readSet, rulesOf } from './sets.ts';
import { studentFinder } from './studentFinder.ts';

/** Goes up when judging changes, so that stored verdicts are worked out again. */
const JUDGED_AS = 1;

interface Stored {
  readonly set: KeptSet;
  readonly rules: HouseRules;
  readonly students: readonly StudentRow[];
  readonly handIns: ReadonlyMap<string, HandInRow>;
  readonly decisions: readonly DecisionRow[];
  readonly accepted: readonly KeptAccepted[];
}

async function readStored(queries: Queries, setId: string): Promise<Stored> {
  const set = await readSet(queries, setId);
  if (!set.givenOutAt) throw new Invalid('This set has not been given out yet, so there is nothing to mark.');
  const [rules, students, handIns, decisions, accepted] = await Promise.all([
    rulesOf(queries, set.classId),
    listStudents(queries, set.classId),
    listHandIns(queries, setId),
    listDecisions(queries, setId),
    readAccepted(queries, setId),
  ]);
  return { set, rules, students, handIns: new Map(handIns.map((row) => [row.studentId, row])), decisions, accepted };
}

async function readAccepted(queries: Queries, setId: string): Promise<KeptAccepted[]> {
  return (await listAccepted(queries, setId)).map(({ id, document }) => keptAccepted.parse({ ...(document as object), id }));
}

async function readKeptRows(queries: Queries, setId: string): Promise<KeptRow[]> {
  return (await listKeptRows(queries, setId)).map(({ id, document }) => keptRow.parse({ ...(document as object), id }));
}

/** What verdicts were worked out from. */
function fingerprint({ set, rules }: Stored): string {
  const keys = set.copies.map(({ itemId, revision }) => [itemId, revision]);
  return createHash('sha1')
    .update(JSON.stringify([JUDGED_AS, rules, keys]))
    .digest('hex');
}

function toStudent(stored: Stored, { id, name, number }: StudentRow, current: string): MarkedStudent {
  const row = stored.handIns.get(id);
  return {
    id,
    name,
    number,
    entries: row ? entriesSchema.parse(row.entries) : {},
    numbers: row ? ownNumbers.parse(row.numbers) : {},
    revision: row?.revision ?? 0,
    ...(row?.checkedAs === current ? { verdicts: itemVerdicts.parse(row.verdicts) as Record<string, Verdict[]> } : {}),
    decisions: stored.decisions
      .filter(({ studentId }) => studentId === id)
      .map(({ itemId, partId, credit, comment }) => ({ itemId, partId, comment, ...(credit === null ? {} : { credit }) })),
  };
}

/** Everything about a set's marking; hand-ins that have no verdicts yet are counted. */
export async function readMarking(queries: Queries, setId: string): Promise<Marking> {
  const stored = await readStored(queries, setId);
  const current = fingerprint(stored);
  const students = stored.students.map((student) => toStudent(stored, student, current));
  return {
    set: stored.set,
    students,
    accepted: [...stored.accepted],
    keptRows: await readKeptRows(queries, setId),
    unchecked: students.filter(({ verdicts }) => verdicts === undefined).length,
  };
}

/** So many hand-ins are judged before progress is told. */
const AT_ONCE = 60;

/**
 * Judges hand-ins that have no verdicts, or out-of-date ones, and stores what was found.
 *
 * @param most as many at most; all of them when left out
 */
export async function checkSet(database: Database, check: Checker, setId: string, most = Infinity): Promise<{ checked: number; left: number }> {
  const stored = await readStored(database, setId);
  const current = fingerprint(stored);
  const waiting = stored.students.flatMap(({ id }) => {
    const row = stored.handIns.get(id);
    return row && row.checkedAs !== current ? [row] : [];
  });
  const now = waiting.slice(0, most);
  if (now.length > 0) await judge(database, check, stored, now, current);
  return { checked: now.length, left: waiting.length - now.length };
}

/** One step of checking a set, for a screen that shows how far it is. */
export function checkSome(database: Database, check: Checker, setId: string): Promise<{ checked: number; left: number }> {
  return checkSet(database, check, setId, AT_ONCE);
}

async function judge(database: Database, check: Checker, stored: Stored, rows: readonly HandInRow[], current: string): Promise<void> {
  const entries = new Map(rows.map((row) => [row.id, entriesSchema.parse(row.entries)]));
  const found = new Map<string, Record<string, readonly Verdict[]>>(rows.map(({ id }) => [id, {}]));
  await Promise.all(
    stored.set.copies.map(async ({ itemId, exercise }) => {
      const groups = new Map<string, { numbers: Numbers; rows: HandInRow[] }>();
      for (const row of rows) {
        const numbers = ownNumbers.parse(row.numbers)[itemId] ?? {};
        const name = JSON.stringify(numbers);
        const group = groups.get(name);
        if (group) group.rows.push(row);
        else groups.set(name, { numbers, rows: [row] });
      }
      const all = [...groups.values()];
      // One exercise for all is one job; own numbers are shared out over the workers.
      for (const part of shared(all)) {
        const checked: CheckedJob = await check({
          exercise,
          rules: stored.rules,
          groups: part.map((group) => ({ numbers: group.numbers, entries: group.rows.map((row): Entries => entries.get(row.id)![itemId] ?? {}) })),
        });
        part.forEach((group, at) => group.rows.forEach((row, k) => (found.get(row.id)![itemId] = checked[at]![k]!)));
      }
    }),
  );
  const byId = new Map(stored.students.map((student) => [student.id, student]));
  await database.transaction(async (transaction) => {
    for (const row of rows) {
      const verdicts = found.get(row.id)!;
      const student = toStudent({ ...stored, handIns: new Map([[row.studentId, { ...row, verdicts, checkedAs: current }]]) }, byId.get(row.studentId)!, current);
      await writeVerdicts(transaction, row, verdicts, current, openIn(stored, student));
    }
  });
}

function shared<T>(all: readonly T[]): T[][] {
  const size = Math.max(1, Math.ceil(all.length / 4));
  return Array.from({ length: Math.ceil(all.length / size) }, (_, at) => all.slice(at * size, (at + 1) * size));
}

function openIn({ set, accepted }: Pick<Stored, 'set' | 'accepted'>, student: MarkedStudent): number {
  return set.copies.reduce((sum, copy) => sum + markedParts(student, copy, accepted, itemShare({ set }, copy.itemId)).filter(({ open }) => open).length, 0);
}

/** Some students as they are now, judged. */
async function readStudents(database: Database, check: Checker, setId: string, ids: readonly string[]): Promise<MarkedStudent[]> {
  await checkSet(database, check, setId);
  const wanted = new Set(ids);
  return (await readMarking(database, setId)).students.filter(({ id }) => wanted.has(id));
}

/** Writes all answers of one action in one transaction: one unknown student or part, or one changed elsewhere, and none is written. */
export async function writeAnswers(database: Database, check: Checker, setId: string, { changes }: ChangedAnswers): Promise<MarkedStudent[]> {
  const stored = await readStored(database, setId);
  const parts = new Set(stored.set.copies.flatMap(({ itemId, exercise }) => exercise.parts.map(({ id }) => `${itemId}/${id}`)));
  const fields = changes.flatMap(({ studentId, itemId, entryId }, at) => [
    ...(stored.handIns.has(studentId) ? [] : [{ path: `changes.${at}.studentId`, message: 'There is no such student in this class.' }]),
    ...(parts.has(`${itemId}/${entryId.split('.')[0]}`) ? [] : [{ path: `changes.${at}.entryId`, message: 'There is no such part in this set.' }]),
  ]);
  if (fields.length > 0) throw new Invalid('Some answers belong to nobody here; none was written.', fields);
  const ids = [...new Set(changes.map(({ studentId }) => studentId))];
  await database.transaction(async (transaction) => {
    const rows = new Map((await listHandIns(transaction, setId)).map((row) => [row.studentId, row]));
    for (const studentId of ids) {
      const row = rows.get(studentId)!;
      const now = entriesSchema.parse(row.entries);
      const mine = changes.filter((change) => change.studentId === studentId);
      const elsewhere = mine.find(({ itemId, entryId, was }) => was !== undefined && (now[itemId]?.[entryId] ?? '') !== was);
      if (elsewhere) throw new Stale('answer', { ...elsewhere, text: now[elsewhere.itemId]?.[elsewhere.entryId] ?? '' });
      await writeEntries(transaction, row, withChanges(now, mine));
    }
    await touchSet(transaction, setId);
  });
  return readStudents(database, check, setId, ids);
}

function withChanges(before: SetEntries, changes: readonly { readonly itemId: string; readonly entryId: string; readonly text: string }[]): SetEntries {
  const after: SetEntries = Object.fromEntries(Object.entries(before).map(([itemId, texts]) => [itemId, { ...texts }]));
  for (const { itemId, entryId, text } of changes) {
    const texts = (after[itemId] ??= {});
    if (text === '') delete texts[entryId];
    else texts[entryId] = text;
    if (Object.keys(texts).length === 0) delete after[itemId];
  }
  return after;
}

/** The entries of a row that differ from what is stored. A cell left empty in a file changes nothing. */
function differing(before: SetEntries, row: SetEntries): { itemId: string; entryId: string; text: string }[] {
  return Object.entries(row).flatMap(([itemId, texts]) =>
    Object.entries(texts).flatMap(([entryId, text]) => (text !== '' && text !== (before[itemId]?.[entryId] ?? '') ? [{ itemId, entryId, text }] : [])),
  );
}

/** Takes in rows of a file in one transaction. Rows that belong to nobody are kept; only what differs is written. */
export async function importAnswers(database: Database, check: Checker, setId: string, { source, rows }: ImportedAnswers): Promise<ImportedReport> {
  const stored = await readStored(database, setId);
  const places = new Map(stored.set.copies.map(({ itemId, exercise }) => [itemId, new Set(exercise.parts.map(({ id }) => id))]));
  const find = studentFinder(stored.students);
  const taken = new Set<string>();
  const kept: Omit<KeptRow, 'id'>[] = [];
  let [changed, same] = [0, 0];
  const touched = new Set<string>();
  await database.transaction(async (transaction) => {
    const handIns = new Map((await listHandIns(transaction, setId)).map((row) => [row.studentId, row]));
    const before = await readKeptRows(transaction, setId);
    for (const { place, student, entries } of rows) {
      const keep = (why: string): void => {
        const twin = before.some((each) => each.student === student && JSON.stringify(each.entries) === JSON.stringify(entries));
        if (!twin) kept.push({ place, source, student, entries, why });
      };
      const found = find(student);
      if (!found.ok) {
        keep(found.why);
        continue;
      }
      if (taken.has(found.id)) {
        keep(`There is another row for ${found.name} in this file.`);
        continue;
      }
      const strange = Object.entries(entries).flatMap(([itemId, texts]) => Object.keys(texts).filter((entryId) => !places.get(itemId)?.has(entryId.split('.')[0]!)));
      if (strange.length > 0) {
        keep(`There is no part ${strange[0]} in this set.`);
        continue;
      }
      taken.add(found.id);
      const row = handIns.get(found.id)!;
      const now = entriesSchema.parse(row.entries);
      const changes = differing(now, entries);
      const filled = Object.values(entries).reduce((sum, texts) => sum + Object.values(texts).filter((text) => text !== '').length, 0);
      changed += changes.length;
      same += filled - changes.length;
      if (changes.length === 0) continue;
      touched.add(found.id);
      await writeEntries(transaction, row, withChanges(now, changes));
    }
    await insertKeptRows(transaction, setId, kept);
    await touchSet(transaction, setId);
  });
  await checkSet(database, check, setId);
  return { students: touched.size, changed, same, kept: await readKeptRows(database, setId) };
}

/** Gives a kept row to a student: its answers are written over theirs, and the row is gone. */
export async function assignRow(database: Database, check: Checker, setId: string, rowId: string, studentId: string): Promise<Marking> {
  await database.transaction(async (transaction) => {
    const row = (await readKeptRows(transaction, setId)).find(({ id }) => id === rowId);
    if (!row) throw new NotFound('row');
    const handIn = (await listHandIns(transaction, setId)).find((each) => each.studentId === studentId);
    if (!handIn) throw new NotFound('student');
    const now = entriesSchema.parse(handIn.entries);
    await writeEntries(transaction, handIn, withChanges(now, differing(now, row.entries)));
    await deleteKeptRows(transaction, setId, [rowId]);
  });
  await checkSet(database, check, setId);
  return readMarking(database, setId);
}

export async function dismissRow(database: Database, setId: string, rowId: string): Promise<void> {
  await deleteKeptRows(database, setId, [rowId]);
}

/** Writes decisions and accepted readings of one action together. */
export async function writeDecisions(database: Database, setId: string, input: ChangedDecisions): Promise<Marking> {
  const stored = await readStored(database, setId);
  const parts = new Set(stored.set.copies.flatMap(({ itemId, exercise }) => exercise.parts.map(({ id }) => `${itemId}/${id}`)));
  const fields = [
    ...input.decisions.flatMap(({ studentId, itemId, partId }, at) => [
      ...(stored.handIns.has(studentId) ? [] : [{ path: `decisions.${at}.studentId`, message: 'There is no such student in this class.' }]),
      ...(parts.has(`${itemId}/${partId}`) ? [] : [{ path: `decisions.${at}.partId`, message: 'There is no such part in this set.' }]),
    ]),
    ...input.accept.flatMap(({ itemId, partId }, at) => (parts.has(`${itemId}/${partId}`) ? [] : [{ path: `accept.${at}.partId`, message: 'There is no such part in this set.' }])),
  ];
  if (fields.length > 0) throw new Invalid('Some of this belongs to nothing here; none was written.', fields);
  return database.transaction(async (transaction) => {
    await putDecisions(
      transaction,
      setId,
      input.decisions.map((each) => ({ ...each, credit: each.credit ?? null })),
    );
    await deleteAccepted(transaction, setId, input.takeBack);
    for (const each of input.accept) await insertAccepted(transaction, setId, each);
    const marking = await readMarking(transaction, setId);
    for (const student of marking.students) {
      const row = stored.handIns.get(student.id);
      const open = openIn(marking, student);
      if (row && row.open !== open) await writeOpen(transaction, row.id, open);
    }
    await touchSet(transaction, setId);
    return readMarking(transaction, setId);
  });
}
