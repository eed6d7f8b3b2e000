/** What is asked of a case, kept in the address: a link asks the same. */

import { quantities, quantityIds, type Ask, type Quantity, type StatementDraft } from '@hardy-sextant/core';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';

export function useAsk(draft: StatementDraft, start: Ask): readonly [Ask, (ask: Ask) => void] {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('ask') as Quantity | null;
  const known = asked !== null && quantityIds.includes(asked) && quantities[asked].applies(draft);
  const [after, from, to] = [search.get('at'), search.get('first'), search.get('last')];
  const ask = useMemo((): Ask => {
    const number = (text: string | null, usual: number): number => (text === null ? usual : text === '' ? NaN : Number(text));
    const year = Math.max(1, draft.paymentsPerYear);
    return {
      quantity: known ? asked : start.quantity,
      after: number(after, year),
      from: number(from, 1),
      to: number(to, year),
      ...(start.refinancing ? { refinancing: start.refinancing } : {}),
    };
  }, [known, asked, start, after, from, to, draft.paymentsPerYear]);
  const choose = (next: Ask): void =>
    setSearch(
      (before) => {
        before.set('ask', next.quantity);
        const { needs } = quantities[next.quantity];
        for (const [name, need] of [
          ['at', 'after'],
          ['first', 'from'],
          ['last', 'to'],
        ] as const) {
          if (!needs.includes(need)) before.delete(name);
          else before.set(name, Number.isFinite(next[need]) ? String(next[need]) : '');
        }
        return before;
      },
      { replace: true },
    );
  return [ask, choose];
}
