/** What is asked of a case, kept in the address: a link asks the same. */

import { isQuantity, quantities, type Ask, type StatementDraft } from '@hardy-sextant/core';
import { useMemo } from 'react';
import { useAddress } from '../ui/useSearchSetting.ts';

/** Stands in the address for a number that cannot be read. */
const UNREADABLE = '-';

export function useAsk(draft: StatementDraft, start: Ask): readonly [Ask, (ask: Ask) => void] {
  const [search, change] = useAddress();
  const asked = search.get('ask') ?? '';
  const known = isQuantity(asked) && quantities[asked].applies(draft) ? asked : undefined;
  const [after, from, to, below] = [search.get('at'), search.get('first'), search.get('last'), search.get('past')];
  const ask = useMemo((): Ask => {
    const number = (text: string | null, usual: number): number =>
      text === null ? usual : text === UNREADABLE ? NaN : Number(text);
    const year = Math.max(1, draft.paymentsPerYear);
    return {
      quantity: known ?? start.quantity,
      after: number(after, year),
      from: number(from, 1),
      to: number(to, year),
      below: number(below, 0),
      ...(start.refinancing ? { refinancing: start.refinancing } : {}),
    };
  }, [known, start, after, from, to, below, draft.paymentsPerYear]);
  const choose = (next: Ask): void =>
    change((settings) => {
      settings.set('ask', next.quantity);
      const { needs } = quantities[next.quantity];
      for (const [name, need] of [
        ['at', 'after'],
        ['first', 'from'],
        ['last', 'to'],
        ['past', 'below'],
      ] as const) {
        if (!needs.includes(need)) settings.delete(name);
        // What was not changed stays as the address has it: it may be newer than what is drawn.
        else if (!Object.is(next[need], ask[need]) || !settings.has(name))
          settings.set(name, Number.isFinite(next[need]) ? String(next[need]) : UNREADABLE);
      }
    });
  return [ask, choose];
}
