/** The HTTP interface against a real temporary database. */
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { emptyDraft, shippedStyles, slips } from '@hardy-sextant/core';
import { problemTypes } from '@hardy-sextant/contract';
import { pino } from 'pino';
import request from 'supertest';
import { starterExercises } from '@hardy-sextant/core/starters';
import { checkInPlace } from '../src/checking/checker.ts';
import { checkSet } from '../src/services/judging.ts';
import { readMarking } from '../src/services/marking.ts';
import { createApplication } from '../src/application.ts';
import { loadDemo } from '../src/demo/loadDemo.ts';
import { isEmpty, openDatabase, type OpenDatabase } from '../src/store/database.ts';

const migrations = resolve('packages/server/drizzle');
let folder: string;
let open: OpenDatabase;

const start = async () => {
  open = await openDatabase(`file:${join(folder, 'book.db')}`, migrations);
};
const api = () => request(createApplication({ database: open.database, log: pino({ level: 'silent' }) }));
const draft = {
  ...emptyDraft('borrow'),
  slots: { amount: '900', rate: '5', payments: '12', payment: '', finalAmount: '0', converted: '' },
};
const newCase = {
  title: 'Oyster rafts',
  document: { schemaVersion: 2, draft, variations: [], together: [], tags: ['rafts'], rules: 'default' },
};

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-api-'));
  await start();
});

afterEach(async () => {
  await open.close();
  rmSync(folder, { recursive: true, force: true });
});

describe('cases', () => {
  it('are kept, read back, changed and deleted', async () => {
    const made = await api().post('/api/cases').send(newCase).expect(201);
    expect(made.body).toMatchObject({ title: 'Oyster rafts', revision: 1, document: newCase.document });
    const changed = await api()
      .put(`/api/cases/${made.body.id}`)
      .send({ ...newCase, title: 'Oyster rafts, with a trade-in', revision: 1 })
      .expect(200);
    expect(changed.body.revision).toBe(2);
    expect((await api().get('/api/cases').expect(200)).body).toEqual({
      rows: [changed.body],
      total: 1,
      page: 1,
      tags: ['rafts'],
    });
    await api().delete(`/api/cases/${made.body.id}`).expect(204);
    await api().get(`/api/cases/${made.body.id}`).expect(404);
  });

  it('answer a stale write with 409 and what is stored now', async () => {
    const { body } = await api().post('/api/cases').send(newCase);
    await api()
      .put(`/api/cases/${body.id}`)
      .send({ ...newCase, title: 'First', revision: 1 })
      .expect(200);
    const stale = await api()
      .put(`/api/cases/${body.id}`)
      .send({ ...newCase, title: 'Second', revision: 1 })
      .expect(409);
    expect(stale.body).toMatchObject({ type: problemTypes.stale, current: { title: 'First', revision: 2 } });
    expect((await api().get(`/api/cases/${body.id}`)).body.title).toBe('First');
  });

  it('may be stated under an id of their own, once', async () => {
    const id = '0b6f0a5e-52f4-4d0e-9f0c-6a2c2f0e1d11';
    expect(
      (
        await api()
          .post('/api/cases')
          .send({ ...newCase, id })
          .expect(201)
      ).body.id,
    ).toBe(id);
    expect(
      (
        await api()
          .post('/api/cases')
          .send({ ...newCase, id, title: 'Again' })
          .expect(409)
      ).body.current.title,
    ).toBe('Oyster rafts');
    await api()
      .post('/api/cases')
      .send({ ...newCase, id: '../x' })
      .expect(422);
  });

  it('are brought back after being deleted', async () => {
    const { body } = await api().post('/api/cases').send(newCase);
    await api().delete(`/api/cases/${body.id}`).expect(204);
    await api()
      .put(`/api/cases/${body.id}`)
      .send({ ...newCase, revision: 1 })
      .expect(404);
    expect((await api().get('/api/bin').expect(200)).body).toMatchObject([
      { kind: 'case', id: body.id, title: 'Oyster rafts' },
    ]);
    await api().post(`/api/bin/case/${body.id}/restore`).expect(204);
    expect((await api().get(`/api/cases/${body.id}`).expect(200)).body).toEqual(body);
    await api().post(`/api/bin/case/${body.id}/restore`).expect(404);
  });

  it('are themselves again when they are written anew after being deleted', async () => {
    const id = crypto.randomUUID();
    await api()
      .post('/api/cases')
      .send({ ...newCase, id })
      .expect(201);
    await api().delete(`/api/cases/${id}`).expect(204);
    const again = await api()
      .post('/api/cases')
      .send({ ...newCase, id, title: 'Typed on' })
      .expect(201);
    expect(again.body).toMatchObject({ id, title: 'Typed on', revision: 2 });
    expect((await api().get('/api/bin')).body).toEqual([]);
  });

  it('of the first shape are upgraded when read', async () => {
    const { changes: _c, into: _i, flatBy: _f, firstPaymentDate: _d, numberStyle: _n, ...first } = draft;
    const { body } = await api()
      .post('/api/cases')
      .send({ title: 'Old', document: { schemaVersion: 1, draft: first } })
      .expect(201);
    expect(body.document).toMatchObject({
      schemaVersion: 2,
      variations: [],
      rules: 'default',
      draft: { changes: [], flatBy: 'a-year', numberStyle: 'comma-point' },
    });
  });

  it('survive a restart', async () => {
    const { body } = await api().post('/api/cases').send(newCase);
    await open.close();
    await start();
    expect((await api().get(`/api/cases/${body.id}`).expect(200)).body).toEqual(body);
  });
});

