/** What a stated case comes to, with its variations; while a slot is being mended what was last solved stays in sight. */

import {
  figuresOf,
  kindOf,
  quantityOfSlot,
  readRefinancing,
  solveCase,
  solveVariation,
  type HouseRules,
  type SolvedCase,
} from '@hardy-sextant/core';
import type { CaseDocument } from '@hardy-sextant/contract';
import { useMemo, useState } from 'react';
import { emptySlots } from './benchDocument.ts';

export function useSolved({ draft, variations }: CaseDocument, { rounding }: HouseRules) {
  const outcome = useMemo(() => solveCase(draft, rounding), [draft, rounding]);
  const current = outcome.state === 'solved' ? outcome.solved : undefined;
  const [last, setLast] = useState<SolvedCase>();
  const keep = current ?? (kindOf(draft).hasTable ? last : undefined);
  if (keep !== last) setLast(keep);
  const solved = current ?? (emptySlots(draft) ? undefined : keep);
  const figures = useMemo(() => solved && figuresOf(solved.table), [solved]);
  const outcomes = useMemo(
    () => (solved ? variations.map((variation) => solveVariation(draft, variation, solved.table, rounding)) : []),
    [draft, variations, solved, rounding],
  );
  /** What the Working tab asks where nothing else was chosen. */
  const asked = useMemo(
    () => ({
      quantity:
        draft.unknown === 'converted' || !kindOf(draft).hasTable
          ? ('converted' as const)
          : quantityOfSlot(draft.unknown),
      refinancing: variations.flatMap(
        (variation) => (variation.refinancing && readRefinancing(variation.refinancing, draft)) ?? [],
      )[0],
    }),
    [draft, variations],
  );
  return {
    outcome,
    /** Solved as it stands now. */
    current,
    /** The same, or what was solved before the slot that is being mended. */
    solved,
    figures,
    outcomes,
    asked,
  };
}
