/** Target: what may move, what must be reached; the found case becomes a variation. */
import { Button, Progress } from '@mantine/core';
import {
  numberStyleById,
  priceFor,
  readSlotText,
  writeBrief,
  writeMoney,
  writeNumber,
  writePercent,
  type ChangeDraft,
  type SolvedCase,
  type StatementDraft,
  type TargetAsk,
  type TargetInput,
  type TargetOutput,
  type Variation,
  slotName,
} from '@hardy-sextant/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { newId } from '../../ui/statement/Changes.tsx';
import { Choice } from '../../ui/statement/Choice.tsx';
import { Slot, type SlotKind } from '../../ui/statement/Slot.tsx';
import type { TargetAnswer, TargetWorker } from './target.worker.ts';
import styles from './TargetPanel.module.css';

interface TargetPanelProps {
  readonly draft: StatementDraft;
  readonly solved: SolvedCase;
  readonly onFound: (variation: Variation) => void;
}

interface Movable {
  readonly id: string;
  readonly words: string;
  readonly vary: TargetInput;
  readonly kind: SlotKind;
}

const outputs: readonly { readonly id: TargetOutput['output']; readonly words: string; readonly kind: SlotKind }[] = [
  { id: 'payment', words: 'the payment', kind: 'money' },
  { id: 'count', words: 'the number of payments', kind: 'count' },
  { id: 'total-interest', words: 'the interest in all', kind: 'money' },
  { id: 'total-paid', words: 'what is paid in all', kind: 'money' },
  { id: 'last-payment', words: 'the last payment', kind: 'money' },
  { id: 'closing', words: 'the closing balance', kind: 'money' },
  { id: 'balance-after', words: 'the balance after payment', kind: 'money' },
  { id: 'left-to-pay', words: 'what is left to pay after payment', kind: 'money' },
];

/** What may move in a case: its slots, an extra payment with each, and every number of its changes. */
function movables(draft: StatementDraft, solved: SolvedCase): readonly Movable[] {
  const found: Movable[] = [
    { id: 'extra', words: 'an extra payment each time', vary: { input: 'extra' }, kind: 'money' },
    {
      id: 'amount',
      words: draft.buildUp ? 'the price' : `the ${slotName(draft.kind, 'amount')}`,
      vary: { input: 'amount' },
      kind: 'money',
    },
    ...(draft.buildUp
      ? [{ id: 'down', words: 'the down payment', vary: { input: 'amount' as const }, kind: 'money' as const }]
      : []),
    { id: 'rate', words: 'the rate', vary: { input: 'rate' }, kind: 'percent' },
    { id: 'payments', words: 'the number of payments', vary: { input: 'payments' }, kind: 'count' },
    { id: 'payment', words: slotName(draft.kind, 'payment'), vary: { input: 'payment' }, kind: 'money' },
    { id: 'finalAmount', words: slotName(draft.kind, 'finalAmount'), vary: { input: 'finalAmount' }, kind: 'money' },
  ];
  solved.plan.changes.forEach((change, at) => {
    if ('amount' in change)
      found.push({
        id: `amount-${at}`,
        words: `the amount in change ${at + 1}`,
        vary: { input: 'change-amount', change: at },
        kind: 'money',
      });
    if (change.kind === 'rate')
      found.push({
        id: `rate-${at}`,
        words: `the rate in change ${at + 1}`,
        vary: { input: 'change-rate', change: at },
        kind: 'percent',
      });
    found.push({
      id: `after-${at}`,
      words: `when change ${at + 1} comes`,
      vary: { input: 'change-after', change: at },
      kind: 'count',
    });
  });
  return found;
}

