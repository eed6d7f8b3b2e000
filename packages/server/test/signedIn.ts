/** People and students who are signed in to a book, each with what their browser holds. */
import request from 'supertest';
import type { Book } from './book.ts';

export type Agent = ReturnType<typeof request.agent>;

const password = 'correct horse battery';

/** Adds a person by way of the owner and signs them in with their one-time link. */
export async function person(
  book: Book,
  owner: Agent,
  values: { name: string; login: string; role: string; classIds?: string[] },
): Promise<Agent> {
  const { body } = await owner.post('/api/people').send(values).expect(201);
  const agent = request.agent(book.application);
  await agent.post('/api/links').send({ secret: body.secret, password }).expect(204);
  return agent;
}

/** The first of all: alone on the machine, somebody makes themselves the owner. */
export const firstOwner = (book: Book): Promise<Agent> =>
  person(book, request.agent(book.application), { name: 'Odile Marchetti', login: 'odile', role: 'owner' });

/** A student of a set, come in with their own link. */
export async function student(
  book: Book,
  instructor: Agent,
  setId: string,
  at = 0,
): Promise<{ agent: Agent; id: string; name: string }> {
  const { body } = await instructor.get(`/api/sets/${setId}/codes`).expect(200);
  const { id, name, token } = body.students[at];
  const agent = request.agent(book.application);
  await agent.post('/api/my/session').send({ link: token }).expect(201);
  return { agent, id, name };
}
