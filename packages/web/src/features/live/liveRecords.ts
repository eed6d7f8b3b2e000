/** A set while students answer it: read again and again, and what is done about it. */
import { live, studentCodes, studentPage, type LiveAct } from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/call.ts';

const EVERY_MS = 2500;
const liveKey = (setId: string) => ['sets', setId, 'live'];

export function useLive(setId: string) {
  return useQuery({
    queryKey: liveKey(setId),
    queryFn: ({ signal }) => call(`/sets/${setId}/live`, live, { signal }),
    refetchInterval: EVERY_MS,
    staleTime: 0,
  });
}

export function useLiveAct(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: LiveAct) => call(`/sets/${setId}/live`, live, { method: 'POST', body }),
    onSuccess: (now) => {
      queries.setQueryData(liveKey(setId), now);
      return queries.invalidateQueries({ queryKey: ['sets', setId, 'marking'] });
    },
  });
}

export const useStudentCodes = (setId: string) =>
  useQuery({
    queryKey: ['sets', setId, 'codes'],
    queryFn: ({ signal }) => call(`/sets/${setId}/codes`, studentCodes, { signal }),
    staleTime: 0,
  });

/** A student's page as they see it. */
export const useSeenPage = (setId: string, studentId: string) =>
  useQuery({
    queryKey: ['sets', setId, 'page', studentId],
    queryFn: ({ signal }) => call(`/sets/${setId}/students/${studentId}/page`, studentPage, { signal }),
    refetchInterval: EVERY_MS,
    staleTime: 0,
  });
