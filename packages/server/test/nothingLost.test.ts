/** What students have and what was typed stays: places of a set, answers written over, rows, students who leave, deleted records. */
import { openBook, type Book } from './book.ts';

let book: Book;
beforeEach(async () => {
  book = await openBook(true);
});
afterEach(() => book.close());

interface Student {
  id: string;
  name: string;
  number: string;
  withdrawn: boolean;
  entries: Record<string, Record<string, string>>;
  numbers: Record<string, object>;
  verdicts?: Record<string, { partId: string; kind: string }[]>;
}
const path = '/api/sets/demo-week-6';
const put = (to: string, body: object) => book.api().put(to).send(body);
const post = (to: string, body: object) => book.api().post(to).send(body);
const read = async (from: string) => (await book.api().get(from).expect(200)).body;
const marking = async (
  of = path,
): Promise<{
  set: { assignedExercises: { itemId: string }[] };
  students: Student[];
  unmatchedRows: { id: string }[];
}> => read(`${of}/marking`);

describe('a set that was assigned', () => {
  const act = async (change: object, of = path) =>
    post(`${of}/contents`, { revision: (await read(of)).revision, change });
  const answersOf = async (itemId: string): Promise<string> => {
    const { rows } = await book.open.database.transaction((writes) =>
      writes.run(
        `SELECT student_id, json_extract(entries, '$.${itemId}') FROM submissions WHERE set_id = 'demo-week-6' ORDER BY student_id`,
      ),
    );
    return JSON.stringify(rows);
  };

  it('changes what it holds only by an act that says so', async () => {
    const { title, document, revision } = await read(path);
    const other = [...document.items].reverse();
    for (const items of [
      other,
      document.items.slice(1),
      [...document.items, { id: 'new1', exerciseId: 'starter-14' }],
    ]) {
      const { body } = await put(path, { title, document: { ...document, items }, revision }).expect(422);
      expect(body.fields[0].path).toBe('document.items');
    }
    await put(path, { title: 'Week 6', document: { ...document, due: '2026-12-01' }, revision }).expect(200);
    const { body } = await act({ act: 'order', itemIds: other.map(({ id }: { id: string }) => id) }).then(
      (answer) => answer,
    );
    expect(body.assignedExercises.map(({ itemId }: { itemId: string }) => itemId)).toEqual(
      other.map(({ id }: { id: string }) => id),
    );
    await post(`${path}/contents`, { revision, change: { act: 'remove', itemId: 'e1' } }).expect(409);
    expect((await act({ act: 'order', itemIds: ['e1', 'e1', 'e2'] })).status).toBe(422);
  });

  it('keeps the answers of an exercise that is removed, never shows them under another, and puts it back as it was', async () => {
    const before = await answersOf('e3');
    const { students } = await marking();
    const { body: without } = await act({ act: 'remove', itemId: 'e3' });
    expect(without.assignedExercises.map(({ itemId }: { itemId: string }) => itemId)).toEqual(['e1', 'e2']);
    expect(without.removed).toEqual([expect.objectContaining({ itemId: 'e3', title: 'The bakery oven on a lease' })]);
    expect(without.removed[0].answered).toBe(students.filter(({ entries }) => entries['e3'] !== undefined).length);
    // Its place is never used for another.
    expect((await act({ act: 'add', item: { id: 'e3', exerciseId: 'starter-14' } })).status).toBe(422);
    const { body: more } = await act({ act: 'add', item: { id: 'k7f3', exerciseId: 'starter-14' } });
    expect(
      more.assignedExercises.map(({ itemId, answered }: { itemId: string; answered: number }) => [
        itemId,
        answered > 0,
      ]),
    ).toEqual([
      ['e1', true],
      ['e2', true],
      ['k7f3', false],
    ]);
    expect(await answersOf('e3')).toBe(before);
    await put(`${path}/answers`, {
      changes: [{ studentId: students[0]!.id, itemId: 'e3', entryId: 'a', text: '1' }],
    }).expect(422);
    const { body: back } = await act({ act: 'put-back', itemId: 'e3' });
    expect(back.assignedExercises.map(({ itemId }: { itemId: string }) => itemId)).toEqual(['e1', 'e2', 'k7f3', 'e3']);
    expect((await marking()).students.map(({ entries }) => entries['e3'])).toEqual(
      students.map(({ entries }) => entries['e3']),
    );
  });

  it('draws numbers only for what is new', async () => {
    const of = '/api/sets/demo-midterm';
    const before = (await marking(of)).students.map(({ numbers }) => numbers);
    await act({ act: 'remove', itemId: 'e4' }, of);
    await act({ act: 'add', item: { id: 'n1', exerciseId: 'starter-23' } }, of);
    const after = (await marking(of)).students;
    expect(after.map(({ numbers: { n1: _new, ...rest } }) => rest)).toEqual(before);
    expect(after.every(({ numbers }) => Object.keys(numbers['n1'] ?? {}).length > 0)).toBe(true);
  });
});

