/** Reading and writing the answers of a class to an exercise. */

import { classAnswers, type ChangedAnswers, type ClassAnswers } from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../ui/api.ts';

export function useAnswers(exerciseId: string, classId: string | undefined) {
  return useQuery({
    queryKey: ['answers', exerciseId, classId],
    queryFn: ({ signal }) => call(`/exercises/${exerciseId}/answers/${classId}`, classAnswers, { signal }),
    enabled: classId !== undefined,
  });
}

/** Writes answers; the grid shows them at once and goes back to what was stored if the server refuses. */
export function useWriteAnswers(exerciseId: string, classId: string) {
  const queries = useQueryClient();
  const queryKey = ['answers', exerciseId, classId];
  return useMutation({
    mutationFn: (body: ChangedAnswers) => call(`/exercises/${exerciseId}/answers/${classId}`, classAnswers, { method: 'PUT', body }),
    scope: { id: queryKey.join('/') },
    onMutate: async ({ changes }) => {
      await queries.cancelQueries({ queryKey });
      queries.setQueryData<ClassAnswers>(queryKey, (before) => before && withChanges(before, changes));
    },
    onSuccess: (stored) => queries.setQueryData(queryKey, stored),
  });
}

function withChanges(before: ClassAnswers, changes: ChangedAnswers['changes']): ClassAnswers {
  const handIns = new Map(before.handIns.map((handIn) => [handIn.studentId, handIn]));
  for (const { studentId, partId, text } of changes) {
    const handIn = handIns.get(studentId) ?? { studentId, entries: {}, revision: 0 };
    handIns.set(studentId, { ...handIn, entries: { ...handIn.entries, [partId]: text } });
  }
  return { ...before, handIns: [...handIns.values()] };
}
