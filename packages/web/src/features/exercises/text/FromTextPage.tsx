/** Exercises from pasted problems: the text with its marks, what was understood, what is doubtful; one after another. */
import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { PageHead } from '../../../ui/PageHead.tsx';
import { showUndo } from '../../../ui/showUndo.tsx';
import { TextButton } from '../../../ui/TextButton.tsx';
import { useSearchSetting } from '../../../ui/useSearchSetting.ts';
import { Assumed, Doubts } from './Doubts.tsx';
import { Lesson } from './Lesson.tsx';
import { MarkedText } from './MarkedText.tsx';
import { PasteBox } from './PasteBox.tsx';
import { ReadPlans, VariedNumbers } from './ReadPlans.tsx';
import { changedAt, nothingPasted, pastedFrom, retold, settledAt, type Pasted } from './pasted.ts';
import { isReady, useMaking } from './useMaking.ts';
import { usePasted, type ChangePasted } from './usePasted.ts';
import type { ReadText } from './texts.worker.ts';
import { useReadings, type Readings } from './useReadings.ts';
import styles from './Text.module.css';
import { many, say } from '../../../words/say.ts';
import { Said } from '../../../words/Said.tsx';

export function FromTextPage() {
  const [pasted, keep] = usePasted();
  const [search, set] = useSearchSetting();
  const at = Math.min(Math.max(1, Number(search.get('problem')) || 1), Math.max(1, pasted.problems.length)) - 1;
  const readings = useReadings(pasted, at);
  if (pasted.problems.length === 0) return <PasteBox onPaste={(text) => keep(() => pastedFrom(text))} />;
  const go = (to: number) => set('problem', String(to + 1));
  return <Walk pasted={pasted} at={at} readings={readings} onGo={go} onChange={keep} />;
}

interface WalkProps {
  readonly pasted: Pasted;
  readonly at: number;
  readonly readings: Readings;
  readonly onGo: (at: number) => void;
  readonly onChange: ChangePasted;
}

function Walk({ pasted, at, readings, onGo, onChange }: WalkProps) {
  const [lesson, setLesson] = useState(false);
  const making = useMaking(readings, onChange);
  const go = (to: number) => {
    making.hush();
    onGo(to);
  };
  const problem = pasted.problems[at]!;
  const read = readings.of(at);
  return (
    <>
      <Head
        pasted={pasted}
        at={at}
        readings={readings}
        making={making}
        onGo={go}
        onChange={onChange}
        onLesson={() => setLesson(true)}
      />
      {making.problem && (
        <p role="alert" className="wrong">
          {making.problem}
        </p>
      )}
      <div role="status">{making.said && <p>{making.said}</p>}</div>
      <Steps pasted={pasted} at={at} readings={readings} onGo={go} />
      {read && <Doubts reading={read.reading} onChoose={(sets) => onChange(settledAt(at, sets))} />}
      <div className="beside even">
        <TextSheet pasted={pasted} at={at} read={read} onChange={onChange} />
        <div aria-live="polite">
          {read ? <ReadPlans read={read} /> : <p className="soft small">{say('The text is being read …')}</p>}
          {pasted.varied && readings.varied && <VariedNumbers varied={readings.varied} />}
          {read && <Assumed reading={read.reading} onChoose={(sets) => onChange(settledAt(at, sets))} />}
        </div>
      </div>
      {lesson && read && <Lesson title={problem.title} pieces={read.pieces} onClose={() => setLesson(false)} />}
    </>
  );
}

interface TextSheetProps extends Pick<WalkProps, 'pasted' | 'at' | 'onChange'> {
  readonly read: ReadText | undefined;
}

/** The text: with its marks, or as it can be edited. */
function TextSheet({ pasted, at, read, onChange }: TextSheetProps) {
  const [editing, setEditing] = useState(false);
  const problem = pasted.problems[at]!;
  return (
    <section className="sheet" aria-label={say('the text')}>
      <div className="ends" style={{ padding: '8px 16px 0' }}>
        <span className="soft small">
          {editing ? say('The text') : say('The text · press a mark to change what it is')}
        </span>
        <TextButton onClick={() => setEditing(!editing)}>{editing ? say('Done') : say('Edit the text')}</TextButton>
      </div>
      {editing ? (
        <textarea
          className={styles.paste}
          aria-label={say('the text of this problem')}
          value={problem.text}
          onChange={(event) => onChange(retold(at, event.currentTarget.value))}
        />
      ) : read ? (
        <MarkedText
          key={problem.text}
          text={problem.text}
          pieces={read.pieces}
          settled={problem.settled}
          onSettle={(settled) => onChange(changedAt(at, { settled }))}
        />
      ) : (
        <p className={styles.text}>{problem.text}</p>
      )}
    </section>
  );
}

