/** Keeps a case while it is stated: written by itself, and nothing lost when the server refuses or is away. */

import { caseDocument, keptCase, type KeptCase } from '@hardy-sextant/contract';
import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { z } from 'zod';
import { call } from '../../api/call.ts';
import { unsentSchema, useKeptDocument } from '../../api/kept/useKeptDocument.ts';
import { hasUnsent, remembered } from '../../api/kept/unsent.ts';
import { useLatest } from '../../ui/useLatest.ts';
import { isWorthKeeping, type BenchDocument } from './benchDocument.ts';
import { listKey } from '../../api/records.ts';
import { say } from '../../words/say.ts';

const benchDocument = z.object({ title: z.string(), document: caseDocument }) as unknown as z.ZodType<BenchDocument>;
const keyOf = (caseId: string): string => say('case {{caseId}}', { caseId });

/** A case that was stated here and never reached the server: it is opened from what was typed. */
export function isUnsentCase(caseId: string): boolean {
  return hasUnsent(keyOf(caseId), unsentSchema(benchDocument));
}

/** What was typed under this case and never stored, on this page or before a reload. */
export function unsentCase(caseId: string): BenchDocument | undefined {
  return remembered(keyOf(caseId), unsentSchema(benchDocument))?.value;
}

interface Autosave {
  readonly caseId: string;
  readonly start: BenchDocument;
  readonly kept: KeptCase | undefined;
  readonly present: BenchDocument;
  readonly onCreated: (kept: KeptCase) => void;
  /** Another version is to be shown: theirs, or what was typed before this screen was opened. */
  readonly onShow: (document: BenchDocument) => void;
}

export function useAutosave({ caseId, start, kept, present, onCreated, onShow }: Autosave) {
  const queries = useQueryClient();
  const created = useLatest(onCreated);
  const put = async ({ title, document }: BenchDocument, revision: number): Promise<KeptCase> => {
    const body = { title: title.trim() || say('Unnamed case'), document };
    const stored =
      revision === 0
        ? await call('/cases', keptCase, { method: 'POST', body: { id: caseId, ...body } })
        : await call(`/cases/${caseId}`, keptCase, { method: 'PUT', body: { revision, ...body } });
    queries.setQueryData(['cases', stored.id], stored);
    void queries.invalidateQueries({ queryKey: listKey('cases') });
    if (revision === 0) created(stored);
    return stored;
  };
  const [state, document] = useKeptDocument<BenchDocument, KeptCase>({
    key: keyOf(caseId),
    path: `/bench/${caseId}`,
    nameOf: ({ title }) => say('case “{{title}}”', { title: title.trim() || say('Unnamed case') }),
    start: { value: start, revision: kept?.revision ?? 0 },
    valueOf: ({ title, document: stored }) => ({ title, document: stored }),
    revisionOf: ({ revision }) => revision,
    isWorthKeeping,
    send: put,
    keptSchema: keptCase,
    valueSchema: benchDocument,
  });
  // What is edited here, with its undo, is what is kept.
  useEffect(() => document.change(present), [document, present]);
  const settle = (choice: 'mine' | 'theirs' | 'both'): void => {
    const { theirs } = state;
    if (!theirs) return;
    if (choice === 'mine') document.settle('mine');
    else if (choice === 'theirs') {
      document.settle('theirs');
      onShow({ title: theirs.title, document: theirs.document });
    } else
      void keepBoth(queries, present).then(
        (stored) => {
          document.settle('theirs');
          created(stored);
        },
        () => undefined,
      );
  };
  const { phase, problem, theirs: conflict } = state;
  return { phase, problem, conflict, settle, flush: document.flush, drop: document.drop };
}

/** Mine goes on beside theirs, as a case of its own. */
async function keepBoth(queries: QueryClient, { title, document }: BenchDocument): Promise<KeptCase> {
  const body = { id: crypto.randomUUID(), title: title.trim() || say('Unnamed case'), document };
  const stored = await call('/cases', keptCase, { method: 'POST', body });
  queries.setQueryData(['cases', stored.id], stored);
  void queries.invalidateQueries({ queryKey: listKey('cases') });
  return stored;
}
