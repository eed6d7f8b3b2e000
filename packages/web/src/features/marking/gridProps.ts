/** What the marking grid shows and says. */
import type { MarkedStudent } from '@hardy-sextant/contract';
import type { KeyboardEvent } from 'react';
import type { Cell, Column } from './causes.ts';
import type { Place } from './MarkingRow.tsx';

export interface MarkingGridProps {
  readonly columns: readonly Column[];
  /** The students shown, in order. */
  readonly students: readonly MarkedStudent[];
  readonly cells: ReadonlyMap<string, ReadonlyMap<string, Cell>>;
  readonly totals: ReadonlyMap<string, string>;
  readonly of: string;
  readonly chosen: Place | undefined;
  /** Answers that the filter is about; all when undefined. */
  readonly lit: ReadonlySet<string> | undefined;
  readonly onChoose: (place: Place) => void;
  readonly onWrite: (place: Place, text: string) => void;
  /** A block of cells pasted with its upper left corner here. */
  readonly onPaste: (place: Place, rows: readonly (readonly string[])[]) => void;
  /** A key that means something else than moving; true where it was taken. */
  readonly onKey: (event: KeyboardEvent) => boolean;
}
