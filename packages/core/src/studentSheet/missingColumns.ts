/** Columns that no head names, or a head names as something else, told by how the rows add up or by what their formulas read. */

import { placesRead } from './reads.ts';
import type { SheetView } from './sheetView.ts';
import { columnsByArithmetic, roles } from './tableShapes.ts';
import type { FoundColumn } from './words.ts';

/** Numbers of columns by what they hold. */
export type Columns = Map<FoundColumn, number>;

/** What heads say of them is not doubted. */
const sure: readonly FoundColumn[] = ['number', 'extra'];

/** @param first the row of the first payment, or of what is owed before it; what is known stays */
export function withMissing(view: SheetView, first: number, columns: Columns): Columns {
  const missing = roles.filter((role) => role !== 'opening' && !columns.has(role));
  if (missing.length === 0) return columns;
  const isWhole = !missing.includes('interest') && !missing.includes('closing') && missing.length < 2;
  const known = new Map(roles.flatMap((role) => (columns.has(role) ? [[role, columns.get(role)!] as const] : [])));
  const settled = new Set([
    ...(isWhole ? columns : known).values(),
    ...sure.flatMap((name) => columns.get(name) ?? []),
  ]);
  const others: number[] = [];
  for (let column = Math.min(...columns.values()); column <= Math.max(...columns.values()) + 1; column += 1)
    if (!settled.has(column) && view.isFilled(first + 1, column)) others.push(column);
  if (others.length === 0) return columns;
  const told =
    columnsByArithmetic(view, first, others, known) ??
    columnsByArithmetic(view, first + 1, others, known) ??
    byFormulas(view, first + 2, others, columns);
  if (!told) return columns;
  const taken = new Set(told.values());
  return new Map([...[...columns].filter(([, column]) => !taken.has(column)), ...told]);
}

/** What the formula of a cell reads: columns of its row, columns of the row above, and whether anything else. */
interface Reads {
  readonly same: ReadonlySet<number>;
  readonly above: ReadonlySet<number>;
  readonly elsewhere: boolean;
}

function readsOf(view: SheetView, row: number, column: number): Reads | undefined {
  const node = view.calculation.book.at(view.place(row, column))?.node;
  if (!node) return undefined;
  const places = placesRead(node, view.sheet);
  const inRow = (at: number) =>
    new Set(places.filter((place) => place.sheet === view.sheet && place.row === at).map((place) => place.column));
  const elsewhere = places.some((place) => place.sheet !== view.sheet || (place.row !== row && place.row !== row - 1));
  return { same: inRow(row), above: inRow(row - 1), elsewhere };
}

/** Each missing column by what its formula reads; only one that the others go on with is part of the table. */
function byFormulas(view: SheetView, row: number, others: readonly number[], columns: Columns): Columns | undefined {
  const found: Columns = new Map(columns);
  const at = (name: FoundColumn): number => found.get(name) ?? -1;
  const reads = new Map(others.map((column) => [column, readsOf(view, row, column)]));
  const isRead = (column: number): boolean =>
    [...columns.values(), ...others].some((reader) => {
      const of = reader === column ? undefined : readsOf(view, row, reader);
      return of !== undefined && (of.same.has(column) || of.above.has(column));
    });
  const holds: Readonly<Partial<Record<FoundColumn, (of: Reads, column: number) => boolean>>> = {
    principal: ({ same }) => same.has(at('payment')) && same.has(at('interest')),
    closing: ({ same, above }, column) =>
      (same.has(at('opening')) || above.has(column)) && (same.has(at('principal')) || same.has(at('payment'))),
    interest: ({ same, above, elsewhere }) => elsewhere && (same.has(at('opening')) || above.has(at('closing'))),
    payment: ({ same, above, elsewhere }) => elsewhere && same.size === 0 && above.size === 0,
  };
  for (const role of ['principal', 'closing', 'interest', 'payment'] as const) {
    if (found.has(role)) continue;
    const fit = others.filter((column) => {
      const of = reads.get(column);
      const isFree = ![...found.values()].includes(column);
      return isFree && of !== undefined && holds[role]!(of, column) && (role === 'closing' || isRead(column));
    });
    if (fit.length === 1) found.set(role, fit[0]!);
  }
  return found.size > columns.size ? found : undefined;
}
