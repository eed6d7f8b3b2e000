/** Marking as the server keeps it: answers, verdicts, decisions, files. */

import {
  assignedReport,
  changedStudents,
  checkProgress,
  columnMatchings,
  decidedReport,
  earlierAnswers,
  importedReport,
  marking as markingSchema,
  slipText,
  slipTexts,
  type ChangedAnswers,
  type ChangedDecisions,
  type ColumnMatching,
  type ImportedAnswers,
  type MarkedStudent,
  type Marking,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { asError, call, callFor } from '../../api/call.ts';
import { listKey } from '../../api/records.ts';

export const markingKey = (setId: string) => ['sets', setId, 'marking'];
const key = markingKey;

export function useMarking(setId: string) {
  return useQuery({
    queryKey: key(setId),
    queryFn: ({ signal }) => call(`/sets/${setId}/marking`, markingSchema, { signal }),
  });
}

export interface Checking {
  readonly done: number;
  readonly of: number;
  readonly stopped: boolean;
  readonly error?: Error;
}

/** Has submissions judged that have no verdicts yet, step by step: it shows how far it is and can be stopped. */
export function useChecking(
  setId: string,
  unchecked: number,
): { readonly checking: Checking | undefined; readonly stop: () => void; readonly again: () => void } {
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
      if (!controller.signal.aborted) setChecking({ done: 0, of: unchecked, stopped: true, error: asError(error) });
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

/** Takes an import or a row given to a student back, or does it again: answers and unmatched rows together. */
export function useTakeBack(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ChangedAnswers) => call(`/sets/${setId}/answers`, changedStudents, { method: 'PUT', body }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sets'] }),
  });
}

/** What stood in a student's answers before. */
export function useEarlier(setId: string, studentId: string, opened: boolean) {
  return useQuery({
    queryKey: ['sets', setId, 'earlier', studentId],
    queryFn: ({ signal }) => call(`/sets/${setId}/students/${studentId}/earlier`, earlierAnswers, { signal }),
    enabled: opened,
    staleTime: 0,
  });
}

interface News {
  readonly students: readonly MarkedStudent[];
  readonly accepted?: Marking['accepted'] | undefined;
  readonly unmatchedRows?: Marking['unmatchedRows'] | undefined;
}

/** Some students as they are now, and what else changed, in a marking that is shown. */
export function withNews(
  now: Marking,
  { students, accepted = now.accepted, unmatchedRows = now.unmatchedRows }: News,
): Marking {
  const byId = new Map(students.map((student) => [student.id, student]));
  return { ...now, accepted, unmatchedRows, students: now.students.map((student) => byId.get(student.id) ?? student) };
}

/**
 * Puts news into the marking that is shown. A read that is under way was asked before them and would show what stood there
 * then: it is asked again.
 */
export async function showNews(queries: QueryClient, setId: string, news: News): Promise<void> {
  const queryKey = key(setId);
  const isReading = queries.isFetching({ queryKey }) > 0;
  if (isReading) await queries.cancelQueries({ queryKey });
  queries.setQueryData<Marking>(queryKey, (now) => now && withNews(now, news));
  if (isReading) void queries.invalidateQueries({ queryKey });
}

export function useWriteDecisions(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Partial<ChangedDecisions>) =>
      call(`/sets/${setId}/decisions`, decidedReport, { method: 'PUT', body }),
    onSuccess: async (news) => {
      await showNews(queries, setId, news);
      return queries.invalidateQueries({ queryKey: listKey('sets') });
    },
  });
}

/** Writes answers at once, outside of what is typed. */
export function useWriteAnswers(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ChangedAnswers) => call(`/sets/${setId}/answers`, changedStudents, { method: 'PUT', body }),
    onSuccess: async (students) => {
      await showNews(queries, setId, { students });
      return queries.invalidateQueries({ queryKey: listKey('sets') });
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
    mutationFn: ({ rowId, studentId }: { rowId: string; studentId: string }) =>
      call(`/sets/${setId}/unmatched-rows/${rowId}`, assignedReport, { method: 'POST', body: { studentId } }),
    onSuccess: async ({ written: _written, ...news }) => {
      await showNews(queries, setId, news);
      return queries.invalidateQueries({ queryKey: listKey('sets') });
    },
  });
}

export function useDismissRow(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ rowId, away }: { rowId: string; away: boolean }) =>
      away
        ? callFor(`/sets/${setId}/unmatched-rows/${rowId}`, { method: 'DELETE' })
        : callFor(`/sets/${setId}/unmatched-rows/${rowId}/restore`),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sets'] }),
  });
}

export function useMatchings() {
  return useQuery({
    queryKey: ['column-matchings'],
    queryFn: ({ signal }) => call('/column-matchings', columnMatchings, { signal }),
  });
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
    mutationFn: ({ slipId, ...body }: { slipId: string; text: string; revision: number }) =>
      call(`/slip-texts/${slipId}`, slipText, { method: 'PUT', body }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['slip-texts'] }),
  });
}
