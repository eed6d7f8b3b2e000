/** The worksheet way: labelled cells and a formula over them, functions named as in OpenFormula, references fixed where they are copied. */

import type { Quantity } from '../case/quantity.ts';
import { quotedNumber } from '../rates/quotedRate.ts';
import { balanceSheet, oneFunction, rangeSheet, rightAfterSheet, totalPaid } from './sheet/annuitySheets.ts';
import { type SheetAnswer, rateCell } from './sheet/cells.ts';
import { asTyped, inSheetForm } from './sheet/sheetForm.ts';
import { evaluateSheet } from './sheet/evaluateSheet.ts';
import { buildUpSheet, conversion, flatSheet, refinancedSheet } from './sheet/otherSheets.ts';
import type { SheetCell, Way } from './solution.ts';
import { plainNumber } from './term.ts';
import { type Work, answerText } from './work.ts';

/** The sheet way, or nothing where no worksheet function answers in one cell. */
export function bySheet(work: Work): Way | undefined {
  const plain = sheets[work.question.ask.quantity]?.(work);
  if (!plain) return undefined;
  const found = inSheetForm(plain, work, (sheet) => valueOf(sheet) ?? NaN);
  const { cells, formula } = addressed(found);
  const shows = valueOf(found);
  if (shows === undefined) return undefined;
  const number = found.inUnit(shows);
  if (!Number.isFinite(number)) return undefined;
  const written = answerText(work, number);
  const typed = (content: string): string => asTyped(content, work.writing.sheet, work.style);
  return {
    id: 'sheet-function',
    title: 'Sheet function',
    number,
    written,
    rounds: found.rounds ?? [],
    line: typed(formula),
    steps: [
      {
        kind: 'says',
        text: 'Put what is known into labelled cells.',
        because: 'A number in a cell of its own can be changed later; a number inside a formula is lost.',
      },
      {
        kind: 'sheet',
        cells: cells.map((cell) => ({ ...cell, content: typed(cell.content) })),
        formula: typed(formula),
        meanings: found.meanings ?? [],
      },
      ...(found.after ?? []),
      { kind: 'answer', text: `The cell shows ${shownPlain(shows)}: ${written}.${minusSaid(work, shows, number)}` },
    ],
  };
}

/** The cells with their addresses, and the formula over them. */
function addressed(found: SheetAnswer): { readonly cells: readonly SheetCell[]; readonly formula: string } {
  const cells: SheetCell[] = found.cells.map((cell, at) => ({ at: `B${at + 1}`, ...cell }));
  const formula = found.formula.replace(/\{(\$?)([^}]+)\}/g, (_whole, fixed: string, label: string) => {
    const at = cells.findIndex((cell) => cell.label === label) + 1;
    return fixed ? `$B$${at}` : `B${at}`;
  });
  return { cells, formula };
}

function valueOf(sheet: SheetAnswer): number | undefined {
  const { cells, formula } = addressed(sheet);
  const shows = evaluateSheet(cells, formula);
  return shows.ok ? shows.value : undefined;
}

/** Where the result has a minus that the answer has not, why it is there. */
function minusSaid({ writing }: Work, shows: number, number: number): string {
  if (!(shows < 0 && number > 0) || writing.sheet.minus !== 'result') return '';
  return ' Its minus says that it is paid out: plus is what is received.';
}

function shownPlain(value: number): string {
  return String(Number(value.toPrecision(12))).replace('-', '−');
}

const sheets: Readonly<Partial<Record<Quantity, (work: Work) => SheetAnswer | undefined>>> = {
  payment: (work) => (work.question.solved.flat ? flatSheet('payment')(work) : oneFunction('PMT')(work)),
  amount: oneFunction('PV'),
  'final-amount': oneFunction('FV'),
  payments: oneFunction('NPER'),
  years: oneFunction('NPER'),
  rate: oneFunction('RATE'),
  'balance-after': (work) => balanceSheet(work),
  'balance-right-after': rightAfterSheet,
  'interest-in': rangeSheet('interest'),
  'principal-in': rangeSheet('principal'),
  'interest-portion': rangeSheet('interest'),
  'principal-portion': rangeSheet('principal'),
  'total-interest': rangeSheet('interest', true),
  'total-paid': totalPaid,
  'finance-charge': flatSheet('charge'),
  'rate-per-payment': (work) => {
    const cell = rateCell(work);
    const { solved } = work.question;
    return solved.flat || solved.unknown === 'rate' || solved.rate.kind === 'periodic'
      ? undefined
      : {
          cells: [{ label: 'quoted rate', content: plainNumber(quotedNumber(solved.rate)) }],
          formula: cell.content.startsWith('=') ? cell.content : `=${cell.content}`,
          inUnit: (shows) => shows * 100,
        };
  },
  nominal: conversion('nominal'),
  effective: conversion('effective'),
  converted: conversion('other'),
  'amount-financed': buildUpSheet('amount'),
  'down-payment': buildUpSheet('downPayment'),
  'refinanced-payment': refinancedSheet,
};
