/** Every route, as every role: one without a rule fails here, and nobody gets what is not theirs. */
import type { Express } from 'express';
import request from 'supertest';
import { access, type Rule } from '../src/routes/access.ts';
import { openBook, type Book } from './book.ts';
import { firstOwner, person, student, type Agent } from './signedIn.ts';

let book: Book;
const roles: Record<string, Agent> = {};
let own: { id: string; name: string };
let others: { id: string; name: string; number: string }[];

beforeAll(async () => {
  book = await openBook(true);
  const owner = await firstOwner(book);
  const classIds = ['demo-bm210'];
  roles['owner'] = owner;
  roles['instructor'] = await person(book, owner, {
    name: 'Maren Achebe',
    login: 'maren',
    role: 'instructor',
    classIds,
  });
  roles['assistant'] = await person(book, owner, {
    name: 'Tobias Lindqvist',
    login: 'tobias',
    role: 'assistant',
    classIds,
  });
  roles['elsewhere'] = await person(book, owner, {
    name: 'Ilse Varga',
    login: 'ilse',
    role: 'instructor',
    classIds: [],
  });
  const here = await student(book, owner, 'demo-week-6');
  roles['student'] = here.agent;
  own = here;
  roles['nobody'] = request.agent(book.application);
  const { students } = (await owner.get('/api/sets/demo-week-6/marking')).body;
  others = students.filter(({ id }: { id: string }) => id !== here.id);
});
afterAll(() => book.close());

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
  readonly handle?: { readonly stack?: readonly Layer[] };
}

/** What the application really serves under /api. */
function served(application: Express): string[] {
  const walk = (stack: readonly Layer[]): string[] =>
    stack.flatMap(({ route, handle }) =>
      route
        ? Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`)
        : walk(handle?.stack ?? []),
    );
  return walk((application as unknown as { router: { stack: Layer[] } }).router.stack).filter(
    (route) => !route.includes('{*path}'),
  );
}

it('has a rule for every route, and a route for every rule', () => {
  const routes = served(book.application);
  expect(routes.length).toBeGreaterThan(60);
  expect(routes.filter((route) => !(route in access))).toEqual([]);
  expect(Object.keys(access).filter((route) => !routes.includes(route))).toEqual([]);
});

/** Who passes the door of a rule, for a set and a class that the instructor and the assistant have. */
const passes: Readonly<Record<Rule, readonly string[]>> = {
  anyone: ['owner', 'instructor', 'assistant', 'elsewhere', 'student', 'nobody'],
  student: ['student'],
  staff: ['owner', 'instructor', 'assistant', 'elsewhere'],
  library: ['owner', 'instructor', 'elsewhere'],
  owner: ['owner'],
  'marks-set': ['owner', 'instructor', 'assistant'],
  'teaches-set': ['owner', 'instructor'],
  'marks-class': ['owner', 'instructor', 'assistant'],
  'teaches-class': ['owner', 'instructor'],
  'teaches-named-class': ['owner', 'instructor'],
};

/** Routes whose use would end the test's own sessions. */
const left = new Set([
  'DELETE /session',
  'DELETE /my/session',
  'POST /session',
  'PUT /session/password',
  'POST /links',
  'POST /links/shown',
  'POST /my/session',
  'POST /my/classroom',
]);

function addressOf(route: string): string {
  const path = route.split(' ')[1] ?? '';
  const id = path.startsWith('/classes') ? 'demo-bm210' : path.startsWith('/exercises') ? 'starter-5' : 'demo-week-6';
  return `/api${path}`
    .replace(':id', id)
    .replace(':studentId', others[0]!.id)
    .replace(/:itemId/, 'e1')
    .replace(/:kind/, 'set')
    .replace(/:\w+/g, 'nowhere');
}

it.each(Object.entries(access).filter(([route]) => !left.has(route)))(
  '%s lets in whom it should (%s)',
  async (route, rule) => {
    const [method] = route.split(' ');
    for (const [role, agent] of Object.entries(roles)) {
      const call = { GET: 'get', POST: 'post', PUT: 'put', DELETE: 'delete' } as const;
      // What is sent says nothing that could be done: only the door answers. Nothing is deleted by who may.
      if (method === 'DELETE' && passes[rule].includes(role)) continue;
      const body = rule === 'teaches-named-class' ? { classId: 'demo-bm210' } : {};
      const asked = agent[call[method as keyof typeof call]](addressOf(route));
      const { status, body: answer, text } = await (method === 'GET' ? asked : asked.send(body));
      expect({ role, status: status >= 500 }).toEqual({ role, status: false });
      const refused =
        [401, 403].includes(status) || (status === 404 && /no such (set|class)\b/.test(answer?.detail ?? ''));
      if (passes[rule].includes(role)) {
        // What the door lets in may still be refused for what it says.
        if (status === 401 || (status === 403 && answer.detail?.includes('assistant')))
          throw new Error(`${role} was refused ${route}: ${text}`);
      } else expect({ role, route, refused, status }).toEqual({ role, route, refused: true, status });
      if (role === 'student' || role === 'nobody')
        for (const other of others.slice(0, 3)) {
          expect(text ?? '').not.toContain(other.name);
          expect(text ?? '').not.toContain(other.id);
        }
    }
  },
);

it('gives a student nothing of a key, a slip or a mark before release, and nothing of a set that is not theirs', async () => {
  const page = await roles['student']!.get('/api/my/sets/demo-week-6').expect(200);
  expect(page.body.name).toBe(own.name);
  const names = new Set<string>();
  JSON.stringify(page.body, (key, value: unknown) => (names.add(key), value));
  for (const secret of [
    'plans',
    'ask',
    'verdicts',
    'decisions',
    'explanations',
    'readings',
    'tolerance',
    'expected',
    'draft',
    'limits',
  ])
    expect(names.has(secret)).toBe(false);
  await roles['student']!.get('/api/my/sets/demo-week-6/feedback').expect(403);
  await roles['student']!.get('/api/my/sets/demo-midterm').expect(404);
  await roles['student']!.put('/api/my/sets/demo-midterm/answers')
    .send({ answers: [{ itemId: 'e1', entryId: 'a', text: '1', was: '', typedAt: '2026-11-27T10:00:00.000Z' }] })
    .expect(404);
  await roles['student']!.post('/api/my/sets/demo-week-6/tries')
    .send({ itemId: 'e1', partId: 'a', entries: { a: '1' } })
    .expect(403);
  await roles['student']!.post('/api/my/sets/demo-week-6/exercises/e1/more').expect(403);
  const released = await roles['student']!.get('/api/my/sets/demo-week-3/feedback').expect(200);
  expect(JSON.stringify(released.body)).toContain(own.name);
  for (const other of others) expect(JSON.stringify(released.body)).not.toContain(other.name);
});
