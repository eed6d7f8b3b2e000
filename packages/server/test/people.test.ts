/** People: alone nobody is asked; then one-time links, passwords, sessions, and what each may do. */
import request from 'supertest';
import { tidy } from '../src/services/sessions.ts';
import { insertSession } from '../src/store/people.ts';
import { sessions } from '../src/store/peopleSchema.ts';
import { openBook, type Book } from './book.ts';
import { firstOwner, person, student } from './signedIn.ts';

let book: Book;
beforeEach(async () => {
  book = await openBook(true);
});
afterEach(() => book.close());

const anybody = () => request.agent(book.application);

it('asks nobody alone on this machine, and everybody as soon as the owner has a password', async () => {
  expect((await book.api().get('/api/session').expect(200)).body).toEqual({ is: 'alone', name: '' });
  await book.api().get('/api/sets').expect(200);
  // Somebody else's link is worth nothing before the owner has one, so that nobody is locked out.
  const helper = await book
    .api()
    .post('/api/people')
    .send({ name: 'Tobias Lindqvist', login: 'tobias', role: 'assistant' });
  const early = await book
    .api()
    .post('/api/links')
    .send({ secret: helper.body.secret, password: '0123456789' })
    .expect(403);
  expect(early.body.detail).toContain('The owner of this book sets a password first');
  await book.api().get('/api/sets').expect(200);

  const owner = await firstOwner(book);
  expect((await owner.get('/api/session')).body).toMatchObject({
    is: 'person',
    role: 'owner',
    name: 'Odile Marchetti',
  });
  const { body } = await book.api().get('/api/sets').expect(401);
  expect(body.type).toBe('urn:hardy-sextant:sign-in');
  await owner.get('/api/sets').expect(200);
});

it('is asked for a password at once where others can reach it', async () => {
  const reached = await openBook(false, { local: false });
  await reached.api().get('/api/sets').expect(401);
  await reached.api().get('/api/health').expect(200);
  await reached.close();
});

it('takes a one-time link once, says whose it is, and makes older ones worthless', async () => {
  const owner = await firstOwner(book);
  const { body: first } = await owner
    .post('/api/people')
    .send({ name: 'Maren Achebe', login: 'Maren@College.test', role: 'instructor', classIds: ['demo-bm210'] })
    .expect(201);
  const again = await owner.post(`/api/people/${first.person.id}/link`).expect(201);
  await anybody().post('/api/links/shown').send({ secret: first.secret }).expect(403);
  expect((await anybody().post('/api/links/shown').send({ secret: again.body.secret }).expect(200)).body).toEqual({
    name: 'Maren Achebe',
    login: 'maren@college.test',
  });
  const short = await anybody().post('/api/links').send({ secret: again.body.secret, password: 'short' }).expect(422);
  expect(short.body.fields[0]).toEqual({ path: 'password', message: 'A password has at least 10 characters.' });
  await anybody().post('/api/links').send({ secret: again.body.secret, password: 'long enough it is' }).expect(204);
  const used = await anybody()
    .post('/api/links')
    .send({ secret: again.body.secret, password: 'another one, later' })
    .expect(403);
  expect(used.body.detail).toContain('was used already');
  const twin = await owner
    .post('/api/people')
    .send({ name: 'X', login: 'MAREN@college.test', role: 'assistant' })
    .expect(422);
  expect(twin.body.fields[0].path).toBe('login');
});

it('signs in and out; another password, and being taken off, end every other session', async () => {
  const owner = await firstOwner(book);
  const first = await person(book, owner, { name: 'Maren Achebe', login: 'maren', role: 'instructor' });
  const second = anybody();
  const signIn = { login: 'MAREN', password: 'correct horse battery' };
  const answer = await second.post('/api/session').send(signIn).expect(204);
  const [cookie] = answer.headers['set-cookie'] as unknown as string[];
  expect(cookie).toMatch(/HttpOnly/);
  expect(cookie).toMatch(/SameSite=Lax/);
  await second.put('/api/session/password').send({ old: 'not it, surely', password: 'a newer password' }).expect(422);
  await second.put('/api/session/password').send({ old: signIn.password, password: 'a newer password' }).expect(204);
  await second.get('/api/sets').expect(200);
  await first.get('/api/sets').expect(401);
  await second.delete('/api/session').expect(204);
  await second.get('/api/sets').expect(401);
  await second.post('/api/session').send({ login: 'maren', password: 'a newer password' }).expect(204);
  const { people } = (await owner.get('/api/people')).body;
  const maren = people.find(({ login }: { login: string }) => login === 'maren');
  await owner.delete(`/api/people/${maren.id}`).expect(204);
  await second.get('/api/sets').expect(401);
  await second.post('/api/session').send({ login: 'maren', password: 'a newer password' }).expect(403);
  // The name is free again.
  await owner.post('/api/people').send({ name: 'Maren Achebe', login: 'maren', role: 'instructor' }).expect(201);
});

it('keeps an owner, and lets the last of all people go', async () => {
  const owner = await firstOwner(book);
  await person(book, owner, { name: 'Maren Achebe', login: 'maren', role: 'instructor' });
  const { people } = (await owner.get('/api/people')).body;
  const [own, maren] = ['odile', 'maren'].map(
    (login) => people.find((each: { login: string }) => each.login === login).id,
  );
  const refused = await owner.put(`/api/people/${own}`).send({ name: 'Odile', role: 'instructor' }).expect(422);
  expect(refused.body.detail).toContain('Somebody has to be the owner');
  await owner.delete(`/api/people/${maren}`).expect(204);
  await owner.delete(`/api/people/${own}`).expect(204);
  await book.api().get('/api/sets').expect(200);
});

