/** The student's own page over HTTP: what is typed is kept, never written over unseen, and counts by the due time of the server. */
import request from 'supertest';
import { answerKeyOf, defaultHouseRules } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { openBook, type Book } from './book.ts';
import { student, type Agent } from './signedIn.ts';

let book: Book;
let instructor: Agent;
beforeEach(async () => {
  book = await openBook(true);
  instructor = request.agent(book.application);
});
afterEach(() => book.close());

const day = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
const typedAt = '2026-11-27T10:00:00.000Z';
interface Written {
  itemId?: string;
  entryId?: string;
  text: string;
  was?: string;
}
const sent = (...all: Written[]) => ({
  answers: all.map((each) => ({ itemId: 'e1', entryId: 'a', was: '', typedAt, ...each })),
});

/** A set that is answered online, with a rule of its own. */
async function aSet(rule: object = {}, exerciseIds = ['starter-23', 'starter-2']): Promise<string> {
  const items = exerciseIds.map((exerciseId, at) => ({ id: `e${at + 1}`, exerciseId }));
  const document = { schemaVersion: 1, items, numbers: 'own', given: '', due: day(3), online: true, ...rule };
  const { body } = await instructor
    .post('/api/sets')
    .send({ classId: 'demo-bm210', title: 'Week 8', document })
    .expect(201);
  await instructor.post(`/api/sets/${body.id}/assigned`).send({ revision: body.revision }).expect(200);
  return body.id;
}

const marked = async (setId: string, id: string) =>
  (await instructor.get(`/api/sets/${setId}/marking`)).body.students.find((each: { id: string }) => each.id === id);

it('takes answers, says where another device wrote, and submits with a receipt until it is due', async () => {
  const setId = await aSet();
  const { agent, id } = await student(book, instructor, setId);
  const of = `/api/my/sets/${setId}`;
  expect((await agent.get('/api/my/sets')).body.sets.map(({ title }: { title: string }) => title)).toContain('Week 8');
  const page = (await agent.get(of).expect(200)).body;
  expect(page.exercises[0].parts[0]).toMatchObject({ id: 'a', answer: 'number' });
  expect(page.state).toMatchObject({ openness: 'open', released: false, late: true });

  const first = await agent
    .put(`${of}/answers`)
    .send({ ...sent({ text: '522.04' }), place: 'e1/a' })
    .expect(200);
  expect(first.body).toMatchObject({ conflicts: [], tooLate: [], gone: [] });
  // Sent again after an answer that was lost on its way: nothing more.
  await agent
    .put(`${of}/answers`)
    .send(sent({ text: '522.04' }))
    .expect(200);
  const other = await agent
    .put(`${of}/answers`)
    .send(sent({ text: '999' }, { entryId: 'b', text: '7' }))
    .expect(200);
  expect(other.body.conflicts).toEqual([{ itemId: 'e1', entryId: 'a', theirs: '522.04' }]);
  expect((await marked(setId, id)).entries).toEqual({ e1: { a: '522.04', b: '7' } });
  const strange = await agent
    .put(`${of}/answers`)
    .send(sent({ itemId: 'zz', text: '1' }, { text: '523', was: '522.04' }))
    .expect(200);
  expect(strange.body.gone).toEqual([{ itemId: 'zz', entryId: 'a' }]);

  const early = await agent.post(`${of}/submitted`).send({ answers: 5 }).expect(422);
  expect(early.body.detail).toContain('have not arrived yet');
  const done = (await agent.post(`${of}/submitted`).send({ answers: 2 }).expect(200)).body;
  expect(done.receipt).toMatch(/^[0-9A-F]{4}-[0-9A-F]{4}$/);
  // Changed until it is due.
  await agent
    .put(`${of}/answers`)
    .send(sent({ text: '524', was: '523' }))
    .expect(200);
  const live = (await instructor.get(`/api/sets/${setId}/live`).expect(200)).body;
  expect(live.students.find((each: { id: string }) => each.id === id)).toMatchObject({
    answered: 2,
    place: '',
    submittedAt: done.submittedAt,
  });
  expect(live.acts[0]).toMatchObject({ act: 'submitted', by: 'the student' });
  // What was written over is there.
  const earlier = (await instructor.get(`/api/sets/${setId}/students/${id}/earlier`)).body;
  expect(earlier.map(({ text }: { text: string }) => text)).toEqual(expect.arrayContaining(['523', '522.04']));
});

