/** Leaving the page of a record that was just deleted. */

import type { BinKind } from '@hardy-sextant/contract';
import { useNavigate } from 'react-router';
import { showUndo } from '../ui/showUndo.tsx';
import { useRestore } from './records.ts';
import { say } from '../words/say.ts';

interface Deleted {
  readonly kind: BinKind;
  readonly id: string;
  /** "BM 110", “Week 6” */
  readonly name: string;
  /** The list that it stood in. */
  readonly list: string;
  /** Its own page. */
  readonly page: string;
}

/** Goes to the list, and offers for a while to bring the record back and return to it. */
export function useLeaveDeleted(): (deleted: Deleted) => Promise<void> {
  const navigate = useNavigate();
  const { mutateAsync: restore } = useRestore();
  return async ({ kind, id, name, list, page }) => {
    await navigate(list);
    showUndo(say('{{name}} is deleted.', { name }), async () => {
      await restore({ kind, id });
      await navigate(page);
    });
  };
}
