/** The closed forms of charges and quotes: finance charge, other quotes of the rate, how the amount is built up, refinancing. */

import { kindOf } from '../../case/kinds.ts';
import { quotedRate } from '../../case/quote.ts';
import { roundMoney, roundTo } from '../../money/roundMoney.ts';
import { quotingTerm } from '../quoting.ts';
import { type Term, add, div, evaluate, letter, mul, num, sub, tex, texNumber } from '../term.ts';
import { inLetters } from '../inClassForm.ts';
import { type Work, carried, countLetter, formulaSteps, moneyLetter, rateLetter, rateTerm } from '../work.ts';
import { chain } from './chain.ts';
import { flatFraction } from './flat.ts';
import { type Formula, letters, notLine, paymentTerm, whole } from './formula.ts';
import { overAll, paidTerm } from './figures.ts';

export function financeCharge(work: Work): Formula | undefined {
  const { solved, statement } = work.question;
  const { A } = letters(work);
  if (!solved.flat) {
    const interest = overAll('interest')(work);
    const built = statement.buildUp;
    if (!interest || !built || built.feesTaken === 0) return interest;
    const term = add(interest.term!, moneyLetter(work, '\\text{fees}', built.feesTaken));
    return {
      ...interest,
      steps: [...interest.steps.filter(notLine), ...formulaSteps(work, '\\text{charge}', term)],
      number: evaluate(term),
      term,
    };
  }
  if (solved.unknown === 'payment')
    return { ...whole(work, 'C', mul(A, flatFraction(work))), rounds: ['charge-rounded'] };
  const { P, n } = letters(work);
  return whole(work, 'C', sub(mul(n, P), A));
}

/** The charge as a share of the whole amount, a year. */
export function flatRate(work: Work): Formula | undefined {
  const { solved, statement } = work.question;
  const charge = solved.flat ? financeCharge(work) : overAll('interest')(work);
  if (!charge?.term) return undefined;
  const { A, n } = letters(work);
  const C = letter('C', charge.number, carried(work, charge.number), charge.term);
  const term = div(C, mul(A, div(n, num(statement.paymentsPerYear))));
  return {
    ...charge,
    steps: [...charge.steps.filter(notLine), ...formulaSteps(work, 'f', term)],
    number: evaluate(term) * 100,
    term: mul(term, num(100)),
  };
}

/** The payments, and what falls due at the end. */
export function totalWithEnd(work: Work): Formula {
  const { table, numbers } = work.question.solved;
  const paid = paidTerm(work, 1, table.count);
  return whole(
    work,
    '\\text{total}',
    numbers.finalAmount === 0 ? paid : add(paid, moneyLetter(work, 'F', numbers.finalAmount)),
  );
}

/** Nominal, effective and per-payment rates of the case, from the rate it quotes. */
export function converted(
  into: 'per-payment' | 'nominal' | 'effective' | 'other',
): (work: Work) => Formula | undefined {
  return (work) => {
    const { solved, statement } = work.question;
    const p = statement.paymentsPerYear;
    if (solved.flat || (solved.unknown === 'rate' && kindOf(statement).hasTable)) return undefined;
    const per = rateTerm(solved.rate, p, work.style, inLetters('j', work.writing));
    if (into === 'per-payment')
      return { ...whole(work, 'i', per), number: evaluate(per) * 100, term: mul(per, num(100)) };
    const target =
      into === 'nominal'
        ? ({ kind: 'nominal', annual: 0, compoundingsPerYear: p } as const)
        : into === 'effective'
          ? ({ kind: 'effective', annual: 0 } as const)
          : quotedRate(statement.into, 0);
    const direct = directEffective(work, target.kind);
    if (direct) return { ...whole(work, 'e', direct), number: evaluate(direct) * 100, term: mul(direct, num(100)) };
    const i = rateLetter(work, solved.values.i);
    const term = quotingTerm(i, target, p);
    if (!term) return undefined;
    return {
      steps: [
        {
          kind: 'formula',
          tex: `${inLetters('i', work.writing)} = ${tex(per, 'symbols', work.style)} = ${texNumber(carried(work, evaluate(per)))}`,
          because: `Growth over one ${work.period} is the bridge between the two.`,
        },
        ...formulaSteps(work, target.kind === 'effective' ? 'e' : 'j', term, { grouped: false }),
      ],
      number: evaluate(term) * 100,
      term: mul(term, num(100)),
    };
  };
}

