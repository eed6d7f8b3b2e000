/** A record while it is changed: nothing typed is lost by a failure, a second write, a second window, or leaving. */
import { KeptDocument, same, type KeptPorts, type WriteOutcome } from '../src/api/kept/keptDocument.ts';

interface Kept {
  readonly value: string;
  readonly revision: number;
}

const QUIET = 600;
const AGAIN = 4000;

/** A server that answers when it is told to. */
function desk(start = { value: 'first', revision: 1 }, unsent?: { value: string; revision: number }) {
  const asked: { value: string; revision: number; answer: (outcome: WriteOutcome<Kept>) => void }[] = [];
  const remembered: (object | undefined)[] = [];
  const ports: KeptPorts<string, Kept> = {
    write: (value, revision) => new Promise((answer) => asked.push({ value, revision, answer })),
    valueOf: ({ value }) => value,
    revisionOf: ({ revision }) => revision,
    remember: (each) => void remembered.push(each),
    isWorthKeeping: (value) => value !== '',
  };
  const document = new KeptDocument<string, Kept>(start, ports, { quietMs: QUIET, againMs: AGAIN }, unsent);
  const answer = async (outcome: WriteOutcome<Kept>): Promise<void> => {
    asked.at(-1)!.answer(outcome);
    await jest.advanceTimersByTimeAsync(0);
  };
  const stored = (revision: number): WriteOutcome<Kept> => ({
    is: 'stored',
    kept: { value: asked.at(-1)!.value, revision },
  });
  return { document, asked, answer, stored, remembered, wait: (ms: number) => jest.advanceTimersByTimeAsync(ms) };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

it('says changed at once, writes once after a quiet while, and is kept only when the newest is stored', async () => {
  const { document, asked, answer, stored, wait } = desk();
  document.change('a');
  document.change('ab');
  expect(document.state()).toEqual({ present: 'ab', phase: 'changed' });
  await wait(QUIET);
  expect(asked.map(({ value, revision }) => [value, revision])).toEqual([['ab', 1]]);
  expect(document.state().phase).toBe('writing');
  document.change('abc');
  await answer(stored(2));
  expect(document.state()).toEqual({ present: 'abc', phase: 'changed' });
  await wait(QUIET);
  expect(asked.at(-1)).toMatchObject({ value: 'abc', revision: 2 });
  await answer(stored(3));
  expect(document.state()).toEqual({ present: 'abc', phase: 'kept' });
});

it('never has two writes under way', async () => {
  const { document, asked, answer, stored, wait } = desk();
  document.change('a');
  void document.flush();
  void document.flush();
  document.change('b');
  void document.flush();
  await wait(AGAIN);
  expect(asked).toHaveLength(1);
  await answer(stored(2));
  await wait(QUIET);
  expect(asked.map(({ value, revision }) => [value, revision])).toEqual([
    ['a', 1],
    ['b', 2],
  ]);
});

it('tries again by itself while the server is away, and keeps what is typed meanwhile', async () => {
  const { document, asked, answer, stored, wait, remembered } = desk();
  document.change('a');
  await wait(QUIET);
  await answer({ is: 'away', problem: 'The server cannot be reached.' });
  expect(document.state()).toEqual({ present: 'a', phase: 'away', problem: 'The server cannot be reached.' });
  expect(remembered.at(-1)).toEqual({ value: 'a', revision: 1 });
  await wait(AGAIN);
  expect(asked).toHaveLength(2);
  document.change('ab');
  await answer({ is: 'away', problem: 'The server cannot be reached.' });
  await wait(AGAIN);
  expect(asked.at(-1)).toMatchObject({ value: 'ab', revision: 1 });
  await answer(stored(2));
  expect(document.state()).toEqual({ present: 'ab', phase: 'kept' });
  expect(remembered.at(-1)).toBeUndefined();
});

it('does not repeat a refused write until something changes', async () => {
  const { document, asked, answer, wait } = desk();
  document.change('wrong');
  await wait(QUIET);
  await answer({ is: 'refused', problem: 'Marks are above zero.' });
  expect(document.state()).toEqual({ present: 'wrong', phase: 'refused', problem: 'Marks are above zero.' });
  await wait(60_000);
  expect(asked).toHaveLength(1);
  document.change('right');
  await wait(QUIET);
  expect(asked).toHaveLength(2);
});

describe('another version stored elsewhere', () => {
  const conflict = async () => {
    const made = desk();
    made.document.change('mine');
    await made.wait(QUIET);
    await made.answer({ is: 'elsewhere', theirs: { value: 'theirs', revision: 5 } });
    return made;
  };

  it('waits for a choice: nothing is written by time, typing, or leaving', async () => {
    const { document, asked, wait } = await conflict();
    expect(document.state()).toMatchObject({ phase: 'elsewhere', present: 'mine', theirs: { value: 'theirs' } });
    document.change('mine, longer');
    await wait(60_000);
    await document.flush();
    expect(asked).toHaveLength(1);
    expect(document.state()).toMatchObject({ phase: 'elsewhere', present: 'mine, longer' });
  });

  it('gives way to mine, on top of theirs', async () => {
    const { document, asked, answer, stored } = await conflict();
    document.settle('mine');
    await answer(stored(6));
    expect(asked.at(-1)).toMatchObject({ value: 'mine', revision: 5 });
    expect(document.state()).toEqual({ present: 'mine', phase: 'kept' });
  });

  it('or is taken, and nothing is written', async () => {
    const { document, asked, wait, remembered } = await conflict();
    document.settle('theirs');
    await wait(60_000);
    expect(asked).toHaveLength(1);
    expect(document.state()).toEqual({ present: 'theirs', phase: 'kept' });
    expect(remembered.at(-1)).toBeUndefined();
  });

  it('is none where it is our own, whose answer was lost on its way', async () => {
    const { document, answer, wait } = desk();
    document.change('mine');
    await wait(QUIET);
    await answer({ is: 'elsewhere', theirs: { value: 'mine', revision: 2 } });
    expect(document.state()).toEqual({ present: 'mine', phase: 'kept' });
    expect(document.revision).toBe(2);
  });
});

it('goes on from what was typed before a reload, on the revision it was typed on', async () => {
  const { asked, document, answer, wait } = desk({ value: 'newer', revision: 7 }, { value: 'typed', revision: 3 });
  expect(document.state()).toEqual({ present: 'typed', phase: 'changed' });
  await wait(0);
  expect(asked[0]).toMatchObject({ value: 'typed', revision: 3 });
  await answer({ is: 'elsewhere', theirs: { value: 'newer', revision: 7 } });
  expect(document.state().phase).toBe('elsewhere');
});

it('takes a newer version of the server only while nothing of ours waits', async () => {
  const { document } = desk();
  document.received({ value: 'other', revision: 2 });
  expect(document.state().present).toBe('other');
  document.change('mine');
  document.received({ value: 'third', revision: 3 });
  expect(document.state().present).toBe('mine');
});

it('does not write what is not worth a first write', async () => {
  const { document, asked, wait, remembered } = desk({ value: 'x', revision: 0 });
  document.change('');
  await wait(60_000);
  expect(asked).toEqual([]);
  expect(remembered.at(-1)).toBeUndefined();
});

it('is what it was when it is typed back', async () => {
  const { document, asked, wait } = desk();
  document.change('other');
  document.change('first');
  await wait(60_000);
  expect([document.state().phase, asked.length]).toEqual(['kept', 0]);
});

it('knows documents that are written the same', () => {
  expect(same({ a: [1, { b: undefined }] }, { a: [1, {}] })).toBe(true);
  expect(same({ a: [1] }, { a: { 0: 1 } })).toBe(false);
  expect(same({ a: 1 }, { a: 1, b: 2 })).toBe(false);
  expect(same(null, {})).toBe(false);
});