describe('bad input', () => {
  it('that is not JSON gets a problem document', async () => {
    const answer = await api().post('/api/cases').set('content-type', 'application/json').send('{"title":').expect(400);
    expect(answer.headers['content-type']).toContain('application/problem+json');
    expect(answer.body).toMatchObject({ type: problemTypes.notJson, status: 400 });
  });

  it('names each field that cannot be taken', async () => {
    const answer = await api()
      .post('/api/cases')
      .send({ title: ' ', document: { schemaVersion: 1, draft: { ...draft, paymentsPerYear: 0.5 } } })
      .expect(422);
    expect(answer.body.fields.map(({ path }: { path: string }) => path)).toEqual(
      expect.arrayContaining(['title', 'document.draft.paymentsPerYear']),
    );
    expect((await api().get('/api/cases')).body.rows).toEqual([]);
  });

  it('of an unknown id or path is said to be not found', async () => {
    for (const path of [
      '/api/cases/nobody',
      '/api/exercises/nobody',
      '/api/exercises/nobody/answers/none',
      '/api/nowhere',
    ]) {
      const answer = await api().get(path).expect(404);
      expect(answer.body.type).toBe(problemTypes.notFound);
    }
  });

  it('that is too large is refused before it is read', async () => {
    const answer = await api()
      .post('/api/cases')
      .send({ title: 'x'.repeat(3_000_000) })
      .expect(413);
    expect(answer.body.type).toBe(problemTypes.tooLarge);
  });
});

describe('the demo', () => {
  it('fills an empty book once: two classes, three sets, every verdict and most slips', async () => {
    expect(await isEmpty(open.database)).toBe(true);
    await loadDemo(open.database);
    expect(await isEmpty(open.database)).toBe(false);
    const classes = (await api().get('/api/classes')).body.rows;
    expect(classes.map(({ students }: { students: number }) => students).sort()).toEqual([112, 28]);
    const sets = (await api().get('/api/sets')).body.rows;
    expect(sets).toHaveLength(3);
    const kinds = new Set<string>();
    const causes = new Set<string>();
    for (const { id } of sets) {
      await checkSet(open.database, checkInPlace, id);
      for (const { verdicts } of (await readMarking(open.database, id)).students)
        for (const { kind, explanations, cells = [] } of Object.values(verdicts!).flat()) {
          kinds.add(kind);
          for (const { slips: ids } of explanations) for (const slip of ids) causes.add(slip);
          for (const { slip } of cells) if (slip) causes.add(slip);
        }
    }
    expect([...kinds].sort()).toEqual([
      'blank',
      'carried',
      'carried-slip',
      'reading',
      'right',
      'right-other-way',
      'right-rounded',
      'slip',
      'unexplained',
      'unreadable',
    ]);
    expect(slips.filter(({ id }) => causes.has(id)).length).toBeGreaterThan(slips.length / 2);
  }, 180_000);

  it('is loaded whole or not at all', async () => {
    await loadDemo(open.database);
    const loaded = (await api().get('/api/exercises')).body.total;
    await expect(loadDemo(open.database)).rejects.toThrow();
    expect(loaded).toBe(starterExercises.length + 1);
    expect((await api().get('/api/exercises')).body.total).toBe(loaded);
  });
});

