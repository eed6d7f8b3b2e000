/** The demo is looked at and put away; the bin lets go of what was in it for thirty days. */
import { sql } from 'drizzle-orm';
import { emptyBin } from '../src/services/bin.ts';
import { openBook, type Book } from './book.ts';

let book: Book;
afterEach(() => book.close());

const deletedLongAgo = async (...tables: readonly string[]): Promise<void> => {
  const long = new Date(Date.now() - 31 * 24 * 3_600_000).toISOString();
  await book.open.database.transaction(async (writes) => {
    for (const table of tables)
      await writes.run(sql.raw(`UPDATE ${table} SET deleted_at = '${long}' WHERE deleted_at IS NOT NULL`));
  });
};

describe('the demo', () => {
  it('is put away with its classes and sets, changed exercises stay, and it comes back whole', async () => {
    book = await openBook(true);
    const before = (await book.api().get('/api/demo').expect(200)).body;
    expect(before).toMatchObject({ classes: 2, away: 0 });
    expect(before.sets).toBeGreaterThan(0);
    const { body: starter } = await book.api().get('/api/exercises/starter-1').expect(200);
    await book
      .api()
      .put('/api/exercises/starter-1')
      .send({
        revision: starter.revision,
        document: { ...starter.document, exercise: { ...starter.document.exercise, title: 'Mine now' } },
      })
      .expect(200);
    const away = (await book.api().delete('/api/demo').expect(200)).body;
    expect(away).toMatchObject({ classes: 0, sets: 0, exercises: 0, cases: 0 });
    expect(away.away).toBe(before.classes + before.exercises + before.cases - 1);
    expect((await book.api().get('/api/exercises')).body).toMatchObject({ total: 1, rows: [{ title: 'Mine now' }] });
    expect((await book.api().get('/api/classes')).body.total).toBe(0);
    const back = (await book.api().post('/api/demo').expect(200)).body;
    expect(back).toEqual({ ...before, exercises: before.exercises - 1 });
    await book.api().get('/api/sets/demo-week-6/marking').expect(200);
  });

  it('is put into a book that has nothing of it, and not twice', async () => {
    book = await openBook(false);
    expect((await book.api().get('/api/demo')).body).toEqual({ classes: 0, sets: 0, exercises: 0, cases: 0, away: 0 });
    const put = (await book.api().post('/api/demo').expect(200)).body;
    expect(put.classes).toBe(2);
    expect((await book.api().post('/api/demo').expect(200)).body).toEqual(put);
  });
});

describe('a demo that was erased meanwhile', () => {
  it('is put in again beside what stayed of it', async () => {
    book = await openBook(true);
    const before = (await book.api().get('/api/demo')).body;
    await book.open.database.transaction((writes) =>
      writes.run(sql`UPDATE exercises SET revision = 2 WHERE id = 'starter-1'`),
    );
    await book.api().delete('/api/demo').expect(200);
    await deletedLongAgo('cases', 'exercises', 'classes', 'house_rules');
    await emptyBin(book.open.database, new Date());
    const [one, other] = await Promise.all([book.api().post('/api/demo'), book.api().post('/api/demo')]);
    expect([one.status, other.status]).toEqual([200, 200]);
    expect(other.body).toEqual({ ...before, exercises: before.exercises - 1 });
  });
});

describe('the bin', () => {
  it('keeps what was deleted for thirty days, then erases it with all that belongs to it', async () => {
    book = await openBook(true);
    await book.api().delete('/api/demo').expect(200);
    await emptyBin(book.open.database, new Date());
    expect((await book.api().get('/api/bin')).body.length).toBeGreaterThan(40);
    await deletedLongAgo('cases', 'exercises', 'classes', 'house_rules');
    await emptyBin(book.open.database, new Date());
    expect((await book.api().get('/api/bin')).body).toEqual([]);
    expect(await book.open.database.all(sql`SELECT id FROM students UNION ALL SELECT id FROM submissions`)).toEqual([]);
  });

  it('keeps deleted rules as long as a class follows them', async () => {
    book = await openBook(true);
    await book.open.database.transaction((writes) => writes.run(sql`UPDATE house_rules SET deleted_at = '2020-01-01'`));
    await emptyBin(book.open.database, new Date());
    const { body: rules } = await book.api().get('/api/rules').expect(200);
    expect(rules.map(({ id }: { id: string }) => id)).toEqual(expect.arrayContaining(['demo-bm210']));
  });
});
