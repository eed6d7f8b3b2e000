/** What the formula of a column says, in words. */

import { nth } from '../../nth.ts';
import type { Work } from '../work.ts';
import type { TaughtColumn, TaughtSheet } from './taughtSheet.ts';

/** @param k the payment the sentence speaks of */
export function sentenceOf({ due, period }: Work, sheet: TaughtSheet, id: TaughtColumn, k: number): string {
  const { words, saving } = sheet;
  const rate = sheet.input('rate');
  const perYear = /\/(\d+)/.exec(sheet.row(1).interest?.formula ?? '')?.[1];
  const times = rate?.label.startsWith('rate a year') && perYear ? `, divided by ${perYear}` : '';
  switch (id) {
    case 'before':
      return k === 1 ? `What is ${words.before} payment 1 is the ${nth(sheet.inputs, 0).label}.` : '';
    case 'interest':
      return due
        ? `Payments fall at the beginning of the ${period}: the interest is taken on what is there once payment ${k} is ${saving ? 'in' : 'made'}, times the ${rate?.label}${times}.`
        : `The interest of payment ${k} is what is ${words.before} it times the ${rate?.label}${times}.`;
    case 'paid':
      return `What is paid is the ${sheet.input('payment')?.label}, the same in every row.`;
    case 'extra':
      return 'Extra payments are typed where they fall; the other cells of the column stay 0.';
    case 'principal':
      return saving
        ? `What is ${words.principal} is the deposit and the interest together.`
        : `What goes ${words.principal} is what is paid, less the interest.`;
    case 'after':
      return saving
        ? `What is ${words.after} payment ${k} is what was there before, and what is added.`
        : `What is ${words.after} payment ${k} is what was there before, less what goes ${words.principal}.`;
    default:
      return '';
  }
}
