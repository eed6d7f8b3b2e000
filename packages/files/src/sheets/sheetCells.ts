/** What a worksheet file comes to, whatever kind it is of. */

import type { SheetCells } from '@hardy-sextant/core';

export interface SheetFile {
  readonly cells: SheetCells;
  /** Names the workbook defines, with what they stand for. */
  readonly names: Readonly<Record<string, string>>;
  /** What was left out, in sentences. */
  readonly notes: readonly string[];
}
