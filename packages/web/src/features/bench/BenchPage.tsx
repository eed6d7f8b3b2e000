/** The Bench: which case is opened, under whose rules. A new case has its address from the start. */
import { defaultHouseRules } from '@hardy-sextant/core';
import type { KeptRules } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Navigate, useLocation, useParams } from 'react-router';
import { z } from 'zod';
import { useCase } from '../../api/records.ts';
import { useRules } from '../../api/rulesRecords.ts';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { Bench } from './Bench.tsx';
import { isUnsentCase } from './useAutosave.ts';
import { say } from '../../words/say.ts';

/** Marks an address as one where nothing has been kept yet. */
export const freshState = { fresh: true } as const;

const usualRules: KeptRules = { id: 'default', name: say('Usual'), rules: defaultHouseRules, revision: 1, classes: [] };

/** `/bench`: a new case under an address of its own. */
export function NewCasePage() {
  const { search } = useLocation();
  return <Navigate to={{ pathname: `/bench/${crypto.randomUUID()}`, search }} state={freshState} replace />;
}

/** A case that was stated a moment ago and is not fetched. */
const isFresh = z.object({ fresh: z.literal(true) });

export function BenchPage() {
  const { caseId = '' } = useParams();
  const { state } = useLocation();
  // A case stated here stays with this page: once it is kept, its address loses the mark and there is nothing to fetch.
  const [freshId, setFreshId] = useState<string>();
  if (isFresh.safeParse(state).success && freshId !== caseId) setFreshId(caseId);
  const fresh = freshId === caseId;
  const kept = useCase(fresh ? undefined : caseId);
  const rules = useRules();
  if (rules.isPending || (!fresh && kept.isPending)) return <LoadingPage title={say('Bench')} what={say('the case')} />;
  // What was typed while the server was away is opened from what was typed.
  if (!fresh && kept.isError && !kept.data && !isUnsentCase(caseId))
    return <Failed what={say('case')} error={kept.error} again={() => void kept.refetch()} />;
  // Without the server the Bench still works; it says so when something can't be kept.
  const [first = usualRules, ...others] = rules.data ?? [];
  return (
    <Bench key={caseId} caseId={caseId} {...(kept.data ? { kept: kept.data } : {})} rulesSets={[first, ...others]} />
  );
}