it('holds back who tries passwords or codes too often, and not a class that comes in at once', async () => {
  await firstOwner(book);
  for (let tries = 0; tries < 8; tries += 1)
    await book
      .api()
      .post('/api/session')
      .send({ login: 'odile', password: `wrong ${tries}` })
      .expect(403);
  const { body } = await book
    .api()
    .post('/api/session')
    .send({ login: 'odile', password: 'correct horse battery' })
    .expect(429);
  expect(body).toMatchObject({ type: 'urn:hardy-sextant:too-often', status: 429 });
  // Another account is not held back for it.
  await book.api().post('/api/session').send({ login: 'maren', password: 'wrong' }).expect(403);
  const codes = [];
  for (let tries = 0; tries < 61; tries += 1)
    codes.push(
      (
        await book
          .api()
          .post('/api/my/session')
          .send({ link: `guess-number-${tries}` })
      ).status,
    );
  expect(codes.slice(0, 60).every((status) => status === 403)).toBe(true);
  expect(codes[60]).toBe(429);
});

it('shows an instructor and an assistant their own classes only', async () => {
  const owner = await firstOwner(book);
  const maren = await person(book, owner, {
    name: 'Maren Achebe',
    login: 'maren',
    role: 'instructor',
    classIds: ['demo-bm210'],
  });
  const tobias = await person(book, owner, {
    name: 'Tobias Lindqvist',
    login: 'tobias',
    role: 'assistant',
    classIds: ['demo-bm210'],
  });
  const titles = (body: { rows: { title: string }[] }) => body.rows.map(({ title }) => title).sort();
  for (const agent of [maren, tobias]) {
    expect(titles((await agent.get('/api/sets').expect(200)).body)).toEqual([
      'Week 3, payments',
      'Week 6, changing rates',
    ]);
    expect((await agent.get('/api/classes').expect(200)).body.rows).toHaveLength(1);
    await agent.get('/api/sets/demo-midterm/marking').expect(404);
    await agent.get('/api/sets/demo-week-6/marking').expect(200);
  }
  // An assistant enters and marks, and does not release.
  const { revision } = (await tobias.get('/api/sets/demo-week-6')).body;
  const { id } = (await tobias.get('/api/sets/demo-week-6/marking')).body.students[0];
  await tobias
    .put('/api/sets/demo-week-6/decisions')
    .send({ decisions: [{ studentId: id, itemId: 'e1', partId: 'a', credit: 0.5, comment: '', was: { comment: '' } }] })
    .expect(200);
  const refused = await tobias
    .put('/api/sets/demo-week-6/released')
    .send({ released: true, revision, anyway: true })
    .expect(403);
  expect(refused.body.detail).toContain('An assistant enters answers and marks');
  await tobias.get('/api/exercises').expect(403);
  await maren.put('/api/sets/demo-week-6/released').send({ released: true, revision, anyway: true }).expect(200);
  // Every change of a mark is kept with who.
  const { acts } = (await maren.get('/api/sets/demo-week-6/live').expect(200)).body;
  expect(acts.map(({ act, by }: { act: string; by: string }) => [act, by])).toEqual([
    ['released', 'Maren Achebe'],
    ['marks', 'Tobias Lindqvist'],
  ]);
  // Who makes a class teaches it; nobody puts a set into another's.
  const { body: own } = await maren.post('/api/classes').send({ code: 'FM 1', title: '', college: '' }).expect(201);
  await maren.get(`/api/classes/${own.id}`).expect(200);
  await tobias.get(`/api/classes/${own.id}`).expect(404);
  const document = { schemaVersion: 1, items: [], numbers: 'same', given: '', due: '' };
  await maren.post('/api/sets').send({ classId: own.id, title: 'Own', document }).expect(201);
  const { students } = (await owner.get('/api/sets/demo-midterm/marking')).body;
  expect(students.length).toBeGreaterThan(100);
  const large = (await owner.get('/api/sets/demo-midterm')).body.classId;
  await maren.post('/api/sets').send({ classId: large, title: 'Not mine', document }).expect(404);
  await maren
    .post('/api/sets/demo-midterm/copies')
    .send({ classId: own.id, title: 'Not mine', given: '', due: '' })
    .expect(404);
});

it('a student who comes in leaves the instructor alone on their machine', async () => {
  const { agent } = await student(book, request.agent(book.application), 'demo-week-6');
  await agent.get('/api/my/sets').expect(200);
  await agent.get('/api/sets').expect(200);
  await agent.delete('/api/my/session').expect(204);
  await agent.get('/api/my/sets').expect(401);
});

it('lets go of sessions whose time is over, and keeps those that are used', async () => {
  const owner = await firstOwner(book);
  const { database } = book.open;
  await database.transaction(async (writes) => {
    for (const [id, endsAt] of [
      ['over', '2020-01-01T00:00:00.000Z'],
      ['later', '2999-01-01T00:00:00.000Z'],
    ] as const)
      await insertSession(writes, { id, endsAt });
  });
  await tidy(database);
  const rows = await database.select({ id: sessions.id }).from(sessions);
  expect(rows.map(({ id }) => id)).toContain('later');
  expect(rows.map(({ id }) => id)).not.toContain('over');
  await owner.get('/api/sets').expect(200);
});
