/** Every way in which a formula may be mended: each edit says of which cause it would be. Adding an edit adds it to a list here. */

import { type Node } from '../formula.ts';
import { countInYears, functionSign, leftOut, swapped, typeArgument } from './arguments.ts';
import { carried, extra, literal, signs } from './arithmetic.ts';
import { percent, wrongDivisor, yearlyRate } from './rates.ts';
import { fixedThoughMoving, notFixed, ranges, runningRange, wrongCell } from './references.ts';
import { type Edit, type EditedCell, type Variant } from './variant.ts';

/** What may be wrong with a formula wherever it stands. */
const anywhere: readonly Edit[] = [
  yearlyRate,
  wrongDivisor,
  percent,
  countInYears,
  swapped,
  leftOut,
  typeArgument,
  functionSign,
  signs,
];
const ofRow: readonly Edit[] = [
  notFixed,
  fixedThoughMoving,
  runningRange,
  ...anywhere,
  extra,
  carried,
  literal,
  wrongCell,
];
const ofInput: readonly Edit[] = [...anywhere, literal, ranges, wrongCell];
const ofTotal: readonly Edit[] = [ranges, functionSign, wrongCell];

/** Every way in which a formula may be mended. */
export function variantsOf(node: Node, cell: EditedCell, kind: 'row' | 'input' | 'total'): Variant[] {
  const edits = kind === 'row' ? ofRow : kind === 'input' ? ofInput : ofTotal;
  return edits.flatMap((edit) => edit(node, cell));
}
