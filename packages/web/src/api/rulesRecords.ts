/** House rules and entering styles as the server keeps them, and what follows them. */

import {
  keptEnteringStyle,
  keptEnteringStyles,
  keptExercise,
  keptRules,
  keptRulesList,
  movedParts,
  type ChangedEnteringStyle,
  type ChangedRules,
  type KeptRules,
  type NewEnteringStyle,
  type NewRules,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { call, callFor } from './call.ts';

/** House rules by name, the usual ones first. */
export function useRules() {
  return useQuery({ queryKey: ['rules'], queryFn: ({ signal }) => call('/rules', keptRulesList, { signal }) });
}

/** Writes house rules: a change where an id is given, new ones otherwise. */
export function useWriteRules() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: { id?: string } & (NewRules | ChangedRules)) =>
      id === undefined
        ? call('/rules', keptRules, { method: 'POST', body })
        : call(`/rules/${id}`, keptRules, { method: 'PUT', body }),
    onSuccess: (kept: KeptRules) => {
      queries.setQueryData<KeptRules[]>(['rules'], (all) => {
        const known = all?.some(({ id }) => id === kept.id);
        return known ? all?.map((each) => (each.id === kept.id ? kept : each)) : all && [...all, kept];
      });
      return followRules(queries);
    },
  });
}

export function useDeleteRules() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => callFor(`/rules/${id}`, { method: 'DELETE' }),
    onSuccess: () => followRules(queries),
  });
}

/** What follows house rules is read again: the rules with their followers, classes, and where a set's numbers move. */
async function followRules(queries: QueryClient): Promise<void> {
  await Promise.all(
    [['rules'], ['classes'], ['moved-parts']].map((queryKey) => queries.invalidateQueries({ queryKey })),
  );
}

/** Writes an exercise under other house rules. */
export function usePickRules(exerciseId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (rulesId: string) =>
      call(`/exercises/${exerciseId}/rules`, keptExercise, { method: 'PUT', body: { rulesId } }),
    onSuccess: (kept) => {
      queries.setQueryData(['exercises', exerciseId], kept);
      return queries.invalidateQueries({ queryKey: ['moved-parts'] });
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

/** Parts of a set whose main number is another one under the rules of its class. */
export function useMovedParts(setId: string, revision: number, enabled: boolean) {
  return useQuery({
    queryKey: ['moved-parts', setId, revision],
    queryFn: ({ signal }) => call(`/sets/${setId}/moved-parts`, movedParts, { signal }),
    enabled,
  });
}