/** From nominal straight to effective: `(1 + j/m)^m − 1`, without the rate per payment between. */
function directEffective(work: Work, target: string): Term | undefined {
  const { rate: quoted } = work.question.solved;
  return target === 'effective' && quoted.kind === 'nominal'
    ? rateTerm(quoted, 1, work.style, inLetters('j', work.writing))
    : undefined;
}

export function buildUp(part: 'amount' | 'downPayment' | 'total'): (work: Work) => Formula | undefined {
  return (work) => {
    const { statement, solved } = work.question;
    const built = statement.buildUp;
    if (!built)
      return part === 'amount'
        ? { steps: [{ kind: 'says', text: 'The statement gives the amount itself.' }], number: solved.numbers.amount }
        : undefined;
    const { price, downPayment, downPaymentShare: share, tradeIn, feesAdded } = built;
    const [whole0, down, trade, fees] = [
      moneyLetter(work, '\\text{price}', price),
      moneyLetter(work, '\\text{down}', downPayment),
      moneyLetter(work, '\\text{trade-in}', tradeIn),
      moneyLetter(work, '\\text{fees}', feesAdded),
    ];
    if (part === 'downPayment') {
      const term = share === undefined ? down : mul(whole0, num(roundTo(share, 8)));
      return {
        ...whole(work, '\\text{down}', term),
        ...(share === undefined ? {} : { rounds: ['amount-rounded'] as const }),
      };
    }
    let term: Term = part === 'amount' ? whole0 : paidTerm(work, 1, solved.table.count);
    const join = part === 'amount' ? sub : add;
    if (downPayment !== 0) term = join(term, down);
    if (tradeIn !== 0) term = join(term, trade);
    if (part === 'amount' && feesAdded !== 0) term = add(term, fees);
    if (part === 'total' && solved.numbers.finalAmount !== 0)
      term = add(term, moneyLetter(work, 'F', solved.numbers.finalAmount));
    return whole(work, part === 'amount' ? 'A' : '\\text{total}', term);
  };
}

/** After refinancing: the balance, with costs that are added, runs at the new rate over the new term. */
export function refinancedPayment(work: Work): Formula | undefined {
  const { ask, solved, statement, rounding } = work.question;
  const { refinancing } = ask;
  if (!refinancing) return undefined;
  const balance = refinancing.after === 0 ? { steps: [], number: solved.plan.amount } : chain(work, refinancing.after);
  const owed = roundMoney(balance.number, rounding.payment === 'exact' ? 'exact' : 'cent');
  const A =
    refinancing.costsPaid === 'added' && refinancing.costs > 0
      ? add(moneyLetter(work, 'B', owed), moneyLetter(work, '\\text{costs}', refinancing.costs))
      : moneyLetter(work, 'B', owed);
  const p = refinancing.paymentsPerYear ?? statement.paymentsPerYear;
  const made = rateTerm(refinancing.rate, p, work.style, inLetters('j', work.writing));
  const i = letter(inLetters("i'", work.writing), evaluate(made), carried(work, evaluate(made)), made);
  const F = moneyLetter(work, 'F', solved.plan.finalAmount);
  const term = paymentTerm({ ...work, saving: false }, A, F, i, countLetter(work, "n'", refinancing.payments));
  return {
    steps: [...balance.steps, ...formulaSteps(work, "P'", term)],
    number: evaluate(term),
    term,
    rounds: ['rows-rounded', 'payment-unrounded'],
  };
}
