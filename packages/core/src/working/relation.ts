/** A recurrence in symbols, as the class writes it: the relation, the letter of its terms, their places. */

import { nth } from '../nth.ts';
import type { Work } from './work.ts';

/** The relation in symbols, as the class writes it. */
export function relation({ saving, due, writing }: Pick<Work, 'saving' | 'due' | 'writing'>): string {
  const [after, before] = termNames(writing);
  const sign = saving ? '+' : '-';
  return due ? `${after} = R\\,(${before} ${sign} d)` : `${after} = R\\,${before} ${sign} d`;
}

/** A term and the one before it: `V_{n+1}` from `V_n`, or `u_n` from `u_{n-1}`. */
export const termNames = ({ relation: form }: Work['writing']): readonly [string, string] =>
  form === 'next' ? ['V_{n+1}', 'V_n'] : ['u_n', 'u_{n-1}'];

/** The letter of the terms. */
export const termLetter = ({ writing }: Pick<Work, 'writing'>): string => (writing.relation === 'next' ? 'V' : 'u');

/** A term's place, written small and low. */
export function subscript(k: number): string {
  return String(k).replace(/\d/g, (digit) => nth('₀₁₂₃₄₅₆₇₈₉', Number(digit)));
}