it('counts late answers by the rule of the set, and extra time for one student', async () => {
  const setId = await aSet({ due: day(-1), dueTime: '12:00', late: true, lessADay: 10 });
  const [late, extra] = [await student(book, instructor, setId, 0), await student(book, instructor, setId, 1)];
  await instructor
    .post(`/api/sets/${setId}/live`)
    .send({ act: 'extra-time', studentIds: [extra.id], minutes: 4000 })
    .expect(200);
  for (const { agent } of [late, extra])
    await agent
      .put(`/api/my/sets/${setId}/answers`)
      .send(sent({ text: '1' }))
      .expect(200);
  const [own, more] = [await marked(setId, late.id), await marked(setId, extra.id)];
  expect(own.minutesLate).toBeGreaterThan(60);
  expect([10, 20]).toContain(own.less);
  expect(more).toMatchObject({ minutesLate: 0, less: 0 });
  expect((await late.agent.get(`/api/my/sets/${setId}`)).body.state.openness).toBe('late');
  expect((await extra.agent.get(`/api/my/sets/${setId}`)).body.state).toMatchObject({
    openness: 'open',
    extraMinutes: 4000,
  });
});

it('keeps what comes after it was closed, for the instructor to take or to leave', async () => {
  const setId = await aSet({ due: day(-1), late: false });
  const { agent, id } = await student(book, instructor, setId);
  const of = `/api/my/sets/${setId}`;
  const { body } = await agent
    .put(`${of}/answers`)
    .send(sent({ text: '522.04' }))
    .expect(200);
  expect(body).toMatchObject({ tooLate: [{ itemId: 'e1', entryId: 'a' }], state: { openness: 'closed' } });
  expect((await marked(setId, id)).entries).toEqual({});
  expect((await agent.post(`${of}/submitted`).send({ answers: 0 }).expect(403)).body.detail).toContain(
    'past the due time',
  );
  await agent.post(`${of}/files`).send({ itemId: 'e1', name: 'a.csv', data: 'YQ==' }).expect(403);
  const live = (await instructor.get(`/api/sets/${setId}/live`)).body.students.find(
    (each: { id: string }) => each.id === id,
  );
  expect(live).toMatchObject({ tooLate: 1, openness: 'closed' });
  const taken = await instructor
    .post(`/api/sets/${setId}/live`)
    .send({ act: 'take-late', studentIds: [id] })
    .expect(200);
  expect(taken.body.acts[0]).toMatchObject({ act: 'take-late', by: 'the instructor', says: '1 answer' });
  expect((await marked(setId, id)).entries).toEqual({ e1: { a: '522.04' } });
  // Opened again for one student, for an hour.
  await instructor
    .post(`/api/sets/${setId}/live`)
    .send({ act: 'reopen', studentIds: [id] })
    .expect(200);
  await agent
    .put(`${of}/answers`)
    .send(sent({ entryId: 'b', text: '7' }))
    .expect(200);
  expect((await marked(setId, id)).entries).toEqual({ e1: { a: '522.04', b: '7' } });
  await instructor
    .post(`/api/sets/${setId}/live`)
    .send({ act: 'submit', studentIds: [id] })
    .expect(200);
  expect((await agent.get(of)).body.state.receipt).toMatch(/-/);
});

it('comes in by link, by the code on a paper, by a classroom; a link made anew ends what was open', async () => {
  const setId = await aSet();
  const { students } = (await instructor.get(`/api/sets/${setId}/codes`)).body;
  const [one, two] = students;
  const agent = request.agent(book.application);
  const came = await agent.post('/api/my/session').send({ code: one.code.toLowerCase() }).expect(201);
  expect(came.body).toEqual({ name: one.name, setId });
  const wrong = `${one.code.slice(0, -1)}${one.code.endsWith('A') ? 'B' : 'A'}`;
  expect((await agent.post('/api/my/session').send({ code: wrong }).expect(422)).body.detail).toContain('mistyped');

  await request(book.application).post('/api/my/classroom').send({ code: 'AAAAAA' }).expect(403);
  const open = await instructor.post(`/api/sets/${setId}/live`).send({ act: 'open-classroom' }).expect(200);
  const { code } = open.body.classroom;
  const list = await request(book.application).post('/api/my/classroom').send({ code: code.toLowerCase() }).expect(200);
  expect(list.body.students).toHaveLength(28);
  expect(Object.keys(list.body.students[0])).toEqual(['id', 'name']);
  const guest = request.agent(book.application);
  await guest.post('/api/my/session').send({ classroom: code, studentId: two.id, number: one.number }).expect(403);
  await guest.post('/api/my/session').send({ classroom: code, studentId: two.id, number: two.number }).expect(201);
  expect((await guest.get('/api/my/sets')).body.name).toBe(two.name);
  await instructor.post(`/api/sets/${setId}/live`).send({ act: 'close-classroom' }).expect(200);
  await guest.post('/api/my/session').send({ classroom: code, studentId: two.id, number: two.number }).expect(403);

  await instructor
    .post(`/api/sets/${setId}/live`)
    .send({ act: 'new-link', studentIds: [two.id] })
    .expect(200);
  await guest.get('/api/my/sets').expect(401);
  await guest.post('/api/my/session').send({ link: two.token }).expect(403);
});

