/** Works a small sheet out. */

import { callableFunctions } from '../../annuity/sheetFunctions.ts';
import { type Scope, evaluateExpression } from '../../money/expression.ts';
import { type Result, ok } from '../../result.ts';
import type { SheetCell } from '../solution.ts';

/** Works a small sheet: the cells in order, then the formula over them. */
export function evaluateSheet(cells: readonly Pick<SheetCell, 'at' | 'content'>[], formula: string): Result<number> {
  const scope: Record<string, number> = {};
  for (const { at, content } of cells) {
    const value = evaluateCell(content, scope);
    if (!value.ok) return value;
    scope[at.toLowerCase()] = value.value;
  }
  return evaluateCell(formula, scope);
}

function evaluateCell(content: string, scope: Scope): Result<number> {
  const found = evaluateExpression(content.replace(/^=/, '').replaceAll('$', ''), scope, undefined, callableFunctions);
  return found.ok ? ok(found.value.percent ? found.value.value / 100 : found.value.value) : found;
}
