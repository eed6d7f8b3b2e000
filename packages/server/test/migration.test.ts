/** Books of earlier versions open with everything that was in them. */
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createClient } from '@libsql/client';
import { starterExercises } from '@hardy-sextant/core/starters';
import { defaultHouseRules } from '@hardy-sextant/core';
import { askedOfExercises, askedOfSets, isReadable, type ListedSet } from '@hardy-sextant/contract';
import { checkInPlace } from '../src/checking/checker.ts';
import { listEnteringStyles } from '../src/services/enteringStyles.ts';
import { listExercises } from '../src/services/exercises.ts';
import { checkSet } from '../src/services/judging.ts';
import { readMarking } from '../src/services/marking.ts';
import { listRules, rulesOf } from '../src/services/rules.ts';
import { fillWords } from '../src/services/searched.ts';
import { listSets } from '../src/services/sets.ts';
import { openDatabase } from '../src/store/database.ts';

it('brings answers of exercises into sets, one a class and exercise', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-migration-'));
  const url = `file:${join(folder, 'book.db')}`;
  const now = resolve('packages/server/drizzle');
  // The migrations as they were before.
  const before = join(folder, 'before');
  cpSync(now, before, { recursive: true });
  const journal = join(before, 'meta/_journal.json');
  const read = JSON.parse(readFileSync(journal, 'utf8')) as { entries: { idx: number }[] };
  writeFileSync(journal, JSON.stringify({ ...read, entries: read.entries.filter(({ idx }) => idx < 4) }));

  const old = await openDatabase(url, before);
  const run = (statement: string) => old.database.transaction((writes) => writes.run(statement));
  const json = (value: unknown): string => `'${JSON.stringify(value).replaceAll("'", "''")}'`;
  const at = "'2026-09-01T08:00:00.000Z'";
  const exercise = json({ schemaVersion: 2, exercise: starterExercises[0] });
  await run(
    `INSERT INTO classes (id, code, title, college, rules, created_at, updated_at) VALUES ('c1', 'BM 1', 'One', 'Kestrel Bay', ${json({ schemaVersion: 1, rules: defaultHouseRules })}, ${at}, ${at})`,
  );
  await run(
    `INSERT INTO students (id, class_id, name, number) VALUES ('s1', 'c1', 'Oona Kamau', 'K-1'), ('s2', 'c1', 'Tariq Bakken', 'K-2')`,
  );
  for (const id of ['x1', 'x2'])
    await run(
      `INSERT INTO exercises (id, title, document, created_at, updated_at) VALUES ('${id}', 'Exercise ${id}', ${exercise}, ${at}, ${at})`,
    );
  await run(
    `INSERT INTO hand_ins (id, exercise_id, student_id, entries, revision, updated_at) VALUES ('h1', 'x1', 's1', '{"a":"941.43"}', 3, ${at}), ('h2', 'x2', 's2', '{"a":"n/a"}', 1, ${at})`,
  );
  await old.close();

  const { database, close } = await openDatabase(url, now);
  const sets = (await listSets(database, askedOfSets.parse({}))).rows.filter(isReadable);
  expect(sets.map(({ title, classId }) => [title, classId]).sort()).toEqual([
    ['Exercise x1', 'c1'],
    ['Exercise x2', 'c1'],
  ]);
  const first = sets.find(({ title }) => title === 'Exercise x1')!;
  expect(first.counts).toMatchObject({ students: 2, submitted: 1 });
  await checkSet(database, checkInPlace, first.id);
  const { students, set } = await readMarking(database, first.id);
  expect(set.assignedExercises[0]!.exercise.title).toBe(starterExercises[0]!.title);
  expect(students.map(({ name, entries, revision }) => [name, entries, revision])).toEqual([
    ['Oona Kamau', { e1: { a: '941.43' } }, 3],
    ['Tariq Bakken', {}, 1],
  ]);
  expect(students[0]!.verdicts!['e1']!.length).toBeGreaterThan(0);
  await close();
  rmSync(folder, { recursive: true, force: true });
});

/** A book of the version before the plain words, as it wrote it: answers, decisions, unmatched rows, a style of one's own. */
it('opens a book of the version before tables and columns had their plain names, with all that is in it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-0007-'));
  const place = `file:${join(folder, 'book.db')}`;
  const client = createClient({ url: place });
  await client.executeMultiple(readFileSync(join(__dirname, 'books/0007.sql'), 'utf8'));
  client.close();
  const { database, close } = await openDatabase(place, resolve('packages/server/drizzle'));
  await fillWords(database);
  const found = async (find: string) => (await listSets(database, askedOfSets.parse({ find }))).rows as ListedSet[];
  const [set] = await found('before WEEK');
  expect(await found('nowhere')).toEqual([]);
  expect(set).toMatchObject({
    title: 'Week 2, of before',
    counts: { students: 2, submitted: 2, toLookAt: 2, unmatched: 1 },
  });
  expect(set!.assignedAt).toBeDefined();
  const marking = await readMarking(database, set!.id);
  const student = (number: string) => marking.students.find((each) => each.number === number)!;
  expect(student('K-1').entries).toEqual({ e1: { a: '942.00' }, e3: { a: '1,234.5' } });
  expect(student('K-2').decisions).toEqual([{ itemId: 'e1', partId: 'a', credit: 0.5, comment: 'Come and see me.' }]);
  // The judge has learned since: what it said then is worked out again.
  expect(student('K-3').verdicts).toBeUndefined();
  await checkSet(database, checkInPlace, set!.id);
  const judged = (await readMarking(database, set!.id)).students.find(({ number }) => number === 'K-3')!;
  expect(judged.verdicts!['e1']!.length).toBeGreaterThan(0);
  expect(marking.accepted).toMatchObject([{ match: { value: 77 } }]);
  expect(marking.unmatchedRows).toMatchObject([{ student: 'Somebody Else', source: 'late.csv' }]);
  expect(marking.set.removed).toMatchObject([{ itemId: 'e3', answered: 1 }]);
  expect(marking.set.assignedExercises.map(({ itemId }) => itemId)).toEqual(['e1', 'e2']);
  // Each class follows the rules that were its own, under its name.
  const rules = await listRules(database);
  expect(rules.map(({ name }) => name)).toEqual(['Usual', 'OLD 1']);
  const [, own] = rules;
  expect(own).toMatchObject({ id: set!.classId, classes: [{ id: set!.classId }] });
  expect(await rulesOf(database, set!.classId)).toEqual(own!.rules);
  const [style] = await listEnteringStyles(database);
  expect(style!.style).toMatchObject({ name: 'Our own moving style', range: 'moves-on' });
  const list = async (asked: object) => {
    const { rows, asks } = await listExercises(database, askedOfExercises.parse(asked));
    return { topics: rows.filter(isReadable).map(({ topic }) => topic), asks };
  };
  const all = await list({});
  expect(all.topics.sort()).toEqual(['changing rates', 'payment range']);
  expect((await list({ archived: 'yes' })).topics).toEqual(['deposit and trade-in']);
  // What they are found by was worked out when the book was opened.
  expect(all.asks.length).toBeGreaterThan(1);
  expect((await list({ topic: 'payment range' })).topics).toEqual(['payment range']);
  expect((await list({ used: 'none' })).topics).toEqual(['payment range']);
  expect((await list({ used: set!.id })).topics).toEqual(['changing rates']);
  await close();
  rmSync(folder, { recursive: true, force: true });
});
