/** Labelled cells of a small sheet: what is known, as a cell takes it, and what the arguments mean. */

import { styleOf } from '../../statement/question.ts';
import { kindOf } from '../../case/kinds.ts';
import type { ArgumentMeaning, Rounded, Step } from '../solution.ts';
import { oneLine, plainNumber } from '../term.ts';
import { type Work, rateTerm } from '../work.ts';

export interface Labelled {
  readonly label: string;
  readonly content: string;
}

export interface SheetAnswer {
  readonly cells: readonly Labelled[];
  /** With `{label}` where a cell is meant; `{$label}` where the reference is fixed. */
  readonly formula: string;
  /** From what the cell shows to the answer in its own unit. */
  readonly inUnit: (shows: number) => number;
  readonly meanings?: readonly ArgumentMeaning[];
  readonly after?: readonly Step[];
  readonly rounds?: readonly Rounded[];
}

/** The rate cell: how it is made from the quoted rate, so that no digit is lost. */
export function rateCell({ question }: Work): Labelled {
  const { solved, statement } = question;
  const line = oneLine(rateTerm(solved.rate, statement.paymentsPerYear, styleOf(question)));
  return { label: 'rate per payment', content: /[-+*/^(]/.test(line) ? `=${line}` : line };
}

interface Known {
  readonly rate: Labelled;
  readonly n: Labelled;
  readonly pmt: Labelled;
  readonly pv: Labelled;
  readonly fv: Labelled;
  readonly type: 0 | 1;
}

export function known(work: Work): Known {
  const { solved, statement } = work.question;
  const { directions } = kindOf(statement);
  const { numbers, values } = solved;
  const payments = solved.unknown === 'payments' ? values.n : numbers.payments;
  return {
    rate: rateCell(work),
    n: { label: 'number of payments', content: plainNumber(payments) },
    pmt: { label: 'payment', content: plainNumber(directions.pmt * numbers.payment) },
    pv: { label: 'amount at the start', content: plainNumber(directions.pv * numbers.amount) },
    fv: { label: 'amount at the end', content: plainNumber(directions.fv * numbers.finalAmount) },
    type: values.timing === 'begin' ? 1 : 0,
  };
}

export const means = (work: Work, ...names: (keyof typeof argumentWords)[]): ArgumentMeaning[] =>
  names.map((name) => ({ argument: name, means: argumentWords[name](work) }));

const argumentWords = {
  rate: ({ period }: Work) => `rate for each ${period}, a decimal`,
  nper: () => 'number of payments',
  pmt: () => 'payment: minus is paid out',
  pv: () => 'amount at the start: plus is received',
  fv: () => 'amount at the end',
  type: ({ due, period }: Work) =>
    due ? `1: payments at the beginning of each ${period}` : `0: payments at the end of each ${period}`,
  from: () => 'first payment of the range',
  to: () => 'last payment of the range',
};
