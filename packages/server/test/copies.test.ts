/** A term later: sets and classes copied without their history, put out of the way and back, sections, withdrawn students. */
import { daysLater } from '../src/services/copies.ts';
import { openBook, type Book } from './book.ts';

let book: Book;
beforeEach(async () => {
  book = await openBook(true);
});
afterEach(() => book.close());

const get = async (path: string) => (await book.api().get(path).expect(200)).body;
const titles = async (path: string): Promise<string[]> =>
  (await get(path)).rows.map(({ title, code, term }: Record<string, string>) => title ?? `${code} ${term}`);

it('a set is copied for a class with days of its own: the same exercises in places of their own, nothing submitted', async () => {
  const before = await get('/api/sets/demo-week-3');
  const body = { classId: 'demo-bm110', title: 'Week 3 again', given: '2027-02-01', due: '' };
  const { body: copy } = await book.api().post('/api/sets/demo-week-3/copies').send(body).expect(201);
  expect(copy).toMatchObject({ title: 'Week 3 again', classId: 'demo-bm110', revision: 1, counts: { submitted: 0 } });
  expect(copy.assignedAt).toBeUndefined();
  const exercisesOf = ({ document }: { document: { items: { exerciseId: string }[] } }) =>
    document.items.map(({ exerciseId }) => exerciseId);
  expect(exercisesOf(copy)).toEqual(exercisesOf(before));
  expect(copy.document).toMatchObject({ given: '2027-02-01', due: '', numbers: before.document.numbers });
  const places = [...copy.document.items, ...before.document.items].map(({ id }: { id: string }) => id);
  expect(new Set(places).size).toBe(places.length);
  await book.api().post(`/api/sets/${copy.id}/assigned`).send({ revision: 1 }).expect(200);
  expect((await get(`/api/sets?beside=${copy.id}`)).rows.map(({ id }: { id: string }) => id)).toContain('demo-week-3');
});

it('a class is copied with its rules and the sets that are named, all days moved by as many; with students only where wanted', async () => {
  const before = await get('/api/classes/demo-bm210');
  const names = { code: 'BM 210', title: before.title, college: before.college, term: 'Spring 2027' };
  const body = { ...names, sets: ['demo-week-3'], days: 119 };
  const { body: copy } = await book.api().post('/api/classes/demo-bm210/copies').send(body).expect(201);
  expect(copy).toMatchObject({ ...names, rulesId: before.rulesId, students: 0, roster: [] });
  const [set, ...more] = (await get(`/api/sets?class=${copy.id}`)).rows;
  expect(more).toEqual([]);
  const week = await get('/api/sets/demo-week-3');
  expect(set.document.given).toBe(daysLater(week.document.given, 119));
  const full = { ...names, term: 'Summer 2027', roster: true };
  const { body: withRoster } = await book.api().post('/api/classes/demo-bm210/copies').send(full).expect(201);
  expect(withRoster.students).toBe(before.students);
  const strange = { ...names, term: 'Never', sets: ['demo-midterm', 'nobody'] };
  await book.api().post('/api/classes/demo-bm210/copies').send(strange).expect(422);
  expect((await get('/api/classes?find=never')).total).toBe(0);
});

it('what is archived is in no list until it is asked for, with all it has, and comes back', async () => {
  await book.api().put('/api/sets/demo-week-3/archived').send({ archived: true }).expect(200);
  expect(await titles('/api/sets')).not.toContain('Week 3, payments');
  expect(await titles('/api/sets?archived=yes')).toEqual(['Week 3, payments']);
  expect((await get('/api/sets/demo-week-3')).archived).toBe(true);
  await book.api().put('/api/sets/demo-week-3/archived').send({ archived: false }).expect(200);
  await book.api().put('/api/classes/demo-bm210/archived').send({ archived: true }).expect(200);
  const codes = async (path: string) => (await get(path)).rows.map(({ id }: { id: string }) => id);
  expect(await codes('/api/classes')).not.toContain('demo-bm210');
  expect(await codes('/api/classes?archived=yes')).toEqual(['demo-bm210']);
  expect(await codes('/api/sets')).not.toContain('demo-week-3');
  expect(await codes('/api/sets?class=demo-bm210')).toContain('demo-week-3');
  await book.api().put('/api/classes/demo-bm210/archived').send({ archived: false }).expect(200);
  expect(await codes('/api/sets')).toContain('demo-week-3');
  await book.api().put('/api/classes/nobody/archived').send({ archived: true }).expect(404);
});

