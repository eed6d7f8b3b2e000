/** Every statement that a term of work makes asks SQLite for its plan: none walks through a table that grows with students and answers. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createClient, type Client, type InValue } from '@libsql/client';
import { pino } from 'pino';
import request from 'supertest';
import { createApplication } from '../src/application.ts';
import { loadDemo } from '../src/demo/loadDemo.ts';
import { openDatabase, type OpenDatabase } from '../src/store/database.ts';

const growing = [
  'submissions',
  'decisions',
  'accepted_readings',
  'unmatched_rows',
  'earlier_answers',
  'students',
  'assigned_exercises',
  'exercise_revisions',
  'cases',
  'exercises',
  'sets',
  'set_exercises',
  'worksheets',
  'sessions',
  'student_links',
  'late_answers',
  'acts',
  'practice_runs',
  'attempts',
];
const said = new Map<string, InValue[]>();
let folder: string;
let open: OpenDatabase;
let client: Client;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-statements-'));
  const url = `file:${join(folder, 'book.db')}`;
  open = await openDatabase(url, resolve('packages/server/drizzle'), {
    logQuery: (statement, values) => void said.set(statement, values as InValue[]),
  });
  await loadDemo(open.database);
  said.clear();
  client = createClient({ url });
});
afterAll(async () => {
  client.close();
  await open.close();
  rmSync(folder, { recursive: true, force: true });
});

async function aTermOfWork(): Promise<void> {
  const api = request(createApplication({ database: open.database, log: pino({ level: 'silent' }) }));
  const of = '/api/sets/demo-week-6';
  const read = async (path: string) => (await api.get(path).expect(200)).body;
  for (const path of [
    'cases?find=loan&tag=savings',
    'exercises?find=a&topic=annuity&asks=payment',
    'exercises?used=none',
    'exercises?used=demo-week-6&archived=yes',
    'exercises/starter-5',
    'exercises/starter-5/revisions',
    'classes?find=bm&page=2',
    'classes/demo-bm210',
    'sets?find=week',
    'sets?class=demo-bm210&state=waiting',
    'sets?beside=demo-week-6',
    'rules',
    'bin',
    'column-matchings',
    'sets/demo-week-3/worksheets',
    'slip-texts',
  ])
    await read(`/api/${path}`);
  while ((await api.post(`${of}/check`).expect(200)).body.left > 0);
  const { students } = await read(`${of}/marking`);
  const [a, b] = students;
  await api
    .put(`${of}/answers`)
    .send({ changes: [{ studentId: a.id, itemId: 'e1', entryId: 'a', text: '1' }] })
    .expect(200);
  await read(`${of}/students/${a.id}/earlier`);
  await api
    .put(`${of}/decisions`)
    .send({
      decisions: [{ studentId: a.id, itemId: 'e1', partId: 'a', credit: 1, comment: '', was: { comment: '' } }],
      accept: [{ itemId: 'e1', partId: 'a', match: { value: 1 }, says: 'x', credit: 1 }],
    })
    .expect(200);
  const { kept } = (
    await api
      .post(`${of}/import`)
      .send({
        source: 'x',
        rows: [
          { place: 1, student: b.number, entries: { e1: { a: '2' } } },
          { place: 2, student: 'Nobody', entries: { e1: { a: '3' } } },
        ],
      })
      .expect(200)
  ).body;
  await api.delete(`${of}/unmatched-rows/${kept[0].id}`).expect(204);
  await api.post(`${of}/unmatched-rows/${kept[0].id}/restore`).expect(204);
  await api.post(`${of}/unmatched-rows/${kept[0].id}`).send({ studentId: b.id }).expect(200);
  const set = await read(of);
  await api
    .post(`${of}/contents`)
    .send({ revision: set.revision, change: { act: 'remove', itemId: 'e3' } })
    .expect(200);
  const { body: made } = await api.post('/api/sets').send({
    classId: 'demo-bm210',
    title: 'New',
    document: {
      schemaVersion: 1,
      items: [{ id: 'q1', exerciseId: 'starter-23' }],
      numbers: 'own',
      given: '',
      due: '',
    },
  });
  await api.post(`/api/sets/${made.id}/assigned`).send({ revision: 1 }).expect(200);
  const { revision } = await read('/api/classes/demo-bm210');
  await api
    .put('/api/classes/demo-bm210/roster')
    .send({ revision, add: [{ name: 'New', number: 'N-1' }], withdraw: [a.id], remove: [b.id] })
    .expect(200);
  await aStudent();
  await api.delete(of).expect(204);
  await api.post('/api/bin/set/demo-week-6/restore').expect(204);
}

/** A student comes in, answers, submits, reads what was given back and practises; the instructor watches. */
async function aStudent(): Promise<void> {
  const application = createApplication({ database: open.database, log: pino({ level: 'silent' }) });
  const instructor = request(application);
  const { students } = (await instructor.get('/api/sets/demo-week-6/codes').expect(200)).body;
  const { id, token, code } = students[8];
  const agent = request.agent(application);
  await agent.post('/api/my/session').send({ code }).expect(201);
  await agent.post('/api/my/session').send({ link: token }).expect(201);
  await agent.get('/api/my/sets').expect(200);
  const page = (await agent.get('/api/my/sets/demo-week-6').expect(200)).body;
  const answer = { itemId: 'e1', entryId: 'a', text: '5', was: page.entries.e1?.a ?? '', typedAt: page.state.now };
  await agent
    .put('/api/my/sets/demo-week-6/answers')
    .send({ answers: [answer] })
    .expect(200);
  await agent.post('/api/my/sets/demo-week-6/submitted').send({ answers: 1 }).expect(200);
  await agent.get('/api/my/sets/demo-week-3/feedback').expect(200);
  const { body: more } = await agent.post('/api/my/sets/demo-week-3/exercises/e2/more').expect(201);
  await agent
    .post(`/api/my/more/${more.id}/tries`)
    .send({ itemId: 'e2', partId: 'a', entries: { a: '1' } })
    .expect(200);
  for (const act of ['open-classroom', 'close-classroom'])
    await instructor.post('/api/sets/demo-week-6/live').send({ act }).expect(200);
  for (const act of ['reopen', 'submit', 'take-late', 'leave-late', 'new-link'])
    await instructor
      .post('/api/sets/demo-week-6/live')
      .send({ act, studentIds: [id] })
      .expect(200);
  await agent.delete('/api/my/session').expect(204);
}