export function TargetPanel({ draft, solved, onFound }: TargetPanelProps) {
  const style = numberStyleById(draft.numberStyle);
  const all = movables(draft, solved);
  const [movable, setMovable] = useState('extra');
  const [output, setOutput] = useState<TargetOutput['output']>('count');
  const [after, setAfter] = useState('12');
  const [target, setTarget] = useState('');
  const [range, setRange] = useState({ from: '', to: '' });
  const [share, setShare] = useState<number>();
  const [answer, setAnswer] = useState<{ says: string; wrong: boolean }>();
  const running = useRef<Worker>(undefined);
  useEffect(() => () => running.current?.terminate(), []);
  const chosen = all.find(({ id }) => id === movable) ?? all[0]!;
  const reached = outputs.find(({ id }) => id === output)!;

  const number = (text: string, percent: boolean): number => {
    const entry = readSlotText(text, { amount: solved.numbers.amount, payment: solved.table.firstPayment }, style);
    return entry.ok ? (percent ? entry.value.value / 100 : entry.value.value) : NaN;
  };
  const stop = () => {
    running.current?.terminate();
    running.current = undefined;
    setShare(undefined);
    setAnswer({ says: 'Stopped; nothing was changed.', wrong: false });
  };

  const search = async () => {
    const goal = number(target, false);
    if (!Number.isFinite(goal)) {
      setAnswer({ says: 'Write the number that must be reached.', wrong: true });
      return;
    }
    const reach: TargetOutput =
      output === 'balance-after' || output === 'left-to-pay' ? { output, after: number(after, false) } : { output };
    const percent = chosen.kind === 'percent';
    const ask: TargetAsk = {
      plan: planFor(solved, chosen.vary),
      vary: chosen.vary,
      reach,
      target: goal,
      ...(range.from === '' ? {} : { from: number(range.from, percent) }),
      ...(range.to === '' ? {} : { to: number(range.to, percent) }),
    };
    setAnswer(undefined);
    setShare(0);
    const worker = new Worker(new URL('./target.worker.ts', import.meta.url), { type: 'module' });
    running.current = worker;
    let found: TargetAnswer;
    try {
      found = await wrap<TargetWorker>(worker).search(
        ask,
        proxy((done: number) => {
          // The last report may come in behind the answer.
          if (running.current === worker) setShare(done);
        }),
      );
    } catch {
      found = { ok: false, problem: { code: 'not-reached', message: 'The search could not be run.' } };
    }
    if (running.current !== worker) return;
    worker.terminate();
    running.current = undefined;
    setShare(undefined);
    if (!found.ok) {
      setAnswer({ says: found.problem.message, wrong: true });
      return;
    }
    const shown = written(chosen, found.value);
    const comes = reached.kind === 'count' ? writeBrief(found.reached, 0, 0, style) : writeMoney(found.reached, style);
    const extraWords = chosen.id === 'down' ? ` with ${downWritten(found.value)} paid down` : '';
    setAnswer({
      says: found.exact
        ? `${capital(chosen.words)} of ${shown}${extraWords} brings ${reached.words} to ${comes}.`
        : `${capital(reached.words)} cannot be exactly that. The nearest is ${comes}, with ${chosen.words} of ${shown}${extraWords}.`,
      wrong: false,
    });
    const variation = foundVariation(draft, solved, chosen, found.value);
    if (variation) onFound(variation);
  };

  const written = (what: Movable, value: number): string =>
    what.id === 'amount' && draft.buildUp
      ? writeMoney(priceFor(value, draft.buildUp, style) ?? value, style)
      : what.kind === 'percent'
        ? writePercent(value, style, 2, 4)
        : what.kind === 'count'
          ? writeBrief(value, 0, 0, style)
          : writeMoney(what.id === 'down' ? downFor(value) : value, style);
  const downFor = (amount: number): number => {
    const price = number(draft.buildUp?.price ?? '', false);
    const rest = [draft.buildUp?.tradeIn, draft.buildUp?.feesAdded].map((text) => (text ? number(text, false) : 0)) as [
      number,
      number,
    ];
    return price - rest[0] + rest[1] - amount;
  };
  const downWritten = (amount: number) => writeNumber(downFor(amount), 2, style);

  return (
    <form
      className={`sheet ${styles.panel}`}
      onSubmit={(event) => {
        event.preventDefault();
        void search();
      }}
    >
      <p className={styles.sentence}>
        Which{' '}
        <Choice
          label="what may move"
          value={chosen.id}
          options={all.map(({ id, words }) => [id, words])}
          onChange={setMovable}
        />{' '}
        brings{' '}
        <Choice
          label="what must be reached"
          value={output}
          options={outputs.map(({ id, words }) => [id, words])}
          onChange={(value) => setOutput(value as TargetOutput['output'])}
        />
        {(output === 'balance-after' || output === 'left-to-pay') && (
          <Slot slot="target-after" kind="count" name="after payment" text={after} style={style} onText={setAfter} />
        )}{' '}
        to <Slot slot="target" kind={reached.kind} name="the target" text={target} style={style} onText={setTarget} />?
      </p>
      <p className={`soft ${styles.range}`}>
        Look between{' '}
        <Slot
          slot="target-from"
          kind={chosen.kind}
          name="look from"
          placeholder="anything"
          text={range.from}
          style={style}
          onText={(from) => setRange({ ...range, from })}
        />{' '}
        and{' '}
        <Slot
          slot="target-to"
          kind={chosen.kind}
          name="look to"
          placeholder="anything"
          text={range.to}
          style={style}
          onText={(to) => setRange({ ...range, to })}
        />
        .
      </p>
      <div className={styles.run}>
        {share === undefined ? (
          <Button type="submit">Find it</Button>
        ) : (
          <>
            <Button onClick={stop}>Stop</Button>
            <Progress
              value={share * 100}
              aria-label="how much of the range is searched"
              style={{ flex: 1, maxWidth: 260 }}
            />
          </>
        )}
        {answer && (
          <p role="status" className={answer.wrong ? styles.wrong : undefined}>
            {answer.says}
          </p>
        )}
      </div>
      <p className="soft">
        What is found is put beside the statement as a variation. The search runs over the real table, rounding
        included.
      </p>
    </form>
  );
}

