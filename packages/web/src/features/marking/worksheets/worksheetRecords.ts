/** Students' worksheets as the server keeps them. */

import {
  keptWorksheet,
  keptWorksheets,
  mappedReport,
  worksheetDetail,
  worksheetEntries,
  type MappedWorksheets,
  type MatchedWorksheet,
  type RemovedWorksheets,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { z } from 'zod';
import { call } from '../../../api/call.ts';

export const worksheetsKey = (setId: string) => ['sets', setId, 'worksheets'];

export function useWorksheets(setId: string) {
  return useQuery({
    queryKey: worksheetsKey(setId),
    queryFn: ({ signal }) => call(`/sets/${setId}/worksheets`, keptWorksheets, { signal }),
  });
}

export function useWorksheet(setId: string, id: string | undefined) {
  return useQuery({
    queryKey: [...worksheetsKey(setId), id ?? ''],
    queryFn: ({ signal }) => call(`/sets/${setId}/worksheets/${id ?? ''}`, worksheetDetail, { signal }),
    enabled: id !== undefined,
  });
}

/** What each student's last worksheet answers in an exercise. */
export const readWorksheetEntries = (setId: string, item: string) =>
  call(`/sets/${setId}/worksheets/entries?item=${encodeURIComponent(item)}`, z.array(worksheetEntries));

export function useMatchWorksheet(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: MatchedWorksheet & { readonly id: string }) =>
      call(`/sets/${setId}/worksheets/${id}`, keptWorksheet, { method: 'PUT', body }),
    onSettled: () => queries.invalidateQueries({ queryKey: worksheetsKey(setId) }),
  });
}

/** Takes worksheets away, or brings them back. */
export function useRemoveWorksheets(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: RemovedWorksheets) =>
      call(`/sets/${setId}/worksheets/removed`, keptWorksheets, { method: 'POST', body }),
    onSuccess: () => queries.invalidateQueries({ queryKey: worksheetsKey(setId), exact: true }),
  });
}

/** Says where things stand in worksheets, in those that look alike too. */
export function useMapWorksheets(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: MappedWorksheets) =>
      call(`/sets/${setId}/worksheets/mappings`, mappedReport, { method: 'PUT', body }),
    onSettled: () => queries.invalidateQueries({ queryKey: worksheetsKey(setId) }),
  });
}

type Returning = 'original' | 'returned';
export const filePath = (setId: string, id: string, as: Returning): string =>
  `/sets/${setId}/worksheets/${id}/file?as=${as}`;
/** Where a browser finds it. */
export const fileAddress = (setId: string, id: string, as: Returning): string => `/api${filePath(setId, id, as)}`;
