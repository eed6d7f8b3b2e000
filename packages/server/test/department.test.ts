/** A department: the same code on a database server, two processes on one book, delays and connections that break. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import type { CheckJob } from '../src/checking/checkJob.ts';
import { createApplication } from '../src/application.ts';
import { loadDemo } from '../src/demo/loadDemo.ts';
import { openDatabase, type OpenDatabase } from '../src/store/database.ts';
import { databaseServer, type DatabaseServer } from './databaseServer.ts';

let folder: string;
let server: DatabaseServer;
let processes: OpenDatabase[];

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-department-'));
  server = await databaseServer(join(folder, 'book.db'), 4);
  const open = () => openDatabase(server.url, resolve('packages/server/drizzle'));
  processes = [await open(), await open()];
  await loadDemo(processes[0]!.database);
});
afterAll(async () => {
  for (const { close } of processes) await close();
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});

/** What is judged is another test's affair: here nothing waits for it. */
const check = ({ groups }: CheckJob) => Promise.resolve(groups.map(({ entries }) => entries.map(() => [])));
const of = (at: number) =>
  createApplication({ database: processes[at]!.database, log: pino({ level: 'silent' }), check });
const api = (at: number) => request(of(at));

it('two processes see one book, and a stale write of one is refused for the other', async () => {
  const { body: first } = await api(0).get('/api/sets/demo-week-6').expect(200);
  const write = (at: number, title: string) =>
    api(at).put('/api/sets/demo-week-6').send({ title, document: first.document, revision: first.revision });
  const [one, two] = await Promise.all([write(0, 'One'), write(1, 'Two')]);
  expect([one.status, two.status].sort()).toEqual([200, 409]);
  const { body: now } = await api(1).get('/api/sets/demo-week-6').expect(200);
  expect(now.title).toBe(one.status === 200 ? 'One' : 'Two');
});

it('answers typed through both at once are all there', async () => {
  const { students } = (await api(0).get('/api/sets/demo-week-6/marking').expect(200)).body;
  const changes = students.slice(0, 12).map(({ id }: { id: string }, at: number) => ({ id, at, text: `${at}.25` }));
  await Promise.all(
    changes.map(({ id, at, text }: { id: string; at: number; text: string }) =>
      api(at % 2)
        .put('/api/sets/demo-week-6/answers')
        .send({ changes: [{ studentId: id, itemId: 'e1', entryId: 'a', text }] })
        .expect(200),
    ),
  );
  const { students: after } = (await api(1).get('/api/sets/demo-week-6/marking').expect(200)).body;
  for (const { id, text } of changes)
    expect(after.find((each: { id: string }) => each.id === id).entries.e1.a).toBe(text);
});

it('what a broken connection cut off is there wholly or not at all, and the next request goes on', async () => {
  const { students } = (await api(0).get('/api/sets/demo-week-6/marking')).body;
  const rows = students.map(({ number }: { number: string }, at: number) => ({
    place: at + 1,
    student: number,
    entries: { e2: { a: 'cut', b: 'cut' } },
  }));
  for (const cut of ['before', 'after'] as const) {
    const asked = api(0)
      .post('/api/sets/demo-week-6/import')
      .send({ source: 'cut', rows })
      .then(({ status }) => status);
    server.cutNext = cut;
    const status = await asked;
    const { students: now } = (await api(1).get('/api/sets/demo-week-6/marking').expect(200)).body;
    const written = now.filter((each: { entries: { e2?: { a?: string } } }) => each.entries.e2?.a === 'cut').length;
    expect([0, rows.length]).toContain(written);
    if (status === 200) expect(written).toBe(rows.length);
  }
});

it('who signs in through one is known to the other, and wrong passwords count together', async () => {
  const { body } = await api(0)
    .post('/api/people')
    .send({ name: 'Odile Marchetti', login: 'odile', role: 'owner' })
    .expect(201);
  const agent = request.agent(of(0));
  const answer = await agent.post('/api/links').send({ secret: body.secret, password: 'a long way round' }).expect(204);
  const cookie = (answer.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
  await api(1).get('/api/sets').expect(401);
  await api(1).get('/api/sets').set('cookie', cookie).expect(200);
  const statuses = [];
  for (let tries = 0; tries < 9; tries += 1)
    statuses.push(
      (
        await api(tries % 2)
          .post('/api/session')
          .send({ login: 'odile', password: 'wrong' })
      ).status,
    );
  expect(statuses).toEqual([...Array<number>(8).fill(403), 429]);
  // Backups are the server's own affair.
  expect((await api(1).get('/api/backups').set('cookie', cookie).expect(200)).body).toEqual({
    elsewhere: true,
    backups: [],
  });
  await api(1).post('/api/backups').set('cookie', cookie).expect(422);
});
