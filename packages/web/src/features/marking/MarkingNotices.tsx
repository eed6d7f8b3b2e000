/** What stands above the grid: how far the checking is, what has not arrived yet, what was not taken and waits for a word. */
import { Button } from '@mantine/core';
import type { Marking } from '@hardy-sextant/contract';
import type { HeldBack } from '../../api/kept/outbox.ts';
import type { Checking } from './markingRecords.ts';
import { inWords, type Decisions, type PendingDecision } from './useDecisions.ts';
import type { Answers, PendingAnswer } from './useAnswers.ts';
import styles from './Marking.module.css';

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
        <p className="wrong">The checking stopped: {checking.error.message}</p>
      ) : (
        <p>
          {checking.stopped ? 'Stopped: ' : 'Checking: '}
          {checking.done} of {checking.of} students
        </p>
      )}
      <progress aria-label="checked" value={checking.done} max={checking.of} />
      <Button size="compact-sm" onClick={checking.stopped ? again : stop}>
        {checking.stopped ? 'Go on' : 'Stop'}
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
        {count} {count === 1 ? 'answer or decision is' : 'answers and decisions are'} not sent yet: the server cannot be
        reached. What you typed stands here and goes by itself when it is back.
      </p>
      <Button size="compact-sm" onClick={() => void answers.flush().then(decisions.flush)}>
        Try now
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
        {count} {count === 1 ? 'row' : 'rows'} of what was imported {count === 1 ? 'is' : 'are'} unmatched.
      </p>
      <Button size="compact-sm" onClick={onLook}>
        Look at them
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
        What was pasted was larger than the list: {lines.length} {lines.length === 1 ? 'line' : 'lines'} had no place.
        The others are in. Nothing is lost; here is what was left over:
      </p>
      <pre>{lines.join('\n')}</pre>
      <Button size="compact-sm" onClick={onPutAway}>
        Put it away
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
    marking.students.find(({ id }) => id === studentId)?.name ?? 'A student who is gone';
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
        {who}: you typed “{item.text}”. {why} {theirs !== undefined && `“${theirs}” stands there now.`}
      </p>
      {theirs !== undefined && (
        <Button size="compact-sm" onClick={() => release(held, { ...item, was: theirs })}>
          Write mine
        </Button>
      )}
      <Button size="compact-sm" onClick={() => release(held)}>
        {theirs === undefined ? 'Leave it out' : 'Leave theirs'}
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
        {who}: you decided {inWords(item.is)}. {why} {theirs !== undefined && `There it is ${theirs}.`}
      </p>
      {theirs !== undefined && (
        <Button
          size="compact-sm"
          onClick={() => release(held, { ...item, was: { comment: stands?.comment ?? '', credit: stands?.credit } })}
        >
          Decide as I did
        </Button>
      )}
      <Button size="compact-sm" onClick={() => release(held)}>
        {theirs === undefined ? 'Leave it out' : 'Leave theirs'}
      </Button>
    </div>
  );
}
