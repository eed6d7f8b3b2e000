/** Small sheets of rates, flat charges, how an amount is built up, and refinancing. */

import { kindOf } from '../../case/kinds.ts';
import { styleOf } from '../../statement/question.ts';
import { balanceAfter } from '../../table/figures.ts';
import { oneLine } from '../term.ts';
import { type Work, rateTerm } from '../work.ts';
import { plainNumber } from '../term.ts';
import { type Labelled, type SheetAnswer, known } from './cells.ts';

/** EFFECT and NOMINAL, one inside the other where both are needed. */
export function conversion(into: 'nominal' | 'effective' | 'other'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { solved, statement } = work.question;
    if (solved.flat || (solved.unknown === 'rate' && kindOf(statement).hasTable)) return undefined;
    const { rate } = solved;
    const effective: { cells: Labelled[]; formula: string } | undefined =
      rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous'
        ? {
            cells: [
              { label: 'nominal rate', content: plainNumber(rate.annual) },
              { label: 'compoundings a year', content: String(rate.compoundingsPerYear) },
            ],
            formula: 'EFFECT({nominal rate};{compoundings a year})',
          }
        : rate.kind === 'effective'
          ? { cells: [{ label: 'effective rate', content: plainNumber(rate.annual) }], formula: '{effective rate}' }
          : undefined;
    if (!effective) return undefined;
    const target =
      into === 'nominal'
        ? statement.paymentsPerYear
        : into === 'effective' || statement.into.kind === 'effective'
          ? 'effective'
          : statement.into.kind === 'nominal'
            ? statement.into.compounding
            : undefined;
    if (target === undefined || target === 'continuous') return undefined;
    const inUnit = (shows: number): number => shows * 100;
    if (target === 'effective') return { ...effective, formula: `=${effective.formula}`, inUnit };
    return {
      cells: [...effective.cells, { label: 'wanted compoundings a year', content: String(target) }],
      formula: `=NOMINAL(${effective.formula};{wanted compoundings a year})`,
      inUnit,
    };
  };
}

export function flatSheet(part: 'payment' | 'charge'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { solved, statement } = work.question;
    if (!solved.flat || solved.unknown !== 'payment') return undefined;
    const years = statement.flatBy === 'a-year';
    const cells: Labelled[] = [
      { label: 'amount', content: plainNumber(solved.numbers.amount) },
      { label: 'flat charge', content: plainNumber(solved.numbers.rate) },
      { label: 'number of payments', content: plainNumber(solved.numbers.payments) },
      ...(years ? [{ label: 'years', content: `=B3/${statement.paymentsPerYear}` }] : []),
    ];
    const charge = `{amount}*{flat charge}${years ? '*{years}' : ''}`;
    return {
      cells,
      formula: part === 'charge' ? `=${charge}` : `=({amount}+${charge})/{number of payments}`,
      inUnit: (shows) => shows,
      rounds: part === 'charge' ? ['charge-rounded'] : [],
    };
  };
}

export function buildUpSheet(part: 'amount' | 'downPayment'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const built = work.question.statement.buildUp;
    if (!built) return undefined;
    const { price, downPayment, downPaymentShare, tradeIn, feesAdded } = built;
    const cells: Labelled[] = [
      { label: 'price', content: plainNumber(price) },
      { label: 'down payment', content: plainNumber(downPayment) },
      { label: 'trade-in', content: plainNumber(tradeIn) },
      { label: 'fees added', content: plainNumber(feesAdded) },
    ];
    if (part === 'amount')
      return { cells, formula: '={price}-{down payment}-{trade-in}+{fees added}', inUnit: (shows) => shows };
    if (downPaymentShare === undefined) return undefined;
    const share = { label: 'share paid down', content: plainNumber(downPaymentShare) };
    return { cells: [...cells.slice(0, 1), share], formula: '={price}*{share paid down}', inUnit: (shows) => shows };
  };
}

export function refinancedSheet(work: Work): SheetAnswer | undefined {
  const { ask, solved, statement } = work.question;
  const { refinancing } = ask;
  const balance = refinancing && balanceAfter(solved.table, refinancing.after);
  if (!refinancing || !balance?.ok) return undefined;
  const rate = oneLine(
    rateTerm(refinancing.rate, refinancing.paymentsPerYear ?? statement.paymentsPerYear, styleOf(work.question)),
  );
  const { fv, type } = known(work);
  return {
    cells: [
      { label: 'new rate per payment', content: /[-+*/^(]/.test(rate) ? `=${rate}` : rate },
      { label: 'new number of payments', content: String(refinancing.payments) },
      { label: 'balance', content: plainNumber(balance.value) },
      { label: 'costs added', content: plainNumber(refinancing.costsPaid === 'added' ? refinancing.costs : 0) },
      fv,
    ],
    formula: `=PMT({new rate per payment};{new number of payments};{balance}+{costs added};{amount at the end};${type})`,
    inUnit: Math.abs,
    rounds: ['payment-unrounded'],
  };
}
