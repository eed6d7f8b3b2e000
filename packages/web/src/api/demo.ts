/** The demo of a new book: how much of it is here, putting it away, bringing it back. */

import { demoState, type DemoState } from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './call.ts';

export function useDemo() {
  return useQuery({ queryKey: ['demo'], queryFn: ({ signal }) => call('/demo', demoState, { signal }) });
}

/** Every list has other rows afterwards. */
function useMoveDemo(method: 'POST' | 'DELETE') {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => call('/demo', demoState, { method }),
    onSuccess: async (state: DemoState) => {
      queries.setQueryData(['demo'], state);
      await queries.invalidateQueries();
    },
  });
}

export const usePutDemoAway = () => useMoveDemo('DELETE');
export const useBringDemo = () => useMoveDemo('POST');
