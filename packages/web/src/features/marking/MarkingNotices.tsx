/** What stands above the grid: how far the checking is, what has not arrived yet, what was not taken and waits for a word. */
import { Button } from '@mantine/core';
import type { Marking } from '@hardy-sextant/contract';
import type { HeldBack } from '../../api/kept/outbox.ts';
import type { Checking } from './markingRecords.ts';
import { inWords, type Decisions, type PendingDecision } from './useDecisions.ts';
import type { Answers, PendingAnswer } from './useAnswers.ts';
import styles from './Marking.module.css';
import { many, say } from '../../words/say.ts';

interface CheckingNoticeProps {
  readonly checking: Checking | undefined;
  readonly stop: () => void;
  readonly again: () => void;
}

export function CheckingNotice({ checking, stop, again }: CheckingNoticeProps) {
  if (!checking) return null;
  return (
    <div className={`sheet line block ${styles.notice}`} role="status">
      {checking.error ? (
        <p className="wrong">{say('The checking stopped: {{message}}', { message: checking.error.message })}</p>
      ) : (
        <p>
          {checking.stopped ? say('Stopped: ') : say('Checking: ')}
          {say('{{done}} of {{of}} students', { done: checking.done, of: checking.of })}
        </p>
      )}
      <progress aria-label={say('checked')} value={checking.done} max={checking.of} />
      <Button size="compact-sm" onClick={checking.stopped ? again : stop}>
        {checking.stopped ? say('Go on') : say('Stop')}
      </Button>
    </div>
  );
}

/** What has been typed or decided and has not arrived: it stands in the grid, and goes when the server is back. */
export function WaitingNotice({ answers, decisions }: { readonly answers: Answers; readonly decisions: Decisions }) {
  const away = [answers.state, decisions.state].filter(({ phase }) => phase === 'away');
  if (away.length === 0) return null;
  const count = away.reduce((sum, { waiting }) => sum + waiting.length, 0);
  return (
    <div className={`sheet line block ${styles.notice}`} role="status">
      <p>
        {many(
          count,
          '{{count}} answer or decision is not sent yet: the server cannot be reached. What you typed stands here and goes by itself when it is back.',
          '{{count}} answers and decisions are not sent yet: the server cannot be reached. What you typed stands here and goes by itself when it is back.',
        )}
      </p>
      <Button size="compact-sm" onClick={() => void answers.flush().then(decisions.flush)}>
        {say('Try now')}
      </Button>
    </div>
  );
}

/** What failed otherwise, each said once. */
export function Failures({ errors }: { readonly errors: readonly (Error | null | undefined)[] }) {
  return errors.map(
    (error) =>
      error && (
        <p key={error.message} role="alert" className="wrong">
          {error.message}
        </p>
      ),
  );
}

/** Rows of an import that match no student yet. */
export function UnmatchedNotice({ count, onLook }: { readonly count: number; readonly onLook: () => void }) {
  if (count === 0) return null;
  return (
    <div className={`sheet line block ${styles.notice}`}>
      <p>
        {many(
          count,
          '{{count}} row of what was imported is unmatched.',
          '{{count}} rows of what was imported are unmatched.',
        )}
      </p>
      <Button size="compact-sm" onClick={onLook}>
        {say('Look at them')}
      </Button>
    </div>
  );
}

interface LeftOverNoticeProps {
  readonly lines: readonly string[] | undefined;
  readonly onPutAway: () => void;
}

/** Lines that were pasted past the end of the list. */
export function LeftOverNotice({ lines, onPutAway }: LeftOverNoticeProps) {
  if (!lines) return null;
  return (
    <div role="alert" className={`sheet line block notice ${styles.leftOver}`}>
      <p>
        {many(
          lines.length,
          'What was pasted was larger than the list: {{count}} line had no place. The others are in. Nothing is lost; here is what was left over:',
          'What was pasted was larger than the list: {{count}} lines had no place. The others are in. Nothing is lost; here is what was left over:',
        )}
      </p>
      <pre>{lines.join('\n')}</pre>
      <Button size="compact-sm" onClick={onPutAway}>
        {say('Put it away')}
      </Button>
    </div>
  );
}

interface HeldNoticesProps {
  readonly marking: Marking;
  readonly answers: Answers;
  readonly decisions: Decisions;
}

/** Answers and decisions that were not taken: each with what it is and the ways on. */
export function HeldNotices({ marking, answers, decisions }: HeldNoticesProps) {
  const nameOf = (studentId: string): string =>
    marking.students.find(({ id }) => id === studentId)?.name ?? say('A student who is gone');
  const placeOf = (itemId: string, part: string): string => {
    const at = marking.set.assignedExercises.findIndex((assigned) => assigned.itemId === itemId);
    return at < 0 ? part : `${at + 1}${part}`;
  };
  return (
    <>
      {answers.state.held.map((held) => (
        <AnswerHeld
          key={`${held.item.studentId} ${held.item.itemId} ${held.item.entryId}`}
          held={held}
          who={`${nameOf(held.item.studentId)}, ${placeOf(held.item.itemId, held.item.entryId)}`}
          release={answers.release}
        />
      ))}
      {decisions.state.held.map((held) => (
        <DecisionHeld
          key={`${held.item.studentId} ${held.item.itemId} ${held.item.partId}`}
          held={held}
          who={`${nameOf(held.item.studentId)}, ${placeOf(held.item.itemId, held.item.partId)}`}
          marking={marking}
          release={decisions.release}
        />
      ))}
    </>
  );
}

function AnswerHeld({
  held,
  who,
  release,
}: {
  readonly held: HeldBack<PendingAnswer>;
  readonly who: string;
  readonly release: Answers['release'];
}) {
  const { item, why, theirs } = held;
  return (
    <div role="alert" className={`sheet line block ${styles.notice}`}>
      <p>
        {say('{{who}}: you typed “{{text}}”. {{why}}', { who, text: item.text, why })}{' '}
        {theirs !== undefined && say('“{{theirs}}” stands there now.', { theirs })}
      </p>
      {theirs !== undefined && (
        <Button size="compact-sm" onClick={() => release(held, { ...item, was: theirs })}>
          {say('Write mine')}
        </Button>
      )}
      <Button size="compact-sm" onClick={() => release(held)}>
        {theirs === undefined ? say('Leave it out') : say('Leave theirs')}
      </Button>
    </div>
  );
}

interface DecisionHeldProps {
  readonly held: HeldBack<PendingDecision>;
  readonly who: string;
  readonly marking: Marking;
  readonly release: Decisions['release'];
}

function DecisionHeld({ held, who, marking, release }: DecisionHeldProps) {
  const { item, why, theirs } = held;
  const student = marking.students.find(({ id }) => id === item.studentId);
  const stands = student?.decisions.find(({ itemId, partId }) => itemId === item.itemId && partId === item.partId);
  return (
    <div role="alert" className={`sheet line block ${styles.notice}`}>
      <p>
        {say('{{who}}: you decided {{inWords}}. {{why}}', { who, inWords: inWords(item.is), why })}{' '}
        {theirs !== undefined && say('There it is {{theirs}}.', { theirs })}
      </p>
      {theirs !== undefined && (
        <Button
          size="compact-sm"
          onClick={() => release(held, { ...item, was: { comment: stands?.comment ?? '', credit: stands?.credit } })}
        >
          {say('Decide as I did')}
        </Button>
      )}
      <Button size="compact-sm" onClick={() => release(held)}>
        {theirs === undefined ? say('Leave it out') : say('Leave theirs')}
      </Button>
    </div>
  );
}
