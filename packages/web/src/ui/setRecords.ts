/** Classes with their students, and sets, as the server keeps them: queries and writes that several screens share. */

import {
  classWithStudents,
  keptSet,
  listedSets,
  type ChangedClass,
  type ChangedRoster,
  type ChangedSet,
  type ClassWithStudents,
  type KeptSet,
  type NewClass,
  type NewSet,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, callFor } from './api.ts';

export function useClass(id: string | undefined) {
  return useQuery({ queryKey: ['classes', id], queryFn: ({ signal }) => call(`/classes/${id}`, classWithStudents, { signal }), enabled: id !== undefined });
}

/** Writes a class: a change where a revision is given, a new one otherwise. */
export function useWriteClass() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewClass | ChangedClass)) =>
      id === undefined ? call('/classes', classWithStudents, { method: 'POST', body }) : call(`/classes/${id}`, classWithStudents, { method: 'PUT', body }),
    onSuccess: (kept: ClassWithStudents) => {
      queries.setQueryData(['classes', kept.id], kept);
      return queries.invalidateQueries({ queryKey: ['classes'], exact: true });
    },
  });
}

export function useWriteRoster(classId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Partial<ChangedRoster>) => call(`/classes/${classId}/roster`, classWithStudents, { method: 'PUT', body }),
    onSuccess: (kept: ClassWithStudents) => {
      queries.setQueryData(['classes', kept.id], kept);
      void queries.invalidateQueries({ queryKey: ['sets'] });
      return queries.invalidateQueries({ queryKey: ['classes'], exact: true });
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

export function useSets() {
  return useQuery({ queryKey: ['sets'], queryFn: ({ signal }) => call('/sets', listedSets, { signal }) });
}

export function useSet(id: string | undefined) {
  return useQuery({ queryKey: ['sets', id], queryFn: ({ signal }) => call(`/sets/${id}`, keptSet, { signal }), enabled: id !== undefined });
}

/** What a set became: told to every screen that shows it. */
function useKept() {
  const queries = useQueryClient();
  return (kept: KeptSet) => {
    queries.setQueryData(['sets', kept.id], kept);
    void queries.invalidateQueries({ queryKey: ['sets', kept.id, 'marking'] });
    return queries.invalidateQueries({ queryKey: ['sets'], exact: true });
  };
}

export function useMakeSet() {
  return useMutation({ mutationFn: (body: NewSet) => call('/sets', keptSet, { method: 'POST', body }), onSuccess: useKept() });
}

export function useWriteSet(id: string) {
  return useMutation({ mutationFn: (body: ChangedSet) => call(`/sets/${id}`, keptSet, { method: 'PUT', body }), onSuccess: useKept() });
}

export function useGiveOut(id: string) {
  return useMutation({ mutationFn: () => call(`/sets/${id}/given-out`, keptSet, { method: 'POST' }), onSuccess: useKept() });
}

export function useRelease(id: string) {
  return useMutation({ mutationFn: (released: boolean) => call(`/sets/${id}/released`, keptSet, { method: 'PUT', body: { released } }), onSuccess: useKept() });
}

export function useFollowChange(id: string) {
  return useMutation({
    mutationFn: ({ itemId, ...body }: { itemId: string; how: 'keep' | 're-key' | 'give-anew'; latest: number }) =>
      call(`/sets/${id}/copies/${itemId}`, keptSet, { method: 'POST', body }),
    onSuccess: useKept(),
  });
}

export function useDeleteSet() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/sets/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sets'] }),
  });
}
