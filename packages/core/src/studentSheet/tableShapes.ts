/** Blocks of numbers without heads, and which of their columns is which by how the first rows add up. */

import type { SheetView } from './sheetView.ts';
import type { FoundColumn } from './words.ts';

/** Rows that follow each other, each with numbers in some columns. */
export interface Block {
  readonly top: number;
  readonly rows: number;
  readonly columns: readonly number[];
}

/** Runs of rows in which at least three columns hold numbers. */
export function blocksOf(view: SheetView): Block[] {
  const blocks: Block[] = [];
  let top = 0;
  let shared: number[] = [];
  const close = (row: number) => {
    if (top > 0 && row - top >= 3) blocks.push({ top, rows: row - top, columns: shared });
    top = 0;
  };
  for (let row = 1; row <= view.last.row + 1; row += 1) {
    const filled: number[] = [];
    for (let column = 1; column <= view.last.column; column += 1) if (view.isFilled(row, column)) filled.push(column);
    if (filled.length < 3) close(row);
    else if (top === 0) {
      top = row;
      shared = filled;
    } else shared = [...new Set([...shared, ...filled])].sort((a, b) => a - b);
  }
  return blocks;
}

const MOST_TRIED = 8;
const ROWS_LOOKED_AT = 4;

/** What a money column holds in the row before, in the first row and in two after it; without signs. */
type Values = readonly number[];

/** Columns as they are tried; nothing for one that the block does not have. */
interface Roles {
  readonly opening: Values | undefined;
  readonly interest: Values;
  readonly payment: Values | undefined;
  readonly principal: Values | undefined;
  readonly closing: Values;
}

const near = (a: number, b: number): boolean => Math.abs(a - b) <= 0.011;

/**
 * Payment less interest is principal, what is owed before less principal is what is owed after; a payment that has no column
 * is interest and principal together. Of what fits, the one that the next rows fit too and that explains most columns.
 *
 * @param fixed columns that are known already
 */
export function columnsByArithmetic(
  view: SheetView,
  row: number,
  money: readonly number[],
  fixed: ReadonlyMap<FoundColumn, number> = new Map(),
): Map<FoundColumn, number> | undefined {
  const isFixed = new Set(fixed.values());
  const tried = [...isFixed, ...money.filter((column) => !isFixed.has(column))].slice(0, MOST_TRIED);
  const values = new Map(
    tried.map((column) => [
      column,
      Array.from({ length: ROWS_LOOKED_AT }, (_, down) => Math.abs(view.number(row - 1 + down, column))),
    ]),
  );
  let best: { readonly columns: Map<FoundColumn, number>; readonly score: number } | undefined;
  for (const columns of assignments(tried, fixed)) {
    const of = (name: FoundColumn): Values | undefined => values.get(columns.get(name) ?? 0);
    const [interest, closing] = [of('interest'), of('closing')];
    if (!interest || !closing) continue;
    const score = scoreOf({
      opening: of('opening'),
      interest,
      payment: of('payment'),
      principal: of('principal'),
      closing,
    });
    if (score > (best?.score ?? 3)) best = { columns, score };
  }
  return best?.columns;
}

/** What can be told by arithmetic. */
export const roles = ['interest', 'closing', 'payment', 'principal', 'opening'] as const;

/** Every way to say which column is which; a payment, a principal and an opening balance may be missing. */
function assignments(columns: readonly number[], fixed: ReadonlyMap<FoundColumn, number>): Map<FoundColumn, number>[] {
  let all: Map<FoundColumn, number>[] = [
    new Map(roles.flatMap((role) => (fixed.has(role) ? [[role, fixed.get(role)!]] : []))),
  ];
  for (const role of roles.filter((each) => !fixed.has(each)))
    all = all.flatMap((so) => {
      const taken = new Set(so.values());
      const more = columns.filter((column) => !taken.has(column)).map((column) => new Map([...so, [role, column]]));
      return role === 'interest' || role === 'closing' ? more : [...more, so];
    });
  return all.filter((columns) => columns.has('payment') || columns.has('principal'));
}

/** How well three rows fit; 0 where the first does not. */
function scoreOf({ opening, interest, payment, principal, closing }: Roles): number {
  const before = (row: number): number => opening?.[row] ?? closing[row - 1] ?? NaN;
  const repaid = (row: number): number => principal?.[row] ?? (payment?.[row] ?? NaN) - interest[row]!;
  const paid = (row: number): number => payment?.[row] ?? (principal?.[row] ?? NaN) + interest[row]!;
  const fits = (row: number): boolean =>
    near(before(row) - repaid(row), closing[row]!) && near(paid(row) - interest[row]!, repaid(row));
  if (!(paid(1) > 0) || !fits(1)) return 0;
  const isCarried = opening !== undefined && near(opening[2] ?? NaN, closing[1]!);
  // Of any three columns one may be what the others come to: a second relation must hold.
  if (opening !== undefined && !isCarried && !(payment && principal)) return 0;
  // What is paid stays, interest shrinks, and a row begins with what the one before ends with.
  const isLevel = near(paid(2), paid(1)) && near(paid(3), paid(1));
  const signs = [
    fits(2),
    fits(3),
    isLevel,
    interest[2]! < interest[1]!,
    repaid(2) > repaid(1),
    closing[1]! > paid(1),
    isCarried,
    payment !== undefined,
    principal !== undefined,
  ];
  return signs.filter(Boolean).length;
}
