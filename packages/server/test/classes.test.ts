/** Classes and rosters over HTTP. */
import { openBook, type Book } from './book.ts';

let book: Book;
beforeAll(async () => {
  book = await openBook(true);
});
afterAll(() => book.close());

const fields = {
  code: 'BM 310',
  title: 'Money over time',
  college: 'Kestrel Bay Technical College',
  term: 'Spring 2027',
};

it('are made with the usual rules, renamed against their revision, and deleted', async () => {
  const made = await book.api().post('/api/classes').send(fields).expect(201);
  expect(made.body).toMatchObject({ ...fields, students: 0, revision: 1, roster: [] });
  const path = `/api/classes/${made.body.id}`;
  const changed = await book
    .api()
    .put(path)
    .send({ ...fields, term: 'Autumn 2027', revision: 1 })
    .expect(200);
  expect(changed.body).toMatchObject({ term: 'Autumn 2027', revision: 2 });
  const stale = await book
    .api()
    .put(path)
    .send({ ...fields, revision: 1 })
    .expect(409);
  expect(stale.body.current.term).toBe('Autumn 2027');
  await book.api().delete(path).expect(204);
  await book.api().get(path).expect(404);
  const refused = await book
    .api()
    .post('/api/classes')
    .send({ ...fields, code: ' ' })
    .expect(422);
  expect(refused.body.fields[0].path).toBe('code');
});

it('take students all or none: a number that two would have is named', async () => {
  const { body: made } = await book.api().post('/api/classes').send(fields);
  const path = `/api/classes/${made.id}/roster`;
  const { body: two } = await book
    .api()
    .put(path)
    .send({
      revision: 1,
      add: [
        { name: 'Oona Kamau', number: 'P-1' },
        { name: 'Tariq Bakken', number: 'P-2' },
      ],
    })
    .expect(200);
  expect(two.roster.map(({ name }: { name: string }) => name)).toEqual(['Oona Kamau', 'Tariq Bakken']);
  const refused = await book
    .api()
    .put(path)
    .send({
      revision: 2,
      add: [
        { name: 'Ulla Eze', number: 'P-3' },
        { name: 'Another', number: 'p-1' },
      ],
    })
    .expect(422);
  expect(refused.body.fields).toEqual([
    { path: 'add.1.number', message: 'The number p-1 is there already, for Oona Kamau.' },
  ]);
  expect((await book.api().get(`/api/classes/${made.id}`)).body.roster).toHaveLength(2);
  // Two may swap their numbers.
  const [a, b] = two.roster;
  const { body: swapped } = await book
    .api()
    .put(path)
    .send({
      revision: 2,
      change: [
        { ...a, number: 'P-2' },
        { ...b, number: 'P-1' },
      ],
    })
    .expect(200);
  expect(swapped.roster.map(({ number }: { number: string }) => number)).toEqual(['P-2', 'P-1']);
  await book
    .api()
    .put(path)
    .send({ revision: 3, remove: [a.id] })
    .expect(200);
  await book
    .api()
    .put(path)
    .send({ revision: 4, remove: ['stranger'] })
    .expect(404);
});

it('who joins gets numbers in every set that was assigned', async () => {
  const { body } = await book
    .api()
    .put('/api/classes/demo-bm110/roster')
    .send({ revision: 1, add: [{ name: 'Late Comer', number: 'M-9001' }] })
    .expect(200);
  const late = body.roster.find(({ number }: { number: string }) => number === 'M-9001');
  const marking = (await book.api().get('/api/sets/demo-midterm/marking')).body;
  const there = marking.students.find(({ id }: { id: string }) => id === late.id);
  expect(Object.keys(there.numbers)).toEqual(['e1', 'e2', 'e3', 'e4']);
  expect(there.numbers.e1.amount).toBeGreaterThan(1000);
});
