/** Keeps a case while it is typed: one write at a time, the newest state last, and nothing lost when the server refuses. */

import { keptCase, type KeptCase } from '@hardy-sextant/contract';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Refusal } from '../../ui/api.ts';
import { useWriteCase } from '../../ui/records.ts';
import { isWorthKeeping, type BenchDocument } from './benchDocument.ts';

export type KeptState = 'unsaved' | 'keeping' | 'kept' | 'not-kept';

interface Autosave {
  readonly state: KeptState;
  /** Why it could not be kept. */
  readonly error: string | undefined;
  /** What somebody else stored meanwhile; writing waits until `settle` says which goes on. */
  readonly conflict: KeptCase | undefined;
  readonly settle: (choice: 'mine' | 'theirs' | 'both') => void;
  /** Writes what is not stored yet, at once. */
  readonly flush: () => Promise<void>;
}

const QUIET_MS = 600;
const AGAIN_MS = 5000;

export function useAutosave(present: BenchDocument, caseId: string, kept: KeptCase | undefined, onCreated: (kept: KeptCase) => void, onTheirs: (kept: KeptCase) => void): Autosave {
  const { mutateAsync } = useWriteCase();
  const [state, setState] = useState<KeptState>(kept ? 'kept' : 'unsaved');
  const [error, setError] = useState<string>();
  const [conflict, setConflict] = useState<KeptCase>();
  // Revision 0: nothing is kept under this id yet.
  const stored = useRef({ id: caseId, revision: kept?.revision ?? 0, written: present });
  const newest = useRef(present);
  const busy = useRef<Promise<void>>(undefined);
  const halted = useRef(false);
  const callbacks = useRef({ onCreated, onTheirs });

  useEffect(() => {
    newest.current = present;
    callbacks.current = { onCreated, onTheirs };
  });

  const write = useCallback(async (): Promise<void> => {
    if (busy.current) {
      await busy.current;
      return write();
    }
    const document = newest.current;
    const { id, revision, written } = stored.current;
    if (halted.current || document === written || (revision === 0 && !isWorthKeeping(document))) return;
    setState('keeping');
    const body = { title: document.title.trim() || 'Unnamed case', document: document.document };
    busy.current = mutateAsync(revision === 0 ? { id, ...body } : { id, revision, ...body })
      .then(
        (answer) => {
          stored.current = { id: answer.id, revision: answer.revision, written: document };
          setError(undefined);
          setState('kept');
          if (revision === 0) callbacks.current.onCreated(answer);
        },
        (refusal: unknown) => {
          setState('not-kept');
          if (refusal instanceof Refusal && refusal.isStale) {
            halted.current = true;
            setConflict(keptCase.parse(refusal.document.current));
          } else setError(refusal instanceof Error ? refusal.message : 'The case could not be kept.');
        },
      )
      .finally(() => {
        busy.current = undefined;
      });
    await busy.current;
  }, [mutateAsync]);

  useEffect(() => {
    if (present === stored.current.written) return;
    const timer = setTimeout(() => void write(), QUIET_MS);
    return () => clearTimeout(timer);
  }, [present, write]);

  // What could not be written for want of a server is tried again by itself.
  useEffect(() => {
    if (state !== 'not-kept' || conflict) return;
    const timer = setTimeout(() => void write(), AGAIN_MS);
    return () => clearTimeout(timer);
  }, [state, conflict, error, write]);

  useEffect(() => {
    const leave = () => void write();
    const stay = (event: BeforeUnloadEvent) => {
      if (newest.current !== stored.current.written && isWorthKeeping(newest.current)) {
        void write();
        event.preventDefault();
      }
    };
    window.addEventListener('beforeunload', stay);
    return () => {
      window.removeEventListener('beforeunload', stay);
      leave();
    };
  }, [write]);

  const settle = (choice: 'mine' | 'theirs' | 'both') => {
    if (!conflict) return;
    halted.current = false;
    setConflict(undefined);
    if (choice === 'theirs') {
      stored.current = { id: conflict.id, revision: conflict.revision, written: newest.current };
      setState('kept');
      callbacks.current.onTheirs(conflict);
      return;
    }
    // Mine goes over theirs, or beside it as a case of its own.
    stored.current =
      choice === 'mine'
        ? { id: conflict.id, revision: conflict.revision, written: { ...newest.current } }
        : { id: crypto.randomUUID(), revision: 0, written: { ...newest.current } };
    void write();
  };
  return { state, error, conflict, settle, flush: write };
}
