/** A case on the Bench: what is edited, under which rules, and how it is kept. */

import { numberStyleById, rulesInWords, type StatementDraft } from '@hardy-sextant/core';
import type { KeptCase, KeptRules } from '@hardy-sextant/contract';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { useAddress } from '../../ui/useSearchSetting.ts';
import { inStyleOf, newDocument, useBenchDocument } from './benchDocument.ts';
import { unsentCase, useAutosave } from './useAutosave.ts';

export interface BenchCaseProps {
  readonly caseId: string;
  readonly kept?: KeptCase;
  /** Never empty: the usual rules are among them. */
  readonly rulesSets: readonly [KeptRules, ...KeptRules[]];
}

export type BenchCase = ReturnType<typeof useBenchCase>;

export function useBenchCase({ caseId, kept, rulesSets }: BenchCaseProps) {
  const navigate = useNavigate();
  const [search] = useAddress();
  const rulesFor = (id: string): KeptRules => rulesSets.find((each) => each.id === id) ?? rulesSets[0];
  const [start] = useState(() => {
    const rules = rulesFor(kept?.document.rules ?? search.get('rules') ?? 'default');
    return {
      title: kept?.title ?? '',
      document: kept ? inStyleOf(kept.document, rules.rules) : newDocument(rules.rules, rules.id),
    };
  });
  // What was typed here before and never stored goes on from there.
  const [first] = useState(() => unsentCase(caseId) ?? start);
  const bench = useBenchDocument(first);
  const { title, document } = bench.present;
  const { rules, name } = rulesFor(document.rules);
  const { numberStyle } = document.draft;
  // How numbers are shown; what is put into slots and on the clipboard keeps its cents.
  const style = useMemo(
    () => ({ ...numberStyleById(numberStyle), moneyDecimals: rules.decimals }),
    [numberStyle, rules.decimals],
  );
  const autosave = useAutosave({
    caseId,
    start,
    kept,
    present: bench.present,
    // From now on the address leads to a kept case: its own, or the one beside it when both were kept.
    onCreated: (stored) => {
      if (window.location.pathname.startsWith('/bench'))
        void navigate({ pathname: `/bench/${stored.id}`, search: window.location.search }, { replace: true });
    },
    onShow: (theirs) =>
      bench.replace({
        title: theirs.title,
        document: inStyleOf(theirs.document, rulesFor(theirs.document.rules).rules),
      }),
  });
  useBarNote(`${name} · ${rulesInWords(rules)}`);
  return {
    caseId,
    bench,
    title,
    document,
    draft: document.draft,
    rules,
    style,
    autosave,
    setDraft: (next: StatementDraft, what: string) =>
      bench.editDocument((before) => ({ ...before, draft: next }), `draft.${what}`),
    chooseRules: (id: string) =>
      bench.editDocument((before) => ({ ...inStyleOf(before, rulesFor(id).rules), rules: id }), 'rules'),
  };
}
