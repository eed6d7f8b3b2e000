/** Every kind of case by its name. Code asks these records what a case can do, never for the name of its kind. */

import type { KindOfCase } from './kind.ts';
import { borrow } from './kinds/borrow.ts';
import { convert } from './kinds/convert.ts';
import { drawDown } from './kinds/drawDown.ts';
import { flat } from './kinds/flat.ts';
import { lease } from './kinds/lease.ts';
import { lumpSum } from './kinds/lumpSum.ts';
import { save } from './kinds/save.ts';
import type { SlotName, StatementKind } from './statement.ts';

export const kinds: Readonly<Record<StatementKind, KindOfCase>> = {
  borrow,
  save,
  'draw-down': drawDown,
  'lump-sum': lumpSum,
  lease,
  flat,
  convert,
};

/** The record of a statement's kind. */
export const kindOf = ({ kind }: { readonly kind: StatementKind }): KindOfCase => kinds[kind];

/** True where a case's balance is savings: interest is earned and adds to it. */
export const isSaving = ({ directions }: KindOfCase): boolean => directions.plan === 'saving';

/** The name of a slot in a kind of statement. */
export function slotName(kind: StatementKind, slot: SlotName): string {
  return kinds[kind].slotNames[slot] ?? slot;
}
