/** The closed forms of the five unknowns: payment, amount, amount at the end, count, rate. */

import { writeBrief } from '../../money/numberStyle.ts';
import { quoteRate, quotedNumber } from '../../rates/quotedRate.ts';
import { quotingSteps } from '../quoting.ts';
import type { Step } from '../solution.ts';
import { add, div, evaluate, letter, ln, minus, mul, num, pow, sub } from '../term.ts';
import {
  type Work,
  countLetter,
  discountingTerm,
  formulaSteps,
  growth,
  isZero,
  money,
  moneyLetter,
  rateLetter,
  roundsOf,
} from '../work.ts';
import { chain } from './chain.ts';
import { flatFraction, flatPayment } from './flat.ts';
import { type Formula, balanceTerm, letters, paymentTerm, whole } from './formula.ts';

export function payment(work: Work): Formula | undefined {
  const { question, level } = work;
  const { solved } = question;
  if (solved.flat) return flatPayment(work);
  const { A, F, i, n } = letters(work);
  if (level) return whole(work, 'P', paymentTerm(work, A, F, i, n));
  return stagedPayment(work);
}

/** With changes from the start, the level payment runs over what remains after them. */
function stagedPayment(work: Work): Formula | undefined {
  const first = work.stages.findIndex(({ pause }) => pause === undefined);
  const stage = work.stages[first];
  const { plan, table } = work.question.solved;
  if (!stage || plan.changes.some((change) => change.kind === 'draw' && change.payment === 'again')) return undefined;
  const before = chain(work, stage.from - 1);
  const remaining = (plan.payments === 'until-cleared' ? table.count : plan.payments) - (stage.from - 1);
  const A = moneyLetter(work, 'B', before.number);
  const F = moneyLetter(work, 'F', plan.finalAmount);
  const i = rateLetter(work, stage.i, stage.from === 1 ? plan.rate : undefined);
  const term = paymentTerm(work, A, F, i, countLetter(work, 'n', remaining));
  const says: Step[] =
    stage.from === 1
      ? []
      : [
          {
            kind: 'says',
            text: `The level payment begins with payment ${stage.from} and runs over the ${remaining} payments that remain.`,
          },
        ];
  return {
    steps: [...before.steps, ...says, ...formulaSteps(work, 'P', term)],
    number: evaluate(term),
    term,
    rounds: roundsOf(work).filter((each) => each !== 'payment-rounded'),
  };
}

export function amount(work: Work): Formula | undefined {
  const { question, saving, due, level } = work;
  if (!level) return undefined;
  const { P, F, i, n } = letters(work);
  if (question.solved.flat) {
    const charge = flatFraction(work);
    return whole(work, 'A', div(mul(P, n), add(num(1), charge)));
  }
  const back = mul(F, growth(i, minus(n)));
  const paid = mul(P, discountingTerm(i, n, due));
  return whole(
    work,
    'A',
    saving ? (isZero(P) ? back : sub(back, paid)) : isZero(F) ? paid : isZero(P) ? back : add(paid, back),
  );
}

export function finalAmount(work: Work): Formula | undefined {
  const { A, P, i, n } = letters(work);
  if (work.level) return whole(work, 'F', balanceTerm(work, A, P, i, n));
  return chain(work, work.question.solved.table.count);
}

export function payments(work: Work): Formula | undefined {
  const { question, level, saving, due } = work;
  const { solved } = question;
  if (!level) return undefined;
  const { A, P, F, i } = letters(work);
  if (solved.flat) {
    const p = num(question.statement.paymentsPerYear);
    const j = letter('f', solved.numbers.rate, writeBrief(solved.numbers.rate, 3, 8, work.style));
    return whole(
      work,
      'n',
      question.statement.flatBy === 'a-year' ? div(A, sub(P, div(mul(A, j), p))) : div(mul(A, add(num(1), j)), P),
    );
  }
  if (isZero(i)) return whole(work, 'n', div(saving ? sub(F, A) : sub(A, F), P));
  const level1 = due ? mul(P, add(num(1), i)) : P;
  const join = saving ? add : sub;
  const over = isZero(F) ? level1 : isZero(P) ? F : join(level1, mul(F, i));
  const under = isZero(A) ? level1 : isZero(P) ? A : join(level1, mul(A, i));
  const term = div(ln(div(over, under)), ln(add(num(1), i)));
  const number = solved.said?.isWhole ? solved.said.count : evaluate(term);
  const steps: Step[] = [...formulaSteps(work, 'n', term, { grouped: false })];
  if (solved.said?.isWhole && !Number.isInteger(evaluate(term)))
    steps.push({
      kind: 'says',
      text: `That is ${solved.said.count} ${work.counted}.`,
      because: `It misses a whole number by a hair only because ${isZero(P) ? 'an amount' : 'the payment'} was rounded to the cent.`,
    });
  else if (solved.said && isZero(P) && saving)
    steps.push({
      kind: 'says',
      text: `After ${solved.said.count} whole ${work.counted} it is ${money(work, solved.table.closing)}.`,
      because: 'Interest is added at the end of whole periods: the first at which the amount is reached is past it.',
    });
  else if (solved.said)
    steps.push({
      kind: 'says',
      text: `That is ${solved.said.count} payments, the last one smaller: ${money(work, solved.table.lastPayment)}.`,
      because: 'A part of a payment is not made: the count goes up, and the last payment settles what is left.',
    });
  return { steps, number, term };
}

/** A rate has a closed form only where a single sum grows without payments. */
export function rate(work: Work): Formula | undefined {
  const { question, level } = work;
  const { solved, statement } = question;
  if (!level) return undefined;
  const { A, P, F, n } = letters(work);
  if (solved.flat) {
    const years = statement.flatBy === 'a-year' ? div(n, num(statement.paymentsPerYear)) : undefined;
    const share = div(sub(mul(P, n), A), A);
    const term = years ? div(share, years) : share;
    return { ...whole(work, 'f', term), number: evaluate(term) * 100, term: mul(term, num(100)) };
  }
  if (!isZero(P) || isZero(A) || isZero(F)) return undefined;
  const i = sub(pow(div(F, A), div(num(1), n)), num(1));
  const quoted = quoteRate(evaluate(i), solved.rate, statement.paymentsPerYear);
  if (!quoted.ok) return undefined;
  return {
    steps: [...formulaSteps(work, 'i', i, { grouped: false }), ...quotingSteps(work, evaluate(i))],
    number: quotedNumber(quoted.value) * 100,
    ...(solved.rate.kind === 'nominal' && solved.rate.compoundingsPerYear === statement.paymentsPerYear
      ? { term: mul(mul(i, num(statement.paymentsPerYear)), num(100)) }
      : {}),
  };
}
