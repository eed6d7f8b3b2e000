/** Where payments come first: the balance right after one of them. */

import { nth } from '../../nth.ts';
import { add, evaluate, sub } from '../term.ts';
import { type Work, formulaSteps, isZero, moneyLetter, roundsOf } from '../work.ts';
import { chain } from './chain.ts';
import { type Formula, notLine } from './formula.ts';

/** The balance right after payment k, from the end of the period before it. */
export function rightAfter(work: Work, k: number): Formula {
  const { plan, table } = work.question.solved;
  const { drawn, payment, extra } = nth(table.rows, k - 1);
  const before = k === 1 ? { steps: [], number: plan.amount } : chain(work, k - 1);
  const left = moneyLetter(work, k === 1 ? 'A' : `B_{${k - 1}}`, before.number);
  const opening = k === 1 || drawn === 0 ? left : add(left, moneyLetter(work, '\\text{drawn}', drawn));
  const paid = moneyLetter(work, 'P', payment + extra);
  const term = work.saving ? (isZero(opening) ? paid : add(opening, paid)) : sub(opening, paid);
  return {
    steps: [
      ...before.steps.filter(notLine),
      {
        kind: 'says',
        text: `Payment ${k} comes at the beginning of its ${work.period}: right after it that ${work.period} has brought no interest yet.`,
      },
      ...formulaSteps(work, rightAfterName(k), term, { line: false }),
    ],
    number: evaluate(term),
    rounds: roundsOf(work),
  };
}

/** `B_{12}^{+}`: right after payment 12. */
export const rightAfterName = (k: number): string => `B_{${k}}^{+}`;
