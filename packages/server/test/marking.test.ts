/** Marking over HTTP: answers in, verdicts, decisions, files. */
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
  entries: Record<string, Record<string, string>>;
  verdicts?: Record<
    string,
    { partId: string; kind: string; credit: number; read?: number; explanations: { slips: string[] }[] }[]
  >;
  decisions: { itemId: string; partId: string; credit?: number; comment: string }[];
}
const path = '/api/sets/demo-week-6';
const marking = async (): Promise<{
  students: Student[];
  unchecked: number;
  accepted: { id: string }[];
  unmatchedRows: { id: string; student: string; why: string }[];
}> => (await book.api().get(`${path}/marking`).expect(200)).body;
const checked = async () => {
  for (;;) if ((await book.api().post(`${path}/check`).expect(200)).body.left === 0) return marking();
};
const verdictOf = (student: Student, itemId: string, partId: string) =>
  student.verdicts![itemId]!.find((each) => each.partId === partId)!;

it('judges all that waits, step by step, and stores it', async () => {
  expect((await marking()).unchecked).toBe(28);
  const now = await checked();
  expect(now.unchecked).toBe(0);
  const kinds = new Set(
    now.students.flatMap(({ verdicts }) => Object.values(verdicts!).flatMap((each) => each.map(({ kind }) => kind))),
  );
  expect(kinds.size).toBeGreaterThanOrEqual(7);
  const { body: sets } = await book.api().get('/api/sets').expect(200);
  expect(sets.rows.find(({ id }: { id: string }) => id === 'demo-week-6').counts.toLookAt).toBeGreaterThan(0);
});

it('judges again when the house rules change', async () => {
  await checked();
  const { body: rules } = await book.api().get('/api/rules');
  const mine = rules.find(({ id }: { id: string }) => id === 'demo-bm210');
  await book
    .api()
    .put('/api/rules/demo-bm210')
    .send({ rules: { ...mine.rules, credit: { ...mine.rules.credit, slip: 0.1 } }, revision: mine.revision })
    .expect(200);
  expect((await marking()).unchecked).toBe(28);
  const slips = (await checked()).students
    .flatMap(({ verdicts }) => Object.values(verdicts!).flat())
    .filter(({ kind, explanations }) => kind === 'slip' && explanations[0]!.slips[0] === 'rate-left-annual');
  for (const { credit } of slips) expect(credit).toBe(0.1);
});

it('writes answers of one action together and judges them at once', async () => {
  const [a, b] = (await checked()).students;
  const { body } = await book
    .api()
    .put(`${path}/answers`)
    .send({
      changes: [
        { studentId: a!.id, itemId: 'e1', entryId: 'a', text: '1,642.38' },
        { studentId: b!.id, itemId: 'e1', entryId: 'a', text: '625.72' },
      ],
    })
    .expect(200);
  expect(body.map((student: Student) => verdictOf(student, 'e1', 'a').kind).sort()).toEqual(['right', 'slip']);
});

it('writes none of them when one matches no student, or was changed elsewhere', async () => {
  const before = await checked();
  const [a] = before.students;
  const refused = await book
    .api()
    .put(`${path}/answers`)
    .send({
      changes: [
        { studentId: a!.id, itemId: 'e1', entryId: 'a', text: '1' },
        { studentId: 'stranger', itemId: 'e1', entryId: 'a', text: '2' },
        { studentId: a!.id, itemId: 'e1', entryId: 'z', text: '3' },
        { studentId: a!.id, itemId: 'e7', entryId: 'a', text: '3' },
      ],
    })
    .expect(422);
  expect(refused.body.fields.map(({ path: at }: { path: string }) => at)).toEqual([
    'changes.1.studentId',
    'changes.2.entryId',
    'changes.3.entryId',
  ]);
  const stale = await book
    .api()
    .put(`${path}/answers`)
    .send({ changes: [{ studentId: a!.id, itemId: 'e1', entryId: 'a', text: '1', was: 'something else' }] })
    .expect(409);
  expect(stale.body.current).toMatchObject({ studentId: a!.id, text: a!.entries['e1']?.['a'] ?? '' });
  expect(await marking()).toEqual(before);
});

it.each([
  ['n/a'],
  ['=1/0'],
  ['x'.repeat(40_000)],
  ['=WEBSERVICE("a")'],
  ['=SUM(1'],
  ['__proto__'],
  ['=constructor("return 1")()'],
])('keeps what cannot be read as it was submitted: %.20s', async (text) => {
  const [a] = (await marking()).students;
  const { body } = await book
    .api()
    .put(`${path}/answers`)
    .send({ changes: [{ studentId: a!.id, itemId: 'e1', entryId: 'a', text }] })
    .expect(200);
  expect(body[0].entries.e1.a).toBe(text);
  expect(verdictOf(body[0], 'e1', 'a').kind).toBe('unreadable');
});

