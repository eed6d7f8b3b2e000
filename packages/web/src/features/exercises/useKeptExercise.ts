/** Keeps an exercise while it is written: one write at a time, the newest state last, nothing lost when the server refuses. */

import { keptExercise, type KeptExercise } from '@hardy-sextant/contract';
import type { Exercise } from '@hardy-sextant/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Refusal } from '../../ui/api.ts';
import { useWriteExercise } from '../../ui/records.ts';

const QUIET_MS = 900;

export type ExerciseKept = 'kept' | 'changed' | 'keeping' | 'not-kept';

export function useKeptExercise(kept: KeptExercise) {
  const { mutateAsync } = useWriteExercise();
  const [exercise, setExercise] = useState<Exercise>(kept.document.exercise);
  const [state, setState] = useState<ExerciseKept>('kept');
  const [error, setError] = useState<string>();
  const [theirs, setTheirs] = useState<KeptExercise>();
  const stored = useRef({ revision: kept.revision, written: exercise });
  const newest = useRef(exercise);
  const busy = useRef(false);

  const write = useCallback(async (): Promise<void> => {
    if (busy.current || newest.current === stored.current.written) return;
    busy.current = true;
    const writing = newest.current;
    setState('keeping');
    try {
      const answer = await mutateAsync({ id: kept.id, revision: stored.current.revision, document: { schemaVersion: 2, exercise: writing } });
      stored.current = { revision: answer.revision, written: writing };
      setError(undefined);
      setState(newest.current === writing ? 'kept' : 'changed');
    } catch (refusal) {
      setState('not-kept');
      if (refusal instanceof Refusal && refusal.isStale) setTheirs(keptExercise.parse(refusal.document.current));
      else if (refusal instanceof Refusal && refusal.document.fields?.[0]) setError(refusal.document.fields[0].message);
      else setError(refusal instanceof Error ? refusal.message : 'The exercise could not be kept.');
    } finally {
      busy.current = false;
    }
  }, [kept.id, mutateAsync]);

  useEffect(() => {
    newest.current = exercise;
    if (exercise === stored.current.written || theirs) return;
    const timer = setTimeout(() => void write(), QUIET_MS);
    return () => clearTimeout(timer);
  }, [exercise, state, theirs, write]);

  useEffect(() => {
    const stay = (event: BeforeUnloadEvent) => {
      if (newest.current === stored.current.written) return;
      void write();
      event.preventDefault();
    };
    window.addEventListener('beforeunload', stay);
    return () => {
      window.removeEventListener('beforeunload', stay);
      void write();
    };
  }, [write]);

  const change = (next: Exercise | ((before: Exercise) => Exercise)) => {
    setState('changed');
    setExercise(next);
  };
  const settle = (choice: 'mine' | 'theirs') => {
    if (!theirs) return;
    stored.current = choice === 'mine' ? { revision: theirs.revision, written: theirs.document.exercise } : { revision: theirs.revision, written: theirs.document.exercise };
    if (choice === 'theirs') setExercise(theirs.document.exercise);
    setState(choice === 'theirs' ? 'kept' : 'changed');
    setTheirs(undefined);
  };
  return { exercise, change, state, error, theirs, settle, flush: write };
}
