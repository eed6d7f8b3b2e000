/** What is mended in another cell than the wrong one: an input it reads, a number stored as text, the sign of the payments. */

import { fullAddress, isSamePlace } from './cells.ts';
import type { CauseId } from './causes.ts';
import { writeFormula, type Node } from './formula.ts';
import type { JudgedCell } from './judgeCells.ts';
import type { Calculation } from './recalculate.ts';
import type { SheetModel } from './sheetModel.ts';
import type { MoneyColumn } from './tableKeys.ts';
import { numberInText } from './values.ts';

/** A cause to try: what stands in which cells instead. */
export interface Candidate {
  readonly causes: readonly CauseId[];
  readonly tier: number;
  /** What stands in which cells instead. */
  readonly instead: Map<number, Node | number>;
  readonly cells: readonly string[];
  readonly wrongFormula?: string;
  readonly rightFormula?: string;
}

/** What is mended in a cell that the wrong one reads: an input that is a percentage, a text, a count of years; a function's sign. */
export function mendsElsewhere(root: JudgedCell, model: SheetModel, calculation: Calculation): Candidate[] {
  const found: Candidate[] = [];
  const { annual, i } = model.numbers;
  for (const [name, place] of model.inputs) {
    const cell = model.book.at(place);
    if (!cell || isSamePlace(place, root.place)) continue;
    const key = model.book.keyOf(place);
    const value = calculation.numberAt(place);
    const put = (cause: CauseId, instead: Node | number, right: string): void => {
      found.push({
        causes: [cause],
        tier: cause === 'sign-of-function' ? 1 : 0,
        cells: [fullAddress(place)],
        instead: new Map([[key, instead]]),
        wrongFormula: cell.node ? writeFormula(cell.node) : String(cell.content.value),
        rightFormula: right,
      });
    };
    const text = typeof cell.content.value === 'string' && !cell.node ? numberInText(cell.content.value) : undefined;
    if (text !== undefined) put('text-that-looks-like-a-number', text, String(text));
    const isHundred =
      (name === 'rate' && Math.abs(value - 100 * annual) < 1e-6) ||
      (name === 'ratePerPayment' && Math.abs(value - 100 * i) < 1e-6);
    if (isHundred) put('percent-as-number', value / 100, String(value / 100));
    if (name === 'payment' && cell.node)
      put(
        'sign-of-function',
        { op: 'minus', of: { op: 'brackets', of: cell.node } },
        writeFormula({ op: 'minus', of: cell.node }),
      );
  }
  return [...found, ...textsIn(root, model), ...turnedPayments(root, model, calculation)];
}

/** Cells of the table that hold numbers as text. */
function textsIn(root: JudgedCell, model: SheetModel): Candidate[] {
  if (!('column' in root.of)) return [];
  const texts = (['opening', 'interest', 'payment', 'extra', 'principal', 'closing'] as const).flatMap((column) => {
    const cell = model.cellAt(column, 'column' in root.of ? root.of.k : 0);
    const value = cell?.content.value;
    const number = typeof value === 'string' && !cell?.node ? numberInText(value) : undefined;
    return cell && number !== undefined ? [{ cell, number }] : [];
  });
  return texts.map(({ cell, number }) => ({
    causes: ['text-that-looks-like-a-number'],
    tier: 0,
    cells: [fullAddress(cell.place)],
    instead: new Map([[model.book.keyOf(cell.place), number]]),
    wrongFormula: String(cell.content.value),
    rightFormula: String(number),
  }));
}

/** A column of payments that have a minus from their function, turned. */
function turnedPayments(root: JudgedCell, model: SheetModel, calculation: Calculation): Candidate[] {
  if (!('column' in root.of) || root.of.column === 'payment') return [];
  const instead = new Map<number, Node | number>();
  const cells: string[] = [];
  const { firstK, lastK } = model;
  let formula: Node | undefined;
  for (let k = firstK; k <= lastK; k += 1) {
    const cell = model.cellAt('payment' satisfies MoneyColumn, k);
    if (!cell?.node || !(calculation.numberAt(cell.place) < 0)) continue;
    formula ??= cell.node;
    instead.set(model.book.keyOf(cell.place), { op: 'minus', of: { op: 'brackets', of: cell.node } });
    cells.push(fullAddress(cell.place));
  }
  return formula
    ? [
        {
          causes: ['sign-of-function'],
          tier: 1,
          cells,
          instead,
          wrongFormula: writeFormula(formula),
          rightFormula: writeFormula({ op: 'minus', of: formula }),
        },
      ]
    : [];
}
