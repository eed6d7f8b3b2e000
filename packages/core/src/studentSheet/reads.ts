/** Which places a formula reads: single cells and every cell of its ranges. */

import type { Place } from './cells.ts';
import { nodesOf, readFormula, type Node } from './formula.ts';

/** A range is looked through so far; a table is shorter. */
const MOST_READ = 5000;

/** @param sheet the sheet the formula stands in */
export function placesRead(node: Node, sheet: string): Place[] {
  const places: Place[] = [];
  for (const each of nodesOf(node)) {
    if (each.op === 'ref') places.push({ sheet: each.ref.sheet ?? sheet, row: each.ref.row, column: each.ref.column });
    if (each.op !== 'range') continue;
    const { from, to } = each;
    for (let row = from.row; row <= to.row; row += 1)
      for (let column = from.column; column <= to.column && places.length < MOST_READ; column += 1)
        places.push({ sheet: from.sheet ?? sheet, row, column });
  }
  return places;
}

/** The same of a formula as it is typed; nothing where it cannot be read. */
export function placesReadBy(formula: string, sheet: string): Place[] {
  const node = readFormula(formula);
  return node.ok ? placesRead(node.value, sheet) : [];
}