it('who leaves the class while typing is told so, and changes nothing', async () => {
  const setId = await aSet();
  const { agent, id } = await student(book, instructor, setId);
  const { body } = await instructor.get('/api/classes/demo-bm210');
  await instructor
    .put('/api/classes/demo-bm210/roster')
    .send({ revision: body.revision, withdraw: [id] })
    .expect(200);
  const refused = await agent
    .put(`/api/my/sets/${setId}/answers`)
    .send(sent({ text: '1' }))
    .expect(403);
  expect(refused.body.detail).toContain('no longer on the list of this class');
});

it('practises in three steps, and makes one more like it with other numbers', async () => {
  const setId = await aSet({ purpose: 'practice' }, ['starter-1']);
  const { agent } = await student(book, instructor, setId);
  const of = `/api/my/sets/${setId}`;
  const tried = async (text: string, more = false) =>
    (
      await agent
        .post(`${of}/tries`)
        .send({ itemId: 'e1', partId: 'a', entries: { a: text }, more })
        .expect(200)
    ).body;
  const key = await rightAnswer(agent, setId);
  const wrong = await tried('1.23');
  expect(wrong).toMatchObject({ right: false, shown: 1, tries: 1, says: ['Not right yet.'], working: [] });
  expect((await tried('1.23', true)).says).toHaveLength(2);
  expect((await tried('1.23', true)).says).toHaveLength(3);
  const worked = await tried('1.23', true);
  expect(worked.shown).toBe(4);
  expect(worked.working.length).toBeGreaterThan(2);
  expect(worked.tries).toBe(1);
  expect(await tried(key)).toMatchObject({ right: true, tries: 2 });
  expect((await agent.get(of)).body.practice.e1.a).toMatchObject({ tries: 2, right: true });
  // Tried twice at the same moment: both count.
  const both = await Promise.all([tried('2'), tried('3')]);
  expect(both.map(({ tries }) => tries).sort()).toEqual([3, 4]);

  const more = (await agent.post(`${of}/exercises/e1/more`).expect(201)).body;
  const page = (await agent.get(of)).body;
  expect(JSON.stringify(more.exercise.story)).not.toBe(JSON.stringify(page.exercises[0].story));
  const again = await agent
    .post(`/api/my/more/${more.id}/tries`)
    .send({ itemId: 'e1', partId: 'a', entries: { a: key } })
    .expect(200);
  expect(again.body.right).toBe(false);
  expect((await agent.get(`${of}/exercises/e1/more`)).body).toMatchObject({ id: more.id, entries: { a: key } });
  // Nobody else's.
  const other = await student(book, instructor, setId, 1);
  await other.agent
    .post(`/api/my/more/${more.id}/tries`)
    .send({ itemId: 'e1', partId: 'a', entries: { a: key } })
    .expect(404);
});

/** What is right for a student, by the key of the exercise with the student's numbers. */
async function rightAnswer(agent: Agent, setId: string): Promise<string> {
  const { name } = (await agent.get(`/api/my/sets/${setId}`)).body;
  const { students } = (await instructor.get(`/api/sets/${setId}/marking`)).body;
  const { numbers } = students.find((each: { name: string }) => each.name === name);
  const keyed = answerKeyOf(starterExercises[0]!, 'a', numbers.e1 ?? {}, defaultHouseRules);
  if (!keyed.ok) throw new Error(keyed.problem.message);
  return keyed.value.written;
}

it('takes nothing once marks are released, and lets the answer be tried again', async () => {
  const setId = await aSet({}, ['starter-1']);
  const { agent, id } = await student(book, instructor, setId);
  const of = `/api/my/sets/${setId}`;
  await agent
    .put(`${of}/answers`)
    .send(sent({ text: '1.23' }))
    .expect(200);
  const attempt = { itemId: 'e1', partId: 'a', entries: { a: await rightAnswer(agent, setId) } };
  await agent.post(`${of}/tries`).send(attempt).expect(403);
  const { revision } = (await instructor.get(`/api/sets/${setId}`)).body;
  await instructor.put(`/api/sets/${setId}/released`).send({ released: true, revision, anyway: true }).expect(200);
  const late = await agent
    .put(`${of}/answers`)
    .send(sent({ text: '9', was: '1.23' }))
    .expect(200);
  expect(late.body).toMatchObject({ tooLate: [{ itemId: 'e1', entryId: 'a' }], state: { openness: 'closed' } });
  expect((await agent.post(`${of}/submitted`).send({ answers: 1 }).expect(403)).body.detail).toContain(
    'marked already',
  );
  expect((await agent.post(`${of}/tries`).send(attempt).expect(200)).body).toMatchObject({ right: true, tries: 1 });
  expect((await marked(setId, id)).entries).toEqual({ e1: { a: '1.23' } });
  const refused = await instructor
    .post(`/api/sets/${setId}/live`)
    .send({ act: 'reopen', studentIds: [id] })
    .expect(422);
  expect(refused.body.detail).toContain('Take the release back first');
});
