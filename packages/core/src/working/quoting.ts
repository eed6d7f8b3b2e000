/** From a rate per payment to the rate as a case quotes it. */

import { writePercent } from '../money/numberStyle.ts';
import { inLetters } from './inClassForm.ts';
import type { Step } from './solution.ts';
import { type Term, add, div, evaluate, ln, mul, num, pow, sub, tex, texNumber } from './term.ts';
import { type Work, rateLetter } from './work.ts';

/** From a rate per payment to the rate as it is quoted. */
export function quotingSteps(work: Work, i: number): Step[] {
  const { solved, statement } = work.question;
  const term = quotingTerm(
    rateLetter(work, i, { kind: 'periodic', perPayment: i }),
    solved.rate,
    statement.paymentsPerYear,
  );
  if (!term) return [];
  const symbol = solved.rate.kind === 'effective' ? 'e' : inLetters('j', work.writing);
  return [
    {
      kind: 'formula',
      tex: `${symbol} = ${tex(term, 'symbols', work.style)} = ${tex(term, 'numbers', work.style)} = ${texNumber(writePercent(evaluate(term), work.style))}`,
      because: 'The rate is asked for as the case quotes it.',
    },
  ];
}

/** The quoted rate from the rate per payment: the inverse of `rateTerm`. */
export function quotingTerm(i: Term, like: Work['question']['solved']['rate'], p: number): Term | undefined {
  switch (like.kind) {
    case 'nominal': {
      const m = like.compoundingsPerYear;
      if (m === 'continuous') return mul(num(p), ln(add(num(1), i)));
      if (m === p) return p === 1 ? i : mul(num(p), i);
      return mul(num(m), sub(pow(add(num(1), i), div(num(p), num(m))), num(1)));
    }
    case 'effective':
      return p === 1 ? i : sub(pow(add(num(1), i), num(p)), num(1));
    case 'periodic':
      return i;
    case 'daily':
      return mul(num(like.daysPerYear), sub(pow(add(num(1), i), div(num(1), num(like.daysPerPeriod))), num(1)));
  }
}
