/** A slot's number as its kind is written. */

import { writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import type { SlotName } from '../case/statement.ts';

export function writeSlot(slot: SlotName, value: number, style: NumberStyle): string {
  return slot === 'rate' || slot === 'converted'
    ? writePercent(value, style)
    : slot === 'payments'
      ? writeBrief(value, 0, 4, style)
      : writeMoney(value, style);
}
