/** Every slip there is, by family. docs/checking.md says how to add one. */

import type { Slip, SlipNames } from './slip.ts';
import { amountSlips } from './slips/amount.ts';
import { conversionSlips } from './slips/conversion.ts';
import { copyingSlips } from './slips/copying.ts';
import { countSlips } from './slips/count.ts';
import { deviceSlips } from './slips/device.ts';
import { formulaSlips } from './slips/formula.ts';
import { ideaSlips } from './slips/idea.ts';
import { inAdvanceSlips } from './slips/inAdvance.ts';
import { interestSlips } from './slips/interestTaken.ts';
import { otherFigureSlips } from './slips/otherFigure.ts';
import { changeSlips } from './slips/plannedChanges.ts';
import { rateSlips } from './slips/rate.ts';
import { roundingSlips } from './slips/rounding.ts';
import { savedSlips } from './slips/saved.ts';
import { signSlips } from './slips/sign.ts';
import { timingSlips } from './slips/timing.ts';
import { tableSlips, wholeTableSlips } from './tableSlips.ts';

/** Those that lead to a number of one answer. */
export const slips: readonly Slip[] = [
  ...rateSlips,
  ...conversionSlips,
  ...countSlips,
  ...amountSlips,
  ...changeSlips,
  ...savedSlips,
  ...timingSlips,
  ...signSlips,
  ...ideaSlips,
  ...interestSlips,
  ...otherFigureSlips,
  ...inAdvanceSlips,
  ...formulaSlips,
  ...deviceSlips,
  ...roundingSlips,
  ...copyingSlips,
];

/** Slips of answers, of cells of a table, and of whole tables. */
export const everySlip: readonly SlipNames[] = [...slips, ...tableSlips, ...wholeTableSlips];

export function slipById(id: string): SlipNames | undefined {
  return everySlip.find((slip) => slip.id === id);
}
