/** The closed forms of a flat charge. */

import { writeBrief } from '../../money/numberStyle.ts';
import { type Term, add, div, evaluate, letter, mul, num } from '../term.ts';
import { type Work, countLetter, formulaSteps } from '../work.ts';
import { type Formula, letters } from './formula.ts';

export const flatFraction = (work: Work): Term => {
  const { statement, solved } = work.question;
  const f = letter('f', solved.numbers.rate, writeBrief(solved.numbers.rate, 3, 8, work.style));
  return statement.flatBy === 'a-year'
    ? mul(f, div(countLetter(work, 'n', solved.numbers.payments), num(statement.paymentsPerYear)))
    : f;
};

export function flatPayment(work: Work): Formula {
  const { A, n } = letters(work);
  const charge = mul(A, flatFraction(work));
  const term = div(add(A, charge), n);
  return {
    steps: [
      {
        kind: 'says',
        text: 'A flat charge is taken on the whole amount for the whole time, and spread with it over the payments.',
      },
      ...formulaSteps(work, 'C', charge, { line: false }),
      ...formulaSteps(work, 'P', term),
    ],
    number: evaluate(term),
    term,
  };
}
