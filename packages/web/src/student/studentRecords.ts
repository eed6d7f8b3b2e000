/** The student's page as the server has it, and as it was last read on this device: it opens without a connection too. */

import {
  cameIn,
  classroomList,
  morePractice,
  studentFeedback,
  studentFile,
  studentHome,
  studentPage,
  studentState,
  tried,
  type ComingIn,
  type StudentPage,
  type Trying,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { z } from 'zod';
import { call, callFor, Refusal } from '../api/call.ts';

const PREFIX = 'hardy-sextant.student.';

/** What was read last under a name; nothing where it cannot be read. */
function lastRead<S extends z.ZodType>(name: string, schema: S): z.infer<S> | undefined {
  try {
    const text = localStorage.getItem(PREFIX + name);
    return text === null ? undefined : schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}

function keepRead(name: string, value: unknown): void {
  try {
    localStorage.setItem(PREFIX + name, JSON.stringify(value));
  } catch {
    // Without room the page needs a connection; what is typed has its own place.
  }
}

/** Everything of a student on this device, but what has not been sent: that stays until it is. */
export function forgetStudent(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
}

/** How far this device's clock is off the server's, in milliseconds. */
let clockOff = 0;
export function noteClock(now: string): void {
  clockOff = Date.parse(now) - Date.now();
}
/** What the time is, by the server's clock. */
export const serverNow = (): string => new Date(Date.now() + clockOff).toISOString();

/** What was refused is told; what never arrived is answered with what was read last. */
async function readOr<S extends z.ZodType>(
  name: string,
  schema: S,
  read: () => Promise<z.infer<S>>,
): Promise<z.infer<S>> {
  try {
    const value = await read();
    keepRead(name, value);
    return value;
  } catch (error) {
    const before = error instanceof Refusal ? undefined : lastRead(name, schema);
    if (before === undefined) throw error;
    return before;
  }
}

export const homeKey = ['my', 'sets'] as const;
export const pageKey = (setId: string) => ['my', 'sets', setId] as const;

export function useStudentHome() {
  return useQuery({
    queryKey: homeKey,
    queryFn: ({ signal }) => readOr('home', studentHome, () => call('/my/sets', studentHome, { signal })),
    retry: false,
  });
}

export function useStudentPage(setId: string) {
  return useQuery({
    queryKey: pageKey(setId),
    queryFn: ({ signal }) =>
      readOr(setId, studentPage, async () => {
        const page = await call(`/my/sets/${setId}`, studentPage, { signal });
        noteClock(page.state.now);
        return page;
      }),
    retry: false,
    // What is typed is laid over it; a page that is read again on every return would flicker on a phone.
    staleTime: 60_000,
  });
}

/** Writes into what was read, here and on the device. */
export function useChangePage(setId: string) {
  const queries = useQueryClient();
  return (change: (page: StudentPage) => StudentPage) =>
    queries.setQueryData(pageKey(setId), (before: StudentPage | undefined) => {
      const after = before && change(before);
      if (after) keepRead(setId, after);
      return after;
    });
}

export function useComeIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: ComingIn) => call('/my/session', cameIn, { method: 'POST', body }),
    onSuccess: () => {
      forgetStudent();
      queries.removeQueries({ queryKey: ['my'] });
    },
  });
}

export function useGoOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => callFor('/my/session', { method: 'DELETE' }),
    onSuccess: () => {
      forgetStudent();
      queries.removeQueries({ queryKey: ['my'] });
    },
  });
}

export const useClassroom = () =>
  useMutation({
    mutationFn: (code: string) => call('/my/classroom', classroomList, { method: 'POST', body: { code } }),
  });

export function useSubmit(setId: string) {
  const change = useChangePage(setId);
  return useMutation({
    mutationFn: (answers: number) =>
      call(`/my/sets/${setId}/submitted`, studentState, { method: 'POST', body: { answers } }),
    onSuccess: (state) => void change((page) => ({ ...page, state })),
  });
}

export function useSendFile(setId: string) {
  const change = useChangePage(setId);
  return useMutation({
    mutationFn: (body: { itemId: string; name: string; data: string }) =>
      call(`/my/sets/${setId}/files`, z.array(studentFile), { method: 'POST', body }),
    onSuccess: (files) => void change((page) => ({ ...page, files })),
  });
}

export function useStudentFeedback(setId: string) {
  return useQuery({
    queryKey: [...pageKey(setId), 'feedback'],
    queryFn: ({ signal }) => call(`/my/sets/${setId}/feedback`, studentFeedback, { signal }),
  });
}

/** The last one more like an exercise; a first one is made where there is none. */
export function useMore(setId: string, itemId: string) {
  const queries = useQueryClient();
  const path = `/my/sets/${setId}/exercises/${itemId}/more`;
  const key = [...pageKey(setId), 'more', itemId];
  const last = useQuery({
    queryKey: key,
    queryFn: async ({ signal }) =>
      (await call(path, morePractice.nullable(), { signal })) ?? call(path, morePractice, { method: 'POST', signal }),
    staleTime: Infinity,
  });
  const another = useMutation({
    mutationFn: () => call(path, morePractice, { method: 'POST' }),
    onSuccess: (made) => queries.setQueryData(key, made),
  });
  return { last, another };
}

/**
 * @param path of the set, or of one more like it
 * @param ready sends what is typed and has not arrived: a try is of what the server has
 */
export const useTry = (path: string, ready?: () => Promise<void>) =>
  useMutation({
    mutationFn: async (body: Trying) => {
      await ready?.();
      return call(`${path}/tries`, tried, { method: 'POST', body });
    },
  });
