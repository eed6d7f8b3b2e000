/** Sets over HTTP: put together, assigned, frozen, followed up. */
import { openBook, type Book } from './book.ts';

let book: Book;
beforeEach(async () => {
  book = await openBook(true);
});
afterEach(() => book.close());

const document = {
  schemaVersion: 1,
  items: [{ id: 'e1', exerciseId: 'starter-23' }],
  numbers: 'own',
  given: '2026-11-26',
  due: '',
};
const make = async (more: object = {}) =>
  (
    await book
      .api()
      .post('/api/sets')
      .send({ classId: 'demo-bm210', title: 'Week 8', document: { ...document, ...more } })
      .expect(201)
  ).body;

it('are put together, reordered against their revision, assigned once, and deleted', async () => {
  const set = await make();
  expect(set).toMatchObject({ revision: 1, assignedExercises: [], counts: { students: 28, submitted: 0 } });
  await book.api().get(`/api/sets/${set.id}/marking`).expect(422);
  const items = [{ id: 'e2', exerciseId: 'starter-14', marks: 12 }, ...document.items];
  const changed = (
    await book
      .api()
      .put(`/api/sets/${set.id}`)
      .send({ title: 'Week 8', document: { ...document, items }, revision: 1 })
      .expect(200)
  ).body;
  await book.api().put(`/api/sets/${set.id}`).send({ title: 'Week 8', document, revision: 1 }).expect(409);
  const given = (await book.api().post(`/api/sets/${set.id}/assigned`).send({ revision: 2 }).expect(200)).body;
  expect(given.assignedExercises.map(({ itemId }: { itemId: string }) => itemId)).toEqual(['e2', 'e1']);
  const marking = (await book.api().get(`/api/sets/${set.id}/marking`).expect(200)).body;
  expect(marking).toMatchObject({ unchecked: 28 });
  const numbers = marking.students.map((student: { numbers: unknown }) => JSON.stringify(student.numbers));
  expect(new Set(numbers).size).toBeGreaterThan(20);
  const refused = await book
    .api()
    .put(`/api/sets/${set.id}`)
    .send({ title: 'Week 8', document: { ...changed.document, numbers: 'same' }, revision: given.revision })
    .expect(422);
  expect(refused.body.fields[0].path).toBe('document.numbers');
  await book.api().delete(`/api/sets/${set.id}`).expect(204);
  await book.api().get(`/api/sets/${set.id}`).expect(404);
});

it('are not assigned empty, with a draft, or with what is not there', async () => {
  const empty = await make({ items: [] });
  await book.api().post(`/api/sets/${empty.id}/assigned`).send({ revision: 1 }).expect(422);
  const { body: draft } = await book.api().get('/api/exercises/starter-23');
  await book
    .api()
    .put('/api/exercises/starter-23')
    .send({
      document: { ...draft.document, exercise: { ...draft.document.exercise, parts: [] } },
      revision: draft.revision,
    })
    .expect(200);
  const withDraft = await make();
  const refused = await book.api().post(`/api/sets/${withDraft.id}/assigned`).send({ revision: 1 }).expect(422);
  expect(refused.body.detail).toContain('still a draft');
  expect((await book.api().get(`/api/sets/${withDraft.id}`)).body.assignedAt).toBeUndefined();
  await book
    .api()
    .post('/api/sets')
    .send({ classId: 'demo-bm210', title: 'x', document: { ...document, items: [{ id: 'e1', exerciseId: 'gone' }] } })
    .expect(422);
  await book.api().post('/api/sets').send({ classId: 'gone', title: 'x', document }).expect(404);
});

