/** What the closed forms are made of: the letters of a case, the level payment, the balance after some payments. */

import type { Rounded, Step } from '../solution.ts';
import { type Term, add, div, evaluate, minus, mul, sub } from '../term.ts';
import {
  type Work,
  accumulationTerm,
  countLetter,
  discountingTerm,
  formulaSteps,
  growth,
  isZero,
  moneyLetter,
  rateLetter,
} from '../work.ts';

export interface Formula {
  readonly steps: readonly Step[];
  readonly number: number;
  readonly term?: Term;
  readonly rounds?: readonly Rounded[];
}

/** The five letters with the case's numbers. */
export function letters(work: Work): { A: Term; P: Term; F: Term; i: Term; n: Term } {
  const { numbers, values } = work.question.solved;
  return {
    A: moneyLetter(work, 'A', numbers.amount),
    P: moneyLetter(work, 'P', numbers.payment),
    F: moneyLetter(work, 'F', numbers.finalAmount),
    i: rateLetter(work, values.i),
    n: countLetter(work, 'n', values.n),
  };
}

export const whole = (work: Work, name: string, term: Term): Formula => ({
  steps: formulaSteps(work, name, term),
  number: evaluate(term),
  term,
});

/** The level payment of a plan or of one stage of it. */
export function paymentTerm({ saving, due }: Work, A: Term, F: Term, i: Term, n: Term): Term {
  if (saving) return div(isZero(A) ? F : sub(F, mul(A, growth(i, n))), accumulationTerm(i, n, due));
  return div(isZero(F) ? A : sub(A, mul(F, growth(i, minus(n)))), discountingTerm(i, n, due));
}

/** What is owed, saved or left after k payments. */
export function balanceTerm({ saving, due }: Work, A: Term, P: Term, i: Term, k: Term): Term {
  const grown = mul(A, growth(i, k));
  const paid = mul(P, accumulationTerm(i, k, due));
  if (isZero(P)) return grown;
  if (isZero(A)) return saving ? paid : minus(paid);
  return saving ? add(grown, paid) : sub(grown, paid);
}

export const notLine = ({ kind }: Step): boolean => kind !== 'line';
