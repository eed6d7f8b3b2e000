/** Who is signed in, and signing in and out. */
import { linkShown, me, type Me } from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, callFor } from './call.ts';

export const sessionKey = ['session'] as const;

export const useMe = () =>
  useQuery({ queryKey: sessionKey, queryFn: ({ signal }) => call('/session', me, { signal }), staleTime: 60_000 });

/** Everything that was read was read as somebody else. */
function useAsSomebodyElse() {
  const queries = useQueryClient();
  // A link that was used just now would be asked for in vain.
  return () => queries.resetQueries({ predicate: ({ queryKey: [first] }) => first !== 'links' });
}

export const useSignIn = () =>
  useMutation({
    mutationFn: (body: { login: string; password: string }) => callFor('/session', { body }),
    onSuccess: useAsSomebodyElse(),
  });

export const useSignOut = () =>
  useMutation({ mutationFn: () => callFor('/session', { method: 'DELETE' }), onSuccess: useAsSomebodyElse() });

export const useChangePassword = () =>
  useMutation({
    mutationFn: (body: { old: string; password: string }) => callFor('/session/password', { method: 'PUT', body }),
  });

export const useLinkShown = (secret: string) =>
  useQuery({
    queryKey: ['links', secret],
    queryFn: () => call('/links/shown', linkShown, { method: 'POST', body: { secret } }),
    retry: false,
    enabled: secret !== '',
  });

export const useTakeLink = () =>
  useMutation({
    mutationFn: (body: { secret: string; password: string }) => callFor('/links', { body }),
    onSuccess: useAsSomebodyElse(),
  });

/** Whether somebody may do what only instructors and owners may. */
export const teaches = (who: Me | undefined): boolean => who?.role !== 'assistant';
export const owns = (who: Me | undefined): boolean => who?.is === 'alone' || who?.role === 'owner';
