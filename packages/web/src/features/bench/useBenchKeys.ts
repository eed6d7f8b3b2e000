/** The keys of the Bench. */

import { useHotkeys } from '@mantine/hooks';
import { benchTabs } from './BenchHead.tsx';

interface BenchKeys {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly onTab: (tab: string) => void;
}

const find = (selector: string): HTMLElement | null => window.document.querySelector<HTMLElement>(selector);

export function useBenchKeys({ undo, redo, onTab }: BenchKeys): void {
  // These also while a slot is typed in.
  useHotkeys(
    [
      ['mod+Z', undo],
      ['mod+shift+Z', redo],
      ['mod+Y', redo],
    ],
    [],
  );
  useHotkeys([
    ['V', () => find('[data-add-variation]')?.click()],
    ['C', () => find('[data-add-change]')?.click()],
    ['S', () => find('[data-slot="amount"], [data-slot="rate"]')?.focus()],
    ...benchTabs.map(([name], at): [string, () => void] => [String(at + 1), () => onTab(name)]),
  ]);
}
