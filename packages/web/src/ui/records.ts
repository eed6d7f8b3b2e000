/** Cases, exercises and classes as the server keeps them: queries and writes that several screens share. */

import {
  keptCase,
  keptCases,
  keptClasses,
  keptExercise,
  keptExercises,
  type ChangedCase,
  type ChangedExercise,
  type KeptCase,
  type KeptExercise,
  type NewCase,
  type NewExercise,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, callFor } from './api.ts';

export function useCases() {
  return useQuery({ queryKey: ['cases'], queryFn: ({ signal }) => call('/cases', keptCases, { signal }) });
}

export function useCase(id: string | undefined) {
  return useQuery({ queryKey: ['cases', id], queryFn: ({ signal }) => call(`/cases/${id}`, keptCase, { signal }), enabled: id !== undefined });
}

/** Writes a case: a new one, or a change against the revision it was read at. */
export function useWriteCase() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewCase | ChangedCase)) =>
      id === undefined ? call('/cases', keptCase, { method: 'POST', body }) : call(`/cases/${id}`, keptCase, { method: 'PUT', body }),
    onSuccess: (kept: KeptCase) => {
      queries.setQueryData(['cases', kept.id], kept);
      return queries.invalidateQueries({ queryKey: ['cases'], exact: true });
    },
  });
}

export function useDeleteCase() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/cases/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['cases'] }),
  });
}

export function useExercises() {
  return useQuery({ queryKey: ['exercises'], queryFn: ({ signal }) => call('/exercises', keptExercises, { signal }) });
}

export function useExercise(id: string | undefined) {
  return useQuery({ queryKey: ['exercises', id], queryFn: ({ signal }) => call(`/exercises/${id}`, keptExercise, { signal }), enabled: id !== undefined });
}

export function useWriteExercise() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewExercise | ChangedExercise)) =>
      id === undefined ? call('/exercises', keptExercise, { method: 'POST', body }) : call(`/exercises/${id}`, keptExercise, { method: 'PUT', body }),
    onSuccess: (kept: KeptExercise) => {
      queries.setQueryData(['exercises', kept.id], kept);
      return queries.invalidateQueries({ queryKey: ['exercises'], exact: true });
    },
  });
}

export function useClasses() {
  return useQuery({ queryKey: ['classes'], queryFn: ({ signal }) => call('/classes', keptClasses, { signal }) });
}
