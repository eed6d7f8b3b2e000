/** Two writers who saw the same: whatever is interleaved, one is taken and the other is told what stands now. */
import { openBook, type Book } from './book.ts';

let book: Book;
beforeAll(async () => {
  book = await openBook(true);
});
afterAll(() => book.close());

type Method = 'put' | 'post';
const read = async (path: string) => (await book.api().get(path).expect(200)).body;
const send = async (method: Method, path: string, body: object): Promise<number> =>
  (await book.api()[method](path).send(body)).status;

/** Statuses of all bodies sent at once, in order. */
const atOnce = async (method: Method, path: string, bodies: readonly object[]): Promise<number[]> =>
  (await Promise.all(bodies.map((body) => send(method, path, body)))).sort();

const twice = (make: (word: string) => object): object[] => ['one', 'two', 'three'].map(make);

it('a case', async () => {
  const [kept] = (await read('/api/cases')).rows;
  const bodies = twice((title) => ({ title, document: kept.document, revision: kept.revision }));
  expect(await atOnce('put', `/api/cases/${kept.id}`, bodies)).toEqual([200, 409, 409]);
  expect((await read(`/api/cases/${kept.id}`)).revision).toBe(kept.revision + 1);
});

it('an exercise', async () => {
  const kept = await read('/api/exercises/starter-4');
  const bodies = twice((title) => ({
    document: { ...kept.document, exercise: { ...kept.document.exercise, title } },
    revision: kept.revision,
  }));
  expect(await atOnce('put', '/api/exercises/starter-4', bodies)).toEqual([200, 409, 409]);
  const revisions = await read('/api/exercises/starter-4/revisions');
  expect(revisions.map(({ revision }: { revision: number }) => revision)).toEqual([kept.revision + 1, kept.revision]);
});

it('house rules of a class and those that hold elsewhere', async () => {
  for (const { id, rules, revision } of await read('/api/rules')) {
    const bodies = twice((currency) => ({ rules: { ...rules, currency }, revision }));
    expect([id, await atOnce('put', `/api/rules/${id}`, bodies)]).toEqual([id, [200, 409, 409]]);
  }
});

it('a class and its roster', async () => {
  const kept = await read('/api/classes/demo-bm210');
  const { code, title, college, term } = kept;
  const named = twice((word) => ({ code, title: `${title} ${word}`, college, term, revision: kept.revision }));
  expect(await atOnce('put', '/api/classes/demo-bm210', named)).toEqual([200, 409, 409]);
  const { revision, roster } = await read('/api/classes/demo-bm210');
  const added = twice((name) => ({ revision, add: [{ name, number: `new ${name}` }] }));
  expect(await atOnce('put', '/api/classes/demo-bm210/roster', added)).toEqual([200, 409, 409]);
  expect((await read('/api/classes/demo-bm210')).roster).toHaveLength(roster.length + 1);
});

describe('a set', () => {
  const document = {
    schemaVersion: 1,
    items: [{ id: 'e1', exerciseId: 'starter-23' }],
    numbers: 'own',
    given: '',
    due: '',
  };
  it('its title, giving it out, what it holds, releasing its marks', async () => {
    const made = (await book.api().post('/api/sets').send({ classId: 'demo-bm210', title: 'Week 9', document })).body;
    const path = `/api/sets/${made.id}`;
    expect(
      await atOnce(
        'put',
        path,
        twice((title) => ({ title, document, revision: 1 })),
      ),
    ).toEqual([200, 409, 409]);
    expect(
      await atOnce(
        'post',
        `${path}/assigned`,
        twice(() => ({ revision: 2 })),
      ),
    ).toEqual([200, 409, 409]);
    const { revision } = await read(path);
    const added = ['starter-1', 'starter-2', 'starter-3'].map((exerciseId, at) => ({
      revision,
      change: { act: 'add', item: { id: `n${at}`, exerciseId } },
    }));
    expect(await atOnce('post', `${path}/contents`, added)).toEqual([200, 409, 409]);
    const now = await read(path);
    expect(now.assignedExercises).toHaveLength(2);
    const released = twice(() => ({ released: true, revision: now.revision, anyway: true }));
    expect(await atOnce('put', `${path}/released`, released)).toEqual([200, 409, 409]);
  });

  it('one answer, and one decision', async () => {
    const path = '/api/sets/demo-week-3';
    const { students } = await read(`${path}/marking`);
    const { id: studentId, entries } = students[0];
    const at = { studentId, itemId: 'e1', entryId: 'a' };
    const answers = twice((text) => ({ changes: [{ ...at, text, was: entries.e1?.a ?? '' }] }));
    expect(await atOnce('put', `${path}/answers`, answers)).toEqual([200, 409, 409]);
    const was = students[0].decisions.find(
      (each: { partId: string; itemId: string }) => each.itemId === 'e1' && each.partId === 'a',
    );
    const decisions = twice((comment) => ({
      decisions: [
        {
          studentId,
          itemId: 'e1',
          partId: 'a',
          credit: 0.5,
          comment,
          was: { credit: was?.credit, comment: was?.comment ?? '' },
        },
      ],
    }));
    expect(await atOnce('put', `${path}/decisions`, decisions)).toEqual([200, 409, 409]);
  });
});
