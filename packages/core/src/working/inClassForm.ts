/** Formulas in the class's own form: its letters, its powers, its factors, its digits. */

import { roundTo } from '../money/roundMoney.ts';
import { writeBrief, type NumberStyle } from '../money/numberStyle.ts';
import type { LetterName, Writing } from '../exercise/writing.ts';
import { div, letter, num, type Term } from './term.ts';

/** The letters our formulas are made with, by what they stand for. */
const own: Readonly<Record<string, LetterName>> = {
  A: 'amount',
  P: 'payment',
  F: 'finalAmount',
  i: 'rate',
  j: 'quoted',
  n: 'count',
};

/** A name of our formulas in the class's letters: `P_{2}` with R for the payment is `R_{2}`. */
export function inLetters(name: string, { letters }: Pick<Writing, 'letters'>): string {
  const [, base = '', rest = ''] = /^([A-Za-z])($|[_'].*$)/.exec(name) ?? [];
  const known = own[base];
  return known ? `${texLetter(letters[known])}${rest}` : name;
}

/** Several letters together stand upright, as one name. */
export const texLetter = (text: string): string => (text.length > 1 ? `\\mathrm{${text}}` : text);

/**
 * A value on the way, with as many places as the class keeps.
 *
 * @param least places shown at least
 * @param most places shown where the class keeps more
 */
export function onTheWay(
  value: number,
  least: number,
  most: number,
  { digits }: Pick<Writing, 'digits'>,
  style: NumberStyle,
): string {
  const places = Math.min(most, digits.places);
  const text = writeBrief(value, Math.min(least, places), places, style);
  const cut = Math.abs(roundTo(value, places) - value) > 1e-12 * Math.abs(value);
  return digits.dots && cut ? `${text}…` : text;
}

/** A factor that is named, with what it is: shown on a line of its own before the formula that uses it. */
export interface NamedFactor {
  readonly tex: string;
  readonly made: Term;
}

/** A term as the class writes it; its value is the same. */
export function inClassForm(
  term: Term,
  writing: Writing,
  style: NumberStyle,
): { readonly term: Term; readonly factors: readonly NamedFactor[] } {
  const factors: NamedFactor[] = [];
  const write = (each: Term): Term => {
    const named = writing.factor === 'named' ? factorIn(each) : undefined;
    if (named) {
      const made = write1(each);
      if (!factors.some(({ tex }) => tex === named.tex)) factors.push({ tex: named.tex, made });
      return letter(named.tex, named.value, onTheWay(named.value, 4, 8, writing, style), made);
    }
    return write1(each);
  };
  const write1 = (each: Term): Term => {
    switch (each.op) {
      case 'letter':
      case 'number':
        return each;
      case 'minus':
      case 'ln':
      case 'exp':
        return { ...each, of: write(each.of) };
      case '*': {
        const back = writing.power === 'denominator' ? discountOf(each.right) : undefined;
        return back
          ? div(write(each.left), write(back))
          : { ...each, left: write(each.left), right: write(each.right) };
      }
      case '^': {
        const back = writing.power === 'denominator' ? discountOf(each) : undefined;
        return back ? div(num(1), write(back)) : { ...each, left: write(each.left), right: write(each.right) };
      }
      default:
        return { ...each, left: write(each.left), right: write(each.right) };
    }
  };
  return { term: write(term), factors };
}

/** `x^{−k}` as `x^k`, to stand under a fraction bar. */
function discountOf(term: Term): Term | undefined {
  return term.op === '^' && term.right.op === 'minus' ? { ...term, right: term.right.of } : undefined;
}

/** What k payments of 1 are worth at the start (a) or have grown to (s), where a term is one of the two. */
function factorIn(term: Term): { readonly tex: string; readonly value: number } | undefined {
  if (term.op !== '/' || term.left.op !== '-') return undefined;
  const { left, right } = term.left;
  const [power, one, name] = isOne(left) ? [right, left, 'a'] : [left, right, 's'];
  if (!isOne(one) || power.op !== '^') return undefined;
  const { left: base, right: exponent } = power;
  if (base.op !== '+' || !isOne(base.left) || !isSame(base.right, term.right)) return undefined;
  const count = name === 'a' ? (exponent.op === 'minus' ? exponent.of : undefined) : exponent;
  if (!count || (count.op !== 'letter' && count.op !== 'number')) return undefined;
  const i = valueOf(base.right);
  const n = count.value;
  if (i === undefined) return undefined;
  const value = name === 'a' ? (1 - (1 + i) ** -n) / i : ((1 + i) ** n - 1) / i;
  return { tex: `${name}_{${count.op === 'letter' ? count.tex : count.value}}`, value };
}

const isOne = (term: Term): boolean => term.op === 'number' && term.value === 1;
const isSame = (a: Term, b: Term): boolean => JSON.stringify(a) === JSON.stringify(b);

function valueOf(term: Term): number | undefined {
  if (term.op === 'letter' || term.op === 'number') return term.value;
  if (term.op !== '/') return undefined;
  const [top, bottom] = [valueOf(term.left), valueOf(term.right)];
  return top === undefined || bottom === undefined ? undefined : top / bottom;
}