it('no statement scans a table that grows', async () => {
  await aTermOfWork();
  const statements = [...said].filter(([statement]) => /^\s*(select|insert|update|delete)/i.test(statement));
  expect(statements.length).toBeGreaterThan(40);
  const scans: string[] = [];
  for (const [statement, values] of statements) {
    const { rows } = await client.execute({ sql: `EXPLAIN QUERY PLAN ${statement}`, args: values });
    for (const { detail } of rows) {
      const table = /^SCAN (\w+)/.exec(String(detail))?.[1];
      if (table && growing.includes(table))
        scans.push(`${String(detail)}: ${statement.replace(/\s+/g, ' ').slice(0, 160)}`);
    }
  }
  expect(scans).toEqual([]);
});

it('what goes with a student or a set is found by an index too', async () => {
  for (const [table, column] of [
    ['submissions', 'student_id'],
    ['decisions', 'student_id'],
    ['earlier_answers', 'student_id'],
    ['students', 'class_id'],
    ...['submissions', 'decisions', 'accepted_readings', 'unmatched_rows', 'earlier_answers', 'assigned_exercises'].map(
      (each) => [each, 'set_id'],
    ),
  ] as [string, string][]) {
    const { rows } = await client.execute(`EXPLAIN QUERY PLAN DELETE FROM ${table} WHERE ${column} = 'x'`);
    expect([table, column, String(rows[0]!.detail)]).toEqual([table, column, expect.stringContaining('USING')]);
  }
});
