/** What a student types: kept on the device with each key, sent when it is quiet, laid over what the server has. */

import {
  answersTaken,
  studentAnswer,
  type AnswersTaken,
  type StudentAnswer,
  type StudentPage,
} from '@hardy-sextant/contract';
import { useCallback, useMemo, useRef, useState } from 'react';
import { asError, call, Refusal } from '../api/call.ts';
import type { HeldBack, OutboxState, SendOutcome } from '../api/kept/outbox.ts';
import { useOutbox } from '../api/kept/useOutbox.ts';
import { noteClock, serverNow, useChangePage } from './studentRecords.ts';

const QUIET_MS = 600;

export interface StudentAnswers {
  readonly textOf: (itemId: string, entryId: string) => string;
  readonly write: (itemId: string, entryId: string, text: string) => void;
  /** Whether an answer has not arrived yet. */
  readonly isWaiting: (itemId: string, entryId: string) => boolean;
  readonly heldAt: (itemId: string, entryId: string) => HeldBack<StudentAnswer> | undefined;
  /** Settles a question of two texts. */
  readonly settle: (held: HeldBack<StudentAnswer>, whose: 'mine' | 'theirs') => void;
  readonly isTooLate: (itemId: string, entryId: string) => boolean;
  readonly phase: 'sent' | 'waiting' | 'sending' | 'away' | 'held';
  /** Why nothing is sent just now. */
  readonly problem: string | undefined;
  readonly waiting: number;
  /** When an answer that was typed here arrived. */
  readonly arrivedAt: (itemId: string, entryId: string) => string | undefined;
  readonly hasSent: boolean;
  readonly flush: () => Promise<void>;
}

const keyOf = ({ itemId, entryId }: { readonly itemId: string; readonly entryId: string }): string =>
  `${itemId}/${entryId}`;

function withTexts(
  page: StudentPage,
  answers: readonly StudentAnswer[],
  texts: (each: StudentAnswer) => string,
): StudentPage {
  const entries = { ...page.entries };
  for (const each of answers) entries[each.itemId] = { ...entries[each.itemId], [each.entryId]: texts(each) };
  return { ...page, entries };
}

interface Told {
  readonly setId: string;
  /** In which part the student types. */
  readonly place: () => string;
  readonly taken: (taken: AnswersTaken, stored: readonly StudentAnswer[]) => void;
}

/** Sends what waits; what was not taken is held back with the reason, and the rest goes on. */
async function sendAnswers(
  batch: readonly StudentAnswer[],
  { setId, place, taken: tell }: Told,
): Promise<SendOutcome<StudentAnswer>> {
  try {
    const body = { answers: batch, place: place() };
    const taken = await call(`/my/sets/${setId}/answers`, answersTaken, { method: 'PUT', body });
    const other = new Map(taken.conflicts.map((each) => [keyOf(each), each.theirs]));
    const gone = new Set(taken.gone.map(keyOf));
    noteClock(taken.state.now);
    tell(
      taken,
      batch.filter((each) => !other.has(keyOf(each)) && !gone.has(keyOf(each))),
    );
    const held = batch.flatMap((item): HeldBack<StudentAnswer>[] => {
      const theirs = other.get(keyOf(item));
      if (theirs !== undefined) return [{ item, why: 'elsewhere', theirs }];
      return gone.has(keyOf(item)) ? [{ item, why: 'gone' }] : [];
    });
    return held.length === 0 ? { is: 'sent' } : { is: 'held', items: held };
  } catch (error) {
    const why = asError(error).message;
    // Who has to come in again, or waits a while, loses nothing: it is tried again.
    if (error instanceof Refusal && ![401, 429].includes(error.document.status) && error.document.status < 500)
      return { is: 'held', items: batch.map((item) => ({ item, why })) };
    return { is: 'away', problem: why };
  }
}

function phaseOf({ held, phase, waiting }: OutboxState<StudentAnswer>): StudentAnswers['phase'] {
  if (held.length > 0) return 'held';
  if (phase !== 'idle') return phase;
  return waiting.length > 0 ? 'waiting' : 'sent';
}

/** The queue of what is typed, and what is known of what has arrived. */
function useSending({ setId, number, title }: StudentPage) {
  const change = useChangePage(setId);
  const [tooLate, setTooLate] = useState<ReadonlySet<string>>(new Set());
  const [arrived, setArrived] = useState<ReadonlyMap<string, string>>(new Map());
  const place = useRef('');
  const [state, box] = useOutbox<StudentAnswer>({
    key: `student ${setId} ${number}`,
    name: title,
    path: `/my/${setId}`,
    schema: studentAnswer,
    ports: {
      send: (batch) =>
        sendAnswers(batch, {
          setId,
          place: () => place.current,
          taken: (taken, stored) => {
            setArrived(
              (before) => new Map([...before, ...stored.map((each) => [keyOf(each), taken.state.now] as const)]),
            );
            setTooLate((before) => new Set([...before, ...taken.tooLate.map(keyOf)]));
            change((now) => ({ ...withTexts(now, stored, ({ text }) => text), state: taken.state }));
          },
        }),
      keyOf,
      join: (earlier, later) => ({ ...later, was: earlier.was }),
      onTop: (sent, later) => ({ ...later, was: sent.text }),
      isNothing: ({ text, was }) => text === was,
      quietMs: QUIET_MS,
    },
  });
  const typeIn = (where: string): void => {
    place.current = where;
  };
  return { state, box, change, tooLate, arrived, typeIn };
}

export function useStudentAnswers(page: StudentPage): StudentAnswers {
  const { state, box, change, tooLate, arrived, typeIn } = useSending(page);
  const unsent = useMemo(() => new Map(state.waiting.map((each) => [keyOf(each), each.text])), [state.waiting]);
  const held = useMemo(() => new Map(state.held.map((each) => [keyOf(each.item), each])), [state.held]);
  const stored = useCallback(
    (itemId: string, entryId: string): string => page.entries[itemId]?.[entryId] ?? '',
    [page.entries],
  );
  const textOf = (itemId: string, entryId: string): string => {
    const key = keyOf({ itemId, entryId });
    return unsent.get(key) ?? held.get(key)?.item.text ?? stored(itemId, entryId);
  };
  return {
    textOf,
    write: (itemId, entryId, text) => {
      typeIn(`${itemId}/${entryId.split('.')[0] ?? ''}`);
      const before = held.get(keyOf({ itemId, entryId }));
      if (before) box.release(before);
      // What is typed over a text from elsewhere that was shown has been seen with it.
      const was = before?.theirs ?? stored(itemId, entryId);
      box.add([{ itemId, entryId, text, was, typedAt: serverNow() }]);
    },
    isWaiting: (itemId, entryId) => unsent.has(keyOf({ itemId, entryId })),
    heldAt: (itemId, entryId) => held.get(keyOf({ itemId, entryId })),
    settle: (each, whose) => {
      change((now) => withTexts(now, [each.item], () => each.theirs ?? ''));
      if (whose === 'theirs') box.release(each);
      else box.release(each, { ...each.item, was: each.theirs ?? each.item.was });
    },
    isTooLate: (itemId, entryId) => tooLate.has(keyOf({ itemId, entryId })),
    phase: phaseOf(state),
    problem: state.problem,
    waiting: state.waiting.length,
    arrivedAt: (itemId, entryId) => arrived.get(keyOf({ itemId, entryId })),
    hasSent: arrived.size > 0,
    flush: box.flush,
  };
}
