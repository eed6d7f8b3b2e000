/** The formula way: symbols, numbers, groups, the value, and the line to type. Rearranged for whatever is asked. */

import type { Quantity } from '../case/quantity.ts';
import { writeBrief } from '../money/numberStyle.ts';
import { chain } from './formula/chain.ts';
import { buildUp, converted, financeCharge, flatRate, refinancedPayment, totalWithEnd } from './formula/charges.ts';
import { type Formula, notLine, whole } from './formula/formula.ts';
import { lastPayment, leftToPay, overAll, portionFormula, recurrenceTerm, rangeFormula } from './formula/figures.ts';
import { rightAfter } from './formula/inAdvance.ts';
import { amount, finalAmount, payment, payments, rate } from './formula/unknowns.ts';
import { inClassForm, inLetters } from './inClassForm.ts';
import type { Way } from './solution.ts';
import { add, div, num, oneLine, texNumber } from './term.ts';
import { type Work, answerText, rateLetter } from './work.ts';

/** The formula way, or nothing where no closed form answers the question. */
export function byFormula(work: Work): Way | undefined {
  const found = formulas[work.question.ask.quantity]?.(work);
  if (!found || !Number.isFinite(found.number)) return undefined;
  const { steps, number, term, rounds = [] } = found;
  const written = answerText(work, number);
  return {
    id: 'formula',
    title: 'Formula',
    number,
    written,
    rounds,
    steps: [
      ...steps,
      { kind: 'answer', text: `${answerName[work.question.ask.quantity] ?? 'The answer'} is ${written}.` },
    ],
    ...(term ? { line: oneLine(inClassForm(term, work.writing, work.style).term) } : {}),
  };
}

const answerName: Partial<Record<Quantity, string>> = {
  payment: 'The payment',
  amount: 'The amount',
  'final-amount': 'The amount at the end',
  payments: 'The number of payments',
  rate: 'The rate',
};

const formulas: Readonly<Partial<Record<Quantity, (work: Work) => Formula | undefined>>> = {
  payment,
  amount,
  'final-amount': finalAmount,
  payments,
  rate,
  years: (work) => {
    const found = payments(work);
    if (!found?.term) return undefined;
    const term = div(found.term, num(work.question.statement.paymentsPerYear));
    const number = found.number / work.question.statement.paymentsPerYear;
    return {
      steps: [
        ...found.steps.filter(notLine),
        {
          kind: 'formula',
          tex: `\\dfrac{${inLetters('n', work.writing)}}{${work.question.statement.paymentsPerYear}} = ${texNumber(writeBrief(number, 2, 6, work.style))}`,
        },
      ],
      number,
      term,
    };
  },
  'balance-after': (work) => chain(work, work.question.ask.after ?? 0),
  'balance-right-after': (work) => rightAfter(work, work.question.ask.after ?? 1),
  'left-to-pay': leftToPay,
  'interest-in': rangeFormula('interest'),
  'principal-in': rangeFormula('principal'),
  'interest-portion': portionFormula('interest'),
  'principal-portion': portionFormula('principal'),
  'paid-in': rangeFormula('paid'),
  'total-interest': overAll('interest'),
  'total-paid': overAll('paid'),
  'last-payment': lastPayment,
  term: (work) => (work.level ? recurrenceTerm(work) : chain(work, work.question.ask.after ?? 0)),
  multiplier: (work) => whole(work, 'R', add(num(1), rateLetter(work, work.question.solved.values.i))),
  'finance-charge': financeCharge,
  'flat-rate': flatRate,
  'total-with-end': totalWithEnd,
  'rate-per-payment': converted('per-payment'),
  nominal: converted('nominal'),
  effective: converted('effective'),
  converted: converted('other'),
  'amount-financed': buildUp('amount'),
  'down-payment': buildUp('downPayment'),
  'total-price': buildUp('total'),
  'refinanced-payment': refinancedPayment,
};