describe('what was assigned stays when the exercise changes', () => {
  const shorter = async () => {
    const { body } = await book.api().get('/api/exercises/starter-23');
    const { exercise } = body.document;
    const changed = {
      ...exercise,
      title: 'Renamed',
      parts: exercise.parts.map((part: object, at: number) => (at === 0 ? { ...part, marks: 9 } : part)),
    };
    const story = {
      type: 'doc',
      content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Another story.' }] }],
    };
    return (
      await book
        .api()
        .put('/api/exercises/starter-23')
        .send({ document: { schemaVersion: 2, exercise: { ...changed, story } }, revision: body.revision })
        .expect(200)
    ).body.revision as number;
  };
  const given = async () => {
    const set = await make();
    await book.api().post(`/api/sets/${set.id}/assigned`).send({ revision: 1 }).expect(200);
    return set.id as string;
  };
  const numbersIn = async (id: string) =>
    (await book.api().get(`/api/sets/${id}/marking`)).body.students.map(
      (student: { numbers: object }) => student.numbers,
    );

  it('and the change is told until it is kept as it was', async () => {
    const id = await given();
    const latest = await shorter();
    const set = (await book.api().get(`/api/sets/${id}`)).body;
    expect(set.assignedExercises[0]).toMatchObject({
      exercise: { title: 'The ferry refit, with a rate review' },
      revision: 1,
      latest,
    });
    const kept = await book.api().post(`/api/sets/${id}/exercises/e1`).send({ how: 'keep', latest }).expect(200);
    expect(kept.body.assignedExercises[0]).toMatchObject({ keptAgainst: latest, revision: 1 });
    await book.api().post(`/api/sets/${id}/exercises/e1`).send({ how: 'keep', latest: 99 }).expect(409);
    await book.api().post(`/api/sets/${id}/exercises/e9`).send({ how: 'keep', latest }).expect(404);
  });

  it('or judged by the new key, with the story and numbers as they were', async () => {
    const id = await given();
    const before = await numbersIn(id);
    const latest = await shorter();
    const { body } = await book.api().post(`/api/sets/${id}/exercises/e1`).send({ how: 'regrade', latest }).expect(200);
    expect(body.assignedExercises[0]).toMatchObject({
      revision: latest,
      exercise: { title: 'The ferry refit, with a rate review' },
    });
    expect(body.assignedExercises[0].exercise.parts[0].marks).toBe(9);
    expect(JSON.stringify(body.assignedExercises[0].exercise.story)).not.toContain('Another story.');
    expect(await numbersIn(id)).toEqual(before);
  });

  it('or given anew', async () => {
    const id = await given();
    const latest = await shorter();
    const { body } = await book.api().post(`/api/sets/${id}/exercises/e1`).send({ how: 'reissue', latest }).expect(200);
    expect(body.assignedExercises[0].exercise.title).toBe('Renamed');
    expect(JSON.stringify(body.assignedExercises[0].exercise.story)).toContain('Another story.');
  });
});

it('with versions, neighbours have different ones, each version one set of numbers, and who joins the one given least', async () => {
  const set = await make({ numbers: 'versions', versions: 3 });
  await book.api().post(`/api/sets/${set.id}/assigned`).send({ revision: 1 }).expect(200);
  const readStudents = async (): Promise<{ number: string; version: string; numbers: object }[]> =>
    (await book.api().get(`/api/sets/${set.id}/marking`).expect(200)).body.students;
  const students = await readStudents();
  expect(students.map(({ version }) => version).slice(0, 4)).toEqual(['A', 'B', 'C', 'A']);
  const numbers = new Map(students.map((each) => [`${each.version} ${JSON.stringify(each.numbers)}`, each]));
  expect(numbers.size).toBe(3);
  expect(new Set(students.map((each) => JSON.stringify(each.numbers))).size).toBe(3);
  const { revision } = (await book.api().get('/api/classes/demo-bm210')).body;
  const add = [{ name: 'Zora Late', number: 'K-9999' }];
  await book.api().put('/api/classes/demo-bm210/roster').send({ revision, add }).expect(200);
  const late = (await readStudents()).find(({ number }) => number === 'K-9999')!;
  // 28 students: A has ten, B and C nine.
  expect(late.version).toBe('B');
  expect(late.numbers).toEqual(students[1]!.numbers);
});
