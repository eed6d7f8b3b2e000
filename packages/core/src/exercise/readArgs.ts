/** The arguments of a part as typed: payment numbers, an amount, the payment really made; each a number or an expression. */

import { readSlotText, type Scope } from '../money/expression.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Ask } from '../case/quantity.ts';
import type { AskTexts } from './exercise.ts';

export type ReadArgs = Pick<Ask, 'after' | 'from' | 'to' | 'below'> & { readonly paying?: number };

/** @returns the numbers of those that are filled in; a problem's field is `args.` and its name */
export function readArgs(args: AskTexts | undefined, names: Scope, style: NumberStyle): Result<ReadArgs> {
  const found: { after?: number; from?: number; to?: number; below?: number; paying?: number } = {};
  for (const name of ['after', 'from', 'to', 'below', 'paying'] as const) {
    const text = args?.[name];
    if (text === undefined || text.trim() === '') continue;
    if (/^\d{1,4}$/.test(text)) {
      found[name] = Number(text);
      continue;
    }
    const entry = readSlotText(text, names, style);
    if (!entry.ok) return fail(entry.problem.code, entry.problem.message, { field: `args.${name}` });
    found[name] = name === 'paying' ? entry.value.value : roundTo(entry.value.value, 9);
  }
  return ok(found);
}