/** The plan to search over: the payment is worked out anew unless it is given or is itself what moves. */
function planFor(solved: SolvedCase, vary: TargetInput): TargetAsk['plan'] {
  const { plan, table } = solved;
  if (vary.input === 'payment') return { ...plan, payment: table.firstPayment };
  return plan;
}

function foundVariation(
  draft: StatementDraft,
  solved: SolvedCase,
  movable: Movable,
  value: number,
): Variation | undefined {
  const style = numberStyleById(draft.numberStyle);
  const money = writeMoney(value, style);
  const empty: Variation = { id: newId(), slots: {}, changes: [] };
  const { vary } = movable;
  switch (vary.input) {
    case 'extra': {
      const change: ChangeDraft = {
        id: newId(),
        kind: 'extra',
        payment: 'again',
        texts: { amount: money, from: '1', to: String(solved.plan.payments), every: '' },
      };
      return { ...empty, changes: [change] };
    }
    case 'rate':
      return { ...empty, slots: { rate: writePercent(value, style, 2, 4) } };
    case 'payments':
      return { ...empty, slots: { payments: String(value) } };
    case 'amount':
    case 'payment':
    case 'finalAmount':
      return { ...empty, slots: { [vary.input]: money } };
    default: {
      // A change with the same id takes the place of the statement's own.
      const change = draft.changes[vary.change];
      if (!change) return undefined;
      const field =
        vary.input === 'change-amount'
          ? 'amount'
          : vary.input === 'change-rate'
            ? 'rate'
            : change.kind === 'extra'
              ? 'from'
              : change.kind === 'draw'
                ? 'before'
                : change.kind === 'rate' || change.kind === 'payment'
                  ? 'after'
                  : 'through';
      const text = field === 'amount' ? money : field === 'rate' ? writeNumber(value * 100, 4, style) : String(value);
      return { ...empty, changes: [{ ...change, texts: { ...change.texts, [field]: text } }] };
    }
  }
}

function capital(text: string): string {
  return `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;
}
