/** Cases, exercises and classes as the server keeps them: queries and writes that several screens share. */

import {
  casePage,
  classPage,
  deletedRecords,
  exerciseFile,
  exercisePage,
  exerciseRevisions,
  importReport,
  isReadable,
  keptCase,
  keptExercise,
  setPage,
  type AskedOfCases,
  type AskedOfClasses,
  type AskedOfExercises,
  type AskedOfSets,
  type DeletedRecord,
  type CasePage,
  type ChangedCase,
  type ChosenExercises,
  type ClassPage,
  type ExercisePage,
  type KeptCase,
  type KeptClass,
  type KeptExercise,
  type ListedExercise,
  type ListedSet,
  type NewCase,
  type NewExercise,
  type SetPage,
  type UnreadableRecord,
} from '@hardy-sextant/contract';
import type { Exercise } from '@hardy-sextant/core';
import {
  keepPreviousData,
  queryOptions,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { call, callFor } from './call.ts';
import { exercisesJson } from '@hardy-sextant/files';
import { saveAs } from './saveFile.ts';

type Asked<T> = Partial<Omit<T, 'page'>> & { readonly page?: number };

type ReadPage<Row, P> = Omit<P, 'rows'> & {
  readonly rows: readonly Row[];
  readonly unreadable: readonly UnreadableRecord[];
};

/** A page as a screen uses it: the rows that can be read, and those that this version cannot. */
function parted<Row extends object, P extends { readonly rows: readonly (Row | UnreadableRecord)[] }>(
  page: P,
): ReadPage<Row, P> {
  return {
    ...page,
    rows: page.rows.filter((row): row is Row => isReadable(row)),
    unreadable: page.rows.filter((row): row is UnreadableRecord => !isReadable(row)),
  };
}

/** The address of a list, without the filters that are off. */
function addressOf(path: string, asked: Readonly<Record<string, string | number | undefined>>): string {
  const search = new URLSearchParams();
  for (const [name, value] of Object.entries(asked))
    if (value !== undefined && value !== '' && !(name === 'page' && value === 1)) search.set(name, String(value));
  return search.size === 0 ? path : `${path}?${search.toString()}`;
}

/** Every page of a list of one kind of record. */
export const listKey = (kind: 'cases' | 'exercises' | 'classes' | 'sets') => [kind, 'list'] as const;

/** While a word is typed, the rows before stay until the next ones are there. */
const listed = { placeholderData: keepPreviousData } as const;

export function useCases(asked: Asked<AskedOfCases> = {}) {
  return useQuery({
    ...listed,
    queryKey: [...listKey('cases'), asked],
    queryFn: ({ signal }) => call(addressOf('/cases', asked), casePage, { signal }),
    select: parted<KeptCase, CasePage>,
  });
}

export function useExercises(asked: Asked<AskedOfExercises> = {}) {
  return useQuery({
    ...listed,
    queryKey: [...listKey('exercises'), asked],
    queryFn: ({ signal }) => call(addressOf('/exercises', asked), exercisePage, { signal }),
    select: parted<ListedExercise, ExercisePage>,
  });
}

/** An exercise as some list that was read shows it. */
export function listedExercise(queries: QueryClient, id: string): ListedExercise | undefined {
  for (const [, page] of queries.getQueriesData<ExercisePage>({ queryKey: listKey('exercises') }))
    for (const row of page?.rows ?? []) if (row.id === id && isReadable(row)) return row;
  return undefined;
}

export function useSets(asked: Asked<AskedOfSets> = {}) {
  return useQuery({
    ...listed,
    queryKey: [...listKey('sets'), asked],
    queryFn: ({ signal }) => call(addressOf('/sets', asked), setPage, { signal }),
    select: parted<ListedSet, SetPage>,
  });
}

export function useClasses(asked: Asked<AskedOfClasses> = {}) {
  return useQuery({
    ...listed,
    queryKey: [...listKey('classes'), asked],
    queryFn: ({ signal }) => call(addressOf('/classes', asked), classPage, { signal }),
    select: parted<KeptClass, ClassPage>,
  });
}

export const caseQuery = (id: string | undefined) =>
  queryOptions({
    queryKey: ['cases', id],
    queryFn: ({ signal }) => call(`/cases/${id}`, keptCase, { signal }),
    enabled: id !== undefined,
  });

export function useCase(id: string | undefined) {
  return useQuery(caseQuery(id));
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
      return queries.invalidateQueries({ queryKey: listKey('cases') });
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
    mutationFn: (body: Pick<NewExercise, 'document'> & { readonly rulesId?: string }) =>
      call('/exercises', keptExercise, { method: 'POST', body }),
    onSuccess: (kept: KeptExercise) => {
      queries.setQueryData(['exercises', kept.id], kept);
      return queries.invalidateQueries({ queryKey: listKey('exercises') });
    },
  });
}

/** What a class is called in short: BM 210, Autumn 2026. */
export const classInWords = ({ code, term }: Pick<KeptClass, 'code' | 'term'>): string =>
  [code, term].filter((word) => word !== '').join(', ');

/** Classes to pick from, found by words. */
export const useClassChoices = (find: string) =>
  useClasses({ find }).data?.rows.map((each) => ({ value: each.id, label: classInWords(each) }));

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
    mutationFn: ({ kind, id }: Pick<DeletedRecord, 'kind' | 'id' | 'setId'>) => callFor(`/bin/${kind}/${id}/restore`),
    onSuccess: () => queries.invalidateQueries(),
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

/** Puts exercises into a file for the disk. */
export async function saveExercises(chosen: ChosenExercises): Promise<void> {
  const file = await call('/exercise-export', exerciseFile, { method: 'POST', body: chosen });
  await saveAs(exercisesJson, 'exercises', JSON.stringify(file, undefined, 2));
}

/** The exercises that were chosen, whole. */
export async function readChosenExercises(chosen: ChosenExercises): Promise<readonly Exercise[]> {
  return (await call('/exercise-export', exerciseFile, { method: 'POST', body: chosen })).exercises;
}

/** Takes exercises in from a file; what cannot be read is reported and the rest is taken. */
export function useImportExercises() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: unknown) => call('/exercise-file', importReport, { method: 'POST', body: file }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['exercises'] }),
  });
}