describe('a file of answers', () => {
  const rows = (students: Student[]) => [
    { place: 2, student: students[0]!.number, entries: { e1: { a: '625.72' } } },
    {
      place: 3,
      student: students[1]!.name.split(' ').reverse().join(', '),
      entries: { e1: { a: '1,642.38', 'a.n': '48' } },
    },
    { place: 4, student: 'Nobody Known', entries: { e1: { a: '12' } } },
    { place: 5, student: students[0]!.number, entries: { e1: { a: '13' } } },
    { place: 6, student: '', entries: { e1: { a: '14' } } },
    { place: 7, student: students[2]!.number, entries: { e1: { zz: '15' } } },
  ];

  it('is matched by number or name; what is unmatched is kept, and again changes nothing', async () => {
    const { students } = await checked();
    const first = (
      await book
        .api()
        .post(`${path}/import`)
        .send({ source: 'week6.csv', rows: rows(students) })
        .expect(200)
    ).body;
    expect(first.kept.map(({ why }: { why: string }) => why)).toEqual(
      expect.arrayContaining([
        expect.stringContaining('Nobody in the class is called “Nobody Known”'),
        expect.stringContaining('another row for'),
        expect.stringContaining('no student in this row'),
        expect.stringContaining('no part zz'),
      ]),
    );
    const again = (
      await book
        .api()
        .post(`${path}/import`)
        .send({ source: 'week6.csv', rows: rows(students) })
        .expect(200)
    ).body;
    expect(again).toMatchObject({ students: 0, changed: 0, same: 3 });
    expect(again.kept).toHaveLength(4);
    const other = (
      await book
        .api()
        .post(`${path}/import`)
        .send({
          source: 'week6.csv',
          rows: [{ place: 2, student: students[0]!.number, entries: { e1: { a: '625.7', b: '' } } }],
        })
        .expect(200)
    ).body;
    expect(other).toMatchObject({ students: 1, changed: 1, same: 0 });
    const now = await marking();
    expect(now.students.find(({ id }) => id === students[0]!.id)!.entries['e1']!['b']).toBe(
      students[0]!.entries['e1']?.['b'],
    );
  });

  it('gives a unmatched row to a student by hand, or puts it away', async () => {
    const { students } = await checked();
    const { body } = await book
      .api()
      .post(`${path}/import`)
      .send({ source: 'pasted', rows: rows(students).slice(2, 5) })
      .expect(200);
    const row = body.kept.find(({ student }: { student: string }) => student === 'Nobody Known');
    const assigned = (
      await book.api().post(`${path}/unmatched-rows/${row.id}`).send({ studentId: students[3]!.id }).expect(200)
    ).body;
    expect(assigned.written).toEqual([
      {
        studentId: students[3]!.id,
        itemId: 'e1',
        entryId: 'a',
        text: '12',
        was: students[3]!.entries['e1']?.['a'] ?? '',
      },
    ]);
    expect(assigned.students.map(({ id, entries }: Student) => [id, entries['e1']!['a']])).toEqual([
      [students[3]!.id, '12'],
    ]);
    expect(assigned.unmatchedRows).toHaveLength(1);
    await book.api().post(`${path}/unmatched-rows/${row.id}`).send({ studentId: students[3]!.id }).expect(404);
    await book.api().delete(`${path}/unmatched-rows/${assigned.unmatchedRows[0].id}`).expect(204);
    expect((await marking()).unmatchedRows).toEqual([]);
  });

  it('is refused whole where it is not rows', async () => {
    await book.api().post(`${path}/import`).send({ source: 'x', rows: [] }).expect(422);
    await book
      .api()
      .post(`${path}/import`)
      .send({ source: 'x', rows: [{ place: 1, student: 'a', entries: { 'E 1': { a: '1' } } }] })
      .expect(422);
  });

  it('remembers what its columns are', async () => {
    const matching = { columns: ['Who', 'Q1'], roles: ['student', 'e1/a'] };
    await book.api().post('/api/column-matchings').send(matching).expect(204);
    await book
      .api()
      .post('/api/column-matchings')
      .send({ ...matching, roles: ['student', 'e1/b'] })
      .expect(204);
    expect((await book.api().get('/api/column-matchings').expect(200)).body).toEqual([
      { columns: ['Who', 'Q1'], roles: ['student', 'e1/b'] },
    ]);
  });
});

