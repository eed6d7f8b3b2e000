/** Which exercises a set has and in which order: changed at once while it is put together; once it is assigned, only after a question. */

import { nth } from '@hardy-sextant/core';
import { arrayMove } from '@dnd-kit/sortable';
import type { ChangedContents, KeptSet, SetItem } from '@hardy-sextant/contract';
import { useState } from 'react';
import { newPlace } from '../../ui/newPlace.ts';
import { useChangeContents } from '../../api/setRecords.ts';
import type { useSetEditing } from './useSetEditing.ts';

type Act = ChangedContents['change'];

/** An act that waits for the word, as it was asked for. */
export interface AskedAct {
  readonly act: Act;
  /** The exercise it is about, and how many students have answered it. */
  readonly title: string;
  readonly answered: number;
}

export function useContents(
  kept: KeptSet,
  editing: ReturnType<typeof useSetEditing>,
  titleOf: (item: SetItem) => string,
) {
  const given = kept.assignedAt !== undefined;
  const change = useChangeContents(kept.id);
  const [asked, setAsked] = useState<AskedAct>();
  const { items } = editing.document;
  const answered = (itemId: string): number =>
    [...kept.assignedExercises, ...kept.removed].find((each) => each.itemId === itemId)?.answered ?? 0;
  const ask = (act: Act, title: string, count: number): void => {
    change.reset();
    setAsked({ act, title, answered: count });
  };
  const order = (next: readonly SetItem[]): void => {
    if (!given) return editing.change({ items: [...next] });
    if (next.every(({ id }, at) => id === nth(items, at).id)) return;
    ask({ act: 'order', itemIds: next.map(({ id }) => id) }, '', 0);
  };
  return {
    add: (exerciseId: string | null, title: string): void => {
      if (!exerciseId) return;
      const item = { id: newPlace(), exerciseId };
      if (given) ask({ act: 'add', item }, title, 0);
      else editing.change({ items: [...items, item] });
    },
    remove: (item: SetItem): void => {
      if (given) ask({ act: 'remove', itemId: item.id }, titleOf(item), answered(item.id));
      else editing.change({ items: items.filter(({ id }) => id !== item.id) });
    },
    putBack: (itemId: string, title: string): void => ask({ act: 'put-back', itemId }, title, answered(itemId)),
    move: (id: string, by: number): void => {
      const at = items.findIndex((each) => each.id === id);
      if (at + by >= 0 && at + by < items.length) order(arrayMove([...items], at, at + by));
    },
    drop: (from: string, to: string): void => {
      const ids = items.map(({ id }) => id);
      order(arrayMove([...items], ids.indexOf(from), ids.indexOf(to)));
    },
    asked,
    error: change.error,
    busy: change.isPending,
    cancel: () => setAsked(undefined),
    /** Does what was asked for, on top of whatever is still being written. */
    confirm: async (): Promise<void> => {
      if (!asked) return;
      await editing.flush();
      change.mutate({ revision: editing.revision(), change: asked.act }, { onSuccess: () => setAsked(undefined) });
    },
  };
}
