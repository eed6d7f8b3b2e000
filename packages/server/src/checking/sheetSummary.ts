/** What lists say of a worksheet that was judged. */

import type { ExerciseSheetJudged } from '@hardy-sextant/core';
import type { WorksheetSummary } from '@hardy-sextant/contract';

export function summaryOfSheet({ cells, causes, credit, says }: ExerciseSheetJudged): WorksheetSummary {
  return {
    credit,
    ...(says === undefined ? {} : { says: says.slice(0, 400) }),
    causes: causes.map(({ id, title, certain, remark }) => ({ id, title, certain, remark })),
    wrong: cells.filter(({ verdict }) => verdict === 'wrong').length,
    cells: cells.length,
  };
}