interface HeadProps extends WalkProps {
  readonly making: ReturnType<typeof useMaking>;
  readonly onLesson: () => void;
}

function Head(props: HeadProps) {
  const { pasted, at, onGo, onChange, onLesson } = props;
  const { problems, varied } = pasted;
  const problem = problems[at]!;
  const startOver = () => {
    onChange(() => nothingPasted);
    onGo(0);
    const said = many(problems.length, 'The problem was put away.', '{{count}} problems were put away.');
    showUndo(said, async () => onChange(() => pasted));
  };
  return (
    <PageHead
      title={problem.title || say('A problem')}
      where={
        <>
          <Said
            text="<to>Exercises</to> · from a text · {{at}} of {{problems}}"
            values={{ at: at + 1, problems: problems.length }}
            parts={{ to: <Link to="/exercises" /> }}
          />
        </>
      }
      heading={
        <h1>
          <input
            className="title-field"
            aria-label={say('title of the exercise')}
            value={problem.title}
            onChange={(event) => onChange(changedAt(at, { title: event.currentTarget.value }))}
          />
        </h1>
      }
    >
      <label className="small">
        <input
          type="checkbox"
          checked={varied}
          onChange={(event) => {
            const { checked } = event.currentTarget;
            onChange((before) => ({ ...before, varied: checked }));
          }}
        />{' '}
        {say('Vary the numbers')}
      </label>
      <Button onClick={onLesson}>{say('Show the class')}</Button>
      <Button onClick={startOver}>{say('Put away')}</Button>
      <MakeButtons {...props} />
    </PageHead>
  );
}

/** On and back, and making: this one, or all that are sure. */
function MakeButtons({ pasted, at, readings, making, onGo }: HeadProps) {
  const navigate = useNavigate();
  const { problems } = pasted;
  const problem = problems[at]!;
  const ready = problems.map((_, place) => place).filter((place) => isReady(pasted, readings, place));
  const sure = ready.filter((place) => readings.isRead(place) && readings.of(place)?.reading.doubts.length === 0);
  const makeOne = async () => {
    const [id] = await making.make([at]);
    if (id !== undefined && problems.length === 1) void navigate(`/exercises/${id}`);
  };
  return (
    <>
      {problems.length > 1 && (
        <>
          <Button disabled={at === 0} onClick={() => onGo(at - 1)}>
            {say('Previous')}
          </Button>
          <Button disabled={at === problems.length - 1} onClick={() => onGo(at + 1)}>
            {say('Next')}
          </Button>
          <Button disabled={sure.length === 0} loading={making.busy} onClick={() => void making.make(sure)}>
            {say('Make all without a doubt ({{sure}})', { sure: sure.length })}
          </Button>
        </>
      )}
      {problem.madeId ? (
        <Button component={Link} to={`/exercises/${problem.madeId}`} variant="filled">
          {say('Open the exercise')}
        </Button>
      ) : (
        <Button variant="filled" disabled={!ready.includes(at)} loading={making.busy} onClick={() => void makeOne()}>
          {say('Make the exercise')}
        </Button>
      )}
    </>
  );
}

/** All problems in a row, to walk through. */
function Steps({ pasted, at, readings, onGo }: Omit<WalkProps, 'onChange'>) {
  if (pasted.problems.length < 2) return null;
  return (
    <ol className={styles.steps} aria-label={say('problems')}>
      {pasted.problems.map((problem, place) => {
        const read = readings.of(place);
        const doubts = read?.reading.doubts.length ?? 0;
        const state = problem.madeId ? 'made' : !read ? say('being read') : doubts > 0 ? 'doubtful' : 'ready';
        return (
          <li key={place}>
            <button
              type="button"
              className={styles.step}
              aria-current={place === at}
              aria-label={say('problem {{place}}, {{state}}', { place: place + 1, state })}
              title={`${problem.title} · ${state}`}
              onClick={() => onGo(place)}
            >
              {place + 1} {problem.madeId ? '✓' : doubts > 0 ? '△' : ''}
            </button>
          </li>
        );
      })}
    </ol>
  );
}
