/**
 * `npm run bench -- faults [kills] [requests]`: the server is killed at random moments of typing, importing, assigning,
 * judging, releasing and backing up; after each start the file is whole, what was answered with 2xx is there, and each
 * action is there wholly or not at all. Then broken requests over every route as every role: no 5xx, no hang. Exits 1 where one falls short.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { seededRandom } from '@hardy-sextant/core';
import { access } from '../../packages/server/src/routes/access.ts';
import { startBook, type StartedBook } from './startedBook.ts';

const KILLS = Number(process.argv[2] ?? 200);
const REQUESTS = Number(process.argv[3] ?? 100_000);
const LONGEST_MS = 1800;
const random = seededRandom('faults');
const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-faults-'));
const file = join(folder, 'book.db');
let short = 0;
const fail = (what: string): void => {
  short += 1;
  if (short <= 20) console.log(`SHORT ${what}`);
};

const SET = 'demo-week-6';
const CLASS = 'demo-bm210';
let book: StartedBook = await startBook(file, { DEMO: 'yes' });
const first = await book.ask<{ students: { id: string; number: string }[] }>('GET', `/sets/${SET}/marking`);
const people = first.students;
const { students: coded } = await book.ask<{ students: { id: string; token: string }[] }>('GET', `/sets/${SET}/codes`);

/** What was answered with 2xx, and has to be there afterwards. */
const typed = new Map<string, string>();
/** Asked for and not answered: may be there or not. */
const pending = new Map<string, string>();
const sets = new Map<string, string>();
const cookies = new Map<string, string>();

