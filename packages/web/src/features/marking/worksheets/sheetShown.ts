/** A worksheet as it is drawn: what it starts from, its columns with their heads, its rows, each cell with its verdict. */

import { addressOf, columnNumber, fullPlace, type SheetCellVerdict } from '@hardy-sextant/core';
import type { WorksheetDetail } from '@hardy-sextant/contract';

export interface ShownCell {
  /** `Loan!C9`. */
  readonly address: string;
  readonly value: number | string | boolean | null;
  readonly formula?: string | undefined;
  readonly judged?: SheetCellVerdict | undefined;
  /** What it is when everything is mended. */
  readonly mended?: number | undefined;
}

export interface ShownSheet {
  readonly inputs: readonly { readonly name: string; readonly cell: ShownCell }[];
  readonly columns: readonly { readonly name: string; readonly head: string; readonly letters: string }[];
  readonly rows: readonly { readonly row: number; readonly cells: readonly ShownCell[] }[];
  readonly firstRow: number;
  readonly lastRow: number;
}

const columnNames: Readonly<Record<string, string>> = {
  number: 'no.',
  date: 'date',
  opening: 'owed before',
  interest: 'interest',
  payment: 'paid',
  extra: 'extra',
  principal: 'to principal',
  closing: 'owed after',
  'interest-so-far': 'interest so far',
  'principal-so-far': 'principal so far',
};

const inputNames: Readonly<Record<string, string>> = {
  amount: 'amount',
  price: 'price',
  downPayment: 'down payment',
  rate: 'rate a year',
  ratePerPayment: 'rate per payment',
  payments: 'number of payments',
  years: 'years',
  term: 'time',
  paymentsPerYear: 'payments a year',
  payment: 'payment',
  finalAmount: 'amount at the end',
  extra: 'extra payment',
  totalInterest: 'interest in all',
  totalPaid: 'paid in all',
};

export function sheetShown(detail: WorksheetDetail): ShownSheet | undefined {
  const { table, sheets, judged, mended, inputs } = detail;
  if (!table) return undefined;
  const verdicts = new Map(judged.map((cell) => [cell.address, cell as SheetCellVerdict]));
  const at = (address: string): ShownCell => {
    const place = fullPlace(address);
    const content = place && sheets[place.sheet]?.[addressOf(place)];
    return {
      address,
      value: content?.value ?? null,
      formula: content?.formula,
      judged: verdicts.get(address),
      mended: mended[address],
    };
  };
  const columns = Object.entries(table.columns)
    .map(([name, letters]) => ({
      name: columnNames[name] ?? name,
      letters,
      head: table.headRow === undefined ? '' : String(at(`${table.sheet}!${letters}${table.headRow}`).value ?? ''),
    }))
    .sort((one, other) => columnNumber(one.letters) - columnNumber(other.letters));
  const top = table.row0 ?? table.firstRow;
  const last = table.totalsRow ?? table.lastRow;
  const rows = Array.from({ length: last - top + 1 }, (_, down) => top + down).map((row) => ({
    row,
    cells: columns.map(({ letters }) => at(`${table.sheet}!${letters}${row}`)),
  }));
  return {
    inputs: Object.entries(inputs).map(([name, address]) => ({ name: inputNames[name] ?? name, cell: at(address) })),
    columns,
    rows,
    firstRow: table.firstRow,
    lastRow: table.lastRow,
  };
}

/** The cells a formula reads, to be drawn around: single references and ranges. */
export function readBy({ address, formula = '' }: Pick<ShownCell, 'address' | 'formula'>): ReadonlySet<string> {
  const sheet = address.slice(0, address.lastIndexOf('!'));
  const found = new Set<string>();
  const references = /(?:('[^']+'|[A-Za-z_]\w*)!)?\$?([A-Z]{1,3})\$?(\d{1,7})(?::\$?([A-Z]{1,3})\$?(\d{1,7}))?/g;
  for (const [, own, letters = '', row = '', toLetters, toRow] of formula.matchAll(references)) {
    const of = own === undefined ? sheet : own.replaceAll("'", '');
    const [left, right] = [columnNumber(letters), columnNumber(toLetters ?? letters)];
    const bottom = Math.min(Number(toRow ?? row), Number(row) + 500);
    for (let at = Number(row); at <= bottom; at += 1)
      for (let column = left; column <= Math.min(right, left + 20); column += 1)
        found.add(`${of}!${addressOf({ row: at, column })}`);
  }
  return found;
}
