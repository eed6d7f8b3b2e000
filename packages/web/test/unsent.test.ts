/** Documents outlive their screens until everything is stored, and are remembered over a reload. */
import { z } from 'zod';
import { hasUnsent, heldUnder, openDocument, remember, remembered, showDocument } from '../src/api/kept/unsent.ts';
import type { WriteOutcome } from '../src/api/kept/keptDocument.ts';

interface Kept {
  readonly value: string;
  readonly revision: number;
}

const schema = z.object({ value: z.string(), revision: z.number() });
const kept = new Map<string, string>();
const disk = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, text: string) => void kept.set(key, text),
  removeItem: (key: string) => void kept.delete(key),
};

beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, { localStorage: disk });
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

let answers: ((outcome: WriteOutcome<Kept>) => void)[] = [];
const open = (key: string, start = { value: 'first', revision: 1 }) =>
  openDocument<string, Kept>({
    key,
    path: `/at/${key}`,
    nameOf: (value) => `record “${value}”`,
    start,
    schema,
    options: { quietMs: 10, againMs: 100 },
    ports: {
      write: () => new Promise((answer) => answers.push(answer)),
      valueOf: ({ value }) => value,
      revisionOf: ({ revision }) => revision,
    },
  });
const settle = () => jest.advanceTimersByTimeAsync(0);

beforeEach(() => (answers = []));

it('is the same for two screens, and goes on after both are left until it is stored', async () => {
  const document = open('a');
  const leave = showDocument('a');
  expect(open('a')).toBe(document);
  document.change('typed');
  expect(heldUnder('a')!.isUnsent()).toBe(true);
  expect(heldUnder('a')!.name).toBe('record “typed”');
  leave();
  await settle();
  // Leaving writes at once; nothing has answered yet, so the words are still held.
  expect(answers).toHaveLength(1);
  expect(open('a')).toBe(document);
  expect(remembered('a', schema)).toEqual({ value: 'typed', revision: 1 });
  answers[0]!({ is: 'stored', kept: { value: 'typed', revision: 2 } });
  await settle();
  expect(heldUnder('a')).toBeUndefined();
  expect(remembered('a', schema)).toBeUndefined();
  // The next visit begins from what the server has.
  expect(open('a', { value: 'newer', revision: 3 })).not.toBe(document);
});

it('begins from what was typed before a reload', async () => {
  remember('b', { value: 'typed', revision: 4 });
  expect(hasUnsent('b', schema)).toBe(true);
  const document = open('b', { value: 'stored', revision: 4 });
  expect(document.state()).toMatchObject({ present: 'typed', phase: 'changed' });
  await jest.advanceTimersByTimeAsync(1);
  answers[0]!({ is: 'away', problem: 'The server cannot be reached.' });
  await settle();
  expect(heldUnder('b')!.isUnsent()).toBe(true);
  await jest.advanceTimersByTimeAsync(100);
  answers[1]!({ is: 'stored', kept: { value: 'typed', revision: 5 } });
  await settle();
  expect(hasUnsent('b', schema)).toBe(false);
});

it.each([['{"value":'], ['{"value":7,"revision":1}'], ['null']])('leaves out what cannot be read: %s', (text) => {
  kept.set('hardy-sextant.unsent.c', text);
  expect(remembered('c', schema)).toBeUndefined();
  expect(open(`c${text}`).state().phase).toBe('kept');
});

it('works where nothing can be remembered', () => {
  Object.assign(globalThis, {
    localStorage: {
      getItem: () => {
        throw new Error('no');
      },
      setItem: () => {
        throw new Error('full');
      },
      removeItem: () => undefined,
    },
  });
  const document = open('d');
  document.change('typed');
  expect(document.state().present).toBe('typed');
});