describe('decisions', () => {
  it('of one action are written together, and taken back by saying nothing', async () => {
    const [a, b] = (await checked()).students;
    const nothing = { comment: '' };
    const half = { credit: 0.5, comment: 'Nearly.' };
    const decide = (is: object, was: object) => ({
      decisions: [a, b].map((student) => ({ studentId: student!.id, itemId: 'e1', partId: 'b', ...is, was })),
    });
    // Only what changed comes back.
    const given = (await book.api().put(`${path}/decisions`).send(decide(half, nothing)).expect(200)).body;
    expect(given.students.map(({ decisions }: Student) => decisions.length)).toEqual([1, 1]);
    expect(given.accepted).toBeUndefined();
    // Another window that has not seen them stops, and is told what stands.
    const stale = await book
      .api()
      .put(`${path}/decisions`)
      .send(decide({ credit: 1, comment: '' }, nothing))
      .expect(409);
    expect(
      stale.body.current.students.filter(({ decisions }: Student) => decisions.some(({ credit }) => credit === 0.5)),
    ).toHaveLength(2);
    // The same once more, after an answer that was lost on its way, is no other decision.
    await book.api().put(`${path}/decisions`).send(decide(half, nothing)).expect(200);
    const back = (await book.api().put(`${path}/decisions`).send(decide(nothing, half)).expect(200)).body;
    expect(back.students.flatMap(({ decisions }: Student) => decisions)).toEqual([]);
    const refused = await book
      .api()
      .put(`${path}/decisions`)
      .send({
        decisions: [{ studentId: 'stranger', itemId: 'e1', partId: 'zz', comment: 'x', was: { comment: '' } }],
        accept: [{ itemId: 'e8', partId: 'a', match: { value: 1 }, says: '', credit: 1 }],
      })
      .expect(422);
    expect(refused.body.fields).toHaveLength(3);
    await book
      .api()
      .put(`${path}/decisions`)
      .send({
        decisions: [{ studentId: a!.id, itemId: 'e1', partId: 'b', comment: '', credit: 1.5, was: { comment: '' } }],
      })
      .expect(422);
  });

  it('settle what is to be looked at, and a reading accepted for everyone holds until it is taken back', async () => {
    await checked();
    const open = async () => (await book.api().get(path)).body.counts.toLookAt as number;
    const before = await open();
    const { students } = await marking();
    const unexplained = students.flatMap((student) =>
      student
        .verdicts!['e1']!.filter(({ kind }) => kind === 'unexplained')
        .map(({ partId, read }) => ({ partId, read })),
    )[0]!;
    const accepted = (
      await book
        .api()
        .put(`${path}/decisions`)
        .send({
          accept: [
            {
              itemId: 'e1',
              partId: unexplained.partId,
              match: { value: unexplained.read },
              says: 'Read another way.',
              credit: 1,
            },
          ],
        })
        .expect(200)
    ).body;
    expect(await open()).toBeLessThan(before);
    await book
      .api()
      .put(`${path}/decisions`)
      .send({ takeBack: [accepted.accepted[0].id] })
      .expect(200);
    expect(await open()).toBe(before);
  });
});

describe('texts about slips', () => {
  it('are kept for all classes against their revision', async () => {
    const put = (text: string, revision: number) =>
      book.api().put('/api/slip-texts/rate-left-annual').send({ text, revision });
    expect((await put('Divide by twelve first.', 0).expect(200)).body).toEqual({
      slipId: 'rate-left-annual',
      text: 'Divide by twelve first.',
      revision: 1,
    });
    await put('Again', 0).expect(409);
    expect((await put('Again', 1).expect(200)).body.revision).toBe(2);
    await book.api().put('/api/slip-texts/nothing').send({ text: 'x', revision: 0 }).expect(404);
    expect((await book.api().get('/api/slip-texts')).body).toHaveLength(1);
  });
});

it('releases marks against the revision that was seen, asks while answers are to be looked at, and takes it back', async () => {
  await checked();
  const { revision } = (await book.api().get(path)).body;
  const release = (body: object) => book.api().put(`${path}/released`).send(body);
  const asked = await release({ released: true, revision }).expect(409);
  expect(asked.body.type).toBe('urn:hardy-sextant:ask-first');
  expect(asked.body.detail).toMatch(/^\d+ answers are still to be looked at/);
  expect((await book.api().get(path)).body.releasedAt).toBeUndefined();
  const released = (await release({ released: true, revision, anyway: true }).expect(200)).body;
  expect(released.releasedAt).toBeDefined();
  const stale = await release({ released: false, revision }).expect(409);
  expect(stale.body.current.releasedAt).toBe(released.releasedAt);
  expect((await release({ released: false, revision: released.revision }).expect(200)).body.releasedAt).toBeUndefined();
});
