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

/** What payments that come first are made of: the interest of the rows before theirs, and what is paid without it. */
const portion =
  (part: 'interest' | 'principal') =>
  (sheet: TaughtSheet, work: Work): Reading | undefined => {
    const { from = 1, to = 1 } = work.question.ask;
    const last = Math.min(to, sheet.count);
    if (last === 1 || sheet.row(1).extra) return undefined;
    const over = (column: TaughtColumn, a: number, b: number) =>
      sum(column)(sheet, { ...work, question: { ...work.question, ask: { ...work.question.ask, from: a, to: b } } });
    const interest = over('interest', Math.max(1, from - 1), last - 1);
    if (part === 'interest') return interest;
    const paid = over('paid', from, last);
    const number = work.saving ? paid.number + interest.number : paid.number - interest.number;
    return {
      number: roundTo(number, 6),
      says: interest.says.replace('=', `${paid.says.replace(/ comes to$/, '')}${work.saving ? '+' : '-'}`),
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
  'balance-right-after': (sheet, { question: { ask } }) => {
    const k = ask.after ?? 1;
    const { after, interest } = sheet.row(k);
    return {
      number: roundTo((after?.value ?? NaN) - (interest?.value ?? NaN), 6),
      says: `=${sheet.at('after', k)}-${sheet.at('interest', k)}, in row ${k}, comes to`,
    };
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
  'interest-portion': portion('interest'),
  'principal-portion': portion('principal'),
  'paid-in': sum('paid'),
  'total-interest': sum('interest', true),
  'total-paid': sum('paid', true),
};
