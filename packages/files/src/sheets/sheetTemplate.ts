/** A worksheet to be filled in: the numbers of the exercise, a cell for each answer, the empty table in the form of the exercise. */

import type { Cell, Workbook, Worksheet } from 'exceljs';
import {
  answerKey,
  fillText,
  givensInForce,
  numberStyleById,
  type Exercise,
  type Given,
  type HouseRules,
  type KeyCell,
  type KeyTable,
  type Numbers,
} from '@hardy-sextant/core';
import type { Student } from '@hardy-sextant/contract';
import { fileName, WORKBOOK, type FileKind } from '../format.ts';
import { odsOf } from '../odsWorkbook.ts';

/** Whose template it is; lines to be filled in where it is anybody's. */
export type TemplateStudent = Pick<Student, 'name' | 'number'>;

const SHEET = 'Worksheet';
const FIRST_WIDTH = 44;
const OTHER_WIDTH = 16;
const TO_FILL_IN = 'FFE2EEEE';
const MONEY = '#,##0.00';

const formatOf: Readonly<Record<Given['kind'], string>> = {
  money: MONEY,
  rate: '0.00##%',
  count: '0',
  years: '0.####',
  words: '@',
};

/**
 * @param numbers the student's own
 * @returns a workbook of one sheet; what is to be filled in is tinted, answers are named `answer_a`
 */
export async function sheetTemplate(
  exercise: Exercise,
  numbers: Numbers,
  rules: HouseRules,
  student?: TemplateStudent,
  as: 'xlsx' | 'ods' = 'xlsx',
): Promise<Uint8Array> {
  const { Workbook } = (await import('exceljs')).default;
  const book = new Workbook();
  const page = book.addWorksheet(SHEET);
  page.addRow([exercise.title]).font = { bold: true, size: 14 };
  for (const [label, value] of [
    ['Student', student?.name],
    ['Number', student?.number],
  ] as const) {
    const row = page.addRow([label, value ?? '']);
    if (value === undefined) toFillIn(row.getCell(2));
  }
  page.addRow([]);
  addGivens(page, exercise, numbers, rules);
  page.addRow([]);
  addAnswers(book, page, exercise, numbers, rules);
  for (const keyed of answerKey(exercise, numbers, rules))
    if (keyed.ok && keyed.value.table) addTable(page, keyed.value.table);
  page.columns.forEach((column, at) => {
    column.width = at === 0 ? FIRST_WIDTH : OTHER_WIDTH;
  });
  return as === 'ods' ? odsOf(book) : new Uint8Array(await book.xlsx.writeBuffer());
}

function addGivens(page: Worksheet, exercise: Exercise, numbers: Numbers, { numberStyle }: HouseRules): void {
  const { values } = givensInForce(exercise, numbers, numberStyleById(numberStyle));
  for (const { name, kind } of exercise.givens ?? []) {
    const value = values[name];
    if (value === undefined || kind === 'words') continue;
    const row = page.addRow([titled(name), kind === 'rate' && typeof value === 'number' ? value / 100 : value]);
    row.getCell(2).numFmt = formatOf[kind];
  }
}

function addAnswers(
  book: Workbook,
  page: Worksheet,
  exercise: Exercise,
  numbers: Numbers,
  { numberStyle }: HouseRules,
): void {
  const { written } = givensInForce(exercise, numbers, numberStyleById(numberStyle));
  for (const { id, prompt, ask } of exercise.parts) {
    const row = page.addRow([`Part ${id}: ${fillText(prompt, written)}`]);
    row.getCell(1).alignment = { wrapText: true, vertical: 'top' };
    if (ask.quantity === 'table') continue;
    const cell = row.getCell(2);
    toFillIn(cell);
    book.definedNames.add(`${SHEET}!$B$${row.number}`, `answer_${id}`);
  }
}

function addTable(page: Worksheet, { columns, rows, totals }: KeyTable): void {
  page.addRow([]);
  page.addRow(['No.', ...columns.map(({ name }) => name)]).font = { bold: true };
  for (const cells of rows) put(page, cells[0]?.row ?? 0, columns, cells);
  if (totals.length > 0) put(page, 'Total', columns, totals);
}

function put(page: Worksheet, label: string | number, columns: KeyTable['columns'], cells: readonly KeyCell[]): void {
  const row = page.addRow([label]);
  row.getCell(1).alignment = { horizontal: 'left' };
  for (const [at, { column }] of columns.entries()) {
    const key = cells.find((each) => each.column === column);
    if (!key) continue;
    const cell = row.getCell(at + 2);
    cell.numFmt = key.text === undefined ? MONEY : '@';
    if (key.blank) toFillIn(cell);
    else cell.value = key.text ?? key.value;
  }
}

function toFillIn(cell: Cell): void {
  cell.fill = { type: 'pattern', pattern: 'solid', fgColor: { argb: TO_FILL_IN } };
  cell.border = { bottom: { style: 'thin' } };
}

const titled = (name: string): string => name.slice(0, 1).toUpperCase() + name.slice(1);

/** The name of a student's template in a folder of many: by it the worksheet is matched when it comes back. */
export const templateName = (exercise: Pick<Exercise, 'title'>, student: TemplateStudent): string =>
  fileName(`${student.number} ${student.name} ${exercise.title}`, sheetTemplateFile);

export const sheetTemplateFile = {
  id: 'worksheet-template',
  name: 'a worksheet to be filled in',
  type: WORKBOOK,
  ending: 'xlsx',
  writes: sheetTemplate,
} satisfies FileKind & Record<string, unknown>;
