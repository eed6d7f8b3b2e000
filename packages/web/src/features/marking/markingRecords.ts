/** Marking as the server keeps it: answers, verdicts, decisions, files. */

import {
  changedStudents,
  checkProgress,
  columnMatchings,
  importedReport,
  marking as markingSchema,
  slipText,
  slipTexts,
  type ChangedAnswers,
  type ChangedDecisions,
  type ColumnMatching,
  type ImportedAnswers,
  type Marking,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { call, callFor } from '../../ui/api.ts';

const key = (setId: string) => ['sets', setId, 'marking'];

export function useMarking(setId: string) {
  return useQuery({ queryKey: key(setId), queryFn: ({ signal }) => call(`/sets/${setId}/marking`, markingSchema, { signal }) });
}

export interface Checking {
  readonly done: number;
  readonly of: number;
  readonly stopped: boolean;
  readonly error?: Error;
}

/** Has hand-ins judged that have no verdicts yet, step by step: it shows how far it is and can be stopped. */
export function useChecking(setId: string, unchecked: number): { readonly checking: Checking | undefined; readonly stop: () => void; readonly again: () => void } {
  const queries = useQueryClient();
  const [checking, setChecking] = useState<Checking>();
  const stopped = useRef(false);
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (unchecked === 0 || stopped.current) return;
    const controller = new AbortController();
    const run = async () => {
      let done = 0;
      for (let left = unchecked; left > 0;) {
        setChecking({ done, of: done + left, stopped: false });
        const step = await call(`/sets/${setId}/check`, checkProgress, { method: 'POST', signal: controller.signal });
        done += step.checked;
        left = step.left;
        if (stopped.current) break;
      }
      setChecking(stopped.current ? { done, of: unchecked, stopped: true } : undefined);
      await queries.invalidateQueries({ queryKey: key(setId) });
    };
    run().catch((error: unknown) => {
      if (!controller.signal.aborted) setChecking({ done: 0, of: unchecked, stopped: true, error: error as Error });
    });
    return () => controller.abort();
  }, [setId, unchecked, queries, turn]);
  return {
    checking,
    stop: () => {
      stopped.current = true;
    },
    again: () => {
      stopped.current = false;
      setTurn((now) => now + 1);
    },
  };
}

export function useWriteAnswers(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ChangedAnswers) => call(`/sets/${setId}/answers`, changedStudents, { method: 'PUT', body }),
    onSuccess: (changed) => {
      const byId = new Map(changed.map((student) => [student.id, student]));
      queries.setQueryData<Marking>(key(setId), (now) => now && { ...now, students: now.students.map((student) => byId.get(student.id) ?? student) });
      return queries.invalidateQueries({ queryKey: ['sets'], exact: true });
    },
    onError: () => queries.invalidateQueries({ queryKey: key(setId) }),
  });
}

export function useWriteDecisions(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Partial<ChangedDecisions>) => call(`/sets/${setId}/decisions`, markingSchema, { method: 'PUT', body }),
    onSuccess: (now) => {
      queries.setQueryData(key(setId), now);
      return queries.invalidateQueries({ queryKey: ['sets'], exact: true });
    },
  });
}

export function useImportAnswers(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ImportedAnswers) => call(`/sets/${setId}/import`, importedReport, { method: 'POST', body }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sets'] }),
  });
}

export function useAssignRow(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ rowId, studentId }: { rowId: string; studentId: string }) => call(`/sets/${setId}/kept-rows/${rowId}`, markingSchema, { method: 'POST', body: { studentId } }),
    onSuccess: (now) => {
      queries.setQueryData(key(setId), now);
      return queries.invalidateQueries({ queryKey: ['sets'], exact: true });
    },
  });
}

export function useDismissRow(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (rowId: string) => callFor(`/sets/${setId}/kept-rows/${rowId}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sets'] }),
  });
}

export function useMatchings() {
  return useQuery({ queryKey: ['column-matchings'], queryFn: ({ signal }) => call('/column-matchings', columnMatchings, { signal }) });
}

export function useRememberMatching() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ColumnMatching) => callFor('/column-matchings', { method: 'POST', body }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['column-matchings'] }),
  });
}

export function useSlipTexts() {
  return useQuery({ queryKey: ['slip-texts'], queryFn: ({ signal }) => call('/slip-texts', slipTexts, { signal }) });
}

export function useWriteSlipText() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ slipId, ...body }: { slipId: string; text: string; revision: number }) => call(`/slip-texts/${slipId}`, slipText, { method: 'PUT', body }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['slip-texts'] }),
  });
}
