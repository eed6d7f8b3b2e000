/** A set being changed: shown at once, written one change after another, kept while the server is away. */

import { keptSet, setDocument, type KeptSet, type SetDocument } from '@hardy-sextant/contract';
import { useEffect } from 'react';
import { z } from 'zod';
import { call } from '../../api/call.ts';
import { useKeptDocument } from '../../api/kept/useKeptDocument.ts';
import { useKept } from '../../api/setRecords.ts';
import { say } from '../../words/say.ts';

interface Draft {
  readonly title: string;
  readonly document: SetDocument;
}

const draftSchema = z.object({ title: z.string(), document: setDocument });

export function useSetEditing(kept: KeptSet) {
  const told = useKept();
  const [state, editing] = useKeptDocument<Draft, KeptSet>({
    key: `set ${kept.id}`,
    path: `/sets/${kept.id}`,
    nameOf: ({ title }) => say('set “{{title}}”', { title }),
    start: { value: { title: kept.title, document: kept.document }, revision: kept.revision },
    valueOf: ({ title, document }) => ({ title, document }),
    revisionOf: ({ revision }) => revision,
    send: async ({ title, document }, revision) => {
      const stored = await call(`/sets/${kept.id}`, keptSet, { method: 'PUT', body: { title, document, revision } });
      void told(stored);
      return stored;
    },
    keptSchema: keptSet,
    valueSchema: draftSchema,
    options: { quietMs: 0 },
  });
  useEffect(() => editing.received(kept), [editing, kept]);
  return {
    ...state.present,
    change: (change: Partial<SetDocument>, title?: string) =>
      editing.change((before) => ({ title: title ?? before.title, document: { ...before.document, ...change } })),
    phase: state.phase,
    problem: state.problem,
    conflict: state.theirs,
    settle: editing.settle,
    flush: editing.flush,
    drop: editing.drop,
    /** What an act on the set is based on. */
    revision: () => editing.revision,
  };
}
