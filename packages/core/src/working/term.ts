/**
 * A formula as a tree, so that its symbolic form, its form with numbers, the one line to type and its value all come
 * from one place and cannot disagree.
 */

import type { NumberStyle } from '../money/numberStyle.ts';
import { writeBrief } from '../money/numberStyle.ts';

export type Term =
  /** A quantity with a letter. `made` says how it is computed, where the line to type should keep full accuracy. */
  | {
      readonly op: 'letter';
      readonly tex: string;
      readonly value: number;
      readonly shown: string;
      readonly made?: Term;
    }
  | { readonly op: 'number'; readonly value: number; readonly percent?: boolean }
  | { readonly op: '+' | '-' | '*' | '/' | '^'; readonly left: Term; readonly right: Term }
  | { readonly op: 'minus' | 'ln' | 'exp'; readonly of: Term };

export const letter = (tex: string, value: number, shown: string, made?: Term): Term => ({
  op: 'letter',
  tex,
  value,
  shown,
  ...(made ? { made } : {}),
});
export const num = (value: number): Term => ({ op: 'number', value });
export const add = (left: Term, right: Term): Term => ({ op: '+', left, right });
export const sub = (left: Term, right: Term): Term => ({ op: '-', left, right });
export const mul = (left: Term, right: Term): Term => ({ op: '*', left, right });
export const div = (left: Term, right: Term): Term => ({ op: '/', left, right });
export const pow = (left: Term, right: Term): Term => ({ op: '^', left, right });
export const minus = (of: Term): Term => ({ op: 'minus', of });
export const ln = (of: Term): Term => ({ op: 'ln', of });
export const exp = (of: Term): Term => ({ op: 'exp', of });

/** The value, step by step as the line is typed. */
export function evaluate(term: Term): number {
  switch (term.op) {
    case 'letter':
    case 'number':
      return term.value;
    case 'minus':
      return -evaluate(term.of);
    case 'ln':
      return Math.log(evaluate(term.of));
    case 'exp':
      return Math.exp(evaluate(term.of));
    case '+':
      return evaluate(term.left) + evaluate(term.right);
    case '-':
      return evaluate(term.left) - evaluate(term.right);
    case '*':
      return evaluate(term.left) * evaluate(term.right);
    case '/':
      return evaluate(term.left) / evaluate(term.right);
    case '^':
      return evaluate(term.left) ** evaluate(term.right);
  }
}

/** How tightly each form binds; a looser one inside a tighter one needs brackets. */
const binding: Readonly<Record<Term['op'], number>> = {
  '+': 1,
  '-': 1,
  minus: 2,
  '*': 3,
  '/': 3,
  '^': 5,
  letter: 9,
  number: 9,
  ln: 9,
  exp: 9,
};

/** TeX with letters (`symbols`) or with their numbers. */
export function tex(term: Term, form: 'symbols' | 'numbers', style?: NumberStyle): string {
  const write = (each: Term): string => tex(each, form, style);
  const bracketed = (each: Term, least: number, strict = false): string => {
    const loose = negative(each) ? 2 : binding[each.op];
    return loose < least || (strict && loose === least) ? `\\left(${write(each)}\\right)` : write(each);
  };
  switch (term.op) {
    case 'letter':
      return form === 'symbols' ? term.tex : texNumber(term.shown);
    case 'number':
      return texNumber(writeBrief(term.value, 0, 10, style));
    case 'minus':
      return `-${bracketed(term.of, 3)}`;
    case 'ln':
      return `\\ln\\left(${write(term.of)}\\right)`;
    case 'exp':
      return `e^{${flat(term.of, write)}}`;
    case '+':
      return `${write(term.left)} + ${bracketed(term.right, 2)}`;
    case '-':
      return `${write(term.left)} - ${bracketed(term.right, 1, true)}`;
    case '*':
      return `${bracketed(term.left, 3)}${form === 'symbols' && term.right.op !== 'number' ? '\\,' : '\\times '}${bracketed(term.right, 3)}`;
    case '/':
      return `\\dfrac{${write(term.left)}}{${write(term.right)}}`;
    case '^':
      return `${bracketed(term.left, 6)}^{${flat(term.right, write)}}`;
  }
}

/** A quotient in an exponent stands on one line. */
function flat(term: Term, write: (term: Term) => string): string {
  return term.op === '/' ? `${write(term.left)}/${write(term.right)}` : write(term);
}

function negative(term: Term): boolean {
  return (term.op === 'letter' || term.op === 'number') && term.value < 0;
}

/** The line to type on a calculator or behind `=` in a worksheet: every bracket it needs, every digit it has. */
export function oneLine(term: Term): string {
  const bracketed = (each: Term, least: number, strict = false): string => {
    const inner = each.op === 'letter' && each.made ? each.made : each;
    const loose = negative(inner) ? 2 : binding[inner.op];
    return loose < least || (strict && loose === least) ? `(${oneLine(inner)})` : oneLine(inner);
  };
  switch (term.op) {
    case 'letter':
      return term.made ? oneLine(term.made) : plainNumber(term.value);
    case 'number':
      return plainNumber(term.value);
    case 'minus':
      return `-${bracketed(term.of, 6)}`;
    case 'ln':
      return `ln(${oneLine(term.of)})`;
    case 'exp':
      return `exp(${oneLine(term.of)})`;
    case '+':
      return `${oneLine(term.left)}+${bracketed(term.right, 2)}`;
    case '-':
      return `${oneLine(term.left)}-${bracketed(term.right, 1, true)}`;
    case '*':
      return `${bracketed(term.left, 3)}*${bracketed(term.right, 3, term.right.op === '/')}`;
    case '/':
      return `${bracketed(term.left, 3)}/${bracketed(term.right, 3, true)}`;
    case '^':
      return `${bracketed(term.left, 6)}^${bracketed(term.right, 9)}`;
  }
}

/** A number as it is typed: with every digit that counts, without the dust of binary fractions, never in powers of ten. */
export function plainNumber(value: number): string {
  const kept = withoutDust(value);
  const text = String(kept);
  return text.includes('e') ? kept.toFixed(20).replace(/\.?0+$/, '') : text;
}

/** 0.072 where binary fractions leave 0.07200000000000001; what has more digits of its own, a rate that was solved for, keeps them. */
export function withoutDust(value: number): number {
  const tidy = Number(value.toPrecision(15));
  return Math.abs(tidy - value) <= 2 * Number.EPSILON * Math.abs(value) ? tidy : value;
}

/** A written number as TeX shows it: grouping without the space TeX would put after a comma. */
export function texNumber(text: string): string {
  return text
    .replaceAll(',', '{,}')
    .replaceAll('−', '-')
    .replaceAll('\u00a0%', '\\,\\%')
    .replaceAll('\u00a0', '\\,')
    .replaceAll('’', "\\text{'}");
}
