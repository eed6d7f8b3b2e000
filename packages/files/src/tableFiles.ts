/** Amortization tables as files: CSV, a workbook of live formulas, and text that pastes into a worksheet as cells. */

import {
  tableSheet,
  tableText,
  taughtLiveSheet,
  writeMoney,
  type LiveCell,
  type LiveSheet,
  type NumberStyle,
  type Table,
  type TaughtSheet,
} from '@hardy-sextant/core';
import type { Workbook } from 'exceljs';
import { CSV, WORKBOOK, type FileKind } from './format.ts';
import { odsKind, odsOf } from './odsWorkbook.ts';

/** A mark at the start tells worksheets that the text is UTF-8. */
const UTF8 = '\ufeff';

/** The table as CSV. The library comes when first used. */
export async function tableCsv(table: Table): Promise<string> {
  const { default: papa } = await import('papaparse');
  return UTF8 + papa.unparse(tableText(table));
}

/** The table, or some of its rows, as lines with tabs, in the class's number style. */
export function clipboardText(table: Table, style: NumberStyle, from = 1, to = table.count): string {
  const number = (value: number): string =>
    writeMoney(value, { ...style, group: '' }, Math.max(2, style.moneyDecimals ?? 2)).replace('−', '-');
  return tableText(table, { number, from, to })
    .map((row) => row.join('\t'))
    .join('\n');
}

const formats: Readonly<Record<LiveCell['format'], string>> = {
  money: '#,##0.00',
  percent: '0.00##%',
  rate: '0.0000####%',
  count: '0',
  text: '@',
};

/** The table as the bytes of a workbook whose rows follow from its inputs by formulas. The library comes when first used. */
export async function tableWorkbook(title: string, table: Table): Promise<ArrayBuffer> {
  return (await workbookOf(tableSheet(title || 'Case', table))).xlsx.writeBuffer();
}

/** The worksheet as it is taught, short formulas and nothing else, as the bytes of a workbook. */
export async function taughtWorkbook(title: string, sheet: TaughtSheet): Promise<ArrayBuffer> {
  return (await workbookOf(taughtLiveSheet(title || 'Case', sheet))).xlsx.writeBuffer();
}

async function workbookOf(sheet: Pick<LiveSheet, 'head' | 'cells'>): Promise<Workbook> {
  const { default: workbooks } = await import('exceljs');
  const workbook = new workbooks.Workbook();
  const page = workbook.addWorksheet('Table', { views: [{ state: 'frozen', ySplit: sheet.head }] });
  for (const { at, value, formula, result, format, input, strong } of sheet.cells) {
    const cell = page.getCell(at);
    if (formula === undefined) cell.value = value ?? null;
    else cell.value = { formula, ...(result === undefined ? {} : { result }) };
    if (format !== 'text') cell.numFmt = formats[format];
    if (input) cell.fill = { type: 'pattern', pattern: 'solid', fgColor: { argb: 'FFE2EEEE' } };
    if (strong) cell.font = { bold: true };
  }
  page.columns.forEach((column, at) => {
    column.width = at === 0 ? 42 : 16;
  });
  return workbook;
}

export const tableAsCsv = {
  id: 'table-csv',
  name: 'the table as CSV',
  type: CSV,
  ending: 'csv',
  writes: (_title: string, table: Table): Promise<string> => tableCsv(table),
} satisfies FileKind & Record<string, unknown>;

export const tableAsWorkbook = {
  id: 'table-workbook',
  name: 'the table as a workbook with live formulas',
  type: WORKBOOK,
  ending: 'xlsx',
  writes: (title: string, table: Table): Promise<ArrayBuffer> => tableWorkbook(title, table),
} satisfies FileKind & Record<string, unknown>;

export const taughtAsWorkbook = {
  id: 'taught-workbook',
  name: 'the worksheet as it is taught',
  type: WORKBOOK,
  ending: 'xlsx',
  writes: (title: string, sheet: TaughtSheet): Promise<ArrayBuffer> => taughtWorkbook(title, sheet),
} satisfies FileKind & Record<string, unknown>;

export const tableAsOds = {
  id: 'table-ods',
  name: 'the table as an OpenDocument spreadsheet with live formulas',
  ...odsKind,
  writes: async (title: string, table: Table): Promise<Uint8Array<ArrayBuffer>> =>
    new Uint8Array(odsOf(await workbookOf(tableSheet(title || 'Case', table)))),
} satisfies FileKind & Record<string, unknown>;

export const taughtAsOds = {
  id: 'taught-ods',
  name: 'the worksheet as it is taught, as an OpenDocument spreadsheet',
  ...odsKind,
  writes: async (title: string, sheet: TaughtSheet): Promise<Uint8Array<ArrayBuffer>> =>
    new Uint8Array(odsOf(await workbookOf(taughtLiveSheet(title || 'Case', sheet)))),
} satisfies FileKind & Record<string, unknown>;
