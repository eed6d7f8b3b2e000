/**
 * `npm run bench -- department`: a department's book, made from a seed (50 classes of 300 students, 1,000 sets,
 * 300,000 submissions), and how long each thing takes in the started application beside its limit. Exits 1 where one falls short.
 */
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { answerKey, defaultHouseRules, emptyDraft, seededRandom } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { startBook, type StartedBook } from './startedBook.ts';

const CLASSES = 50;
const STUDENTS = 300;
const SETS_A_CLASS = 20;
/** So many exercises, and so many cases. */
const RECORDS = 2000;

const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-department-'));
const file = join(folder, 'book.db');
const random = seededRandom('department');
let book = await startBook(file);
const ask: StartedBook['ask'] = (method, path, body) => book.ask(method, path, body);

/** Of several tries the one in the middle. */
async function timed(times: number, work: (at: number) => Promise<unknown>): Promise<number> {
  const all: number[] = [];
  for (let at = 0; at < times; at += 1) {
    const begun = performance.now();
    await work(at);
    all.push(performance.now() - begun);
  }
  return all.sort((a, b) => a - b)[Math.floor(times / 2)]!;
}

// One class with one judged set is made through the application; all others are its copies.
const chosen = starterExercises
  .filter(({ parts }) => parts.length >= 3 && parts.every(({ ask: { quantity } }) => quantity !== 'table'))
  .slice(0, 3);
let parts = 0;
const { taken } = await ask<{ taken: { id: string }[] }>('POST', '/exercise-file', {
  format: 'hardy-sextant-exercises',
  version: 2,
  exercises: chosen,
});
const draft = { ...emptyDraft('borrow'), amount: '48,000', rate: '6.6', payments: '60' };
await ask('POST', '/cases', {
  title: 'Oyster rafts',
  document: { schemaVersion: 2, draft, variations: [], together: [], tags: ['rafts'], rules: 'default' },
});
const classIds: string[] = [];
for (let at = 0; at < CLASSES; at += 1) {
  const { id } = await ask<{ id: string }>('POST', '/classes', {
    code: `BM ${100 + at}`,
    title: 'Money',
    college: 'Kestrel Bay',
    term: '',
  });
  await ask('PUT', `/classes/${id}/roster`, {
    revision: 1,
    add: Array.from({ length: STUDENTS }, (_, k) => ({
      name: `Student ${at} ${k}`,
      number: `N-${String(k).padStart(3, '0')}`,
    })),
  });
  classIds.push(id);
}
const items = taken.map(({ id }, at) => ({ id: `q${at}`, exerciseId: id }));
const first = await ask<{ id: string }>('POST', '/sets', {
  classId: classIds[0],
  title: 'Set 0',
  document: { schemaVersion: 1, items, numbers: 'same', given: '', due: '' },
});
await ask('POST', `/sets/${first.id}/assigned`, { revision: 1 });
const rows = Array.from({ length: STUDENTS }, (_, k) => ({
  place: k + 1,
  student: `N-${String(k).padStart(3, '0')}`,
  entries: Object.fromEntries(
    chosen.map((exercise, at) => {
      const key = answerKey(exercise, {}, defaultHouseRules);
      parts += k === 0 ? key.length : 0;
      const texts = key.flatMap((each) =>
        each.ok
          ? [
              [
                each.value.part.id,
                random() < 0.7 ? each.value.written.replace('\u00a0', ' ') : String(Math.floor(random() * 1e6) / 100),
              ],
            ]
          : [],
      );
      return [`q${at}`, Object.fromEntries(texts)];
    }),
  ),
}));
await ask('POST', `/sets/${first.id}/import`, { source: 'seed', rows });
for (let left = 1; left > 0;) ({ left } = await ask<{ left: number }>('POST', `/sets/${first.id}/check`));
await book.stop();

const copies = createClient({ url: `file:${file}` });
const made = performance.now();
for (const [at, classId] of classIds.entries())
  for (let k = at === 0 ? 1 : 0; k < SETS_A_CLASS; k += 1) {
    const id = `set-${at}-${k}`;
    await copies.batch(
      [
        {
          sql: `INSERT INTO sets (id, class_id, title, document, revision, created_at, updated_at, deleted_at, assigned_at, released_at, submitted, to_look_at, unmatched, words)
                SELECT ?, ?, ?, document, revision, created_at, updated_at, deleted_at, assigned_at, released_at, submitted, to_look_at, unmatched, words FROM sets WHERE id = ?`,
          args: [id, classId, `Set ${k}`, first.id],
        },
        {
          sql: `INSERT INTO assigned_exercises SELECT ? || item_id, ?, item_id, exercise_id, document, exercise_revision, kept_against, removed_at FROM assigned_exercises WHERE set_id = ?`,
          args: [id, id, first.id],
        },
        {
          sql: `INSERT INTO set_exercises SELECT ?, exercise_id FROM set_exercises WHERE set_id = ?`,
          args: [id, first.id],
        },
        {
          sql: `INSERT INTO submissions (id, set_id, student_id, numbers, entries, revision, updated_at, verdicts, checked_as, open, code)
                SELECT ? || there.id, ?, there.id, h.numbers, h.entries, h.revision, h.updated_at, h.verdicts, h.checked_as, h.open, 'none'
                FROM submissions h JOIN students was ON was.id = h.student_id JOIN students there ON there.number = was.number AND there.class_id = ? WHERE h.set_id = ?`,
          args: [id, id, classId, first.id],
        },
      ],
      'write',
    );
  }
