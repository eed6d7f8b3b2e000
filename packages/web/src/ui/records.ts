/** Cases, exercises and classes as the server keeps them: queries and writes that several screens share. */

import {
  keptCase,
  keptEnteringStyle,
  keptEnteringStyles,
  keptRules,
  keptRulesList,
  keptCases,
  keptClasses,
  keptExercise,
  keptExercises,
  exerciseRevisions,
  importReport,
  type ChangedCase,
  type ChangedEnteringStyle,
  type ChangedExercise,
  type ChangedRules,
  type KeptCase,
  type KeptExercise,
  type KeptRules,
  type NewCase,
  type NewEnteringStyle,
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

/** Writes a case: a change where a revision is given, a new one otherwise, under the id given or one of the server's. */
export function useWriteCase() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: NewCase | ({ id: string } & ChangedCase)) => {
      if (!('revision' in body)) return call('/cases', keptCase, { method: 'POST', body });
      const { id, ...change } = body;
      return call(`/cases/${id}`, keptCase, { method: 'PUT', body: change });
    },
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

/** Brings a deleted case back. */
export function useRestoreCase() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => call(`/cases/${id}/restore`, keptCase, { method: 'POST' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['cases'] }),
  });
}

/** All sets of house rules, the default first. */
export function useRules() {
  return useQuery({ queryKey: ['rules'], queryFn: ({ signal }) => call('/rules', keptRulesList, { signal }) });
}

export function useWriteRules() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: string } & ChangedRules) => call(`/rules/${id}`, keptRules, { method: 'PUT', body }),
    onSuccess: (kept: KeptRules) => {
      queries.setQueryData<KeptRules[]>(['rules'], (all) => all?.map((each) => (each.id === kept.id ? kept : each)));
      return queries.invalidateQueries({ queryKey: ['classes'] });
    },
  });
}

/** The entering styles made here; the shipped ones are core's. */
export function useEnteringStyles() {
  return useQuery({ queryKey: ['entering-styles'], queryFn: ({ signal }) => call('/entering-styles', keptEnteringStyles, { signal }) });
}

/** Writes a style: a change where an id is given, a new one otherwise. */
export function useWriteEnteringStyle() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewEnteringStyle | ChangedEnteringStyle)) =>
      id === undefined ? call('/entering-styles', keptEnteringStyle, { method: 'POST', body }) : call(`/entering-styles/${id}`, keptEnteringStyle, { method: 'PUT', body }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['entering-styles'] }),
  });
}

export function useDeleteEnteringStyle() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/entering-styles/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['entering-styles'] }),
  });
}

export function useArchiveExercise() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, archived }: { id: string; archived: boolean }) => call(`/exercises/${id}/archived`, keptExercise, { method: 'PUT', body: { archived } }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['exercises'] }),
  });
}

export function useDeleteExercise() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/exercises/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['exercises'] }),
  });
}

/** Earlier states of an exercise, newest first. */
export function useExerciseRevisions(id: string) {
  return useQuery({ queryKey: ['exercises', id, 'revisions'], queryFn: ({ signal }) => call(`/exercises/${id}/revisions`, exerciseRevisions, { signal }), staleTime: 0 });
}

/** Takes exercises in from a file; what cannot be read is reported and the rest is taken. */
export function useImportExercises() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: unknown) => call('/exercise-file', importReport, { method: 'POST', body: file }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['exercises'] }),
  });
}
