/** Reads a recurrence as somebody writes it: any letter, forward or back, expanded or in brackets, the start before or behind. */

import { fail, ok, type Result } from '../result.ts';
import { evaluateExpression } from '../money/expression.ts';
import { readEntry } from '../money/readEntry.ts';
import type { NumberStyle } from '../money/numberStyle.ts';

export interface ReadRelation {
  /** Nothing where no start is written. */
  readonly start?: number;
  readonly multiplier: number;
  /** What is added each time once the brackets are multiplied out; minus is taken. */
  readonly constant: number;
}

const LONGEST = 300;

const small: Readonly<Record<string, string>> = Object.fromEntries([
  ...[...'₀₁₂₃₄₅₆₇₈₉'].map((digit, at) => [digit, String(at)]),
  ['₊', '+'],
  ['₋', '-'],
  ['ₙ', 'n'],
  ['ₖ', 'k'],
  ['ₜ', 't'],
]);

/** A term with its place: `V_{n+1}`, `u(n-1)`, `Vn`, `T_k`. */
const TERM = /([A-Za-z])_?(?:\{([^}]*)\}|\(([nkt][^()]*|0)\)|([nkt0](?:[+-]1)?))/g;

/** @returns what is read; a problem says which piece cannot be, in a sentence */
export function readRelation(text: string, style: NumberStyle): Result<ReadRelation> {
  const written = plain(text);
  if (written === '') return fail('blank', 'Nothing was written.');
  if (written.length > LONGEST)
    return fail('unreadable', `This is ${written.length} characters long; a relation is expected.`);
  const start = startIn(written, style);
  const right = ruleIn(start.rest);
  if (right === undefined)
    return fail('unreadable', 'A relation is expected, such as V(n+1) = 1.005 · V(n) − 200, with V(0) = 9000.');
  const formula = withTimes(right);
  if (!/\bx\b/.test(formula))
    return fail(
      'unreadable',
      'The right side must have the term before in it: without it no term follows from another.',
    );
  const at = (x: number): number => {
    const found = evaluateExpression(formula, { x }, style);
    return found.ok ? found.value.value : NaN;
  };
  const [zero, one, two] = [at(0), at(1), at(2)];
  if (![zero, one, two].every(Number.isFinite))
    return fail('unreadable', `“${right.replaceAll('x', 'V').slice(0, 60)}” cannot be worked out.`);
  const slope = one - zero;
  if (Math.abs(two - zero - 2 * slope) > 1e-6 * Math.max(1, Math.abs(slope)))
    return fail('unreadable', 'Each term should be the one before times a number, with an amount taken or added.');
  return ok({ ...(start.value === undefined ? {} : { start: start.value }), multiplier: slope, constant: zero });
}

/** Small digits made large, signs made plain, blanks out. */
function plain(text: string): string {
  return [...text.trim()]
    .map((each) => small[each] ?? each)
    .join('')
    .replace(/[−–]/g, '-')
    .replace(/[·×∙⋅]/g, '*')
    .replace(/(\d)\s*x\s*(?=[A-Za-z(])/g, '$1*')
    .replace(/\$/g, '');
}

/** Where the sequence starts, and the text without it. */
function startIn(text: string, style: NumberStyle): { readonly value?: number; readonly rest: string } {
  const found =
    /(?:[A-Za-z]_?[{(]?0[)}]?|start(?:s|ing)?)\s*(?:=|at|is|:|from|value)*\s*([-\d][\d.,'’ \u00a0]*\d|\d)/i.exec(text);
  const entry = found?.[1] === undefined ? undefined : readEntry(found[1].trim(), style);
  if (!found || !entry?.ok) return { rest: text };
  return {
    value: entry.value.value,
    rest: `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`,
  };
}

/** The right side of the rule with `x` for the term before; nothing where there is no rule. */
function ruleIn(text: string): string | undefined {
  const sides = /([^=]*)=([^=]*)/.exec(text.replace(/\b(?:and|with|where)\b/gi, ' '));
  if (!sides) return undefined;
  const right = (sides[2] ?? '').replace(/[;,\s]+$/, '');
  return right.replace(TERM, ' x ').replace(/\s+/g, ' ').trim();
}

/** `1.0055 x` and `1.0055 (x − 3)` with the sign they leave out. */
const withTimes = (formula: string): string =>
  formula
    .replace(/([\d)])\s*(?=[x(])/g, '$1*')
    .replace(/x\s*(?=[\d(])/g, 'x*')
    .replace(/\)\s*x/g, ')*x');
