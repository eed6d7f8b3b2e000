/** House rules by name: classes pick them, exercises are written under them, and the set says where numbers move. */
import { defaultHouseRules, type HouseRules } from '@hardy-sextant/core';
import { openBook, type Book } from './book.ts';

let book: Book;
beforeAll(async () => {
  book = await openBook(true);
});
afterAll(() => book.close());

/** The parts of the demo's kiln shed loan: 941.43 a month in cents. */
const EXERCISE = 'demo-kiln-shed';
const unrounded: HouseRules = {
  ...defaultHouseRules,
  rounding: { payment: 'exact', interest: 'exact', last: 'as-others' },
};
const college = { code: 'BM 5', title: 'By formula', college: 'Kestrel Bay', term: 'Spring 2027' };
const list = async () => (await book.api().get('/api/rules').expect(200)).body;
const named = async (name: string) => (await list()).find((each: { name: string }) => each.name === name);
const make = async (name: string, rules: HouseRules = unrounded) =>
  (await book.api().post('/api/rules').send({ name, rules }).expect(201)).body;

it('stand by themselves, are picked by a class, and hold for all who follow them', async () => {
  const made = await make('Nothing rounded');
  expect(made).toMatchObject({ name: 'Nothing rounded', revision: 1, classes: [] });
  const { body: one } = await book
    .api()
    .post('/api/classes')
    .send({ ...college, rulesId: made.id });
  expect(one).toMatchObject({ rulesId: made.id, rulesName: 'Nothing rounded', rules: unrounded });
  const { body: two } = await book
    .api()
    .post('/api/classes')
    .send({ ...college, code: 'BM 6' });
  expect(two).toMatchObject({ rulesId: 'default', rulesName: 'Usual' });
  // What is changed of a class without naming rules leaves them.
  const path = `/api/classes/${two.id}`;
  await book
    .api()
    .put(path)
    .send({ ...college, code: 'BM 6', rulesId: made.id, revision: 1 })
    .expect(200);
  const { body: renamed } = await book
    .api()
    .put(path)
    .send({ ...college, code: 'BM 7', revision: 2 })
    .expect(200);
  expect(renamed.rulesName).toBe('Nothing rounded');
  expect((await named('Nothing rounded')).classes.map(({ code }: { code: string }) => code)).toEqual(['BM 5', 'BM 7']);
  const changed = { name: 'All digits', rules: { ...unrounded, decimals: 4 }, revision: 1 };
  await book.api().put(`/api/rules/${made.id}`).send(changed).expect(200);
  for (const id of [one.id, two.id])
    expect((await book.api().get(`/api/classes/${id}`)).body).toMatchObject({
      rulesName: 'All digits',
      rules: { decimals: 4 },
    });
  const stale = await book.api().put(`/api/rules/${made.id}`).send(changed).expect(409);
  expect(stale.body.current).toMatchObject({ name: 'All digits', revision: 2 });
  const refused = await book
    .api()
    .post('/api/classes')
    .send({ ...college, rulesId: 'nowhere' })
    .expect(422);
  expect(refused.body.fields[0].path).toBe('rulesId');
});

it('go into the bin and come back; not while a class follows them, and never the usual ones', async () => {
  const made = await make('To be deleted');
  const { body: follower } = await book
    .api()
    .post('/api/classes')
    .send({ ...college, code: 'BM 8', rulesId: made.id });
  const kept = await book.api().delete(`/api/rules/${made.id}`).expect(422);
  expect(kept.body.detail).toBe('BM 8 follows these rules. Pick other rules for that class first.');
  await book.api().delete('/api/rules/default').expect(422);
  await book.api().delete(`/api/classes/${follower.id}`).expect(204);
  await book.api().delete(`/api/rules/${made.id}`).expect(204);
  expect(await named('To be deleted')).toBeUndefined();
  // A class that is back follows its own rules again, deleted or not.
  await book.api().post(`/api/bin/class/${follower.id}/restore`).expect(204);
  expect((await book.api().get(`/api/classes/${follower.id}`)).body).toMatchObject({ rulesName: 'To be deleted' });
  expect(await named('To be deleted')).toBeDefined();
  await book.api().post(`/api/bin/rules/${made.id}/restore`).expect(204);
  expect((await book.api().get('/api/bin')).body.map(({ id }: { id: string }) => id)).not.toContain(made.id);
});

it('an exercise is written under some, keeps its words and revision, and a set says what its class makes of it', async () => {
  const whole = { ...defaultHouseRules, rounding: { ...defaultHouseRules.rounding, payment: 'unit-up' as const } };
  const made = await make('Whole payments', whole);
  const { body: before } = await book.api().get(`/api/exercises/${EXERCISE}`);
  expect(before.rulesId).toBe('default');
  const { body: set } = await book
    .api()
    .post('/api/sets')
    .send({
      classId: 'demo-bm210',
      title: 'Under other rules',
      document: {
        schemaVersion: 1,
        items: [{ id: 'q1', exerciseId: EXERCISE }],
        numbers: 'same',
        given: '',
        due: '',
      },
    })
    .expect(201);
  const moved = async () => (await book.api().get(`/api/sets/${set.id}/moved-parts`).expect(200)).body;
  expect(await moved()).toEqual([]);
  const { body: after } = await book
    .api()
    .put(`/api/exercises/${EXERCISE}/rules`)
    .send({ rulesId: made.id })
    .expect(200);
  expect(after).toEqual({ ...before, rulesId: made.id });
  const parts = await moved();
  expect(parts.length).toBeGreaterThan(0);
  for (const part of parts) {
    expect(part).toMatchObject({ itemId: 'q1', writtenUnder: 'Whole payments' });
    expect(part.here).not.toBe(part.there);
  }
  await book.api().put(`/api/exercises/${EXERCISE}/rules`).send({ rulesId: 'nowhere' }).expect(422);
  // Deleted rules: the usual ones hold until they are back.
  await book.api().delete(`/api/rules/${made.id}`).expect(204);
  expect(await moved()).toEqual([]);
});
