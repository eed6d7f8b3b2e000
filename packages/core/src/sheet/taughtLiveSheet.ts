/** The worksheet as it is taught, whole: inputs, every row by its short formulas, totals, the two closing checks, interest so far. */

import { nth } from '../nth.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { TaughtCell, TaughtColumn, TaughtSheet } from '../working/worksheet/taughtSheet.ts';
import type { LiveCell, LiveSheet } from './liveSheet.ts';

export function taughtLiveSheet(title: string, sheet: TaughtSheet): Pick<LiveSheet, 'title' | 'cells' | 'head'> {
  const text = (at: string, value: string, strong = false): LiveCell => ({
    at,
    value,
    format: 'text',
    ...(strong ? { strong } : {}),
  });
  const inputs = sheet.inputs.flatMap((input): LiveCell[] => [
    text(input.at.replace('B', 'A'), input.label),
    { ...live(input), ...(input.formula === undefined ? { input: true } : {}) },
  ]);
  const rows = Array.from({ length: sheet.count }, (_, at) => Object.values(sheet.row(at + 1)).map(live)).flat();
  return {
    title,
    head: sheet.head,
    cells: [
      text('A1', title, true),
      ...inputs,
      ...sheet.columns.map(({ letter, title: name }) => text(`${letter}${sheet.head}`, name, true)),
      ...rows,
      ...totals(sheet, text),
      ...checks(sheet, text),
      ...runningInterest(sheet, text),
    ],
  };
}

const live = ({ at, value, formula, shownAs }: TaughtCell): LiveCell => ({
  at,
  format: shownAs,
  ...(formula === undefined ? { value } : { formula, result: value }),
});

type Text = (at: string, value: string, strong?: boolean) => LiveCell;

const summed: readonly TaughtColumn[] = ['interest', 'paid', 'extra', 'principal'];

function totals(sheet: TaughtSheet, text: Text): LiveCell[] {
  const line = sheet.last + 1;
  return [
    text(`A${line}`, 'all', true),
    ...sheet.columns
      .filter(({ id }) => summed.includes(id))
      .map(({ id, letter }): LiveCell => ({
        at: `${letter}${line}`,
        formula: `SUM(${sheet.at(id, 1)}:${sheet.at(id, sheet.count)})`,
        result: sumOf(sheet, id),
        format: 'money',
        strong: true,
      })),
  ];
}

function sumOf(sheet: TaughtSheet, column: TaughtColumn): number {
  let sum = 0;
  for (let k = 1; k <= sheet.count; k += 1) sum += sheet.row(k)[column]?.value ?? 0;
  return roundTo(sum, 6);
}

/** What is there at the end less what was to be, and what the principal adds up to less what it must: both are nothing. */
function checks(sheet: TaughtSheet, text: Text): LiveCell[] {
  const line = sheet.last + 3;
  const amount = nth(sheet.inputs, 0);
  const final = sheet.input('final');
  const end = sheet.row(sheet.count).after;
  const left = (end?.value ?? NaN) - (final?.value ?? 0);
  const principal = sumOf(sheet, 'principal');
  const letter = sheet.columns.find(({ id }) => id === 'principal')?.letter ?? 'F';
  const moved = sheet.saving ? `${end?.at}-${amount.at}` : `${amount.at}-${end?.at}`;
  const must = sheet.saving ? (end?.value ?? NaN) - amount.value : amount.value - (end?.value ?? NaN);
  return [
    text(`A${line}`, 'it closes: this is 0'),
    {
      at: `B${line}`,
      formula: `ROUND(${end?.at}${final ? `-${final.at}` : ''},6)`,
      result: roundTo(left, 6),
      format: 'money',
    },
    text(`A${line + 1}`, 'it adds up: this is 0'),
    {
      at: `B${line + 1}`,
      formula: `ROUND(${letter}${sheet.last + 1}-(${moved}),6)`,
      result: roundTo(principal - must, 6),
      format: 'money',
    },
  ];
}

/** The interest from the first payment to each, in the next free column. */
function runningInterest(sheet: TaughtSheet, text: Text): LiveCell[] {
  const letter = String.fromCharCode(65 + sheet.columns.length);
  const start = sheet.at('interest', 1).replace(/^([A-Z])(\d+)$/, '$1$$$2');
  let sum = 0;
  const cells: LiveCell[] = [text(`${letter}${sheet.head}`, 'interest so far', true)];
  for (let k = 1; k <= sheet.count; k += 1) {
    sum += sheet.row(k).interest?.value ?? 0;
    cells.push({
      at: `${letter}${sheet.head + k}`,
      formula: `SUM(${start}:${sheet.at('interest', k)})`,
      result: roundTo(sum, 6),
      format: 'money',
    });
  }
  return cells;
}