describe('an answer that is written over', () => {
  it('stays with its time and what wrote over it, and can be written back', async () => {
    const [student] = (await marking()).students;
    const was = student!.entries['e1']?.['a'] ?? '';
    const write = (text: string, before: string, source: string) =>
      put(`${path}/answers`, {
        source,
        changes: [{ studentId: student!.id, itemId: 'e1', entryId: 'a', text, was: before }],
      });
    await write('941.43', was, 'typed').expect(200);
    await write('941.44', '941.43', 'pasted').expect(200);
    // The same again, after an answer that was lost on its way, changes nothing and is no conflict.
    await write('941.44', '941.43', 'pasted').expect(200);
    const earlier = await read(`${path}/students/${student!.id}/earlier`);
    expect(earlier.map(({ text, source }: { text: string; source: string }) => [text, source])).toEqual([
      ['941.43', 'pasted'],
      [was, 'typed'],
    ]);
    expect(Date.parse(earlier[0].at)).not.toBeNaN();
    await write(was, '941.44', 'undo').expect(200);
    expect((await marking()).students[0]!.entries['e1']?.['a'] ?? '').toBe(was);
  });

  it('by an import is undone with its unmatched rows', async () => {
    const before = await marking();
    const [a, b] = before.students;
    const rows = [
      { place: 1, student: a!.number, entries: { e1: { a: '1.11', 'a.n': '48' } } },
      { place: 2, student: b!.number, entries: { e1: { a: '2.22' } } },
      { place: 3, student: 'Nobody', entries: { e1: { a: '3.33' } } },
    ];
    const { body } = await post(`${path}/import`, { source: 'week6.csv', rows }).expect(200);
    expect(body).toMatchObject({ changed: 3, students: 2 });
    expect(body.newRows).toHaveLength(1);
    const changes = body.written.map(({ text, was, ...rest }: { text: string; was: string }) => ({
      ...rest,
      text: was,
      was: text,
    }));
    await put(`${path}/answers`, {
      source: 'undo',
      changes,
      rows: body.newRows.map((id: string) => ({ id, done: true })),
    }).expect(200);
    const after = await marking();
    expect(after.students.map(({ entries }) => entries)).toEqual(before.students.map(({ entries }) => entries));
    expect(after.unmatchedRows).toEqual([]);
  });

  it('in many cells of a table, one after another as fast as they come, loses none', async () => {
    const of = '/api/sets/demo-week-3';
    const { students } = await marking(of);
    const student = students[0]!;
    const cells = Array.from(
      { length: 30 },
      (_, at) => `a.${Math.floor(at / 3) + 1}:${['interest', 'principal', 'closing'][at % 3]}`,
    );
    const answers = await Promise.all(
      cells.map((entryId, at) =>
        put(`${of}/answers`, {
          changes: [
            {
              studentId: student.id,
              itemId: 'e3',
              entryId,
              text: String(at),
              was: student.entries['e3']?.[entryId] ?? '',
            },
          ],
        }),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(cells.map(() => 200));
    const now = (await marking(of)).students.find(({ id }) => id === student.id)!;
    for (const [at, cell] of cells.entries()) expect(now.entries['e3']![cell]).toBe(String(at));
    // Twenty students at the same moment.
    const many = await Promise.all(
      students
        .slice(0, 20)
        .map(({ id }) =>
          put(`${of}/answers`, { changes: [{ studentId: id, itemId: 'e1', entryId: 'a', text: '941.43' }] }),
        ),
    );
    expect(many.map(({ status }) => status)).toEqual(many.map(() => 200));
    expect(
      (await marking(of)).students.filter(({ entries }) => entries['e1']?.['a'] === '941.43').length,
    ).toBeGreaterThanOrEqual(20);
  });
});

describe('an unmatched row', () => {
  const imported = async (entries: object) =>
    (await post(`${path}/import`, { source: 'x.csv', rows: [{ place: 1, student: 'Nobody', entries }] }).expect(200))
      .body.kept[0];

  it('with answers to parts that do not exist is not written to a student', async () => {
    const before = await marking();
    const row = await imported({ e1: { a: '1', zz: '2' } });
    const refused = await post(`${path}/unmatched-rows/${row.id}`, { studentId: before.students[0]!.id }).expect(422);
    expect(refused.body.fields).toEqual([{ path: 'entries.zz', message: 'There is no such part in this set.' }]);
    expect((await marking()).students).toEqual(before.students);
    expect((await marking()).unmatchedRows).toHaveLength(1);
  });

  it.each([
    [{ constructor: { keys: 'x' } }],
    [{ e1: { constructor: 'x' } }],
    [{ constructor: { name: 'x' } }],
    [{ e1: { 'constructor.keys': 'x' } }],
  ])('cannot reach what objects have by themselves: %j', async (entries) => {
    const keys = Object.keys;
    await post(`${path}/import`, { source: 'x', rows: [{ place: 1, student: 'Nobody', entries }] }).expect(422);
    const [student] = (await marking()).students;
    await put(`${path}/answers`, {
      changes: Object.entries(entries).flatMap(([itemId, texts]) =>
        Object.keys(texts).map((entryId) => ({ studentId: student!.id, itemId, entryId, text: 'x' })),
      ),
    }).expect(422);
    expect(Object.keys).toBe(keys);
    expect(Object.keys({ a: 1 })).toEqual(['a']);
  });

  it('is brought back after it was put away or given', async () => {
    const row = await imported({ e1: { a: '5' } });
    await book.api().delete(`${path}/unmatched-rows/${row.id}`).expect(204);
    expect((await marking()).unmatchedRows).toEqual([]);
    await post(`${path}/unmatched-rows/${row.id}/restore`, {}).expect(204);
    expect((await marking()).unmatchedRows).toHaveLength(1);
  });
});

it('one answer past all bounds stops no other from being judged', async () => {
  const [a, b] = (await marking()).students;
  for (const text of [`${'9'.repeat(400)} years`, `${'9'.repeat(199)}`, '9^9^9^9']) {
    const { body } = await put(`${path}/answers`, {
      changes: [
        { studentId: a!.id, itemId: 'e1', entryId: 'a', text },
        { studentId: b!.id, itemId: 'e1', entryId: 'a', text: '625.72' },
      ],
    }).expect(200);
    const kinds = new Map(
      (body as Student[]).map(({ id, verdicts }) => [id, verdicts!['e1']!.find(({ partId }) => partId === 'a')!.kind]),
    );
    expect(kinds.get(a!.id)).toBe('unreadable');
    expect(kinds.get(b!.id)).toBe('right');
  }
});

describe('a student who leaves', () => {
  const roster = '/api/classes/demo-bm210/roster';
  const classNow = async () => read('/api/classes/demo-bm210');

  it('keeps answers and marks, is counted no more, and gets what was assigned meanwhile when back', async () => {
    const before = await marking();
    const leaving = before.students.find(({ entries }) => Object.keys(entries).length > 0)!;
    await put(roster, { revision: (await classNow()).revision, withdraw: [leaving.id] }).expect(200);
    const now = await classNow();
    expect([now.students, now.roster.length]).toEqual([27, 28]);
    expect((await read(path)).counts.students).toBe(27);
    expect((await read(path)).counts.submitted).toBe(
      before.students.filter(({ entries }) => Object.keys(entries).length > 0).length - 1,
    );
    const still = (await marking()).students.find(({ id }) => id === leaving.id)!;
    expect(still).toMatchObject({ withdrawn: true, entries: leaving.entries });
    const { body: set } = await post('/api/sets', {
      classId: 'demo-bm210',
      title: 'After',
      document: {
        schemaVersion: 1,
        items: [{ id: 'q1', exerciseId: 'starter-23' }],
        numbers: 'own',
        given: '',
        due: '',
      },
    });
    await post(`/api/sets/${set.id}/assigned`, { revision: 1 }).expect(200);
    expect((await marking(`/api/sets/${set.id}`)).students).toHaveLength(27);
    await put(roster, { revision: (await classNow()).revision, readmit: [leaving.id] }).expect(200);
    const back = (await marking(`/api/sets/${set.id}`)).students.find(({ id }) => id === leaving.id)!;
    expect(Object.keys(back.numbers['q1'] ?? {}).length).toBeGreaterThan(0);
    expect((await marking()).students.find(({ id }) => id === leaving.id)).toMatchObject({
      withdrawn: false,
      entries: leaving.entries,
    });
  });

  it('is changed against the roster that was seen, named once, by a name that can be seen', async () => {
    const { revision, roster: all } = await classNow();
    const [a] = all;
    await put(roster, { revision, change: [{ ...a, name: 'Once' }] }).expect(200);
    const stale = await put(roster, { revision, change: [{ ...a, name: 'Twice' }] }).expect(409);
    expect(stale.body.current.roster.some(({ name }: { name: string }) => name === 'Once')).toBe(true);
    const twice = { ...a, name: 'x' };
    for (const wrong of [
      { change: [twice, twice] },
      { remove: [a.id, a.id] },
      { change: [twice], withdraw: [a.id] },
      { add: [{ name: 'Nul\u0000l', number: '7' }] },
    ])
      await put(roster, { revision: revision + 1, ...wrong }).expect(422);
  });
});

it('deleted sets, classes and exercises are in the bin and come back with all they had', async () => {
  const before = await marking();
  await book.api().delete(path).expect(204);
  await book.api().delete('/api/classes/demo-bm110').expect(204);
  await book.api().delete('/api/exercises/starter-23').expect(204);
  const bin = await read('/api/bin');
  expect(bin.map(({ kind, id }: { kind: string; id: string }) => [kind, id]).sort()).toEqual([
    ['class', 'demo-bm110'],
    ['exercise', 'starter-23'],
    ['set', 'demo-week-6'],
  ]);
  for (const { kind, id } of bin) await post(`/api/bin/${kind}/${id}/restore`, {}).expect(204);
  expect(await marking()).toEqual(before);
  await book.api().get('/api/classes/demo-bm110').expect(200);
  await book.api().get('/api/exercises/starter-23').expect(200);
  expect(await read('/api/bin')).toEqual([]);
});

it('a set is assigned against the revision that was seen', async () => {
  const document = {
    schemaVersion: 1,
    items: [{ id: 'q1', exerciseId: 'starter-23' }],
    numbers: 'same',
    given: '',
    due: '',
  };
  const { body: set } = await post('/api/sets', { classId: 'demo-bm210', title: 'One', document });
  await put(`/api/sets/${set.id}`, { title: 'Changed', document, revision: 1 }).expect(200);
  const stale = await post(`/api/sets/${set.id}/assigned`, { revision: 1 }).expect(409);
  expect(stale.body.current).toMatchObject({ title: 'Changed', revision: 2 });
  expect((await read(`/api/sets/${set.id}`)).assignedAt).toBeUndefined();
});
