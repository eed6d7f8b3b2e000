/** Decisions: in sight at once, sent one request at a time, each of which can be taken back. */

import {
  decidedReport,
  decision,
  recordId,
  type ChangedDecisions,
  type DecidedReport,
  type KeptDecision,
  type MarkedStudent,
  type Marking,
} from '@hardy-sextant/contract';
import { roundTo } from '@hardy-sextant/core';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { z } from 'zod';
import { call, Refusal } from '../../api/call.ts';
import type { Outbox, OutboxState, SendOutcome } from '../../api/kept/outbox.ts';
import { useOutbox } from '../../api/kept/useOutbox.ts';
import { markingKey, showNews, useWriteDecisions } from './markingRecords.ts';
import { overlaid } from './overlay.ts';
import type { Step, Steps } from './useSteps.ts';
import { listKey } from '../../api/records.ts';
import { say } from '../../words/say.ts';

type Decided = Pick<KeptDecision, 'credit' | 'comment' | 'lines'>;

/** A decision on its way: what is decided and what stood there. */
export interface PendingDecision {
  readonly studentId: string;
  readonly itemId: string;
  readonly partId: string;
  readonly is: Decided;
  readonly was: Decided;
}

const decided = decision.pick({ credit: true, comment: true, lines: true });
const pendingDecision: z.ZodType<PendingDecision> = z.object({
  ...decision.pick({ itemId: true, partId: true }).shape,
  studentId: recordId,
  is: decided,
  was: decided,
});

const keyOf = ({ studentId, itemId, partId }: Pick<PendingDecision, 'studentId' | 'itemId' | 'partId'>): string =>
  `${studentId} ${itemId} ${partId}`;
const same = (a: Decided, b: Decided): boolean =>
  a.credit === b.credit && a.comment === b.comment && (a.lines ?? []).join() === (b.lines ?? []).join();
const plain = ({ credit, comment, lines }: Decided): Decided => ({
  comment,
  ...(credit === undefined ? {} : { credit }),
  ...(lines === undefined ? {} : { lines }),
});
const swapped = (each: PendingDecision): PendingDecision => ({ ...each, is: each.was, was: each.is });

export interface Decisions {
  readonly state: OutboxState<PendingDecision>;
  readonly release: Outbox<PendingDecision>['release'];
  readonly flush: () => Promise<void>;
  readonly decide: (changes: readonly PendingDecision[]) => void;
  /** Accepts a reading for everyone. */
  readonly accept: (reading: ChangedDecisions['accept'][number]) => void;
}

export function useDecisions(setId: string, title: string, steps: Pick<Steps, 'take' | 'taken'>): Decisions {
  const [state, box] = useDecisionBox(setId, title);
  const accepting = useAccepting(setId);
  const stepOf = (all: readonly PendingDecision[]): Step => ({
    run: () => {
      box.add(all);
      return Promise.resolve(stepOf(all.map(swapped)));
    },
  });
  return {
    state,
    release: box.release,
    flush: box.flush,
    decide: (changes) => {
      const real = changes.filter((each) => !same(each.is, each.was));
      if (real.length === 0) return;
      box.add(real);
      steps.taken(stepOf(real.map(swapped)));
    },
    accept: (reading) => steps.take(accepting(reading)),
  };
}

/** Decisions on their way to the server. */
function useDecisionBox(setId: string, title: string) {
  const queries = useQueryClient();
  const show = async (news: DecidedReport): Promise<void> => {
    await showNews(queries, setId, news);
    void queries.invalidateQueries({ queryKey: listKey('sets') });
  };
  const send = async (batch: readonly PendingDecision[]): Promise<SendOutcome<PendingDecision>> => {
    const decisions = batch.map(({ is, was, ...place }) => ({ ...place, ...plain(is), was: plain(was) }));
    try {
      await show(await call(`/sets/${setId}/decisions`, decidedReport, { method: 'PUT', body: { decisions } }));
      return { is: 'sent' };
    } catch (error) {
      return outcomeOf(error, batch, show);
    }
  };
  return useOutbox<PendingDecision>({
    key: `decisions ${setId}`,
    name: say('decisions about “{{title}}”', { title }),
    path: `/sets/${setId}/marking`,
    schema: pendingDecision,
    ports: {
      keyOf,
      join: (earlier, later) => ({ ...later, was: earlier.was }),
      onTop: (sent, later) => ({ ...later, was: sent.is }),
      isNothing: (each) => same(each.is, each.was),
      send,
    },
  });
}

/** Accepting a reading, and taking it back by its id, which only the server knows. */
function useAccepting(setId: string) {
  const queries = useQueryClient();
  const { mutateAsync } = useWriteDecisions(setId);
  const accepting = (reading: ChangedDecisions['accept'][number]): Step => ({
    run: async () => {
      const before = new Set((queries.getQueryData<Marking>(markingKey(setId))?.accepted ?? []).map(({ id }) => id));
      const after = await mutateAsync({ accept: [reading] });
      const made = (after.accepted ?? []).filter(({ id }) => !before.has(id)).map(({ id }) => id);
      return {
        run: async () => {
          await mutateAsync({ takeBack: made });
          return accepting(reading);
        },
      };
    },
  });
  return accepting;
}

/** What a failed write means: one that was decided elsewhere is held back with what stands there. */
function outcomeOf(
  error: unknown,
  batch: readonly PendingDecision[],
  show: (news: DecidedReport) => void,
): SendOutcome<PendingDecision> {
  const why = error instanceof Error ? error.message : say('It could not be stored.');
  if (!(error instanceof Refusal) || error.document.status >= 500) return { is: 'away', problem: why };
  const now = error.isStale ? decidedReport.safeParse(error.document.current).data : undefined;
  if (!now) return { is: 'held', items: batch.map((item) => ({ item, why })) };
  show(now);
  const stands = (item: PendingDecision): Decided =>
    now.students
      .find(({ id }) => id === item.studentId)
      ?.decisions.find((each) => each.itemId === item.itemId && each.partId === item.partId) ?? { comment: '' };
  return {
    is: 'held',
    items: batch.flatMap((item) => {
      const theirs = stands(item);
      return same(theirs, item.was)
        ? []
        : [{ item, why: say('It was decided elsewhere meanwhile.'), theirs: inWords(theirs) }];
    }),
  };
}

export function inWords({ credit, comment }: Decided): string {
  return [
    credit === undefined ? say('as judged') : say('{{roundTo}} % of the marks', { roundTo: roundTo(credit * 100, 0) }),
    ...(comment === '' ? [] : [`“${comment}”`]),
  ].join(', ');
}

/** The marking with decisions in it that have not arrived yet. */
export function useWithDecisions(marking: Marking, { state: { waiting } }: Pick<Decisions, 'state'>): Marking {
  return useMemo(() => overlaid(marking, waiting, withDecided), [marking, waiting]);
}

function withDecided(student: MarkedStudent, pending: readonly PendingDecision[]): MarkedStudent {
  const named = new Set(pending.map(({ itemId, partId }) => `${itemId} ${partId}`));
  const others = student.decisions.filter(({ itemId, partId }) => !named.has(`${itemId} ${partId}`));
  const own = pending
    .filter(({ is }) => is.credit !== undefined || is.comment !== '')
    .map(({ itemId, partId, is }) => ({ itemId, partId, ...plain(is) }));
  return { ...student, decisions: [...others, ...own] };
}
