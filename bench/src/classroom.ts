/**
 * `npm run bench -- classroom`: 300 students come in, open a set, type and submit within one minute through HTTP, while
 * another set of 300 × 10 is judged beside it. None of it may be lost; each figure stands beside its limit. Exits 1 where one falls short.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answerKey, defaultHouseRules, seededRandom } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { startBook } from './startedBook.ts';

const STUDENTS = 300;
const MINUTE = 60_000;
const random = seededRandom('classroom');
const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-classroom-'));
const book = await startBook(join(folder, 'book.db'));
const { ask, address } = book;

const chosen = starterExercises
  .filter(({ parts }) => parts.length >= 3 && parts.every(({ ask: { quantity } }) => quantity !== 'table'))
  .slice(0, 3);
const { taken } = await ask<{ taken: { id: string }[] }>('POST', '/exercise-file', {
  format: 'hardy-sextant-exercises',
  version: 2,
  exercises: chosen,
});
const { id: classId } = await ask<{ id: string }>('POST', '/classes', { code: 'BM 1', title: '', college: '' });
const add = Array.from({ length: STUDENTS }, (_, k) => ({ name: `Student ${k}`, number: `N-${k}` }));
await ask('PUT', `/classes/${classId}/roster`, { revision: 1, add });
const items = taken.map(({ id }, at) => ({ id: `q${at}`, exerciseId: id }));

async function aSet(title: string, online: boolean): Promise<string> {
  const document = { schemaVersion: 1, items, numbers: 'own', given: '', due: '', online };
  const { id, revision } = await ask<{ id: string; revision: number }>('POST', '/sets', { classId, title, document });
  await ask('POST', `/sets/${id}/assigned`, { revision });
  return id;
}

const setId = await aSet('Written now', true);
// Ten parts of 300 students that wait to be judged.
const beside = await aSet('Judged beside', false);
const rows = add.map(({ number }, at) => ({
  place: at + 1,
  student: number,
  entries: Object.fromEntries(
    chosen.map((exercise, k) => [
      `q${k}`,
      Object.fromEntries(
        answerKey(exercise, {}, defaultHouseRules).flatMap((each) =>
          each.ok
            ? [
                [
                  each.value.part.id,
                  random() < 0.5 ? each.value.written.replace('\u00a0', ' ') : (random() * 1e4).toFixed(2),
                ],
              ]
            : [],
        ),
      ),
    ]),
  ),
}));
await ask('POST', `/sets/${beside}/import`, { source: 'seed', rows });
const { students } = await ask<{ students: { id: string; token: string }[] }>('GET', `/sets/${setId}/codes`);

const took: number[] = [];
const byRoute = new Map<string, number[]>();
let refused = 0;

/** One student's browser: what it holds, and how long each answer took. */
function browser() {
  let cookie = '';
  return async <T>(method: string, path: string, body?: unknown): Promise<T> => {
    const begun = performance.now();
    const answer = await fetch(`${address}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json', cookie },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const text = await answer.text();
    took.push(performance.now() - begun);
    const route = `${method} ${path.replace(setId, ':id')}`;
    byRoute.set(route, [...(byRoute.get(route) ?? []), performance.now() - begun]);
    if (!answer.ok) {
      refused += 1;
      throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 200)}`);
    }
    cookie = answer.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
    return (text === '' ? undefined : JSON.parse(text)) as T;
  };
}

const later = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));
const written = new Map<string, Record<string, Record<string, string>>>();

/** Comes in within the first quarter of the minute, types through the middle of it, submits in its last quarter. */
async function student({ id, token }: { id: string; token: string }): Promise<void> {
  const send = browser();
  await later(random() * 0.25 * MINUTE);
  await send('POST', '/my/session', { link: token });
  await send('GET', '/my/sets');
  await send('GET', `/my/sets/${setId}`);
  const entries: Record<string, Record<string, string>> = {};
  const parts = chosen.flatMap((exercise, at) => exercise.parts.map((part) => [`q${at}`, part.id] as const));
  const pause = (0.4 * MINUTE) / parts.length;
  for (const [itemId, entryId] of parts) {
    await later(pause * (0.5 + random()));
    const text = (random() * 1e4).toFixed(2);
    await send('PUT', `/my/sets/${setId}/answers`, {
      answers: [{ itemId, entryId, text, was: '', typedAt: new Date().toISOString() }],
      place: `${itemId}/${entryId}`,
    });
    entries[itemId] = { ...entries[itemId], [entryId]: text };
  }
  written.set(id, entries);
  await later(random() * 0.2 * MINUTE);
  await send('POST', `/my/sets/${setId}/submitted`, { answers: parts.length });
}

let judged = 0;
const judging = (async () => {
  for (let left = 1; left > 0;) {
    const step = await ask<{ checked: number; left: number }>('POST', `/sets/${beside}/check`);
    judged += step.checked;
    ({ left } = step);
    // A little slower than it could, so that it lasts through the minute.
    await later(900);
  }
})();
// The instructor watches.
let watching = true;
const watch = (async () => {
  while (watching) {
    await ask('GET', `/sets/${setId}/live`);
    await later(2500);
  }
})();
const begun = performance.now();
const ended = await Promise.allSettled(students.map(student));
const lasted = performance.now() - begun;
watching = false;
await Promise.all([judging, watch]);

const { students: marked } = await ask<{ students: { id: string; entries: unknown; submittedAt?: string }[] }>(
  'GET',
  `/sets/${setId}/marking`,
);
const stable = (value: unknown): string =>
  JSON.stringify(value, (_name, each: unknown) =>
    each && typeof each === 'object' && !Array.isArray(each)
      ? Object.fromEntries(Object.entries(each).sort(([a], [b]) => a.localeCompare(b)))
      : each,
  );
const lost = marked.filter(
  ({ id, entries, submittedAt }) => stable(entries) !== stable(written.get(id) ?? {}) || submittedAt === undefined,
).length;
took.sort((a, b) => a - b);
const at = (share: number): number => took[Math.min(took.length - 1, Math.floor(share * took.length))] ?? 0;

let short = 0;
const say = (what: string, found: number, most: number, unit: string): void => {
  const holds = found <= most;
  if (!holds) short += 1;
  console.log(`${holds ? 'ok   ' : 'SHORT'} ${what.padEnd(58)} ${found.toFixed(0).padStart(6)} ${unit} of ${most}`);
};
console.log(
  `${took.length} requests of ${STUDENTS} students in ${(lasted / 1000).toFixed(0)} s, ${judged} submissions judged beside`,
);
say('students of whom anything was lost', lost, 0, '  ');
say('requests refused', refused + ended.filter(({ status }) => status === 'rejected').length, 0, '  ');
say('answers of the server, the middle one', at(0.5), 150, 'ms');
say('answers of the server, 95 of 100 within', at(0.95), 150, 'ms');
say('answers of the server, the slowest', at(1), 1000, 'ms');
for (const [route, all] of byRoute) {
  all.sort((a, b) => a - b);
  const of = (share: number): string => (all[Math.floor(share * (all.length - 1))] ?? 0).toFixed(0);
  console.log(`      ${route.padEnd(34)} middle ${of(0.5)} ms, 95 of 100 within ${of(0.95)} ms, slowest ${of(1)} ms`);
}
await book.stop();
rmSync(folder, { recursive: true, force: true });
process.exit(short === 0 ? 0 : 1);
