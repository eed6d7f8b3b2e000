/** Every format that comes in or goes out. Adding one: its file with its record, a line here, its test. */

import { setAsCalendar } from './calendar.ts';
import { rowsCsv } from './csv.ts';
import { exercisesJson } from './exercises.ts';
import { gradebookCsv, gradebookWorkbook } from './gradebook.ts';
import { marksJson, oneRosterResults } from './marks.ts';
import { tableAsCsv, tableAsWorkbook, taughtAsWorkbook } from './tableFiles.ts';
import { returnedSheetFile } from './sheets/sheetReturned.ts';
import { sheetTemplateFile } from './sheets/sheetTemplate.ts';
import { studentSheetFile } from './sheets/sheetFile.ts';
import { paperAsDocx } from './papers/paperDocx.ts';
import { paperAsPdf } from './papers/paperPdf.ts';
import { rowsWorkbook } from './workbook.ts';

/** Each with `reads`, `writes`, or both. */
export const formats = [
  rowsCsv,
  rowsWorkbook,
  studentSheetFile,
  returnedSheetFile,
  sheetTemplateFile,
  exercisesJson,
  tableAsCsv,
  tableAsWorkbook,
  taughtAsWorkbook,
  gradebookCsv,
  gradebookWorkbook,
  oneRosterResults,
  marksJson,
  setAsCalendar,
  paperAsPdf,
  paperAsDocx,
] as const;
