/** What the parts of an exercise count together. */

import { roundTo } from '@hardy-sextant/core';

export const sumOf = (parts: readonly { readonly marks: number }[]): number =>
  roundTo(
    parts.reduce((sum, { marks }) => sum + marks, 0),
    2,
  );
