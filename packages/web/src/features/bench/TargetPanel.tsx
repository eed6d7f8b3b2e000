/** Target: what may move, what must be reached; the found case becomes a variation. */
import { Button, Progress } from '@mantine/core';
import {
  numberStyleById,
  readSlotText,
  type NumberStyle,
  type SolvedCase,
  type StatementDraft,
  type TargetAsk,
  type TargetInput,
  type TargetOutput,
  type Variation,
} from '@hardy-sextant/core';
import { useState } from 'react';
import { Choice } from '../../statement/Choice.tsx';
import { Slot } from '../../statement/Slot.tsx';
import {
  extraPayment,
  foundVariation,
  movables,
  reachable,
  reachables,
  sayFound,
  type Movable,
  type Reachable,
} from './targetWords.ts';
import { useTargetSearch } from './useTargetSearch.ts';
import styles from './TargetPanel.module.css';

interface TargetPanelProps {
  readonly draft: StatementDraft;
  readonly solved: SolvedCase;
  readonly onFound: (variation: Variation) => void;
}

/** What is asked, as it is typed. */
interface TypedAsk {
  readonly movable: string;
  readonly output: TargetOutput['output'];
  readonly after: string;
  readonly target: string;
  readonly from: string;
  readonly to: string;
}

const newAsk: TypedAsk = {
  movable: 'extra',
  output: 'count',
  after: '12',
  target: '',
  from: '',
  to: '',
};

export function TargetPanel({ draft, solved, onFound }: TargetPanelProps) {
  const style = numberStyleById(draft.numberStyle);
  const [ask, setAsk] = useState(newAsk);
  const [answer, setAnswer] = useState<{ says: string; wrong: boolean }>();
  const { share, search, stop } = useTargetSearch();
  const all = movables(draft, solved);
  const moved = all.find(({ id }) => id === ask.movable) ?? extraPayment;
  const reached = reachable(ask.output);
  const write = (part: Partial<TypedAsk>) => setAsk((before) => ({ ...before, ...part }));

  const number = (text: string): number => {
    const entry = readSlotText(text, { amount: solved.numbers.amount, payment: solved.table.firstPayment }, style);
    return entry.ok ? entry.value.value : NaN;
  };
  const find = async () => {
    const target = number(ask.target);
    if (!Number.isFinite(target)) return setAnswer({ says: 'Write the number that must be reached.', wrong: true });
    const { output } = ask;
    const scale = moved.kind === 'percent' ? 100 : 1;
    setAnswer(undefined);
    const found = await search({
      plan: planFor(solved, moved.vary),
      vary: moved.vary,
      reach: isAfter(output) ? { output, after: number(ask.after) } : { output },
      target,
      ...(ask.from === '' ? {} : { from: number(ask.from) / scale }),
      ...(ask.to === '' ? {} : { to: number(ask.to) / scale }),
    });
    if (!found) return;
    if (!found.ok) return setAnswer({ says: found.problem.message, wrong: true });
    setAnswer({ says: sayFound(found, moved, reached, draft, style), wrong: false });
    const variation = foundVariation(draft, solved, moved, found.value, style);
    if (variation) onFound(variation);
  };
  return (
    <form
      className={`sheet ${styles.panel}`}
      onSubmit={(event) => {
        event.preventDefault();
        void find();
      }}
    >
      <AskSentences all={all} moved={moved} reached={reached} ask={ask} style={style} onWrite={write} />
      <Run
        share={share}
        answer={answer}
        onStop={() => {
          stop();
          setAnswer({ says: 'Stopped; nothing was changed.', wrong: false });
        }}
      />
      <p className="soft">
        What is found is put beside the statement as a variation. The search runs over the real table, rounding
        included.
      </p>
    </form>
  );
}

interface AskSentencesProps {
  readonly all: readonly Movable[];
  readonly moved: Movable;
  readonly reached: Reachable;
  readonly ask: TypedAsk;
  readonly style: NumberStyle;
  readonly onWrite: (part: Partial<TypedAsk>) => void;
}

function AskSentences({ all, moved, reached, ask, style, onWrite }: AskSentencesProps) {
  const slot = (name: 'after' | 'target' | 'from' | 'to') => ({
    slot: `target-${name}`,
    text: ask[name],
    style,
    onText: (text: string) => onWrite({ [name]: text }),
  });
  return (
    <>
      <p className={styles.sentence}>
        Which{' '}
        <Choice
          label="what may move"
          value={moved.id}
          options={all.map(({ id, words }) => [id, words])}
          onChange={(movable) => onWrite({ movable })}
        />{' '}
        brings{' '}
        <Choice
          label="what must be reached"
          value={ask.output}
          options={reachables.map(({ id, words }) => [id, words])}
          onChange={(output) => onWrite({ output })}
        />
        {isAfter(ask.output) && <Slot {...slot('after')} kind="count" name="after payment" />} to{' '}
        <Slot {...slot('target')} kind={reached.kind} name="the target" />?
      </p>
      <p className={`soft ${styles.range}`}>
        Look between <Slot {...slot('from')} kind={moved.kind} name="look from" placeholder="anything" /> and{' '}
        <Slot {...slot('to')} kind={moved.kind} name="look to" placeholder="anything" />.
      </p>
    </>
  );
}

interface RunProps {
  readonly share: number | undefined;
  readonly answer: { readonly says: string; readonly wrong: boolean } | undefined;
  readonly onStop: () => void;
}

function Run({ share, answer, onStop }: RunProps) {
  return (
    <div className={styles.run}>
      {share === undefined ? (
        <Button type="submit">Find it</Button>
      ) : (
        <>
          <Button onClick={onStop}>Stop</Button>
          <Progress value={share * 100} aria-label="how much of the range is searched" flex={1} maw={260} />
        </>
      )}
      {answer && (
        <p role="status" className={answer.wrong ? 'wrong' : undefined}>
          {answer.says}
        </p>
      )}
    </div>
  );
}

const isAfter = (output: TargetOutput['output']): output is 'balance-after' | 'left-to-pay' =>
  output === 'balance-after' || output === 'left-to-pay';

/** The plan to search over: the payment is worked out anew unless it is given or is itself what moves. */
function planFor({ plan, table }: SolvedCase, vary: TargetInput): TargetAsk['plan'] {
  return vary.input === 'payment' ? { ...plan, payment: table.firstPayment } : plan;
}
