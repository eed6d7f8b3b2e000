/** One way to mend a formula, and the pieces that edits are made of. */

import { type CauseId } from '../causes.ts';
import { type Place } from '../cells.ts';
import { type Binary, type Node, type Ref, mapNode, nodesOf } from '../formula.ts';
import { type SheetModel } from '../sheetModel.ts';
import { type MoneyColumn } from '../tableKeys.ts';

/** A cell whose formula is looked at. */
export interface EditedCell {
  readonly model: SheetModel;
  readonly place: Place;
  /** Column and payment of a cell of the table; an input or a total has neither. */
  readonly column?: MoneyColumn | undefined;
  readonly k: number;
}

/** One way to mend a formula; the same for every cell it was copied to. */
export interface Variant {
  readonly cause: CauseId;
  /** Lower tiers come first: a cause that says more is preferred to one that fits anything. */
  readonly tier: 0 | 1 | 2;
  readonly change: (node: Node, cell: EditedCell) => Node | undefined;
}

export type Edit = (node: Node, cell: EditedCell) => readonly Variant[];

/** The nth node that fits, replaced by what `make` gives for it. */
export function replaceNth(
  node: Node,
  fits: (node: Node) => boolean,
  nth: number,
  make: (node: Node) => Node | undefined,
): Node | undefined {
  let at = -1;
  let isDone = false;
  const changed = mapNode(node, (each) => {
    if (!fits(each)) return undefined;
    at += 1;
    if (at !== nth) return undefined;
    const made = make(each);
    isDone = made !== undefined;
    return made;
  });
  return isDone ? changed : undefined;
}

export const isRef = (node: Node): boolean => node.op === 'ref';
export const isNumber = (node: Node): boolean => node.op === 'number';
export const count = (node: Node, fits: (node: Node) => boolean): number => nodesOf(node).filter(fits).length;
export const places = (size: number): number[] => Array.from({ length: size }, (_, at) => at);

export const targetOf = (ref: Ref, { place }: EditedCell): Place => ({
  sheet: ref.sheet ?? place.sheet,
  row: ref.row,
  column: ref.column,
});
export const binary = (sign: Binary, left: Node, right: Node): Node => ({ op: 'binary', sign, left, right });
export const num = (value: number): Node => ({ op: 'number', value });
/** In brackets where it is made of several. */
export const whole = (node: Node): Node => (node.op === 'binary' ? { op: 'brackets', of: node } : node);

/** The payments a year, read from their cell where there is one. */
export const perYear = ({ model }: EditedCell): Node => model.meant('paymentsPerYear', 1) ?? num(model.numbers.perYear);

export function readsRate(node: Node, cell: EditedCell): boolean {
  const { annual } = cell.model.numbers;
  return nodesOf(node).some((each) => {
    if (each.op === 'number') return Math.abs(each.value - annual) < 1e-9 || Math.abs(each.value - 100 * annual) < 1e-9;
    if (each.op !== 'ref') return false;
    const role = cell.model.role(targetOf(each.ref, cell));
    return role.kind === 'input' && (role.name === 'rate' || role.name === 'ratePerPayment');
  });
}