it('students have sections, and may come as withdrawn: they get no numbers and are not counted', async () => {
  const { revision, students } = await get('/api/classes/demo-bm210');
  const add = [
    { name: 'Ana Tern', number: 'K-7001', section: 'Tuesday' },
    { name: 'Ben Gull', number: 'K-7002', withdrawn: true },
  ];
  const { body: kept } = await book.api().put('/api/classes/demo-bm210/roster').send({ revision, add }).expect(200);
  expect(kept.students).toBe(students + 1);
  const find = (number: string) => kept.roster.find((each: { number: string }) => each.number === number);
  expect(find('K-7001')).toMatchObject({ section: 'Tuesday', withdrawn: false });
  expect(find('K-7002')).toMatchObject({ section: '', withdrawn: true });
  const marking = await get('/api/sets/demo-week-3/marking');
  const numbers = marking.students.map(({ number }: { number: string }) => number);
  expect(numbers).toContain('K-7001');
  expect(numbers).not.toContain('K-7002');
  const change = [{ id: find('K-7001').id, name: 'Ana Tern', number: 'K-7001' }];
  const { body: again } = await book
    .api()
    .put('/api/classes/demo-bm210/roster')
    .send({ revision: kept.revision, change })
    .expect(200);
  expect(again.roster.find((each: { number: string }) => each.number === 'K-7001').section).toBe('Tuesday');
});

it('days move over months and leap years', () => {
  expect([
    daysLater('2027-12-31', 1),
    daysLater('2028-02-28', 1),
    daysLater('2027-03-01', -1),
    daysLater('', 5),
  ]).toEqual(['2028-01-01', '2028-02-29', '2027-02-28', '']);
});

it('classes taken in from elsewhere are all made or none, and one that is there is left as it is', async () => {
  const names = { title: 'Loans', college: '', term: 'Spring 2027' };
  const students = [
    { name: 'Oona Kamau', number: 'K-1' },
    { name: 'Ulla Tern', number: 'K-3', withdrawn: true },
  ];
  const classes = [{ ...names, code: 'LO 1', students }];
  const { body: first } = await book.api().post('/api/class-imports').send({ classes }).expect(201);
  expect(first).toMatchObject({ made: [{ code: 'LO 1', students: 1 }], there: [] });
  const { body: second } = await book.api().post('/api/class-imports').send({ classes }).expect(201);
  expect(second).toMatchObject({ made: [], there: [{ id: first.made[0].id }] });
  const twice = [
    { ...names, code: 'QX 8', students: [] },
    { ...names, code: 'QX 9', students: [students[0], { name: 'B', number: 'k-1' }] },
  ];
  await book.api().post('/api/class-imports').send({ classes: twice }).expect(422);
  expect((await get('/api/classes?find=qx')).total).toBe(0);
});

it('a second import of the same exercises changes nothing and says so', async () => {
  const { body: file } = await book.api().post('/api/exercise-export').send({ asked: {} }).expect(200);
  const { body: report } = await book.api().post('/api/exercise-file').send(file).expect(201);
  expect(report).toMatchObject({ taken: [], refused: [] });
  expect(report.same.map(({ place }: { place: number }) => place)).toEqual([...file.exercises.keys()]);
  const changed = { ...file, exercises: [{ ...file.exercises[0], topic: undefined }, 5, ...file.exercises.slice(1)] };
  const { body: other } = await book.api().post('/api/exercise-file').send(changed).expect(201);
  expect(other.taken).toHaveLength(1);
  // By their places in the file, with what they are in the library.
  expect(other.same[0]).toEqual({ place: 2, id: report.same[1].id });
});
