/** Lists: pages of 50, found by words and labels, on the server. */
import { openBook, type Book } from './book.ts';

let book: Book;
beforeAll(async () => {
  book = await openBook(true);
});
afterAll(() => book.close());

type Row = Record<string, unknown> & { id: string; title: string };
const list = async (path: string) =>
  (await book.api().get(`/api/${path}`).expect(200)).body as { rows: Row[]; total: number; page: number };
const titles = ({ rows }: { rows: Row[] }): string[] => rows.map(({ title }) => title);

it('exercises come in pages, each once, the newest first', async () => {
  const [first, second, third] = [
    await list('exercises'),
    await list('exercises?page=2'),
    await list('exercises?page=3'),
  ];
  expect([first.rows.length, third.rows.length]).toEqual([50, 0]);
  expect(first.total).toBe(first.rows.length + second.rows.length);
  expect(new Set([...first.rows, ...second.rows].map(({ id }) => id)).size).toBe(first.total);
  await book.api().get('/api/exercises?page=0').expect(422);
  await book.api().get('/api/exercises?page=many').expect(422);
});

it('exercises are found by words anywhere in them, by topic, by what is asked, and by their sets', async () => {
  const all = await list('exercises');
  const { document } = (await book.api().get('/api/exercises/starter-5').expect(200)).body;
  const word = (document.exercise.title as string).split(' ').at(-1)!.toUpperCase();
  expect(titles(await list(`exercises?find=${encodeURIComponent(word)}`))).toContain(document.exercise.title);
  expect((await list('exercises?find=%25')).total).toBeLessThan(all.total);
  expect((await list('exercises?find=nothing%20is%20called%20this')).rows).toEqual([]);
  const byTopic = await list(`exercises?topic=${encodeURIComponent(document.exercise.topic)}`);
  expect(byTopic.rows.every(({ topic }) => topic === document.exercise.topic)).toBe(true);
  expect(byTopic.rows.length).toBeGreaterThan(0);
  const asks = await list('exercises?asks=payment');
  expect(asks.total).toBeGreaterThan(0);
  expect(asks.total).toBeLessThan(all.total);
  const used = await list('exercises?used=demo-week-6');
  const { body: set } = await book.api().get('/api/sets/demo-week-6').expect(200);
  expect(used.rows.map(({ id }) => id).sort()).toEqual(
    set.document.items.map(({ exerciseId }: { exerciseId: string }) => exerciseId).sort(),
  );
  expect(used.rows[0]!['sets']).toMatchObject({
    newest: expect.arrayContaining([{ id: 'demo-week-6', title: set.title }]),
  });
  const none = await list('exercises?used=none');
  expect(none.rows.every(({ sets }) => (sets as { newest: unknown[] }).newest.length === 0)).toBe(true);
  expect(none.total + (await list('sets')).rows.length).toBeGreaterThan(1);
});

it('a set says what its exercises are now, and they follow its contents', async () => {
  const before = (await list('exercises?used=none')).rows[0]!;
  const document = {
    schemaVersion: 1,
    items: [{ id: 'q1', exerciseId: before.id }],
    numbers: 'same',
    given: '',
    due: '',
  };
  const { body: set } = await book
    .api()
    .post('/api/sets')
    .send({ classId: 'demo-bm210', title: 'Ündine’s week', document })
    .expect(201);
  expect(set.exercises).toMatchObject([{ id: before.id, title: before.title, parts: expect.any(Number) }]);
  expect((await list(`exercises?used=${set.id}`)).rows.map(({ id }) => id)).toEqual([before.id]);
  expect(titles(await list(`sets?find=${encodeURIComponent('ÜNDINE')}`))).toEqual(['Ündine’s week']);
  expect(titles(await list('sets?state=open'))).toEqual(['Ündine’s week']);
  const { body: changed } = await book
    .api()
    .put(`/api/sets/${set.id}`)
    .send({ title: 'Renamed', document: { ...document, items: [] }, revision: 1 })
    .expect(200);
  expect(changed.exercises).toEqual([]);
  expect((await list(`exercises?used=${set.id}`)).rows).toEqual([]);
  expect(titles(await list('sets?find=renamed bm'))).toEqual(['Renamed']);
  await book.api().delete(`/api/sets/${set.id}`).expect(204);
  expect(titles(await list('sets?find=renamed'))).toEqual([]);
});

it('sets are found by class, by what waits, and by a set they share an exercise with', async () => {
  const all = await list('sets');
  const ofClass = await list('sets?class=demo-bm210');
  expect(ofClass.rows.every(({ classId }) => classId === 'demo-bm210')).toBe(true);
  expect(ofClass.total).toBeLessThan(all.total);
  expect(ofClass.rows[0]).toMatchObject({ className: expect.stringContaining('BM 210') });
  const waiting = await list('sets?state=waiting');
  expect(waiting.rows.map(({ id }) => id)).toContain('demo-week-6');
  const beside = await list('sets?beside=demo-week-6');
  expect(beside.rows.map(({ id }) => id)).not.toContain('demo-week-6');
});

it('cases and classes are found by what stands on their rows', async () => {
  const all = (await list('cases')) as { rows: Row[]; total: number; page: number } & { tags: string[] };
  const tag = all.tags[0]!;
  const tagged = await list(`cases?tag=${encodeURIComponent(tag)}`);
  expect(tagged.total).toBeGreaterThan(0);
  expect(tagged.rows.every(({ document }) => (document as { tags: string[] }).tags.includes(tag))).toBe(true);
  expect(titles(await list('cases?find=kiln'))).toContain('Kiln shed loan');
  expect((await list('classes?find=210')).rows).toMatchObject([{ id: 'demo-bm210', students: 28 }]);
});
