/** Doors: names that are not ours, pages of other sites, bodies that are no JSON, requests that are none. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { createApplication } from '../src/application.ts';
import { openDatabase, type OpenDatabase } from '../src/store/database.ts';

let folder: string;
let open: OpenDatabase;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-doors-'));
  open = await openDatabase(`file:${join(folder, 'book.db')}`, resolve('packages/server/drizzle'));
});
afterAll(async () => {
  await open.close();
  rmSync(folder, { recursive: true, force: true });
});

const api = (hosts: string[] = []) =>
  request(createApplication({ database: open.database, log: pino({ level: 'silent' }), hosts }));
const fields = { code: 'BM 1', title: 'One', college: '', term: '' };
const foreign = 'urn:hardy-sextant:foreign';

it.each([['evil.test'], ['evil.test:4600'], ['127.0.0.1.evil.test'], ['localhost.evil.test:80']])(
  'answers nothing under the name %s',
  async (host) => {
    const { body } = await api().get('/api/classes').set('host', host).expect(421);
    expect(body.type).toBe(foreign);
    await api().post('/api/classes').set('host', host).send(fields).expect(421);
  },
);

it.each([['127.0.0.1:4600'], ['localhost:4601'], ['[::1]:4600'], ['sextant.college.test']])(
  'answers under %s',
  async (host) => {
    await api(['Sextant.College.test']).get('/api/classes').set('host', host).expect(200);
  },
);

it.each([
  [{ origin: 'http://evil.test' }],
  [{ origin: 'null' }],
  [{ origin: 'http://127.0.0.1:9' }],
  [{ 'sec-fetch-site': 'cross-site' }],
  [{ 'sec-fetch-site': 'same-site' }],
])('refuses a write from another page: %j', async (headers) => {
  const { body } = await api().post('/api/classes').set('host', '127.0.0.1:4600').set(headers).send(fields).expect(403);
  expect(body.type).toBe(foreign);
  await api().post('/api/sets/any/assigned').set('host', '127.0.0.1:4600').set(headers).expect(403);
  await api().delete('/api/classes/any').set('host', '127.0.0.1:4600').set(headers).expect(403);
  expect((await api().get('/api/classes')).body.rows).toEqual([]);
});

it.each([['application/x-www-form-urlencoded'], ['text/plain'], ['multipart/form-data; boundary=x']])(
  'refuses a write as %s',
  async (type) => {
    await api().post('/api/classes').set('content-type', type).send('{"code":"BM 1"}').expect(415);
  },
);

it('takes a write of its own pages', async () => {
  const own = { origin: 'http://127.0.0.1:4600', 'sec-fetch-site': 'same-origin' };
  const { body } = await api().post('/api/classes').set('host', '127.0.0.1:4600').set(own).send(fields).expect(201);
  await api().delete(`/api/classes/${body.id}`).set('host', '127.0.0.1:4600').set(own).expect(204);
});

it('tells the browser not to frame, sniff, or say where from', async () => {
  const { headers } = await api().get('/api/health').expect(200);
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
  expect(headers).toMatchObject({
    'x-frame-options': 'DENY',
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
  });
});

it.each([
  ['get', '/api/nowhere', 404],
  ['post', '/nowhere', 404],
  ['put', '/api/cases/%', 400],
  ['get', '/api/cases/%E0%A4%A', 400],
] as const)('answers %s %s with a problem document', async (method, path, status) => {
  const answer = await api()[method](path).expect(status);
  expect(answer.headers['content-type']).toContain('application/problem+json');
  expect(answer.body.status).toBe(status);
});

it('refuses what is nested too deep, in every place that takes a body', async () => {
  const deep = '['.repeat(60_000) + ']'.repeat(60_000);
  const story = '{"content":['.repeat(5000) + ']}'.repeat(5000);
  for (const [path, body] of [
    ['/api/cases', `{"title":"x","document":${deep}}`],
    [
      '/api/exercises',
      `{"document":{"schemaVersion":2,"exercise":{"title":"x","story":${story},"plans":[],"parts":[]}}}`,
    ],
    ['/api/exercise-file', `{"format":"hardy-sextant-exercises","version":2,"exercises":[{"story":${story}}]}`],
  ] as const) {
    const answer = await api().post(path).set('content-type', 'application/json').send(body);
    expect([path, answer.status]).toEqual([path, 422]);
    expect(answer.body.detail).toContain('nested too deep');
  }
});