for (const [table, more] of [
  ['exercises', ', in_short'],
  ['cases', ''],
])
  await copies.execute({
    sql: `WITH RECURSIVE n(k) AS (SELECT 1 UNION ALL SELECT k + 1 FROM n WHERE k < ?)
          INSERT INTO ${table} (id, title, document, revision, created_at, updated_at, words, labels${more})
          SELECT id || '-' || k, title, document, 1, created_at, updated_at, words || ' ' || k, labels${more} FROM n, (SELECT * FROM ${table} LIMIT 1)`,
    args: [RECORDS],
  });
const [count] = (await copies.execute('SELECT count(*) AS all_of_them FROM submissions')).rows;
copies.close();
console.log(
  `${Number(count!.all_of_them).toLocaleString('en')} submissions of ${parts} parts in ${(statSync(file).size / 1e9).toFixed(2)} GB, copied in ${((performance.now() - made) / 1000).toFixed(0)} s`,
);

let short = 0;
const say = (what: string, took: number, limit: number): void => {
  const holds = took <= limit;
  if (!holds) short += 1;
  console.log(`${holds ? 'ok   ' : 'SHORT'} ${what.padEnd(66)} ${took.toFixed(0).padStart(6)} ms of ${limit}`);
};

book = await startBook(file);
say('start until /api/health answers', book.took, 2000);
const one = `set-${CLASSES - 1}-3`;
for (const list of ['sets', 'classes', 'exercises', 'cases'])
  say(`list of ${list}, while the waiting checks go on`, await timed(5, () => ask('GET', `/${list}`)), 60);
for (const list of [
  'sets?find=19&page=2',
  'exercises?find=199',
  'exercises?used=none&page=30',
  'cases?find=rafts&page=9',
])
  say(`/${list}`, await timed(5, () => ask('GET', `/${list}`)), 60);
say('one set, with its counts', await timed(9, () => ask('GET', `/sets/${one}`)), 30);
say(`marking of ${STUDENTS} × ${parts}`, await timed(5, () => ask('GET', `/sets/${one}/marking`)), 200);
const { students } = await ask<{ students: { id: string }[] }>('GET', `/sets/${one}/marking`);
const part = chosen[0]!.parts[0]!.id;
say(
  'one typed answer, stored and judged',
  await timed(15, (at) =>
    ask('PUT', `/sets/${one}/answers`, {
      changes: [{ studentId: students[at]!.id, itemId: 'q0', entryId: part, text: `${at}.25` }],
    }),
  ),
  50,
);
say(
  'one decision',
  await timed(15, (at) =>
    ask('PUT', `/sets/${one}/decisions`, {
      decisions: [
        { studentId: students[at]!.id, itemId: 'q0', partId: part, credit: 0.5, comment: '', was: { comment: '' } },
      ],
    }),
  ),
  50,
);

// Other rules: every submission of one class is judged anew; meanwhile another request is made again and again.
const { id: rulesId } = await ask<{ id: string }>('POST', '/rules', {
  name: 'Of one class',
  rules: { ...defaultHouseRules, sign: 'free' },
});
const { code, title, college, term, revision } = await ask<Record<string, unknown>>('GET', `/classes/${classIds[1]}`);
await ask('PUT', `/classes/${classIds[1]}`, { code, title, college, term, revision, rulesId });
let judging = true;
const judged = (async () => {
  for (let left = 1; left > 0;) ({ left } = await ask<{ left: number }>('POST', '/sets/set-1-0/check'));
  judging = false;
})();
let slowest = 0;
while (judging) slowest = Math.max(slowest, await timed(1, () => ask('GET', `/sets/${one}`)));
await judged;
say(`slowest other request while ${STUDENTS} × ${parts} are judged`, slowest, 100);
await book.stop();
rmSync(folder, { recursive: true, force: true });
process.exit(short === 0 ? 0 : 1);
