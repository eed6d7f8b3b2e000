/** What is looked at on the Bench: the tab, how the table is shown, the range of payments; all of it stands in the address. */

import { useState } from 'react';
import type { TableView } from '../../statement/TablePanel.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { useAddress } from '../../ui/useSearchSetting.ts';

const years: readonly TableView['years'][] = ['none', 'plan-year', 'calendar-year'];

/** @param count rows of the table; @param perYear payments a year, the range that is shown at first */
export function useBenchView(count: number, perYear: number) {
  const [search, changeAddress] = useAddress();
  const [jumpTo, setJumpTo] = useState<number>();
  const set = (values: Readonly<Record<string, string>>) =>
    changeAddress((settings) => {
      for (const [name, value] of Object.entries(values)) settings.set(name, value);
    });
  const view: TableView = {
    running: search.get('running') === 'yes',
    years: years.find((each) => each === search.get('years')) ?? 'none',
  };
  return {
    tab: search.get('show') ?? 'table',
    view,
    range: {
      from: Math.max(1, Number(search.get('from') ?? 1) || 1),
      to: Number(search.get('to') ?? Math.min(perYear, count)) || 1,
      chosen: search.has('from') || search.has('to'),
    },
    jumpTo,
    setJumpTo,
    showTab: useLatest((show: string) => set({ show })),
    changeView: useLatest((name: 'running' | 'years', value: string) => set({ [name]: value })),
    setRange: (from: number, to: number) => set({ from: String(from), to: String(to) }),
  };
}

export type BenchView = ReturnType<typeof useBenchView>;
