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
  deletedRecords,
  exerciseFile,
  exerciseRevisions,
  importReport,
  isReadable,
  listedSets,
  type BinKind,
  type KeptClass,
  type ListedSet,
  type UnreadableRecord,
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
import { exercisesJson } from '@hardy-sextant/files';
import { saveAs } from './saveFile.ts';

/** The rows of a list that can be read. */
const readable = <T extends object>(rows: readonly (T | UnreadableRecord)[]): T[] =>
  rows.filter((row): row is T => isReadable(row));
const unreadable = (rows: readonly (object | UnreadableRecord)[]): UnreadableRecord[] =>
  rows.filter((row): row is UnreadableRecord => !isReadable(row));

const casesQuery = {
  queryKey: ['cases'],
  queryFn: ({ signal }: { signal: AbortSignal }) => call('/cases', keptCases, { signal }),
};
const exercisesQuery = {
  queryKey: ['exercises'],
  queryFn: ({ signal }: { signal: AbortSignal }) => call('/exercises', keptExercises, { signal }),
};
const classesQuery = {
  queryKey: ['classes'],
  queryFn: ({ signal }: { signal: AbortSignal }) => call('/classes', keptClasses, { signal }),
};
const setsQuery = {
  queryKey: ['sets'],
  queryFn: ({ signal }: { signal: AbortSignal }) => call('/sets', listedSets, { signal }),
};
const lists = { cases: casesQuery, exercises: exercisesQuery, classes: classesQuery, sets: setsQuery } as const;

/** The rows of a list that this version cannot read; they are shown as such, and the others work. */
export function useUnreadable(list: keyof typeof lists): readonly UnreadableRecord[] {
  const { queryKey, queryFn } = lists[list];
  return (
    useQuery<readonly (object | UnreadableRecord)[], Error, UnreadableRecord[]>({
      queryKey,
      queryFn,
      select: unreadable,
    }).data ?? []
  );
}

export function useCases() {
  return useQuery({ ...casesQuery, select: readable<KeptCase> });
}

export function useCase(id: string | undefined) {
  return useQuery({
    queryKey: ['cases', id],
    queryFn: ({ signal }) => call(`/cases/${id}`, keptCase, { signal }),
    enabled: id !== undefined,
  });
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
  return useQuery({ ...exercisesQuery, select: readable<KeptExercise> });
}

export function useExercise(id: string | undefined) {
  return useQuery({
    queryKey: ['exercises', id],
    queryFn: ({ signal }) => call(`/exercises/${id}`, keptExercise, { signal }),
    enabled: id !== undefined,
  });
}

export function useWriteExercise() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewExercise | ChangedExercise)) =>
      id === undefined
        ? call('/exercises', keptExercise, { method: 'POST', body })
        : call(`/exercises/${id}`, keptExercise, { method: 'PUT', body }),
    onSuccess: (kept: KeptExercise) => {
      queries.setQueryData(['exercises', kept.id], kept);
      return queries.invalidateQueries({ queryKey: ['exercises'], exact: true });
    },
  });
}

export function useSets() {
  return useQuery({ ...setsQuery, select: readable<ListedSet> });
}

export function useClasses() {
  return useQuery({ ...classesQuery, select: readable<KeptClass> });
}

/** Everything that was deleted and can be brought back. */
export function useBin() {
  return useQuery({
    queryKey: ['bin'],
    queryFn: ({ signal }) => call('/bin', deletedRecords, { signal }),
    staleTime: 0,
  });
}

/** Brings something deleted back. */
export function useRestore() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ kind, id }: { kind: BinKind; id: string }) => callFor(`/bin/${kind}/${id}/restore`),
    onSuccess: () => queries.invalidateQueries(),
  });
}

/** All sets of house rules, the default first. */
export function useRules() {
  return useQuery({ queryKey: ['rules'], queryFn: ({ signal }) => call('/rules', keptRulesList, { signal }) });
}

export function useWriteRules() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: string } & ChangedRules) =>
      call(`/rules/${id}`, keptRules, { method: 'PUT', body }),
    onSuccess: (kept: KeptRules) => {
      queries.setQueryData<KeptRules[]>(['rules'], (all) => all?.map((each) => (each.id === kept.id ? kept : each)));
      return queries.invalidateQueries({ queryKey: ['classes'] });
    },
  });
}

/** The entering styles made here; the shipped ones are core's. */
export function useEnteringStyles() {
  return useQuery({
    queryKey: ['entering-styles'],
    queryFn: ({ signal }) => call('/entering-styles', keptEnteringStyles, { signal }),
  });
}

/** Writes a style: a change where an id is given, a new one otherwise. */
export function useWriteEnteringStyle() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewEnteringStyle | ChangedEnteringStyle)) =>
      id === undefined
        ? call('/entering-styles', keptEnteringStyle, { method: 'POST', body })
        : call(`/entering-styles/${id}`, keptEnteringStyle, { method: 'PUT', body }),
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
    mutationFn: ({ id, archived }: { id: string; archived: boolean }) =>
      call(`/exercises/${id}/archived`, keptExercise, { method: 'PUT', body: { archived } }),
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
  return useQuery({
    queryKey: ['exercises', id, 'revisions'],
    queryFn: ({ signal }) => call(`/exercises/${id}/revisions`, exerciseRevisions, { signal }),
    staleTime: 0,
  });
}

/** Puts exercises into a file for the disk; all that are not archived where none are named. */
export async function saveExercises(ids: readonly string[]): Promise<void> {
  const file = await call('/exercise-export', exerciseFile, { method: 'POST', body: { ids } });
  await saveAs(exercisesJson, 'exercises', JSON.stringify(file, undefined, 2));
}

/** Takes exercises in from a file; what cannot be read is reported and the rest is taken. */
export function useImportExercises() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: unknown) => call('/exercise-file', importReport, { method: 'POST', body: file }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['exercises'] }),
  });
}
