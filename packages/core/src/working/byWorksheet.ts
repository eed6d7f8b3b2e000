/** The worksheet way: the table as it is built in a worksheet, each step drawn, and what is read off it. */

import type { Quantity } from '../case/quantity.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Step, Way } from './solution.ts';
import { answerText, roundsOf, type Work } from './work.ts';
import { taughtSheet, type TaughtColumn, type TaughtSheet } from './worksheet/taughtSheet.ts';
import { worksheetSteps } from './worksheet/worksheetSteps.ts';

/** The worksheet way, or nothing where short formulas would not do. */
export function byWorksheet(work: Work): Way | undefined {
  const { statement, solved, rounding, ask } = work.question;
  const read = readings[ask.quantity];
  const sheet = read && taughtSheet(statement, solved, rounding, work.writing.sheet);
  const found = sheet && read(sheet, work);
  if (!sheet || !found) return undefined;
  const written = answerText(work, found.number);
  const steps = worksheetSteps(work, sheet).map((step): Step => ({ kind: 'drawn', ...step }));
  return {
    id: 'worksheet',
    title: 'Worksheet',
    number: found.number,
    written,
    rounds: ask.quantity === 'payment' ? roundsOf(work).filter((each) => each === 'payment-rounded') : roundsOf(work),
    steps: [...steps, { kind: 'answer', text: `${found.says} ${written}.` }],
  };
}

interface Reading {
  readonly number: number;
  /** Where it is read. */
  readonly says: string;
}

/** A column added up from one payment to another. */
const sum =
  (column: TaughtColumn, all = false) =>
  (sheet: TaughtSheet, { question: { ask } }: Work): Reading => {
    const from = all ? 1 : (ask.from ?? 1);
    const to = all ? sheet.count : Math.min(ask.to ?? 1, sheet.count);
    let number = 0;
    for (let k = from; k <= to; k += 1) {
      const row = sheet.row(k);
      number += (row[column]?.value ?? 0) + (column === 'paid' ? (row.extra?.value ?? 0) : 0);
    }
    return {
      number: roundTo(number, 6),
      says: `=SUM(${sheet.at(column, from)}:${sheet.at(column, to)})${column === 'paid' && sheet.row(1).extra ? ' and the same of the extra column' : ''} comes to`,
    };
  };

const readings: Readonly<Partial<Record<Quantity, (sheet: TaughtSheet, work: Work) => Reading | undefined>>> = {
  payment: (sheet, { question: { solved } }) => {
    const payment = sheet.input('payment');
    return payment && solved.unknown === 'payment' && solved.plan.changes.length === 0
      ? { number: payment.value, says: `${payment.at} shows` }
      : undefined;
  },
  'balance-after': (sheet, { question: { ask } }) => {
    const k = ask.after ?? 0;
    if (k === 0) return undefined;
    return { number: sheet.row(k).after?.value ?? NaN, says: `${sheet.at('after', k)}, in row ${k}, shows` };
  },
  'final-amount': (sheet) => ({
    number: sheet.row(sheet.count).after?.value ?? NaN,
    says: `${sheet.at('after', sheet.count)}, in the last row, shows`,
  }),
  'last-payment': (sheet) => ({
    number: sheet.row(sheet.count).paid?.value ?? NaN,
    says: `${sheet.at('paid', sheet.count)}, in the last row, shows`,
  }),
  'interest-in': sum('interest'),
  'principal-in': sum('principal'),
  'paid-in': sum('paid'),
  'total-interest': sum('interest', true),
  'total-paid': sum('paid', true),
};
