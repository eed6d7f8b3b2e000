/** Things on their way to the server: joined, one request at a time, never dropped. */
import { Outbox, type SendOutcome } from '../src/api/kept/outbox.ts';

interface Answer {
  readonly cell: string;
  readonly text: string;
  readonly was: string;
  readonly source?: string;
}

function box(unsent: readonly Answer[] = []) {
  const sent: { batch: readonly Answer[]; answer: (outcome: SendOutcome<Answer>) => void }[] = [];
  const remembered: (readonly Answer[])[] = [];
  const made = new Outbox<Answer>(
    {
      send: (batch) => new Promise((answer) => sent.push({ batch, answer })),
      keyOf: ({ cell }) => cell,
      join: (earlier, later) => ({ ...later, was: earlier.was }),
      onTop: (flying, later) => ({ ...later, was: flying.text }),
      isNothing: ({ text, was }) => text === was,
      together: (a, b) => a.source === b.source,
      remember: (each) => void remembered.push(each),
    },
    3000,
    unsent,
  );
  const answer = async (outcome: SendOutcome<Answer>): Promise<void> => {
    sent.at(-1)!.answer(outcome);
    await jest.advanceTimersByTimeAsync(0);
  };
  return { made, sent, answer, remembered, wait: (ms: number) => jest.advanceTimersByTimeAsync(ms) };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const typed = (cell: string, text: string, was = ''): Answer => ({ cell, text, was });

it('sends thirty cells typed as fast as they come in two requests, none against another', async () => {
  const { made, sent, answer } = box();
  for (let at = 0; at < 30; at += 1) made.add([typed(`c${at}`, String(at))]);
  expect(sent.map(({ batch }) => batch.length)).toEqual([1]);
  expect(made.state().waiting).toHaveLength(30);
  await answer({ is: 'sent' });
  expect(sent.map(({ batch }) => batch.length)).toEqual([1, 29]);
  await answer({ is: 'sent' });
  expect(made.state()).toEqual({ waiting: [], held: [], phase: 'idle' });
});

it('puts what is typed over something that is being sent on top of it', async () => {
  const { made, sent, answer } = box();
  made.add([typed('a', '9', '')]);
  made.add([typed('a', '94', '')]);
  made.add([typed('a', '941', '')]);
  await answer({ is: 'sent' });
  expect(sent.map(({ batch }) => batch)).toEqual([[typed('a', '9', '')], [typed('a', '941', '9')]]);
});

it('keeps everything while the server is away, on the base it was typed on', async () => {
  const { made, sent, answer, wait, remembered } = box();
  made.add([typed('a', '1', 'x')]);
  made.add([typed('b', '2')]);
  await answer({ is: 'away', problem: 'away' });
  made.add([typed('a', '11', '1')]);
  expect(made.state()).toMatchObject({ phase: 'sending' });
  await answer({ is: 'away', problem: 'away' });
  expect(made.state()).toMatchObject({ phase: 'away', problem: 'away' });
  expect(new Map(made.state().waiting.map((each) => [each.cell, each]))).toEqual(
    new Map([
      ['a', typed('a', '11', 'x')],
      ['b', typed('b', '2')],
    ]),
  );
  expect(remembered.at(-1)).toHaveLength(2);
  await wait(3000);
  expect(sent).toHaveLength(3);
  await answer({ is: 'sent' });
  expect(made.isEmpty).toBe(true);
  expect(remembered.at(-1)).toEqual([]);
});

it('sends nothing where the text is what it was', () => {
  const { made, sent } = box();
  made.add([typed('a', 'x', 'x')]);
  expect(sent).toEqual([]);
});

it('holds back what stands in the way and sends the others', async () => {
  const { made, sent, answer } = box();
  const [a, b] = [typed('a', '1'), typed('b', '2')];
  made.add([a, b]);
  await answer({ is: 'held', items: [{ item: a, why: 'changed elsewhere', theirs: '7' }] });
  expect(sent.at(-1)!.batch).toEqual([b]);
  await answer({ is: 'sent' });
  const [held] = made.state().held;
  expect(held).toMatchObject({ item: a, theirs: '7' });
  made.release(held!, { ...a, was: '7' });
  expect(sent.at(-1)!.batch).toEqual([typed('a', '1', '7')]);
  expect(made.state().held).toEqual([]);
});

it('stops where nothing is taken and nothing is named, without asking for ever', async () => {
  const { made, sent, answer, wait } = box();
  made.add([typed('a', '1')]);
  await answer({ is: 'held', items: [] });
  await wait(60_000);
  expect(sent).toHaveLength(1);
  expect(made.state().waiting).toHaveLength(1);
});

it('sends apart what was done apart', async () => {
  const { made, sent, answer } = box();
  made.add([
    { ...typed('a', '1'), source: 'typed' },
    { ...typed('b', '2'), source: 'pasted' },
  ]);
  await answer({ is: 'sent' });
  expect(sent.map(({ batch }) => batch.map(({ source }) => source))).toEqual([['typed'], ['pasted']]);
});

it('goes on with what was not sent before a reload', () => {
  expect(box([typed('a', '1')]).sent[0]!.batch).toEqual([typed('a', '1')]);
});
