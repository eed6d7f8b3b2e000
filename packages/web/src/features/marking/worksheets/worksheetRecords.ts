/** Students' worksheets as the server keeps them. */

import {
  keptWorksheet,
  keptWorksheets,
  worksheetDetail,
  worksheetsReport,
  type KeptWorksheet,
  type MatchedWorksheet,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, callFor } from '../../../api/call.ts';

const key = (setId: string) => ['sets', setId, 'worksheets'];

export function useWorksheets(setId: string) {
  return useQuery({
    queryKey: key(setId),
    queryFn: ({ signal }) => call(`/sets/${setId}/worksheets`, keptWorksheets, { signal }),
  });
}

export function useWorksheet(setId: string, id: string | undefined) {
  return useQuery({
    queryKey: [...key(setId), id ?? ''],
    queryFn: ({ signal }) => call(`/sets/${setId}/worksheets/${id ?? ''}`, worksheetDetail, { signal }),
    enabled: id !== undefined,
  });
}

/** A file as text, as requests carry it. */
function base64Of(file: File): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^[^,]*,/, ''));
    reader.onerror = () => reject(new Error(`${file.name} could not be read from the disk.`));
    reader.readAsDataURL(file);
  });
}

export function useImportWorksheets(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ itemId, files }: { itemId: string; files: readonly File[] }) => {
      const read = await Promise.all(files.map(async (file) => ({ name: file.name, data: await base64Of(file) })));
      return call(`/sets/${setId}/worksheets`, worksheetsReport, { method: 'POST', body: { itemId, files: read } });
    },
    onSuccess: ({ worksheets }) =>
      queries.setQueryData<KeptWorksheet[]>(key(setId), (now = []) => [...now, ...worksheets]),
  });
}

export function useMatchWorksheet(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: MatchedWorksheet & { readonly id: string }) =>
      call(`/sets/${setId}/worksheets/${id}`, keptWorksheet, { method: 'PUT', body }),
    onSettled: () => queries.invalidateQueries({ queryKey: key(setId) }),
  });
}

/** Takes a worksheet away, or brings it back. */
export function useRemoveWorksheet(setId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, back }: { readonly id: string; readonly back: boolean }) =>
      back
        ? callFor(`/sets/${setId}/worksheets/${id}/restore`)
        : callFor(`/sets/${setId}/worksheets/${id}`, { method: 'DELETE' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: key(setId), exact: true }),
  });
}

export const fileAddress = (setId: string, id: string, as: 'original' | 'returned'): string =>
  `/api/sets/${setId}/worksheets/${id}/file?as=${as}`;
