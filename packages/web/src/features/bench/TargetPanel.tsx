/** Search: what may move, what must be reached, and how it closes in; the found case becomes a variation. */
import { Button, Progress } from '@mantine/core';
import {
  numberStyleById,
  readSlotText,
  type ClosingIn,
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
  closings,
  extraPayment,
  foundVariation,
  movables,
  reachable,
  reachables,
  sayFound,
  type Movable,
  type Reachable,
} from './targetWords.ts';
import { Trials, type TrialsRun } from './Trials.tsx';
import { useTargetSearch } from './useTargetSearch.ts';
import styles from './TargetPanel.module.css';
import { say } from '../../words/say.ts';

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
  readonly by: ClosingIn;
}

/** What a search has come to. */
interface Answer {
  readonly says: string;
  readonly wrong: boolean;
  readonly run?: TrialsRun;
}

const newAsk: TypedAsk = {
  by: 'trial',
  movable: 'extra',
  output: 'count',
  after: '12',
  target: '',
  from: '',
  to: '',
};

export function TargetPanel(props: TargetPanelProps) {
  const { draft, solved } = props;
  const style = numberStyleById(draft.numberStyle);
  const [ask, setAsk] = useState(newAsk);
  const all = movables(draft, solved);
  const moved = all.find(({ id }) => id === ask.movable) ?? extraPayment;
  const reached = reachable(ask.output);
  const { answer, share, find, stop } = useFinding(props, ask, moved, reached);
  return (
    <form
      className={`sheet ${styles.panel}`}
      onSubmit={(event) => {
        event.preventDefault();
        void find();
      }}
    >
      <AskSentences
        all={all}
        moved={moved}
        reached={reached}
        ask={ask}
        style={style}
        onWrite={(part) => setAsk((before) => ({ ...before, ...part }))}
      />
      <Run share={share} answer={answer} onStop={stop} />
      {answer?.run && <Trials {...answer.run} />}
      <p className="soft">
        {say(
          'What is found is put beside the statement as a variation. The search runs over the real table, rounding included.',
        )}
      </p>
    </form>
  );
}

/** Runs the search that is asked, says what it came to, and hands on what was found. */
function useFinding({ draft, solved, onFound }: TargetPanelProps, ask: TypedAsk, moved: Movable, reached: Reachable) {
  const style = numberStyleById(draft.numberStyle);
  const [answer, setAnswer] = useState<Answer>();
  const { share, search, stop } = useTargetSearch();
  const number = (text: string): number => {
    const entry = readSlotText(text, { amount: solved.numbers.amount, payment: solved.table.firstPayment }, style);
    return entry.ok ? entry.value.value : NaN;
  };
  const find = async () => {
    const target = number(ask.target);
    if (!Number.isFinite(target))
      return setAnswer({ says: say('Write the number that must be reached.'), wrong: true });
    const { output } = ask;
    const scale = moved.kind === 'percent' ? 100 : 1;
    setAnswer(undefined);
    const found = await search({
      plan: planFor(solved, moved.vary, output),
      vary: moved.vary,
      by: ask.by,
      reach: isAfter(output) ? { output, after: number(ask.after) } : { output },
      target,
      ...(ask.from === '' ? {} : { from: number(ask.from) / scale }),
      ...(ask.to === '' ? {} : { to: number(ask.to) / scale }),
    });
    if (!found) return;
    if (!found.ok) return setAnswer({ says: found.problem.message, wrong: true });
    setAnswer({
      says: sayFound(found, moved, reached, draft, style),
      wrong: false,
      run: { found, moved, reached, draft, style, target },
    });
    const closesAt = output === 'closing' ? target : undefined;
    const variation = foundVariation(draft, solved, moved, found.value, style, closesAt);
    if (variation) onFound(variation);
  };
  return {
    answer,
    share,
    find,
    stop: () => {
      stop();
      setAnswer({ says: say('Stopped; nothing was changed.'), wrong: false });
    },
  };
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
        {say('Which')}{' '}
        <Choice
          label={say('what may move')}
          value={moved.id}
          options={all.map(({ id, words }) => [id, words])}
          onChange={(movable) => onWrite({ movable })}
        />{' '}
        {say('brings')}{' '}
        <Choice
          label={say('what must be reached')}
          value={ask.output}
          options={reachables.map(({ id, words }) => [id, words])}
          onChange={(output) => onWrite({ output })}
        />
        {isAfter(ask.output) && <Slot {...slot('after')} kind="count" name={say('after payment')} />} {say('to')}{' '}
        <Slot {...slot('target')} kind={reached.kind} name={say('the target')} />?
      </p>
      <p className={`soft ${styles.range}`}>
        {say('Look between')}{' '}
        <Slot {...slot('from')} kind={moved.kind} name={say('look from')} placeholder={say('anything')} /> {say('and')}{' '}
        <Slot {...slot('to')} kind={moved.kind} name={say('look to')} placeholder={say('anything')} />·{' '}
        {say('closing in')}{' '}
        <Choice label={say('how it closes in')} value={ask.by} options={closings} onChange={(by) => onWrite({ by })} />.
      </p>
    </>
  );
}

interface RunProps {
  readonly share: number | undefined;
  readonly answer: Answer | undefined;
  readonly onStop: () => void;
}

function Run({ share, answer, onStop }: RunProps) {
  return (
    <div className={styles.run}>
      {share === undefined ? (
        <Button type="submit" style={{ flex: 'none' }}>
          {say('Find it')}
        </Button>
      ) : (
        <>
          <Button onClick={onStop}>{say('Stop')}</Button>
          <Progress value={share * 100} aria-label={say('how much of the range is searched')} flex={1} maw={260} />
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

/**
 * The plan to search over: the payment is worked out anew unless it is given or is itself what moves. To search for what is
 * left at the end it stays: worked out anew it would leave the same whatever else moves.
 */
function planFor({ plan, table }: SolvedCase, vary: TargetInput, output: TargetOutput['output']): TargetAsk['plan'] {
  return vary.input === 'payment' || output === 'closing' ? { ...plan, payment: table.firstPayment } : plan;
}
