/** Out of the Bench: CSV, a workbook of live formulas, text for the clipboard. The heavy libraries come when first used. */

import { tableSheet, tableText, writeMoney, type LiveCell, type NumberStyle, type Table } from '@hardy-sextant/core';
import { saveFile } from '../../ui/saveFile.ts';

function fileName(title: string, ending: string): string {
  return `${
    title
      .trim()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .toLowerCase() || 'case'
  }.${ending}`;
}

export async function saveCsv(title: string, table: Table): Promise<void> {
  const { default: papa } = await import('papaparse');
  // A mark at the start tells worksheets that the text is UTF-8.
  saveFile(fileName(title, 'csv'), 'text/csv;charset=utf-8', '\ufeff', papa.unparse(tableText(table)));
}

/** The table, or a stretch of it, as lines with tabs: pastes into a worksheet as cells, in the class's number style. */
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

export async function saveWorkbook(title: string, table: Table): Promise<void> {
  const { default: workbooks } = await import('exceljs');
  const sheet = tableSheet(title || 'Case', table);
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
  const bytes = await workbook.xlsx.writeBuffer();
  saveFile(fileName(title, 'xlsx'), 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', bytes);
}