async function asStudent(id: string, token: string, text: string): Promise<void> {
  const { address } = book;
  let cookie = cookies.get(id);
  if (!cookie) {
    const came = await fetch(`${address}/api/my/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ link: token }),
    });
    cookie = came.headers.getSetCookie()[0]?.split(';')[0] ?? '';
    if (came.ok) cookies.set(id, cookie);
  }
  const key = `${id} e1 a`;
  const candidates = new Set([typed.get(key), pending.get(key)].filter((each) => each !== undefined));
  const { students } = await book.ask<{ students: { id: string; entries: Record<string, Record<string, string>> }[] }>(
    'GET',
    `/sets/${SET}/marking`,
  );
  const was = students.find((each) => each.id === id)?.entries['e1']?.['a'] ?? '';
  if (candidates.size > 0 && !candidates.has(was)) fail(`an answer that was taken is another one: ${was}`);
  pending.set(key, text);
  const answer = await fetch(`${address}/api/my/sets/${SET}/answers`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify({ answers: [{ itemId: 'e1', entryId: 'a', text, was, typedAt: new Date().toISOString() }] }),
  });
  const body = (await answer.json()) as { conflicts?: unknown[] };
  if (answer.ok && body.conflicts?.length === 0) {
    typed.set(key, text);
    pending.delete(key);
  }
}

const acts: readonly (() => Promise<void>)[] = [
  async () => {
    const { id, token } = coded[Math.floor(random() * coded.length)]!;
    await asStudent(id, token, (random() * 1e5).toFixed(2));
  },
  async () => {
    const name = `pair ${random().toFixed(8)}`;
    // Both columns of all rows, or none.
    const rows = people.map(({ number }, at) => ({
      place: at + 1,
      student: number,
      entries: { e2: { a: name, b: name } },
    }));
    await book.ask('POST', `/sets/${SET}/import`, { source: 'faults', rows });
  },
  async () => {
    const title = `Assigned ${random().toFixed(8)}`;
    const document = {
      schemaVersion: 1,
      items: [{ id: 'e1', exerciseId: 'starter-23' }],
      numbers: 'own',
      given: '',
      due: '',
    };
    const made = await book.ask<{ id: string; revision: number }>('POST', '/sets', { classId: CLASS, title, document });
    sets.set(made.id, 'made');
    await book.ask('POST', `/sets/${made.id}/assigned`, { revision: made.revision });
    sets.set(made.id, 'assigned');
  },
  async () => {
    await book.ask('POST', `/sets/${SET}/check`);
  },
  async () => {
    const { revision, releasedAt } = await book.ask<{ revision: number; releasedAt?: string }>('GET', `/sets/${SET}`);
    await book.ask('PUT', `/sets/${SET}/released`, { released: releasedAt === undefined, revision, anyway: true });
  },
  async () => {
    await book.ask('POST', '/backups');
  },
];

/** The file by itself, while nobody has it open. */
async function wholeFile(): Promise<void> {
  const client = createClient({ url: `file:${file}` });
  const one = async (sql: string): Promise<Record<string, unknown>[]> =>
    (await client.execute(sql)).rows as unknown as Record<string, unknown>[];
  const [check] = await one('PRAGMA integrity_check');
  if (String(Object.values(check ?? {})[0]) !== 'ok') fail('the file is not whole');
  const dangling = await one('PRAGMA foreign_key_check');
  if (dangling.length > 0) fail(`${dangling.length} rows belong to nothing`);
  const halves = await one(
    `SELECT count(*) AS number FROM submissions WHERE set_id = '${SET}' AND json_extract(entries, '$.e2.a') LIKE 'pair%' AND json_extract(entries, '$.e2.a') IS NOT json_extract(entries, '$.e2.b')`,
  );
  if (Number(halves[0]?.['number']) > 0) fail('half an import is there');
  const imports = await one(
    `SELECT count(DISTINCT json_extract(entries, '$.e2.a')) AS number FROM submissions WHERE set_id = '${SET}' AND json_extract(entries, '$.e2.a') LIKE 'pair%'`,
  );
  if (Number(imports[0]?.['number']) > 1) fail('an import is there for some of the class only');
  for (const [id, state] of sets) {
    const [row] = await one(
      `SELECT assigned_at, (SELECT count(*) FROM submissions WHERE set_id = sets.id) AS submissions, (SELECT count(*) FROM assigned_exercises WHERE set_id = sets.id) AS exercises FROM sets WHERE id = '${id}'`,
    );
    if (!row) fail('a set that was made is not there');
    else if (state === 'assigned' && row['assigned_at'] === null) fail('a set that was assigned is not');
    else if (
      (row['assigned_at'] !== null) !==
      (Number(row['submissions']) === people.length && Number(row['exercises']) === 1)
    )
      fail(`a set is assigned by half: ${JSON.stringify(row)}`);
  }
  client.close();
}

const begun = performance.now();
let done = 0;
for (let kill = 0; kill < KILLS; kill += 1) {
  if (kill > 0) book = await startBook(file, { DEMO: 'yes' });
  const ends = performance.now() + random() * LONGEST_MS;
  let killed = false;
  const work = (async () => {
    while (!killed) {
      const act = acts[Math.floor(random() * acts.length)]!;
      try {
        await act();
        done += 1;
      } catch (error) {
        // What the kill cuts off says nothing; what the server refuses does.
        if (!killed && /: 5\d\d /.test(String(error))) fail(String(error));
      }
    }
  })();
  await new Promise((turn) => setTimeout(turn, Math.max(0, ends - performance.now())));
  killed = true;
  await book.kill();
  await work;
  await wholeFile();
}
console.log(
  `${KILLS} kills in ${((performance.now() - begun) / 1000).toFixed(0)} s, ${done} actions answered, ${typed.size} students’ answers and ${sets.size} sets held against the file`,
);

book = await startBook(file, { DEMO: 'yes' });
const { students: now } = await book.ask<{
  students: { id: string; entries: Record<string, Record<string, string>> }[];
}>('GET', `/sets/${SET}/marking`);
let lost = 0;
for (const [key, text] of typed) {
  const [id = ''] = key.split(' ');
  const there = now.find((each) => each.id === id)?.entries['e1']?.['a'];
  if (there !== text && there !== pending.get(key)) lost += 1;
}
if (lost > 0) fail(`${lost} answers that were taken are not there`);

// Broken requests, as everybody.
const { address } = book;
const password = 'a long way round the bay';
const held = async (path: string, body: unknown, cookie = ''): Promise<string> => {
  const answer = await fetch(`${address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify(body),
  });
  return answer.headers.getSetCookie()[0]?.split(';')[0] ?? '';
};
const added = async (values: object, cookie: string): Promise<string> => {
  const answer = await fetch(`${address}/api/people`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify(values),
  });
  const { secret } = (await answer.json()) as { secret: string };
  return held('/links', { secret, password });
};
const owner = await added({ name: 'Odile', login: 'odile', role: 'owner' }, '');
const roles = [
  owner,
  await added({ name: 'Maren', login: 'maren', role: 'instructor', classIds: [CLASS] }, owner),
  await added({ name: 'Tobias', login: 'tobias', role: 'assistant', classIds: [CLASS] }, owner),
  await held('/my/session', { link: coded[3]!.token }),
  '',
];
const junk = (): unknown => {
  const values = [
    null,
    true,
    -1,
    1e308,
    NaN,
    '',
    'x'.repeat(5000),
    '\u0000',
    '../..',
    [],
    {},
    { a: [{}] },
    'constructor',
    '__proto__',
    SET,
    '2026-02-31',
    '👩‍🏫',
    [[[[[]]]]],
  ];
  return values[Math.floor(random() * values.length)];
};
const fields = [
  'title',
  'document',
  'revision',
  'changes',
  'answers',
  'decisions',
  'classId',
  'id',
  'act',
  'studentIds',
  'login',
  'password',
  'secret',
  'rows',
  'items',
  'files',
  'entries',
  'itemId',
  'partId',
  'name',
  'role',
  'link',
  'code',
  'exercises',
  'add',
  'released',
];
const ids = [
  SET,
  CLASS,
  'starter-5',
  'e1',
  people[0]!.id,
  'nowhere',
  '%00',
  '..%2f..',
  'x'.repeat(300),
  '__proto__',
  '👩‍🏫',
];
// What would lock everybody out, or take minutes by design, is not asked for.
const leftOut = new Set(['DELETE /session', 'DELETE /my/session', 'POST /backups', 'DELETE /people/:id']);
const routes = Object.keys(access).filter((route) => !leftOut.has(route));
const statuses = new Map<number, number>();
let slowest = 0;
let wrong = 0;
const strangers = people.slice(10, 13).map(({ id }) => id);
async function broken(): Promise<void> {
  const [method = 'GET', path = ''] = routes[Math.floor(random() * routes.length)]!.split(' ');
  const at = path.replace(/:\w+/g, () => encodeURI(ids[Math.floor(random() * ids.length)]!));
  const role = Math.floor(random() * roles.length);
  const made = Object.fromEntries(
    Array.from({ length: 1 + Math.floor(random() * 4) }, () => [fields[Math.floor(random() * fields.length)], junk()]),
  );
  const text =
    random() < 0.1 ? '{"a":' : random() < 0.05 ? '['.repeat(2000) : JSON.stringify(random() < 0.1 ? junk() : made);
  const query = method === 'GET' && random() < 0.3 ? `?page=${encodeURIComponent(String(junk()))}&find=%` : '';
  const asked = performance.now();
  try {
    const answer = await fetch(`${address}/api${at}${query}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: roles[role] ?? '' },
      ...(method === 'GET' ? {} : { body: text }),
      signal: AbortSignal.timeout(10_000),
    });
    const said = await answer.text();
    statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
    if (answer.status >= 500)
      fail(`${method} ${at}${query} as ${role}: ${answer.status} ${said.slice(0, 160)} for ${text.slice(0, 200)}`);
    if (role >= 3 && strangers.some((id) => said.includes(id))) {
      wrong += 1;
      fail(`${method} ${at} tells ${role === 3 ? 'a student' : 'nobody'} of another`);
    }
  } catch (error) {
    fail(`${method} ${at}${query}: ${String(error)}`);
  }
  slowest = Math.max(slowest, performance.now() - asked);
}
const since = performance.now();
const lanes = Array.from({ length: 24 }, async (_, lane) => {
  for (let k = lane; k < REQUESTS; k += 24) await broken();
});
await Promise.all(lanes);
console.log(
  `${REQUESTS.toLocaleString('en')} broken requests in ${((performance.now() - since) / 1000).toFixed(0)} s, the slowest ${slowest.toFixed(0)} ms, ${wrong} to the wrong person; statuses ${[
    ...statuses,
  ]
    .sort()
    .map(([status, times]) => `${status}: ${times}`)
    .join(', ')}`,
);
await book.stop();
await wholeFile();
rmSync(folder, { recursive: true, force: true });
console.log(short === 0 ? 'ok' : `SHORT in ${short} places`);
process.exit(short === 0 ? 0 : 1);
