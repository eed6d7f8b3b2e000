/** Answers typed, pasted or taken back: in sight at once, sent one request at a time, kept while the server is away. */

import { nth } from '@hardy-sextant/core';
import {
  changedStudents,
  entryId,
  itemId,
  recordId,
  type MarkedStudent,
  type Marking,
  type WrittenAnswer,
} from '@hardy-sextant/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { z } from 'zod';
import { call, Refusal } from '../../api/call.ts';
import type { HeldBack, Outbox, OutboxState, SendOutcome } from '../../api/kept/outbox.ts';
import { useOutbox } from '../../api/kept/useOutbox.ts';
import { markingKey, showNews } from './markingRecords.ts';
import { overlaid } from './overlay.ts';
import type { Step, Steps } from './useSteps.ts';
import { listKey } from '../../api/records.ts';
import { say } from '../../words/say.ts';

export interface PendingAnswer extends WrittenAnswer {
  readonly source: string;
}

const pendingAnswer: z.ZodType<PendingAnswer> = z.object({
  studentId: recordId,
  itemId,
  entryId,
  text: z.string(),
  was: z.string(),
  source: z.string(),
});
const staleAnswer = z.object({ studentId: recordId, itemId, entryId, text: z.string() });

const keyOf = ({
  studentId,
  itemId: item,
  entryId: entry,
}: Pick<PendingAnswer, 'studentId' | 'itemId' | 'entryId'>): string => `${studentId} ${item} ${entry}`;

export interface Answers {
  readonly state: OutboxState<PendingAnswer>;
  readonly release: Outbox<PendingAnswer>['release'];
  readonly flush: () => Promise<void>;
  /** Writes answers of one action, which can be taken back together. */
  readonly write: (changes: readonly WrittenAnswer[], source: 'typed' | 'pasted') => void;
}

export function useAnswers(setId: string, title: string, steps: Pick<Steps, 'taken'>): Answers {
  const queries = useQueryClient();
  const [state, box] = useOutbox<PendingAnswer>({
    key: `answers ${setId}`,
    name: say('answers to “{{title}}”', { title }),
    path: `/sets/${setId}/marking`,
    schema: pendingAnswer,
    ports: {
      keyOf,
      join: (earlier, later) => ({ ...later, was: earlier.was }),
      onTop: (sent, later) => ({ ...later, was: sent.text }),
      isNothing: ({ text, was }) => text === was,
      together: (a, b) => a.source === b.source,
      send: async (batch) => {
        const body = { source: nth(batch, 0).source, changes: batch.map(({ source: _source, ...change }) => change) };
        try {
          const students = await call(`/sets/${setId}/answers`, changedStudents, { method: 'PUT', body });
          await showNews(queries, setId, { students });
          void queries.invalidateQueries({ queryKey: listKey('sets') });
          return { is: 'sent' };
        } catch (error) {
          // What stands in its place is shown.
          if (error instanceof Refusal) void queries.invalidateQueries({ queryKey: markingKey(setId) });
          return outcomeOf(error, batch);
        }
      },
    },
  });
  const write: Answers['write'] = (changes, source) => {
    const real = changes.filter(({ text, was }) => text !== was);
    if (real.length === 0) return;
    const stepOf = (all: readonly WrittenAnswer[]): Step => ({
      run: () => {
        box.add(all.map((change) => ({ ...change, source: 'undo' })));
        return Promise.resolve(stepOf(all.map(swapped)));
      },
    });
    box.add(real.map((change) => ({ ...change, source })));
    steps.taken(stepOf(real.map(swapped)));
  };
  return { state, release: box.release, flush: box.flush, write };
}

const swapped = ({ text, was, ...rest }: WrittenAnswer): WrittenAnswer => ({ ...rest, text: was, was: text });

/** What a failed write means for each answer in it. */
function outcomeOf(error: unknown, batch: readonly PendingAnswer[]): SendOutcome<PendingAnswer> {
  const why = error instanceof Error ? error.message : say('It could not be stored.');
  if (!(error instanceof Refusal) || error.document.status >= 500) return { is: 'away', problem: why };
  if (error.isStale) {
    const theirs = staleAnswer.safeParse(error.document.current).data;
    const item = theirs && batch.find((each) => keyOf(each) === keyOf(theirs));
    if (item)
      return { is: 'held', items: [{ item, why: say('It was changed elsewhere meanwhile.'), theirs: theirs.text }] };
  }
  // The fields name the answers that cannot be taken; where they name none, it is all of them.
  const named = new Map(
    (error.document.fields ?? []).flatMap(({ path, message }) =>
      ((at) => (at ? [[Number(at[1]), message] as const] : []))(/^changes\.(\d+)/.exec(path)),
    ),
  );
  const items = batch.flatMap((item, at): HeldBack<PendingAnswer>[] =>
    named.size === 0 ? [{ item, why }] : named.has(at) ? [{ item, why: named.get(at)! }] : [],
  );
  return { is: 'held', items };
}

/** The marking with everything in it that has not arrived yet: what was typed stays in sight, and what is not judged yet is not called anything. */
export function useWithPending(marking: Marking, { state: { waiting } }: Pick<Answers, 'state'>): Marking {
  return useMemo(() => overlaid(marking, waiting, withAnswers), [marking, waiting]);
}

function withAnswers(student: MarkedStudent, pending: readonly PendingAnswer[]): MarkedStudent {
  const entries = Object.fromEntries(Object.entries(student.entries).map(([item, texts]) => [item, { ...texts }]));
  for (const { itemId: item, entryId: entry, text } of pending) (entries[item] ??= {})[entry] = text;
  const unjudged = new Set(pending.map(({ itemId: item, entryId: entry }) => `${item} ${entry}`));
  const verdicts =
    student.verdicts &&
    Object.fromEntries(
      Object.entries(student.verdicts).map(([item, all]) => [
        item,
        all.filter(({ partId }) => !unjudged.has(`${item} ${partId}`)),
      ]),
    );
  return { ...student, entries, ...(verdicts ? { verdicts } : {}) };
}
