/** Edits of what a formula reads: fixed, moved along, pointed to another cell, or over another range. */

import { isSamePlace, type Place } from '../cells.ts';
import { type Node, type Ref, mapNode, nodesOf } from '../formula.ts';
import { type MeantName } from '../sheetModel.ts';
import { type Edit, type EditedCell, type Variant, count, isRef, places, replaceNth, targetOf } from './variant.ts';

/** Reads the same cell in every row: the one that the first row reads. */
export const notFixed: Edit = (node, cell) => {
  const { model, k } = cell;
  if (cell.column === undefined || k <= model.firstK) return [];
  const up = k - model.firstK;
  const slides = (ref: Ref): boolean => {
    if (ref.rowFixed) return false;
    const first = { ...targetOf(ref, cell), row: ref.row - up };
    const role = model.role(first).kind;
    return first.row >= 1 && (role === 'input' || role === 'other' || role === 'start');
  };
  const fix = (only: number | undefined): Variant => ({
    cause: 'reference-not-fixed',
    tier: 0,
    change: (each, { k: row }) => {
      let at = -1;
      const down = row - model.firstK;
      return mapNode(each, (part) => {
        if (part.op !== 'ref') return undefined;
        at += 1;
        if (!slides({ ...part.ref, row: part.ref.row + up - down }) || (only !== undefined && only !== at))
          return undefined;
        return { op: 'ref', ref: { ...part.ref, row: part.ref.row - down, rowFixed: true, columnFixed: true } };
      });
    },
  });
  const sliding = nodesOf(node)
    .filter((each) => each.op === 'ref')
    .flatMap((each, at) => (each.op === 'ref' && slides(each.ref) ? [at] : []));
  if (sliding.length === 0) return [];
  return sliding.length === 1 ? [fix(undefined)] : [fix(undefined), ...sliding.map(fix)];
};

/** A cell of the table that every row reads moves down with the row instead. */
export const fixedThoughMoving: Edit = (node, cell) => {
  const { model } = cell;
  if (cell.column === undefined) return [];
  return places(count(node, isRef)).map((nth): Variant => ({
    cause: 'reference-fixed-but-should-move',
    tier: 0,
    change: (each, { k }) =>
      replaceNth(each, isRef, nth, (part) => {
        if (part.op !== 'ref' || !part.ref.rowFixed) return undefined;
        const role = model.role(targetOf(part.ref, cell));
        const start = role.kind === 'start';
        if (role.kind !== 'cell' && !start) return undefined;
        const from = start ? model.firstK - 1 : role.kind === 'cell' ? role.k : 0;
        // The first row read it rightly: what it is to that row, it is to every other.
        const down = k - model.firstK;
        if (from > model.firstK) return undefined;
        return { op: 'ref', ref: { ...part.ref, row: part.ref.row + down, rowFixed: false } };
      }),
  }));
};

const meantInRow: readonly MeantName[] = ['opening', 'before', 'interest', 'payment', 'extra', 'principal', 'closing'];
const meantInputs: readonly MeantName[] = [
  'amount',
  'rate',
  'ratePerPayment',
  'payments',
  'years',
  'paymentsPerYear',
  'finalAmount',
  'payment',
];

/** Another cell than meant: each reference, pointed to each cell that could be. */
export const wrongCell: Edit = (node, cell) =>
  places(count(node, isRef)).flatMap((nth) =>
    (cell.column === undefined ? meantInputs : [...new Set([...meantInRow, ...meantInputs])]).map((name): Variant => ({
      cause: circles(node, cell)
        ? 'own-cell-circle'
        : originalAmount(node, cell, nth) && name !== 'amount'
          ? 'interest-on-original-amount'
          : 'wrong-cell',
      tier:
        circles(node, cell) || (originalAmount(node, cell, nth) && (name === 'opening' || name === 'before')) ? 1 : 2,
      change: (each, { k, column }) =>
        name === column ? undefined : replaceNth(each, isRef, nth, () => cell.model.meant(name, k)),
    })),
  );

const circles = (node: Node, cell: EditedCell): boolean =>
  nodesOf(node).some(
    (each) =>
      (each.op === 'ref' && isSamePlace(targetOf(each.ref, cell), cell.place)) ||
      (each.op === 'range' && isWithin(each.from, each.to, cell.place)),
  );

const isWithin = (from: Ref, to: Ref, { row, column }: Place): boolean =>
  row >= Math.min(from.row, to.row) &&
  row <= Math.max(from.row, to.row) &&
  column >= Math.min(from.column, to.column) &&
  column <= Math.max(from.column, to.column);

function originalAmount(node: Node, cell: EditedCell, nth: number): boolean {
  if (cell.column !== 'interest') return false;
  const refs = nodesOf(node).flatMap((each) => (each.op === 'ref' ? [each.ref] : []));
  const ref = refs[nth];
  if (!ref) return false;
  const role = cell.model.role(targetOf(ref, cell));
  return (role.kind === 'input' && role.name === 'amount') || (role.kind === 'start' && cell.k > cell.model.firstK);
}

/** The range of a sum over all rows of its column. */
export const ranges: Edit = (node, { model, place }) => {
  const { firstRow, lastRow, totalsRow } = model.table;
  const isRange = (each: Node): boolean => each.op === 'range';
  const first = nodesOf(node).find(isRange);
  if (first?.op !== 'range') return [];
  const [top, bottom] = [Math.min(first.from.row, first.to.row), Math.max(first.from.row, first.to.row)];
  const isLong = top < firstRow || bottom > lastRow || first.from.column !== first.to.column;
  // Under the table a total is that of its own column; elsewhere the formula says of which.
  const own = place.row === totalsRow ? { column: place.column } : {};
  return places(count(node, isRange)).map((nth): Variant => ({
    cause: isLong ? 'range-includes-head-or-total' : 'range-too-short',
    tier: 0,
    change: (each) =>
      replaceNth(each, isRange, nth, (part) =>
        part.op === 'range'
          ? { ...part, from: { ...part.from, row: firstRow, ...own }, to: { ...part.to, row: lastRow, ...own } }
          : undefined,
      ),
  }));
};

/** A running total whose range begins with the first row. */
export const runningRange: Edit = (node, cell) => {
  const isRange = (each: Node): boolean => each.op === 'range';
  if (cell.column === undefined || count(node, isRange) === 0) return [];
  return places(count(node, isRange)).map((nth): Variant => ({
    cause: 'reference-not-fixed',
    tier: 0,
    change: (each, { model, place }) =>
      replaceNth(each, isRange, nth, (part) =>
        part.op === 'range'
          ? {
              ...part,
              from: { ...part.from, row: model.table.firstRow, rowFixed: true },
              to: { ...part.to, row: place.row },
            }
          : undefined,
      ),
  }));
};
