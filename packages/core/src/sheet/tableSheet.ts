/**
 * A table as a worksheet of live formulas: every row refers to labelled input cells with fixed references, so that
 * changing the rate in its cell changes the table. Functions are those of OpenFormula; the arithmetic and rounding are
 * those of docs/mathematics.md, section 3.
 */

import type { Table } from '../table/buildTable.ts';
import { LabelledCells, type ColumnName, type LiveCell, type LiveSheet } from './liveSheet.ts';
import { sheetInputs } from './sheetInputs.ts';
import { SheetRows } from './sheetRows.ts';
import { columnTitles } from './tableText.ts';

/** Writes a table as live formulas. */
export function tableSheet(title: string, table: Table): LiveSheet {
  const { plan } = table;
  const count = plan.payments === 'until-cleared' ? table.count : plan.payments;
  const top = new LabelledCells(title);
  const inputs = sheetInputs(top, plan, count);
  const names = columnNames(table);
  const letter = (name: ColumnName): string => String.fromCharCode(65 + names.indexOf(name));
  const head = top.line + 1;
  const first = head + 1;
  const last = head + count;
  const rows = new SheetRows(table, inputs, count, letter);
  const cells = [
    ...top.cells,
    ...headCells(table, names, letter, head),
    ...Array.from({ length: count }, (_, at) => rows.row(at + 1, first + at)).flat(),
    ...totalCells(table, letter, first, last),
  ];
  const columns = {
    number: letter('number'),
    rate: letter('rate'),
    opening: letter('opening'),
    interest: letter('interest'),
    payment: letter('payment'),
    extra: letter('extra'),
    principal: letter('principal'),
    closing: letter('closing'),
  };
  return { title, cells, head, first, last, columns };
}

/** Columns in order; dates and money received on the way only where there are any. */
function columnNames({ plan }: Table): ColumnName[] {
  const draws = plan.changes.some((change) => change.kind === 'draw' && change.amount > 0);
  return [
    'number',
    ...(plan.firstPaymentDate ? (['date'] as const) : []),
    'rate',
    ...(draws ? (['drawn'] as const) : []),
    'opening',
    'interest',
    'payment',
    'extra',
    'principal',
    'closing',
    'level',
  ];
}

function headCells(
  table: Table,
  names: readonly ColumnName[],
  letter: (name: ColumnName) => string,
  line: number,
): LiveCell[] {
  const [, opening, interest, payment, extra, principal, closing] = columnTitles(table).filter(
    (each) => each !== 'Date',
  );
  const heads: Readonly<Record<ColumnName, string | undefined>> = {
    number: 'No.',
    date: 'Date',
    rate: 'Rate',
    drawn: table.plan.kind === 'saving' ? 'Taken out' : 'Received',
    opening,
    interest,
    payment,
    extra,
    principal,
    closing,
    level: 'Level payment',
  };
  return names.map((name) => ({
    at: `${letter(name)}${line}`,
    value: heads[name] ?? name,
    format: 'text',
    strong: true,
  }));
}

function totalCells(table: Table, letter: (name: ColumnName) => string, first: number, last: number): LiveCell[] {
  const { extra, principal } = table.totals;
  const totals = [
    ['interest', table.totalInterest],
    ['payment', table.totalPaid - extra],
    ['extra', extra],
    ['principal', principal],
  ] as const;
  return [
    { at: `A${last + 1}`, value: 'All', format: 'text', strong: true },
    ...totals.map(([name, result]): LiveCell => ({
      at: `${letter(name)}${last + 1}`,
      formula: `SUM(${letter(name)}${first}:${letter(name)}${last})`,
      result,
      format: 'money',
      strong: true,
    })),
  ];
}