describe('house rules', () => {
  it('are one set a class and a default, each with its own revision', async () => {
    await loadDemo(open.database);
    const [usual, , own] = (await api().get('/api/rules').expect(200)).body;
    expect([usual.id, own.name]).toEqual(['default', 'BM 210']);
    const rules = { ...usual.rules, numberStyle: 'point-comma' };
    expect(
      (await api().put('/api/rules/default').send({ rules, revision: usual.revision }).expect(200)).body,
    ).toMatchObject({
      revision: 2,
      rules: { numberStyle: 'point-comma' },
    });
    await api().put('/api/rules/default').send({ rules, revision: usual.revision }).expect(409);
    await api().put(`/api/rules/${own.id}`).send({ rules, revision: own.revision }).expect(200);
    await api().put(`/api/rules/${own.id}`).send({ rules, revision: own.revision }).expect(409);
    await api().put('/api/rules/nobody').send({ rules, revision: 1 }).expect(404);
    const refused = await api()
      .put('/api/rules/default')
      .send({ rules: { ...rules, decimals: 9 }, revision: 2 })
      .expect(422);
    expect(refused.body.fields[0].path).toBe('rules.decimals');
  });
});

describe('migrations', () => {
  it('open a book twice without changing it, and copy nothing when there is nothing to do', async () => {
    await open.close();
    await start();
    expect(readdirSync(folder).filter((name) => name.includes('.before-'))).toEqual([]);
    await loadDemo(open.database);
    const rows = await open.database.all<{ foreign_keys: number }>('PRAGMA foreign_keys');
    expect(rows[0]!.foreign_keys).toBe(1);
  });
});

describe('entering styles', () => {
  const { id: _id, ...style } = shippedStyles[1]!;
  it('are kept, changed against their revision, and deleted', async () => {
    const made = await api().post('/api/entering-styles').send({ style }).expect(201);
    const changed = await api()
      .put(`/api/entering-styles/${made.body.id}`)
      .send({ style: { ...style, name: 'Ours' }, revision: 1 })
      .expect(200);
    expect(changed.body).toMatchObject({ style: { name: 'Ours' }, revision: 2 });
    const stale = await api().put(`/api/entering-styles/${made.body.id}`).send({ style, revision: 1 }).expect(409);
    expect(stale.body).toMatchObject({ type: problemTypes.stale, current: { style: { name: 'Ours' } } });
    await api().delete(`/api/entering-styles/${made.body.id}`).expect(204);
    expect((await api().get('/api/entering-styles').expect(200)).body).toEqual([]);
    await api().delete(`/api/entering-styles/${made.body.id}`).expect(404);
    await api().put(`/api/entering-styles/${made.body.id}`).send({ style, revision: 2 }).expect(404);
  });
  it.each([
    [{ ...style, name: '' }, 'style.name'],
    [{ ...style, count: 'years' }, 'style.setsFrequencies'],
    [{ ...style, labels: { ...style.labels, n: '' } }, 'style.labels.n'],
    [{ ...style, decimals: 99 }, 'style.decimals'],
  ])('refuse what cannot be, by field: %#', async (wrong, path) => {
    const refused = await api().post('/api/entering-styles').send({ style: wrong }).expect(422);
    expect(refused.body.fields).toEqual(expect.arrayContaining([expect.objectContaining({ path })]));
  });
});
