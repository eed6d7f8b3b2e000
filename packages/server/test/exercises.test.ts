/** Exercises over HTTP: kept with their earlier states, archived, taken in from files. */
import { starterExercises } from '@hardy-sextant/core/starters';
import { openBook, type Book } from './book.ts';

let book: Book;
beforeEach(async () => {
  book = await openBook(false);
});
afterEach(() => book.close());

const document = { schemaVersion: 2, exercise: starterExercises[0]! };
const make = async () => (await book.api().post('/api/exercises').send({ document }).expect(201)).body;

it('keep every state, newest first, and a stale write changes none', async () => {
  const made = await make();
  const path = `/api/exercises/${made.id}`;
  const renamed = { ...document, exercise: { ...document.exercise, title: 'Renamed' } };
  await book.api().put(path).send({ document: renamed, revision: 1 }).expect(200);
  const stale = await book.api().put(path).send({ document, revision: 1 }).expect(409);
  expect(stale.body.current.document.exercise.title).toBe('Renamed');
  const { body } = await book.api().get(`${path}/revisions`).expect(200);
  expect(
    body.map(({ revision, document: each }: { revision: number; document: { exercise: { title: string } } }) => [
      revision,
      each.exercise.title,
    ]),
  ).toEqual([
    [2, 'Renamed'],
    [1, document.exercise.title],
  ]);
  await book.api().get('/api/exercises/nothing/revisions').expect(404);
});

it('are archived and taken back, deleted once', async () => {
  const { id } = await make();
  expect(
    (await book.api().put(`/api/exercises/${id}/archived`).send({ archived: true }).expect(200)).body.archived,
  ).toBe(true);
  expect((await book.api().post('/api/exercise-export').send({ asked: {} }).expect(200)).body.exercises).toEqual([]);
  expect(
    (await book.api().put(`/api/exercises/${id}/archived`).send({ archived: false }).expect(200)).body.archived,
  ).toBe(false);
  await book.api().delete(`/api/exercises/${id}`).expect(204);
  await book.api().delete(`/api/exercises/${id}`).expect(404);
  await book.api().get(`/api/exercises/${id}`).expect(404);
  await book.api().put(`/api/exercises/${id}/archived`).send({ archived: true }).expect(404);
});

it('go out and come back in the same', async () => {
  const { id } = await make();
  const file = (
    await book
      .api()
      .post('/api/exercise-export')
      .send({ ids: [id] })
      .expect(200)
  ).body;
  // What is there already, word for word, is not taken in again.
  await book.api().delete(`/api/exercises/${id}`).expect(204);
  const report = (await book.api().post('/api/exercise-file').send(file).expect(201)).body;
  expect(report.refused).toEqual([]);
  await book.api().post(`/api/bin/exercise/${id}/restore`).expect(204);
  expect(report.taken[0].document.exercise).toEqual(
    (await book.api().get(`/api/exercises/${id}`)).body.document.exercise,
  );
});

it('come in as far as they can be read; the rest is said by place and field', async () => {
  const file = {
    format: 'hardy-sextant-exercises',
    version: 2,
    exercises: [document.exercise, { ...document.exercise, title: 'Broken', plans: [] }, 'nothing', { title: 5 }],
  };
  const report = (await book.api().post('/api/exercise-file').send(file).expect(201)).body;
  expect(report.taken).toHaveLength(1);
  expect(report.refused.map(({ place, title }: { place: number; title: string }) => [place, title])).toEqual([
    [1, 'Broken'],
    [2, ''],
    [3, ''],
  ]);
  expect(report.refused[0].problems[0].path).toBe('plans');
  expect((await book.api().get('/api/exercises')).body.total).toBe(1);
});

it.each([
  [{ format: 'something else', version: 2, exercises: [] }, 422],
  [{ format: 'hardy-sextant-exercises', version: 99, exercises: [] }, 422],
  [{ format: 'hardy-sextant-exercises', version: 2, exercises: Array.from({ length: 2001 }, () => ({})) }, 422],
])('refuse a file that is none: %#', async (file, status) => {
  await book.api().post('/api/exercise-file').send(file).expect(status);
});

it.each([
  [
    'an expression far too long',
    {
      plans: [
        {
          ...document.exercise.plans[0]!,
          draft: {
            ...document.exercise.plans[0]!.draft,
            slots: { ...document.exercise.plans[0]!.draft.slots, amount: '1'.repeat(5000) },
          },
        },
      ],
    },
  ],
  ['41 parts', { parts: Array.from({ length: 41 }, (_, at) => ({ ...document.exercise.parts[0]!, id: `p${at}` })) }],
  ['a part with a strange name', { parts: [{ ...document.exercise.parts[0]!, id: '__proto__' }] }],
  ['a story of unknown pieces', { story: { type: 'script', text: 'alert(1)' } }],
])('are refused with %s', async (_what, more) => {
  const refused = await book
    .api()
    .post('/api/exercises')
    .send({ document: { ...document, exercise: { ...document.exercise, ...more } } })
    .expect(422);
  expect(refused.body.fields.length).toBeGreaterThan(0);
});

it('go out by the hundreds: which ones is in the body, not in the address', async () => {
  const file = {
    format: 'hardy-sextant-exercises',
    version: 2,
    exercises: Array.from({ length: 450 }, (_, at) => ({ ...document.exercise, title: `No. ${at}` })),
  };
  const { taken } = (await book.api().post('/api/exercise-file').send(file).expect(201)).body;
  const ids = taken.map(({ id }: { id: string }) => id);
  const out = (await book.api().post('/api/exercise-export').send({ ids }).expect(200)).body;
  expect(out.exercises).toHaveLength(450);
  expect(
    (
      await book
        .api()
        .post('/api/exercise-export')
        .send({ ids: ids.slice(0, 2) })
        .expect(200)
    ).body.exercises,
  ).toHaveLength(2);
  // All that a list shows, over all its pages.
  const found = (asked: object) => book.api().post('/api/exercise-export').send({ asked });
  expect((await found({}).expect(200)).body.exercises).toHaveLength(450);
  expect((await found({ find: '449' }).expect(200)).body.exercises).toHaveLength(1);
  await found({ level: 'x'.repeat(100) }).expect(422);
});
