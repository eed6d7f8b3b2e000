/** Classes with their students, and sets, as the server keeps them: queries and writes that several screens share. */

import type { z } from 'zod';
import {
  classWithStudents,
  drawProgress,
  importedClassesReport,
  keptSet,
  type ChangedClass,
  type ChangedContents,
  type changedRoster,
  type ClassWithStudents,
  type CopiedClass,
  type CopiedSet,
  type ImportedClasses,
  type KeptSet,
  type NewClass,
  type NewSet,
  type Releasing,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, callFor } from './call.ts';
import { listKey } from './records.ts';

export function useClass(id: string | undefined) {
  return useQuery({
    queryKey: ['classes', id],
    queryFn: ({ signal }) => call(`/classes/${id}`, classWithStudents, { signal }),
    enabled: id !== undefined,
  });
}

/** Writes a class: a change where a revision is given, a new one otherwise. */
export function useWriteClass() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewClass | ChangedClass)) =>
      id === undefined
        ? call('/classes', classWithStudents, { method: 'POST', body })
        : call(`/classes/${id}`, classWithStudents, { method: 'PUT', body }),
    onSuccess: (kept: ClassWithStudents) => {
      queries.setQueryData(['classes', kept.id], kept);
      // Which rules it follows may be what changed.
      for (const queryKey of [['rules'], ['moved-parts']]) void queries.invalidateQueries({ queryKey });
      return queries.invalidateQueries({ queryKey: listKey('classes') });
    },
  });
}

/** Takes in classes with their rosters. */
export function useImportClasses() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ImportedClasses) => call('/class-imports', importedClassesReport, { method: 'POST', body }),
    onSuccess: () => queries.invalidateQueries({ queryKey: listKey('classes') }),
  });
}

export function useWriteRoster(classId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: z.input<typeof changedRoster>) =>
      call(`/classes/${classId}/roster`, classWithStudents, { method: 'PUT', body }),
    onSuccess: (kept: ClassWithStudents) => {
      queries.setQueryData(['classes', kept.id], kept);
      void queries.invalidateQueries({ queryKey: ['sets'] });
      return queries.invalidateQueries({ queryKey: listKey('classes') });
    },
  });
}

export function useDeleteClass() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/classes/${id}`, { method: 'DELETE' }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['sets'] });
      return queries.invalidateQueries({ queryKey: ['classes'] });
    },
  });
}

export function useSet(id: string | undefined) {
  return useQuery({
    queryKey: ['sets', id],
    queryFn: ({ signal }) => call(`/sets/${id}`, keptSet, { signal }),
    enabled: id !== undefined,
  });
}

/** What a set became: told to every screen that shows it. */
export function useKept() {
  const queries = useQueryClient();
  return (kept: KeptSet) => {
    queries.setQueryData(['sets', kept.id], kept);
    void queries.invalidateQueries({ queryKey: ['sets', kept.id, 'marking'] });
    return queries.invalidateQueries({ queryKey: listKey('sets') });
  };
}

export function useMakeSet() {
  return useMutation({
    mutationFn: (body: NewSet) => call('/sets', keptSet, { method: 'POST', body }),
    onSuccess: useKept(),
  });
}

export function useAssign(id: string) {
  return useMutation({
    mutationFn: (revision: number) => call(`/sets/${id}/assigned`, keptSet, { method: 'POST', body: { revision } }),
    onSuccess: useKept(),
  });
}

/** How far assigning has come, while it goes on. */
export function useAssigning(id: string, going: boolean) {
  return useQuery({
    queryKey: ['assigning', id],
    queryFn: ({ signal }) => call(`/sets/${id}/assigned`, drawProgress, { signal }),
    enabled: going,
    refetchInterval: going ? 400 : false,
    staleTime: 0,
  });
}

/** Adds, removes, puts back or moves an exercise of a set that was assigned. */
export function useChangeContents(id: string) {
  return useMutation({
    mutationFn: (body: ChangedContents) => call(`/sets/${id}/contents`, keptSet, { method: 'POST', body }),
    onSuccess: useKept(),
  });
}

export function useRelease(id: string) {
  return useMutation({
    mutationFn: (body: Releasing) => call(`/sets/${id}/released`, keptSet, { method: 'PUT', body }),
    onSuccess: useKept(),
  });
}

export function useFollowChange(id: string) {
  return useMutation({
    mutationFn: ({ itemId, ...body }: { itemId: string; how: 'keep' | 'regrade' | 'reissue'; latest: number }) =>
      call(`/sets/${id}/exercises/${itemId}`, keptSet, { method: 'POST', body }),
    onSuccess: useKept(),
  });
}

/** A set or a class put out of the way, or taken back. */
export function useArchive(kind: 'sets' | 'classes') {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, archived }: { id: string; archived: boolean }) =>
      callFor(`/${kind}/${id}/archived`, { method: 'PUT', body: { archived } }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['sets'] });
      return queries.invalidateQueries({ queryKey: ['classes'] });
    },
  });
}

export function useCopySet(id: string) {
  return useMutation({
    mutationFn: (body: CopiedSet) => call(`/sets/${id}/copies`, keptSet, { method: 'POST', body }),
    onSuccess: useKept(),
  });
}

export function useCopyClass(id: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: CopiedClass) => call(`/classes/${id}/copies`, classWithStudents, { method: 'POST', body }),
    onSuccess: (kept: ClassWithStudents) => {
      queries.setQueryData(['classes', kept.id], kept);
      void queries.invalidateQueries({ queryKey: listKey('sets') });
      return queries.invalidateQueries({ queryKey: listKey('classes') });
    },
  });
}

export function useDeleteSet() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/sets/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sets'] }),
  });
}
